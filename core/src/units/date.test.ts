import { expect, test } from '@jest/globals'
import { addDays, dateSchema, dateTimeSchema, dayOfYear, daysBetween } from '.'

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
