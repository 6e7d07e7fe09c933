import { max, sum } from 'd3-array'
import { isCause, type CauseId, type CheckStage, type FactId, type Facts } from '../../diagnosis'
import type { Garden } from '../../garden'
import { reservoirReach } from '../../mix'
import { growthOn, type Stage, type Variety } from '../../plant'
import { daysBetween, own } from '../../units'
import { HOURS_A_DAY } from '../../weather'
import {
  courseByPot,
  sorted,
  stretchOn,
  type GardenCourse,
  type MixToday,
  type PotBase,
  type PotCourse,
} from '../course'
import { mixSeasonsOf } from '../mix'
import { factDates, type FactDates } from './factDates'
import { feedFacts } from './feedFacts'
import { isGoingRound } from './neighbours'
import { waterFacts } from './waterFacts'
import { weatherFacts } from './weatherFacts'

/** What is known of a pot before anybody looks at it. */
export interface PotCheck {
  readonly crop: 'tomato' | 'pepper'
  readonly variety: Variety
  readonly plantingId: string
  readonly stage: CheckStage
  /** As in the north: a southern January is 7. */
  readonly month: number
  readonly covered: boolean
  readonly facts: Facts
  /** The days of those that have days. */
  readonly dates: Readonly<Partial<Record<FactId, FactDates>>>
  /** How earlier checks in this garden turned out. */
  readonly outcomes: Readonly<Partial<Record<CauseId, number>>>
}

/** The twelve stages of growth as a check tells them apart. */
const stageOfGrowth: Readonly<Record<Stage, CheckStage>> = {
  notSown: 'seedling',
  sown: 'seedling',
  up: 'seedling',
  prickedOut: 'seedling',
  hardening: 'seedling',
  planted: 'young',
  established: 'young',
  flowering: 'flowering',
  set: 'fruiting',
  colouring: 'fruiting',
  cropping: 'fruiting',
  done: 'fruiting',
}

const WEEK = 7
const FORTNIGHT = 14
/** The days before today whose weather is known, oldest first. */
function knownDays({ sky, today, from }: GardenCourse, pot: PotCourse, count: number) {
  const now = daysBetween(from, today)
  return pot.weather.slice(Math.max(0, now - count), now).flatMap((day, index) => {
    const source = sky.sources[Math.max(0, now - count) + index]
    return source === 'typical' ? [] : [{ day, isMeasured: source === 'measured' }]
  })
}

/** Roots' own room beside what all plants of a pot would fill. */
const rootRoomShare = ({ volumes, plantings }: PotBase): number | undefined => {
  const wanted = sum(plantings, ({ planting, variety }) => planting.count * variety.fullVolumeL)
  return wanted > 0 ? volumes.fillVolumeL / wanted : undefined
}

/** Air of the drained mix, as far as no reservoir below keeps it wet. */
function airShareOf({ container }: PotBase, mix: MixToday): number {
  const reach = reservoirReach(container, mix)
  const wetShare = reach ? Math.min(1, reach.wetToMm / Math.max(1, container.fillMm)) : 0
  return mix.drained.airSpace * (1 - wetShare)
}

/** One pot's course, and the frame of it. */
function courseOfPot(garden: Garden, containerId: string, now: string) {
  const container = garden.containers.find(({ id }) => id === containerId)
  if (!container) return undefined
  const { frame, potOf } = courseByPot(garden, now)
  const pot = potOf(container)
  return { course: { ...frame, pots: [pot] }, pot }
}

/** The plants of a pot that stand in it now: those last planted first. */
const standingIn = ({ pot, course }: { pot: PotCourse; course: GardenCourse }) => {
  const day = daysBetween(course.from, course.today)
  return pot.plants
    .filter(({ course: plant }) => plant.standsFrom <= day && day < plant.endsOn)
    .sort((one, other) => other.course.standsFrom - one.course.standsFrom)
}

/** Day of the course on which the youngest of them came in. */
const plantedOnIn = (found: { pot: PotCourse; course: GardenCourse }): number | undefined =>
  max(standingIn(found), (plant) => plant.course.standsFrom)

/** How a garden’s checks turned out, each cause as often as it was it. */
export function checkOutcomes({ records }: Garden): Readonly<Partial<Record<CauseId, number>>> {
  const outcomes: Partial<Record<CauseId, number>> = {}
  for (const record of records) {
    if (record.kind !== 'check' || !isCause(record.outcome)) continue
    outcomes[record.outcome] = (own(outcomes, record.outcome) ?? 0) + 1
  }
  return outcomes
}

const NO_FACTS: Facts = {}

/**
 * What a pot's own record and the models know that bears on what is wrong with
 * it: its water of two weeks, its feeds and ledger, the weather it had, its mix.
 * Each says whether it was measured or is only reckoned.
 *
 * @param now day or moment
 * @returns nothing known where there is no such container
 */
export function factsFrom(garden: Garden, containerId: string, now: string): Facts {
  const found = courseOfPot(garden, containerId, now)
  if (!found) return NO_FACTS
  const { course, pot } = found
  const { today } = course
  const hour = Math.min(pot.weather.length * HOURS_A_DAY, pot.ofWater.nowHour)
  const { base } = stretchOn(pot.stretches, Math.max(0, hour))
  const day = daysBetween(course.from, today)
  const plantedOn = plantedOnIn(found)
  const room = rootRoomShare(base)
  const records = sorted(garden.records).byContainer.get(containerId) ?? []
  return {
    ...(plantedOn !== undefined && {
      daysSincePlanting: day - plantedOn,
      ...waterFacts(pot, plantedOn),
    }),
    ...feedFacts(course, pot, base, records),
    ...(base.mix && { airShare: { value: airShareOf(base, base.mix), isMeasured: false } }),
    ...(room !== undefined && { rootRoomShare: { value: room, isMeasured: false } }),
    mixSeasons: mixSeasonsOf(garden, pot.container, today),
    ...weatherFacts(knownDays(course, pot, WEEK), knownDays(course, pot, FORTNIGHT), base),
    // Nothing is said of a garden where nobody looked.
    ...(isGoingRound(garden, containerId, today) && { neighboursSame: true }),
  }
}

/**
 * All that a check of a pot begins with; undefined where nothing stands in it.
 *
 * @param plantingId which of its plants; the last planted where left out
 */
export function checkOf(
  garden: Garden,
  containerId: string,
  now: string,
  plantingId?: string,
): PotCheck | undefined {
  const found = courseOfPot(garden, containerId, now)
  if (!found) return undefined
  const { course, pot } = found
  const standing = standingIn(found)
  const plant = standing.find(({ planting }) => planting.id === plantingId) ?? standing[0]
  if (!plant) return undefined
  const { base } = stretchOn(pot.stretches, Math.max(0, pot.ofWater.nowHour))
  const month = Number(course.today.slice(5, 7))
  return {
    crop: plant.variety.crop,
    variety: plant.variety,
    plantingId: plant.planting.id,
    stage: stageOfGrowth[growthOn(plant.course, course.today).stage],
    month: garden.place.latitudeDeg >= 0 ? month : ((month + 5) % 12) + 1,
    covered: base.state.isIndoors || base.state.cover !== 'none' || base.shelter.rainShare < 0.1,
    facts: factsFrom(garden, containerId, now),
    dates: factDates(
      course,
      pot,
      plantedOnIn(found),
      sorted(garden.records).byContainer.get(containerId) ?? [],
    ),
    outcomes: checkOutcomes(garden),
  }
}
