// What a generator learns from four years of real days (NOAA, see core/test-data)
// has to come out of it again. Statistics by simple-statistics; the tolerance
// stands beside each, and is that of four years of days, not of the generator.
import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import { mean, quantile, sampleCorrelation, standardDeviation } from 'simple-statistics'
import {
  dailyWeatherSchema,
  fitGenerator,
  generateWeather,
  generatorFromNormals,
  guessTable,
  normalsSchema,
  readDailyCsv,
  typicalDay,
  usualNormals,
  type DailyWeather,
} from '..'

const text = readFileSync(
  new URL('../../../test-data/seattle-weather.csv', import.meta.url),
  'utf8',
)
const { days } = readDailyCsv(text, guessTable(text).mapping)
const site = { latitudeDeg: 47.45, elevationM: 130, coastal: true }
const model = fitGenerator(days, site)
const YEARS = 60
const years = Array.from({ length: YEARS }, (_, seed) =>
  generateWeather(model, '2001-01-01', 365, seed),
)
const generated = years.flat()

const inMonth = (list: readonly DailyWeather[], month: number) =>
  list.filter(({ date }) => Number(date.slice(5, 7)) === month)
const isWet = (day: DailyWeather) => day.rainMm! >= 0.1
const months = Array.from({ length: 12 }, (_, index) => index + 1)

/** Lengths of runs of days that are alike. */
function runs(list: readonly DailyWeather[], isIn: (day: DailyWeather) => boolean): number[] {
  const lengths: number[] = []
  let length = 0
  for (const day of list) {
    if (isIn(day)) length++
    else if (length) {
      lengths.push(length)
      length = 0
    }
  }
  return lengths
}
/** Deviations from the mean of the month, so that the seasons do not count as memory. */
function deviations(list: readonly DailyWeather[], of: (day: DailyWeather) => number): number[] {
  const means = months.map((month) => mean(inMonth(list, month).map(of)))
  return list.map((day) => of(day) - means[Number(day.date.slice(5, 7)) - 1]!)
}
const tempMax = (day: DailyWeather) => day.tempMaxC
const tempMin = (day: DailyWeather) => day.tempMinC

describe('statistics of the series it was fitted to', () => {
  test.each(months)('month %d: means within 0.6 K, spread within 0.6 K', (month) => {
    for (const read of [tempMax, tempMin]) {
      const [real, made] = [days, generated].map((list) => inMonth(list, month).map(read))
      expect(Math.abs(mean(real!) - mean(made!))).toBeLessThan(0.6)
      expect(Math.abs(standardDeviation(real!) - standardDeviation(made!))).toBeLessThan(0.6)
    }
  })
  test.each(months)('month %d: share of wet days within 0.08', (month) => {
    const share = (list: readonly DailyWeather[]) =>
      mean(inMonth(list, month).map((day) => Number(isWet(day))))
    expect(Math.abs(share(days) - share(generated))).toBeLessThan(0.08)
  })
  test('rain of a year within a tenth, of a wet day within a tenth', () => {
    const rain = (list: readonly DailyWeather[]) => mean(list.map((day) => day.rainMm!))
    const ofWet = (list: readonly DailyWeather[]) => rain(list.filter(isWet))
    expect(Math.abs(rain(generated) / rain(days) - 1)).toBeLessThan(0.1)
    expect(Math.abs(ofWet(generated) / ofWet(days) - 1)).toBeLessThan(0.1)
  })
  test('dry and wet spells within a quarter of their mean length', () => {
    for (const isIn of [isWet, (day: DailyWeather) => !isWet(day)])
      expect(Math.abs(mean(runs(generated, isIn)) / mean(runs(days, isIn)) - 1)).toBeLessThan(0.25)
  })
  test.each([
    ['highest', tempMax],
    ['lowest', tempMin],
  ])('%s remembers the day before: lag-one correlation within 0.07', (_, of) => {
    const lag = (list: readonly DailyWeather[]) => {
      const away = deviations(list, of)
      return sampleCorrelation(away.slice(0, -1), away.slice(1))
    }
    expect(lag(days)).toBeGreaterThan(0.5)
    expect(Math.abs(lag(generated) - lag(days))).toBeLessThan(0.07)
  })
  test('highest and lowest go together, within 0.07', () => {
    const both = (list: readonly DailyWeather[]) =>
      sampleCorrelation(deviations(list, tempMax), deviations(list, tempMin))
    expect(Math.abs(both(generated) - both(days))).toBeLessThan(0.07)
  })
  test('dry days have more sun, and warm days of summer too', () => {
    const july = inMonth(generated, 7)
    const sun = (list: readonly DailyWeather[]) => list.map((day) => day.radiationMjM2!)
    expect(mean(sun(generated.filter((day) => !isWet(day))))).toBeGreaterThan(
      1.2 * mean(sun(generated.filter(isWet))),
    )
    expect(sampleCorrelation(july.map(tempMax), sun(july))).toBeGreaterThan(0.2)
  })
  test('hot days come in waves: three and more in a row, within a half of how often they do', () => {
    const hotShare = (list: readonly DailyWeather[]) => {
      const summer = list.filter(({ date }) => date.slice(5, 7) >= '06' && date.slice(5, 7) <= '08')
      const limit = quantile(summer.map(tempMax), 0.85)
      const inWave = runs(summer, (day) => day.tempMaxC >= limit).filter((length) => length >= 3)
      return inWave.reduce((sum, length) => sum + length, 0) / summer.length
    }
    expect(hotShare(days)).toBeGreaterThan(0.03)
    expect(hotShare(generated) / hotShare(days)).toBeGreaterThan(0.5)
    expect(hotShare(generated) / hotShare(days)).toBeLessThan(1.5)
  })
})

describe('generated days', () => {
  test('are valid, each after the other, and the same for the same seed', () => {
    for (const day of years[0]!) expect(dailyWeatherSchema.safeParse(day).success).toBe(true)
    expect(generateWeather(model, '2001-01-01', 365, 0)).toEqual(years[0])
    expect(years[0]!.map(tempMax)).not.toEqual(years[1]!.map(tempMax))
    expect(years[0]!.at(-1)!.date).toBe('2001-12-31')
  })
  test('follow on from a hot day: tomorrow is hot as well, and in a month it is forgotten', () => {
    const hot = { date: '2026-07-09', tempMaxC: 36, tempMinC: 19, rainMm: 0, radiationMjM2: 28 }
    const after = (index: number) =>
      mean(
        Array.from({ length: 80 }, (_, seed) =>
          tempMax(generateWeather(model, '2026-07-10', 30, seed, hot)[index]!),
        ),
      )
    expect(after(0)).toBeGreaterThan(after(29) + 3)
    expect(Math.abs(after(29) - mean(inMonth(days, 8).map(tempMax)))).toBeLessThan(1.5)
  })
  test('too few days of a month are refused by its number', () => {
    const winterless = days.filter(({ date }) => date.slice(5, 7) !== '02')
    expect(() => fitGenerator(winterless, site)).toThrow(
      expect.objectContaining({
        code: 'tooFewDays',
        params: expect.objectContaining({ month: 2 }),
      }),
    )
  })
})

describe('from the normals of a place', () => {
  const normals = usualNormals(site)
  const own = generatorFromNormals(normals, site)
  const made = Array.from({ length: YEARS }, (_, seed) =>
    generateWeather(own, '2001-01-01', 365, seed),
  ).flat()

  test('months have the temperatures, the rain and the wet days they were made from', () => {
    for (const month of months) {
      const { tempMaxC, tempMinC, rainMm, wetDays } = normals[month - 1]!
      const own = inMonth(made, month)
      // A line through mid-months cuts the tops of the year by a little.
      expect(Math.abs(mean(own.map(tempMax)) - tempMaxC)).toBeLessThan(0.8)
      expect(Math.abs(mean(own.map(tempMin)) - tempMinC)).toBeLessThan(0.8)
      const perMonth = own.length / YEARS
      expect(Math.abs(mean(own.map((day) => day.rainMm!)) * perMonth - rainMm)).toBeLessThan(15)
      expect(
        Math.abs(mean(own.map((day) => Number(isWet(day)))) * perMonth - wetDays),
      ).toBeLessThan(1)
    }
  })
  test('a typical day is the mean of many', () => {
    const inJuly = made.filter(({ date }) => date.endsWith('-07-15'))
    const typical = typicalDay(own, '2001-07-15')
    expect(Math.abs(mean(inJuly.map(tempMax)) - typical.tempMaxC)).toBeLessThan(1.5)
    expect(typical.rainMm).toBeGreaterThan(0)
  })
  test('guessed from the latitude alone they are within 5 K of the real ones', () => {
    for (const month of months)
      expect(
        Math.abs(mean(inMonth(days, month).map(tempMax)) - normals[month - 1]!.tempMaxC),
      ).toBeLessThan(5)
    const south = usualNormals({ ...site, latitudeDeg: -47.45 })
    expect(south[0]!.tempMaxC).toBeGreaterThan(south[6]!.tempMaxC + 5)
  })
  test('a month colder by day than by night, or with rain on no day, is refused', () => {
    const wrong = normals.map((month, index) =>
      index === 3 ? { ...month, tempMinC: 40 } : index === 4 ? { ...month, wetDays: 0 } : month,
    )
    const codes = normalsSchema.safeParse(wrong).error!.issues.map((issue) => issue.path.join('.'))
    expect(codes).toEqual(['3.tempMinC', '4.wetDays'])
  })
})
