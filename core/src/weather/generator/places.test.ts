// Usual days of a place: air, sun and frost as they are in dry places and in wet ones.
import { describe, expect, test } from '@jest/globals'
import { quantile } from 'd3-array'
import { normalsOf, towns, type TownName } from '../../../test/places'
import { addDays, dayOfYear, daysBetween } from '../../units'
import {
  generateWeather,
  generatorFromNormals,
  referenceWaterMm,
  simulatedWeather,
  typicalDay,
  usualFrosts,
  usualNormals,
} from '..'

const modelOf = (name: TownName) => generatorFromNormals(normalsOf(name), towns[name])
const usualMm = (name: TownName, month: string) => {
  const date = `2026-${month}-15`
  return referenceWaterMm(
    { ...typicalDay(modelOf(name), date), dayOfYear: dayOfYear(date) },
    towns[name],
  )
}

describe('what usual days draw from short grass', () => {
  // Monthly means of reference evapotranspiration as climate and irrigation services give them (memory).
  test.each([
    ['phoenix', '06', 9.3],
    ['phoenix', '04', 6.4],
    ['cairo', '07', 6.8],
    ['seville', '07', 6.9],
    ['adelaide', '01', 6.8],
    ['vienna', '07', 4.4],
    ['hull', '07', 3.3],
    ['singapore', '03', 4.4],
  ] as const)('%s, month %s: %d mm a day, within a fifth', (name, month, mm) => {
    expect(Math.abs(usualMm(name, month) / mm - 1)).toBeLessThan(0.2)
  })
  test('dry air is in the days that are drawn as it is in the usual ones, and not where it rains', () => {
    const [drawn] = generateWeather(modelOf('phoenix'), '2026-06-15', 1, 5)
    expect(drawn!.dewBelowMinK).toBeCloseTo(
      typicalDay(modelOf('phoenix'), '2026-06-15').dewBelowMinK!,
      9,
    )
    expect(drawn!.dewBelowMinK).toBeGreaterThan(3)
    expect(typicalDay(modelOf('singapore'), '2026-03-15').dewBelowMinK ?? 0).toBe(0)
  })
  test('what the weather service tells is what can be measured, and no more', () => {
    const told = simulatedWeather(modelOf('phoenix'), '2026-06-15', 2, 1)
    for (const day of told) expect(day).not.toHaveProperty('dewBelowMinK')
  })
})

test('normals guessed from where a place lies are off by 4 K or less in eight of ten towns, and never by more than 8', () => {
  const off = (Object.keys(towns) as TownName[]).map((name) => {
    const guessed = usualNormals(towns[name])
    const squares = normalsOf(name).flatMap(({ tempMaxC, tempMinC }, month) => [
      (guessed[month]!.tempMaxC - tempMaxC) ** 2,
      (guessed[month]!.tempMinC - tempMinC) ** 2,
    ])
    return Math.sqrt(squares.reduce((sum, one) => sum + one, 0) / squares.length)
  })
  expect(off.filter((one) => one <= 4).length).toBeGreaterThanOrEqual(8)
  expect(Math.max(...off)).toBeLessThan(8)
})

describe('frost', () => {
  test.each(['hull', 'vienna', 'edmonton'] as const)(
    '%s: half of the years of its own generator have it by the usual day, to within a week',
    (name) => {
      const model = modelOf(name)
      const { firstFrost, lastFrost } = usualFrosts(model)
      const from = '2026-07-15'
      const years = Array.from({ length: 60 }, (_, seed) => generateWeather(model, from, 365, seed))
      const isFrost = ({ tempMinC }: { readonly tempMinC: number }) => tempMinC <= 0
      const first = quantile(
        years.map((year) => year.findIndex(isFrost)),
        0.5,
      )!
      const last = quantile(
        years.map((year) => year.map(isFrost).lastIndexOf(true)),
        0.5,
      )!
      expect(
        Math.abs(daysBetween(addDays(from, Math.round(first)), `2026-${firstFrost}`)),
      ).toBeLessThanOrEqual(7)
      expect(
        Math.abs(daysBetween(addDays(from, Math.round(last)), `2027-${lastFrost}`)),
      ).toBeLessThanOrEqual(7)
    },
  )
  test('is not expected where it comes in few years', () =>
    expect([usualFrosts(modelOf('phoenix')), usualFrosts(modelOf('singapore'))]).toEqual([{}, {}]))
})
