import { computed, type Ref } from 'vue'
import { storeToRefs } from 'pinia'
import { waterCurve, waterRisks } from '@rimbo/core'
import { useTodayStore } from '../../stores/today'

/** Days that are drawn before and after today. */
const DRAWN = { past: 9, ahead: 7 }
const HOURS = 24

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
  /** Planted, and with at least a morning of its own. */
  const curve = computed(() => {
    if (!course.value || !pot.value) return undefined
    const { firstHour, nowHour } = pot.value.ofWater
    return firstHour <= nowHour
      ? waterCurve(course.value, pot.value, DRAWN.past, DRAWN.ahead)
      : undefined
  })
  /** Hours of the curve whose weather is measured or forecast. */
  const knownTo = computed(() => {
    if (!course.value || !curve.value) return 0
    const first = Math.floor(curve.value.from / HOURS)
    const { sources } = course.value.sky
    const today = Math.floor(curve.value.nowHour / HOURS)
    const end = sources.findIndex((source, day) => day >= today && source === 'typical')
    return ((end < 0 ? sources.length : end) - first) * HOURS
  })
  const risks = computed(() =>
    course.value && pot.value ? waterRisks(course.value, pot.value) : undefined,
  )
  return { course, pots, shown, pot, curve, knownTo, risks }
}
