import dayjs from 'dayjs'
import customParseFormat from 'dayjs/plugin/customParseFormat.js'
import utc from 'dayjs/plugin/utc.js'

dayjs.extend(customParseFormat)
dayjs.extend(utc)

const DAY = 'YYYY-MM-DD'

/** Whether the text is a real calendar day, `YYYY-MM-DD`. */
export const isDate = (text: string): boolean => dayjs(text, DAY, true).isValid()

/** Whether the text is a real moment on a clock, `YYYY-MM-DDTHH:mm`. */
export const isDateTime = (text: string): boolean => dayjs(text, 'YYYY-MM-DDTHH:mm', true).isValid()

/** The day of a moment or day, `YYYY-MM-DD`. */
export const dayOf = (moment: string): string => moment.slice(0, DAY.length)

// These three are asked for each day of many years, where a library's parsing would
// take most of the time: an ISO day is a moment of universal time, and days are equal.
const DAY_MS = 86_400_000
const midnightOf = (date: string) => Date.parse(`${dayOf(date)}T00:00:00Z`)

/** 1 on 1 January. */
export const dayOfYear = (date: string): number =>
  Math.round((midnightOf(date) - Date.UTC(Number(date.slice(0, 4)), 0, 0)) / DAY_MS)

/** Whole days from the first day to the second; negative when it lies before. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((midnightOf(to) - midnightOf(from)) / DAY_MS)

/** So many days in a row. */
export function datesFrom(from: string, count: number): string[] {
  const start = midnightOf(from)
  return Array.from({ length: count }, (_, index) =>
    new Date(start + index * DAY_MS).toISOString().slice(0, DAY.length),
  )
}

/** The day so many days later. */
export const addDays = (date: string, days: number): string =>
  dayjs.utc(dayOf(date)).add(days, 'day').format(DAY)
