import { storeToRefs } from 'pinia'
import { useI18n } from 'vue-i18n'
import { addDays } from '@rimbo/core'
import { useTodayStore } from '../../stores/today'
import { useFormat } from './format'

const HOURS = 24

/** Day and hour of so many hours from now, in words. */
export function useMoment() {
  const { frame } = storeToRefs(useTodayStore())
  const { t } = useI18n()
  const { day } = useFormat()
  return (hours: number): string => {
    const at = (frame.value?.nowH ?? 0) + hours
    const date = addDays(frame.value?.today ?? '', Math.floor(at / HOURS))
    return t('round.moment', {
      day: day(date, { weekday: 'short', day: 'numeric' }),
      hour: at % HOURS,
    })
  }
}
