import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  batchFor,
  cautionsFor,
  drainedProfile,
  drainedState,
  easilyAvailableL,
  ingredients,
  limeDose,
  mixBulkDensityGL,
  mixRetention,
  purchasesFor,
  recipeSchema,
  recipes,
  retentionCurve,
  shrinkShare,
  totalOf,
  type Recipe,
} from '.'
import { plainBody, type Shape } from '../container'
import { defaultMeasures, inMeasures } from '../units'
import { LIME_DENSITY_G_ML } from './lime'

const recipe = (id: string): Recipe => recipes.find((one) => one.id === id)!
const cylinder = (heightMm: number): Shape => ({
  kind: 'round',
  topDiameterMm: 200,
  bottomDiameterMm: 200,
  heightMm,
})
const anyRecipe = fc
  .uniqueArray(fc.constantFrom(...Object.keys(ingredients)), { minLength: 1, maxLength: 5 })
  .chain((ids) =>
    fc
      .array(fc.double({ min: 0.1, max: 10, noNaN: true }), {
        minLength: ids.length,
        maxLength: ids.length,
      })
      .map((parts): Recipe => ({
        id: 'any',
        parts: ids.map((ingredientId, index) => ({ ingredientId, parts: parts[index]! })),
      })),
  )

describe('recipes', () => {
  test('the usual ones are valid and in the parts they are known by (practice)', () => {
    for (const one of recipes) expect(recipeSchema.safeParse(one).success).toBe(true)
    const bark = batchFor(recipe('fastDrainBark'), 70, 0)
    expect(bark.lines.map((line) => Math.round(line.looseL))).toEqual([50, 10, 10])
    const soil = batchFor(recipe('soilBased'), 50, 0)
    expect(soil.lines.map((line) => Math.round(line.looseL))).toEqual([30, 10, 10])
  })
  test('unknown ingredients and no parts are refused', () => {
    const issue = recipeSchema.safeParse({ id: 'x', parts: [{ ingredientId: 'gold', parts: 1 }] })
    expect(issue.error?.issues[0]?.path).toEqual(['parts', 0, 'ingredientId'])
    expect(recipeSchema.safeParse({ id: 'x', parts: [] }).success).toBe(false)
    expect(() => batchFor({ id: 'x', parts: [] }, 10)).toThrow(
      expect.objectContaining({ code: 'noParts' }),
    )
  })
})

describe('batches', () => {
  test('what is lost in mixing is made good: by hand, 45 L at 10 % is 50 L loose', () => {
    const batch = batchFor(recipe('thirds'), 45, 0.1)
    expect(batch.looseL).toBeCloseTo(50, 9)
    for (const line of batch.lines) expect(line.looseL).toBeCloseTo(50 / 3, 9)
  })
  test('mixing shrinks by 5 to 20 % (practice), a single ingredient not at all', () => {
    for (const one of recipes.filter(({ parts }) => parts.length > 1)) {
      expect(shrinkShare(one)).toBeGreaterThanOrEqual(0.05)
      expect(shrinkShare(one)).toBeLessThanOrEqual(0.2)
    }
    expect(shrinkShare(recipe('allCompost'))).toBe(0)
  })
  test('coarse with fine loses more than like with like', () => {
    const parts = (...ids: string[]) => ids.map((ingredientId) => ({ ingredientId, parts: 1 }))
    const unlike = shrinkShare({ id: 'a', parts: parts('loam', 'pumice') })
    const alike = shrinkShare({ id: 'b', parts: parts('perlite', 'riceHulls') })
    expect(unlike).toBeGreaterThan(alike)
  })
  test('the loose litres less the loss are the litres wanted, whatever the mix', () => {
    fc.assert(
      fc.property(anyRecipe, fc.double({ min: 1, max: 500, noNaN: true }), (one, volumeL) => {
        const batch = batchFor(one, volumeL)
        const looseL = batch.lines.reduce((sum, line) => sum + line.looseL, 0)
        expect(looseL * (1 - batch.shrinkShare)).toBeCloseTo(volumeL, 6)
      }),
    )
  })
  test('several batches add up, each ingredient once', () => {
    const lines = totalOf([batchFor(recipe('thirds'), 30, 0), batchFor(recipe('allCompost'), 5)])
    expect(lines.map((line) => [line.ingredient.id, Math.round(line.looseL)])).toEqual([
      ['compost', 15],
      ['perlite', 10],
      ['peat', 10],
    ])
    expect(cautionsFor(lines)).toEqual(['compostDust', 'dust'])
  })
})

describe('packs', () => {
  test('whole packs only, and what is left over', () => {
    const [bale, bag] = purchasesFor(ingredients['peat']!, 210)
    expect(bale).toMatchObject({ count: 2, leftOverL: 190 })
    expect(bag!.count).toBe(8)
    expect(purchasesFor(ingredients['compost']!, 80)[0]).toMatchObject({ count: 2, leftOverL: 0 })
  })
  test('a coir brick of 650 g gives 8–9 L, a 107 L bale of peat about 200 L (memory)', () => {
    expect(ingredients['coir']!.packs[0]!.looseL).toBeGreaterThanOrEqual(8)
    expect(ingredients['coir']!.packs[0]!.looseL).toBeLessThanOrEqual(9)
    expect(ingredients['peat']!.packs[0]).toMatchObject({ labelL: 107, looseL: 200 })
  })
})

describe('lime', () => {
  const handfuls = (id: string, volumeL: number) => {
    const { massG } = limeDose(batchFor(recipe(id), volumeL))
    return inMeasures(massG, LIME_DENSITY_G_ML, 'metric', defaultMeasures)
  }
  test('a handful for a large pot, half a handful for a bucket (practice)', () => {
    expect(handfuls('thirds', 38)).toMatchObject({ measure: 'handful' })
    expect(handfuls('thirds', 38).count).toBeCloseTo(1, 0)
    expect(handfuls('thirds', 17)).toEqual({ measure: 'handful', count: 0.5 })
  })
  test('pure peat takes 5–8 lb a cubic yard (practice of mix makers; 1 lb/yd³ is 0.5933 g/L)', () => {
    const peat: Recipe = { id: 'p', parts: [{ ingredientId: 'peat', parts: 1 }] }
    const { massG, leastG, mostG } = limeDose(batchFor(peat, 100))
    expect(massG / 100 / 0.5933).toBeGreaterThan(5)
    expect(massG / 100 / 0.5933).toBeLessThan(8)
    expect([leastG, mostG]).toEqual([300, 500])
  })
  test('coir, compost and loam take none', () => {
    expect(limeDose(batchFor(recipe('plainEarth'), 50)).massG).toBe(0)
    expect(limeDose(batchFor(recipe('thirdsCoir'), 50)).reasons[0]!.code).toBe('lime.none')
  })
})

describe('water and air in a drained pot', () => {
  // Yeager et al., Best Management Practices: Guide for Producing Nursery Crops: ranges for
  // nursery mixes, which are mostly bark.
  test('bark mix in a 15 cm pot: air 10–30 %, water 45–65 %, pores 50–85 %', () => {
    const curve = mixRetention(recipe('fastDrainBark'))
    const { containerCapacity, airSpace } = drainedState(plainBody(cylinder(150), 150), curve)
    expect(airSpace).toBeGreaterThan(0.1)
    expect(airSpace).toBeLessThan(0.3)
    expect(containerCapacity).toBeGreaterThan(0.45)
    expect(containerCapacity).toBeLessThan(0.65)
    expect(curve.totalPorosity).toBeGreaterThan(0.5)
    expect(curve.totalPorosity).toBeLessThan(0.85)
  })
  test('water and air are all the pores; the taller pot is the airier', () => {
    fc.assert(
      fc.property(anyRecipe, fc.integer({ min: 30, max: 900 }), (one, fillMm) => {
        const curve = mixRetention(one)
        const low = drainedState(plainBody(cylinder(fillMm), fillMm), curve)
        const high = drainedState(plainBody(cylinder(fillMm * 2), fillMm * 2), curve)
        expect(low.containerCapacity + low.airSpace).toBeCloseTo(curve.totalPorosity, 9)
        expect(high.airSpace).toBeGreaterThanOrEqual(low.airSpace - 1e-9)
        expect(low.containerCapacity).toBeLessThanOrEqual(curve.totalPorosity + 1e-9)
      }),
    )
  })
  test('a 1 cm pot is nearly soaked; a very tall one nears the dry end of the curve', () => {
    const curve = mixRetention(recipe('thirds'))
    expect(drainedState(plainBody(cylinder(10), 10), curve).airSpace).toBeLessThan(0.06)
    const tall = drainedState(plainBody(cylinder(3000), 3000), curve).containerCapacity
    expect(tall - curve.waterShare(100)).toBeLessThan(0.04)
  })
  test('a straight line held between two points drains to its mean', () => {
    // Level curve: the share does not depend on the height at all.
    const level = retentionCurve([
      { suctionCm: 0, waterShare: 0.5 },
      { suctionCm: 100, waterShare: 0.5 },
    ])
    expect(drainedState(plainBody(cylinder(300), 300), level).containerCapacity).toBeCloseTo(
      0.5,
      12,
    )
    expect(easilyAvailableL(plainBody(cylinder(300), 300), level)).toBeCloseTo(0, 12)
  })
  test('the curve goes through its points and is level beyond them', () => {
    const curve = retentionCurve([
      { suctionCm: 0, waterShare: 0.9 },
      { suctionCm: 10, waterShare: 0.6 },
      { suctionCm: 100, waterShare: 0.3 },
    ])
    expect([0, 10, 100, 500].map(curve.waterShare)).toEqual([0.9, 0.6, 0.3, 0.3])
    expect(curve.waterShare(30)).toBeGreaterThan(0.3)
    expect(curve.waterShare(30)).toBeLessThan(0.6)
  })
  test('a drained pot is wettest at its floor', () => {
    const profile = drainedProfile(plainBody(cylinder(300), 300), mixRetention(recipe('thirds')))
    expect(profile[0]).toEqual({ heightShare: 0, saturation: 1 })
    profile
      .slice(1)
      .forEach((one, index) => expect(one.saturation).toBeLessThan(profile[index]!.saturation))
  })
  test('earth weighs far more than a light mix, which is why terraces avoid it (practice)', () => {
    const wateredGL = (id: string) => {
      const curve = mixRetention(recipe(id))
      const { containerCapacity } = drainedState(plainBody(cylinder(300), 300), curve)
      return mixBulkDensityGL(recipe(id)) + 1000 * containerCapacity
    }
    expect(wateredGL('plainEarth')).toBeGreaterThan(1.5 * wateredGL('lightTerrace'))
    expect(wateredGL('plainEarth')).toBeGreaterThan(1200)
    expect(wateredGL('plainEarth')).toBeLessThan(1800)
  })
})
