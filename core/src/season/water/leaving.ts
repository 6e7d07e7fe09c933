import { capillaryFlowCmD } from '../../mix'
import { InputError } from '../../units'
import {
  awayHelps,
  dripLine,
  mulchFactor,
  planAway,
  type AwayHelp,
  type AwayPlan,
  type DripLine,
  type PotLeft,
} from '../../water'
import { HOURS_A_DAY } from '../../weather'
import { type GardenCourse, type PotCourse } from '../course'
import { DEEP_MULCH_MM, saucerL, underCloth, weatherFor } from './variant'

export interface LeavingAsked {
  readonly days: number
  readonly helps: readonly AwayHelp[]
  /** Day on which a neighbour could come, counted from 1; none where left out. */
  readonly neighbourOnDay?: number | undefined
}

/** Volume of an extra bottle or box that refills a reservoir, L (memory). */
const MORE_RESERVOIR_L = 5
const MOST_DAYS = 60

const growing = ({ ofWater, plants }: PotCourse) =>
  plants.length > 0 && ofWater.weather.leafM2[Math.floor(ofWater.nowHour / HOURS_A_DAY)]! >= 0

/** A pot with what each help would be worth to it. */
function leftOf(course: GardenCourse, pot: PotCourse): PotLeft {
  const { container, water, mix, volumes, ofWater } = pot
  const { weather, nowHour, options } = ofWater
  const cloth = weatherFor(pot, course.garden.place, underCloth(pot.weather))
  const until = weather.days * HOURS_A_DAY
  const drawn = (sums: Float64Array) => sums[until]! - sums[nowHour]!
  const liftLD = mix ? capillaryFlowCmD(mix, container.fillMm / 2) * 10 * volumes.surfaceM2 : 0
  return {
    id: container.id,
    pot: water,
    weather,
    thirst: options.thirst ?? 1,
    capacity: options.capacity ?? 1,
    mulchLeaves: Math.min(1, mulchFactor(DEEP_MULCH_MM) / mulchFactor(container.mulchMm)),
    shadeLeaves: drawn(cloth.referenceSumMm) / Math.max(1e-9, drawn(weather.referenceSumMm)),
    saucerL: saucerL(container),
    moreReservoirL: water.reservoirL > 0 ? MORE_RESERVOIR_L : 0,
    liftLH: liftLD / HOURS_A_DAY,
  }
}

/**
 * What so many days away from now on would do to each pot, and the fewest things
 * that bring all of them through.
 *
 * @throws InputError `awayTooLong` beyond the days that the course has
 */
export function planLeaving(
  course: GardenCourse,
  { days, helps, neighbourOnDay }: LeavingAsked,
): AwayPlan {
  const pots = course.pots.filter(growing)
  const [first] = pots
  const known = first ? first.weather.length - first.ofWater.nowHour / HOURS_A_DAY : Infinity
  const most = Math.min(MOST_DAYS, Math.floor(known))
  if (days > most) throw new InputError('awayTooLong', { given: days, limit: most })
  const leavesAtHour = first?.ofWater.nowHour ?? 0
  return planAway(
    pots.map((pot) => leftOf(course, pot)),
    { leavesAtHour, days },
    awayHelps.filter((help) => helps.includes(help)),
    neighbourOnDay !== undefined && neighbourOnDay < days ? neighbourOnDay : undefined,
  )
}

/** Days over which drip is laid out: the thirstiest of them counts. */
const DRIP_DAYS = 7

/** Drip from one timer for these pots, by what the thirstiest of the next days asks. */
export function dripFor(course: GardenCourse, containerIds: readonly string[]): DripLine {
  return dripLine(
    course.pots
      .filter((pot) => containerIds.includes(pot.container.id) && growing(pot))
      .map((pot) => {
        const today = Math.floor(pot.ofWater.nowHour / HOURS_A_DAY)
        return {
          containerId: pot.container.id,
          needL: Math.max(...pot.needL.subarray(today, today + DRIP_DAYS)),
          easyL: pot.water.easyL,
        }
      }),
  )
}
