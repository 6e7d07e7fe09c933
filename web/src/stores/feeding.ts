import { defineStore, storeToRefs } from 'pinia'
import { computed, shallowRef, watch } from 'vue'
import {
  feedRound,
  feedToday,
  feedTools,
  potOnDay,
  type FeedRound,
  type FeedToday,
  type GardenCourse,
  type Stop,
} from '@rimbo/core'
import { useGardenStore } from './garden'
import { useTodayStore } from './today'
import { inTurns } from '../turnByTurn'

/** How each pot stands with its feed, and the feeds of this walk. Derived, never stored. */
export const useFeedingStore = defineStore('feeding', () => {
  const { garden } = storeToRefs(useGardenStore())
  const today = useTodayStore()
  const { walked, progress } = storeToRefs(today)
  /** The walk that feeds are told for: those of a garden just opened are worked out pot by pot. */
  const fed = shallowRef<typeof walked.value>()
  let workedOutFor: string | undefined
  const ahead = (course: GardenCourse) => {
    for (const pot of course.pots) feedToday(course, pot, potOnDay(course, pot, course.today))
  }
  today.ahead.feeds = ahead
  const potByPot = (course: GardenCourse) =>
    inTurns(
      course.pots.flatMap((pot) =>
        [ahead, today.ahead.jobs].map((work) => () => work?.({ ...course, pots: [pot] })),
      ),
    )
  watch(
    walked,
    async (now) => {
      if (now && !progress.value && workedOutFor !== now.course.garden.id) {
        const { course } = now
        workedOutFor = course.garden.id
        // What cannot be worked out is told by the view that asks for it.
        await potByPot(course).catch(() => undefined)
      }
      fed.value = walked.value
    },
    { immediate: true, flush: 'sync' },
  )

  const byContainer = computed<ReadonlyMap<string, FeedToday>>(() => {
    if (!fed.value) return new Map()
    const { course, today } = fed.value
    return new Map(
      today.pots.flatMap((pot, index) => {
        const feed = feedToday(course, course.pots[index]!, pot)
        return feed ? [[pot.container.id, feed] as const] : []
      }),
    )
  })
  const feedOf = (stop: Stop) => byContainer.value.get(stop.pot.container.id)
  /** The walk as far as it is worked out. */
  const begun = computed<FeedRound | undefined>(
    () => fed.value && garden.value && feedRound(fed.value.round, feedOf, feedTools(garden.value)),
  )
  const isWhole = computed(
    () => !progress.value && fed.value?.course.pots.length === garden.value?.containers.length,
  )
  /** All of it: what is to be carried is told of no part. */
  const walk = computed(() => (isWhole.value ? begun.value : undefined))
  return { fed, byContainer, begun, isWhole, walk }
})
