import { z } from 'zod'
import {
  customIssue,
  idSchema,
  InputError,
  nameSchema,
  open,
  practice,
  type Provenance,
} from '../units'
import { ingredients, type Ingredient } from './ingredients'

/** What goes into a mix, in parts by volume. */
export const recipeSchema = open({
  id: idSchema,
  /** The gardener's own name for it; the built-in ones are named by the interface. */
  name: nameSchema.optional(),
  parts: z
    .array(open({ ingredientId: idSchema, parts: z.number().positive().max(1000) }))
    .min(1)
    .max(12),
}).superRefine((recipe, context) => {
  recipe.parts.forEach((part, index) => {
    if (!ingredients[part.ingredientId])
      context.addIssue(
        customIssue('unknownIngredient', ['parts', index, 'ingredientId'], {
          given: part.ingredientId,
        }),
      )
  })
})
export type Recipe = z.infer<typeof recipeSchema>

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
  recipe('lightTerrace', { coir: 65, manure: 15, riceHulls: 15, loam: 5 }),
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
 * @throws InputError `unknownIngredient`, or `noParts` where the parts sum to nothing
 */
export function recipeShares(recipe: Recipe): readonly Share[] {
  const total = recipe.parts.reduce((sum, part) => sum + part.parts, 0)
  if (!(total > 0)) throw new InputError('noParts')
  return recipe.parts.map(({ ingredientId, parts }) => {
    const ingredient = ingredients[ingredientId]
    if (!ingredient) throw new InputError('unknownIngredient', { given: ingredientId })
    return { ingredient, share: parts / total }
  })
}
