import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  aged,
  batchFor,
  blend,
  boundaryMoved,
  cautionsFor,
  ingredients,
  ingredientSchema,
  isSameMix,
  recipeSchema,
  recipes,
  settledShareOf,
  totalOf,
  withIngredient,
  withoutIngredient,
  withParts,
  withShare,
  type Recipe,
} from '.'
import { anyRecipe, mixed, parts, recipe } from '../../test/mixes'

describe('recipes', () => {
  test('the usual ones are valid and in the parts they are known by (practice)', () => {
    for (const one of recipes) expect(recipeSchema.safeParse(one).success).toBe(true)
    const bark = batchFor(blend(recipe('fastDrainBark'), ingredients, { shrinkShare: 0 }), 70)
    expect(bark.lines.map((line) => Math.round(line.looseL))).toEqual([50, 10, 10])
    const soil = batchFor(blend(recipe('soilBased'), ingredients, { shrinkShare: 0 }), 50)
    expect(soil.lines.map((line) => Math.round(line.looseL))).toEqual([30, 10, 10])
  })
  test('unknown ingredients, no parts, negative parts and parts that sum to nothing are refused', () => {
    expect(recipeSchema.safeParse({ id: 'x', parts: [] }).success).toBe(false)
    expect(() => blend(parts({ gold: 1 }))).toThrow(
      expect.objectContaining({ code: 'unknownIngredient' }),
    )
    expect(() => blend(parts({}))).toThrow(expect.objectContaining({ code: 'noParts' }))
    expect(() => blend(parts({ peat: 0 }))).toThrow(expect.objectContaining({ code: 'noParts' }))
    expect(() => blend(parts({ peat: 2, coir: -1 }))).toThrow(
      expect.objectContaining({ code: 'negativeParts', params: { given: -1 } }),
    )
  })
})

describe('changing parts', () => {
  const thirds = recipe('thirds')
  const shares = (one: Recipe) => blend(one).shares.map(({ share }) => share)

  test('a boundary takes from one layer what it gives the other', () => {
    const moved = shares(boundaryMoved(thirds, 0, 0.5))
    expect(moved[0]).toBeCloseTo(0.5, 2)
    expect(moved[1]).toBeCloseTo(1 / 6, 2)
    expect(moved[2]).toBeCloseTo(1 / 3, 2)
  })
  test('no layer is dragged away, however far the hand goes', () => {
    for (const at of [-3, 0, 1, 9])
      for (const index of [0, 1]) {
        const moved = shares(boundaryMoved(thirds, index, at))
        expect(moved).toHaveLength(3)
        expect(Math.min(...moved)).toBeGreaterThan(0.005)
        expect(moved.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 12)
      }
  })
  test('by percent the others keep their proportion; by parts they keep their parts', () => {
    const half = shares(withShare(parts({ bark: 5, peat: 1, perlite: 1 }), 0, 0.5))
    expect(half.map((one) => Math.round(one * 100))).toEqual([50, 25, 25])
    const more = withParts(thirds, 1, 2)
    expect(more.parts.map((one) => one.parts)).toEqual([1, 2, 1])
  })
  test('an ingredient comes in at the mean and goes out, the last stays', () => {
    const four = withIngredient(thirds, 'coir')
    expect(shares(four)).toEqual([0.25, 0.25, 0.25, 0.25])
    expect(isSameMix(withoutIngredient(four, 3), thirds)).toBe(true)
    expect(withoutIngredient(recipe('allCompost'), 0).parts).toHaveLength(1)
  })
  test('a mix is the same in parts and in percent, and another with an amendment', () => {
    expect(isSameMix(parts({ peat: 1, coir: 3 }), parts({ peat: 25, coir: 75 }))).toBe(true)
    expect(isSameMix(parts({ peat: 1, coir: 3 }), parts({ peat: 3, coir: 1 }))).toBe(false)
    const amended = {
      ...thirds,
      amendments: [{ productId: 'gypsum', amount: 1, unit: 'gramsPerLitre' as const }],
    }
    expect(isSameMix(thirds, amended)).toBe(false)
  })
})

describe('batches', () => {
  test('what is lost in mixing is made good: by hand, 45 L at 10 % is 50 L loose', () => {
    const batch = batchFor(blend(recipe('thirds'), ingredients, { shrinkShare: 0.1 }), 45)
    expect(batch.looseL).toBeCloseTo(50, 9)
    for (const line of batch.lines) expect(line.looseL).toBeCloseTo(50 / 3, 9)
    expect(batch.reasons[0]).toMatchObject({ provenance: { mark: 'measured' } })
  })
  test('mixing shrinks by 5 to 20 % (practice), a single ingredient not at all', () => {
    for (const one of recipes.filter((some) => some.parts.length > 1)) {
      expect(blend(one).shrinkShare).toBeGreaterThanOrEqual(0.05)
      expect(blend(one).shrinkShare).toBeLessThanOrEqual(0.2)
    }
    expect(blend(recipe('allCompost')).shrinkShare).toBe(0)
  })
  test('coarse with fine loses more than like with like', () => {
    const unlike = blend(parts({ loam: 1, pumice: 1 })).shrinkShare
    const alike = blend(parts({ perlite: 1, riceHulls: 1 })).shrinkShare
    expect(unlike).toBeGreaterThan(alike)
  })
  test('the loose litres less the loss are the litres wanted, whatever the mix', () => {
    fc.assert(
      fc.property(anyRecipe, fc.double({ min: 1, max: 500, noNaN: true }), (one, volumeL) => {
        const batch = batchFor(blend(one), volumeL)
        const looseL = batch.lines.reduce((sum, line) => sum + line.looseL, 0)
        expect(looseL * (1 - batch.mix.shrinkShare)).toBeCloseTo(volumeL, 6)
      }),
    )
  })
  test('nothing is made or lost in mixing: a tub weighs what went into it', () => {
    fc.assert(
      fc.property(anyRecipe, (one) => {
        const batch = batchFor(blend(one), 40)
        const inG = batch.lines.reduce(
          (sum, { ingredient, looseL }) => sum + ingredient.bulkDensityGL * looseL,
          0,
        )
        expect(batch.mix.bulkDensityGL * batch.volumeL).toBeCloseTo(inG, 4)
        const inMg = batch.lines.reduce(
          (sum, { ingredient, looseL }) => sum + ingredient.nutrientsMgL.k * looseL,
          0,
        )
        expect(batch.mix.nutrientsMgL.k * batch.volumeL).toBeCloseTo(inMg, 3)
      }),
    )
  })
  test('several batches add up, each ingredient once', () => {
    const noLoss = { shrinkShare: 0 }
    const lines = totalOf([
      batchFor(blend(recipe('thirds'), ingredients, noLoss), 30),
      batchFor(blend(recipe('allCompost')), 5),
    ])
    expect(lines.map((line) => [line.ingredient.id, Math.round(line.looseL)])).toEqual([
      ['compost', 15],
      ['perlite', 10],
      ['peat', 10],
    ])
    expect(cautionsFor(lines)).toEqual(['compostDust', 'dust'])
  })
})

describe('ingredients', () => {
  test('each is valid, and its pores are what its density leaves (any substrate text)', () => {
    // Total porosity = 1 − bulk density / particle density: organic 1.55, mineral 2.65 g/cm³.
    for (const one of Object.values(ingredients)) {
      expect(ingredientSchema.safeParse(one).success).toBe(true)
      const organicShare = Math.min(1, one.carbonShare / 0.5)
      const particleGL = 1000 / (organicShare / 1.55 + (1 - organicShare) / 2.65)
      const pores = 1 - one.bulkDensityGL / particleGL
      expect(Math.abs(one.waterShares[0] - pores)).toBeLessThan(0.14)
    }
  })
  test('a coir brick of 650 g gives 8–9 L, a 107 L bale of peat about 200 L (memory)', () => {
    const [brick] = ingredients['coir']!.packs
    expect(brick!.labelKg).toBe(0.65)
    expect(brick!.looseL).toBeGreaterThanOrEqual(8)
    expect(brick!.looseL).toBeLessThanOrEqual(9)
    expect(ingredients['peat']!.packs[0]).toMatchObject({ labelL: 107, looseL: 200 })
  })
  test('a sack of kilos gives the litres that its moist density says', () => {
    for (const one of Object.values(ingredients))
      for (const pack of one.packs.filter(({ kind }) => kind === 'sack'))
        expect(pack.looseL * one.moistDensityGL).toBeCloseTo(pack.labelKg! * 1000, -3)
  })
  test('one without a density, heavier dry than moist, or wetter the harder it is pulled, is refused', () => {
    const { bulkDensityGL: _, ...weightless } = ingredients['peat']!
    const paths = (given: unknown) =>
      ingredientSchema.safeParse(given).error?.issues.map(({ path }) => path.join('.'))
    expect(paths(weightless)).toEqual(['bulkDensityGL'])
    expect(paths({ ...ingredients['peat']!, moistDensityGL: 50 })).toEqual(['moistDensityGL'])
    expect(paths({ ...ingredients['peat']!, waterShares: [0.9, 0.5, 0.6, 0.3, 0.2] })).toEqual([
      'waterShares.2',
    ])
  })
})

describe('ageing', () => {
  test('settling takes air and leaves the solids: the same mass in less room', () => {
    fc.assert(
      fc.property(anyRecipe, (one) => {
        const { blend: fresh } = mixed(one)
        const settled = aged(fresh, 1)
        const left = 1 - settledShareOf(fresh)
        expect(settled.bulkDensityGL * left).toBeCloseTo(fresh.bulkDensityGL, 6)
        expect(settled.points[0]!.waterShare).toBeLessThanOrEqual(
          fresh.points[0]!.waterShare + 1e-9,
        )
        expect(aged(fresh, 0).bulkDensityGL).toBeCloseTo(fresh.bulkDensityGL, 9)
      }),
    )
  })
  test('usual mixes settle by 5–15 % in a season, all compost the most (practice)', () => {
    for (const one of recipes) {
      expect(settledShareOf(blend(one))).toBeGreaterThanOrEqual(0.05)
      expect(settledShareOf(blend(one))).toBeLessThanOrEqual(0.15)
    }
  })
})
