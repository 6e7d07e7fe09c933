import { cropForecast, lastFeedOn, overOn, type GrowthCourse, type TrussCourse } from '../../plant'
import {
  addDays,
  dayOf,
  daysBetween,
  memory,
  own,
  practice,
  reason,
  remembered,
  type Reason,
} from '../../units'
import { seasonYearOf } from '../../garden'
import { RECHARGE_COMPOST_SHARE } from '../../mix'
import { dayInCourse } from './days'
import { daysDone, doneOn, plantFacts, type PlantFacts, type PotFacts } from './facts'
import { stormHold, workHold } from './holds'
import type { Job } from './job'
import { jobsOf, once, type Times, type Window } from './schedule'

/** Ripe fruit is picked every two or three days (practice). */
const PICK_DAYS = 3
/** Fruit that has hung for so long is worth picking green before frost, days (memory). */
const GREEN_DAYS = 20
const WINDOW_DAYS = 14
/** A pepper is cut back a week after it came in (memory). */
const CUT_AFTER_DAYS = 7
/** Mix is recharged, and pots washed, between the end of one season and the next. */
const REST_DAYS = 150

/** What is expected to be ripe of a plant by the evening of each day of its course, g. */
const ripeSums = remembered((course: GrowthCourse): Float64Array => {
  const sums = new Float64Array(course.days)
  for (const { from, cropKg } of cropForecast(course).weeks) {
    const first = daysBetween(course.from, from)
    for (let day = first; day < Math.min(course.days, first + 7); day++)
      if (day >= 0) sums[day] = (cropKg * 1000) / 7
  }
  for (let day = 1; day < course.days; day++) sums[day]! += sums[day - 1]!
  return sums
})

/** What is expected to be ripe of a plant on a day and the two before, g. */
function ripeG(growth: GrowthCourse, day: number): number {
  const sums = ripeSums(growth)
  const at = (on: number) => sums[Math.max(0, Math.min(growth.days - 1, on))] ?? 0
  return at(day) - at(day - PICK_DAYS)
}

/** Why nothing is picked yet: what was sprayed asks for some days. */
function sprayWaits({ records }: PotFacts, on: string): Reason | undefined {
  for (const record of records)
    if (record.kind === 'spray' && record.intervalDays !== undefined) {
      const from = addDays(dayOf(record.at), record.intervalDays)
      if (dayOf(record.at) <= on && on < from)
        return reason(
          'job.hold.sprayed',
          { fromDate: from, dayCount: record.intervalDays },
          practice,
        )
    }
  return undefined
}

/** Picking, the last feed, and taking out or cutting back. */
export function endingJobs(facts: PlantFacts, times: Times): readonly Job[] {
  const { plant, variety, containerId, date, from, endsOn, growth, garden, base, day, pot } = facts
  const { planting } = plant
  const one = { containerId, plantingId: planting.id, plantingIds: [planting.id] }
  const since = date(from)
  const ends = Math.min(endsOn, growth.days)
  const over = overOn(growth)
  const bears = ({ setShare }: TrussCourse) => setShare >= 0.1
  const ripe = growth.trusses.filter((truss) => truss.ripeOn < ends && bears(truss))
  const isRipeOn = (on: number) =>
    ripe.some(({ ripeOn, pickedOn }) => ripeOn <= on && on <= pickedOn)
  const frostEve =
    growth.frostOn < growth.days && growth.frostOn <= endsOn ? growth.frostOn - 1 : undefined
  const hasGreen =
    frostEve !== undefined &&
    growth.trusses.some(
      (truss) =>
        truss.opensOn + GREEN_DAYS <= frostEve && truss.pickedOn > frostEve && bears(truss),
    )
  const picked = daysDone(doneOn(facts, 'pick', { plantingId: planting.id, since }))
  const pick = jobsOf(
    {
      ...one,
      kind: 'pick',
      done: picked,
      next: (last) => {
        const after = last === undefined ? -1 : dayInCourse(facts, last)
        let on = Math.max(ripe[0]?.ripeOn ?? ends, after + PICK_DAYS)
        // What was not picked in time may be gone by now.
        if (on < day && !isRipeOn(day)) on = day
        while (on < ends && !isRipeOn(on)) on++
        if (
          frostEve !== undefined &&
          hasGreen &&
          on > frostEve - 1 &&
          after < frostEve &&
          frostEve >= day
        )
          return { from: date(frostEve), to: date(frostEve) }
        return on < ends ? { from: date(on), to: date(on + 1) } : undefined
      },
      details: (on) => {
        const isLast = hasGreen && frostEve !== undefined && on === date(frostEve)
        const massG = ripeG(growth, dayInCourse(facts, on)) * planting.count
        return {
          amounts: massG > 1 ? [{ what: 'g', value: massG, of: variety.id }] : [],
          tools: ['bowl'],
          reasons: [
            isLast
              ? reason('job.pick.green', { frostDate: date(growth.frostOn) }, practice)
              : reason('job.pick.ripe', { dayCount: PICK_DAYS }, practice),
          ],
          ...(variety.crop === 'pepper' &&
            variety.fruitClass !== 'block' &&
            variety.fruitClass !== 'horn' && { cautions: [reason('job.caution.hotFruit')] }),
          held: sprayWaits(facts, on) ?? stormHold(facts),
        }
      },
    },
    times,
  )
  const between = (on: number, days = WINDOW_DAYS): Window | undefined =>
    on < growth.days ? { from: date(on), to: date(on + days) } : undefined
  const isFed = own(garden.feedPlans, containerId) !== undefined
  const stopsOn = lastFeedOn(growth)
  const feedsGoOn = (on: number) =>
    pot.plants.some(
      ({ course }) =>
        course !== growth &&
        course.standsFrom <= on &&
        Math.min(course.endsOn, lastFeedOn(course) ?? course.days) > on,
    )
  const lastFeed = jobsOf(
    {
      ...one,
      kind: 'lastFeed',
      done: doneOn(facts, 'did', {
        plantingId: planting.id,
        since,
        is: ({ what }) => what === 'lastFeed',
      }).slice(0, 1),
      lapses: true,
      next: once(
        isFed && stopsOn !== undefined && stopsOn > from && !feedsGoOn(stopsOn)
          ? between(stopsOn, 7)
          : undefined,
      ),
      details: () => ({
        reasons: [
          reason(
            'job.lastFeed.end',
            { overDate: date(over), dayCount: over - (stopsOn ?? over) },
            memory,
          ),
        ],
      }),
    },
    times,
  )
  const removed = doneOn(facts, 'remove', { plantingId: planting.id, since }).slice(0, 1)
  const isKept = variety.crop === 'pepper' && base.state.isIndoors
  const pullOut = jobsOf(
    {
      ...one,
      kind: 'pullOut',
      done: removed,
      next: once(isKept ? undefined : between(over)),
      details: (on) => ({
        tools: ['trowel', 'shears'],
        reasons: [
          growth.frostOn <= dayInCourse(facts, on)
            ? reason('job.pullOut.frost', { frostDate: date(growth.frostOn) }, practice)
            : reason('job.pullOut.over', {}, practice),
        ],
        held: workHold(facts),
      }),
    },
    times,
  )
  const cameIn = isKept
    ? doneOn(facts, 'move', { is: ({ isIndoors }) => isIndoors === true }).at(-1)
    : undefined
  const cutDone = doneOn(facts, 'prune', {
    plantingId: planting.id,
    since: cameIn ?? since,
    is: ({ what }) => what === 'cutBack',
  })
  const cutBack = jobsOf(
    {
      ...one,
      kind: 'cutBack',
      done: cutDone.slice(0, 1),
      next: once(
        cameIn !== undefined && isAutumn(facts, cameIn)
          ? {
              from: addDays(cameIn, CUT_AFTER_DAYS),
              to: addDays(cameIn, CUT_AFTER_DAYS + WINDOW_DAYS),
            }
          : undefined,
      ),
      details: () => ({
        tools: ['shears'],
        reasons: [reason('job.cutBack.winter', {}, memory)],
      }),
    },
    times,
  )
  return [...pick, ...lastFeed, ...pullOut, ...cutBack]
}

/** A plant that comes in in the second half of its year is to be kept over winter. */
const isAutumn = ({ garden }: PotFacts, on: string): boolean =>
  garden.place.latitudeDeg >= 0
    ? on.slice(5) >= '08-01'
    : on.slice(5, 7) >= '02' && on.slice(5, 7) <= '07'

/** Once its plants are out: the mix made ready again, the pot washed. */
export function restingJobs(facts: PotFacts, times: Times): readonly Job[] {
  const { containerId, records, base, pot, date, today, day, garden } = facts
  const { latitudeDeg } = garden.place
  const plants = plantFacts(facts)
  const standing = plants.filter(({ growth }) => growth.plant.endedOn === undefined)
  const lastOut = records
    .flatMap((record) =>
      record.kind === 'remove' && record.why !== 'moved' ? [dayOf(record.at)] : [],
    )
    .sort()
    .at(-1)
  // As long as something stands, it is told when that will be over.
  const ends = standing.map(({ growth }) => overOn(growth))
  const over = ends.length ? Math.max(...ends) : undefined
  const isKept = standing.some(({ variety }) => variety.crop === 'pepper') && base.state.isIndoors
  const emptyFrom =
    over !== undefined
      ? !isKept && over < pot.weather.length
        ? addDays(date(Math.max(over, day)), 7)
        : undefined
      : lastOut !== undefined && addDays(lastOut, REST_DAYS) >= today
        ? addDays(lastOut, 1)
        : undefined
  const wasIll = records.some(
    (record) =>
      record.kind === 'remove' && record.why === 'disease' && dayOf(record.at) === lastOut,
  )
  const since = over === undefined && lastOut !== undefined ? lastOut : '9999-12-31'
  const window =
    emptyFrom === undefined ? undefined : { from: emptyFrom, to: addDays(emptyFrom, REST_DAYS) }
  const one = {
    containerId,
    plantingIds: [],
    of: String(seasonYearOf(over === undefined ? (lastOut ?? today) : date(over), latitudeDeg)),
  }
  const compostL = base.volumes.fillVolumeL * RECHARGE_COMPOST_SHARE
  return [
    ...jobsOf(
      {
        ...one,
        kind: 'recharge',
        done: [...doneOn(facts, 'recharge', { since }), ...doneOn(facts, 'fill', { since })]
          .sort()
          .slice(0, 1),
        next: once(wasIll ? undefined : window),
        details: () => ({
          amounts: [{ what: 'L', value: compostL, of: 'compost' }],
          tools: ['mix', 'trowel'],
          reasons: [reason('job.recharge.kept', {}, practice)],
          cautions: [reason('job.caution.dustWet')],
        }),
      },
      times,
    ),
    ...jobsOf(
      {
        ...one,
        kind: 'wash',
        done: doneOn(facts, 'wash', { since }).slice(0, 1),
        next: once(wasIll ? window : undefined),
        details: () => ({
          tools: ['brush', 'gloves'],
          reasons: [reason('job.wash.ill', {}, practice)],
        }),
      },
      times,
    ),
  ]
}
