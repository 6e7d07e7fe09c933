import type { Garden } from '../../garden'
import { addDays, dayOf } from '../../units'
import { courseSpan } from '../course'

/** Jobs are told no further from today than this, days. */
const FARTHEST_DAYS = 366

/** Days that a course must have for jobs between two days to be told. */
export function courseDays(garden: Garden, now: string, from: string, to: string) {
  const today = dayOf(now)
  const usual = courseSpan(garden, today)
  const [least, most] = [addDays(today, -FARTHEST_DAYS), addDays(today, FARTHEST_DAYS)]
  const first = from < usual.from ? from : usual.from
  const last = to > usual.to ? to : usual.to
  return { from: first < least ? least : first, to: last > most ? most : last }
}
