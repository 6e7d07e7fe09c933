import { TABLED_SUCTIONS_CM } from './suctions'
import type { Ingredient } from './ingredientSchema'
import type { IngredientShelf } from './ingredient'
import { minerals } from './minerals'
import { organics } from './organics'

type Water = Ingredient['waterShares']

/** What a mix is usually made of, by id: typical values, all from memory. */
export const ingredients: IngredientShelf = Object.fromEntries(
  [...organics, ...minerals].map(({ waterPercents, nutrients: [n, p, k, ca, mg], ...row }) => [
    row.id,
    {
      cautions: [],
      ...row,
      waterShares: TABLED_SUCTIONS_CM.map((_, index) => waterPercents[index]! / 100) as Water,
      nutrientsMgL: { n, p, k, ca, mg },
    },
  ]),
)
