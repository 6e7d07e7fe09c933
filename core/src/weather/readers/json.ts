import { InputError } from '../../units'
import type { DailyWeather } from '../schema'
import { dayList, type WeatherRead } from './dayList'

export const WEATHER_FORMAT = 'rimbo-weather'

/** Days as a file of Rimbo's own: an object with `format`, `version` and `days`, a line a day. */
export const writeWeather = (days: readonly DailyWeather[]): string =>
  `{"format":"${WEATHER_FORMAT}","version":1,"days":[\n${days
    .map((day) => JSON.stringify(day))
    .join(',\n')}\n]}\n`

/**
 * Reads Rimbo's own weather file.
 *
 * @throws InputError `notWeather`
 */
export function readWeather(text: string): WeatherRead {
  const days = daysIn(text)
  const list = dayList()
  // A day stands on a line of its own, the first on the second line.
  days.forEach((day, index) => list.add(index + 2, Object(day) as Record<string, unknown>))
  return list.finish()
}

function daysIn(text: string): readonly unknown[] {
  try {
    const document = JSON.parse(text.replace(/^\uFEFF/, '')) as Record<string, unknown> | null
    if (document?.['format'] === WEATHER_FORMAT && Array.isArray(document['days']))
      return document['days'] as unknown[]
  } catch {
    // Told below: what is no JSON is no weather file either.
  }
  throw new InputError('notWeather')
}
