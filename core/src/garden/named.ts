import { recipes, type Recipe } from '../mix'
import { catalogue, type Variety } from '../plant'
import type { Garden } from './garden'

/** The variety of that id, the gardener's own before the catalogue's. */
export const varietyOf = (garden: Garden, id: string): Variety | undefined =>
  garden.varieties.find((variety) => variety.id === id) ??
  catalogue.find((variety) => variety.id === id)

/** The recipe of that id, the gardener's own before the usual ones. */
export const recipeOf = (
  garden: Pick<Garden, 'recipes'>,
  id: string | undefined,
): Recipe | undefined =>
  garden.recipes.find((recipe) => recipe.id === id) ?? recipes.find((recipe) => recipe.id === id)
