import { computed, type ComputedRef } from 'vue'
import type { PotToday } from '@rimbo/core'

/** All that a section is drawn from; what is equal in these is drawn the same. */
function sectionKey({ container, mix, plants }: PotToday): readonly unknown[] {
  return [
    container,
    mix?.recipe,
    ...plants.flatMap(({ planting, variety, growth }) => [
      planting,
      variety,
      growth.daysSincePlanting,
      growth.heightMm,
    ]),
  ]
}

const isSame = (one: readonly unknown[], other: readonly unknown[]) =>
  one.length === other.length && one.every((value, index) => value === other[index])

/**
 * The same pots, each the very object it was before where its section has not
 * changed, so that an edit of one pot redraws that pot alone.
 */
export function useStablePots(pots: () => readonly PotToday[]): ComputedRef<readonly PotToday[]> {
  let known = new Map<string, { key: readonly unknown[]; pot: PotToday }>()
  return computed(() => {
    const next = new Map<string, { key: readonly unknown[]; pot: PotToday }>()
    const stable = pots().map((pot) => {
      const before = known.get(pot.container.id)
      const key = sectionKey(pot)
      const kept = before && isSame(before.key, key) ? before : { key, pot }
      next.set(pot.container.id, kept)
      return kept.pot
    })
    known = next
    return stable
  })
}
