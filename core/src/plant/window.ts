import { quantile } from 'd3-array'
import { addDays, practice, reason, type Reason } from '../units'
import type { DailyWeather } from '../weather'
import { HARDENING_DAYS, PRICKED_OUT_AFTER_DAYS } from './growth'
import type { Crop, Variety } from './variety'

/** Growers' schools of when the mix is warm enough to plant, °C (practice). */
export const soilSchools = { early: 7, usual: 10, warm: 16 } as const
export type SoilSchool = keyof typeof soilSchools
export const soilSchoolIds = Object.keys(soilSchools) as SoilSchool[]

/** Nights are to be warmer than this, °C (practice). */
const NIGHTS_C: Readonly<Record<Crop, number>> = { tomato: 7, pepper: 10 }
/** Planted out so long after the last frost (practice). */
const AFTER_FROST_DAYS = { least: 7, most: 14 } as const
/** Sown so long before the last frost; slow peppers earlier (practice; how much earlier from memory). */
const SOW_BEFORE_FROST_DAYS = { most: 56, least: 42 } as const
const SLOW_EARLIER_DAYS = 21
const SLOW_FROM_DAYS = 95
const FROST_C = 0
/** Warm enough on the mean of so many days. */
const STEADY_DAYS = 7
/** A plant that has to be in the ground before half of the year is over. */
const SPRING_DAYS = 182

/** One day in ten is before `early`, one in ten after `late`. */
export interface DateSpread {
  readonly early: string
  readonly middle: string
  readonly late: string
  /** Of the years, in how many it came at all, 0–1. */
  readonly inYearsShare: number
}

/** The mix of a container as it follows the air. */
export interface MixWarmth {
  /** How long it takes to follow, days. */
  readonly lagDays: number
  /** How much warmer than the air the sun makes it on a day of full sun, K. */
  readonly sunGainK: number
}

export interface PlantingWindow {
  readonly sow: { readonly from: string; readonly to: string }
  /** Pricked out into small pots. */
  readonly potOn: { readonly from: string; readonly to: string }
  readonly harden: { readonly from: string; readonly to: string }
  /** One to two weeks after the last frost. */
  readonly afterFrost: { readonly from: string; readonly to: string }
  readonly lastFrost: DateSpread | undefined
  readonly nights: DateSpread | undefined
  /** When the mix is warm, nights are mild and frost is over, by school. */
  readonly schools: Readonly<Record<SoilSchool, DateSpread | undefined>>
  readonly reasons: readonly Reason[]
}

/** Days of a full sun, MJ/m². */
const FULL_SUN_MJ_M2 = 25

/** Where in the years something happened, as dates of the asked year; undefined where it mostly did not. */
export function dateSpread(
  days: readonly (number | undefined)[],
  firstDay: string,
): DateSpread | undefined {
  const known = days.filter((day) => day !== undefined)
  if (!known.length) return undefined
  const at = (share: number) => addDays(firstDay, Math.round(quantile(known, share)!))
  return {
    early: at(0.1),
    middle: at(0.5),
    late: at(0.9),
    inYearsShare: known.length / days.length,
  }
}

/**
 * First day from which on the mean of the last days stays at a threshold: one
 * mild week in winter does not open the season.
 */
function firstSteady(values: readonly number[], threshold: number): number | undefined {
  let sum = 0
  let lastBelow = STEADY_DAYS - 2
  for (let day = 0; day < values.length; day++) {
    sum += values[day]!
    if (day >= STEADY_DAYS) sum -= values[day - STEADY_DAYS]!
    if (day >= STEADY_DAYS - 1 && sum / STEADY_DAYS < threshold) lastBelow = day
  }
  return lastBelow + 1 < values.length ? lastBelow + 1 : undefined
}

/** Last day of frost before summer; undefined where there was none. */
function lastFrostOf(year: readonly DailyWeather[]): number | undefined {
  for (let day = Math.min(SPRING_DAYS, year.length) - 1; day >= 0; day--)
    if (year[day]!.tempMinC <= FROST_C) return day
  return undefined
}

/** Temperature of the mix, which follows the air and is warmed by the sun. */
function mixTemps(year: readonly DailyWeather[], { lagDays, sunGainK }: MixWarmth): number[] {
  const share = 1 - Math.exp(-1 / lagDays)
  let mixC = year[0] ? (year[0].tempMaxC + year[0].tempMinC) / 2 : 0
  return year.map(({ tempMaxC, tempMinC, radiationMjM2 = FULL_SUN_MJ_M2 / 2 }) => {
    const airC = (tempMaxC + tempMinC) / 2 + (sunGainK * radiationMjM2) / FULL_SUN_MJ_M2
    mixC += (airC - mixC) * share
    return mixC
  })
}

/**
 * When to sow, harden off and plant out, over many years of weather.
 *
 * @param years      each of the same days in a row, the first in mid-winter
 * @param firstDay   their first day in the year that is asked about
 * @param mix        how the mix of the container follows the air
 * @param lastFrostOn the gardener's own date of the last frost; from the years where left out
 */
export function plantingWindow(
  variety: Variety,
  years: readonly (readonly DailyWeather[])[],
  firstDay: string,
  mix: MixWarmth,
  lastFrostOn?: string,
): PlantingWindow {
  const frosts = years.map(lastFrostOf)
  const nights = years.map((year) =>
    firstSteady(
      year.map(({ tempMinC }) => tempMinC),
      NIGHTS_C[variety.crop],
    ),
  )
  const warm = years.map((year) => mixTemps(year, mix))
  const opens = (school: SoilSchool) =>
    dateSpread(
      years.map((_, index) => {
        const soil = firstSteady(warm[index]!, soilSchools[school])
        const night = nights[index]
        const afterFrost = (frosts[index] ?? -AFTER_FROST_DAYS.least) + AFTER_FROST_DAYS.least
        return soil === undefined || night === undefined
          ? undefined
          : Math.max(soil, night, afterFrost)
      }),
      firstDay,
    )
  const schools = { early: opens('early'), usual: opens('usual'), warm: opens('warm') }
  const lastFrost = dateSpread(frosts, firstDay)
  // Without frost anywhere, what the nights allow stands in its place.
  const frost =
    lastFrostOn ??
    lastFrost?.late ??
    addDays(schools.usual?.middle ?? firstDay, -AFTER_FROST_DAYS.least)
  const isSlow = variety.daysToMaturity >= SLOW_FROM_DAYS
  const earlier = isSlow ? SLOW_EARLIER_DAYS : 0
  const afterFrost = {
    from: addDays(frost, AFTER_FROST_DAYS.least),
    to: addDays(frost, AFTER_FROST_DAYS.most),
  }
  const sow = {
    from: addDays(frost, -SOW_BEFORE_FROST_DAYS.most - earlier),
    to: addDays(frost, -SOW_BEFORE_FROST_DAYS.least - earlier),
  }
  const pricked = PRICKED_OUT_AFTER_DAYS[variety.crop]
  return {
    sow,
    potOn: { from: addDays(sow.from, pricked), to: addDays(sow.to, pricked) },
    harden: {
      from: addDays(afterFrost.from, -HARDENING_DAYS.most),
      to: addDays(afterFrost.from, -1),
    },
    afterFrost,
    lastFrost,
    nights: dateSpread(nights, firstDay),
    schools,
    reasons: [
      reason(
        lastFrostOn ? 'window.frostOwn' : 'window.frostYears',
        { frostDate: frost, yearCount: years.length },
        practice,
      ),
      reason(isSlow ? 'window.sowSlow' : 'window.sow', {}, practice),
      reason('window.harden', { nightC: NIGHTS_C[variety.crop] }, practice),
      reason('window.nights', { nightC: NIGHTS_C[variety.crop] }, practice),
    ],
  }
}
