// Four years of real days (NOAA, see core/test-data): what the equations make of
// them has to be what is known of such a climate.
import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import Papa from 'papaparse'
import { dayOfYear } from '../units'
import {
  dailyWeatherSchema,
  hargreavesEvapotranspirationMm,
  referenceEvapotranspiration,
  solarRadiation,
  type DailyWeather,
} from '.'

interface Row {
  readonly date: string
  readonly precipitation: number
  readonly temp_max: number
  readonly temp_min: number
  readonly wind: number
}

const text = readFileSync(new URL('../../test-data/seattle-weather.csv', import.meta.url), 'utf8')
const { data } = Papa.parse<Row>(text, { header: true, dynamicTyping: true, skipEmptyLines: true })
const days: DailyWeather[] = data.map((row) => ({
  date: String(row.date).slice(0, 10),
  tempMaxC: row.temp_max,
  tempMinC: row.temp_min,
  windMS: row.wind,
  rainMm: row.precipitation,
}))

const site = { latitudeDeg: 47.45, elevationM: 130, coastal: true }
const inEquation = (day: DailyWeather) => ({ ...day, dayOfYear: dayOfYear(day.date) })
const referenceMm = (day: DailyWeather) => referenceEvapotranspiration(inEquation(day), site).mm
const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0)
const inMonth = (month: string) => days.filter((day) => day.date.slice(5, 7) === month)
const YEARS = 4

describe('four years of real days', () => {
  test('are read to the last, and every one is valid', () => {
    expect(days).toHaveLength(1461)
    expect(days.at(-1)!.date).toBe('2015-12-31')
    for (const day of days) expect(dailyWeatherSchema.safeParse(day).success).toBe(true)
  })

  test('draw 700 to 1000 mm a year (range for that coast, from memory)', () => {
    const yearlyMm = sum(days.map(referenceMm)) / YEARS
    expect(yearlyMm).toBeGreaterThan(700)
    expect(yearlyMm).toBeLessThan(1000)
  })

  test('draw most in July and least in December or January', () => {
    const months = Array.from({ length: 12 }, (_, index) => String(index + 1).padStart(2, '0'))
    const monthlyMm = months.map((month) => sum(inMonth(month).map(referenceMm)) / YEARS)
    expect(monthlyMm.indexOf(Math.max(...monthlyMm))).toBe(6)
    expect([0, 11]).toContain(monthlyMm.indexOf(Math.min(...monthlyMm)))
    expect(monthlyMm[6]! / monthlyMm[11]!).toBeGreaterThan(5)
  })

  test('never draw more than a hot desert day or less than nothing', () => {
    for (const day of days) {
      expect(referenceMm(day)).toBeGreaterThanOrEqual(0)
      expect(referenceMm(day)).toBeLessThan(10)
    }
  })

  test('in summer Hargreaves stays within a fifth of Penman–Monteith over the months', () => {
    for (const month of ['05', '06', '07', '08']) {
      const other = sum(
        inMonth(month).map((day) => hargreavesEvapotranspirationMm(inEquation(day), site)),
      )
      expect(other / sum(inMonth(month).map(referenceMm))).toBeGreaterThan(0.8)
      expect(other / sum(inMonth(month).map(referenceMm))).toBeLessThan(1.2)
    }
  })

  test('have more sun on dry days than on wet ones, as estimated from temperature', () => {
    const mean = (list: readonly DailyWeather[]) =>
      sum(list.map((day) => solarRadiation(inEquation(day), site))) / list.length
    const june = inMonth('06')
    const dry = june.filter((day) => day.rainMm === 0)
    const wet = june.filter((day) => day.rainMm! > 5)
    expect(wet.length).toBeGreaterThan(5)
    expect(mean(dry)).toBeGreaterThan(1.2 * mean(wet))
  })
})
