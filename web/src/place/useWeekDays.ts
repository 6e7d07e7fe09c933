import { computed } from 'vue'
import { useFormat } from '../ui/words/format'

/** Days with which weeks begin somewhere: Monday, Saturday, Sunday. */
const FIRST_DAYS = [1, 6, 7] as const
/** A Monday. */
const MONDAY_DAY = 5

/** The first day of a week as a choice: its number, 1 for Monday, as a text. */
export function useWeekDays() {
  const { day } = useFormat()
  const options = computed(() =>
    FIRST_DAYS.map((number) => ({
      value: String(number),
      label: day(`2026-01-${String(MONDAY_DAY + number - 1).padStart(2, '0')}`, {
        weekday: 'long',
      }),
    })),
  )
  return {
    options,
    toText: (day: number) => String(day),
    toDay: (text: string | undefined) => Number(text ?? FIRST_DAYS[0]),
  }
}
