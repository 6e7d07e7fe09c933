import { containerVolumes, type Container } from '../../container'
import type { Garden } from '../../garden'
import type { Crop, Variety } from '../../plant'
import {
  addDays,
  datesFrom,
  dayOfYear,
  daysBetween,
  memory,
  nextMonthDay,
  reason,
  type Reason,
} from '../../units'
import { typicalDay, type DayInPlace } from '../../weather'
import { climateOf, frostsOfPlace, type Climate } from '../course'
import { windowOf } from '../plant'

/** When plants can go out. */
export interface PlantingDay {
  /** Today, or the first day of the next season on which they are safe. */
  readonly on: string
  readonly isNow: boolean
  readonly reasons: readonly Reason[]
}

/** A crop wants so much longer than its days to maturity, before the first frost (memory). */
const PICKING_DAYS = 14
/** A plant stands still while the coming weeks are cooler than this on the mean, °C (memory). */
const GROWS_FROM_C = 13.5
/** Mean lowest of those weeks: a few nights of them are colder (memory). */
const NIGHTS_FROM_C: Readonly<Record<Crop, number>> = { tomato: 9, pepper: 11 }
const COMING_DAYS = 28
const YEAR_DAYS = 365

/** Whether the usual weeks after a day are warm enough for a crop to grow, by day and by night. */
function growsFrom({ model }: Climate, crop: Crop): (date: string) => boolean {
  const year = datesFrom('2025-01-01', YEAR_DAYS).map((date) => typicalDay(model, date))
  return (date) => {
    const first = dayOfYear(date) - 1
    const coming = Array.from({ length: COMING_DAYS }, (_, day) => year[(first + day) % YEAR_DAYS]!)
    const meanOf = (valueOf: (day: DayInPlace) => number) =>
      coming.reduce((sum, day) => sum + valueOf(day), 0) / COMING_DAYS
    return (
      meanOf(({ tempMaxC, tempMinC }) => (tempMaxC + tempMinC) / 2) >= GROWS_FROM_C &&
      meanOf(({ tempMinC }) => tempMinC) >= NIGHTS_FROM_C[crop]
    )
  }
}

/**
 * Whether a plant can go into a pot now and still give fruit before the frost, and if not,
 * when the next season for it begins: once frost is over, nights and mix are warm, and the
 * usual weeks to come are warm enough to grow in.
 */
export function plantingDayOf(
  garden: Garden,
  container: Container,
  variety: Variety,
  today: string,
): PlantingDay {
  const pot = { container, volumes: containerVolumes(container) }
  const grows = growsFrom(climateOf(garden), variety.crop)
  const { goesOutOn, isYearRound } = windowOf(garden, pot, variety, today)
  const { firstFrost } = frostsOfPlace(garden)
  const frostOn = firstFrost && nextMonthDay(firstFrost, goesOutOn)
  const ripeAfter = variety.daysToMaturity + PICKING_DAYS
  const isInTime = frostOn
    ? today <= addDays(frostOn, -ripeAfter)
    : grows(addDays(today, ripeAfter))
  if ((isYearRound || today >= goesOutOn) && isInTime && grows(today))
    return {
      on: today,
      isNow: true,
      reasons: [
        frostOn
          ? reason('start.now.beforeFrost', {
              days: daysBetween(today, frostOn),
              frostDate: frostOn,
            })
          : reason('start.now.noFrost', {}, memory),
      ],
    }
  const opensOn = isYearRound
    ? addDays(today, 1)
    : today < goesOutOn
      ? goesOutOn
      : windowOf(garden, pot, variety, addDays(goesOutOn, YEAR_DAYS)).goesOutOn
  const ahead = datesFrom(opensOn, YEAR_DAYS)
  // Where no week of the year is warm enough it goes in with the season all the same.
  const on = ahead.find(grows) ?? opensOn
  return { on, isNow: false, reasons: [reason('start.later', { onDate: on }, memory)] }
}
