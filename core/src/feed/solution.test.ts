// Strength and salt of solutions, and what falls out of them.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { feed, soluble } from '../../test/feeding'
import { units } from '../units'
import {
  canMix,
  ecOfGramL,
  INJECTOR_RATIOS,
  nutrients,
  solutionStrength,
  stockTanks,
  usualWater,
  type InLitre,
} from '.'

const pure = { kind: 'rain', ecDsM: 0, caMgL: 0, mgMgL: 0 } as const
const { factor: gallonL } = units.volume.usGallon
const { factor: ounceG } = units.mass.oz

describe('parts per million', () => {
  test('a gram of 20 % nitrogen in a litre is 200 ppm (worked example of extension bulletins)', () => {
    const { ppm } = solutionStrength([{ product: soluble('x', { n: 20 }), gramsL: 1 }], pure)
    expect(ppm.n).toBeCloseTo(200, 9)
  })
  test('an ounce of a pure salt in a hundred US gallons is 75 ppm (the usual rule of thumb)', () => {
    const product = soluble('x', { n: 100 })
    const gramsL = ounceG / (100 * gallonL)
    expect(solutionStrength([{ product, gramsL }], pure).ppm.n).toBeCloseTo(75, 0)
  })
  test('what the water brings is counted in, and feeds add up', () => {
    const one = { product: feed('calciumNitrate'), gramsL: 0.6 }
    const other = { product: feed('epsomSalt'), gramsL: 0.4 }
    const both = solutionStrength([one, other], usualWater.tap)
    const [first, second] = [one, other].map((each) => solutionStrength([each], pure))
    expect(both.ppm.ca).toBeCloseTo(first!.ppm.ca + usualWater.tap.caMgL, 9)
    expect(both.ppm.mg).toBeCloseTo(second!.ppm.mg + usualWater.tap.mgMgL, 9)
    expect(both.ecDsM).toBeCloseTo(first!.ecDsM + second!.ecDsM + usualWater.tap.ecDsM, 9)
  })
  test('twice as much is twice as strong', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 5, noNaN: true }), (gramsL) => {
        const product = feed('balancedSoluble')
        const one = solutionStrength([{ product, gramsL }], pure)
        const two = solutionStrength([{ product, gramsL: 2 * gramsL }], pure)
        for (const nutrient of nutrients)
          expect(two.ppm[nutrient]).toBeCloseTo(2 * one.ppm[nutrient], 6)
        expect(two.ecDsM).toBeCloseTo(2 * one.ecDsM, 6)
      }),
    ))
  test('less than nothing is refused', () =>
    expect(() => solutionStrength([{ product: feed('tomatoFeed'), gramsL: -1 }])).toThrow(
      expect.objectContaining({ code: 'negativeAmount' }),
    ))
})

/**
 * Hoagland & Arnon 1950, California Agricultural Experiment Station Circular 347,
 * solution 1, at half strength: KNO3 2.5, Ca(NO3)2·4H2O 2.5, MgSO4·7H2O 1 and
 * KH2PO4 0.5 mmol/L. Formula masses from IUPAC atomic weights.
 */
const hoagland: InLitre[] = [
  { product: feed('potassiumNitrate'), gramsL: 2.5 * 0.101103 },
  {
    product: soluble('tetrahydrate', {
      n: (100 * 2 * 14.007) / 236.149,
      ca: (100 * 40.078) / 236.149,
    }),
    gramsL: 2.5 * 0.236149,
  },
  { product: feed('epsomSalt'), gramsL: 0.246475 },
  { product: feed('monopotassiumPhosphate'), gramsL: 0.5 * 0.136086 },
]

describe('a half-strength Hoagland solution', () => {
  const strength = solutionStrength(hoagland, pure)
  test('has the composition that is published: N 105, P 15.5, K 117, Ca 100, Mg 24 mg/L', () => {
    const published = { n: 105, p: 15.5, k: 117, ca: 100, mg: 24.3 }
    for (const nutrient of nutrients)
      expect(strength.ppm[nutrient] / published[nutrient]).toBeCloseTo(1, 1)
  })
  test('has an EC of about 1 dS/m, within a fifth (published as about 1; measured 0.9–1.2, memory)', () => {
    expect(strength.ecDsM).toBeGreaterThan(0.8)
    expect(strength.ecDsM).toBeLessThan(1.2)
  })
  test('goes together in the can, and not in a stock of a hundred times', () => {
    expect(canMix(hoagland, pure)).toEqual([])
    const strong = hoagland.map((one) => ({ ...one, gramsL: one.gramsL * 101 }))
    expect(canMix(strong, pure).map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['gypsum', 'calciumPhosphate']),
    )
  })
  test('as stock parts into two tanks at every ratio up to 1:200, calcium by itself', () => {
    for (const ratio of INJECTOR_RATIOS) {
      const { tanks, faults } = stockTanks(hoagland, ratio, pure)
      expect(faults).toEqual([])
      if (ratio < 50) continue
      expect(tanks.map(({ name }) => name)).toEqual(['a', 'b'])
      expect(tanks[0]!.feeds.every(({ product }) => (product.analysis.ca ?? 0) > 0)).toBe(true)
    }
  })
})

describe('what cannot be in one tank', () => {
  const kinds = (feeds: readonly InLitre[]) => canMix(feeds, pure).map(({ kind }) => kind)
  test('calcium nitrate with Epsom salt, strong (practice: the two-tank rule)', () => {
    expect(
      kinds([
        { product: feed('calciumNitrate'), gramsL: 100 },
        { product: feed('epsomSalt'), gramsL: 60 },
      ]),
    ).toEqual(['gypsum'])
  })
  test('calcium nitrate with phosphate, strong', () => {
    expect(
      kinds([
        { product: feed('calciumNitrate'), gramsL: 100 },
        { product: feed('monopotassiumPhosphate'), gramsL: 20 },
      ]),
    ).toEqual(['calciumPhosphate'])
  })
  test('little of one ion bears much of the other: it is the product of both that decides', () => {
    // Gypsum dissolves to 14 mmol/L of each (CRC Handbook): a product of 196.
    const with_ = (calciumGL: number, epsomGL: number) =>
      kinds([
        { product: feed('calciumNitrate'), gramsL: calciumGL },
        { product: feed('epsomSalt'), gramsL: epsomGL },
      ])
    // 50 mmol/L of calcium (19 %) and 10 of sulphate: neither is over 14 by itself and by the other.
    expect(with_((50 * 40.078) / 190, (10 * 246.475) / 1000)).toEqual(['gypsum'])
    expect(with_((50 * 40.078) / 190, (3 * 246.475) / 1000)).toEqual([])
  })
  test('each by itself may be strong, up to what dissolves', () => {
    expect(kinds([{ product: feed('calciumNitrate'), gramsL: 300 }])).toEqual([])
    expect(kinds([{ product: feed('potassiumSulphate'), gramsL: 150 }])).toEqual(['tooStrong'])
  })
  test('gypsum at 2 g/L, near its solubility, is not called too strong', () =>
    expect(kinds([{ product: { ...feed('gypsum'), form: 'mineralSalt' }, gramsL: 2 }])).toEqual([]))
  test('what is strewn does not dissolve', () =>
    expect(kinds([{ product: feed('boneMeal'), gramsL: 5 }])).toEqual(['notSoluble']))
  test('too strong a stock of one feed stays one tank, and says so', () => {
    const { tanks, faults } = stockTanks([{ product: feed('tomatoFeed'), gramsL: 3 }], 200, pure)
    expect(tanks).toHaveLength(1)
    expect(faults.map(({ kind }) => kind)).toEqual(['tooStrong'])
  })
})

describe('stock', () => {
  test('one part of it in ratio parts of water is the solution again', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...INJECTOR_RATIOS),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (ratio, gramsL) => {
          const { tanks } = stockTanks([{ product: feed('potassiumNitrate'), gramsL }], ratio, pure)
          expect(tanks[0]!.feeds[0]!.gramsL / (ratio + 1)).toBeCloseTo(gramsL, 9)
        },
      ),
    ))
})

test('urea does not conduct: 46-0-0 adds nothing to the EC, ammonium nitrate as much as its ammonium', () => {
  expect(ecOfGramL(soluble('urea', { n: 46 }, { ammoniumShare: 1 }))).toBe(0)
  const half = soluble('half', { n: 20 }, { ammoniumShare: 1, ureaShare: 0.5 })
  const all = soluble('all', { n: 20 }, { ammoniumShare: 1, ureaShare: 0 })
  expect(ecOfGramL(half) / ecOfGramL(all)).toBeCloseTo(0.5, 9)
  // 1 g/L of ammonium nitrate is 1.4–1.7 dS/m by growers' tables (memory).
  const nitrate = soluble('ammoniumNitrate', { n: 35 }, { ammoniumShare: 0.5 })
  expect(ecOfGramL(nitrate)).toBeGreaterThan(1.1)
  expect(ecOfGramL(nitrate)).toBeLessThan(1.7)
})

test('salt by mass: potassium nitrate 1 g/L is about 1 dS/m, Epsom salt 0.8 (growers’ tables, memory)', () => {
  expect(ecOfGramL(feed('potassiumNitrate'))).toBeCloseTo(1, 1)
  expect(ecOfGramL(feed('epsomSalt'))).toBeCloseTo(0.8, 1)
})
