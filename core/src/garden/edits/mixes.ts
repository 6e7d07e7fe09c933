import { ingredients, type Ingredient, type MixTest, type Recipe } from '../../mix'
import { own } from '../../units'
import type { Garden } from '../garden'
import { keepIn } from '../touched'
import { editOf, without, type GardenEdit } from './edit'
import { countRecord, type Counted } from './records'

/** Some pots are filled with a mix. */
export const setMix = (
  containerIds: readonly string[],
  recipeId: string,
  mix: string,
): GardenEdit =>
  editOf('setMix', { mix }, ({ containers }) => {
    for (const container of containers)
      if (containerIds.includes(container.id)) container.recipeId = recipeId
  })

export const keepRecipe = (
  recipe: Recipe & { readonly name: string },
  start: Recipe | undefined,
): GardenEdit =>
  editOf('recipe', { name: recipe.name }, (draft) => keepIn(draft.recipes, recipe, start, !start))

/** A recipe of one's own goes; pots that were filled by it have a mix that is not known. */
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

/** Whether an ingredient of one's own stands in a recipe: then it has to stay. */
export const isIngredientNeeded = ({ recipes }: Pick<Garden, 'recipes'>, id: string): boolean =>
  !own(ingredients, id) &&
  recipes.some(({ parts }) => parts.some(({ ingredientId }) => ingredientId === id))

/** An ingredient of one's own goes; a typical one that was changed is typical again. */
export const removeIngredient = (id: string): GardenEdit =>
  editOf('removeIngredient', {}, (draft) => {
    draft.ingredients = without(draft.ingredients, id)
  })

/** A kitchen test, a weighed spoon among them. */
export const keepMixTest = (test: MixTest): GardenEdit =>
  editOf('mixTest', {}, (draft) => {
    draft.mixTests.push(test)
  })

export const removeMixTest = (id: string): GardenEdit =>
  editOf('removeMixTest', {}, (draft) => {
    draft.mixTests = without(draft.mixTests, id)
  })
