import type { Container, HeatDay } from '../container'
import type { SpotConditions } from '../fit'
import type { Garden } from '../garden'
import {
  footprintOf,
  lightReasons,
  monthDates,
  monthlyRadiation,
  spaceLoad,
  spotLight,
  type Plan,
  type PlanPoint,
  type Space,
  type SpaceLoad,
} from '../place'
import { memory, reason, type Reason } from '../units'
import { LEAVES_OVER_MIX_MM } from './base'
import type { PotToday } from './today'

/** Months of growth, January 0: April to September, half a year later in the south. */
const growingMonths = (latitudeDeg: number): readonly number[] =>
  latitudeDeg >= 0 ? [3, 4, 5, 6, 7, 8] : [9, 10, 11, 0, 1, 2]

/** Where no weather is known: a hot day of summer and a cool one of spring (memory). */
const USUAL_HOT = { tempMaxC: 32, tempMinC: 20 }
const USUAL_SPRING = { tempMaxC: 18, tempMinC: 8 }
/** Where the sun is not known, pots are taken to have it for so long. */
const USUAL_SUN_H = 8

export interface SiteOf {
  readonly conditions: SpotConditions
  /** Of sun and light, or why they are not known. */
  readonly reasons: readonly Reason[]
}

const mean = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / values.length

/** The warmest day known, and the mean of the first month of growth. */
function days({ weather }: Garden, months: readonly number[]) {
  const hottest = [...weather].sort((one, other) => other.tempMaxC - one.tempMaxC)[0]
  const inSpring = weather.filter(({ date }) => Number(date.slice(5, 7)) - 1 === months[0])
  return {
    hot: hottest ? { tempMaxC: hottest.tempMaxC, tempMinC: hottest.tempMinC } : USUAL_HOT,
    spring: inSpring.length
      ? {
          tempMaxC: mean(inSpring.map((day) => day.tempMaxC)),
          tempMinC: mean(inSpring.map((day) => day.tempMinC)),
        }
      : USUAL_SPRING,
  }
}

/**
 * What each of some spots of a plan gives to a plant: sun and light of the
 * growing season, height up to the slab, and a hot and a cool day.
 *
 * @param spots on the plan, and how high the mix stands there
 * @param year  whose months are looked at
 */
export function conditionsAt(
  garden: Garden,
  plan: Plan | undefined,
  spots: readonly (PlanPoint & { readonly mixMm: number })[],
  year: number,
): SpotConditions[] {
  const { place, weather } = garden
  const months = growingMonths(place.latitudeDeg)
  const { hot, spring } = days(garden, months)
  const unknown = (day: { tempMaxC: number; tempMinC: number }): HeatDay => ({
    ...day,
    sunHours: USUAL_SUN_H,
  })
  if (!plan) return spots.map(() => ({ hot: unknown(hot), spring: unknown(spring) }))
  const dates = months.map((month) => monthDates(year)[month]!)
  const light = spotLight(
    plan,
    place,
    spots.map((spot) => ({ ...spot, zMm: spot.mixMm + LEAVES_OVER_MIX_MM })),
    dates,
    monthlyRadiation(place, weather, dates),
  )
  const HOTTEST = 3
  return spots.map(({ yMm }, index) => ({
    sunHours: mean(light.map((month) => month.sunHours[index]!)),
    dliMol: mean(light.map((month) => month.dliMol[index]!)),
    ...(plan.slab && yMm <= plan.slab.toYMm ? { ceilingMm: plan.slab.heightMm } : {}),
    hot: { ...hot, sunHours: light[HOTTEST]!.sunHours[index]! },
    spring: { ...spring, sunHours: light[0]!.sunHours[index]! },
  }))
}

/** What the place gives to one container where it stands, or would stand if it were placed. */
export function siteOf(garden: Garden, container: Container, year: number): SiteOf {
  const space = garden.spaces.find((one) => one.id === container.spaceId)
  const { standing } = container
  const plan = standing && space?.plan
  const at = { xMm: 0, yMm: 0, ...standing, mixMm: container.baseHeightMm + container.fillMm }
  const [conditions] = conditionsAt(garden, plan, [at], year)
  const notKnown = [
    reason('sun.notPlaced'),
    reason('sun.assumed', { sunHours: USUAL_SUN_H }, memory),
  ]
  return {
    conditions: conditions!,
    reasons: plan ? lightReasons(garden.weather.length > 0) : notKnown,
  }
}

/** What the containers of a space put on its floor, each watered and with grown plants. */
export function spaceLoadOf(space: Space, pots: readonly PotToday[]): SpaceLoad | undefined {
  if (!space.plan) return undefined
  return spaceLoad(
    space.plan,
    pots
      .filter(({ container }) => container.spaceId === space.id)
      .map(({ container, mass }) => ({ massKg: mass.grownKg, print: footprintOf(container) })),
  )
}
