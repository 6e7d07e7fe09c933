import { defineStore, storeToRefs } from 'pinia'
import { computed } from 'vue'
import { group } from 'd3'
import {
  duesAhead,
  duesToday,
  feedRound,
  feedToday,
  feedTools,
  type Due,
  type FeedRound,
  type FeedToday,
  type Stop,
} from '@rimbo/core'
import { useGardenStore } from './garden'
import { useTodayStore } from './today'

/** How each pot stands with its feed, and the feeds of this walk. Derived, never stored. */
export const useFeedingStore = defineStore('feeding', () => {
  const { garden } = storeToRefs(useGardenStore())
  const { course, today, round } = storeToRefs(useTodayStore())

  const byContainer = computed<ReadonlyMap<string, FeedToday>>(() => {
    const { value: ofCourse } = course
    if (!ofCourse || !today.value) return new Map()
    return new Map(
      today.value.pots.flatMap((pot, index) => {
        const feed = feedToday(ofCourse, ofCourse.pots[index]!, pot)
        return feed ? [[pot.container.id, feed] as const] : []
      }),
    )
  })
  const feedOf = (stop: Stop) => byContainer.value.get(stop.pot.container.id)
  const walk = computed<FeedRound | undefined>(
    () => round.value && garden.value && feedRound(round.value, feedOf, feedTools(garden.value)),
  )
  /** All that is due, today and ahead, by the pot it is due at. */
  const dues = computed<ReadonlyMap<string, readonly Due[]>>(() => {
    const { value: ofCourse } = course
    const { value: day } = today
    if (!ofCourse || !day) return new Map()
    const feed = (id: string) => byContainer.value.get(id)
    return group(
      [...duesToday(day, feed), ...duesAhead(ofCourse, feed)],
      ({ containerId }) => containerId,
    )
  })
  return { byContainer, walk, dues }
})
