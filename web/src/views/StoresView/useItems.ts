import { computed } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import {
  catalogue,
  feedProducts,
  ingredientsOf,
  mulchMaterials,
  own,
  productIds,
  varietyOf,
  type StockUnit,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useFormat } from '../../ui/words/format'
import { useNames } from '../../ui/words/names'

/** Things that are counted and are no seed. */
const countedThings = ['stake', 'cage', 'net', 'label', 'pot', 'ties', 'can'] as const

/** Names and amounts of what is at hand. */
export function useItems() {
  const { garden } = storeToRefs(useGardenStore())
  const { t } = useI18n()
  const { volume, mass, number } = useFormat()
  const { varietyName, ingredientName, productName } = useNames()

  function itemName(itemId: string, unit: StockUnit): string {
    if (!garden.value) return itemId
    if (unit === 'L') {
      if (own(ingredientsOf(garden.value), itemId)) return ingredientName(itemId)
      return mulchMaterials.some((one) => one === itemId) ? t(`mulchMaterial.${itemId}`) : itemId
    }
    if (unit !== 'count') return productName(itemId)
    const variety = varietyOf(garden.value, itemId)
    if (variety) return t('stores.seedOf', { name: varietyName(variety) })
    return countedThings.some((one) => one === itemId) ? t(`stores.thing.${itemId}`) : itemId
  }
  const amountWords = (amount: number, unit: StockUnit): string => {
    const shown = Math.abs(amount)
    if (unit === 'L') return volume(shown)
    if (unit === 'g') return mass(shown)
    return unit === 'mL' ? volume(shown / 1000) : number(shown)
  }
  /** Everything that can be counted or bought, as `unit itemId`. */
  const choices = computed(() => {
    if (!garden.value) return []
    const keyed = (ids: readonly string[], unit: StockUnit) =>
      ids.map((id) => ({ value: `${unit} ${id}`, label: itemName(id, unit) }))
    const feeds = new Set([...feedProducts(garden.value).map(({ id }) => id), ...productIds])
    const varieties = [...garden.value.varieties, ...catalogue].map(({ id }) => id)
    return [
      ...keyed(Object.keys(ingredientsOf(garden.value)), 'L'),
      ...keyed([...feeds], 'g'),
      ...keyed([...countedThings], 'count'),
      ...keyed([...new Set(varieties)], 'count'),
    ]
  })
  const parse = (key: string): { itemId: string; unit: StockUnit } => {
    const at = key.indexOf(' ')
    return { unit: key.slice(0, at) as StockUnit, itemId: key.slice(at + 1) }
  }
  return { itemName, amountWords, choices, parse }
}
