// A filter is checked against pots of which the truth is known because they are made up.
import { describe, expect, test } from '@jest/globals'
import { cumulativeStdNormalProbability } from 'simple-statistics'
import { randomLcg, randomNormal } from 'd3-random'
import { steadyWeather, wateredPot } from '../../../test/pots'
import { HOURS_A_DAY } from '../../weather'
import {
  assimilate,
  dailyVisits,
  feelShares,
  KNUCKLE_MM,
  MORNING_H,
  mostTelling,
  normalShare,
  PRIOR_SD,
  simulateWater,
  suctionAtDepthCm,
  type WaterTest,
} from '..'

const DAYS = 26
const { pot, table } = wateredPot('bucket', 'thirds')
const weather = steadyWeather(DAYS, 5)
const hours = DAYS * HOURS_A_DAY
/** What the gardener gives by habit, whatever the pot drinks: generous beside the plan of the model. */
const givenL = simulateWater(pot, weather, {
  givenL: new Float64Array(hours),
  visitH: dailyVisits(hours),
}).givenL.map((litres) => litres * 1.4)
const events = { givenL, visitH: new Uint8Array(hours) }

/** A pot of such thirst, and what would be found of it. */
function found(thirst: number, capacity: number, seed: number, count: number) {
  const truth = simulateWater(pot, weather, events, { thirst, capacity })
  const uniform = randomLcg(seed)
  const normal = randomNormal.source(uniform)(0, 1)
  return Array.from({ length: count }, (_, index): WaterTest => {
    const hour = (index * 2 + 2) * HOURS_A_DAY + (index % 2 ? 7 : 18)
    const missingL = truth.missingL[hour - 1]!
    if (index % 3 === 0)
      return { hour, kind: 'weigh', missingL: missingL + 0.25 * normal(), sdL: 0.25 }
    const knuckle = index % 3 === 1 ? 'second' : 'first'
    const suction = suctionAtDepthCm(table, truth.driestShare[hour - 1]!, KNUCKLE_MM[knuckle])
    const [dry, moist] = feelShares(suction, knuckle)
    const chance = uniform()
    const feel = chance < dry ? 'dry' : chance < dry + moist ? 'moist' : 'wet'
    return { hour, kind: 'finger', knuckle, feel }
  })
}
const learn = (tests: readonly WaterTest[], seed = 0.5) =>
  assimilate(pot, weather, events, tests, { seed, from: 0, to: hours, table })

test('the area below the normal curve is that of a general-purpose library', () => {
  for (const z of [-2.5, -1, -0.3, 0, 0.7, 1.6])
    expect(normalShare(z)).toBeCloseTo(cumulativeStdNormalProbability(z), 3)
})

describe('a finger', () => {
  test('feels one of three, wetter where less is pulled', () => {
    for (const suction of [5, 30, 60, 300]) {
      const shares = feelShares(suction, 'second')
      expect(shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9)
    }
    expect(feelShares(8, 'second')[2]).toBeGreaterThan(0.9)
    expect(feelShares(45, 'second')[1]).toBeGreaterThan(0.6)
    expect(feelShares(250, 'second')[0]).toBeGreaterThan(0.9)
  })
  test('in a drained bucket feels moist or wet, past the buffer dry (practice)', () => {
    const [dryFull] = feelShares(suctionAtDepthCm(table, 0, 50), 'second')
    expect(dryFull).toBeLessThan(0.1)
    const usedShare = (pot.easyL + pot.bufferL) / pot.availableL
    const [dryUsed] = feelShares(suctionAtDepthCm(table, usedShare, 50), 'second')
    expect(dryUsed).toBeGreaterThan(0.75)
  })
})

describe('twelve tests', () => {
  test('find a pot that drinks 1.3 of the model within a tenth', () => {
    const learned = learn(found(1.3, 1, 0.11, 12))
    expect(learned.testCount).toBe(12)
    expect(Math.abs(learned.thirst.mean / 1.3 - 1)).toBeLessThan(0.1)
    expect(learned.thirst.sd).toBeLessThan(PRIOR_SD.thirst / 2)
  })
  test('over 160 pots the interval of four in five covers the truth about so often', () => {
    const uniform = randomLcg(0.77)
    const normal = randomNormal.source(uniform)(0, 1)
    const POTS = 160
    let [covered, near] = [0, 0]
    for (let index = 0; index < POTS; index++) {
      const thirst = Math.exp(PRIOR_SD.thirst * normal())
      const capacity = Math.exp(PRIOR_SD.capacity * normal())
      const tests = found(thirst, capacity, (0.13 + index * 0.7549) % 1, 12)
      const learned = learn(tests, (0.41 + index * 0.5698) % 1).thirst
      if (Math.abs(learned.mean - thirst) < 1.2816 * learned.sd) covered++
      if (Math.abs(learned.mean / thirst - 1) < 0.1) near++
    }
    // Three standard deviations of a binomial of 160 and 0.8 are 0.095.
    expect(covered / POTS).toBeGreaterThan(0.705)
    expect(covered / POTS).toBeLessThan(0.895)
    expect(near / POTS).toBeGreaterThan(0.7)
  })
})

describe('what was learned', () => {
  test('without a test is what was thought before', () => {
    const { thirst, capacity, testCount } = learn(found(1, 1, 0.3, 0))
    expect(testCount).toBe(0)
    expect(thirst.mean).toBeCloseTo(1, 0)
    expect(thirst.sd).toBeCloseTo(PRIOR_SD.thirst, 1)
    expect(capacity.sd).toBeCloseTo(PRIOR_SD.capacity, 1)
  })
  test('is the same for the same seed, and narrows the band where a test was', () => {
    const tests = found(1, 1, 0.3, 12)
    expect(learn(tests).thirst).toEqual(learn(tests).thirst)
    const [blind, seen] = [learn([]), learn(tests)]
    expect(seen.sdMissingL[hours - 1]!).toBeLessThan(0.7 * blind.sdMissingL[hours - 1]!)
    expect(seen.corrections.map(({ hour }) => hour)).toEqual(tests.map(({ hour }) => hour))
  })
  test('is not thrown by a probe that jumps, and learns from one that does not', () => {
    const truth = simulateWater(pot, weather, events, { thirst: 1.3 })
    const reading = (hour: number, more = 0): WaterTest => ({
      kind: 'probe',
      hour,
      depthMm: 120,
      moistureShare:
        table.waterShareAt(suctionAtDepthCm(table, truth.driestShare[hour - 1]!, 120)) + more,
    })
    const readings = Array.from({ length: 60 }, (_, index) => reading(24 + index * 6))
    const jumping = readings.map((one, index) => (index % 15 === 7 ? reading(one.hour, 0.4) : one))
    expect(Math.abs(learn(readings).thirst.mean / 1.3 - 1)).toBeLessThan(0.1)
    expect(Math.abs(learn(jumping).thirst.mean / 1.3 - 1)).toBeLessThan(0.12)
  })
  test('refuses a test from before planting', () =>
    expect(() =>
      assimilate(pot, weather, events, found(1, 1, 0.2, 2), {
        seed: 0.1,
        from: 100,
        to: hours,
        table,
      }),
    ).toThrow(expect.objectContaining({ code: 'testBeforePlanting' })))
})

test('the test that would tell most is one whose answer is not known before', () => {
  const { particles } = learn(found(1, 1, 0.4, 3))
  const now = (DAYS - 3) * HOURS_A_DAY + 7
  const asked = mostTelling(pot, weather, events, particles, table, now)!
  expect(asked.bits).toBeGreaterThan(0.05)
  expect(asked.hour).toBeGreaterThanOrEqual(now)
  const certain = particles.map((one) => ({
    ...one,
    thirst: 1,
    capacity: 1,
    finger: 1,
    state: particles[0]!.state,
  }))
  expect(mostTelling(pot, weather, events, certain, table, now)!.bits).toBeCloseTo(0, 6)
})

describe('gardeners', () => {
  /** Filled to the drip every morning, whatever that takes. */
  const filledL = new Float64Array(hours).map((_, hour) =>
    hour % HOURS_A_DAY === MORNING_H ? 40 : 0,
  )
  const planned = simulateWater(pot, weather, {
    givenL: new Float64Array(hours),
    visitH: dailyVisits(hours),
  }).givenL
  const unwritten = { givenL: new Float64Array(hours), visitH: dailyVisits(hours) }
  const fillH = Uint8Array.from(filledL, (litres) => (litres > 0 ? 1 : 0))
  const someL = filledL.map((litres) => (litres > 0 ? 0.5 : 0))

  /** Twelve readings of a pot: by the scale, or by a finger that feels otherwise than most. */
  function readings(thirst: number, capacity: number, seed: number, finger?: number): WaterTest[] {
    const givenL = finger === undefined ? filledL : events.givenL
    const truth = simulateWater(pot, weather, { ...events, givenL }, { thirst, capacity })
    const uniform = randomLcg(seed)
    const normal = randomNormal.source(uniform)(0, 1)
    return Array.from({ length: 12 }, (_, index): WaterTest => {
      const hour = (index * 2 + 2) * HOURS_A_DAY + (index % 2 ? 7 : 18)
      const missingL = truth.missingL[hour - 1]! + 0.25 * normal()
      if (finger === undefined) return { hour, kind: 'weigh', missingL, sdL: 0.25 }
      const knuckle = index % 2 ? 'second' : 'first'
      const suction = suctionAtDepthCm(table, truth.driestShare[hour - 1]!, KNUCKLE_MM[knuckle])
      const [dry, moist] = feelShares(suction * finger, knuckle)
      const chance = uniform()
      const feel = chance < dry ? 'dry' : chance < dry + moist ? 'moist' : 'wet'
      return { hour, kind: 'finger', knuckle, feel }
    })
  }
  const ofHabit = { seed: 0.4, from: 0, to: hours, table }

  test.each([1, 1.3, 1.6])(
    'who fills it every morning and writes nothing: %d is found within a tenth',
    (thirst) => {
      const found = [0.1, 0.3, 0.5, 0.7].map((seed) =>
        assimilate(pot, weather, { givenL: planned }, readings(thirst, 1, seed), {
          ...ofHabit,
          written: unwritten,
        }),
      )
      const mean = found.reduce((sum, one) => sum + one.thirst.mean, 0) / found.length
      expect(Math.abs(mean / thirst - 1)).toBeLessThan(0.1)
    },
  )
  test.each([1, 1.3, 1.6])(
    'a can given until it dripped, the litres a guess: %d is found within a tenth',
    (thirst) => {
      const found = [0.1, 0.3, 0.5, 0.7].map((seed) =>
        assimilate(pot, weather, { givenL: someL, fillH }, readings(thirst, 1, seed), ofHabit),
      )
      const mean = found.reduce((sum, one) => sum + one.thirst.mean, 0) / found.length
      expect(Math.abs(mean / thirst - 1)).toBeLessThan(0.1)
    },
  )

  test('a habit is told once the tests are clear of it, and not before', () => {
    const told = (tests: readonly WaterTest[]) =>
      assimilate(pot, weather, { givenL: planned }, tests, { ...ofHabit, written: unwritten })
    expect(told(readings(1, 1, 0.3)).habit).toBe('everyMorning')
    expect(told([]).habit).toBe('asPlanned')
  })
  test('a scale that finds a pot full which nobody filled is a surprise, one that agrees is none', () => {
    const hour = 10 * HOURS_A_DAY
    const dry = { givenL: new Float64Array(hours) }
    const { missingL } = simulateWater(pot, weather, { ...dry, visitH: new Uint8Array(hours) })
    const weighed = (litres: number): WaterTest => ({
      hour,
      kind: 'weigh',
      missingL: litres,
      sdL: 0.2,
    })
    const surprisesOf = (test: WaterTest) =>
      assimilate(pot, weather, dry, [test], { ...ofHabit, to: hour + 1 }).surprises
    const [surprise] = surprisesOf(weighed(0.1))
    expect(surprise!.expectedL).toBeGreaterThan(surprise!.foundL + 1)
    expect(surprisesOf(weighed(missingL[hour - 1]!))).toEqual([])
  })

  /** Over many made-up pots, in how many the interval of four in five holds the truth. */
  function coverage(
    learnOf: (thirst: number, capacity: number, seed: number, finger: number) => number[],
  ) {
    const uniform = randomLcg(0.21)
    const normal = randomNormal.source(uniform)(0, 1)
    const POTS = 100
    let covered = 0
    for (let index = 0; index < POTS; index++) {
      const thirst = Math.exp(PRIOR_SD.thirst * normal())
      const capacity = Math.exp(PRIOR_SD.capacity * normal())
      const finger = Math.exp(Math.log(4 / 3) * normal())
      const [mean, sd] = learnOf(thirst, capacity, (0.13 + index * 0.7549) % 1, finger)
      if (Math.abs(mean! - thirst) < 1.2816 * sd!) covered++
    }
    return covered / POTS
  }
  // Two standard deviations of a binomial of 100 and 0.8 are 0.08.
  test('fingers that differ by a third between people: four in five hold', () => {
    const share = coverage((thirst, capacity, seed, finger) => {
      const { mean, sd } = learn(readings(thirst, capacity, seed, finger), seed).thirst
      return [mean, sd]
    })
    expect(share).toBeGreaterThan(0.72)
    expect(share).toBeLessThan(0.92)
  })
  test('filled every morning without a word: four in five hold', () => {
    const share = coverage((thirst, capacity, seed) => {
      const options = { ...ofHabit, seed, written: unwritten }
      const tests = readings(thirst, capacity, seed)
      const { mean, sd } = assimilate(pot, weather, { givenL: planned }, tests, options).thirst
      return [mean, sd]
    })
    expect(share).toBeGreaterThan(0.7)
    expect(share).toBeLessThan(0.92)
  })
})
