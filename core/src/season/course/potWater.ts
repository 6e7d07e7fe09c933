import type { Place, SpotDay } from '../../place'
import {
  aheadOfNowH,
  type VisitTimes,
  assimilate,
  dailyVisits,
  EVENING_FROM_H,
  EVENING_H,
  MORNING_H,
  sumsOf,
  type Learned,
  type WaterEvents,
  type WaterOptions,
  type WaterRun,
  type WaterTest,
  type WaterDrive,
} from '../../water'
import { HOURS_A_DAY, spreadOverHours } from '../../weather'
import { suctionOf, type PotBase } from './pot'
import type { Doings } from './recorded'
import {
  drawingOn,
  stateThrough,
  stretchOn,
  waterThrough,
  type DayDrawing,
  type DrawnOn,
  type PotWeather,
  type WaterStretch,
} from './stretches'

/** A seed for what is drawn by chance: always the same, so that nothing jumps. */
const SEED = 0.618

/** What is older tells of a smaller plant: learned from the tests of so many days (memory). */
const LEARNED_OF_DAYS = 28

/** What days draw from short grass, by the hour: each worked out when it is first asked for. */
export interface HourlyDays {
  readonly weather: readonly SpotDay[]
  readonly copyDay: (day: number, into: Float64Array) => void
}

/** Days whose hours are worked out once, however often a pot is watered over them. */
export function hourlyDays(weather: readonly SpotDay[], place: Place): HourlyDays {
  const hoursMm = new Float64Array(weather.length * HOURS_A_DAY)
  const isKnown = new Uint8Array(weather.length)
  return {
    weather,
    copyDay: (day, into) => {
      const hour = day * HOURS_A_DAY
      if (isKnown[day] === 0) spreadOverHours(weather[day]!, place, hoursMm, hour)
      isKnown[day] = 1
      for (let at = hour; at < hour + HOURS_A_DAY; at++) into[at] = hoursMm[at]!
    },
  }
}

/**
 * Weather and leaf of a pot on its days.
 *
 * @param baseOn   the pot as it stands on the evening of a day
 * @param plantsOn leaf then
 */
export function waterDriveOf(
  baseOn: (day: number) => DrawnOn,
  { weather, copyDay }: HourlyDays,
  plantedOn: number,
  plantsOn: (day: number) => DayDrawing['plants'],
): PotWeather {
  const days = weather.length
  const referenceMm = new Float64Array(days * HOURS_A_DAY)
  const leafM2 = new Float64Array(days).fill(-1)
  const openM2 = new Float64Array(days)
  const rainL = new Float64Array(days)
  const catchM2 = new Float64Array(days)
  const cropMm = new Float64Array(days)
  let ofWall = 0
  for (let day = Math.max(0, plantedOn); day < days; day++) {
    const plants = plantsOn(day)
    // Of the day on which they came out, the hours before count as well.
    if (plants.length || (day > 0 && leafM2[day - 1]! >= 0)) copyDay(day, referenceMm)
    if (!plants.length) continue
    const here = weather[day]!
    const drawing = drawingOn(baseOn(day), plants)
    leafM2[day] = drawing.leafM2
    openM2[day] = drawing.openM2
    ofWall = drawing.wallM2
    catchM2[day] = drawing.catchM2
    rainL[day] = (here.rainMm ?? 0) * drawing.catchM2
    const canopyM2 = plants.reduce((sum, one) => sum + one.canopyM2 * one.count, 0)
    let dailyMm = 0
    for (let hour = 0; hour < HOURS_A_DAY; hour++) dailyMm += referenceMm[day * HOURS_A_DAY + hour]!
    cropMm[day] = canopyM2 > 0 ? (dailyMm * drawing.cropM2) / canopyM2 : dailyMm
  }
  return {
    days,
    referenceMm,
    referenceSumMm: sumsOf(referenceMm),
    leafM2,
    openM2,
    wallM2: ofWall,
    rainL,
    catchM2,
    cropMm,
  }
}

/**
 * When the gardener comes by with the can. A day that is past and of which nothing
 * was written down is taken to have gone by the plan; what was written down stands
 * as it is. Today begins now.
 */
export function visitsOf(
  doings: Doings,
  today: number,
  nowH: number,
  times: VisitTimes,
): Uint8Array {
  const visits = dailyVisits(doings.givenL.length, times)
  doings.skipped.forEach((isSkipped, day) => {
    const from = day * HOURS_A_DAY
    const isRecorded =
      day < today && doings.givenL.subarray(from, from + HOURS_A_DAY).some((givenL) => givenL > 0)
    if (isSkipped || isRecorded) visits.fill(0, from, from + HOURS_A_DAY)
  })
  const from = today * HOURS_A_DAY
  if (today < 0 || from >= visits.length || doings.skipped[today]) return visits
  visits.fill(0, from, from + HOURS_A_DAY)
  const now = from + Math.max(nowH, MORNING_H)
  visits[now] = aheadOfNowH(doings.givenL, now, times)
  if (times === 'both' && nowH < EVENING_FROM_H)
    visits[from + EVENING_H] = HOURS_A_DAY - EVENING_H + MORNING_H
  return visits
}

/** The water of a pot through the season, hour by hour. */
export interface PotWater {
  readonly weather: PotWeather
  /** What it holds and what draws on it, from change to change. */
  readonly stretches: readonly WaterStretch[]
  readonly events: WaterEvents
  readonly options: WaterOptions
  readonly run: WaterRun
  readonly learned: Learned | undefined
  /** When the gardener comes by with the can. */
  readonly times: VisitTimes
  readonly tests: readonly WaterTest[]
  /** Tests from before planting: kept in the book, and not learned from. */
  readonly earlyCount: number
  /** First hour with plants, the first that was learned of, and the hour of now. */
  readonly firstHour: number
  readonly nowHour: number
}

/** What was done to a pot's water and found of it, and the hours between which it is looked at. */
interface HoursOfPot {
  readonly times: VisitTimes
  readonly doings: Doings
  readonly events: WaterEvents
  readonly known: readonly WaterTest[]
  /** With plants in it. */
  readonly firstHour: number
  readonly nowHour: number
}

/** What draws on a pot, and its water by what was recorded and planned, before anything is learned. */
export interface PlannedWater {
  readonly weather: PotWeather
  readonly stretches: readonly WaterStretch[]
  readonly planned: WaterRun
}

/** How thirsty a pot is taken to be until something is learned of it this season. */
export const carriedOptions = ({ container }: PotBase): Pick<WaterOptions, 'thirst'> =>
  container.carried?.thirst === undefined ? {} : { thirst: container.carried.thirst }

/** A pot's water by what was recorded, what was felt, and the plan for what is not known. */
export function waterOf(
  base: PotBase,
  { weather, stretches, planned }: PlannedWater,
  { doings, events, known, firstHour, nowHour, times }: HoursOfPot,
): PotWater {
  const { water } = base
  const { visitH } = events
  const tests = known.filter(({ hour }) => hour >= firstHour && hour <= nowHour)
  const earlyCount = known.filter(({ hour }) => hour < firstHour).length
  const unlearned = {
    weather,
    stretches,
    tests,
    earlyCount,
    firstHour,
    nowHour,
    learned: undefined,
    times,
  }
  const table = suctionOf(base)
  if (!tests.length || !table || nowHour <= firstHour)
    return { ...unlearned, events, options: carriedOptions(base), run: planned }
  // From a midnight on: who looks again in the evening finds what was learned in the morning.
  const today = Math.floor(nowHour / HOURS_A_DAY)
  // And of the pot as it is now: what it held before it was topped up is not what it holds today.
  const here = stretchOn(stretches, nowHour - 1)
  const from = Math.max(firstHour, here.fromHour, (today - LEARNED_OF_DAYS) * HOURS_A_DAY)
  const recent = tests.filter(({ hour }) => hour >= from)
  if (!recent.length) return { ...unlearned, events, options: carriedOptions(base), run: planned }
  const asPlanned = { ...events, givenL: planned.givenL, visitH: new Uint8Array(visitH.length) }
  const start = stateThrough(stretches, asPlanned, { to: from })
  const learned = assimilate(water, here.drive, asPlanned, recent, {
    seed: SEED,
    from,
    to: nowHour,
    table,
    start,
    written: events,
  })
  const toCome = visitH.slice()
  toCome.fill(0, 0, nowHour)
  const options = {
    thirst: learned.thirst.mean,
    capacity: learned.capacity.mean,
    corrections: learned.corrections,
  }
  // Former days of which nothing was written went as this gardener is known to do, or else as was planned
  // then; only what is to come is planned anew.
  const isFilledDaily = learned.habit === 'everyMorning'
  const past =
    learned.habit === 'asPlanned'
      ? planned
      : waterThrough(stretches, events, { ...options, isFilledDaily, to: nowHour })
  const givenL = doings.givenL.slice()
  givenL.set(past.givenL.subarray(0, nowHour))
  const then = { ...events, givenL, visitH: toCome }
  const run = waterThrough(stretches, then, options)
  return { ...unlearned, learned, events: then, options, run }
}

/** Of the water its leaves needed, what a pot had each day, 0–1. */
export function dailyShareOf(
  { hadShare }: WaterRun,
  { referenceMm, days }: WaterDrive,
): Float64Array {
  const shares = new Float64Array(days).fill(1)
  for (let day = 0; day < days; day++) {
    let [had, wanted] = [0, 0]
    for (let hour = day * HOURS_A_DAY; hour < (day + 1) * HOURS_A_DAY; hour++) {
      wanted += referenceMm[hour]!
      had += referenceMm[hour]! * hadShare[hour]!
    }
    if (wanted > 0) shares[day] = had / wanted
  }
  return shares
}
