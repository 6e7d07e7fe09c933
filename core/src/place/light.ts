import {
  daylightHours,
  extraterrestrialRadiation,
  MOL_PER_MJ,
  solarRadiation,
  type DailyWeather,
} from '../weather'
import { dayOfYear, memory, published, reason, type Reason } from '../units'
import type { Plan } from './plan'
import type { Place } from './schema'
import {
  lightAlong,
  obstaclesOf,
  RAIL_LETS_THROUGH,
  rayTo,
  STEP_H,
  sunPath,
  type Obstacles,
  type Spot,
} from './sun'

export const lightProvenance = published('McCree 1972; Thimijan & Heins 1983')
const diffuseProvenance = published('Erbs, Klein & Duffie 1982, Solar Energy 28:293–302')

/** Where a month's weather is not known, half of the sun above the air comes down (memory). */
const USUAL_CLEARNESS = 0.5

/**
 * Radiation on open level ground in each month, MJ m⁻² d⁻¹, January first: the
 * mean of the days that are known, else half of what reaches the air.
 *
 * @param dates the day that stands for each month
 */
export function monthlyRadiation(
  place: Place,
  weather: readonly DailyWeather[],
  dates: readonly string[],
): number[] {
  return dates.map((date) => {
    const known = weather.filter((day) => day.date.slice(5, 7) === date.slice(5, 7))
    if (!known.length)
      return USUAL_CLEARNESS * extraterrestrialRadiation(place.latitudeDeg, dayOfYear(date))
    const sum = known.reduce(
      (total, day) => total + solarRadiation({ ...day, dayOfYear: dayOfYear(day.date) }, place),
      0,
    )
    return sum / known.length
  })
}

/**
 * Share of a day's radiation that comes from the whole sky and not from the sun.
 *
 * @param clearness radiation on the ground over that above the air, 0–1
 * @source Erbs, Klein & Duffie 1982, daily correlation
 */
export function diffuseShare(clearness: number, dayHours: number): number {
  const k = clearness
  // A sunset hour angle of 81.4° is a day of 10.85 h.
  if (dayHours < (2 * 81.4) / 15)
    return k < 0.715 ? 1 - 0.2727 * k + 2.4495 * k ** 2 - 11.9514 * k ** 3 + 9.3879 * k ** 4 : 0.143
  return k < 0.722 ? 1 + 0.2832 * k - 2.5557 * k ** 2 + 0.8448 * k ** 3 : 0.175
}

const SKY_BANDS = 9
const SKY_SECTORS = 36

/** Rays to all parts of the sky, each with what it adds to a level surface. */
export function skyRays(obstacles: Obstacles) {
  return Array.from({ length: SKY_BANDS * SKY_SECTORS }, (_, index) => {
    const elevationDeg = ((Math.floor(index / SKY_SECTORS) + 0.5) / SKY_BANDS) * 90
    const azimuthDeg = (((index % SKY_SECTORS) + 0.5) / SKY_SECTORS) * 360
    const elevation = (elevationDeg * Math.PI) / 180
    return {
      ray: rayTo(obstacles, { elevationDeg, azimuthDeg }),
      weight: Math.sin(elevation) * Math.cos(elevation),
    }
  })
}

/**
 * Direct sun and daily light at each spot on each day.
 *
 * The part of the day's radiation that comes straight from the sun is counted
 * where the sun reaches the spot, by the sine of its height; the part that comes
 * from the whole sky by how much of the sky the spot sees.
 *
 * @param dates         days asked for; the 15th of each month stands for it
 * @param radiationMjM2 on open ground, for each of these days
 * @param progress      told the share done, 0–1
 * @returns by date, then by spot
 */
export function spotLight(
  plan: Plan,
  place: Pick<Place, 'latitudeDeg' | 'longitudeDeg'>,
  spots: readonly Spot[],
  dates: readonly string[],
  radiationMjM2: readonly number[],
  progress?: (share: number) => void,
): { readonly sunHours: Float64Array; readonly dliMol: Float64Array }[] {
  const obstacles = obstaclesOf(plan)
  const sky = skyRays(obstacles)
  const wholeSky = sky.reduce((sum, { weight }) => sum + weight, 0)
  const skyView = spots.map(
    (spot) =>
      sky.reduce(
        (sum, { ray, weight }) => sum + (ray ? weight * lightAlong(obstacles, spot, ray) : 0),
        0,
      ) / wholeSky,
  )
  return dates.map((date, index) => {
    const path = sunPath(place, date)
    const weights = path.map(({ elevationDeg }) => Math.sin((elevationDeg * Math.PI) / 180))
    const wholeBeam = weights.reduce((sum, weight) => sum + weight, 0)
    const rays = path.map((sun) => rayTo(obstacles, sun))
    const radiation = radiationMjM2[index]!
    const day = dayOfYear(date)
    const clearness = radiation / extraterrestrialRadiation(place.latitudeDeg, day)
    const diffuse = diffuseShare(clearness, daylightHours(place.latitudeDeg, day))
    const sunHours = new Float64Array(spots.length)
    const dliMol = new Float64Array(spots.length)
    spots.forEach((spot, which) => {
      let hours = 0
      let beam = 0
      rays.forEach((ray, step) => {
        if (!ray) return
        const light = lightAlong(obstacles, spot, ray)
        hours += light
        beam += light * weights[step]!
      })
      sunHours[which] = hours * STEP_H
      const reaches = (1 - diffuse) * (wholeBeam ? beam / wholeBeam : 0) + diffuse * skyView[which]!
      dliMol[which] = MOL_PER_MJ * radiation * reaches
    })
    progress?.((index + 1) / dates.length)
    return { sunHours, dliMol }
  })
}

/** How hours of sun and daily light come about. */
export const lightReasons = (isMeasured: boolean): Reason[] => [
  reason('sun.rays', {}, published('suncalc 2, sun position with refraction')),
  reason('sun.rail', { letsShare: RAIL_LETS_THROUGH }, memory),
  reason('sun.light', {}, lightProvenance),
  reason('sun.diffuse', {}, diffuseProvenance),
  isMeasured
    ? reason('sun.measured')
    : reason('sun.usual', { clearShare: USUAL_CLEARNESS }, memory),
]
