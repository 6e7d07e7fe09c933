// What growers know of ingredients and mixes, without a source (common practice): the model has to
// put them in the same order, whatever its figures.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  boundaryMoved,
  capillaryRiseMm,
  drainedState,
  estimatedPh,
  ingredients,
  mixProperties,
  particleClassOf,
  withIngredient,
  withoutIngredient,
  withShare,
  type Recipe,
} from '.'
import { anyRecipe, cylinder, mixed, parts, recipe } from '../../test/mixes'

const alone = (id: string) => mixed(parts({ [id]: 1 }))
const airOf = (one: Recipe | string) => drainedState(cylinder(300), 285, mixed(one).curve).airSpace
const heldOf = (one: Recipe | string) =>
  drainedState(cylinder(300), 285, mixed(one).curve).containerCapacity

describe('what ingredients are known for', () => {
  test.each(['perlite', 'pumice', 'riceHulls', 'bark', 'lava', 'expandedClay', 'woodChips'])(
    '%s is coarse and opens a mix: more air with it than without',
    (id) => {
      expect(particleClassOf(ingredients[id]!)).toBe('coarse')
      expect(airOf(parts({ loam: 1, [id]: 2 }))).toBeGreaterThan(airOf(parts({ loam: 1 })))
    },
  )
  test.each(['peat', 'coir', 'vermiculite', 'leafMould', 'compost'])(
    '%s holds water: a sandy mix holds more with it',
    (id) => {
      expect(heldOf(parts({ sand: 1, [id]: 1 }))).toBeGreaterThan(heldOf(parts({ sand: 1 })))
    },
  )
  test.each(['peat', 'bark', 'woodFibre'])('%s is acid', (id) => {
    expect(ingredients[id]!.ph).toBeLessThan(6)
  })
  test.each(['compost', 'manure', 'biochar', 'mushroomCompost'])('%s is not', (id) => {
    expect(ingredients[id]!.ph).toBeGreaterThan(7)
  })
  test('manure and mushroom compost are the salty ones', () => {
    const byEc = Object.values(ingredients).sort((one, other) => other.ecDsM - one.ecDsM)
    expect(
      byEc
        .slice(0, 2)
        .map(({ id }) => id)
        .sort(),
    ).toEqual(['manure', 'mushroomCompost'])
  })
  test('stones, sand and earth are heavy; peat, coir, perlite and hulls are light', () => {
    const heavy = ['loam', 'clayLoam', 'sand', 'lava']
    const light = ['peat', 'coir', 'perlite', 'riceHulls', 'woodFibre']
    for (const one of heavy)
      for (const other of light)
        expect(ingredients[one]!.bulkDensityGL).toBeGreaterThan(
          5 * ingredients[other]!.bulkDensityGL,
        )
  })
  test('compost settles more than stones, and wood fibre most', () => {
    const settles = (id: string) => mixProperties(alone(id)).settleShare
    expect(settles('perlite')).toBe(0)
    expect(settles('compost')).toBeGreaterThan(settles('peat'))
    expect(settles('woodFibre')).toBeGreaterThan(settles('compost'))
  })
  test('peat and coir lift water well, grit and clay balls hardly', () => {
    for (const good of ['peat', 'coir'])
      for (const poor of ['lava', 'expandedClay', 'perlite'])
        expect(capillaryRiseMm(alone(good))).toBeGreaterThan(2 * capillaryRiseMm(alone(poor)))
  })
})

describe('what mixes are known for', () => {
  test('fast-drain bark has more air than thirds, plain earth the least of all', () => {
    expect(airOf('fastDrainBark')).toBeGreaterThan(airOf('thirds'))
    for (const id of ['thirds', 'thirdsCoir', 'lightTerrace', 'allCompost'])
      expect(airOf('plainEarth')).toBeLessThan(airOf(id))
  })
  test('bark wants water oftener: it has less within easy reach than thirds with coir', () => {
    const easy = (id: string) => mixProperties(mixed(id)).easilyAvailable.value
    expect(easy('fastDrainBark')).toBeLessThan(easy('thirdsCoir'))
  })
  test('earth in a pot is opened with peat and compost', () => {
    expect(airOf('soilBased')).toBeGreaterThan(airOf(parts({ clayLoam: 1 })))
    expect(airOf('halfEarth')).toBeGreaterThan(airOf(parts({ loam: 1 })))
  })
  test('peat pulls a mix down, coir does not', () => {
    const ph = (one: Recipe) => estimatedPh(mixed(one).blend)
    expect(ph(recipe('thirds'))).toBeLessThan(6)
    expect(ph(recipe('thirdsCoir'))).toBeGreaterThan(6)
  })
  test('compost feeds: thirds start with more of everything than bark', () => {
    const of = (id: string) => mixProperties(mixed(id)).nutrientsMgL
    for (const nutrient of ['n', 'p', 'k', 'ca', 'mg'] as const)
      expect(of('thirds')[nutrient]).toBeGreaterThan(of('fastDrainBark')[nutrient])
  })
})

describe('changing a recipe, whatever it is', () => {
  const sharesOf = (one: Recipe) => mixed(one).blend.shares.map(({ share }) => share)
  const total = (shares: readonly number[]) => shares.reduce((sum, share) => sum + share, 0)

  test('a share that is set is met, and all are still a whole', () => {
    fc.assert(
      fc.property(anyRecipe, fc.double({ min: 0.02, max: 0.98, noNaN: true }), (one, share) => {
        fc.pre(one.parts.length > 1)
        const shares = sharesOf(withShare(one, 0, share))
        expect(total(shares)).toBeCloseTo(1, 9)
        expect(Math.abs(shares[0]! - share)).toBeLessThan(0.01)
      }),
      { numRuns: 40 },
    )
  })
  test('a boundary that is moved changes its two layers alone', () => {
    fc.assert(
      fc.property(anyRecipe, fc.double({ min: 0, max: 1, noNaN: true }), (one, at) => {
        fc.pre(one.parts.length > 2)
        const before = sharesOf(one)
        const after = sharesOf(boundaryMoved(one, 0, at))
        expect(after[0]! + after[1]!).toBeCloseTo(before[0]! + before[1]!, 2)
        for (let index = 2; index < before.length; index++)
          expect(after[index]).toBeCloseTo(before[index]!, 2)
      }),
      { numRuns: 40 },
    )
  })
  test('what comes in and goes out again leaves the mix as it was', () => {
    fc.assert(
      fc.property(anyRecipe, (one) => {
        const fresh = Object.keys(ingredients).find(
          (id) => !one.parts.some(({ ingredientId }) => ingredientId === id),
        )!
        const there = withIngredient(one, fresh)
        expect(withoutIngredient(there, there.parts.length - 1).parts).toEqual(one.parts)
      }),
    )
  })
})
