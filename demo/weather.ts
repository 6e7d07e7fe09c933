import { randomLcg, randomNormal, randomUniform } from 'd3'
import { addDays, dayOfYear, daylightHours, type DailyWeather } from '@rimbo/core'
import { normals } from './normals'

/** The normals of March to July at mid-month, with the share of days that rain. */
const NORMALS = [74, 105, 135, 166, 196].map((day, index) => {
  const { tempMaxC, tempMinC, wetDays } = normals[index + 2]!
  return { day, tempMaxC, tempMinC, wetShare: wetDays / 30 }
})

/** Days that the story asks for: a heat wave, and a fine week after the demo's own day. */
const TOLD: Readonly<Record<string, readonly [tempMaxC: number, tempMinC: number]>> = {
  '2026-06-08': [29.5, 18.5],
  '2026-06-09': [32.5, 20],
  '2026-06-10': [34, 21.5],
  '2026-06-11': [35, 22.5],
  '2026-06-12': [34.5, 22.5],
  '2026-06-13': [33, 21.5],
  '2026-06-14': [28, 19.5],
  '2026-06-17': [26, 16.5],
  '2026-06-18': [27, 17],
  '2026-06-19': [29, 18],
  '2026-06-20': [31, 19.5],
  '2026-06-21': [33, 20.5],
  '2026-06-22': [32, 20.5],
  '2026-06-23': [27, 19],
  '2026-06-24': [24, 17.5],
  '2026-06-25': [24.5, 16.5],
}

function normalOn(day: number) {
  const after = NORMALS.findIndex((normal) => normal.day >= day)
  const to = NORMALS[Math.max(1, after < 0 ? NORMALS.length - 1 : after)]!
  const from = NORMALS[NORMALS.indexOf(to) - 1]!
  const way = (day - from.day) / (to.day - from.day)
  const mix = (a: number, b: number) => a + (b - a) * way
  return {
    tempMaxC: mix(from.tempMaxC, to.tempMaxC),
    tempMinC: mix(from.tempMinC, to.tempMinC),
    wetShare: mix(from.wetShare, to.wetShare),
  }
}

const round = (value: number, digits: number) => Number(value.toFixed(digits))

/** Invented daily weather: seeded, so that it is the same each time. */
export function demoWeather(from: string, days: number, latitudeDeg: number): DailyWeather[] {
  const source = randomLcg(0.1806)
  const normal = randomNormal.source(source)(0, 1)
  const uniform = randomUniform.source(source)(0, 1)
  let warmth = 0
  return Array.from({ length: days }, (_, index) => {
    const date = addDays(from, index)
    const day = dayOfYear(date)
    const usual = normalOn(day)
    warmth = 0.6 * warmth + 0.8 * normal()
    const told = TOLD[date]
    const isWet = !told && uniform() < usual.wetShare
    const tempMaxC = told?.[0] ?? usual.tempMaxC + 1.9 * warmth - (isWet ? 2.5 : 0)
    const tempMinC = told?.[1] ?? usual.tempMinC + 1.3 * warmth + (isWet ? 0.8 : 0)
    const sunShare = isWet ? 0.1 + 0.3 * uniform() : 0.6 + 0.32 * uniform()
    return {
      date,
      tempMaxC: round(tempMaxC, 1),
      tempMinC: round(Math.min(tempMinC, tempMaxC - 2), 1),
      humidityMaxShare: round((isWet ? 0.9 : 0.78) + 0.08 * uniform(), 2),
      humidityMinShare: round((isWet ? 0.62 : 0.42) + 0.12 * uniform(), 2),
      windMS: round(1.2 + 1.8 * uniform(), 1),
      sunshineH: round(sunShare * daylightHours(latitudeDeg, day), 1),
      rainMm: isWet ? round(1 + 14 * uniform() ** 2, 1) : 0,
    }
  })
}
