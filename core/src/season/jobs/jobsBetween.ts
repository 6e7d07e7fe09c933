import {
  feedsAtHand,
  withoutMarks,
  type Garden,
  type GardenRecord,
  type UnmarkedGarden,
} from '../../garden'
import { daysBetween, remembered, rememberedBy } from '../../units'
import {
  gardenCourse,
  potOnDay,
  sorted,
  type GardenCourse,
  type PotCourse,
  type PotToday,
  type Sky,
} from '../course'
import { feedToday, type FeedToday } from '../feed'
import { courseDays } from './courseDays'
import { endingJobs, restingJobs } from './ending'
import { plantFacts, potFacts, type PlantFacts } from './facts'
import { fillingJobs } from './filling'
import { feedJobs, waterJobs } from './given'
import { holdingJobs } from './holding'
import { jobKinds, type Job } from './job'
import { nurseryJobs, plantedOn } from './nursery'
import { ownJobsOf } from './ownJobs'
import { changesOf } from './schedule'
import { tendingJobs } from './tending'
import { testingJobs } from './testing'
import { trainingJobs } from './training'
import { weatherJobs } from './weatherJobs'
import { windJobs } from './wind'

/** What the jobs of one pot are worked out from: its course, its records, and all else of the garden. */
type PotAsked = Omit<UnmarkedGarden, 'records'> & {
  readonly pot: PotCourse
  /** Of this pot, and of the nursery. */
  readonly records: readonly GardenRecord[]
  readonly nursery: readonly GardenRecord[]
  readonly atHand: readonly string[]
  readonly today: string
  readonly from: string
  readonly to: string
  readonly sky: Sky
}

function askedOf({ pot, records, nursery, atHand, today, from, to, sky, ...rest }: PotAsked) {
  const garden = { ...rest, records: [...nursery, ...records] } as Garden
  return {
    facts: potFacts({ garden, today, from, sky }, pot, records, atHand),
    times: { today, to, changes: changesIn(garden) },
  }
}

/** All jobs of a pot that hang on neither today's water nor its feed. */
const standingJobs = rememberedBy('pot', (asked: PotAsked): readonly Job[] => {
  const { facts, times } = askedOf(asked)
  const { today, from } = asked
  const plants = plantFacts(facts)
  const nursery = plants.map((plant) => nurseryJobs(plant, times))
  const growing = plants.flatMap((plant, index): PlantFacts[] => {
    if (plantedOn(plant) !== undefined) return [plant]
    // What is to be planted grows from the day on which it can be.
    const goesIn = nursery[index]!.find(({ kind }) => kind === 'plant')
    if (!goesIn) return []
    const inOn = daysBetween(from, goesIn.dueOn) + (goesIn.dueOn <= today ? 1 : 0)
    return [{ ...plant, from: Math.max(plant.from, inOn) }]
  })
  return [
    ...nursery.flat(),
    ...growing.flatMap((plant) => [
      ...holdingJobs(plant, times),
      ...trainingJobs(plant, times),
      ...endingJobs(plant, times),
    ]),
    ...(growing.length
      ? [
          ...fillingJobs(facts, growing, times),
          ...tendingJobs(facts, growing, times),
          ...weatherJobs(facts, growing, times),
          ...windJobs(facts, times),
        ]
      : []),
    ...testingJobs(facts, times),
    ...restingJobs(facts, times),
  ]
})

/** The feeds of a pot, which hang on what it was given and on the day. */
const feedingJobs = rememberedBy(
  'pot',
  ({ feed, ...asked }: PotAsked & { readonly feed: FeedToday | undefined }): readonly Job[] => {
    const { facts, times } = askedOf(asked)
    return feedJobs(facts, feed, times)
  },
)

const NO_CHANGES: NonNullable<Garden['jobChanges']> = []
const changesOnce = remembered(changesOf)
const changesIn = ({ jobChanges = NO_CHANGES }: Pick<Garden, 'jobChanges'>) =>
  changesOnce(jobChanges)
const NO_RECORDS: readonly GardenRecord[] = []

/** What is known of a pot today where somebody has worked it out already. */
export interface JobsAsked {
  readonly todayOf?: (pot: PotCourse) => PotToday
  readonly feedOf?: (pot: PotCourse, today: PotToday) => FeedToday | undefined
}

const rankOf = new Map(jobKinds.map((kind, rank) => [kind, rank]))

/** The jobs of one pot of a course up to a day, in no order, but for those that the gardener has set. */
export function jobsOfPot(
  course: GardenCourse,
  pot: PotCourse,
  to: string,
  { todayOf = (of) => potOnDay(course, of, course.today), feedOf }: JobsAsked = {},
): readonly Job[] {
  const { garden, today, from, sky } = course
  const { byContainer, nursery } = sorted(garden.records)
  const { records: _all, ...rest } = withoutMarks(garden)
  const records = byContainer.get(pot.container.id) ?? NO_RECORDS
  const atHand = feedsAtHand(garden)
  const asked: PotAsked = { ...rest, pot, records, nursery, atHand, today, from, to, sky }
  const now = todayOf(pot)
  const feed = feedOf ? feedOf(pot, now) : feedToday(course, pot, now)
  return [
    ...standingJobs(asked),
    ...waterJobs({ pot, records, course }, now, { today, to, changes: changesIn(garden) }),
    ...feedingJobs({ ...asked, feed }),
  ]
}

/**
 * Every job of a course's pots up to a day: done, due and to come, in order of their
 * days, then of the walk.
 */
export function jobsOfCourse(
  course: GardenCourse,
  to: string,
  known: JobsAsked = {},
): readonly Job[] {
  const { garden, today, pots } = course
  const times = { today, to, changes: changesIn(garden) }
  const ofPots = pots.flatMap((pot) => jobsOfPot(course, pot, to, known))
  const place = new Map(garden.containers.map(({ id }, index) => [id, index]))
  const inOrder = [...ofPots, ...ownJobsOf(course, times)].map((job) => ({
    job: isForThisEvening(job, course) ? { ...job, state: 'later' as const } : job,
    // By pots in walking order, then as a stop goes through them.
    rank:
      (place.get(job.containerId ?? '') ?? place.size) * jobKinds.length + rankOf.get(job.kind)!,
  }))
  inOrder.sort((one, other) =>
    one.job.dueOn === other.job.dueOn
      ? one.rank - other.rank
      : one.job.dueOn < other.job.dueOn
        ? -1
        : 1,
  )
  return inOrder.map(({ job }) => job)
}

/** Water for the evening is not for the walk of the morning. */
const isForThisEvening = ({ kind, state, hour, dueOn }: Job, { today, nowH }: GardenCourse) =>
  kind === 'water' && state === 'due' && hour !== undefined && dueOn === today && nowH < hour

/**
 * What there is to do in a garden between two days, both included: what was done, what is
 * due, held back or left out, and what is to come, for every pot and in the ways of this
 * gardener. The same for the same garden and moment, with the same ids; one record
 * changes only the jobs that it bears on.
 *
 * @param now  a day or moment, `YYYY-MM-DD…`
 * @param from first day
 * @param to   last day; nothing is told of days more than a year from now
 */
export function jobsBetween(garden: Garden, now: string, from: string, to: string): readonly Job[] {
  const course = gardenCourse(garden, now, courseDays(garden, now, from, to))
  const last = to < course.to ? to : course.to
  return jobsIn(jobsOfCourse(course, last), from, to)
}

/** Those among some jobs that are due, were done or were left out between two days. */
export const jobsIn = (jobs: readonly Job[], from: string, to: string): readonly Job[] =>
  jobs.filter(({ dueOn }) => dueOn >= from && dueOn <= to)
