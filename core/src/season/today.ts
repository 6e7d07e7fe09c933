import type { Container } from '../container'
import type { Garden, Planting } from '../garden'
import { dryingCm } from '../mix'
import { microclimateReasons, type OpenDay } from '../place'
import { growthOn, NORMAL_DAY, type GrowthCourse, type PlantGrowth } from '../plant'
import {
  addDays,
  datesFrom,
  dayOf,
  dayOfYear,
  daysBetween,
  remembered,
  type Reason,
} from '../units'
import { visitsFor, waterNeedL, type Visits, type WaterNeed } from '../water'
import {
  referenceEvapotranspiration,
  referenceReasons,
  type DailyWeather,
  type ReferenceEvapotranspiration,
} from '../weather'
import type { PlantingBase, PotBase } from './base'
import { courseSpan, demandOn, gardenCourse, type GardenCourse, type PotCourse } from './course'
import type { DaySource, Sky } from './sky'

/** Plants of one planting as they stand on a day. */
export interface PlantingToday extends PlantingBase {
  readonly growth: PlantGrowth
  /** Where that day lies in. */
  readonly course: GrowthCourse
}

/** Everything known of one container on one day. */
export interface PotToday extends PotBase {
  readonly plants: readonly PlantingToday[]
  /** Left out where there is no weather for the day. */
  readonly need: WaterNeed | undefined
  readonly visits: Visits | undefined
  /** Given already that day by the records, L. */
  readonly givenL: number
  readonly isSkipped: boolean
  /** Still to give that day, L: nothing when the day's water was given or skipped. */
  readonly remainingL: number
  /** Missing from the drained pot: in the morning, and today after what it was given, L. */
  readonly depletionL: number
  /** Suction beside that of a pot just drained, cm. */
  readonly dryingCm: number
}

/** The garden on one day: what the drawings and the round are made from. */
export interface GardenToday {
  readonly date: string
  readonly weather: DailyWeather | undefined
  readonly source: DaySource
  readonly reference: ReferenceEvapotranspiration | undefined
  readonly referenceReasons: readonly Reason[]
  readonly pots: readonly PotToday[]
}

/** Less than this is a splash and not worth a walk, L. */
const SPLASH_L = 0.05
/** Watering within this share of the day's need counts as done. */
const DONE_FROM = 0.9

function remainingOf(waterL: number, givenL: number, isSkipped: boolean): number {
  if (isSkipped || waterL < SPLASH_L || givenL >= waterL * DONE_FROM) return 0
  return waterL - givenL
}

/** A day that is not known is not guessed for the can; a day to come may be. */
const isGuessed = ({ sky, today }: GardenCourse, day: number, date: string) =>
  sky.sources[day] === 'typical' && date <= today

/** How dry the mix is beside a drained one; the reservoir gives first. */
function dryingOf({ mix, volumes }: PotBase, depletionL: number): number {
  if (!mix) return 0
  const ofMixL = Math.max(0, depletionL - volumes.reservoirL)
  if (ofMixL === 0) return 0
  const heldShare = mix.drained.containerCapacity - ofMixL / volumes.fillVolumeL
  return dryingCm(mix.body, mix.curve, heldShare)
}

const potOfDay = remembered(
  (pot: PotCourse, open: OpenDay, isKnown: boolean, isToday: boolean, day: number): PotToday => {
    const { date } = open.weather
    const plants = pot.plants.map((one) => ({ ...one, growth: growthOn(one.course, date) }))
    const hasPlants = plants.some(({ growth }) => growth.isStanding)
    const need = isKnown && hasPlants ? waterNeedL(demandOn(pot, open, day)) : undefined
    const givenL = pot.givenL[day]!
    const isSkipped = pot.skipped[day] === 1
    const depletionL = Math.max(0, pot.depletionL[day]! - (isToday ? givenL : 0))
    return {
      ...pot,
      plants,
      need: need && {
        ...need,
        reasons: [...need.reasons, ...microclimateReasons(pot.shelter, open, pot.weather[day]!)],
      },
      visits: need && pot.mix && visitsFor(need.waterL, pot.mix.easilyAvailableL),
      givenL,
      isSkipped,
      remainingL: need ? remainingOf(need.waterL, givenL, isSkipped) : 0,
      depletionL,
      dryingCm: dryingOf(pot, depletionL),
    }
  },
)

/**
 * One container of a course on one of its days; the nearest of them where it
 * lies outside.
 */
export function potOnDay(course: GardenCourse, pot: PotCourse, date: string): PotToday {
  const day = Math.max(0, Math.min(pot.weather.length - 1, daysBetween(course.from, date)))
  const isKnown = !isGuessed(course, day, date)
  return potOfDay(pot, course.openDays[day]!, isKnown, date === course.today, day)
}

/** The whole garden of a course on one of its days. */
export function gardenOn(course: GardenCourse, date: string): GardenToday {
  const { garden, sky } = course
  const day = daysBetween(course.from, date)
  const weather = isGuessed(course, day, date) ? undefined : sky.days[day]
  const inEquation = weather && { ...weather, dayOfYear: dayOfYear(date) }
  return {
    date,
    weather,
    source: sky.sources[day] ?? 'typical',
    reference: inEquation && referenceEvapotranspiration(inEquation, garden.place),
    referenceReasons: inEquation ? referenceReasons(inEquation, garden.place) : [],
    pots: course.pots.map((pot) => potOnDay(course, pot, date)),
  }
}

/** A course that goes no further than its day. */
const courseUpTo = (garden: Garden, date: string, containers?: readonly Container[]) =>
  gardenCourse(garden, date, { from: courseSpan(garden, date).from, to: date }, containers)

/**
 * The garden on one day, recomputed whole from what the gardener entered:
 * volumes, mixes, plants, water and what is still to do.
 *
 * @param at a day or moment, `YYYY-MM-DD…`
 */
export const gardenToday = (garden: Garden, at: string): GardenToday =>
  gardenOn(courseUpTo(garden, dayOf(at)), dayOf(at))

/**
 * One container on one day, as the rest of the garden would have it: also one
 * that is only being considered.
 *
 * @param at a day or moment, `YYYY-MM-DD…`
 */
export function potOn(garden: Garden, container: Container, at: string): PotToday {
  const course = courseUpTo(garden, dayOf(at), [container])
  return potOnDay(course, course.pots[0]!, dayOf(at))
}

/** From planting on, a plant is grown by then in a normal summer. */
const GROWN_AFTER_DAYS = 75
const NORMAL_SUN_MJ_M2 = 22

/** One container with some plants more, planted on a day, as it stands when they have had a normal summer. */
export function grownPot(
  garden: Garden,
  container: Container,
  plants: Pick<Planting, 'varietyId' | 'count'>,
  plantedOn: string,
): PotToday {
  const proposed = { ...plants, id: 'proposed', containerId: container.id, plantedOn }
  const plantings = [...garden.plantings.map((one) => ({ ...one, plantedOn })), proposed]
  const to = addDays(plantedOn, GROWN_AFTER_DAYS)
  const dates = datesFrom(plantedOn, GROWN_AFTER_DAYS + 1)
  const sky: Sky = {
    from: plantedOn,
    days: dates.map((date) => ({ date, ...NORMAL_DAY, radiationMjM2: NORMAL_SUN_MJ_M2 })),
    sources: dates.map(() => 'typical'),
  }
  const course = gardenCourse(
    { ...garden, plantings },
    plantedOn,
    { from: plantedOn, to },
    [container],
    sky,
  )
  return potOnDay(course, course.pots[0]!, to)
}
