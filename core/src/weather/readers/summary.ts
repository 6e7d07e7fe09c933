import type { DailyWeather } from '../schema'
import type { WeatherRead } from './dayList'

/** Most days of weather that a garden keeps: more than half a century. */
export const MOST_WEATHER_DAYS = 20_000

const DAYS_A_YEAR = 365.25
const MOST_OF_A_YEAR = 330

/** A weather file in brief, to be looked at before it is taken. */
export interface WeatherSummary {
  readonly count: number
  readonly from: string
  readonly to: string
  readonly lowestC: number
  readonly highestC: number
  /** As a year's worth; undefined where rain is told of less than most of a year. */
  readonly rainMmYear: number | undefined
  /** Days between the first and the last of which nothing is told. */
  readonly missing: number
  /** Days that the garden has already. */
  readonly replaced: number
}

/** What is in a file beside what the garden knows; undefined where no day could be read. */
export function weatherSummary(
  { days, gaps }: WeatherRead,
  known: readonly DailyWeather[],
): WeatherSummary | undefined {
  const [first] = days
  const last = days.at(-1)
  if (!first || !last) return undefined
  const rained = days.flatMap(({ rainMm }) => (rainMm === undefined ? [] : [rainMm]))
  const inFile = new Set(days.map(({ date }) => date))
  return {
    count: days.length,
    from: first.date,
    to: last.date,
    // Not by spreading: a long file has more days than a call has room for arguments.
    lowestC: days.reduce((least, { tempMinC }) => Math.min(least, tempMinC), Infinity),
    highestC: days.reduce((most, { tempMaxC }) => Math.max(most, tempMaxC), -Infinity),
    rainMmYear:
      rained.length >= MOST_OF_A_YEAR
        ? (rained.reduce((sum, mm) => sum + mm, 0) / rained.length) * DAYS_A_YEAR
        : undefined,
    missing: gaps.reduce((sum, gap) => sum + gap.days, 0),
    replaced: known.filter(({ date }) => inFile.has(date)).length,
  }
}

/** Days of weather with others taken in: of two of one date the new one stands, all in order. */
export const withWeather = (
  known: readonly DailyWeather[],
  taken: readonly DailyWeather[],
): DailyWeather[] =>
  [...new Map([...known, ...taken].map((day) => [day.date, day])).values()].sort((one, other) =>
    one.date < other.date ? -1 : 1,
  )
