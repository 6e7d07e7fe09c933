import { computed, ref } from 'vue'
import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { daysBetween } from '@rimbo/core'
import { useTodayStore } from '../../stores/today'
import { useFormat } from '../../ui/words/format'

/** The day that the line-up shows, today until the line is drawn elsewhere, and its words. */
export function useShownDay() {
  const { course, date: today } = storeToRefs(useTodayStore())
  const { t } = useI18n()
  const { temp, day } = useFormat()

  const otherDay = ref<string>()
  const rowKind = ref<'days' | 'weeks'>('days')
  const shownDate = computed({
    get: () => otherDay.value ?? today.value,
    set: (date) => (otherDay.value = date === today.value ? undefined : date),
  })
  const shownWords = computed(() => {
    if (!course.value) return ''
    const { from, sky } = course.value
    const index = daysBetween(from, shownDate.value)
    const { tempMaxC } = sky.days[index] ?? {}
    return [
      day(shownDate.value),
      ...(tempMaxC === undefined ? [] : [temp(tempMaxC)]),
      t(`sky.source.${sky.sources[index] ?? 'typical'}`),
    ].join(' · ')
  })
  const rowWords = (date: string) =>
    day(
      date,
      rowKind.value === 'days'
        ? { weekday: 'short', day: 'numeric' }
        : { day: 'numeric', month: 'short' },
    )
  return {
    shownDate,
    isOtherDay: computed(() => otherDay.value !== undefined),
    rowKind,
    shownWords,
    rowWords,
  }
}
