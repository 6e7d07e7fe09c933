import { mean } from 'd3-array'
import { rootZonePeakC } from '../../container'
import type { Facts } from '../../diagnosis'
import { MOL_PER_MJ, wetLeafHours } from '../../weather'
import type { PotBase } from '../course'
import type { SpotDay } from '../../place'

/** A day is hot, and a night cold, for flowers beyond these, °C (practice). */
const HOT_C = 32
const COLD_NIGHT_C = 13
const WARM_NIGHT_C = 24
/** Ground frost reaches leaves a little before the air does (memory), °C. */
const FROST_C = 0.5
/** Mean wind of a day at the spot that tears leaves, m/s (memory). */
const WINDY_MS = 6

/** A day at the spot, and whether its weather was measured there or near. */
export interface KnownDay {
  readonly day: SpotDay
  readonly isMeasured: boolean
}

/** What the last days' weather was for this pot, where it is known at all. */
export function weatherFacts(
  week: readonly KnownDay[],
  fortnight: readonly KnownDay[],
  { container, shelter, state }: PotBase,
): Facts {
  if (week.length === 0) return {}
  const isMeasured = week.every((one) => one.isMeasured)
  const told = <T>(value: T) => ({ value, isMeasured })
  const reckoned = <T>(value: T) => ({ value, isMeasured: false })
  const days = week.map(({ day }) => day)
  const isRoofed = shelter.rainShare < 0.1 || state.isIndoors || state.cover === 'tunnel'
  const sunHours = (date: string) => shelter.sunHours[Number(date.slice(5, 7)) - 1]!
  return {
    hotDays7d: told(days.filter(({ tempMaxC }) => tempMaxC > HOT_C).length),
    coldNights7d: told(days.filter(({ tempMinC }) => tempMinC < COLD_NIGHT_C).length),
    warmNights7d: told(days.filter(({ tempMinC }) => tempMinC > WARM_NIGHT_C).length),
    frostNights7d: told(days.filter(({ tempMinC }) => tempMinC < FROST_C).length),
    leafWetHours7d: reckoned(days.reduce((sum, day) => sum + wetLeafHours(day, isRoofed), 0)),
    windy: reckoned(days.some(({ windMS }) => windMS >= WINDY_MS)),
    dliMol: reckoned(mean(fortnight, ({ day }) => day.radiationMjM2)! * MOL_PER_MJ),
    hottestRootC: reckoned(
      Math.max(
        ...days.map(
          (day) => rootZonePeakC(container, { ...day, sunHours: sunHours(day.date) }).wallC,
        ),
      ),
    ),
  }
}
