import { computed, type Ref } from 'vue'
import { storeToRefs } from 'pinia'
import { curveAboutToday, waterRisks } from '@rimbo/core'
import { useTodayStore } from '../../stores/today'

/** The pot that is looked at under Water, and all that is drawn of it. */
export function useWaterPot(chosenId: Ref<string | undefined>) {
  const { course, today } = storeToRefs(useTodayStore())
  const pots = computed(() => today.value?.pots.filter(({ plants }) => plants.length > 0) ?? [])
  const shown = computed(
    () => pots.value.find(({ container }) => container.id === chosenId.value) ?? pots.value[0],
  )
  const pot = computed(() =>
    course.value?.pots.find(({ container }) => container.id === shown.value?.container.id),
  )
  const curve = computed(() =>
    course.value && pot.value ? curveAboutToday(course.value, pot.value) : undefined,
  )
  const risks = computed(() =>
    course.value && pot.value ? waterRisks(course.value, pot.value) : undefined,
  )
  return { course, pots, shown, pot, curve, risks }
}
