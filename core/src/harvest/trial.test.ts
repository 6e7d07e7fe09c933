import { describe, expect, test } from '@jest/globals'
import { randomGamma, randomLcg, randomNormal, randomPoisson } from 'd3-random'
import { tTestTwoSample } from 'simple-statistics'
import { compareTrial, planTrial } from '.'

describe('worked examples', () => {
  // Student's sleep data (Student 1908, Biometrika 6:1–25), the textbook case of both tests:
  // hours of sleep gained by ten patients under two drugs. Paired t = −4.0621 on 9 degrees,
  // 95 % interval of the difference −2.4599 to −0.7001; Welch t = −1.8608 on 17.776 degrees,
  // interval −3.3655 to 0.2055 (as R's t.test prints them).
  const first = [0.7, -1.6, -0.2, -1.2, -0.1, 3.4, 3.7, 0.8, 0, 2]
  const second = [1.9, 0.8, 1.1, 0.1, -0.1, 4.4, 5.5, 1.6, 4.6, 3.4]
  // Logarithms of masses: what is compared is then just these numbers.
  const [a, b] = [first, second].map((side) => side.map(Math.exp)) as [number[], number[]]
  const logs = ({ interval }: { interval: readonly [number, number] }) => interval.map(Math.log)
  test('Welch on logarithms', () => {
    const { interval, verdict, method } = compareTrial({ a, b, kind: 'mass' })
    expect(logs({ interval })[0]).toBeCloseTo(-3.3655, 3)
    expect(logs({ interval })[1]).toBeCloseTo(0.2055, 3)
    expect([verdict, method]).toEqual(['cannotTell', 'welchLog'])
  })
  test('paired t on logarithms', () => {
    const { interval, verdict, method } = compareTrial({ a, b, kind: 'mass', paired: true })
    expect(logs({ interval })[0]).toBeCloseTo(-2.4599, 3)
    expect(logs({ interval })[1]).toBeCloseTo(-0.7001, 3)
    expect([verdict, method]).toEqual(['less', 'pairedLog'])
  })
  test('16 fruits on one plant beside twice that on another: cannot tell (practice)', () => {
    expect(compareTrial({ a: [32], b: [16], kind: 'count' })).toMatchObject({
      ratio: 2,
      difference: 16,
      verdict: 'cannotTell',
      method: 'tooFew',
    })
  })
  test('counts: three plants with many beside three with few are told apart, chance is not', () => {
    expect(compareTrial({ a: [40, 46, 43], b: [12, 15, 14], kind: 'count' }).verdict).toBe('more')
    expect(compareTrial({ a: [14, 16, 15], b: [12, 15, 14], kind: 'count' }).verdict).toBe(
      'cannotTell',
    )
    const wild = compareTrial({ a: [5, 80, 44], b: [12, 15, 14], kind: 'count' }).interval
    const calm = compareTrial({ a: [40, 46, 43], b: [12, 15, 14], kind: 'count' }).interval
    expect(wild[1] / wild[0]).toBeGreaterThan(calm[1] / calm[0])
  })
  test('zeros are data: a plant that gave nothing has no logarithm, and is not left out', () => {
    const { method, interval, ratio } = compareTrial({
      a: [2, 2.2, 0, 2.1],
      b: [1, 1.1, 0.9, 1],
      kind: 'mass',
    })
    expect(method).toBe('fieller')
    expect(ratio).toBeCloseTo(1.575, 6)
    expect(interval[0]).toBeLessThan(1)
    expect(interval[1]).toBeGreaterThan(ratio)
    expect(compareTrial({ a: [1, 2], b: [0, 0], kind: 'mass' }).verdict).toBe('cannotTell')
    expect(compareTrial({ a: [0, 0], b: [0, 0], kind: 'count' }).verdict).toBe('cannotTell')
  })
  test('what is no number is refused, and pairs that do not come out even', () => {
    const code = (work: () => unknown) => {
      try {
        work()
      } catch (error) {
        return (error as { code: string }).code
      }
      return undefined
    }
    expect(code(() => compareTrial({ a: [1, NaN], b: [1, 2], kind: 'mass' }))).toBe('trialNumbers')
    expect(code(() => compareTrial({ a: [1, -1], b: [1, 2], kind: 'mass' }))).toBe('trialNumbers')
    expect(code(() => compareTrial({ a: [1, 2, 3], b: [1, 2], kind: 'mass', paired: true }))).toBe(
      'trialPairs',
    )
  })
  test('swapping the sides turns the interval over', () => {
    for (const kind of ['mass', 'count'] as const) {
      const there = compareTrial({ a: [3, 4, 6], b: [2, 3, 3], kind }).interval
      const back = compareTrial({ a: [2, 3, 3], b: [3, 4, 6], kind }).interval
      expect(there[0] * back[1]).toBeCloseTo(1, 6)
      expect(there[1] * back[0]).toBeCloseTo(1, 6)
    }
  })
})

describe('by simulation, 95 of 100 intervals hold the truth', () => {
  const RUNS = 3000
  const covered = (
    draw: (side: number) => number,
    n: number,
    kind: 'mass' | 'count',
    truth: number,
  ) => {
    let held = 0
    for (let run = 0; run < RUNS; run++) {
      const [a, b] = [0, 1].map((side) => Array.from({ length: n }, () => draw(side))) as [
        number[],
        number[],
      ]
      const { interval } = compareTrial({ a, b, kind })
      if (interval[0] <= truth && truth <= interval[1]) held++
    }
    return held / RUNS
  }
  test.each([2, 3, 5, 10])('masses spread by 30 %%, %i plants each', (n) => {
    const normal = randomNormal.source(randomLcg(0.31))(0, 0.3)
    const share = covered((side) => (side ? 1 : 1.4) * Math.exp(normal()), n, 'mass', 1.4)
    expect(share).toBeGreaterThan(0.93)
    expect(share).toBeLessThan(0.97)
  })
  test.each([2, 3, 5, 10])(
    'counts of 30 fruits, a little more spread than by chance, %i plants each',
    (n) => {
      // A gamma of means makes the variance 1.4 times the mean.
      const source = randomLcg(0.47)
      const gamma = randomGamma.source(source)(75, 0.4)
      const draw = (side: number) => randomPoisson.source(source)(gamma() * (side ? 1 : 1.4))()
      const share = covered(draw, n, 'count', 1.4)
      expect(share).toBeGreaterThan(0.925)
      expect(share).toBeLessThan(0.97)
    },
  )
})

describe('planning a trial', () => {
  test('one plant each tells nothing, more tell finer differences, wilder plants coarser ones', () => {
    expect(planTrial({ plantsEach: 1 }).tellsShare).toBe(Infinity)
    const tells = [2, 3, 5, 10, 40].map((plantsEach) => planTrial({ plantsEach }).tellsShare)
    expect(tells).toEqual([...tells].sort((one, other) => other - one))
    expect(planTrial({ plantsEach: 5, sdShare: 0.5 }).tellsShare).toBeGreaterThan(tells[2]!)
  })
  test('with many plants it is the closed form of the normal distribution', () => {
    // (1.9600 + 0.8416) · sd · √(2/n), the sum of quantiles of every statistics table.
    const { tellsShare } = planTrial({ plantsEach: 400, sdShare: 0.2 })
    expect(Math.log1p(tellsShare)).toBeCloseTo(
      2.8016 * Math.sqrt(Math.log(1.04)) * Math.sqrt(2 / 400),
      3,
    )
  })
  test('what it promises is what trials of that size tell', () => {
    const plantsEach = 6
    const { tellsShare } = planTrial({ plantsEach })
    const normal = randomNormal.source(randomLcg(0.6))(0, Math.sqrt(Math.log1p(0.09)))
    let told = 0
    const RUNS = 1500
    for (let run = 0; run < RUNS; run++) {
      const side = (times: number) =>
        Array.from({ length: plantsEach }, () => times * Math.exp(normal()))
      if (compareTrial({ a: side(1 + tellsShare), b: side(1), kind: 'mass' }).verdict === 'more')
        told++
    }
    expect(told / RUNS).toBeGreaterThan(0.75)
    expect(told / RUNS).toBeLessThan(0.87)
  })
})

describe('beside a second library', () => {
  test('the pooled test of two masses is that of simple-statistics on their logarithms', () => {
    const [a, b] = [
      [1.9, 2.6, 2.2],
      [1.4, 1.7, 1.1],
    ] as const
    const { interval, ratio, method } = compareTrial({ a, b, kind: 'mass' })
    expect(method).toBe('pooledLog')
    const t = tTestTwoSample(a.map(Math.log), b.map(Math.log))!
    const middle = (Math.log(interval[0]) + Math.log(interval[1])) / 2
    const half = (Math.log(interval[1]) - Math.log(interval[0])) / 2
    // 2.7764 is t for 97.5 % on 4 degrees, as every table has it.
    expect(middle / (half / 2.7764)).toBeCloseTo(t, 3)
    expect(ratio).toBeGreaterThan(interval[0])
  })
  test('the ratio of two counts is that of two gamma distributions, drawn by d3-random', () => {
    const { interval } = compareTrial({ a: [20, 20], b: [10, 10], kind: 'count' })
    const source = randomLcg(0.19)
    const [more, less] = [40.5, 20.5].map((shape) => randomGamma.source(source)(shape, 1))
    const ratios = Array.from({ length: 100_000 }, () => more!() / less!()).sort((x, y) => x - y)
    expect(interval[0]).toBeCloseTo(ratios[2500]!, 1)
    expect(interval[1]).toBeCloseTo(ratios[97_500]!, 1)
  })
})
