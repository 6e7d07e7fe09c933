import {
  waysOf,
  type Garden,
  type GardenRecord,
  type RecordKind,
  type RecordOf,
  type Ways,
} from '../../garden'
import { type GrowthCourse, type Variety } from '../../plant'
import type { SpotDay } from '../../place'
import { addDays, dayOf, daysBetween } from '../../units'
import {
  stretchOn,
  type GardenCourse,
  type PlantingCourse,
  type PotBase,
  type PotCourse,
} from '../course'
import { HOURS_A_DAY } from '../../weather'

/** What a pot's jobs ask of its course: its days, and their sky. */
export type CourseFrame = Pick<GardenCourse, 'garden' | 'from' | 'today' | 'sky'>

/** A pot with all that its jobs are worked out from. */
export interface PotFacts {
  readonly garden: Garden
  readonly course: CourseFrame
  readonly pot: PotCourse
  readonly containerId: string
  /** As it stands now. */
  readonly base: PotBase
  readonly ways: Ways
  readonly records: readonly GardenRecord[]
  /** Ids of the feeds and sprays of which something is left. */
  readonly atHand: readonly string[]
  readonly today: string
  /** Day of the course. */
  readonly day: number
  readonly date: (day: number) => string
  readonly weatherOn: (day: number) => SpotDay | undefined
  /** Whether a day is measured or forecast, and not only usual. */
  readonly isKnown: (day: number) => boolean
}

/** One planting in a pot. */
export interface PlantFacts extends PotFacts {
  readonly plant: PlantingCourse
  readonly variety: Variety
  readonly growth: GrowthCourse
  /** First day here, and the day on which it is gone or dead, past the end where it is not. */
  readonly from: number
  readonly endsOn: number
}

export function potFacts(
  course: CourseFrame,
  pot: PotCourse,
  records: readonly GardenRecord[],
  atHand: readonly string[] = [],
): PotFacts {
  const { garden, today, from, sky } = course
  const containerId = pot.container.id
  const day = daysBetween(from, today)
  const hour = Math.min(pot.weather.length * HOURS_A_DAY, pot.ofWater.nowHour)
  return {
    garden,
    course,
    pot,
    containerId,
    base: stretchOn(pot.stretches, Math.max(0, hour)).base,
    ways: waysOf(garden, containerId),
    records,
    atHand,
    today,
    day,
    // Asked for by the thousand: the days of the course know their dates.
    date: (on) => pot.weather[on]?.date ?? addDays(from, on),
    weatherOn: (on) => pot.weather[on],
    isKnown: (on) => (sky.sources[on] ?? 'typical') !== 'typical',
  }
}

export const plantFacts = (facts: PotFacts): readonly PlantFacts[] =>
  facts.pot.plants.map((plant): PlantFacts => ({
    ...facts,
    plant,
    variety: plant.variety,
    growth: plant.course,
    from: plant.course.standsFrom,
    endsOn: plant.course.endsOn,
    ways: waysOf(facts.garden, facts.containerId, plant.planting.id),
  }))

/** Days on which some kind of record was made here, in order; those of another planting left out. */
export const doneOn = <K extends RecordKind>(
  { records }: Pick<PotFacts, 'records'>,
  kind: K,
  asked: {
    readonly plantingId?: string
    readonly since?: string
    readonly is?: (record: RecordOf<K>) => boolean
  } = {},
): readonly string[] =>
  records
    .filter((record): record is RecordOf<K> & GardenRecord => {
      if (record.kind !== kind) return false
      const isOfAnother =
        asked.plantingId !== undefined &&
        'plantingId' in record &&
        record.plantingId !== undefined &&
        record.plantingId !== asked.plantingId
      const isSince = asked.since === undefined || dayOf(record.at) >= asked.since
      return !isOfAnother && isSince && (asked.is?.(record as RecordOf<K>) ?? true)
    })
    .map(({ at }) => dayOf(at))
    .sort()

/** The same, several of one day counted once. */
export const daysDone = (days: readonly string[]): readonly string[] => [...new Set(days)]

/** First day on which a plant is so tall; the end of its course where it never is. */
export function dayTall({ growth, from }: PlantFacts, heightMm: number): number {
  const { heightMm: row } = growth
  for (let day = Math.max(0, from); day < row.length; day++) if (row[day]! >= heightMm) return day
  return row.length
}

/** How tall a plant is on a day of its course, mm. */
export const heightOn = ({ growth }: PlantFacts, day: number): number =>
  growth.heightMm[Math.max(0, Math.min(growth.days - 1, day))] ?? 0

/** The tallest that a plant will be, mm. */
export const grownMm = ({ growth, variety }: PlantFacts): number =>
  Math.max(
    growth.heightMm.reduce((most, mm) => Math.max(most, mm), 0),
    variety.matureHeightMm * 0.3,
  )
