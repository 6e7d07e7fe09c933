import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { limeKinds, type Recipe, type Variety } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'

/** Names of things that are in the catalogues by id and may have a name of their own. */
export function useNames() {
  const i18n = useI18n()
  const { t } = i18n
  const { garden } = storeToRefs(useGardenStore())
  /** The catalogue's word for an id; the id itself where a file brings one without a name. */
  const word = (catalogue: string, id: string) =>
    i18n.te(`${catalogue}.${id}`) ? t(`${catalogue}.${id}`) : id
  return {
    varietyName: (variety: Variety) => variety.name ?? word('habitClass', variety.id),
    recipeName: (recipe: Recipe) => recipe.name ?? word('recipe', recipe.id),
    /** A lime or a feed. */
    productName: (id: string) =>
      garden.value?.products.find((one) => one.id === id)?.name ??
      word(limeKinds.some((kind) => kind === id) ? 'limeKind' : 'product', id),
    ingredientName: (id: string) =>
      garden.value?.ingredients.find((one) => one.id === id)?.name ?? word('ingredient', id),
  }
}
