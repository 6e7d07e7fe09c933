import { defineStore, storeToRefs } from 'pinia'
import { computed } from 'vue'
import {
  daysBetween,
  feedDays,
  feedRound,
  feedToday,
  feedTools,
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
  /** Days of the course on which each pot is fed by its plan: today where it is due, then ahead. */
  const daysAhead = computed<ReadonlyMap<string, readonly number[]>>(() => {
    const { value: ofCourse } = course
    const { value: own } = garden
    if (!ofCourse || !own) return new Map()
    const day = daysBetween(ofCourse.from, ofCourse.today)
    return new Map(
      [...byContainer.value].map(([id, feed]) => [
        id,
        [...(feed.due.some(({ isHeld }) => !isHeld) ? [day] : []), ...feedDays(own, feed, day)],
      ]),
    )
  })
  return { byContainer, walk, daysAhead }
})
