import type { Container, HeatDay } from '../../container'
import type { SpotConditions } from '../../fit'
import type { Garden } from '../../garden'
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
} from '../../place'
import { memory, reason, type Reason } from '../../units'
import type { WeatherModel } from '../../weather'
import { LEAVES_OVER_MIX_MM, climateOf, type PotToday } from '../course'

/** Months of growth, January 0: April to September, half a year later in the south. */
const growingMonths = (latitudeDeg: number): readonly number[] =>
  latitudeDeg >= 0 ? [3, 4, 5, 6, 7, 8] : [9, 10, 11, 0, 1, 2]

/** A hot day of a month: of its highest temperatures one in twenty is above (normal distribution). */
const HOT_DEVIATIONS = 1.645
/** Three days that stand for a month, cool, usual and warm: its mean and spread are theirs. */
const OF_A_MONTH = [-1, 0, 1].map((side) => side * Math.sqrt(1.5))
/** Where the sun is not known, pots are taken to have it for so long. */
const USUAL_SUN_H = 8

export interface SiteOf {
  readonly conditions: SpotConditions
  /** Of sun and light, or why they are not known. */
  readonly reasons: readonly Reason[]
}

type AirOfDay = Omit<HeatDay, 'sunHours'>

const mean = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / values.length

/** The air of a month, so many standard deviations from its mean. */
function dayOfMonth({ variables, months }: WeatherModel, month: number, away: number): AirOfDay {
  const of = (name: 'tempMaxC' | 'tempMinC') => {
    const { mean: middle, sd } = months[month]!.usual[variables.indexOf(name)]!
    return middle + away * sd
  }
  return { tempMaxC: of('tempMaxC'), tempMinC: of('tempMinC') }
}

/** The hottest day that is usual at the place, or was known there, a usual one of spring, and each month in three days. */
function days(garden: Garden, months: readonly number[]) {
  const { model } = climateOf(garden)
  const hot = [
    ...months.map((month) => dayOfMonth(model, month, HOT_DEVIATIONS)),
    ...garden.weather,
  ].reduce((hottest, day) => (day.tempMaxC > hottest.tempMaxC ? day : hottest))
  return {
    hot: { tempMaxC: hot.tempMaxC, tempMinC: hot.tempMinC },
    spring: dayOfMonth(model, months[0]!, 0),
    season: months.map((month) => OF_A_MONTH.map((away) => dayOfMonth(model, month, away))),
  }
}

/** The days of a season with the sun that a spot has in each of its months. */
const withSun = (season: readonly (readonly AirOfDay[])[], sunHours: (month: number) => number) =>
  season.flatMap((ofMonth, month) =>
    ofMonth.map((day): HeatDay => ({ ...day, sunHours: sunHours(month) })),
  )

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
  const { hot, spring, season } = days(garden, months)
  const unknown = (day: { tempMaxC: number; tempMinC: number }): HeatDay => ({
    ...day,
    sunHours: USUAL_SUN_H,
  })
  if (!plan) {
    const usual = withSun(season, () => USUAL_SUN_H)
    return spots.map(() => ({ hot: unknown(hot), spring: unknown(spring), season: usual }))
  }
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
    season: withSun(season, (month) => light[month]!.sunHours[index]!),
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
