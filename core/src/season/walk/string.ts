import type { GardenRecord } from '../../garden'
import { addDays, dayOf, daysBetween, remembered } from '../../units'
import { sorted, type GardenCourse, type PotCourse } from '../course'
import { isEveryday, type Job } from '../jobs'

/** Water of one or more days on a string. */
export interface Bead {
  readonly waterL: number
  /** Given after the morning, or to be given then, L; part of `waterL`. */
  readonly isSplit: boolean
  /** Recorded; otherwise to come by the plan. */
  readonly isGiven: boolean
}

/** Something that was done, was seen, or is expected. */
export type Knot =
  | { readonly kind: 'record'; readonly day: number; readonly record: GardenRecord }
  | { readonly kind: 'job'; readonly day: number; readonly job: Job }
  /** Where a job stood in the plan that was done on a later day. */
  | { readonly kind: 'planned'; readonly day: number; readonly job: Job }
  | {
      readonly kind: 'firstFlower' | 'firstRipe' | 'frost'
      readonly day: number
      readonly plantingId: string
    }

/** What hangs from a pot, by day of the course. */
export interface PotString {
  readonly beads: readonly (Bead | undefined)[]
  readonly knots: ReadonlyMap<number, readonly Knot[]>
}

/** The day on which what stands in a pot is at its largest: the last before frost, or of the course. */
export function grownOn({ from }: GardenCourse, { plants, weather }: PotCourse): string {
  const lastDay = plants.reduce(
    (last, { course }) => Math.min(last, course.frostOn),
    weather.length,
  )
  return addDays(from, Math.max(0, lastDay - 1))
}

/** Less is not drawn, L. */
const LEAST_L = 0.02

function beadOf(pot: PotCourse, day: number, today: number): Bead | undefined {
  const givenL = pot.givenL[day]!
  const isGiven = day < today || (day === today && givenL > 0)
  const eveningL = pot.eveningL[day]!
  const waterL = isGiven ? givenL : pot.morningL[day]! + eveningL
  if (waterL < LEAST_L) return undefined
  return { waterL, isGiven, isSplit: !isGiven && eveningL > LEAST_L && eveningL < waterL }
}

const stringOf = remembered(
  (pot: PotCourse, records: readonly GardenRecord[], from: string, today: number): PotString => {
    const days = pot.weather.length
    const knots = new Map<number, Knot[]>()
    const tie = (knot: Knot) => {
      if (knot.day < 0 || knot.day >= days) return
      const there = knots.get(knot.day)
      if (there) there.push(knot)
      else knots.set(knot.day, [knot])
    }
    for (const record of records)
      // Water hangs as beads.
      if (record.kind !== 'water')
        tie({ kind: 'record', day: daysBetween(from, dayOf(record.at)), record })
    for (const { course, planting } of pot.plants) {
      const { isFlowerSeen, isRipeSeen } = course.development
      const [first] = course.trusses
      const plantingId = planting.id
      const isToCome = (day: number) => day < course.endsOn
      if (first && !isFlowerSeen && isToCome(first.opensOn))
        tie({ kind: 'firstFlower', day: first.opensOn, plantingId })
      if (first && !isRipeSeen && isToCome(first.ripeOn))
        tie({ kind: 'firstRipe', day: first.ripeOn, plantingId })
      if (course.frostOn <= course.endsOn) tie({ kind: 'frost', day: course.frostOn, plantingId })
    }
    return {
      beads: Array.from({ length: days }, (_, day) => beadOf(pot, day, today)),
      knots,
    }
  },
)

/**
 * The string of a pot: its water day by day, as recorded up to today and as
 * planned after it, and what was done, seen or is expected on the way.
 */
export const potString = (course: GardenCourse, pot: PotCourse): PotString =>
  stringOf(
    pot,
    sorted(course.garden.records).byContainer.get(pot.container.id) ?? [],
    course.from,
    daysBetween(course.from, course.today),
  )

/**
 * The same string with what is to do, each job on its day, what was left out, and where the
 * plan had what was done late: the plan beside the record. Water hangs as beads, and what
 * was done as its record; what comes at every other visit would cover all else.
 */
export function withJobs(
  string: PotString,
  { from }: Pick<GardenCourse, 'from'>,
  jobs: readonly Job[],
): PotString {
  const knots = new Map(string.knots)
  for (const job of jobs) {
    if (job.kind === 'water' || isEveryday(job)) continue
    const isLate = job.state === 'done' && job.dueOn > job.window.to
    if (job.state === 'done' && !isLate) continue
    const kind = isLate ? 'planned' : 'job'
    const day = daysBetween(from, isLate ? job.window.to : job.dueOn)
    if (day >= 0 && day < string.beads.length)
      knots.set(day, [...(knots.get(day) ?? []), { kind, day, job }])
  }
  return { ...string, knots }
}

/** Water of some days together: of a week, as one bead. */
export function beadOfDays(string: PotString, from: number, count: number): Bead | undefined {
  const beads = string.beads.slice(Math.max(0, from), from + count).filter((bead) => bead)
  if (!beads.length) return undefined
  return {
    waterL: beads.reduce((sum, bead) => sum + bead!.waterL, 0),
    isSplit: false,
    isGiven: beads.every((bead) => bead!.isGiven),
  }
}
