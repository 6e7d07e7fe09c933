import { randomGamma, randomLcg, randomNormal } from 'd3-random'
import { datesFrom, dayOfYear } from '../../units'
import { ASSUMED_WIND_MS, solarRadiation } from '../referenceEvapotranspiration'
import type { DailyWeather, DayInPlace } from '../schema'
import {
  aboveTheAir,
  between,
  betweenMonths,
  CLEARNESS,
  WET_FROM_MM,
  wetShareOf,
  type MonthModel,
  type Variable,
  type WeatherModel,
} from './model'

/** Least difference between a day's maximum and minimum, K. */
const LEAST_SPAN_K = 0.5

/** A start for the random numbers from any whole number: neighbours must not run alike. */
const seedOf = (seed: number) => ((Math.imul(seed + 1, 2654435761) >>> 0) / 2 ** 32 + 1e-9) % 1

/** Makes a day out of a model's vector. */
const readerOf = (model: WeatherModel) => {
  const at = (name: Variable) => model.variables.indexOf(name)
  const [max, min, clear, wind] = [at('tempMaxC'), at('tempMinC'), at('clearness'), at('logWind')]
  const above = aboveTheAir(model.site)
  return (date: string, day: number, values: readonly number[], rainMm: number): DayInPlace => {
    const { from, to, way } = betweenMonths[day]!
    const dewBelowMinK = between(
      model.months[from]!.dewBelowMinK,
      model.months[to]!.dewBelowMinK,
      way,
    )
    const tempMaxC = values[max]!
    const clearness = Math.max(CLEARNESS.least, Math.min(CLEARNESS.most, values[clear]!))
    return {
      date,
      tempMaxC,
      tempMinC: Math.min(values[min]!, tempMaxC - LEAST_SPAN_K),
      radiationMjM2: clearness * above[day]!,
      ...(wind >= 0 ? { windMS: Math.exp(values[wind]!) } : {}),
      rainMm,
      ...(dewBelowMinK > 0 ? { dewBelowMinK } : {}),
    }
  }
}

/** Between two months: what a day is like, and how wide it spreads. */
function usualOn(model: WeatherModel, day: number) {
  const { from, to, way } = betweenMonths[day]!
  const [one, other] = [model.months[from]!.usual, model.months[to]!.usual]
  return model.variables.map((_, index) => ({
    mean: between(one[index]!.mean, other[index]!.mean, way),
    sd: between(one[index]!.sd, other[index]!.sd, way),
  }))
}

/** How far a known day was from the mean of its time of year, in standard deviations. */
function deviationOf(model: WeatherModel, weather: DailyWeather): number[] {
  const day = dayOfYear(weather.date)
  const spreads = usualOn(model, day)
  const value: Readonly<Record<Variable, number>> = {
    tempMaxC: weather.tempMaxC,
    tempMinC: weather.tempMinC,
    clearness:
      solarRadiation({ ...weather, dayOfYear: day }, model.site) / aboveTheAir(model.site)[day]!,
    logWind: Math.log(Math.max(0.1, weather.windMS ?? ASSUMED_WIND_MS)),
  }
  return model.variables.map((name, index) => {
    const { mean, sd } = spreads[index]!
    return (value[name] - mean) / sd
  })
}

/**
 * Invents a run of days such as the place has them: dry and wet spells, warm
 * and cool ones, sun and heat together. The same seed gives the same days.
 *
 * @param from  first day
 * @param count days
 * @param seed  any whole number
 * @param after the day before, where it is known: what comes follows on from it
 * @source Richardson 1981, Water Resources Research 17:182–190
 */
export function generateWeather(
  model: WeatherModel,
  from: string,
  count: number,
  seed: number,
  after?: DailyWeather,
): DayInPlace[] {
  const uniform = randomLcg(seedOf(seed))
  const normal = randomNormal.source(uniform)(0, 1)
  const gamma = randomGamma.source(uniform)
  const rain = model.months.map(({ rainShape, rainScaleMm }) => gamma(rainShape, rainScaleMm))
  const read = readerOf(model)
  const size = model.variables.length
  const { bringsRain, carry, shock } = model
  let deviation = after ? deviationOf(model, after) : model.variables.map(() => normal())
  let isWet = after
    ? (after.rainMm ?? 0) >= WET_FROM_MM
    : uniform() < wetShareOf(model.months[Number(from.slice(5, 7)) - 1]!)
  return datesFrom(from, count).map((date, index) => {
    const month = model.months[Number(date.slice(5, 7)) - 1]!
    const wetShare = wetShareOf(month)
    const rained = Number(isWet) - wetShare
    const pull = bringsRain.reduce((sum, share, row) => sum + share * deviation[row]!, 0)
    if (index > 0 || after)
      isWet = uniform() < (isWet ? month.wetAfterWet : month.wetAfterDry) + pull
    const rains = Number(isWet) - wetShare
    const fresh = Array.from({ length: size }, normal)
    const before = deviation
    deviation = before.map((_, row) => {
      let sum = month.withRain[row]! * rains + month.afterRain[row]! * rained
      for (let column = 0; column < size; column++)
        sum += carry[row]![column]! * before[column]! + shock[row]![column]! * fresh[column]!
      return sum
    })
    const day = dayOfYear(date)
    const spreads = usualOn(model, day)
    const values = deviation.map((away, row) => spreads[row]!.mean + spreads[row]!.sd * away)
    const rainMm = isWet ? Math.max(WET_FROM_MM, rain[Number(date.slice(5, 7)) - 1]!()) : 0
    return read(date, day, values, rainMm)
  })
}

/** A day as it is on average then: mean temperatures and sun, and each day its share of the rain. */
export function typicalDay(model: WeatherModel, date: string): DayInPlace {
  const day = dayOfYear(date)
  const { from, to, way } = betweenMonths[day]!
  const [one, other] = [model.months[from]!, model.months[to]!]
  const rainOf = (month: MonthModel) => wetShareOf(month) * month.rainShape * month.rainScaleMm
  const values = usualOn(model, day).map(({ mean }) => mean)
  return readerOf(model)(date, day, values, between(rainOf(one), rainOf(other), way))
}
