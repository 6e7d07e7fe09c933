import { ingredients, type Ingredient, type MixTest, type Recipe } from '../../mix'
import { own } from '../../units'
import type { Garden } from '../garden'
import { keepIn } from '../touched'
import { correctIn } from './changes'
import { editOf, without, type GardenEdit } from './edit'
import { countRecord, type Counted } from './records'

/** Some pots are filled with a mix, and were when it was put in. */
export const setMix = (
  containerIds: readonly string[],
  recipeId: string,
  mix: string,
): GardenEdit =>
  editOf('setMix', { mix }, (draft) => {
    for (const { id } of draft.containers)
      if (containerIds.includes(id)) correctIn(draft, id, ['recipeId'], { recipeId })
  })

/** A recipe as its form has it; without a start it is a new one. */
export const keepRecipe = (
  recipe: Recipe & { readonly name: string },
  start: Recipe | undefined,
): GardenEdit =>
  editOf('recipe', { name: recipe.name }, (draft) => keepIn(draft.recipes, recipe, start, !start))

/** Removes a recipe of the gardener's own; the mix of pots that were filled with it is unknown then. */
export const removeRecipe = (id: string, name: string): GardenEdit =>
  editOf('removeRecipe', { name }, (draft) => {
    draft.recipes = without(draft.recipes, id)
    for (const container of draft.containers)
      if (container.recipeId === id) delete container.recipeId
  })

/** An ingredient as its form has it, and how much of it is at hand, where that was counted. */
export const keepIngredient = (
  ingredient: Ingredient,
  start: Ingredient | undefined,
  isNew: boolean,
  counted?: Counted,
): GardenEdit =>
  editOf('ingredient', { name: ingredient.name ?? '' }, (draft) => {
    keepIn(draft.ingredients, ingredient, start, isNew)
    if (counted) draft.records.push(countRecord(counted, ingredient.id, 'L'))
  })

/** Whether a recipe uses an ingredient of the gardener's own, which then cannot be removed. */
export const isIngredientNeeded = ({ recipes }: Pick<Garden, 'recipes'>, id: string): boolean =>
  !own(ingredients, id) &&
  recipes.some(({ parts }) => parts.some(({ ingredientId }) => ingredientId === id))

/** Removes an ingredient of the gardener's own; a changed typical one is typical again. */
export const removeIngredient = (id: string): GardenEdit =>
  editOf('removeIngredient', {}, (draft) => {
    draft.ingredients = without(draft.ingredients, id)
  })

/** Adds a kitchen test, or a weighed spoon. */
export const keepMixTest = (test: MixTest): GardenEdit =>
  editOf('mixTest', {}, (draft) => {
    draft.mixTests.push(test)
  })

/** Removes a kitchen test. */
export const removeMixTest = (id: string): GardenEdit =>
  editOf('removeMixTest', {}, (draft) => {
    draft.mixTests = without(draft.mixTests, id)
  })
