import { remembered } from '../../units'
import { extraterrestrialRadiation } from '../sun'
import type { Site } from '../referenceEvapotranspiration'

/** The variables drawn for each day, in the order of the model's vectors. */
export type Variable = 'tempMaxC' | 'tempMinC' | 'clearness' | 'logWind'

export interface Spread {
  readonly mean: number
  readonly sd: number
}

/** A month: how wet and dry days follow each other, and the means and spreads of its days. */
export interface MonthModel {
  /** Share of days with rain after a dry day, and after a wet one. */
  readonly wetAfterDry: number
  readonly wetAfterWet: number
  /** Rain of a wet day, gamma distributed. */
  readonly rainShape: number
  readonly rainScaleMm: number
  /** By variable, in the middle of the month. */
  readonly usual: readonly Spread[]
  /** By variable: what rain today, and rain yesterday, adds to the deviation. */
  readonly withRain: readonly number[]
  readonly afterRain: readonly number[]
  /** How far the dew point lies below the lowest temperature, K: more in dry months. */
  readonly dewBelowMinK: number
}

/**
 * A weather generator: a chain of dry and wet days, and temperatures, sun and
 * wind that go together, remember the day before, and go with the rain.
 *
 * After Richardson 1981, Water Resources Research 17:182–190, who lets them
 * deviate from the means of dry and of wet days. Here they deviate from the mean
 * of all days and rain moves them: so a warm spell outlasts a shower, as it does
 * in the series it is fitted to.
 */
export interface WeatherModel {
  readonly site: Site
  readonly variables: readonly Variable[]
  /** January first. */
  readonly months: readonly MonthModel[]
  /** By variable: what its deviation adds to the chance of rain the next day. */
  readonly bringsRain: readonly number[]
  /** What is carried over from the day before, and what is new, on deviations over their spread. */
  readonly carry: readonly (readonly number[])[]
  readonly shock: readonly (readonly number[])[]
}

/** Least rain of a wet day, mm. */
export const WET_FROM_MM = 0.1

/** The mean February of a cycle of leap years. */
export const MONTH_DAYS = [31, 28.25, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]
/** Day of the year in the middle of each month. */
export const MID_MONTH = MONTH_DAYS.map(
  (days, month) => MONTH_DAYS.slice(0, month).reduce((sum, one) => sum + one, 0) + days / 2,
)
const YEAR_DAYS = 365.25

/** Between which two months a day stands, and how far from the first to the second. */
export interface BetweenMonths {
  readonly from: number
  readonly to: number
  readonly way: number
}

/** By day of the year, 1 to 366; index 0 is not used. */
export const betweenMonths: readonly BetweenMonths[] = Array.from({ length: 367 }, (_, day) => {
  const at = day - 0.5
  const next = MID_MONTH.findIndex((middle) => middle > at)
  const to = next < 0 ? 0 : next
  const from = (to + 11) % 12
  const span = (MID_MONTH[to]! - MID_MONTH[from]! + YEAR_DAYS) % YEAR_DAYS
  const gone = (at - MID_MONTH[from]! + YEAR_DAYS) % YEAR_DAYS
  return { from, to, way: gone / span }
})

/** A value between those of two months. */
export const between = (from: number, to: number, way: number): number => from + (to - from) * way

/** Share of the days of a month on which it rains, once the chain has forgotten its start. */
export const wetShareOf = ({
  wetAfterDry,
  wetAfterWet,
}: Pick<MonthModel, 'wetAfterDry' | 'wetAfterWet'>): number =>
  wetAfterDry / (1 + wetAfterDry - wetAfterWet)

/** Radiation above the air by day of the year, MJ m⁻² d⁻¹; index 0 is not used. */
export const aboveTheAir = remembered(({ latitudeDeg }: Site): readonly number[] =>
  Array.from({ length: 367 }, (_, day) => extraterrestrialRadiation(latitudeDeg, Math.max(1, day))),
)

/** Sun never comes through less, nor more (memory: heavy cloud; FAO 56 Eq. 37 on a mountain). */
export const CLEARNESS = { least: 0.08, most: 0.78 } as const
