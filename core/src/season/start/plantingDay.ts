import { containerVolumes, type Container } from '../../container'
import type { Garden } from '../../garden'
import type { Variety } from '../../plant'
import { addDays, daysBetween, memory, reason, type Reason } from '../../units'
import { frostsOfPlace } from '../course'
import { windowOf } from '../plant'

/** When plants can go out. */
export interface PlantingDay {
  /** Today, or the first day of the next spring on which they are safe. */
  readonly on: string
  readonly isNow: boolean
  readonly reasons: readonly Reason[]
}

/** A crop wants so much longer than its days to maturity, before the first frost (memory). */
const PICKING_DAYS = 14
/** Where nothing freezes, plants still go in for so long after their first good day (memory). */
const STILL_GOES_IN_DAYS = 150
const YEAR_DAYS = 365

/** The first day from one on that has this month and day. */
function nextOn(monthDay: string, from: string): string {
  const year = Number(from.slice(0, 4))
  return `${monthDay < from.slice(5) ? year + 1 : year}-${monthDay}`
}

/**
 * Whether a plant can go into a pot now and still give fruit before the frost, and if not,
 * when the next season for it begins.
 */
export function plantingDayOf(
  garden: Garden,
  container: Container,
  variety: Variety,
  today: string,
): PlantingDay {
  const pot = { container, volumes: containerVolumes(container) }
  const { goesOutOn, isYearRound } = windowOf(garden, pot, variety, today)
  const now = (code: string, params: Record<string, string | number> = {}): PlantingDay => ({
    on: today,
    isNow: true,
    reasons: [reason(`start.now.${code}`, params, memory)],
  })
  const later = (on: string): PlantingDay => ({
    on,
    isNow: false,
    reasons: [reason('start.later', { onDate: on }, memory)],
  })
  if (isYearRound) return now('yearRound')
  if (today < goesOutOn) return later(goesOutOn)
  const { firstFrost } = frostsOfPlace(garden)
  const frostOn = firstFrost && nextOn(firstFrost, goesOutOn)
  const lastOn = frostOn
    ? addDays(frostOn, -variety.daysToMaturity - PICKING_DAYS)
    : addDays(goesOutOn, STILL_GOES_IN_DAYS)
  if (today <= lastOn)
    return frostOn
      ? now('beforeFrost', { days: daysBetween(today, frostOn), frostDate: frostOn })
      : now('noFrost')
  return later(windowOf(garden, pot, variety, addDays(goesOutOn, YEAR_DAYS)).goesOutOn)
}
