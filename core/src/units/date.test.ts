// The calendar of dayjs, a library that is read and used by many, is what ours is held against.
import { describe, expect, test } from '@jest/globals'
import dayjs from 'dayjs'
import customParseFormat from 'dayjs/plugin/customParseFormat.js'
import utc from 'dayjs/plugin/utc.js'
import fc from 'fast-check'
import {
  addDays,
  dateSchema,
  datesFrom,
  dateTimeSchema,
  dayOfYear,
  daysIntoWeek,
  nextWeekFrom,
  nextMonthDay,
  daysBetween,
  isDate,
  isDateTime,
} from '.'

dayjs.extend(customParseFormat)
dayjs.extend(utc)

test.each([
  ['2026-01-01', 1],
  ['2026-07-06', 187],
  ['2024-12-31', 366],
])('%s is day %d', (date, day) => expect(dayOfYear(date)).toBe(day))

test('days are counted over a leap day and the change of the clocks', () => {
  expect(daysBetween('2024-02-28', '2024-03-01')).toBe(2)
  expect(addDays('2026-03-28', 2)).toBe('2026-03-30')
  expect(daysBetween('2026-06-18T23:00', '2026-06-19T01:00')).toBe(1)
})

test('only real days within range are taken', () => {
  expect(dateSchema.safeParse('2026-02-28').success).toBe(true)
  for (const bad of ['2026-02-30', '18.6.2026', '1987-05-01', '2222-01-01', ''])
    expect(dateSchema.safeParse(bad).success).toBe(false)
  expect(dateTimeSchema.safeParse('2026-06-18T07:30').success).toBe(true)
  expect(dateTimeSchema.safeParse('2026-06-18T25:30').success).toBe(false)
})

describe('the same calendar as dayjs', () => {
  const part = (most: number, length: number) =>
    fc.integer({ min: 0, max: most }).map((value) => String(value).padStart(length, '0'))
  const day = fc
    .tuple(fc.integer({ min: 1000, max: 2200 }).map(String), part(14, 2), part(33, 2))
    .map((parts) => parts.join('-'))
  const moment = fc
    .tuple(day, part(26, 2), part(62, 2))
    .map(([date, hour, minute]) => `${date}T${hour}:${minute}`)
  const odd = fc.constantFrom('', '2026-1-1', '2026-01-01 ', ' 2026-01-01', '2026-01-01T1:30', 'x')
  const realDay = fc
    .integer({ min: 0, max: 40_000 })
    .map((days) => dayjs.utc('2000-01-01').add(days, 'day').format('YYYY-MM-DD'))

  test('says which days and moments are real', () =>
    fc.assert(
      fc.property(fc.oneof(day, moment, odd), (text) => {
        expect(isDate(text)).toBe(dayjs(text, 'YYYY-MM-DD', true).isValid())
        expect(isDateTime(text)).toBe(dayjs(text, 'YYYY-MM-DDTHH:mm', true).isValid())
      }),
      { numRuns: 2000 },
    ))
  test('adds days, and counts them', () =>
    fc.assert(
      fc.property(realDay, fc.integer({ min: -4000, max: 4000 }), (from, days) => {
        const to = dayjs.utc(from).add(days, 'day').format('YYYY-MM-DD')
        expect(addDays(from, days)).toBe(to)
        expect(daysBetween(from, to)).toBe(days)
        expect(datesFrom(from, 3)[2]).toBe(addDays(from, 2))
      }),
    ))
})

// ISO 8601 counts Monday as the first day; 18 June 2026 is a Thursday, 1 January 2000 was a Saturday (perpetual calendar).
test.each([
  ['2026-06-18', undefined, 3],
  ['2026-06-18', 7, 4],
  ['2026-06-21', 7, 0],
  ['2026-06-15', 1, 0],
  ['2000-01-01', 6, 0],
  ['1999-12-31', 6, 6],
])('%s in weeks that begin on day %s: %d days in', (date, startsOn, days) =>
  expect(daysIntoWeek(date, startsOn)).toBe(days),
)

// The same calendar: 22 June 2026 is a Monday, 21 June a Sunday, 3 January 2000 a Monday.
test.each([
  ['2026-06-18', undefined, '2026-06-22'],
  ['2026-06-18', 7, '2026-06-21'],
  ['2026-06-22', 1, '2026-06-29'],
  ['1999-12-31', 1, '2000-01-03'],
])('after %s, weeks from day %s: the next begins on %s', (date, startsOn, next) =>
  expect(nextWeekFrom(date, startsOn)).toBe(next),
)

test.each([
  ['03-12', '2026-01-01', '2026-03-12'],
  ['03-12', '2026-03-12', '2026-03-12'],
  ['03-12', '2026-03-13', '2027-03-12'],
  ['01-05', '2026-07-01T08:00', '2027-01-05'],
])('the next %s from %s on is %s', (monthDay, from, date) =>
  expect(nextMonthDay(monthDay, from)).toBe(date),
)
