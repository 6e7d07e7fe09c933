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
export const diffuseProvenance = published('Erbs, Klein & Duffie 1982, Solar Energy 28:293–302')

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

/** A ray, or none where the skyline hides it, and what it adds to a level surface. */
interface WeightedRay {
  readonly ray: ReturnType<typeof rayTo>
  readonly weight: number
}

/** Rays to all parts of the sky, each with what it adds to a level surface. */
export function skyRays(obstacles: Obstacles): WeightedRay[] {
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

/** The sun on its way through a day, each ray with what it adds to a level surface. */
export const sunRays = (
  obstacles: Obstacles,
  place: Pick<Place, 'latitudeDeg' | 'longitudeDeg'>,
  date: string,
): WeightedRay[] =>
  sunPath(place, date).map((sun) => ({
    ray: rayTo(obstacles, sun),
    weight: Math.sin((sun.elevationDeg * Math.PI) / 180),
  }))

/** How much of what comes along some rays reaches a spot: by their weights 0–1, and of the sun's in hours. */
export function reaching(
  obstacles: Obstacles,
  spot: Spot,
  rays: readonly WeightedRay[],
): { readonly share: number; readonly hours: number } {
  let [sum, whole, steps] = [0, 0, 0]
  for (const { ray, weight } of rays) {
    whole += weight
    if (!ray) continue
    const light = lightAlong(obstacles, spot, ray)
    sum += light * weight
    steps += light
  }
  return { share: whole ? sum / whole : 0, hours: steps * STEP_H }
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
  const skyShares = spots.map((spot) => reaching(obstacles, spot, sky).share)
  return dates.map((date, index) => {
    const rays = sunRays(obstacles, place, date)
    const radiation = radiationMjM2[index]!
    const day = dayOfYear(date)
    const clearness = radiation / extraterrestrialRadiation(place.latitudeDeg, day)
    const diffuse = diffuseShare(clearness, daylightHours(place.latitudeDeg, day))
    const sunHours = new Float64Array(spots.length)
    const dliMol = new Float64Array(spots.length)
    spots.forEach((spot, which) => {
      const { share, hours } = reaching(obstacles, spot, rays)
      sunHours[which] = hours
      const reaches = (1 - diffuse) * share + diffuse * skyShares[which]!
      dliMol[which] = MOL_PER_MJ * radiation * reaches
    })
    progress?.((index + 1) / dates.length)
    return { sunHours, dliMol }
  })
}

/** Why a spot has these hours of sun and this daily light. */
export const lightReasons = (isMeasured: boolean): Reason[] => [
  reason('sun.rays', {}, published('suncalc 2, sun position with refraction')),
  reason('sun.rail', { letsShare: RAIL_LETS_THROUGH }, memory),
  reason('sun.light', {}, lightProvenance),
  reason('sun.diffuse', {}, diffuseProvenance),
  isMeasured
    ? reason('sun.measured')
    : reason('sun.usual', { clearShare: USUAL_CLEARNESS }, memory),
]
