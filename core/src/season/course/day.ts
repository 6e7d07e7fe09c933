import type { Container } from '../../container'
import { gardenAsOf, type Garden, type Planting } from '../../garden'
import { microclimateReasons, type OpenDay } from '../../place'
import { growthOn, NORMAL_DAY, type GrowthCourse, type PlantGrowth } from '../../plant'
import {
  addDays,
  datesFrom,
  dayOf,
  dayOfYear,
  daysBetween,
  memory,
  reason,
  remembered,
  type Reason,
} from '../../units'
import {
  extraSuctionCm,
  freeShareOf,
  MORNING_H,
  planWatering,
  waterNeedL,
  type WaterNeed,
  type WaterPlan,
  type WaterState,
} from '../../water'
import {
  referenceEvapotranspiration,
  HOURS_A_DAY,
  referenceReasons,
  type DailyWeather,
  type ReferenceEvapotranspiration,
} from '../../weather'
import { suctionOf, type PlantingBase, type PotBase } from './pot'
import { gardenCourse, type GardenCourse, type PotCourse } from './course'
import { demandOn } from './leaf'
import { courseSpan } from './span'
import { stateThrough, stretchOn } from './stretches'
import type { DaySource, Sky } from './sky'
import { amountReasons, learnedReasons } from './waterReasons'

/** Plants of one planting as they stand on a day. */
export interface PlantingToday extends PlantingBase {
  readonly growth: PlantGrowth
  /** Where that day lies in. */
  readonly course: GrowthCourse
}

/** Everything known of one container on one day. */
export interface PotToday extends PotBase {
  readonly plants: readonly PlantingToday[]
  /** What it uses that day; left out where there is no weather for the day. */
  readonly need: WaterNeed | undefined
  /** What to give and how long it lasts: today. */
  readonly plan: WaterPlan | undefined
  /** Given already that day by the records, L. */
  readonly givenL: number
  readonly isSkipped: boolean
  /** To give before the evening, and in it, L: nothing when it was skipped. */
  readonly nowL: number
  readonly eveningL: number
  /** Both. */
  readonly remainingL: number
  /** Missing from the drained pot and its reservoir: in the morning, and today as it is now, L. */
  readonly depletionL: number
  /** How much may be missing before its plants go short, L. */
  readonly safeL: number
  /** Why this much water is given today. */
  readonly amountReasons: readonly Reason[]
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

/** What is known of a day's weather: a day past is not guessed for the can; today and days to come may be. */
type Known = 'told' | 'usual' | 'unknown'
function knownOf({ sky, today }: GardenCourse, day: number, date: string): Known {
  if (sky.sources[day] !== 'typical') return 'told'
  return date < today ? 'unknown' : 'usual'
}

/** A plan looks so far ahead. */
const PLAN_DAYS = 14

/** A pot's water as it is at the beginning of an hour of its course. */
export function stateAt({ ofWater }: PotCourse, hour: number): WaterState {
  const { stretches, events, run, options } = ofWater
  const { visitH, fillH } = events
  const given = {
    givenL: run.givenL,
    visitH: new Uint8Array(visitH.length),
    ...(fillH && { fillH }),
  }
  return stateThrough(stretches, given, { ...options, to: hour })
}

/** What to give a pot today, with all of its own that was learned. */
function planOf(pot: PotCourse, state: WaterState): WaterPlan {
  const { weather, stretches, nowHour, options, times } = pot.ofWater
  return planWatering(
    pot.water,
    stretchOn(stretches, nowHour).drive,
    state,
    pot.recorded,
    nowHour,
    {
      ...options,
      times,
      to: Math.min(weather.days * HOURS_A_DAY, nowHour + PLAN_DAYS * HOURS_A_DAY),
    },
  )
}

const sumOf = (values: Float64Array) => values.reduce((sum, value) => sum + value, 0)

/** A pot of a course as it stood on the evening of a day, or at this hour of today. */
const baseOn = (
  { stretches, ofWater }: Pick<PotCourse, 'stretches' | 'ofWater'>,
  day: number,
): PotBase => {
  const hour = day * HOURS_A_DAY
  const isToday = Math.floor(ofWater.nowHour / HOURS_A_DAY) === day
  return stretchOn(stretches, isToday ? ofWater.nowHour : hour + HOURS_A_DAY - 1).base
}

/** Plants that have left a container are told of on the days on which they stood there. */
const isTold = ({ plant }: GrowthCourse, date: string) =>
  plant.endedOn === undefined || date < plant.endedOn

const potOfDay = remembered(
  (course: PotCourse, open: OpenDay, known: Known, isToday: boolean, day: number): PotToday => {
    const pot = { ...course, ...baseOn(course, day) }
    const { date } = open.weather
    const plants = pot.plants.flatMap((one) =>
      isTold(one.course, date) ? [{ ...one, growth: growthOn(one.course, date) }] : [],
    )
    const hasPlants = plants.some(({ growth }) => growth.isStanding)
    const need = known !== 'unknown' && hasPlants ? waterNeedL(demandOn(pot, open, day)) : undefined
    const isSkipped = pot.skipped[day] === 1
    const state = isToday ? stateAt(pot, pot.ofWater.nowHour) : undefined
    const plan = state && need ? planOf(pot, state) : undefined
    const planned = (byDay: Float64Array, ofToday: number | undefined) =>
      need && !isSkipped ? (ofToday ?? byDay[day]!) : 0
    const nowL = planned(pot.morningL, plan?.nowL)
    const eveningL = planned(pot.eveningL, plan?.eveningL)
    const { run, weather } = pot.ofWater
    const { water, volumes } = pot
    const hour = isToday ? pot.ofWater.nowHour : day * HOURS_A_DAY + MORNING_H
    const before = Math.max(0, Math.min(run.missingL.length, hour) - 1)
    const capacity = pot.ofWater.options.capacity ?? 1
    const isFilledNow = isToday && pot.recorded.fillH[hour] === 1
    const givenNowL = isFilledNow ? Infinity : isToday ? (pot.recorded.givenL[hour] ?? 0) : 0
    // What a test of this very hour has found is in the state, and not yet in the run.
    const missingL = state ? sumOf(state.missingL) : run.missingL[before]!
    const belowL = volumes.reservoirL - (state?.reservoirL ?? run.reservoirL[before]!)
    const thirst = pot.ofWater.options.thirst ?? 1
    const freeShare = freeShareOf(water.cells[0]!, water.sensitivity, weather.cropMm[day]! * thirst)
    const table = suctionOf(pot)
    const ofMixL = Math.max(0, missingL - Math.max(0, givenNowL - belowL))
    const depletionL = Math.max(0, missingL + belowL - givenNowL)
    const safeL = freeShare * water.availableL * capacity
    return {
      ...pot,
      plants,
      need: need && {
        ...need,
        reasons: [
          ...(known === 'usual' && isToday ? [reason('water.usualWeather', {}, memory)] : []),
          ...need.reasons,
          ...learnedReasons(pot.ofWater.learned),
          ...microclimateReasons(pot.shelter, open, pot.weather[day]!),
        ],
      },
      plan,
      givenL: pot.givenL[day]!,
      isSkipped,
      nowL,
      eveningL,
      remainingL: nowL + eveningL,
      depletionL,
      safeL,
      dryingCm: table ? extraSuctionCm(table, ofMixL / (water.availableL * capacity)) : 0,
      amountReasons: plan ? amountReasons(pot, plan, depletionL, safeL) : [],
    }
  },
)

/**
 * One container of a course on one of its days; the nearest of them where it
 * lies outside.
 */
export function potOnDay(course: GardenCourse, pot: PotCourse, date: string): PotToday {
  const day = Math.max(0, Math.min(pot.weather.length - 1, daysBetween(course.from, date)))
  const known = knownOf(course, day, date)
  return potOfDay(pot, course.openDays[day]!, known, date === course.today, day)
}

/** The whole garden of a course on one of its days. */
export function gardenOn(course: GardenCourse, date: string): GardenToday {
  const { garden, sky } = course
  const day = daysBetween(course.from, date)
  const weather = knownOf(course, day, date) === 'unknown' ? undefined : sky.days[day]
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

/** A course that goes no further than is planned from its day. */
const courseAbout = (garden: Garden, at: string, containers?: readonly Container[]) =>
  gardenCourse(
    garden,
    at,
    { from: courseSpan(garden, dayOf(at)).from, to: addDays(at, PLAN_DAYS) },
    containers,
  )

/**
 * The garden on one day, recomputed whole from what the gardener entered:
 * volumes, mixes, plants, water and what is still to do.
 *
 * @param at a day or moment, `YYYY-MM-DD…`
 */
export const gardenToday = (garden: Garden, at: string): GardenToday =>
  gardenOn(courseAbout(garden, at), dayOf(at))

/**
 * One container on one day, as the rest of the garden would have it: also one
 * that is only being considered.
 *
 * @param at a day or moment, `YYYY-MM-DD…`
 */
export function potToday(garden: Garden, container: Container, at: string): PotToday {
  const course = courseAbout(garden, at, [container])
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
  const standing = gardenAsOf(garden, plantedOn)
  const plantings = [...standing.plantings.map((one) => ({ ...one, plantedOn })), proposed]
  const to = addDays(plantedOn, GROWN_AFTER_DAYS)
  const dates = datesFrom(plantedOn, GROWN_AFTER_DAYS + 1)
  const sky: Sky = {
    from: plantedOn,
    days: dates.map((date) => ({ date, ...NORMAL_DAY, radiationMjM2: NORMAL_SUN_MJ_M2 })),
    sources: dates.map(() => 'typical'),
  }
  const course = gardenCourse(
    { ...standing, plantings },
    plantedOn,
    { from: plantedOn, to },
    [container],
    sky,
  )
  return potOnDay(course, course.pots[0]!, to)
}

/** The space in which a pot of a course stands on a day. */
export const spaceOn = ({ from }: GardenCourse, pot: PotCourse, date: string): string =>
  baseOn(pot, Math.max(0, daysBetween(from, date))).container.spaceId
