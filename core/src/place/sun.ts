import { getPosition } from 'suncalc'
import type { Place } from './schema'
import type { Plan } from './plan'
import { sideOf, type PlanPoint } from './geometry'

/** Where the sun stands: from level, and by the compass. */
export interface SunPosition {
  readonly elevationDeg: number
  readonly azimuthDeg: number
}

/** A spot to be asked for its sun: its place on the plan and its height. */
export type Spot = PlanPoint & { readonly zMm: number }

const STEP_MIN = 10
/** Length of one step of the sun, h. */
export const STEP_H = STEP_MIN / 60
const DAY_MIN = 24 * 60
/** A rail lets most of the sun through (memory). */
export const RAIL_LETS_THROUGH = 0.7
/** A house is assumed to extend this far to both sides and upwards, mm: for the sun, without end. */
const ENDLESS_MM = 60_000

/**
 * The sun above the horizon on a day, every ten minutes.
 *
 * @param date `YYYY-MM-DD`; the whole day by universal time, so that clocks do not matter
 * @source suncalc (position with refraction)
 */
export function sunPath(
  place: Pick<Place, 'latitudeDeg' | 'longitudeDeg'>,
  date: string,
): SunPosition[] {
  const start = Date.parse(`${date}T00:00:00Z`)
  // The solar day of the place: its noon in the middle.
  const shiftMin = (-place.longitudeDeg / 360) * DAY_MIN
  return Array.from({ length: DAY_MIN / STEP_MIN }, (_, step) => {
    const moment = new Date(start + (shiftMin + (step + 0.5) * STEP_MIN) * 60_000)
    const { altitude, azimuth } = getPosition(moment, place.latitudeDeg, place.longitudeDeg)
    return { elevationDeg: altitude, azimuthDeg: azimuth }
  }).filter(({ elevationDeg }) => elevationDeg > 0)
}

/** The 15th of each month, January first. */
export const monthDates = (year: number): readonly string[] =>
  Array.from({ length: 12 }, (_, month) => `${year}-${String(month + 1).padStart(2, '0')}-15`)

/** A screen that stands upright on a side: from where to where it lets how much through. */
interface Screen {
  readonly from: PlanPoint
  readonly to: PlanPoint
  readonly bands: readonly { readonly toMm: number; readonly lets: number }[]
}

/** What can keep the sun off a space, made ready to be asked many times. */
export interface Obstacles {
  readonly screens: readonly Screen[]
  readonly slab:
    | {
        readonly heightMm: number
        readonly toYMm: number
        readonly fromYMm: number
        readonly leftMm: number
        readonly rightMm: number
      }
    | undefined
  readonly skyline: Plan['skyline']
  readonly facingRad: number
}

/**
 * A side of the house, drawn out beyond both its ends where it runs along the
 * front: a house goes on beside its balcony, but the cheek of a recess does not.
 */
function asFacade(from: PlanPoint, to: PlanPoint): { from: PlanPoint; to: PlanPoint } {
  const isAlong = Math.abs(to.xMm - from.xMm) > Math.abs(to.yMm - from.yMm)
  if (!isAlong) return { from, to }
  const length = Math.hypot(to.xMm - from.xMm, to.yMm - from.yMm)
  const [ux, uy] = [(to.xMm - from.xMm) / length, (to.yMm - from.yMm) / length]
  return {
    from: { xMm: from.xMm - ux * ENDLESS_MM, yMm: from.yMm - uy * ENDLESS_MM },
    to: { xMm: to.xMm + ux * ENDLESS_MM, yMm: to.yMm + uy * ENDLESS_MM },
  }
}

const radians = (degrees: number) => (degrees * Math.PI) / 180

/** All that keeps the sun off a space: its sides, its slab, and what stands opposite. */
export function obstaclesOf(plan: Plan): Obstacles {
  const screens = plan.sides.flatMap((side, index): Screen[] => {
    const [from, to] = sideOf(plan.corners, index)
    switch (side.kind) {
      case 'house':
        return [{ ...asFacade(from, to), bands: [{ toMm: ENDLESS_MM, lets: 0 }] }]
      case 'wall':
        return [{ from, to, bands: [{ toMm: side.heightMm, lets: 0 }] }]
      case 'parapet':
        return [
          {
            from,
            to,
            bands: [
              { toMm: side.solidMm, lets: 0 },
              { toMm: side.railMm, lets: RAIL_LETS_THROUGH },
            ],
          },
        ]
      case 'open':
        return []
    }
  })
  const xs = plan.corners.map((corner) => corner.xMm)
  return {
    screens,
    slab: plan.slab && {
      ...plan.slab,
      fromYMm: Math.min(...plan.corners.map((corner) => corner.yMm)),
      leftMm: Math.min(...xs),
      rightMm: Math.max(...xs),
    },
    skyline: plan.skyline,
    facingRad: radians(plan.facingDeg),
  }
}

/** Whether a compass direction lies in a sector, which may go through north. */
const isInSector = (azimuthDeg: number, fromDeg: number, toDeg: number) =>
  fromDeg <= toDeg
    ? azimuthDeg >= fromDeg && azimuthDeg <= toDeg
    : azimuthDeg >= fromDeg || azimuthDeg <= toDeg

/** How high above level what stands opposite hides the sky in a direction. */
export const skylineElevationDeg = (skyline: Plan['skyline'], azimuthDeg: number): number =>
  Math.max(
    0,
    ...skyline
      .filter(({ fromDeg, toDeg }) => isInSector(azimuthDeg, fromDeg, toDeg))
      .map(({ elevationDeg }) => elevationDeg),
  )

/** One direction of the sky as a ray over the plan. */
interface Ray {
  readonly dx: number
  readonly dy: number
  /** Rise over the way on the level. */
  readonly rise: number
}

/** The ray to a part of the sky, or undefined where the skyline hides it. */
export function rayTo(
  { skyline, facingRad }: Obstacles,
  { elevationDeg, azimuthDeg }: SunPosition,
): Ray | undefined {
  if (elevationDeg < skylineElevationDeg(skyline, azimuthDeg)) return undefined
  // In the plan y points to `facing`, and x to its right by the compass.
  const bearing = radians(azimuthDeg) - facingRad
  return { dx: Math.sin(bearing), dy: Math.cos(bearing), rise: Math.tan(radians(elevationDeg)) }
}

/** Height at which a ray goes through a screen, or undefined where it passes beside it. */
function heightAt(spot: Spot, { dx, dy, rise }: Ray, { from, to }: Screen): number | undefined {
  const [ex, ey] = [to.xMm - from.xMm, to.yMm - from.yMm]
  const across = dx * ey - dy * ex
  if (Math.abs(across) < 1e-9) return undefined
  const [sx, sy] = [from.xMm - spot.xMm, from.yMm - spot.yMm]
  const awayMm = (sx * ey - sy * ex) / across
  const along = (sx * dy - sy * dx) / across
  return awayMm > 0 && along >= 0 && along <= 1 ? spot.zMm + awayMm * rise : undefined
}

/**
 * How much of the light along a ray reaches a spot, 0–1: each screen it goes
 * through at its height takes its part, and so does the slab above.
 */
export function lightAlong({ screens, slab }: Obstacles, spot: Spot, ray: Ray): number {
  if (slab && slab.heightMm > spot.zMm) {
    const awayMm = (slab.heightMm - spot.zMm) / ray.rise
    const [x, y] = [spot.xMm + ray.dx * awayMm, spot.yMm + ray.dy * awayMm]
    if (y >= slab.fromYMm && y <= slab.toYMm && x >= slab.leftMm && x <= slab.rightMm) return 0
  }
  let light = 1
  for (const screen of screens) {
    const heightMm = heightAt(spot, ray, screen)
    if (heightMm === undefined) continue
    const band = screen.bands.find(({ toMm }) => heightMm < toMm)
    if (band) light *= band.lets
    if (light === 0) return 0
  }
  return light
}

/**
 * Hours of direct sun at each spot on each day, the sun followed every ten
 * minutes. A rail counts by what it lets through.
 *
 * @param dates    days asked for; the 15th of each month stands for it
 * @param progress told the share done, 0–1, now and then
 * @returns hours by date, then by spot
 */
export function directSunHours(
  plan: Plan,
  place: Pick<Place, 'latitudeDeg' | 'longitudeDeg'>,
  spots: readonly Spot[],
  dates: readonly string[],
  progress?: (share: number) => void,
): Float64Array[] {
  const obstacles = obstaclesOf(plan)
  return dates.map((date, index) => {
    const rays = sunPath(place, date).flatMap((sun) => rayTo(obstacles, sun) ?? [])
    const hours = Float64Array.from(
      spots,
      (spot) => rays.reduce((sum, ray) => sum + lightAlong(obstacles, spot, ray), 0) * STEP_H,
    )
    progress?.((index + 1) / dates.length)
    return hours
  })
}
