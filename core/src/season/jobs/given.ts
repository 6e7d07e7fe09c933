import { group } from 'd3-array'
import { isFeed, stepDose, type BentStep, type FeedDose } from '../../feed'
import { feedProductOf, feedTools } from '../../garden'
import { addDays, dayOf, daysBetween, memory, practice, reason, rememberedBy } from '../../units'
import { dayInCourse } from './days'
import { EVENING_FROM_H } from '../../water'
import { waterDues, type PotCourse, type PotToday } from '../course'
import { dosedPot, feedsAhead, type FeedToday } from '../feed'
import { daysDone, doneOn, plantFacts, type CourseFrame, type PotFacts } from './facts'
import { calciumDose, possible } from './plantingCard'
import type { Amount, Job } from './job'
import { jobsOf, type Changes, type Times } from './schedule'

/** Less is not told as a watering, L. */
const LEAST_L = 0.02

/** What the water of a pot is told from: kept with its day, as it is asked for after every record. */
interface WaterAsked {
  readonly today: PotToday
  readonly pot: PotCourse
  readonly records: PotFacts['records']
  readonly changes: Changes
  readonly to: string
  readonly date: string
  readonly from: string
  readonly sky: CourseFrame['sky']
}

/** The water of a pot: as recorded, for this walk and this evening, and as it is planned after today. */
export const waterJobs = (
  {
    pot,
    records,
    course,
  }: Pick<PotFacts, 'pot' | 'records'> & {
    readonly course: Omit<CourseFrame, 'garden'>
  },
  today: PotToday,
  { changes, to }: Times,
): readonly Job[] => {
  const { today: date, from, sky } = course
  return waterOf({ today, pot, records, changes, to, date, from, sky })
}

const waterOf = rememberedBy('today', (asked: WaterAsked): readonly Job[] => {
  const { today, pot, records, changes, to, from, sky } = asked
  const times = { today: asked.date, to, changes }
  const containerId = pot.container.id
  const day = daysBetween(from, asked.date)
  const date = (on: number) => pot.weather[on]?.date ?? addDays(from, on)
  const isKnown = (on: number) => (sky.sources[on] ?? 'typical') !== 'typical'
  const facts = { records, today: asked.date }
  const plantingIds = pot.plants.map(({ planting }) => planting.id)
  const one = { kind: 'water' as const, containerId, plantingIds }
  const given = daysDone(doneOn(facts, 'water'))
  const amountOf = (volumeL: number): Amount[] => [{ what: 'L', value: volumeL }]
  const jobOn = (
    on: number,
    of: string,
    asked: { volumeL: number; isDone?: boolean; hour?: number },
  ) =>
    jobsOf(
      {
        ...one,
        of,
        done: asked.isDone ? [date(on)] : [],
        next: (_last, ordinal) =>
          ordinal === 0 && !asked.isDone ? { from: date(on), to: date(on) } : undefined,
        details: () => ({
          amounts: amountOf(asked.volumeL),
          tools: ['can'],
          minutes: 0.5 + asked.volumeL / 6,
          reasons:
            on === day && !asked.isDone
              ? today.amountReasons
              : [reason(isKnown(on) ? 'job.water.forecast' : 'job.water.usual', {}, memory)],
          ...(asked.hour !== undefined && { hour: asked.hour }),
        }),
      },
      times,
    )
  const recorded = given
    .filter((on) => on >= date(0))
    .flatMap((on) => {
      const at = daysBetween(from, on)
      return jobOn(at, on, { volumeL: pot.givenL[at] ?? 0, isDone: true })
    })
  const now = waterDues(today).flatMap(({ volumeL, hour }) =>
    jobOn(day, `${facts.today}-${hour === undefined ? 'now' : 'evening'}`, {
      volumeL,
      ...(hour !== undefined && { hour }),
    }),
  )
  const ahead: Job[] = []
  for (let on = day + 1; on < pot.weather.length; on++) {
    const [morningL, eveningL] = [pot.morningL[on]!, pot.eveningL[on]!]
    if (morningL >= LEAST_L) ahead.push(...jobOn(on, `${date(on)}-now`, { volumeL: morningL }))
    if (eveningL >= LEAST_L)
      ahead.push(...jobOn(on, `${date(on)}-evening`, { volumeL: eveningL, hour: EVENING_FROM_H }))
  }
  return [...recorded, ...now, ...ahead]
})

/** Epsom salt as it is given by habit: a tablespoon a gallon, every three weeks (practice). */
const EPSOM: BentStep = {
  productId: 'epsomSalt',
  dose: { kind: 'label', times: 1 },
  firstDay: 21,
  everyDays: 21,
  strength: 1,
}
/** Calcium by habit again after two and four weeks (practice). */
const CALCIUM_DAYS = [14, 28] as const
/** A feed that was left out is asked for again after so many days (memory). */
const ASKED_AGAIN_DAYS = 7
/** What a habit missed by so much is not made up. */
const HABIT_LATE_DAYS = 14

/** Doses that a gardener gives by habit, and the days of the course from which they are due. */
function habits(facts: PotFacts): readonly { readonly from: number; readonly dose: FeedDose }[] {
  const { garden, base, records, day, ways } = facts
  const [first] = plantFacts(facts).filter(({ from, endsOn }) => day >= from && day < endsOn)
  if (!first) return []
  const dosed = dosedPot(base)
  const lastOf = (productId: string) =>
    records
      .filter((record) => record.kind === 'feed' && record.productId === productId)
      .map(({ at }) => dayOf(at))
      .sort()
      .at(-1)
  const sinceDay = (on: string) => dayInCourse(facts, on)
  const found: { from: number; dose: FeedDose }[] = []
  if (ways.calcium === 'at024') {
    const [dose] = calciumDose(garden, dosed)
    const last = lastOf('boneMeal')
    const next = CALCIUM_DAYS.map((days) => first.from + days).find(
      (on) => on + HABIT_LATE_DAYS >= day && (last === undefined || sinceDay(last) < on - 7),
    )
    if (dose && next !== undefined) found.push({ from: next, dose })
  }
  if (ways.epsom !== 'never') {
    const product = feedProductOf(garden, EPSOM.productId)
    const last = lastOf(EPSOM.productId)
    const next = last === undefined ? first.from + EPSOM.firstDay : sinceDay(last) + EPSOM.everyDays
    const [dose] = product ? possible(() => stepDose(EPSOM, product, dosed, feedTools(garden))) : []
    const isAsked = ways.epsom === 'threeWeeks' || !base.container.sunken
    if (dose && isAsked) found.push({ from: Math.max(next, day - HABIT_LATE_DAYS), dose })
  }
  return found
}

/** A dose as amounts: what is weighed, and the water it goes in. */
const amountsOf = ({ product, massG, solution }: FeedDose): Amount[] => [
  { what: 'g', value: massG, of: product.id },
  ...(solution ? [{ what: 'L' as const, value: solution.volumeL, of: product.id }] : []),
]

/** Feeds: as recorded, due now by its programme and by habit, and on the days after. */
export function feedJobs(
  facts: PotFacts,
  feed: FeedToday | undefined,
  times: Times,
): readonly Job[] {
  const { garden, containerId, pot, day, date, records } = facts
  const plantingIds = pot.plants.map(({ planting }) => planting.id)
  const done = daysDone(
    doneOn(facts, 'feed', {
      is: ({ productId }) => isFeed(feedProductOf(garden, productId) ?? { form: 'liquid' }),
    }),
  )
  const byHabit = habits(facts)
  const dueHabits = byHabit.filter(({ from }) => from <= day)
  const isFedToday = done.at(-1) === facts.today
  const due = feed?.due ?? []
  const open = due.filter(({ isHeld }) => !isHeld)
  const isNow = (due.length > 0 || dueHabits.length > 0) && !isFedToday
  const firstDue = due.reduce((least, { dueOn }) => (dueOn < least ? dueOn : least), facts.today)
  const comingOn = group(
    [
      ...(feed ? feedsAhead(garden, feed, day) : []),
      ...byHabit.map(({ from, dose }) => ({ day: from, doses: [dose] })),
    ].filter((one) => one.day > day),
    (one) => one.day,
  )
  const planned = [...comingOn.keys()].sort((one, other) => one - other)
  /** What is planned for the last such day up to one: put off, it is still the same. */
  const dosesOn = (on: number) =>
    (comingOn.get(planned.findLast((one) => one <= on) ?? on) ?? []).flatMap(({ doses }) => doses)
  const recorded = group(
    records.filter((record) => record.kind === 'feed'),
    ({ at }) => dayOf(at),
  )
  const recordedOn = (on: string): Amount[] =>
    (recorded.get(on) ?? []).flatMap(({ massG, productId }) =>
      massG === undefined ? [] : [{ what: 'g' as const, value: massG, of: productId }],
    )
  const hold =
    open.length || dueHabits.length
      ? undefined
      : due[0]?.holds.find(({ level }) => level === 'hold')?.reason
  return jobsOf(
    {
      kind: 'feed',
      containerId,
      plantingIds,
      done,
      next: (last, ordinal) => {
        const ahead = ordinal - done.length
        if (ahead < 0) return undefined
        if (isNow && ahead === 0) return { from: firstDue, to: addDays(facts.today, 3) }
        // Left out on a day that is past, and not given since: asked for again after a while.
        const isLeftOut = isNow && last !== undefined && last < facts.today
        if (isLeftOut)
          return { from: addDays(last, ASKED_AGAIN_DAYS), to: addDays(last, ASKED_AGAIN_DAYS + 3) }
        const after = last === undefined ? -Infinity : dayInCourse(facts, last)
        const on = planned.find((one) => one > after)
        return on === undefined ? undefined : { from: date(on), to: date(on + 3) }
      },
      details: (on, ordinal) => {
        const isDone = ordinal < done.length
        const isDue = isNow && !isDone && on <= facts.today
        const doses = isDue
          ? [...open.map(({ dose }) => dose), ...dueHabits.map(({ dose }) => dose)]
          : isDone
            ? []
            : dosesOn(dayInCourse(facts, on))
        return {
          amounts: isDone ? recordedOn(on) : doses.flatMap(amountsOf),
          tools: ['spoon', 'can'],
          reasons: [
            ...doses.flatMap(({ reasons }) => reasons.slice(0, 2)),
            reason(
              dueHabits.length && isDue && !open.length ? 'job.feed.habit' : 'job.feed.plan',
              {},
              practice,
            ),
          ],
          cautions: isDue
            ? open.flatMap(({ holds }) =>
                holds.filter(({ level }) => level !== 'hold').map((one) => one.reason),
              )
            : [],
          held: isDue ? hold : undefined,
        }
      },
    },
    times,
  )
}
