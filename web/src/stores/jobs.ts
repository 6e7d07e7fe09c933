import { defineStore, storeToRefs } from 'pinia'
import { computed } from 'vue'
import { group } from 'd3'
import {
  jobsIn,
  jobsOfCourse,
  jobsOfPot,
  walkOfJobs,
  type GardenCourse,
  type Job,
  type Walk,
} from '@rimbo/core'
import { useFeedingStore } from './feeding'
import { useGardenStore } from './garden'
import { useTodayStore } from './today'

const NONE: readonly Job[] = []

/** What there is to do, for every pot, up to the end of the season. Derived, never stored. */
export const useJobsStore = defineStore('jobs', () => {
  const { garden } = storeToRefs(useGardenStore())
  const today = useTodayStore()
  const { date } = storeToRefs(today)
  const feeding = useFeedingStore()
  // The jobs of a garden just opened are worked out pot by pot, behind its feeds.
  today.ahead.jobs = (course: GardenCourse) =>
    course.pots.forEach((pot) => jobsOfPot(course, pot, course.to))

  /** All of them; none until the whole season is worked out, and the feed of every pot. */
  const all = computed<readonly Job[]>(() => {
    const { fed, byContainer, isWhole } = feeding
    if (!fed || !isWhole) return NONE
    const { course, today } = fed
    const dayOf = new Map(today.pots.map((pot) => [pot.container.id, pot]))
    return jobsOfCourse(course, course.to, {
      todayOf: ({ container }) => dayOf.get(container.id)!,
      feedOf: ({ container }) => byContainer.get(container.id),
    })
  })
  const byContainer = computed<ReadonlyMap<string, readonly Job[]>>(() =>
    group(all.value, ({ containerId }) => containerId ?? ''),
  )
  const ofToday = computed(() => jobsIn(all.value, date.value, date.value))
  const todayByContainer = computed<ReadonlyMap<string, readonly Job[]>>(() =>
    group(ofToday.value, ({ containerId }) => containerId ?? ''),
  )
  const walk = computed<Walk | undefined>(
    () => garden.value && walkOfJobs(garden.value, ofToday.value),
  )
  return { all, byContainer, ofToday, todayByContainer, walk }
})
