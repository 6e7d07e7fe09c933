import { isVine, overOn, TRUSS_OPENS_DAYS } from '../../plant'
import { memory, practice, reason } from '../../units'
import { dayTall, daysDone, doneOn, heightOn, type PlantFacts } from './facts'
import { cutHold, firstFreeDay, stormHold } from './holds'
import { dayInCourse } from './days'
import type { Job } from './job'
import { every, jobsOf, once, type Schedule, type Times, type Window } from './schedule'

const WEEK = 7
/** Side shoots are looked for from this height on, mm; and no more in the last weeks (memory). */
const SHOOTS_FROM_MM = 250
const SHOOTS_END_DAYS = 21
/** Cherries: only the first two or three out (practice). */
const FIRST_SHOOTS = 3
/** While the plant is young (memory). */
const FIRST_SHOOTS_DAYS = 45
/** Leaves below the first truss come off once a plant is so tall, mm (practice: 60–90 cm). */
const LOWER_FROM_MM = 600
const LOWER_BY_MM = 900
const LOWER_WINDOW_DAYS = 14
/** Chillies are tipped at these heights, mm (practice). */
const TIPS_MM = [200, 400] as const
const TIP_WINDOW_DAYS = 10
/** What branches later than this bears nothing any more (memory). */
const TIPS_END_DAYS = 60
/** The top comes out so long after its last truss has opened, when two leaves stand above it (memory). */
const STOP_AFTER_DAYS = 7
const STOP_WINDOW_DAYS = 10
/** Open flowers are shaken every two or three days (practice). */
const SHAKE_DAYS = 3
/** With less of the wind than this, pollen does not fall by itself (memory). */
const STILL_SHARE = 0.5
/** A side shoot roots and crops in so many days, taken while the plant is so tall (memory). */
const ROOTED_NEEDS_DAYS = 110
const ROOTED_FROM_MM = 400
const ROOT_WINDOW_DAYS = 21

/** What is taken off a plant, and what is done about its flowers. */
export function trainingJobs(facts: PlantFacts, times: Times): readonly Job[] {
  const { plant, variety, base, ways, containerId, date, from, endsOn, growth, day } = facts
  const { planting } = plant
  const one = { containerId, plantingId: planting.id, plantingIds: [planting.id] }
  const ends = Math.min(endsOn, overOn(growth), growth.days)
  const since = date(from)
  const pruned = (what: string) =>
    doneOn(facts, 'prune', { plantingId: planting.id, since, is: (record) => record.what === what })
  const stopped = pruned('stopTop').at(-1)
  const tool = ways.strip === 'cut' ? ('shears' as const) : ('fingers' as const)
  /** On a dry day within its window, as far as the forecast goes. */
  const onDry =
    (next: Schedule['next'], days: number): Schedule['next'] =>
    (last, ordinal) => {
      const window = next(last, ordinal)
      if (!window) return undefined
      const at = dayInCourse(facts, window.from)
      const start = Math.max(at, day)
      const free = firstFreeDay(facts, start, days, cutHold)
      return free > start ? { from: date(free), to: window.to } : window
    }
  const held = (on: string) => cutHold(facts, dayInCourse(facts, on))
  const between = (fromDay: number, toDay: number): Window | undefined =>
    fromDay < ends && fromDay < growth.days
      ? { from: date(fromDay), to: date(Math.min(Math.max(fromDay, toDay), ends)) }
      : undefined

  const shootsFrom = dayTall(facts, SHOOTS_FROM_MM)
  const shoots: Window | undefined =
    isVine(variety) && ways.sideShoots !== 'none'
      ? between(shootsFrom, ends - SHOOTS_END_DAYS)
      : undefined
  const shootsDone = daysDone(pruned('sideShoots'))
  const weekly = shoots ? every(WEEK, shoots, 4) : () => undefined
  const sideShoots = jobsOf(
    {
      ...one,
      kind: 'sideShoots',
      until: date(
        ways.sideShoots === 'firstThree' ? shootsFrom + FIRST_SHOOTS_DAYS : ends - SHOOTS_END_DAYS,
      ),
      done: shootsDone,
      next: onDry(
        (last, ordinal) =>
          ways.sideShoots === 'firstThree' && ordinal >= FIRST_SHOOTS
            ? undefined
            : weekly(last, ordinal),
        3,
      ),
      details: (on) => ({
        tools: [tool],
        minutes: 1 + planting.count,
        reasons: [
          reason(`job.sideShoots.${ways.sideShoots}`, {}, practice),
          reason(`job.strip.${ways.strip}`, {}, practice),
        ],
        held: held(on),
      }),
    },
    times,
  )
  const lowerFrom = dayTall(facts, LOWER_FROM_MM)
  const lowerLeaves = jobsOf(
    {
      ...one,
      kind: 'lowerLeaves',
      until: date(ends - SHOOTS_END_DAYS),
      done: daysDone(pruned('lowerLeaves')).slice(0, 1),
      next: onDry(
        once(
          variety.crop === 'tomato' && variety.habit !== 'trailing'
            ? between(
                lowerFrom,
                Math.min(dayTall(facts, LOWER_BY_MM), lowerFrom + LOWER_WINDOW_DAYS),
              )
            : undefined,
        ),
        4,
      ),
      details: (on) => ({
        tools: [tool],
        reasons: [
          reason(
            'job.lowerLeaves.tall',
            { heightMm: heightOn(facts, dayInCourse(facts, on)) },
            practice,
          ),
          reason(`job.strip.${ways.strip}`, {}, practice),
        ],
        held: held(on),
      }),
    },
    times,
  )
  const tips =
    variety.crop === 'pepper' && ways.tipping !== 'never'
      ? TIPS_MM.slice(0, ways.tipping === 'both' ? 2 : 1)
      : []
  const tip = jobsOf(
    {
      ...one,
      kind: 'tip',
      // Past the next height, the first is past too.
      lapses: true,
      until: date(ends - TIPS_END_DAYS),
      done: pruned('tip').slice(0, TIPS_MM.length),
      next: onDry((last, ordinal) => {
        const heightMm = tips[ordinal]
        if (heightMm === undefined) return undefined
        const tall = dayTall(facts, heightMm)
        const at = Math.max(tall, last === undefined ? 0 : dayInCourse(facts, last) + WEEK)
        const by = Math.max(at + TIP_WINDOW_DAYS, dayTall(facts, heightMm + TIPS_MM[0]) - 1)
        return tall < growth.days ? between(at, by) : undefined
      }, 4),
      details: (on, ordinal) => ({
        amounts: [{ what: 'mm', value: TIPS_MM[Math.min(ordinal, 1)]! }],
        tools: [tool],
        reasons: [reason('job.tip.height', { heightMm: TIPS_MM[Math.min(ordinal, 1)]! }, practice)],
        held: held(on),
      }),
    },
    times,
  )
  const stop = stopAfter(facts, ends)
  const stopTop = jobsOf(
    {
      ...one,
      kind: 'stopTop',
      until: date(ends - SHOOTS_END_DAYS),
      done: stopped === undefined ? [] : [stopped],
      next: onDry(once(stop && between(stop.day, stop.day + STOP_WINDOW_DAYS)), 4),
      details: (on) => ({
        tools: [tool],
        reasons: [
          ways.stopAt === 'ripens'
            ? reason('job.stopTop.ripens', { ripeDate: stop ? date(stop.ripeOn) : on }, memory)
            : reason('job.stopTop.trusses', { count: ways.stopAt }, practice),
        ],
        held: held(on),
      }),
    },
    times,
  )
  const isStill =
    base.state.isIndoors ||
    base.state.cover === 'tunnel' ||
    base.container.exposure === 'sheltered' ||
    base.shelter.windShare < STILL_SHARE
  const opens = growth.trusses.filter(({ opensOn }) => opensOn < ends)
  const isOpenOn = (on: number) =>
    opens.some(({ opensOn }) => opensOn <= on && on < opensOn + TRUSS_OPENS_DAYS)
  const shaken = daysDone(doneOn(facts, 'shake', { since }))
  const shake = jobsOf(
    {
      ...one,
      kind: 'shake',
      done: shaken,
      next: (last) => {
        if (!isStill) return undefined
        let on = Math.max(
          opens[0]?.opensOn ?? ends,
          last === undefined ? 0 : dayInCourse(facts, last) + SHAKE_DAYS,
        )
        while (on < ends && !isOpenOn(on)) on++
        return on < ends ? { from: date(on), to: date(on + 1) } : undefined
      },
      details: () => ({
        tools: ['brush'],
        hour: 12,
        reasons: [reason('job.shake.still', {}, practice)],
        held: stormHold(facts),
      }),
    },
    times,
  )
  const rootFrom = dayTall(facts, ROOTED_FROM_MM)
  const isRootable =
    isVine(variety) &&
    ways.sideShoots !== 'none' &&
    ends - rootFrom >= ROOTED_NEEDS_DAYS &&
    endsOn > rootFrom
  const rootShoots = jobsOf(
    {
      ...one,
      kind: 'rootShoots',
      done: doneOn(facts, 'rootShoot', { plantingId: planting.id, since }).slice(0, 1),
      lapses: true,
      next: once(
        isRootable
          ? between(rootFrom, Math.min(rootFrom + ROOT_WINDOW_DAYS, ends - ROOTED_NEEDS_DAYS))
          : undefined,
      ),
      details: (on) => ({
        amounts: [{ what: 'count', value: 1, of: variety.id }],
        tools: ['smallPots', tool],
        reasons: [
          reason(
            'job.rootShoots.time',
            { dayCount: ends - dayInCourse(facts, on), leastCount: ROOTED_NEEDS_DAYS },
            memory,
          ),
        ],
        held: held(on),
      }),
    },
    times,
  )
  return [...sideShoots, ...lowerLeaves, ...tip, ...stopTop, ...shake, ...rootShoots]
}

/** After which truss the top comes out, and when the last is ripe then; none where nothing ends the season. */
function stopAfter({ growth, variety, ways }: PlantFacts, ends: number) {
  if (!isVine(variety)) return undefined
  const { trusses, days } = growth
  const opening = trusses.filter(({ opensOn }) => opensOn < ends)
  const last =
    ways.stopAt === 'ripens'
      ? ends < days
        ? opening.findLast(({ ripeOn }) => ripeOn < ends)
        : undefined
      : opening[ways.stopAt - 1]
  return last && { day: last.opensOn + STOP_AFTER_DAYS, ripeOn: Math.min(last.ripeOn, days - 1) }
}
