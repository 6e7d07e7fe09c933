import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demo as whole } from '../../../test/demo'
import {
  changeBetween,
  edits,
  stamped,
  type Garden,
  type GardenRecord,
  type JobChange,
} from '../../garden'
import { lastFeedOn, overOn } from '../../plant'
import { addDays, dayOf, daysBetween, InputError } from '../../units'
import { gardenCourse } from '../course'
import { feedsPlanned, potFeeding } from '../feed'
import {
  isOneTap,
  isOpen,
  jobsBetween,
  jobsOfCourse,
  plantingCard,
  recordsOfJob,
  rulesOf,
  type Job,
  type JobKind,
} from '.'
import { every, jobsOf, changesOf, once } from './schedule'

/** Half of the demo's pots, of every sort. */
const POTS = ['b1', 'f2', 'f3', 'k1', 'k3', 'r1', 'l1', 'h1', 's1']
const demo: Garden = {
  ...whole,
  containers: whole.containers.filter(({ id }) => POTS.includes(id)),
  plantings: whole.plantings.filter(({ containerId }) => POTS.includes(containerId)),
}
const NOW = demo.clock!
const TODAY = dayOf(NOW)
const [FROM, TO] = [addDays(TODAY, -30), addDays(TODAY, 30)]
const jobsIn = (garden: Garden) => jobsBetween(garden, NOW, FROM, TO)
const jobs = jobsIn(demo)
const due = jobs.filter(({ state }) => state === 'due')
const after = (garden: Garden, edit: ReturnType<typeof edits.skipJob>): Garden => {
  // These edits put whole lists in the place of others: nothing of the garden itself is changed.
  const draft = { ...garden }
  edit.apply(draft)
  return draft
}
const newIds = () => {
  let number = 0
  return () => `new-${++number}`
}
const did = (garden: Garden, job: Job): Garden => ({
  ...garden,
  records: [...garden.records, ...recordsOfJob(garden, job, NOW, newIds())],
})
const byId = (all: readonly Job[]) => new Map(all.map((job) => [job.id, job]))

describe('jobs of a garden', () => {
  test('are the same for the same garden and moment, each with an id of its own', () => {
    expect(jobsIn(structuredClone(demo))).toEqual(jobs)
    expect(new Set(jobs.map(({ id }) => id)).size).toBe(jobs.length)
  })
  test('are told within the days asked, in order', () => {
    const days = jobs.map(({ dueOn }) => dueOn)
    expect(days).toEqual([...days].sort())
    expect(days[0]! >= FROM && days.at(-1)! <= TO).toBe(true)
  })
  test('at most one of a kind is due for a planting at a time', () => {
    const keys = due.map(({ kind, containerId, plantingIds }) =>
      [kind, containerId, ...plantingIds].join(),
    )
    expect(new Set(keys).size).toBe(keys.length)
  })
  test('a feed to come tells what goes into the can, as its plan would give it that day', () => {
    const course = gardenCourse(demo, NOW)
    const steps = demo.containers.filter(({ id }) => {
      const plan = demo.feedPlans[id]
      return plan && plan.programmeId !== 'toMeasure'
    })
    const told = steps.flatMap(({ id }) => {
      const pot = course.pots.find(({ container }) => container.id === id)!
      const feeding = potFeeding(course, pot)
      if (!feeding) return []
      const planned = feedsPlanned(
        demo,
        feeding,
        demo.feedPlans[id]!,
        daysBetween(course.from, TODAY),
      )
      return jobs
        .filter(
          ({ kind, containerId, state }) =>
            kind === 'feed' && containerId === id && state === 'later',
        )
        .flatMap(({ dueOn, amounts }) => {
          const given = planned
            .filter(({ day }) => addDays(course.from, day) === dueOn)
            .map(({ dose }) => [dose.product.id, dose.massG])
          // What is due today and not given yet moves those after it.
          if (!given.length) return []
          expect(
            amounts.flatMap(({ what, of, value }) => (what === 'g' ? [[of, value]] : [])),
          ).toEqual(given)
          return [dueOn]
        })
    })
    expect(told.length).toBeGreaterThan(3)
  })
  test('those to come keep their ids as days go by', () => {
    const tomorrow = jobsBetween(demo, `${addDays(TODAY, 1)}T08:00`, FROM, TO)
    const known = byId(tomorrow)
    const weekly = due.filter(({ kind }) => ['lookOver', 'sideShoots', 'tie'].includes(kind))
    expect(weekly.length).toBeGreaterThan(5)
    // Not done today, it is due tomorrow, or on the next dry day.
    for (const { id } of weekly) expect(known.get(id)!.dueOn > TODAY).toBe(true)
  })
})

/** Pairs that must never be due at one pot at one time. */
const CONTRADICTIONS: readonly (readonly [JobKind, JobKind])[] = [
  ['coverOn', 'coverOff'],
  ['shadeOn', 'shadeOff'],
  ['moveIn', 'moveOut'],
  ['coverOn', 'moveIn'],
  ['mulch', 'topUp'],
  ['topUp', 'unroll'],
  ['plant', 'sideShoots'],
  ['plant', 'pick'],
  ['pullOut', 'plant'],
  ['pullOut', 'recharge'],
  ['pullOut', 'support'],
  ['pullOut', 'sideShoots'],
  ['pullOut', 'feed'],
  ['lastFeed', 'feed'],
]

describe('nothing contradicts', () => {
  const days = [0, 12, 24, 40, 60, 90, 130].map((after) => `${addDays(TODAY, after - 40)}T08:00`)
  test.each(days)('on %s', (now) => {
    const all = jobsBetween(demo, now, dayOf(now), dayOf(now)).filter(
      ({ state }) => state === 'due',
    )
    const at = new Map<string, Set<JobKind>>()
    for (const { containerId, kind } of all) {
      const key = containerId ?? ''
      at.set(key, (at.get(key) ?? new Set()).add(kind))
    }
    for (const kinds of at.values())
      for (const [one, other] of CONTRADICTIONS)
        expect(kinds.has(one) && kinds.has(other)).toBe(false)
  })
  test('whoever was told to stop feeding is not told to feed, and nobody feeds what is over', () => {
    const season = jobsBetween(demo, NOW, TODAY, '2026-11-30')
    const stops = season.filter(({ kind }) => kind === 'lastFeed')
    expect(stops.length).toBeGreaterThan(5)
    for (const { kind, containerId, dueOn } of season)
      if (kind === 'feed' && dueOn > TODAY) {
        const own = stops.filter((one) => one.containerId === containerId)
        // Planted again, a pot is fed until its new plants stop.
        if (own.length) expect(own.some((stop) => dueOn < stop.dueOn)).toBe(true)
      }
    // A bush that is picked for five weeks is not left without feed before its first fruit.
    const { pots } = gardenCourse(demo, NOW)
    for (const { plants } of pots)
      for (const { course } of plants) {
        const on = lastFeedOn(course)
        if (on !== undefined && course.trusses[0]!.ripeOn < overOn(course))
          expect(on).toBeGreaterThanOrEqual(course.trusses[0]!.ripeOn)
      }
  })
  test('no feed goes on a pot that is dry and gets no water, nor on a salty one: it is held, and says why', () => {
    const feeds = jobs.filter(
      ({ kind, state, dueOn }) => kind === 'feed' && dueOn === TODAY && state !== 'done',
    )
    for (const { state, held } of feeds) expect(state === 'held').toBe(held !== undefined)
    expect(feeds.some(({ state }) => state === 'held')).toBe(true)
  })
})

describe('every job can be done, left out, put off, turned off, and found again', () => {
  const oneOfEach = [...new Map(jobs.filter(isOpen).map((job) => [job.kind, job])).values()]
  test('the demo has many kinds to try', () => expect(oneOfEach.length).toBeGreaterThan(10))
  test.each(oneOfEach.filter(isOneTap).map((job) => [job.kind, job] as const))(
    '%s',
    (_kind, job) => {
      const done = did(demo, job)
      const records = done.records.slice(demo.records.length)
      expect(records.length + Number(job.kind === 'feed' && !job.amounts.length)).toBeGreaterThan(0)
      if (job.dueOn <= TODAY && records.length && job.kind !== 'plant') {
        const now = jobsIn(done).find(({ id }) => id === job.id)
        // What weather asked for is over once it is done; all else stands as done.
        if (now) expect(now.state === 'done' || job.kind === 'water').toBe(true)
      }
      const skipped = after(demo, edits.skipJob(job.id, TODAY, 'Not now'))
      if (job.kind !== 'water') expect(byId(jobsIn(skipped)).get(job.id)?.state).toBe('skipped')
      const until = addDays(job.dueOn > TODAY ? job.dueOn : TODAY, 3)
      const snoozed = after(demo, edits.snoozeJob(job.id, until, TODAY))
      const put = byId(jobsIn(snoozed)).get(job.id)
      if (put && put.state !== 'done') expect([put.state, put.dueOn]).toEqual(['later', until])
      const change = snoozed.jobChanges!.find(({ jobId }) => jobId === job.id)
      expect(jobsIn(after(snoozed, edits.takeBackJobChange(change!)))).toEqual(jobs)
      for (const rule of rulesOf(job)) {
        const off = jobsIn(after(demo, edits.switchOffJobs(rule)))
        expect(off.some((one) => isOpen(one) && one.id === job.id)).toBe(false)
        expect(off.filter(({ state }) => state === 'done').length).toBe(
          jobs.filter(({ state }) => state === 'done').length,
        )
      }
    },
  )
  test('one record changes only what it bears on: jobs of its own pot', () => {
    const tied = due.find(({ kind }) => kind === 'tie')!
    const others = (all: readonly Job[]) =>
      all.filter(({ containerId }) => containerId !== tied.containerId)
    expect(others(jobsIn(did(demo, tied)))).toEqual(others(jobs))
  })
  test('as it is stored as well: the jobs of other pots are not even worked out anew', () => {
    const course = gardenCourse(demo, NOW)
    const before = new Set(jobsOfCourse(course, course.to))
    const made = did(
      demo,
      due.find(({ kind }) => kind === 'tie')!,
    )
    const stored = stamped(demo, made, changeBetween(demo, made), '2026-07-12T07:00:00.000Z me')
    expect(stored.devices).not.toEqual(demo.devices)
    const after = gardenCourse(stored, NOW)
    const anew = jobsOfCourse(after, after.to).filter((job) => !before.has(job))
    const pots = new Set(anew.map(({ containerId }) => containerId))
    expect([...pots]).toEqual([due.find(({ kind }) => kind === 'tie')!.containerId])
  })
  test('what goes into the hole is at hand: bought, and not used up at another pot', () => {
    const plant: GardenRecord = { id: 'p', at: NOW, kind: 'note', containerId: 'b1', note: '' }
    const holeOf = (records: readonly object[]) => {
      const garden: Garden = {
        ...demo,
        feedPlans: {},
        plantings: demo.plantings.map((one) =>
          one.containerId === 'b1' ? { ...one, plantedOn: addDays(TODAY, 3) } : one,
        ),
        records: [
          ...demo.records.filter(
            ({ kind, containerId }) =>
              kind !== 'count' && kind !== 'buy' && (containerId !== 'b1' || kind === 'fill'),
          ),
          ...(records as readonly GardenRecord[]),
        ],
      }
      const job = jobsIn(garden).find(
        ({ kind, containerId }) => kind === 'plant' && containerId === 'b1',
      )!
      const card = plantingCard(garden, job.plantingIds[0]!, job.dueOn)
      const inHole = job.amounts.flatMap(({ what, of }) => (what === 'g' ? [of] : []))
      expect(inHole).toEqual(card.hole.map(({ product }) => product.id))
      return inHole
    }
    const bought = { ...plant, kind: 'buy', itemId: 'bloodMeal', amount: 100, unit: 'g' }
    const elsewhere = { ...plant, id: 'u', kind: 'feed', containerId: 'k1' }
    const used = { ...elsewhere, productId: 'bloodMeal', massG: 100 }
    expect(holeOf([])).not.toContain('bloodMeal')
    expect(holeOf([bought])).toContain('bloodMeal')
    expect(holeOf([bought, used])).not.toContain('bloodMeal')
  })
  test('a record never disappears: whatever was recorded of a kind stands as done', () => {
    const looks = demo.records.filter(
      (record: GardenRecord) =>
        record.kind === 'prune' && dayOf(record.at) >= FROM && dayOf(record.at) <= TODAY,
    )
    expect(looks.length).toBeGreaterThan(0)
    for (const { at, containerId } of looks)
      expect(
        jobs.some(
          (job) =>
            job.state === 'done' && job.containerId === containerId && job.dueOn === dayOf(at),
        ),
      ).toBe(true)
  })
  test('none is put off into the past', () =>
    expect(() => edits.snoozeJob(jobs[0]!.id, TODAY, TODAY)).toThrow(InputError))
})

describe('left out once is left out once', () => {
  const frostOn = (days: readonly number[]): Garden => ({
    ...demo,
    weather: demo.weather.map((day) =>
      days.some((after) => day.date === addDays(TODAY, after))
        ? { ...day, tempMinC: 0, tempMaxC: 12 }
        : day,
    ),
  })
  const on = (garden: Garden, after: number, kind: JobKind, containerId: string) =>
    jobsBetween(garden, `${addDays(TODAY, after)}T07:30`, addDays(TODAY, after), addDays(TODAY, 30))
      .filter((job) => job.kind === kind && job.containerId === containerId)
      .filter(isOpen)
  test('a cover that was left out for one frost is asked for before the next', () => {
    const garden = frostOn([1, 5])
    const [first] = on(garden, 0, 'coverOn', 'b1')
    expect(first!.dueOn).toBe(TODAY)
    const skipped = after(garden, edits.skipJob(first!.id, TODAY))
    expect(on(skipped, 0, 'coverOn', 'b1').map(({ dueOn }) => dueOn)).not.toContain(TODAY)
    expect(on(skipped, 3, 'coverOn', 'b1').map(({ dueOn }) => dueOn)).toEqual([addDays(TODAY, 4)])
  })
  test('a feed that was left out comes again within two weeks', () => {
    const [first] = on(demo, 0, 'feed', 'f2')
    expect(first!.dueOn).toBe(TODAY)
    const skipped = after(demo, edits.skipJob(first!.id, TODAY))
    expect(on(skipped, 1, 'feed', 'f2').some(({ state }) => state === 'due')).toBe(false)
    const later = Array.from({ length: 7 }, (_, day) => on(skipped, 7 + day, 'feed', 'f2'))
    expect(later.flat().some(({ state }) => state === 'due' || state === 'held')).toBe(true)
  })
  test('however many seasons a garden has, its next feed is told', () => {
    const years = Array.from({ length: 900 }, (_, index): GardenRecord => ({
      id: `old-${index}`,
      at: `${addDays('2023-11-01', index)}T08:00`,
      containerId: 'f2',
      kind: 'feed',
      productId: 'tomatoFeed',
    }))
    const old = { ...demo, records: [...years, ...demo.records] }
    expect(on(old, 0, 'feed', 'f2').length).toBeGreaterThan(0)
  })
})

describe('a schedule', () => {
  const times = (changes: readonly JobChange[] = [], today = '2026-06-18') => ({
    today,
    to: '2026-08-31',
    changes: changesOf(changes),
  })
  const weekly = (done: readonly string[] = []) => ({
    kind: 'tie' as const,
    containerId: 'k',
    plantingId: 'p',
    plantingIds: ['p'],
    done,
    next: every(7, { from: '2026-05-01', to: '2026-08-31' }),
    details: () => ({}),
  })
  const date = fc.integer({ min: 0, max: 47 }).map((days) => addDays('2026-05-01', days))
  test('however much was missed, one is due, and the rest follow from it', () => {
    fc.assert(
      fc.property(fc.array(date, { maxLength: 6 }), (dates) => {
        const done = [...new Set(dates)].sort()
        const all = jobsOf(weekly(done), times())
        expect(all.filter(({ state }) => state === 'done').map(({ dueOn }) => dueOn)).toEqual(done)
        expect(all.filter(({ state }) => state === 'due').length).toBeLessThanOrEqual(1)
        const open = all.filter(isOpen).map(({ dueOn }) => dueOn)
        open.slice(1).forEach((on, index) => expect(on).toBe(addDays(open[index]!, 7)))
        expect(new Set(all.map(({ id }) => id)).size).toBe(all.length)
      }),
    )
  })
  test('a job done has the id under which it was due', () => {
    const [next] = jobsOf(weekly(), times())
    const [done] = jobsOf(weekly(['2026-06-18']), times())
    expect([next!.id, next!.state]).toEqual(['tie:k:p:0', 'due'])
    expect([done!.id, done!.state]).toEqual(['tie:k:p:0', 'done'])
  })
  test('left out, it comes again a week after', () => {
    const all = jobsOf(weekly(), times([{ jobId: 'tie:k:p:0', what: 'skip', on: '2026-06-18' }]))
    expect(all.slice(0, 2).map(({ state, dueOn }) => [state, dueOn])).toEqual([
      ['skipped', '2026-06-18'],
      ['later', '2026-06-25'],
    ])
  })
  test('put off into the past is due today', () =>
    expect(
      jobsOf(weekly(), times([{ jobId: 'tie:k:p:0', what: 'snooze', until: '2026-06-01' }]))[0]!
        .dueOn,
    ).toBe('2026-06-18'))
  test('once is once, and what lapses is not asked for late', () => {
    const lapsed = {
      ...weekly(),
      lapses: true,
      next: once({ from: '2026-05-01', to: '2026-05-10' }),
    }
    expect(jobsOf(lapsed, times())).toEqual([])
    expect(jobsOf({ ...lapsed, lapses: false }, times())).toHaveLength(1)
  })
})

describe('jobs of one’s own', () => {
  const own = (job: Partial<NonNullable<Garden['ownJobs']>[number]>): readonly Job[] =>
    jobsBetween(
      { ...demo, ownJobs: [{ id: 'o', text: 'Check the tank', ...job }] },
      NOW,
      TODAY,
      addDays(TODAY, 20),
    ).filter(({ kind }) => kind === 'own')
  test('every so many days, with its own words, up to its end', () => {
    const days = own({ every: 5, from: TODAY, until: addDays(TODAY, 12) })
    expect(days.map(({ dueOn }) => dueOn)).toEqual([0, 5, 10].map((after) => addDays(TODAY, after)))
    expect(days[0]!.own!.text).toBe('Check the tank')
  })
  test('on a day, or when the weather is so', () => {
    expect(own({ on: addDays(TODAY, 3) }).map(({ dueOn }) => dueOn)).toEqual([addDays(TODAY, 3)])
    const hottest = Math.max(
      ...demo.weather.filter(({ date }) => date >= TODAY).map(({ tempMaxC }) => tempMaxC),
    )
    expect(own({ when: { what: 'tempMaxC', is: 'above', value: hottest + 1 } })).toEqual([])
    expect(own({ when: { what: 'tempMaxC', is: 'above', value: hottest - 0.1 } })).toHaveLength(1)
  })
  test('that begin when they have ended never come', () =>
    expect(own({ every: 1, from: addDays(TODAY, 5), until: addDays(TODAY, 2) })).toEqual([]))
})
