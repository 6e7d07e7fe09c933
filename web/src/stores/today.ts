import { useNow } from '@vueuse/core'
import { defineStore, storeToRefs } from 'pinia'
import { computed } from 'vue'
import {
  gardenCourse,
  gardenOn,
  roundOf,
  type GardenCourse,
  type GardenToday,
  type Round,
} from '@rimbo/core'
import { useGardenStore } from './garden'

const twoDigits = (value: number) => String(value).padStart(2, '0')

/** The gardener's own clock as the records write it, `YYYY-MM-DDTHH:mm`. */
function onTheClock(moment: Date): string {
  const date = [moment.getFullYear(), moment.getMonth() + 1, moment.getDate()]
    .map(twoDigits)
    .join('-')
  return `${date}T${twoDigits(moment.getHours())}:${twoDigits(moment.getMinutes())}`
}

/** What follows from the open garden on this day. Derived, never stored. */
export const useTodayStore = defineStore('today', () => {
  const { garden } = storeToRefs(useGardenStore())
  const wallClock = useNow({ interval: 30_000 })
  const now = computed(() => garden.value?.clock ?? onTheClock(wallClock.value))
  const date = computed(() => now.value.slice(0, 10))
  /** The morning's round is not the evening's. */
  const hour = computed(() => now.value.slice(0, 13))
  const year = computed(() => Number(date.value.slice(0, 4)))
  /** The whole season about this day. */
  const course = computed<GardenCourse | undefined>(
    () => garden.value && gardenCourse(garden.value, hour.value),
  )
  const today = computed<GardenToday | undefined>(
    () => course.value && gardenOn(course.value, date.value),
  )
  const round = computed<Round | undefined>(
    () => today.value && garden.value && roundOf(today.value, garden.value.settings.measures.canL),
  )
  return { now, date, year, course, today, round }
})
