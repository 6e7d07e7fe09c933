import { describe, expect, test } from '@jest/globals'
import ICAL from 'ical.js'
import { demo } from '../../../test/demo'
import { addDays, dayOf, InputError } from '../../units'
import { gardenToday } from '../course'
import { jobsBetween, recordsOfJob, type Job } from '../jobs'
import { paceOf, plannedDays, planWalk, roundOf, toBuy, toICalendar } from '.'

const NOW = demo.clock!
const TODAY = dayOf(NOW)
const jobs = jobsBetween(demo, NOW, TODAY, addDays(TODAY, 14))
const options = {
  name: 'Port Maren',
  now: NOW,
  textOf: ({ kind, containerId }: Job) => `${kind}, ${containerId}`,
}

describe('the walk', () => {
  const walk = planWalk(demo, NOW)
  test('goes in walking order past every pot at which something is due, and past no other', () => {
    const order = demo.containers.map(({ id }) => id)
    const at = walk.stops.map(({ containerId }) => order.indexOf(containerId))
    expect(at).toEqual([...at].sort((one, other) => one - other))
    const due = jobs.filter(({ state, dueOn }) => state === 'due' && dueOn === TODAY)
    expect(walk.stops.flatMap((stop) => stop.jobs).length + walk.elsewhere.length).toBe(due.length)
  })
  test('carries the water of the round', () => {
    const { carryL } = roundOf(gardenToday(demo, NOW), demo.settings.measures.canL)
    const water = walk.stops.reduce(
      (sum, stop) =>
        sum +
        stop.jobs.reduce(
          (all, { kind, amounts }) => all + (kind === 'water' ? amounts[0]!.value : 0),
          0,
        ),
      0,
    )
    expect(water).toBeCloseTo(carryL, 9)
    expect(walk.waterL).toBeGreaterThanOrEqual(carryL)
  })
  test('what a day takes and is not on the shelf has to be bought: feeds against their count', () => {
    const bare = { ...demo, records: demo.records.filter(({ kind }) => kind !== 'count') }
    const feeds = (garden: typeof demo) =>
      toBuy(garden, jobsBetween(garden, NOW, TODAY, addDays(TODAY, 14))).filter(
        ({ amount }) => amount.what === 'g',
      )
    expect(feeds(bare).length).toBeGreaterThan(feeds(demo).length)
    for (const { leftG, amount } of feeds(bare))
      expect([leftG, amount.value > 0]).toEqual([0, true])
  })
  test('its stops take as long as they took on past walks', () => {
    const slow = ['2031-06-01', '2031-06-02'].flatMap((date) =>
      demo.containers.map(({ id: containerId }, index) => ({
        id: `slow-${date}-${index}`,
        at: `${date}T${String(6 + Math.floor(index / 10)).padStart(2, '0')}:${String((index % 10) * 6).padStart(2, '0')}`,
        containerId,
        kind: 'look' as const,
      })),
    )
    expect(paceOf({ records: slow }).stopMinutes).toBe(6)
    expect(paceOf({ records: [] }).walkCount).toBe(0)
  })
  test('days to come have each job once', () => {
    const planned = plannedDays(jobs, TODAY, 15).flatMap((day) => day.jobs)
    expect(new Set(planned.map(({ id }) => id)).size).toBe(planned.length)
    expect(planned.length).toBeGreaterThan(40)
  })
})

describe('a calendar', () => {
  const hostile =
    'Tie; prune, feed\\water\nthen “look” 🍅 and again and again and again and again, to the end of the line'
  const text = toICalendar(jobs, {
    ...options,
    textOf: (job) => `${hostile} ${job.kind}`,
    alarms: true,
  })
  const events = (of: string) =>
    new ICAL.Component(ICAL.parse(of) as unknown[])
      .getAllSubcomponents('vevent')
      .map((one) => new ICAL.Event(one))
  test('is read by another program, each job an event of its day with its words', () => {
    const read = events(text)
    expect(read.map(({ uid }) => uid)).toEqual(jobs.map(({ id }) => `${id}@rimbo`))
    expect(read[0]!.startDate.toString()).toBe(jobs[0]!.dueOn)
    expect(read[0]!.startDate.isDate).toBe(true)
    expect(read[0]!.summary).toBe(`${hostile} ${jobs[0]!.kind}`)
    expect(read[0]!.component.getAllSubcomponents('valarm')).toHaveLength(1)
  })
  test('is folded at 75 octets with CRLF, and no text stands unescaped (RFC 5545, 3.1 and 3.3.11)', () => {
    const lines = text.split('\r\n')
    expect(text).not.toMatch(/[^\r]\n/)
    for (const line of lines) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75)
    const unfolded = text.replace(/\r\n[ \t]/g, '').split('\r\n')
    const summaries = unfolded.filter((line) => line.startsWith('SUMMARY:'))
    expect(summaries[0]).toContain('Tie\\; prune\\, feed\\\\water\\nthen')
  })
  test('updates the one before: the same UIDs, and a later revision', () => {
    const later = toICalendar(jobs, { ...options, now: `${addDays(TODAY, 1)}T07:00` })
    const [one, other] = [events(toICalendar(jobs, options)), events(later)]
    expect(other.map(({ uid }) => uid)).toEqual(one.map(({ uid }) => uid))
    expect(other[0]!.sequence).toBeGreaterThan(one[0]!.sequence)
    const [done] = jobs.filter(({ kind }) => kind === 'lookOver')
    const garden = {
      ...demo,
      records: [...demo.records, ...recordsOfJob(demo, done!, NOW, () => 'n')],
    }
    const again = jobsBetween(garden, NOW, TODAY, addDays(TODAY, 14)).map(({ id }) => id)
    expect(again).toContain(done!.id)
  })
  test('of nothing is refused', () => expect(() => toICalendar([], options)).toThrow(InputError))
})
