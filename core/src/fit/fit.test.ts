import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { typicalContainer, type Container, type Shape } from '../container'
import { catalogue, relativeYield } from '../plant'
import { judgeFit, schoolIds, type SchoolId } from '.'

const variety = (id: string) => catalogue.find((one) => one.id === id)!
const container = (type: Container['type'], shape?: Shape, fillMm?: number): Container => {
  const typical = typicalContainer(type)
  return {
    ...typical,
    ...(shape ? { shape } : {}),
    ...(fillMm ? { fillMm } : {}),
    id: 'c',
    code: 'C1',
    name: 'c',
    type,
    spaceId: 's',
    mulchMm: 0,
    exposure: 'open',
  }
}
const round = (diameterMm: number, heightMm: number): Shape => ({
  kind: 'round',
  topDiameterMm: diameterMm,
  bottomDiameterMm: diameterMm,
  heightMm,
})
const bucket = container('bucket')
const largePot = container('pot', round(460, 400), 360)
const flatBag = container(
  'flatBag',
  {
    kind: 'rectangular',
    topLengthMm: 1000,
    topWidthMm: 380,
    bottomLengthMm: 1000,
    bottomWidthMm: 380,
    heightMm: 160,
  },
  140,
)
const basket = container('basket')
const says = (school: SchoolId, id: string, one: Container, count = 1) =>
  judgeFit({ variety: variety(id), container: one, count, school }).verdict

describe('relative yield', () => {
  const of = (rootVolumeL: number, count = 1) =>
    relativeYield({ variety: variety('moneymaker'), rootVolumeL, count })

  // Poorter et al. 2012, Functional Plant Biology 39:839–850.
  test('doubling the pot adds 43 %', () => {
    for (const volumeL of [3, 7, 12, 25])
      expect(of(2 * volumeL).perPlant / of(volumeL).perPlant).toBeCloseTo(1.43, 9)
  })
  test('an unrestricted plant gives all, and more mix no more', () => {
    expect(of(60).perPlant).toBe(1)
    expect(of(600).perPlant).toBe(1)
  })
  test('two peppers in one pot give 80 % each (practice)', () => {
    const padron = (count: number) =>
      relativeYield({ variety: variety('padron'), rootVolumeL: 19, count })
    expect(padron(2).perPlant / padron(1).perPlant).toBeCloseTo(0.8, 9)
    expect(padron(2).total / padron(1).total).toBeCloseTo(1.6, 9)
  })
  // Shinozaki & Kira 1956: 1/w rises in a straight line with the number of plants.
  test('sharing follows the reciprocal yield law', () => {
    const inverse = (count: number) => 1 / of(20, count).perPlant
    const steps = [1, 2, 3].map((count) => inverse(count + 1) - inverse(count))
    expect(steps[1]).toBeCloseTo(steps[0]!, 9)
    expect(steps[2]).toBeCloseTo(steps[0]!, 9)
  })
  test('one more plant never raises each, never lowers all; more mix never harms', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...catalogue),
        fc.double({ min: 0.5, max: 300, noNaN: true }),
        fc.integer({ min: 1, max: 20 }),
        (one, rootVolumeL, count) => {
          const here = relativeYield({ variety: one, rootVolumeL, count })
          const more = relativeYield({ variety: one, rootVolumeL, count: count + 1 })
          const larger = relativeYield({ variety: one, rootVolumeL: rootVolumeL * 1.5, count })
          expect(more.perPlant).toBeLessThanOrEqual(here.perPlant + 1e-12)
          expect(more.total).toBeGreaterThanOrEqual(here.total - 1e-12)
          expect(larger.perPlant).toBeGreaterThanOrEqual(here.perPlant - 1e-12)
          expect(here.perPlant).toBeLessThanOrEqual(1)
        },
      ),
    )
  })
})

describe('what the schools say (practice)', () => {
  test('a vine in a 19 L bucket: yes with daily water, the very least, too small, not at all', () => {
    expect(says('bucket', 'moneymaker', bucket)).toBe('good')
    expect(says('middle', 'moneymaker', bucket)).toBe('tight')
    expect(says('roomy', 'moneymaker', bucket)).toBe('poor')
    expect(says('bushOnly', 'moneymaker', bucket)).toBe('poor')
    expect(says('smallest', 'moneymaker', bucket)).toBe('good')
  })
  test('a bush in a bucket suits the bush-only school', () => {
    expect(says('bushOnly', 'rioGrande', bucket)).toBe('good')
  })
  test('roomy: one tomato in 45 cm, never two', () => {
    expect(says('roomy', 'moneymaker', largePot)).toBe('good')
    expect(says('roomy', 'moneymaker', largePot, 2)).toBe('poor')
  })
  test('dense: two peppers in 19 L, two tomatoes in 45 cm, not three', () => {
    expect(says('dense', 'padron', bucket, 2)).toBe('good')
    expect(says('dense', 'padron', bucket, 3)).toBe('poor')
    expect(says('dense', 'moneymaker', largePot, 2)).toBe('good')
    expect(says('dense', 'moneymaker', largePot, 3)).toBe('poor')
    expect(says('dense', 'moneymaker', bucket, 2)).toBe('poor')
  })
  test('bags: three in a flat bag with ring pots; of a pot it says nothing', () => {
    const judged = judgeFit({
      variety: variety('redAlert'),
      container: flatBag,
      count: 3,
      school: 'bags',
    })
    expect(judged.verdict).toBe('good')
    expect(judged.reasons.at(-1)!.code).toBe('fit.condition.ringPots')
    expect(says('bags', 'redAlert', flatBag, 4)).toBe('poor')
    expect(says('bags', 'redAlert', largePot)).toBe('silent')
  })
  test('19 L is plenty for one pepper', () => {
    expect(says('middle', 'padron', bucket)).toBe('good')
    expect(says('house', 'padron', bucket)).toBe('good')
  })
  test('baskets are for trailing and small bush cherries, in every school', () => {
    for (const school of schoolIds) {
      expect(says(school, 'moneymaker', basket)).toBe('poor')
      expect(says(school, 'rioGrande', basket)).toBe('poor')
      expect(['good', 'tight']).toContain(says(school, 'trailingCherry', basket))
    }
  })
  test('the house goes by yield, and warns of large fruit in little mix', () => {
    expect(says('house', 'moneymaker', largePot)).toBe('good')
    expect(says('house', 'moneymaker', container('pot', round(200, 200), 170))).toBe('poor')
    const marmande = judgeFit({
      variety: variety('marmande'),
      container: bucket,
      count: 1,
      school: 'house',
    })
    expect(marmande.reasons.map((reason) => reason.code)).toContain('fit.rotProne')
  })
  test('the expected yield is the same in every school', () => {
    const values = schoolIds.map(
      (school) =>
        judgeFit({ variety: variety('stupice'), container: bucket, count: 2, school }).value,
    )
    expect(new Set(values).size).toBe(1)
  })
})

describe('a tower', () => {
  const tower = {
    ...container('tower'),
    tower: { tiers: 5, pocketsPerTier: 4, pocketVolumeL: 1.6 },
  }
  test('is judged by its pocket: no school puts a vine into 1.6 L', () => {
    for (const school of schoolIds)
      expect([school, says(school, 'vineCherry', tower)]).toEqual([
        school,
        expect.stringMatching(/poor|silent/),
      ])
    expect(says('bucket', 'vineCherry', tower)).toBe('poor')
    expect(says('smallest', 'vineCherry', tower)).toBe('poor')
  })
  test('says the same of one plant and of one in each of its pockets', () => {
    for (const school of schoolIds)
      expect(says(school, 'tinyTim', tower, 20)).toBe(says(school, 'tinyTim', tower, 1))
  })
})
