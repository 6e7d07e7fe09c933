import type { GardenRecord } from '../garden'
import type { Place, SpotDay } from '../place'
import { daysBetween, dayOf, InputError } from '../units'
import {
  aheadOfNowH,
  assimilate,
  dailyVisits,
  drawingOf,
  EVENING_FROM_H,
  EVENING_H,
  MORNING_H,
  simulateWater,
  sumsOf,
  type Learned,
  type WaterEvents,
  type WaterOptions,
  type WaterRun,
  type WaterTest,
  type WaterWeather,
} from '../water'
import { HOURS_A_DAY, spreadOverHours } from '../weather'
import { suctionOf, type PotBase } from './base'
import { hourOf, type Doings } from './doings'

/** Depth of a probe where its record does not say, mm. */
const PROBE_MM = 100
/** A hand-held scale and a carried pot, and the plant's own mass as it is guessed (memory). */
const SCALE_SD_KG = 0.2
const PLANT_SD_SHARE = 0.2
/** A seed for what is drawn by chance: always the same, so that nothing jumps. */
const SEED = 0.618

/** What is older tells of a smaller plant: learned from the tests of so many days (memory). */
const LEARNED_OF_DAYS = 28

/** What draws on a pot on one of its days. */
export interface DayDrawing {
  readonly plants: readonly {
    readonly canopyM2: number
    readonly basalCoefficient: number
    readonly count: number
  }[]
}

/** Weather and leaf of a pot as its hourly balance takes them, and what rain falls into past the leaves, m² by day. */
export interface PotWeather extends WaterWeather {
  readonly catchM2: Float64Array
}

/** Weather and leaf of a pot on its days. */
export function waterWeatherOf(
  { container, volumes, wallM2 }: PotBase,
  place: Place,
  weather: readonly SpotDay[],
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
    if (!plants.length) continue
    const here = weather[day]!
    spreadOverHours(here, place, referenceMm, day * HOURS_A_DAY)
    const drawing = drawingOf({
      plants,
      exposure: container.exposure,
      type: container.type,
      surfaceM2: volumes.surfaceM2,
      mulchMm: container.mulchMm,
      material: container.material,
      wallM2,
    })
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
export function visitsOf(doings: Doings, today: number, nowH: number): Uint8Array {
  const visits = dailyVisits(doings.givenL.length)
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
  visits[now] = aheadOfNowH(doings.givenL, now)
  if (nowH < EVENING_FROM_H) visits[from + EVENING_H] = HOURS_A_DAY - EVENING_H + MORNING_H
  return visits
}

/** Whether a record is water that came into the pot. */
const isPoured = (record: GardenRecord): boolean =>
  (record.kind === 'water' || record.kind === 'feed') && record.volumeL !== undefined

/** A moment to the hour, `YYYY-MM-DDTHH`. */
const hourIn = (at: string) => at.slice(0, 13)

/**
 * Which tests were made after something was poured within their own hour: they
 * speak of the end of that hour, and not of its beginning.
 *
 * @returns tells it of a record by its place in the list
 */
function afterPouring(records: readonly GardenRecord[]): (index: number) => boolean {
  const firstPoured = new Map<string, number>()
  records.forEach((record, index) => {
    const hour = hourIn(record.at)
    const first = firstPoured.get(hour)
    if (isPoured(record) && (first === undefined || record.at < records[first]!.at))
      firstPoured.set(hour, index)
  })
  return (index) => {
    const { at } = records[index]!
    const first = firstPoured.get(hourIn(at))
    if (first === undefined) return false
    return records[first]!.at < at || (records[first]!.at === at && first < index)
  }
}

/** Whether anything was poured in the hour of now and then looked at: what was found is of the hour's end. */
export function isLookedAtAfterPouring(records: readonly GardenRecord[], hour: string): boolean {
  const isAfter = afterPouring(records)
  return records.some(
    ({ kind, at }, index) => hourIn(at) === hour && TESTS.has(kind) && isAfter(index),
  )
}
const TESTS: ReadonlySet<GardenRecord['kind']> = new Set(['finger', 'weigh', 'drained', 'probe'])

/** What the records of a pot tell of its water. */
export function testsOf(
  { mass, water }: PotBase,
  records: readonly GardenRecord[],
  from: string,
  plantKgOn: (day: number) => number,
): WaterTest[] {
  const isAfter = afterPouring(records)
  return records
    .flatMap((record, index): WaterTest[] => {
      if (!TESTS.has(record.kind)) return []
      const day = daysBetween(from, dayOf(record.at))
      const late = isAfter(index) ? 1 : 0
      const hour = day * HOURS_A_DAY + hourOf(record.at) + late
      switch (record.kind) {
        case 'finger':
          return [{ kind: 'finger', hour, knuckle: record.knuckle, feel: record.feel }]
        case 'weigh': {
          const plantKg = plantKgOn(day)
          const missingL = mass.wateredKg + plantKg - record.massKg
          const sdL = Math.hypot(SCALE_SD_KG, PLANT_SD_SHARE * plantKg)
          const mostL = water.availableL + water.reservoirL
          return [{ kind: 'weigh', hour, missingL: Math.max(0, Math.min(mostL, missingL)), sdL }]
        }
        case 'drained':
          // Caught after the watering of that hour.
          return [{ kind: 'drained', hour: hour + 1 - late, volumeL: record.volumeL }]
        case 'probe':
          return [
            {
              kind: 'probe',
              hour,
              moistureShare: record.moistureShare,
              depthMm: record.depthMm ?? PROBE_MM,
            },
          ]
        default:
          return []
      }
    })
    .sort((one, other) => one.hour - other.hour)
}

/** A pot is not to weigh more than this beside one that is full, kg: then something else stood on the scale. */
const OVER_FULL_KG = 3

/**
 * Whether a pot can weigh so much.
 *
 * @param plantKg fresh mass of its plants by the model
 * @throws InputError `underDryPot`, `overFullPot`
 */
export function requireWeight(
  { mass }: Pick<PotBase, 'mass'>,
  massKg: number,
  plantKg: number,
): void {
  // A mix that is only guessed may be twice as heavy, and much lighter.
  const { isMixGuessed, emptyKg, dryKg, wateredKg } = mass
  const leastKg = isMixGuessed ? emptyKg : dryKg
  const mostKg = wateredKg * (isMixGuessed ? 2 : 1) + 2 * plantKg + OVER_FULL_KG
  if (massKg < leastKg)
    throw new InputError('underDryPot', { givenG: massKg * 1000, limitG: leastKg * 1000 })
  if (massKg > mostKg)
    throw new InputError('overFullPot', { givenG: massKg * 1000, limitG: mostKg * 1000 })
}

/** The water of a pot through the season, hour by hour. */
export interface PotWater {
  readonly weather: PotWeather
  readonly events: WaterEvents
  readonly options: WaterOptions
  readonly run: WaterRun
  readonly learned: Learned | undefined
  readonly tests: readonly WaterTest[]
  /** Tests from before planting: kept in the book, and not learned from. */
  readonly earlyCount: number
  /** First hour with plants, the first that was learned of, and the hour of now. */
  readonly firstHour: number
  readonly nowHour: number
}

/** A pot's water by what was recorded, what was felt, and the plan for what is not known. */
export function waterOf(
  base: PotBase,
  weather: PotWeather,
  doings: Doings,
  visitH: Uint8Array,
  known: readonly WaterTest[],
  firstHour: number,
  nowHour: number,
): PotWater {
  const { water } = base
  const { fillH } = doings
  const events = { givenL: doings.givenL, visitH, fillH }
  const tests = known.filter(({ hour }) => hour >= firstHour && hour <= nowHour)
  const earlyCount = known.filter(({ hour }) => hour < firstHour).length
  const unlearned = { weather, tests, earlyCount, firstHour, nowHour, learned: undefined }
  const table = suctionOf(base)
  const planned = simulateWater(water, weather, events)
  if (!tests.length || !table || nowHour <= firstHour)
    return { ...unlearned, events, options: {}, run: planned }
  // From a midnight on: who looks again in the evening finds what was learned in the morning.
  const today = Math.floor(nowHour / HOURS_A_DAY)
  const from = Math.max(firstHour, (today - LEARNED_OF_DAYS) * HOURS_A_DAY)
  const recent = tests.filter(({ hour }) => hour >= from)
  if (!recent.length) return { ...unlearned, events, options: {}, run: planned }
  const asPlanned = { givenL: planned.givenL, visitH: new Uint8Array(visitH.length), fillH }
  const { end: start } = simulateWater(water, weather, asPlanned, { to: from })
  const learned = assimilate(water, weather, asPlanned, recent, {
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
    learned.habit === 'asSaid'
      ? planned
      : simulateWater(water, weather, events, { ...options, isFilledDaily, to: nowHour })
  const givenL = doings.givenL.slice()
  givenL.set(past.givenL.subarray(0, nowHour))
  const then = { givenL, visitH: toCome, fillH }
  const run = simulateWater(water, weather, then, options)
  return { ...unlearned, learned, events: then, options, run }
}

/** Of the water its leaves wanted, what a pot had each day, 0–1. */
export function dailyShareOf(
  { hadShare }: WaterRun,
  { referenceMm, days }: WaterWeather,
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
