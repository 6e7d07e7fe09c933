import { describe, expect, test } from '@jest/globals'
import {
  CARBONATE_PER_CALCIUM,
  CARBONATE_PER_MAGNESIUM,
  batchFor,
  blend,
  estimatedPh,
  flushVolumeL,
  interpretDrainTest,
  interpretExtract,
  judgePh,
  lastTest,
  limeDose,
  limeKinds,
  limes,
  mixTestSchema,
  phCorrection,
  rechargeMix,
  type MixTest,
} from '.'
import { defaultMeasures, fromUnit, inMeasures } from '../units'
import { mixed, parts, recipe } from '../../test/mixes'

// Standard atomic weights, IUPAC 2021, abridged.
const MASS = { H: 1.008, C: 12.011, O: 15.999, Mg: 24.305, S: 32.06, Ca: 40.078 }
const CARBONATE = MASS.Ca + MASS.C + 3 * MASS.O
const LB_YD3_GL = fromUnit(1, 'mass', 'lb') / fromUnit(1, 'volume', 'yd3')

describe('lime', () => {
  const dose = (id: string, volumeL: number) => limeDose(batchFor(blend(recipe(id)), volumeL))
  const handfuls = (id: string, volumeL: number) =>
    inMeasures(dose(id, volumeL).massG, limes.ground.densityGMl, 'metric', defaultMeasures)

  test('a handful for a large pot, half a handful for a bucket (practice)', () => {
    expect(handfuls('thirds', 38)).toEqual({ measure: 'handful', count: 1 })
    expect(handfuls('thirds', 17)).toEqual({ measure: 'handful', count: 0.5 })
  })
  test('a pound a cubic yard is 0.5933 g/L, and pure peat takes 5–8 of them (practice)', () => {
    expect(LB_YD3_GL).toBeCloseTo(0.5933, 4)
    const { massG, leastG, mostG } = limeDose(batchFor(blend(parts({ peat: 1 })), 100))
    expect(massG / 100 / LB_YD3_GL).toBeGreaterThan(5)
    expect(massG / 100 / LB_YD3_GL).toBeLessThan(8)
    expect(leastG / 100).toBeGreaterThan(3)
    expect(mostG / 100).toBeLessThan(6)
  })
  test('bark takes about half of what peat takes (practice)', () => {
    const of = (id: string) => limeDose(batchFor(blend(parts({ [id]: 1 })), 1)).massG
    expect(of('bark') / of('peat')).toBeGreaterThan(0.35)
    expect(of('bark') / of('peat')).toBeLessThan(0.65)
  })
  test('what the recipe brings is taken off; far too much of it is said', () => {
    const withLime = (amount: number, productId = 'ground') =>
      limeDose(
        batchFor(
          blend({
            ...parts({ peat: 1 }),
            amendments: [{ productId, amount, unit: 'gramsPerLitre' }],
          }),
          100,
        ),
      )
    const without = limeDose(batchFor(blend(parts({ peat: 1 })), 100))
    expect(withLime(2).massG).toBeCloseTo(without.massG - 200, 6)
    expect(withLime(2).reasons.map(({ code }) => code)).toContain('lime.recipeBrings')
    // A shell does a third of what ground limestone does in a season.
    expect(withLime(2, 'eggshell').massG).toBeGreaterThan(withLime(2).massG)
    expect(withLime(2)).toMatchObject({ isTooMuch: false })
    // A cup of it, 20 g/L.
    expect(withLime(20)).toMatchObject({ massG: 0, isTooMuch: true })
    expect(withLime(20).reasons[0]!.code).toBe('lime.recipeTooMuch')
    expect(withLime(2, 'neemCake').massG).toBe(without.massG)
  })
  test('coir, compost and loam take none', () => {
    expect(dose('plainEarth', 50).massG).toBe(0)
    expect(dose('thirdsCoir', 50).reasons[0]!.code).toBe('lime.none')
    expect(dose('allCompost', 50).reasons[0]!.code).toBe('lime.alkaline')
  })
  test('kinds by their formula mass, and never less than the acid wants', () => {
    const dolomite = MASS.Ca + MASS.Mg + 2 * (MASS.C + 3 * MASS.O)
    const hydrate = MASS.Ca + 2 * (MASS.O + MASS.H)
    expect(limes.dolomitic.neutralisingValue).toBeCloseTo((2 * CARBONATE) / dolomite, 2)
    expect(limes.hydrated.neutralisingValue).toBeCloseTo(CARBONATE / hydrate, 2)
    const batch = batchFor(blend(recipe('halfEarth')), 35)
    const ground = limeDose(batch).massG
    for (const kind of limeKinds) {
      const { massG } = limeDose(batch, kind)
      const { neutralisingValue, workingShare } = limes[kind]
      expect(massG * neutralisingValue * workingShare).toBeCloseTo(ground, 6)
    }
    expect(limeDose(batch, 'woodAsh').kind.caution).toBe('woodAsh')
  })
})

describe('pH', () => {
  test('lies between those of its parts; two that buffer alike meet in the middle', () => {
    const even = estimatedPh(blend(parts({ compost: 1, castings: 1 })))
    expect(even).toBeCloseTo((7.3 + 7.0) / 2, 9)
    const { ph } = { ph: estimatedPh(blend(recipe('thirds'))) }
    expect(ph).toBeGreaterThan(3.8)
    expect(ph).toBeLessThan(7.3)
    // Perlite hardly pulls, however much of it there is.
    expect(estimatedPh(blend(parts({ peat: 1, perlite: 4 })))).toBeLessThan(4.1)
  })
  test('6.0 to 6.8 is right, and then nothing is added (practice: never calcium without pH)', () => {
    expect([5.4, 6.0, 6.4, 6.8, 7.4].map(judgePh)).toEqual([
      'acid',
      'good',
      'good',
      'good',
      'alkaline',
    ])
    const right = phCorrection(6.5, 1.2, 30)
    expect([right.limeG, right.sulphurG]).toEqual([0, 0])
    expect(right.reasons.map(({ code }) => code)).toContain('ph.noHabit')
  })
  test('by hand: pH 5.4 at 1.2 g/L for one in 30 L takes 36 g; far off in steps', () => {
    expect(phCorrection(5.4, 1.2, 30).limeG).toBeCloseTo(36, 9)
    const far = phCorrection(4.2, 2, 30)
    expect(far.limeG).toBe(60)
    expect(far.reasons.map(({ code }) => code)).toContain('ph.inSteps')
  })
  test('sulphur by formula mass: one S makes the acid that one carbonate takes up', () => {
    const { sulphurG, limeG } = phCorrection(7.4, 1, 10)
    expect(limeG).toBe(0)
    expect(sulphurG).toBeCloseTo((10 * 1 * 1 * MASS.S) / CARBONATE, 2)
  })
})

describe('kitchen tests', () => {
  test('pour and drain by hand: 3 L of mix take 2.4 L and give back 0.6 L', () => {
    const { totalPorosity, airSpace, containerCapacity } = interpretDrainTest({
      potL: 3,
      waterInL: 2.1,
      waterOutL: 0.6,
      startWaterL: 0.3,
    })
    expect(totalPorosity).toBeCloseTo(0.8, 12)
    expect(airSpace).toBeCloseTo(0.2, 12)
    // What went in is what was held and what drained.
    expect(containerCapacity * 3 + airSpace * 3).toBeCloseTo(2.1 + 0.3, 12)
  })
  test('more out than in, or more in than the pot, is refused at its field', () => {
    const given = { potL: 3, waterInL: 1, waterOutL: 1.2 }
    expect(() => interpretDrainTest(given)).toThrow(
      expect.objectContaining({ code: 'moreOutThanIn', params: { inL: 1, outL: 1.2 } }),
    )
    expect(() => interpretDrainTest({ potL: 3, waterInL: 3.2, waterOutL: 1 })).toThrow(
      expect.objectContaining({ code: 'moreInThanPot' }),
    )
    const test = {
      id: 't',
      at: '2026-06-01T10:00',
      of: 'recipe',
      testedId: 'thirds',
      kind: 'drain',
      heightMm: 150,
      startWaterL: 0,
      ...given,
    }
    expect(mixTestSchema.safeParse(test).error?.issues[0]).toMatchObject({
      path: ['waterOutL'],
      params: { code: 'moreOutThanIn' },
    })
    const loss = { ...test, kind: 'shrinkage', looseL: 10, mixedL: 11 }
    expect(mixTestSchema.safeParse(loss).error?.issues[0]?.path).toEqual(['mixedL'])
  })
  test('a reading of 1.0 in one to two is a good mix, 2.0 is salty; a poured 2.0 is good (memory)', () => {
    expect(interpretExtract('oneToTwo', 1).verdict).toBe('good')
    expect(interpretExtract('oneToTwo', 2).verdict).toBe('salty')
    expect(interpretExtract('oneToTwo', 0.2).verdict).toBe('poor')
    expect(interpretExtract('pourThrough', 2).verdict).toBe('good')
  })
  test('the last test of its kind and thing counts', () => {
    const made = (
      id: string,
      at: string,
      squeeze: 'dusty' | 'holds',
      testedId = 'thirds',
    ): MixTest => ({
      id,
      at,
      kind: 'squeeze',
      of: 'recipe',
      testedId,
      squeeze,
    })
    const tests = [
      made('b', '2026-06-02T08:00', 'holds'),
      made('a', '2026-06-01T08:00', 'dusty'),
      made('c', '2026-06-09T08:00', 'dusty', 'plainEarth'),
    ]
    expect(lastTest(tests, 'squeeze', 'recipe', 'thirds')?.id).toBe('b')
    expect(lastTest(tests, 'drain', 'recipe', 'thirds')).toBeUndefined()
  })
})

describe('old mix', () => {
  const old = {
    mix: mixed('thirds'),
    fillVolumeL: 20,
    seasons: 1,
    trouble: 'none',
    isSunken: false,
    waterEcDsM: 0,
  } as const

  test('washing halves the salt with as much as ln 2 of what the pot holds', () => {
    expect(flushVolumeL(10, 4, 0, 2)).toBeCloseTo(10 * Math.LN2, 9)
    expect(flushVolumeL(10, 1, 0, 2)).toBe(0)
    expect(flushVolumeL(10, 4, 2.5, 2)).toBe(Infinity)
  })
  test('settled litres are topped up, with at least a fifth of compost (practice)', () => {
    const once = rechargeMix(old)
    const thrice = rechargeMix({ ...old, seasons: 3 })
    expect(once.verdict).toBe('recharge')
    expect(thrice.topUpL).toBeGreaterThan(2 * once.topUpL)
    expect(once.compostL).toBeGreaterThanOrEqual(4)
    expect(once.nitrogenG).toBeGreaterThan(0)
  })
  test('after blight or wilt not for tomatoes and peppers again, whatever else', () => {
    for (const trouble of ['blight', 'wilt', 'nematodes'] as const) {
      const refused = rechargeMix({ ...old, trouble })
      expect(refused.verdict).toBe('notForThese')
      expect(refused.reasons[0]!.code).toBe(`oldMix.${trouble}`)
    }
  })
  test('salty is washed first; a pot is renewed after three seasons, a sunken one after five', () => {
    const salty = rechargeMix({ ...old, extract: { method: 'oneToTwo', ecDsM: 2.4 } })
    expect(salty.verdict).toBe('flushFirst')
    expect(salty.flushL).toBeGreaterThan(5)
    expect(rechargeMix({ ...old, seasons: 4 }).verdict).toBe('renew')
    expect(rechargeMix({ ...old, seasons: 5, isSunken: true }).verdict).toBe('recharge')
    expect(rechargeMix({ ...old, seasons: 6, isSunken: true }).verdict).toBe('renew')
  })
})

test('lime by its calcium or magnesium: of the formula 40.0 % and 24.3 % (IUPAC 2021 atomic weights)', () => {
  // CaCO₃ 40.078 + 12.011 + 3 × 15.999; MgCO₃ counts as the calcium carbonate that neutralizes as much.
  const carbonate = 40.078 + 12.011 + 3 * 15.999
  expect(1 / CARBONATE_PER_CALCIUM).toBeCloseTo(40.078 / carbonate, 4)
  expect(CARBONATE_PER_MAGNESIUM).toBeCloseTo(carbonate / 24.305, 3)
})
