import dayjs from 'dayjs'
import customParseFormat from 'dayjs/plugin/customParseFormat.js'
import dayOfYearPlugin from 'dayjs/plugin/dayOfYear.js'
import utc from 'dayjs/plugin/utc.js'

dayjs.extend(customParseFormat)
dayjs.extend(dayOfYearPlugin)
dayjs.extend(utc)

const DAY = 'YYYY-MM-DD'

/** Whether the text is a real calendar day, `YYYY-MM-DD`. */
export const isDate = (text: string): boolean => dayjs(text, DAY, true).isValid()

/** Whether the text is a real moment on a clock, `YYYY-MM-DDTHH:mm`. */
export const isDateTime = (text: string): boolean => dayjs(text, 'YYYY-MM-DDTHH:mm', true).isValid()

/** The day of a moment or day, `YYYY-MM-DD`. */
export const dayOf = (moment: string): string => moment.slice(0, DAY.length)

/** 1 on 1 January. */
export const dayOfYear = (date: string): number => dayjs.utc(dayOf(date)).dayOfYear()

/** Whole days from the first day to the second; negative when it lies before. */
export const daysBetween = (from: string, to: string): number =>
  dayjs.utc(dayOf(to)).diff(dayjs.utc(dayOf(from)), 'day')

/** The day so many days later. */
export const addDays = (date: string, days: number): string =>
  dayjs.utc(dayOf(date)).add(days, 'day').format(DAY)
