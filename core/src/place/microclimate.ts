import { dayOfYear, memory, reason, remembered, type Reason } from '../units'
import {
  ASSUMED_WIND_MS,
  between,
  betweenMonths,
  daylightHours,
  extraterrestrialRadiation,
  solarRadiation,
  type DailyWeather,
  type DayInPlace,
} from '../weather'
import { awayFromSideMm, sideOf } from './geometry'
import {
  diffuseProvenance,
  diffuseShare,
  lightProvenance,
  reaching,
  skyRays,
  sunRays,
} from './light'
import type { Plan } from './plan'
import type { Place } from './schema'
import { lightAlong, monthDates, obstaclesOf, rayTo, type Spot } from './sun'

/** What stands about a spot, and what it does to the weather there. */
export interface Shelter {
  /** Of the light of the whole sky, 0–1. */
  readonly skyShare: number
  /** Of the direct sun of a day in the middle of each month, January first, 0–1. */
  readonly beamShares: readonly number[]
  /** Hours of it. */
  readonly sunHours: readonly number[]
  readonly rainShare: number
  readonly windShare: number
  /** How near a wall is that gives back heat: 1 at it, 0 out of its reach. */
  readonly wallShare: number
  /** What a cover keeps of the night's warmth, K. */
  readonly coverK?: number
  /** The air indoors: no colder, and no hotter than this on a cool day, °C. */
  readonly indoors?: { readonly leastC: number; readonly dayC: number }
}

/** Nothing about: the weather as it is in the open. */
export const openShelter: Shelter = {
  skyShare: 1,
  beamShares: Array<number>(12).fill(1),
  sunHours: Array<number>(12).fill(12),
  rainShare: 1,
  windShare: 1,
  wallShare: 0,
}

/** Even the stillest corner has at least this share of the wind (memory). */
const STILLEST_SHARE = 0.4
/** Wind-driven rain reaches this far in under a slab, mm for each mm of its height (memory). */
const DRIVEN_IN = 0.5
/** Distance over which a wall warms the air in front of it (memory). */
const WALL_REACH_MM = 2000
/** Warming on a day of full sun, K: by day from reflected sun, by night from stored heat (memory). */
const WALL_DAY_K = 4
const WALL_NIGHT_K = 2
/** A day of full sun in summer, MJ/m². */
const FULL_SUN_MJ_M2 = 25

const COMPASS = Array.from({ length: 36 }, (_, step) => step * 10)

/** What is put over a pot against cold. */
export const covers = ['none', 'fleece', 'tunnel'] as const
/**
 * What lies over a pot: of light and rain it lets through so much, of wind so much; and
 * how much warmer the night is under it (memory: a fleece 1–2 K, a tunnel 2–4 K).
 */
const COVERS = {
  none: { light: 1, rain: 1, wind: 1, nightK: 0 },
  fleece: { light: 0.85, rain: 1, wind: 0.5, nightK: 1.5 },
  tunnel: { light: 0.8, rain: 0, wind: 0.2, nightK: 3 },
} as const
/** Behind a window: of the light of an open place, the air's movement, and its warmth (memory). */
const INDOORS = { light: 0.35, wind: 0.15, leastC: 12, dayC: 20 }

/** What is put over or about a pot, beside what stands there anyway. */
export interface Screen {
  readonly isIndoors: boolean
  /** Of the light, what a net keeps off, 0–1. */
  readonly shadeShare: number
  readonly cover: (typeof covers)[number]
}

/** The same spot under a net or a cover, or indoors; the very same where there is none of these. */
export function screened(shelter: Shelter, { isIndoors, shadeShare, cover }: Screen): Shelter {
  if (!isIndoors && shadeShare === 0 && cover === 'none') return shelter
  const { light, rain, wind, nightK } = COVERS[cover]
  const lets = light * (1 - shadeShare) * (isIndoors ? INDOORS.light : 1)
  return {
    ...shelter,
    skyShare: shelter.skyShare * lets,
    beamShares: shelter.beamShares.map((share) => share * lets),
    rainShare: isIndoors ? 0 : shelter.rainShare * rain,
    windShare: shelter.windShare * wind * (isIndoors ? INDOORS.wind : 1),
    wallShare: isIndoors ? 0 : shelter.wallShare,
    ...(nightK > 0 && { coverK: nightK }),
    ...(isIndoors && { indoors: { leastC: INDOORS.leastC, dayC: INDOORS.dayC } }),
  }
}

/** Any year does: the sun comes back to within a quarter of a degree. */
const SUN_YEAR = 2026

/** All directions that a spot of a plan is asked about, made once for the plan. */
const directionsOf = remembered((plan: Plan, latitudeDeg: number, longitudeDeg: number) => {
  const obstacles = obstaclesOf(plan)
  const nearby = { ...obstacles, skyline: [] }
  return {
    obstacles,
    sky: skyRays(obstacles),
    months: monthDates(SUN_YEAR).map((date) =>
      sunRays(obstacles, { latitudeDeg, longitudeDeg }, date),
    ),
    level: COMPASS.map((azimuthDeg) => rayTo(nearby, { azimuthDeg, elevationDeg: 1 })),
  }
})

function rainShareAt({ slab }: Plan, { yMm, zMm }: Spot): number {
  if (!slab || slab.heightMm <= zMm) return 1
  const inMm = slab.toYMm - yMm
  return Math.max(0, Math.min(1, 1 - inMm / (DRIVEN_IN * (slab.heightMm - zMm))))
}

function wallShareAt({ corners, sides }: Plan, spot: Spot): number {
  const away = sides.flatMap((side, index) =>
    side.kind === 'house' || (side.kind === 'wall' && side.heightMm > spot.zMm)
      ? [awayFromSideMm(spot, sideOf(corners, index))]
      : [],
  )
  return Math.max(0, 1 - Math.min(Infinity, ...away) / WALL_REACH_MM)
}

/**
 * What stands about a spot of a plan: how much of sun, sky, rain and wind it
 * lets through, and how near a warm wall is.
 *
 * Sun and sky by rays, as Place draws them; wind by how much of the horizon is
 * free; rain by how far in under a slab the spot lies.
 */
export function spotShelter(
  plan: Plan,
  { latitudeDeg, longitudeDeg }: Pick<Place, 'latitudeDeg' | 'longitudeDeg'>,
  spot: Spot,
): Shelter {
  const { obstacles, sky, months, level } = directionsOf(plan, latitudeDeg, longitudeDeg)
  const suns = months.map((rays) => reaching(obstacles, spot, rays))
  const free = level.reduce((sum, ray) => sum + (ray ? lightAlong(obstacles, spot, ray) : 0), 0)
  return {
    skyShare: reaching(obstacles, spot, sky).share,
    beamShares: suns.map(({ share }) => share),
    sunHours: suns.map(({ hours }) => hours),
    rainShare: rainShareAt(plan, spot),
    windShare: STILLEST_SHARE + ((1 - STILLEST_SHARE) * free) / level.length,
    wallShare: wallShareAt(plan, spot),
  }
}

/** A day in the open, its sun parted into what comes straight and what comes from all the sky. */
export interface OpenDay {
  readonly weather: DayInPlace
  readonly dayOfYear: number
  readonly beamMjM2: number
  readonly skyMjM2: number
}

/** A day's weather in the open, its radiation parted into beam and sky, MJ/m². */
export function openDay(weather: DayInPlace, place: Place): OpenDay {
  const day = dayOfYear(weather.date)
  const openMjM2 = solarRadiation({ ...weather, dayOfYear: day }, place)
  const clearness = openMjM2 / extraterrestrialRadiation(place.latitudeDeg, day)
  const diffuse = diffuseShare(clearness, daylightHours(place.latitudeDeg, day))
  return {
    weather,
    dayOfYear: day,
    beamMjM2: openMjM2 * (1 - diffuse),
    skyMjM2: openMjM2 * diffuse,
  }
}

/** A day as it is at a spot, its radiation and wind always given, MJ m⁻² d⁻¹ and m/s. */
export type SpotDay = DailyWeather & {
  readonly dayOfYear: number
  readonly radiationMjM2: number
  /** Where it is not known for the open, what is assumed there, as far as it reaches the spot. */
  readonly windMS: number
  readonly dewBelowMinK: number | undefined
}

/**
 * The weather of a day as it is at a spot: its sun, rain and wind as far as
 * they reach it, its air warmed by a wall that the sun shines on.
 */
export function weatherAt(
  shelter: Shelter,
  { weather, dayOfYear: day, beamMjM2: openBeamMjM2, skyMjM2 }: OpenDay,
): SpotDay {
  const { from, to, way } = betweenMonths[day]!
  const beamMjM2 = openBeamMjM2 * between(shelter.beamShares[from]!, shelter.beamShares[to]!, way)
  const warmth = shelter.wallShare * Math.min(1, beamMjM2 / FULL_SUN_MJ_M2)
  const { windMS = ASSUMED_WIND_MS, rainMm, dewBelowMinK } = weather
  const { coverK = 0, indoors } = shelter
  const tempMaxC = weather.tempMaxC + WALL_DAY_K * warmth
  const tempMinC = Math.min(tempMaxC, weather.tempMinC + WALL_NIGHT_K * warmth + coverK)
  // Named one by one: thousands of days are made anew at each edit.
  return {
    date: weather.date,
    dayOfYear: day,
    tempMaxC: indoors ? Math.max(indoors.dayC, tempMaxC) : tempMaxC,
    tempMinC: indoors ? Math.max(indoors.leastC, tempMinC) : tempMinC,
    humidityMaxShare: weather.humidityMaxShare,
    humidityMinShare: weather.humidityMinShare,
    dewBelowMinK,
    windMS: windMS * shelter.windShare,
    radiationMjM2: beamMjM2 + skyMjM2 * shelter.skyShare,
    rainMm: rainMm === undefined ? undefined : rainMm * shelter.rainShare,
  }
}

/** How the weather at a spot differs from that in the open, and why. */
export const microclimateReasons = (
  shelter: Shelter,
  { weather, beamMjM2, skyMjM2 }: OpenDay,
  here: SpotDay,
): readonly Reason[] => [
  reason(
    'spot.sun',
    { reachesShare: here.radiationMjM2 / Math.max(0.01, beamMjM2 + skyMjM2) },
    lightProvenance,
  ),
  reason('spot.wind', { reachesShare: shelter.windShare }, memory),
  ...(shelter.wallShare > 0
    ? [reason('spot.wall', { warmerK: here.tempMaxC - weather.tempMaxC }, memory)]
    : []),
  ...(shelter.rainShare < 1
    ? [reason('spot.rain', { reachesShare: shelter.rainShare }, memory)]
    : []),
  ...(shelter.coverK ? [reason('spot.cover', { warmerK: shelter.coverK }, memory)] : []),
  ...(shelter.indoors ? [reason('spot.indoors', { leastC: shelter.indoors.leastC }, memory)] : []),
  reason('spot.diffuse', {}, diffuseProvenance),
]
