import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { ingredientsOf, own, recipeOf, varietyOf, type GardenRecord } from '@rimbo/core'
import { toldOf } from '../../records/kinds'
import { useGardenStore } from '../../stores/garden'
import { useFormat } from './format'
import { useNames } from './names'

/** A record in words. */
export function useRecordWords() {
  const { garden } = storeToRefs(useGardenStore())
  const { t } = useI18n()
  const { volume, mass, length, share, number } = useFormat()
  const { varietyName, productName, ingredientName, recipeName } = useNames()

  function variety(id: string): string {
    const known = garden.value && varietyOf(garden.value, id)
    return known ? varietyName(known) : id
  }
  function recipe(id: string): string {
    const known = garden.value && recipeOf(garden.value, id)
    return known ? recipeName(known) : id
  }
  const space = (id: string) => garden.value?.spaces.find((one) => one.id === id)?.name ?? id
  const pot = (id: string) => garden.value?.containers.find((one) => one.id === id)?.code ?? id
  function item(id: string): string {
    if (!garden.value) return id
    if (own(ingredientsOf(garden.value), id)) return ingredientName(id)
    return varietyOf(garden.value, id) ? variety(id) : productName(id)
  }

  const whatWords = (record: GardenRecord): string =>
    toldOf(record, {
      t: (key, params) => t(key, params ?? {}),
      ...{ volume, mass, length, share, number, variety, item, recipe, space, pot },
      product: productName,
    })
  return { whatWords }
}
