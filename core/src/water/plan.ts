import { HOURS_A_DAY } from '../weather'
import {
  EVENING_FROM_H,
  fullPot,
  type WateredPot,
  type WaterEvents,
  type WaterOptions,
  type WaterState,
  type WaterDrive,
} from './pot'
import { runsPastShare } from './hours'
import { simulateWater } from './simulate'

/** Hours of the gardener's clock at which pots are watered (practice: in the morning). */
export const MORNING_H = 7
export const EVENING_H = 19

/** A plant that has less than this of the water it wants wilts (memory). */
export const WILTS_BELOW = 0.5
/** A plant that missed this share of a day's water is short of it: about as much of the crop is lost (FAO 33, Ky about 1). */
const SHORT_FROM_SHARE = 0.05
/** Where more than this runs past dry mix, it is watered in two passes. */
const TWO_PASSES_FROM = 0.15

/** What to give one pot, and how long it lasts. */
export interface WaterPlan {
  /** On this walk, L. */
  readonly nowL: number
  /** And again this evening, L. */
  readonly eveningL: number
  /** Dry mix takes water badly: half, and half again half an hour later. */
  readonly passes: 1 | 2
  /** Hours from now until it next needs water, after this. */
  readonly nextH: number | undefined
  /** Left as it is now: hours until it goes short, and until it wilts. */
  readonly safeForH: number | undefined
  readonly wiltsInH: number | undefined
  /** Hours it lasts once it is filled. */
  readonly fullForH: number | undefined
  /** It goes short today even if it is watered morning and evening. */
  readonly isTooSmall: boolean
}

/** When a gardener comes by with the can. */
export type VisitTimes = 'morning' | 'both'

/** A visit every morning, and every evening where they come twice, each told how far to look ahead. */
export function dailyVisits(hours: number, times: VisitTimes = 'both'): Uint8Array {
  const visits = new Uint8Array(hours)
  for (let hour = 0; hour < hours; hour += HOURS_A_DAY) {
    if (hour + MORNING_H < hours) visits[hour + MORNING_H] = HOURS_A_DAY
    if (times === 'both' && hour + EVENING_H < hours)
      visits[hour + EVENING_H] = HOURS_A_DAY - EVENING_H + MORNING_H
  }
  return visits
}

/**
 * Hours that the water of this walk has to last: until tomorrow morning. Who has watered
 * already today comes again in the evening, if need be, and if they come twice.
 *
 * @param givenL recorded, L in each hour
 */
export function aheadOfNowH(givenL: Float64Array, now: number, times: VisitTimes = 'both'): number {
  const midnight = Math.floor(now / HOURS_A_DAY) * HOURS_A_DAY
  const isWatered = givenL.subarray(midnight, now).some((litres) => litres > 0)
  return times === 'both' && isWatered && now < midnight + EVENING_FROM_H
    ? midnight + EVENING_H - now
    : midnight + HOURS_A_DAY + MORNING_H - now
}

const NOTHING: WaterPlan = {
  nowL: 0,
  eveningL: 0,
  passes: 1,
  nextH: undefined,
  safeForH: undefined,
  wiltsInH: undefined,
  fullForH: undefined,
  isTooSmall: false,
}

/** Hours from a moment until a row falls below a limit; undefined where it never does. */
function firstBelow(row: Float64Array, limit: number): number | undefined {
  const hour = row.findIndex((value) => value < limit)
  return hour < 0 ? undefined : hour
}

/**
 * Hours from a moment until a pot has gone without a twentieth of a day's water
 * within 24 hours; undefined where it never does. Stress that has only just begun
 * (Ks a little below 1) does no harm yet and does not count.
 *
 * @param hadShare from that moment on
 * @param from     that moment, hour of the weather
 */
export function shortInH(
  hadShare: Float64Array,
  { referenceSumMm }: WaterDrive,
  from: number,
): number | undefined {
  const missed = new Float64Array(hadShare.length + 1)
  for (let hour = 0; hour < hadShare.length; hour++) {
    const at = from + hour
    const mm = referenceSumMm[at + 1]! - referenceSumMm[at]!
    missed[hour + 1] = missed[hour]! + mm * (1 - hadShare[hour]!)
    const since = Math.max(0, hour + 1 - HOURS_A_DAY)
    const dayBegins = Math.max(0, at + 1 - HOURS_A_DAY)
    const wanted = referenceSumMm[dayBegins + HOURS_A_DAY]! - referenceSumMm[dayBegins]!
    if (missed[hour + 1]! - missed[since]! > SHORT_FROM_SHARE * wanted) return hour
  }
  return undefined
}

/**
 * How much a pot needs now, whether once is enough today, and how long it lasts.
 *
 * Water is given so that the pot does not pass its safe depletion before the next
 * visit, and then enough to fill it: less often and more is kinder than a sip a day.
 *
 * @param state  as it is at the beginning of the hour
 * @param events what was recorded up to that very hour; visits are set here
 * @param now    hour of the row; the plan looks as far as the weather goes
 */
export function planWatering(
  container: WateredPot,
  weather: WaterDrive,
  state: WaterState,
  events: Pick<WaterEvents, 'givenL' | 'fillH'>,
  now: number,
  options: Pick<WaterOptions, 'thirst' | 'capacity' | 'to'> & { readonly times?: VisitTimes } = {},
): WaterPlan {
  const { thirst, capacity, times = 'both', to = weather.days * HOURS_A_DAY } = options
  const day = Math.floor(now / HOURS_A_DAY)
  const evening = day * HOURS_A_DAY + EVENING_H
  const isEvening = now - day * HOURS_A_DAY >= EVENING_FROM_H
  const nextMorning = (day + 1) * HOURS_A_DAY + MORNING_H
  const visitH = dailyVisits(to, times)
  if (now >= to) return NOTHING
  // The walk of now stands for the morning's, or for the evening's.
  visitH[day * HOURS_A_DAY + MORNING_H] = 0
  if (isEvening) visitH[evening] = 0
  visitH[now] = aheadOfNowH(events.givenL, now, times)
  const ahead = { from: now, to, start: state, thirst, capacity }
  const watered = simulateWater(container, weather, { ...events, visitH }, ahead)
  const none = new Uint8Array(to)
  const left = simulateWater(container, weather, { ...events, visitH: none }, ahead)
  const filled = simulateWater(
    container,
    weather,
    { givenL: new Float64Array(to), visitH: none },
    { ...ahead, start: fullPot(container) },
  )
  const nowL = events.fillH?.[now] ? 0 : watered.givenL[0]! - events.givenL[now]!
  const eveningL = isEvening || times === 'morning' ? 0 : (watered.givenL[evening - now] ?? 0)
  const next = watered.givenL.findIndex((givenL, hour) => hour > 0 && givenL > 0)
  const availableL = container.cells[0]!.availableL * (capacity ?? 1)
  const past = runsPastShare(container.repellentShare, state.missingL[0]! / availableL)
  const short = (hadShare: Float64Array) => shortInH(hadShare, weather, now)
  return {
    nowL,
    eveningL,
    passes: nowL > 0 && past > TWO_PASSES_FROM ? 2 : 1,
    nextH: next < 0 ? undefined : next,
    safeForH: short(left.hadShare),
    wiltsInH: firstBelow(left.hadShare, WILTS_BELOW),
    fullForH: short(filled.hadShare),
    isTooSmall: short(watered.hadShare.subarray(0, nextMorning - now)) !== undefined,
  }
}
