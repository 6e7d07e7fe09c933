import { quantile } from 'd3-array'
import type { Garden } from '../../garden'
import { openDay, weatherAt, type SpotDay } from '../../place'
import {
  cropForecast,
  dateSpread,
  growthCourse,
  plantingWindow,
  type DateSpread,
  type GrowthCourse,
  type Observation,
  type PlantingWindow,
  type RootRoom,
} from '../../plant'
import {
  addDays,
  dayOf,
  daysBetween,
  InputError,
  nextMonthDay,
  reason,
  type Reason,
} from '../../units'
import { midWinterOf, mixWarmthOf, springDaysOf } from './windows'
import { generateWeather, normalsProvenance, type DayInPlace } from '../../weather'
import { gardenCourse, type GardenCourse, observationsOf, climateOf, firstUnknown } from '../course'

/** What may come of one planting: one year in ten is below the least, one above the most. */
export interface PlantingSpread {
  readonly plantingId: string
  readonly firstFlower: DateSpread | undefined
  readonly firstRipe: DateSpread | undefined
  readonly firstFrost: DateSpread | undefined
  /** Of one plant, kg, by the weather alone. */
  readonly cropKg: { readonly least: number; readonly middle: number; readonly most: number }
  readonly window: PlantingWindow
}

export interface YearsAsked {
  readonly containerId: string
  /** Today, a day or moment. */
  readonly at: string
  readonly count: number
  readonly seed: number
}

export interface YearsSpread {
  readonly count: number
  readonly plantings: readonly PlantingSpread[]
  readonly reasons: readonly Reason[]
}

/** Told of the progress so often, years. */
const TELL_EVERY = 10
/** What the weather that may come does to one planting. */
interface OneYear {
  readonly flowerOn: number | undefined
  readonly ripeOn: number | undefined
  readonly frostOn: number | undefined
  readonly cropKg: number
}

function yearOf(
  { plant }: GrowthCourse,
  room: RootRoom,
  weather: readonly SpotDay[],
  observations: readonly Observation[],
): OneYear {
  // These years have frosts of their own.
  const unwarned = { ...plant, expectedFrostOn: undefined }
  const course = growthCourse(unwarned, room, weather, observations)
  const inCourse = (day: number | undefined) =>
    day !== undefined && day < course.days ? day : undefined
  const [first] = course.trusses
  return {
    flowerOn: inCourse(first?.opensOn),
    ripeOn: inCourse(first?.ripeOn),
    frostOn: inCourse(course.frostOn),
    cropKg: cropForecast(course).totalKg,
  }
}

/** The days that are known, measured or forecast, up to the first that is not. */
function knownDays({ sky, today, from }: GardenCourse): readonly DayInPlace[] {
  return sky.days.slice(0, firstUnknown(sky, daysBetween(from, today) + 1))
}

/**
 * What many years of such weather as the place has would make of the plants of
 * one container: what is known of this year stands, and what is to come is drawn
 * anew each time.
 *
 * @param progress told the share done, 0–1
 * @throws InputError `unknownContainer`
 */
export function yearsSpread(
  garden: Garden,
  { containerId, at, count, seed }: YearsAsked,
  progress?: (share: number) => void,
): YearsSpread {
  const container = garden.containers.find(({ id }) => id === containerId)
  if (!container) throw new InputError('unknownContainer', { given: containerId })
  const course = gardenCourse(garden, at, undefined, [container])
  const pot = course.pots[0]!
  const climate = climateOf(garden)
  const known = knownDays(course)
  const wanted = daysBetween(course.from, course.to) + 1
  const tomorrow = addDays(course.from, known.length)
  const winter = midWinterOf(dayOf(at), garden.place.latitudeDeg)
  const springDays = springDaysOf(climate.model)
  const here = (days: readonly DayInPlace[]) =>
    days.map((day) => weatherAt(pot.shelter, openDay(day, garden.place)))
  const knownHere = here(known)

  const seen = pot.plants.map(({ planting }) => observationsOf(garden, planting))
  const years: OneYear[][] = pot.plants.map(() => [])
  const springs: SpotDay[][] = []
  for (let year = 0; year < count; year++) {
    const ahead = generateWeather(
      climate.model,
      tomorrow,
      Math.max(0, wanted - known.length),
      seed + year,
      known.at(-1),
    )
    const weather = [...knownHere, ...here(ahead)]
    pot.plants.forEach((one, index) =>
      years[index]!.push(yearOf(one.course, pot.room, weather, seen[index]!)),
    )
    springs.push(here(generateWeather(climate.model, winter, springDays, seed + count + year)))
    if (year % TELL_EVERY === 0) progress?.(year / count)
  }
  const { lastFrost } = garden.place
  const frostOn = lastFrost && nextMonthDay(lastFrost, winter)
  return {
    count,
    plantings: pot.plants.map((one, index) => {
      const own = years[index]!
      const kg = own.map(({ cropKg }) => cropKg)
      const at = (share: number) => quantile(kg, share) ?? 0
      return {
        plantingId: one.planting.id,
        firstFlower: dateSpread(
          own.map(({ flowerOn }) => flowerOn),
          course.from,
        ),
        firstRipe: dateSpread(
          own.map(({ ripeOn }) => ripeOn),
          course.from,
        ),
        firstFrost: dateSpread(
          own.map(({ frostOn: day }) => day),
          course.from,
        ),
        cropKg: { least: at(0.1), middle: at(0.5), most: at(0.9) },
        window: plantingWindow(one.variety, springs, winter, mixWarmthOf(pot), frostOn),
      }
    }),
    reasons: [
      reason('spread.years', { yearCount: count }),
      reason(`spread.climate.${climate.kind}`, {}, climate.provenance),
      reason('spread.generator', {}, normalsProvenance),
    ],
  }
}
