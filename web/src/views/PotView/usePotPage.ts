import { computed, ref, watch } from 'vue'
import { storeToRefs } from 'pinia'
import { useRoute } from 'vue-router'
import {
  addDays,
  cropForecast,
  daysBetween,
  growthReasons,
  observationsOf,
  potOnDay,
  potString,
  withJobs,
} from '@rimbo/core'
import { useChosenStore } from '../../stores/chosen'
import { useJobsStore } from '../../stores/jobs'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'

/** What the page of a pot shows: the pot of the address, on the day that is looked at. */
export function usePotPage() {
  const { garden } = storeToRefs(useGardenStore())
  const { course, date: todayDate, now } = storeToRefs(useTodayStore())
  const { byContainer: jobs, todayByContainer } = storeToRefs(useJobsStore())
  const route = useRoute()
  const otherDay = ref<string>()
  const chosenId = ref<string>()

  const { potId } = storeToRefs(useChosenStore())
  watch(
    () => String(route.params['id']),
    (id) => (potId.value = id),
    { immediate: true },
  )

  const shownDate = computed({
    get: () => otherDay.value ?? todayDate.value,
    set: (date) => (otherDay.value = date === todayDate.value ? undefined : date),
  })
  const pot = computed(() =>
    course.value?.pots.find(({ container }) => container.id === route.params['id']),
  )
  const shown = computed(() =>
    course.value && pot.value ? potOnDay(course.value, pot.value, shownDate.value) : undefined,
  )
  const todays = computed(() =>
    course.value && pot.value ? potOnDay(course.value, pot.value, todayDate.value) : undefined,
  )
  const string = computed(() =>
    course.value && pot.value
      ? withJobs(
          potString(course.value, pot.value),
          course.value,
          jobs.value.get(pot.value.container.id) ?? [],
        )
      : undefined,
  )
  const dayOf = (date: string) => (course.value ? daysBetween(course.value.from, date) : 0)
  const dateOf = (day: number) => addDays(course.value?.from ?? todayDate.value, day)
  const plant = computed(
    () =>
      shown.value?.plants.find(({ planting }) => planting.id === chosenId.value) ??
      shown.value?.plants[0],
  )
  const crop = computed(() => plant.value && cropForecast(plant.value.course))
  const reasons = computed(() =>
    plant.value ? growthReasons(plant.value.course, dayOf(shownDate.value)) : [],
  )
  const observations = computed(() =>
    garden.value && plant.value ? observationsOf(garden.value, plant.value.planting) : [],
  )
  const neighbours = computed(() => {
    const list = garden.value?.containers ?? []
    const here = list.findIndex(({ id }) => id === route.params['id'])
    return { before: list[here - 1], after: list[here + 1] }
  })
  return {
    garden,
    course,
    now,
    todayDate,
    shownDate,
    pot,
    shown,
    todays,
    string,
    jobsToday: computed(() => todayByContainer.value.get(String(route.params['id'])) ?? []),
    plant,
    chosenId,
    crop,
    reasons,
    observations,
    neighbours,
    dayOf,
    dateOf,
  }
}
