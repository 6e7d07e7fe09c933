import { computed, type Ref } from 'vue'
import { storeToRefs } from 'pinia'
import { nanoid } from 'nanoid'
import {
  edits,
  dosedPot,
  doseFor,
  feedProducts,
  feedTools,
  holdsFor,
  InputError,
  shelfStock,
  type FeedDose,
  type FeedHold,
  type FeedProduct,
  type FeedToday,
  type PotToday,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'
import { useNames } from '../../ui/words/names'

/** Giving a feed: the dose of any product for the chosen pot, and its record. */
export function useFeeding(pot: Ref<PotToday>, feed: Ref<FeedToday>) {
  const store = useGardenStore()
  const { garden } = storeToRefs(store)
  const { course, now } = storeToRefs(useTodayStore())
  const { productName } = useNames()

  /** Those on the shelf first, then all others. */
  const products = computed((): readonly FeedProduct[] => {
    if (!garden.value) return []
    const atHand = shelfStock(garden.value).map(({ product }) => product)
    const ids = new Set(atHand.map(({ id }) => id))
    return [...atHand, ...feedProducts(garden.value).filter(({ id }) => !ids.has(id))]
  })
  const choices = computed(() =>
    products.value.map(({ id }) => ({ value: id, label: productName(id) })),
  )

  /** What is left of a product on the shelf, g; undefined where it is not there. */
  const stockOf = (productId: string): number | undefined =>
    garden.value && shelfStock(garden.value).find(({ product }) => product.id === productId)?.leftG

  /** A dose by the label, or of so many grams; the fault where it cannot be told. */
  function doseOf(
    productId: string,
    massG: number | undefined,
  ): { dose?: FeedDose; holds?: readonly FeedHold[]; fault?: InputError } {
    const product = products.value.find(({ id }) => id === productId)
    if (!product || !garden.value || !course.value) return {}
    try {
      const dosed = dosedPot(pot.value)
      const aim =
        massG === undefined ? { kind: 'label' as const } : { kind: 'mass' as const, massG }
      const dose = doseFor(dosed, product, aim, feedTools(garden.value))
      return { dose, holds: holdsFor(course.value, feed.value, pot.value, dose) }
    } catch (error) {
      if (error instanceof InputError) return { fault: error }
      throw error
    }
  }

  /** Records doses as given now; what they are dissolved in is recorded with the first. */
  async function give(doses: readonly FeedDose[]): Promise<void> {
    const { container } = pot.value
    await store.edit(edits.recordFeeds({ container, at: now.value, doses }, nanoid))
  }

  /** Keeps what a level tablespoon of a product weighs. */
  async function weighSpoon(productId: string, massG: number, volumeL: number): Promise<void> {
    await store.edit(
      edits.keepMixTest({
        id: nanoid(),
        at: now.value,
        kind: 'weigh',
        of: 'product',
        testedId: productId,
        massG,
        volumeL,
      }),
    )
  }

  return { products, choices, stockOf, doseOf, give, weighSpoon }
}
