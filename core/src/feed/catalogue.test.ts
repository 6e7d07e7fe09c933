// The generic feeds: each whole, marked, within what there can be, and dosable.
import { describe, expect, test } from '@jest/globals'
import { feed, tools } from '../../test/feeding'
import {
  doseFor,
  feedCatalogue,
  isInWater,
  isSoluble,
  labelToElements,
  nutrients,
  priceOfG,
  productIn,
  productProvenance,
  productSchema,
  releaseOf,
  releaseReasons,
  starterProducts,
  starterRatesGL,
  type DosedPot,
  type LabelAnalysis,
} from '.'

const pots: DosedPot[] = [
  { fillVolumeL: 8, surfaceM2: 0.09, hasReservoir: false },
  { fillVolumeL: 17, surfaceM2: 0.06, hasReservoir: false },
  { fillVolumeL: 36, surfaceM2: 0.2, hasReservoir: true },
]

describe.each(feedCatalogue.map((product) => [product.id, product] as const))(
  '%s',
  (id, product) => {
    test('holds to the schema that a gardener’s own has to hold to', () => {
      const { provenance: _mark, ...plain } = product
      expect(productSchema.safeParse(plain).error?.issues ?? []).toEqual([])
    })
    test('says where its figures are from, and is found by its id', () => {
      expect(['published', 'practice', 'memory']).toContain(productProvenance(product).mark)
      expect(productIn([], id)).toBe(product)
      expect(feedCatalogue.filter((one) => one.id === id)).toHaveLength(1)
    })
    test('releases at most what its label says, more with every warm day', () => {
      for (const nutrient of nutrients) {
        const { share, by } = releaseOf(product, nutrient)
        expect(share).toBeGreaterThanOrEqual(0)
        expect(share).toBeLessThanOrEqual(1)
        const days = [0, 7, 30, 120, 400].map(by)
        expect(days).toEqual([...days].sort((one, other) => one - other))
        expect(days.at(-1)!).toBeLessThanOrEqual(1)
      }
      expect(releaseReasons(product).length).toBe(product.form === 'notFeed' ? 0 : 1)
    })
    test('is dosed by its label within its label, in every pot', () => {
      if (!product.rates.length) return
      for (const pot of pots) {
        const dose = doseFor(pot, product, { kind: 'label' }, tools)
        expect(dose.massG).toBeGreaterThan(0)
        expect(dose.timesLabel).toBeLessThanOrEqual(1 + 1e-9)
        expect(dose.solution !== undefined).toBe(isSoluble(product))
      }
    })
  },
)

describe('the catalogue', () => {
  test('has the analyses that labels commonly print (memory)', () => {
    const printed = ({ n = 0, p2o5 = 0, k2o = 0 }: LabelAnalysis) => `${n}-${p2o5}-${k2o}`
    for (const [id, label] of [
      ['boneMeal', '3-15-0'],
      ['bloodMeal', '12-0-0'],
      ['featherMeal', '12-0-0'],
      ['fishEmulsion', '5-1-1'],
      ['kelpMeal', '1-0-2'],
      ['poultryPellets', '4-2-3'],
      ['alfalfaMeal', '2.5-0.5-2'],
      ['soybeanMeal', '7-2-1'],
      ['neemCake', '4-1-1.5'],
      ['castings', '1-0-0'],
      ['tomatoFeed', '4-3-8'],
      ['balancedSoluble', '18-18-21'],
      ['controlledRelease', '15-9-12'],
      ['granularOrganic', '4-6-6'],
      ['seaweedExtract', '0-0-1'],
    ] as const)
      expect([id, printed(feed(id).analysis)]).toEqual([id, label])
  })
  test('bone and crab meal carry 24 and 23 % of calcium, eggshell 37 (memory)', () => {
    for (const [id, percent] of [
      ['boneMeal', 24],
      ['crabMeal', 23],
      ['eggshell', 37],
    ] as const)
      expect(labelToElements(feed(id).analysis).ca).toBeCloseTo(percent, 0)
  })
  test('solubles say what goes into water, all else what goes into a pot', () => {
    for (const product of feedCatalogue.filter(({ form }) => form !== 'notFeed'))
      if (!isSoluble(product)) expect(product.rates.some((rate) => !isInWater(rate))).toBe(true)
      else expect(product.rates.some(isInWater)).toBe(true)
  })
  test('what lures dogs says so: bone and blood (practice)', () => {
    for (const id of ['boneMeal', 'bloodMeal', 'granularOrganic'])
      expect(feed(id).cautions).toContain('dogs')
  })
  test('starters go from least over usual to most', () => {
    for (const product of starterProducts) {
      const rates = starterRatesGL(product)
      expect([...rates]).toEqual([...rates].sort((one, other) => one - other))
      expect(rates[0]).toBeGreaterThan(0)
    }
    expect(starterRatesGL(feed('tomatoFeed'))).toEqual([0, 0, 0])
  })
  test('a gram costs what the cheapest pack makes it cost', () => {
    const packs = [
      { massG: 500, price: 6 },
      { massG: 2500, price: 20 },
    ]
    expect(priceOfG({ packs })).toBeCloseTo(0.008, 9)
    expect(priceOfG({ packs: [] })).toBeUndefined()
  })
  test('one’s own with the id of a generic one stands in its place', () => {
    const own = { ...feed('tomatoFeed'), analysis: { n: 6 } }
    expect(productIn([own], 'tomatoFeed')).toBe(own)
    expect(productIn([own], 'moondust')).toBeUndefined()
  })
})
