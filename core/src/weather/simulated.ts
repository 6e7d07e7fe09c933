import { randomLcg, randomNormal } from 'd3-random'
import { addDays, dayOfYear, daysBetween } from '../units'
import { generateWeather, type WeatherModel } from './generator'
import { WET_FROM_MM } from './generator/model'
import { clearSkyRadiation } from './referenceEvapotranspiration'
import type { DailyWeather, DayInPlace } from './schema'

/** Today and six days more. */
export const FORECAST_DAYS = 7

/** How far a forecast is off today, and by how much more with each day ahead (memory). */
const TEMP_ERROR_K = { today: 0.8, aDay: 0.35 }
const SUN_ERROR_SHARE = { today: 0.05, aDay: 0.03 }
/** Chance that the forecast misses rain, or promises rain that does not come. */
const RAIN_ERROR_SHARE = { today: 0.05, aDay: 0.03 }
/** What is told where it will not rain. */
const FALSE_RAIN_MM = 2

/** One seed from two numbers. */
const seedFrom = (one: number, other: number) => (one * 7919 + other) % 2_147_483_647

const EPOCH = '2000-01-01'

/** The days that the simulated sky has in a year: always the same for a seed. */
const skyOf = (model: WeatherModel, year: number, seed: number): DayInPlace[] =>
  generateWeather(model, `${year}-01-01`, 366, seedFrom(seed, year)).filter(({ date }) =>
    date.startsWith(String(year)),
  )

/** The days of the simulated sky from one date to another. */
function skyBetween(model: WeatherModel, from: string, to: string, seed: number): DayInPlace[] {
  const [first, last] = [Number(from.slice(0, 4)), Number(to.slice(0, 4))]
  return Array.from({ length: last - first + 1 }, (_, index) => skyOf(model, first + index, seed))
    .flat()
    .filter(({ date }) => date >= from && date <= to)
}

const tenths = (value: number) => Math.round(value * 10) / 10

/** A day as a service tells it: in tenths, and marked for what it is. */
const told = ({ dewBelowMinK: _usual, ...day }: DayInPlace): DailyWeather => ({
  ...day,
  tempMaxC: tenths(day.tempMaxC),
  tempMinC: tenths(day.tempMinC),
  ...(day.radiationMjM2 === undefined ? {} : { radiationMjM2: tenths(day.radiationMjM2) }),
  ...(day.windMS === undefined ? {} : { windMS: tenths(day.windMS) }),
  ...(day.rainMm === undefined ? {} : { rainMm: tenths(day.rainMm) }),
  source: 'simulated',
})

/**
 * A stand-in for a weather service: days past as a simulated sky had them, and a
 * forecast of seven days whose error grows by the day. The same seed and date
 * give the same answer; the sky itself does not depend on when it is asked.
 *
 * @param on       the day it is asked
 * @param pastDays days before it
 * @param seed     any whole number: another seed, another sky
 */
export function simulatedWeather(
  model: WeatherModel,
  on: string,
  pastDays: number,
  seed: number,
): DailyWeather[] {
  const sky = skyBetween(model, addDays(on, -pastDays), addDays(on, FORECAST_DAYS - 1), seed)
  const uniform = randomLcg(((seedFrom(seed, daysBetween(EPOCH, on)) % 99_991) + 0.5) / 99_991)
  const normal = randomNormal.source(uniform)(0, 1)
  return sky.map((day): DailyWeather => {
    const ahead = daysBetween(on, day.date)
    if (ahead < 0) return told(day)
    const error = ({ today, aDay }: { today: number; aDay: number }) => today + aDay * ahead
    const tempMaxC = day.tempMaxC + normal() * error(TEMP_ERROR_K)
    const tempMinC = day.tempMinC + normal() * error(TEMP_ERROR_K)
    const sunShare = Math.max(0.3, 1 + normal() * error(SUN_ERROR_SHARE))
    const isWrong = uniform() < error(RAIN_ERROR_SHARE)
    const rainMm = day.rainMm ?? 0
    const clearMjM2 = clearSkyRadiation(model.site, dayOfYear(day.date))
    return told({
      ...day,
      tempMaxC,
      tempMinC: Math.min(tempMinC, tempMaxC),
      radiationMjM2: Math.min(clearMjM2, day.radiationMjM2! * sunShare),
      rainMm: isWrong ? (rainMm >= WET_FROM_MM ? 0 : FALSE_RAIN_MM) : rainMm,
    })
  })
}
