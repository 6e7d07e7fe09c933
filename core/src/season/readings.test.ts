// A reading is believed: what a scale or a probe found is where a pot goes on from, whatever was thought before.
import { describe, expect, test } from '@jest/globals'
import { demo } from '../../test/demo'
import { gardenCourse, gardenOn, plantKgOn } from '.'
import { type Garden, type GardenRecord } from '../garden'

const NOW = '2026-06-18T07:55'
const TESTS: readonly string[] = ['finger', 'weigh', 'probe', 'drained']

type Read = GardenRecord extends infer R ? (R extends GardenRecord ? Omit<R, 'id'> : never) : never

/** The demo without what was ever read of a pot, and with some records more. */
function having(id: string, ...more: readonly Read[]): Garden {
  const records = demo.records.filter(
    ({ containerId, kind }) => containerId !== id || !TESTS.includes(kind),
  )
  const added = more.map((one, index) => ({ ...one, id: `more-${index}` }))
  return {
    ...demo,
    containers: demo.containers.filter((one) => one.id === id),
    plantings: demo.plantings.filter(({ containerId }) => containerId === id),
    records: [...records, ...added],
  }
}
/** The pot as it is now, what it is given, and what its readings told. */
function shownOf(garden: Garden, id = garden.containers[0]!.id) {
  const course = gardenCourse(garden, NOW)
  const isIt = ({ container }: { readonly container: { readonly id: string } }) =>
    container.id === id
  const shown = gardenOn(course, course.today).pots.find(isIt)!
  return { ...shown, ofWater: course.pots.find(isIt)!.ofWater }
}

const today = (id: string, ...more: readonly Read[]) => shownOf(having(id, ...more))

/** What a pot weighs with so much missing, by its own masses. */
function massKg(id: string, missingL: number): number {
  const [pot] = gardenCourse(having(id), NOW).pots
  const day = Math.floor(pot!.ofWater.nowHour / 24)
  return pot!.mass.wateredKg + plantKgOn(pot!.plants, day) - missingL
}
const weighed = (id: string, missingL: number, at = '2026-06-18T07:10'): Read => ({
  at,
  kind: 'weigh',
  containerId: id,
  massKg: massKg(id, missingL),
})

describe('the drier a pot is read', () => {
  test.each(['f1', 'k1', 'k3'])('%s on a scale, the more it is given, and about as much', (id) => {
    const holdsL = today(id).water.availableL
    const readings = [0, 0.15, 0.3, 0.45, 0.6, 0.75, 0.9].map((share) => share * holdsL)
    const pots = readings.map((missingL) => today(id, weighed(id, missingL)))
    pots.slice(1).forEach((pot, index) => {
      expect(pot.depletionL).toBeGreaterThan(pots[index]!.depletionL)
      expect(pot.nowL).toBeGreaterThanOrEqual(pots[index]!.nowL - 0.05)
    })
    pots.forEach((pot, index) =>
      expect(Math.abs(pot.depletionL - readings[index]!)).toBeLessThan(0.12 * holdsL),
    )
  })
  test('by a probe, the more it is given', () => {
    const read = (moistureShare: number) =>
      today(
        'f1',
        ...[10, 30, 50].map((minute): Read => ({
          at: `2026-06-18T07:${minute}`,
          kind: 'probe',
          containerId: 'f1',
          moistureShare,
          depthMm: 100,
        })),
      )
    const pots = [0.5, 0.4, 0.3, 0.25, 0.2, 0.17].map(read)
    pots.slice(1).forEach((pot, index) => {
      expect(pot.depletionL).toBeGreaterThanOrEqual(pots[index]!.depletionL - 0.1)
      expect(pot.nowL).toBeGreaterThanOrEqual(pots[index]!.nowL - 0.1)
    })
    expect(pots.at(-1)!.nowL).toBeGreaterThan(5)
  })
  test('three fingers that say the same are believed, against three days on which nothing was given', () => {
    const skipped = ['15', '16', '17'].map((day): Read => ({
      at: `2026-06-${day}T07:30`,
      kind: 'skipWater',
      containerId: 'f1',
      reason: 'noTime',
    }))
    const unwatered = (...more: readonly Read[]) => {
      const garden = having('f1', ...skipped, ...more)
      const isDropped = ({ kind, at }: GardenRecord) =>
        (kind === 'water' || kind === 'feed') && at > '2026-06-15'
      return shownOf({ ...garden, records: garden.records.filter((one) => !isDropped(one)) })
    }
    expect(unwatered().nowL).toBeGreaterThan(5)
    const felt = (feel: 'wet' | 'dry') =>
      unwatered(
        ...[5, 10, 15].map((minute): Read => ({
          at: `2026-06-18T07:${String(minute).padStart(2, '0')}`,
          kind: 'finger',
          containerId: 'f1',
          knuckle: 'second',
          feel,
        })),
      )
    expect(felt('wet').nowL).toBe(0)
    expect(felt('wet').depletionL).toBeLessThan(0.6 * unwatered().depletionL)
    expect(felt('wet').ofWater.learned!.thirst.mean).toBeGreaterThan(0.7)
    expect(felt('dry').nowL).toBeGreaterThan(5)
  })
  test('what nothing written down explains is told as such, and its thirst is left alone', () => {
    const { depletionL: expectedL } = today('f1')
    const dry = today('f1', weighed('f1', expectedL + 6))
    const [surprise] = dry.ofWater.learned!.surprises
    expect(surprise!.foundL).toBeGreaterThan(surprise!.expectedL + 3)
    expect(dry.ofWater.learned!.thirst.mean).toBeLessThan(1.2)
    expect(dry.nowL).toBeGreaterThan(5)
    expect(today('f1', weighed('f1', expectedL)).ofWater.learned!.surprises).toEqual([])
  })
})

test('a reservoir that is read empty is an empty reservoir, and not dry mix', () => {
  const { reservoirL } = today('r1').volumes
  const read = today('r1', weighed('r1', reservoirL))
  expect(read.depletionL).toBeCloseTo(reservoirL, -0.5)
  expect(read.ofWater.options.corrections!.at(-1)!.missingShare).toBeLessThan(0.08)
  const drier = today('r1', weighed('r1', reservoirL + 4))
  expect(drier.ofWater.options.corrections!.at(-1)!.missingShare).toBeGreaterThan(0.1)
})

test('within an hour what came first counts first: weighed after the can it is of the watered pot', () => {
  const can = (at: string): Read => ({ at, kind: 'water', containerId: 'f1', volumeL: 3 })
  const before = today('f1', weighed('f1', 4, '2026-06-18T07:10'), can('2026-06-18T07:50'))
  const after = today('f1', can('2026-06-18T07:10'), weighed('f1', 1.1, '2026-06-18T07:50'))
  // Four litres missing, three poured on: about one is left missing either way.
  expect(before.depletionL).toBeCloseTo(1.1, 0)
  expect(after.depletionL).toBeCloseTo(1.1, 0)
  const [one, other] = [before, after].map(({ ofWater }) => ofWater.learned!.thirst.mean)
  expect(Math.abs(one! - other!)).toBeLessThan(0.15)
})

test('how much may be missing is less for a pot that is known to drink more', () => {
  const drinking = shownOf(demo, 'k2')
  const { thirst, capacity } = drinking.ofWater.learned!
  expect(thirst.mean).toBeGreaterThan(1.1)
  expect(drinking.safeL / capacity.mean).toBeLessThan(today('k2').safeL)
})

test('given until it dripped it was full, however many litres were written down', () => {
  const dripped = (volumeL: number, at = '2026-06-18T07:10') =>
    today('f1', { at, kind: 'water', how: 'untilDrip', containerId: 'f1', volumeL })
  for (const volumeL of [0.1, 2, 30]) {
    expect(dripped(volumeL).depletionL).toBe(0)
    expect(dripped(volumeL).nowL).toBe(0)
    const yesterday = dripped(volumeL, '2026-06-17T18:10')
    expect(yesterday.depletionL).toBeLessThan(0.6)
    expect(yesterday.depletionL).toBeCloseTo(dripped(1, '2026-06-17T18:10').depletionL, 6)
  }
})
