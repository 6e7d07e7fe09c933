// Days are asked for by the million, in every record that is read and every year that is
// simulated: an ISO day is a moment of universal time, and days are equal.
const DAY_MS = 86_400_000
const DAY_LENGTH = 'YYYY-MM-DD'.length
const isoOf = (ms: number) => new Date(ms).toISOString()
const midnightOf = (date: string) => Date.parse(`${dayOf(date)}T00:00:00Z`)

/** Whether the text is a real calendar day, `YYYY-MM-DD`. */
export const isDate = (text: string): boolean =>
  /^\d{4}-\d\d-\d\d$/.test(text) &&
  // The platform turns a day that a month does not have into another day, which gives it away.
  new Date(Date.parse(text)).getUTCDate() === Number(text.slice(DAY_LENGTH - 2))

/** Whether the text is a real moment on a clock, `YYYY-MM-DDTHH:mm`. */
export const isDateTime = (text: string): boolean =>
  /^.{10}T([01]\d|2[0-3]):[0-5]\d$/.test(text) && isDate(dayOf(text))

/** The day of a moment or day, `YYYY-MM-DD`. */
export const dayOf = (moment: string): string => moment.slice(0, DAY_LENGTH)

/** 1 on 1 January. */
export const dayOfYear = (date: string): number =>
  Math.round((midnightOf(date) - Date.UTC(Number(date.slice(0, 4)), 0, 0)) / DAY_MS)

/** Whole days from the first day to the second; negative when it lies before. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((midnightOf(to) - midnightOf(from)) / DAY_MS)

/**
 * The first day from one on that has this month and day, `MM-DD`.
 *
 * @example nextMonthDay('03-12', '2026-06-18') // => '2027-03-12'
 */
export function nextMonthDay(monthDay: string, from: string): string {
  const year = Number(from.slice(0, 4))
  return `${monthDay < from.slice(5, DAY_LENGTH) ? year + 1 : year}-${monthDay}`
}

const WEEK_DAYS = 7
/** A Monday. */
const SOME_MONDAY = '2026-01-05'

/**
 * Days since the week of a date began.
 *
 * @param startsOn first day of a week, 1 for Monday to 7 for Sunday
 * @example daysIntoWeek('2026-06-18', 1) // => 3, a Thursday
 */
export const daysIntoWeek = (date: string, startsOn = 1): number => {
  const sinceMonday = daysBetween(SOME_MONDAY, date) - (startsOn - 1)
  return ((sinceMonday % WEEK_DAYS) + WEEK_DAYS) % WEEK_DAYS
}

/** First day of the week after that of a date. @example nextWeekFrom('2026-06-18', 7) // => '2026-06-21', a Sunday */
export const nextWeekFrom = (date: string, startsOn = 1): string =>
  addDays(date, WEEK_DAYS - daysIntoWeek(date, startsOn))

/** Consecutive dates from a first one on. */
export function datesFrom(from: string, count: number): string[] {
  const start = midnightOf(from)
  return Array.from({ length: count }, (_, index) => dayOf(isoOf(start + index * DAY_MS)))
}

/** The date a number of whole days later; `Invalid Date` for what is no date. @example addDays('2026-06-30', 1) // => '2026-07-01' */
export function addDays(date: string, days: number): string {
  const ms = midnightOf(date) + Math.round(days) * DAY_MS
  return Number.isNaN(ms) ? 'Invalid Date' : dayOf(isoOf(ms))
}
