import { quantile } from 'd3-array'
import { addDays, daysBetween, practice, memory, reason, type Reason } from '../units'
import type { DailyWeather } from '../weather'
import { developmentOf } from './development'
import { HARDENING_DAYS, PRICKED_OUT_AFTER_DAYS } from './growth'
import { setShare } from './setting'
import type { Crop, Variety } from './varietySchema'

/** Growers' schools of when the mix is warm enough to plant, °C (practice). */
export const soilSchools = { early: 7, usual: 10, warm: 16 } as const
export type SoilSchool = keyof typeof soilSchools
export const soilSchoolIds = Object.keys(soilSchools) as SoilSchool[]

/** Nights are to be warmer than this, °C (practice). */
export const NIGHTS_C: Readonly<Record<Crop, number>> = { tomato: 7, pepper: 10 }
/** Days from the last frost to planting out (practice). */
const AFTER_FROST_DAYS = { least: 7, most: 14 } as const
/** Days from sowing to the last frost; slow peppers earlier (practice; how much earlier from memory). */
const SOW_BEFORE_FROST_DAYS = { most: 56, least: 42 } as const
const SLOW_EARLIER_DAYS = 21
const SLOW_FROM_DAYS = 95
const FROST_C = 0
/** Warm enough on the mean of so many days, and of so many that follow (memory). */
const STEADY_DAYS = 7
const STAYS_DAYS = 28
/** Days after the first flower in which flowers still count (memory). */
const SETTING_DAYS = 56
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
  /** One to two weeks after the last frost; where there is none, when plants go out. */
  readonly afterFrost: { readonly from: string; readonly to: string }
  /** The day that sowing and hardening are counted back from: frost is over, mix and nights are warm. */
  readonly goesOutOn: string
  /** No day of the year is too cold to plant. */
  readonly isYearRound: boolean
  readonly lastFrost: DateSpread | undefined
  readonly nights: DateSpread | undefined
  /** When the mix is warm, nights are mild and frost is over, by school; none where no day is too cold. */
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

/** Sums of a row from its beginning on, one longer than the row. */
function sumsOf(values: readonly number[]): Float64Array {
  const sums = new Float64Array(values.length + 1)
  values.forEach((value, day) => (sums[day + 1] = sums[day]! + value))
  return sums
}

/**
 * First day on which the mean of the week behind it has reached a threshold, and
 * that of the four weeks ahead stays there: a mild week in winter does not open
 * the season, nor does one cool week in June put it off.
 */
function firstSteady(values: readonly number[], threshold: number): number | undefined {
  const sums = sumsOf(values)
  const meanOf = (from: number, to: number) => (sums[to]! - sums[from]!) / (to - from)
  for (let day = STEADY_DAYS - 1; day < values.length - 1; day++) {
    const stays = Math.min(values.length, day + 1 + STAYS_DAYS)
    if (meanOf(day + 1 - STEADY_DAYS, day + 1) >= threshold && meanOf(day + 1, stays) >= threshold)
      return day
  }
  return undefined
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

/** The day by which nine years of ten have had their last frost; undefined where most years have none so late. */
function frostFreeBy(frosts: readonly (number | undefined)[]): number | undefined {
  const inOrder = frosts.map((day) => day ?? -1).sort((one, other) => one - other)
  const day = inOrder[Math.ceil(0.9 * inOrder.length) - 1]
  return day === undefined || day < 0 ? undefined : day
}

/**
 * Where no day is too cold: the day to plant on for the most flowers to set, by
 * the mean temperatures of the days on which they open.
 */
function bestPlantingDay(variety: Variety, years: readonly (readonly DailyWeather[])[]): number {
  const length = Math.min(...years.map((year) => year.length))
  const shares = Array.from(
    { length },
    (_, day) => years.reduce((sum, year) => sum + setShare(variety, year[day]!), 0) / years.length,
  )
  const opensAfter = Math.round(developmentOf(variety).flower)
  const isWholeYear = length >= 365
  const last = isWholeYear ? length - 1 : Math.max(0, length - 1 - opensAfter - SETTING_DAYS)
  const sums = sumsOf(isWholeYear ? [...shares, ...shares] : shares)
  let best = { day: 0, share: -1 }
  for (let day = 0; day <= last; day++) {
    const from = Math.min(sums.length - 1, day + opensAfter)
    const to = Math.min(sums.length - 1, from + SETTING_DAYS)
    const share = sums[to]! - sums[from]!
    if (share > best.share + 1e-9) best = { day, share }
  }
  return best.day
}

/** The season cannot be seen to open before this day of the year: where it opens now, it was never closed. */
const FIRST_TOLD_DAY = STEADY_DAYS

/**
 * When to sow, harden off and plant out, over many years of weather.
 *
 * Plants go out once frost is over by a week and mix and nights are warm; sowing
 * and hardening off are counted back from there.
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
  const nightC = NIGHTS_C[variety.crop]
  const frosts = years.map(lastFrostOf)
  const ownFrost = lastFrostOn === undefined ? undefined : daysBetween(firstDay, lastFrostOn)
  const frostBy = ownFrost ?? frostFreeBy(frosts)
  const nights = years.map((year) =>
    firstSteady(
      year.map(({ tempMinC }) => tempMinC),
      nightC,
    ),
  )
  const warm = years.map((year) => mixTemps(year, mix))
  const openDays = (school: SoilSchool) =>
    years.map((_, index) => {
      const soil = firstSteady(warm[index]!, soilSchools[school])
      const night = nights[index]
      const frost = ownFrost ?? frosts[index]
      if (soil === undefined || night === undefined) return undefined
      return Math.max(soil, night, frost === undefined ? 0 : frost + AFTER_FROST_DAYS.least)
    })
  const isOpenFromTheFirst = (days: readonly (number | undefined)[]) =>
    ownFrost === undefined &&
    2 * days.filter((day) => day !== undefined && day < FIRST_TOLD_DAY).length > years.length
  const opens = (school: SoilSchool) => {
    const days = openDays(school)
    return isOpenFromTheFirst(days) ? undefined : dateSpread(days, firstDay)
  }
  const isYearRound = isOpenFromTheFirst(openDays('usual'))
  const schools = { early: opens('early'), usual: opens('usual'), warm: opens('warm') }
  const afterFrostDay = frostBy === undefined ? undefined : frostBy + AFTER_FROST_DAYS.least
  const middle = schools.usual?.middle ?? schools.early?.middle
  const warmDay = middle === undefined ? 0 : daysBetween(firstDay, middle)
  const goesOut = isYearRound
    ? bestPlantingDay(variety, years)
    : Math.max(afterFrostDay ?? 0, warmDay)
  const goesOutOn = addDays(firstDay, goesOut)
  const isSlow = variety.daysToMaturity >= SLOW_FROM_DAYS
  const sowBefore = AFTER_FROST_DAYS.least + (isSlow ? SLOW_EARLIER_DAYS : 0)
  const sow = {
    from: addDays(goesOutOn, -SOW_BEFORE_FROST_DAYS.most - sowBefore),
    to: addDays(goesOutOn, -SOW_BEFORE_FROST_DAYS.least - sowBefore),
  }
  const afterFrost = addDays(firstDay, isYearRound ? goesOut : (afterFrostDay ?? goesOut))
  const pricked = PRICKED_OUT_AFTER_DAYS[variety.crop]
  const yearCount = years.length
  return {
    sow,
    potOn: { from: addDays(sow.from, pricked), to: addDays(sow.to, pricked) },
    harden: { from: addDays(goesOutOn, -HARDENING_DAYS.most), to: addDays(goesOutOn, -1) },
    afterFrost: {
      from: afterFrost,
      to: addDays(afterFrost, AFTER_FROST_DAYS.most - AFTER_FROST_DAYS.least),
    },
    goesOutOn,
    isYearRound,
    lastFrost: dateSpread(frosts, firstDay),
    nights: dateSpread(nights, firstDay),
    schools,
    reasons: [
      frostBy === undefined
        ? reason('window.noFrost', { yearCount })
        : reason(
            lastFrostOn ? 'window.frostOwn' : 'window.frostYears',
            { frostDate: addDays(firstDay, frostBy), yearCount },
            practice,
          ),
      ...(isYearRound
        ? [reason('window.yearRound', { goesOutDate: goesOutOn }, memory)]
        : [
            reason(
              goesOut === afterFrostDay ? 'window.outByFrost' : 'window.outByWarmth',
              { goesOutDate: goesOutOn },
              practice,
            ),
          ]),
      reason(isSlow ? 'window.sowSlow' : 'window.sow', {}, practice),
      reason('window.harden', { nightC }, practice),
      reason('window.nights', { nightC }, practice),
    ],
  }
}
