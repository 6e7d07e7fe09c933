import type { Facts } from '../../diagnosis'
import { DAYLIGHT_MM, longWetDays, WILTS_BELOW } from '../../water'
import { HOURS_A_DAY } from '../../weather'
import type { PotCourse } from '../course'

/** Fruit and leaves tell of so many days of their water (memory). */
const WATER_DAYS = 14
/** Less of its water than this is short; wetted by this share of its room after being short, it swung (memory). */
const SHORT_BELOW = 0.95
const SWING_SHARE = 0.25

/** First hour that counts: of the last days, since it was planted. */
const firstHour = ({ ofWater }: PotCourse, plantedOn: number) =>
  Math.max(0, plantedOn * HOURS_A_DAY, ofWater.nowHour - WATER_DAYS * HOURS_A_DAY)

/** The first and the last day of the course on which it was short by day; undefined where it was on none. */
export function shortDays(
  pot: PotCourse,
  plantedOn: number,
): { readonly first: number; readonly last: number } | undefined {
  const { run, weather, nowHour } = pot.ofWater
  let [first, last] = [-1, -1]
  for (let hour = firstHour(pot, plantedOn); hour < nowHour; hour++) {
    if (weather.referenceMm[hour]! <= DAYLIGHT_MM || run.hadShare[hour]! >= SHORT_BELOW) continue
    last = Math.floor(hour / HOURS_A_DAY)
    if (first < 0) first = last
  }
  return first < 0 ? undefined : { first, last }
}

/** How wet and how dry the pot was, by its water hour by hour. */
export function waterFacts(pot: PotCourse, plantedOn: number): Facts {
  const { run, weather, nowHour, learned } = pot.ofWater
  const from = firstHour(pot, plantedOn)
  if (from >= nowHour) return {}
  let [shortH, wiltH, swings] = [0, 0, 0]
  let wasShort = false
  let driest = 0
  for (let hour = from; hour < nowHour; hour++) {
    const had = run.hadShare[hour]!
    if (weather.referenceMm[hour]! > DAYLIGHT_MM) {
      if (had < SHORT_BELOW) shortH++
      if (had < WILTS_BELOW) wiltH++
    }
    wasShort ||= had < SHORT_BELOW
    driest = Math.max(driest, run.driestShare[hour]!)
    // A swing is from short to wet again, however slowly.
    if (wasShort && driest - run.driestShare[hour]! >= SWING_SHARE) {
      swings++
      wasShort = false
      driest = run.driestShare[hour]!
    }
  }
  // A pot whose thirst was learned from tests by hand is all but measured.
  const isMeasured = (learned?.testCount ?? 0) > 0
  const told = (value: number) => ({ value, isMeasured })
  return {
    shortHours14d: told(shortH),
    wiltHours14d: told(wiltH),
    swings14d: told(swings),
    wetDays: told(longWetDays(run, nowHour)),
  }
}
