import { InputError } from '../../units'
import { WEATHER_FORMAT } from './json'

export {
  dailyRows,
  dateOrders,
  guessTable,
  looksFahrenheit,
  readDailyCsv,
  weatherColumns,
  type DailyMapping,
  type DateOrder,
  type TableGuess,
  type WeatherColumn,
} from './csv'
export { gapsIn, type Gap, type LineFault, type WeatherRead } from './dayList'
export { readEpw } from './epw'
export { readGhcnDaily } from './ghcn'
export { MOST_WEATHER_DAYS, weatherSummary, withWeather, type WeatherSummary } from './summary'
export { readWeather, WEATHER_FORMAT, writeWeather } from './json'

export const weatherFileKinds = ['own', 'epw', 'ghcn', 'table'] as const
export type WeatherFileKind = (typeof weatherFileKinds)[number]

/**
 * What kind of weather file it is, by its beginning.
 *
 * @throws InputError `unknownWeatherFile`
 */
export function weatherFileKind(beginning: string): WeatherFileKind {
  const text = beginning.replace(/^\uFEFF/, '')
  if (text.includes(`"${WEATHER_FORMAT}"`)) return 'own'
  const [first = ''] = text.split(/\r?\n/)
  if (first.startsWith('LOCATION,')) return 'epw'
  if (/(^|,)"?STATION"?,"?DATE"?,/.test(first) || /^\w{11},\d{8},[A-Z]{4},/.test(first))
    return 'ghcn'
  // A table has columns; a picture or a zip has bytes that no text has.
  if (/[,;\t]/.test(first) && !text.includes('\u0000')) return 'table'
  throw new InputError('unknownWeatherFile')
}
