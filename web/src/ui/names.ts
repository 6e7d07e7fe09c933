import { useI18n } from 'vue-i18n'
import type { Recipe, Variety } from '@rimbo/core'

/** Names of things that are in the catalogues by id and may have a name of their own. */
export function useNames() {
  const { t } = useI18n()
  return {
    varietyName: (variety: Variety) => variety.name ?? t(`habitClass.${variety.id}`),
    recipeName: (recipe: Recipe) => recipe.name ?? t(`recipe.${recipe.id}`),
    ingredientName: (id: string) => t(`ingredient.${id}`),
  }
}
