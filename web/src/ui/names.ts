import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { limeKinds, type Recipe, type Variety } from '@rimbo/core'
import { useGardenStore } from '../stores/garden'

/** Names of things that are in the catalogues by id and may have a name of their own. */
export function useNames() {
  const { t } = useI18n()
  const { garden } = storeToRefs(useGardenStore())
  return {
    varietyName: (variety: Variety) => variety.name ?? t(`habitClass.${variety.id}`),
    recipeName: (recipe: Recipe) => recipe.name ?? t(`recipe.${recipe.id}`),
    /** A lime or a feed. */
    productName: (id: string) =>
      garden.value?.products.find((one) => one.id === id)?.name ??
      t(limeKinds.some((kind) => kind === id) ? `limeKind.${id}` : `product.${id}`),
    ingredientName: (id: string) =>
      garden.value?.ingredients.find((one) => one.id === id)?.name ?? t(`ingredient.${id}`),
  }
}
