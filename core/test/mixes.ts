// Mixes to try the core with.
import fc from 'fast-check'
import { blend, ingredients, mixOf, recipes, type Mix, type Recipe } from '../src/mix'

export const recipe = (id: string): Recipe => recipes.find((one) => one.id === id)!

export const parts = (given: Record<string, number>): Recipe => ({
  id: 'test',
  parts: Object.entries(given).map(([ingredientId, share]) => ({ ingredientId, parts: share })),
})

/** A recipe, by itself or by its id, mixed of typical ingredients. */
export const mixed = (one: Recipe | string): Mix =>
  mixOf(blend(typeof one === 'string' ? recipe(one) : one))

export const cylinder = (heightMm: number, diameterMm = 200) =>
  ({
    kind: 'round',
    topDiameterMm: diameterMm,
    bottomDiameterMm: diameterMm,
    heightMm,
  }) as const

export const anyRecipe = fc
  .uniqueArray(fc.constantFrom(...Object.keys(ingredients)), { minLength: 1, maxLength: 5 })
  .chain((ids) =>
    fc
      .array(fc.double({ min: 0.1, max: 10, noNaN: true }), {
        minLength: ids.length,
        maxLength: ids.length,
      })
      .map((shares): Recipe => ({
        id: 'any',
        parts: ids.map((ingredientId, index) => ({ ingredientId, parts: shares[index]! })),
      })),
  )
