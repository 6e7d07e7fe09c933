import { InputError, own, practice, type Provenance } from '../units'
import type { Ingredient } from './ingredientSchema'
import type { IngredientShelf } from './ingredient'
import type { Recipe } from './recipeSchema'

const recipe = (id: string, parts: Record<string, number>): Recipe => ({
  id,
  parts: Object.entries(parts).map(([ingredientId, share]) => ({ ingredientId, parts: share })),
})

export const recipeProvenance: Provenance = practice

/** Recipes in use among container gardeners, parts by volume (practice). */
export const recipes: readonly Recipe[] = [
  recipe('thirds', { compost: 1, perlite: 1, peat: 1 }),
  recipe('thirdsCoir', { compost: 1, perlite: 1, coir: 1 }),
  recipe('thirdsVermiculite', { compost: 1, vermiculite: 1, peat: 1 }),
  recipe('fastDrainBark', { bark: 5, peat: 1, perlite: 1 }),
  recipe('soilBased', { loam: 60, peat: 20, compost: 20 }),
  recipe('plainEarth', { loam: 60, compost: 40 }),
  recipe('hotClimate', { loam: 50, compost: 30, coir: 20 }),
  {
    ...recipe('lightTerrace', { coir: 65, manure: 15, riceHulls: 15, loam: 5 }),
    // "A little neem cake": a handful weighs about 25 g and does for ten litres (memory).
    amendments: [{ productId: 'neemCake', amount: 2, unit: 'gramsPerLitre' }],
  },
  recipe('halfEarth', { loam: 50, peat: 50 }),
  recipe('allCompost', { compost: 1 }),
]

export interface Share {
  readonly ingredient: Ingredient
  /** Share of the loose volume that goes into the tub, 0–1. */
  readonly share: number
}

/**
 * A recipe's ingredients as shares of the loose volume.
 *
 * @param shelf what there is to mix with
 * @throws InputError `negativeParts`, `unknownIngredient`, or `noParts` where the parts sum to nothing
 */
export function recipeShares({ parts }: Recipe, shelf: IngredientShelf): readonly Share[] {
  const wrong = parts.find((part) => part.parts < 0)
  if (wrong) throw new InputError('negativeParts', { given: wrong.parts })
  const total = parts.reduce((sum, part) => sum + part.parts, 0)
  if (!(total > 0)) throw new InputError('noParts')
  return parts.map((part) => {
    const ingredient = own(shelf, part.ingredientId)
    if (!ingredient) throw new InputError('unknownIngredient', { given: part.ingredientId })
    return { ingredient, share: part.parts / total }
  })
}
