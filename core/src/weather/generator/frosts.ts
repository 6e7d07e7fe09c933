import { addDays } from '../../units'
import { betweenMonths, between, type WeatherModel } from './model'

/** A frost is a night at or below this, °C. */
const FROST_C = 0
/** Neighbouring nights are alike: only this share of them counts as independent (calibrated on the generator's own years). */
const INDEPENDENT_SHARE = 0.6

/** Median dates, `MM-DD`, of the last frost of spring and the first of autumn; left out where most years have none. */
export interface UsualFrosts {
  readonly lastFrost?: string
  readonly firstFrost?: string
}

/**
 * Part of a normal distribution that lies below so many standard deviations.
 *
 * @source Bowling, Khasawneh, Kaewkuekool & Cho 2009, J. Ind. Eng. Manag. 2:114–127, within 1.4e-4
 */
const normalBelow = (deviations: number) =>
  1 / (1 + Math.exp(-(0.07056 * deviations ** 3 + 1.5976 * deviations)))

/** Any year of 365 days. */
const NEW_YEAR = '2025-01-01'
const YEAR_DAYS = 365

/**
 * When frost usually ends and begins at a place.
 *
 * From the warmest night of the year backwards, and onwards, it multiplies the
 * chances of a night without frost until half of the years have had one.
 */
export function usualFrosts({ variables, months }: WeatherModel): UsualFrosts {
  const row = variables.indexOf('tempMinC')
  const nights = Array.from({ length: YEAR_DAYS }, (_, index) => {
    const { from, to, way } = betweenMonths[index + 1]!
    const [one, other] = [months[from]!.usual[row]!, months[to]!.usual[row]!]
    return { meanC: between(one.mean, other.mean, way), sdK: between(one.sd, other.sd, way) }
  })
  const warmest = nights.reduce(
    (best, { meanC }, day) => (meanC > nights[best]!.meanC ? day : best),
    0,
  )
  const reached = (step: 1 | -1): string | undefined => {
    let free = 1
    for (let away = 0; away <= YEAR_DAYS / 2; away++) {
      const day = (warmest + step * away + YEAR_DAYS) % YEAR_DAYS
      const { meanC, sdK } = nights[day]!
      free *= (1 - normalBelow((FROST_C - meanC) / sdK)) ** INDEPENDENT_SHARE
      if (free < 0.5) return addDays(NEW_YEAR, day).slice(5)
    }
    return undefined
  }
  const [lastFrost, firstFrost] = [reached(-1), reached(1)]
  return { ...(lastFrost && { lastFrost }), ...(firstFrost && { firstFrost }) }
}
