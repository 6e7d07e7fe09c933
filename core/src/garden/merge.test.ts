// Two devices, one garden: whichever is named first, in whatever order, however often; and no record is lost.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demo } from '../../test/demo'
import { gardenSchema } from './gardenSchema'
import type { Garden } from './garden'
import type { GardenRecord } from './kinds'
import { mergeGardens } from './merge'

const base: Garden = {
  ...demo,
  weather: demo.weather.slice(0, 3),
  records: demo.records.slice(0, 4),
}
const merged = (one: Garden, other: Garden) => mergeGardens(one, other).garden

type Thing = { readonly id: string }
type Step =
  | { readonly kind: 'add' | 'change' | 'remove'; readonly which: number }
  | { readonly kind: 'rename' | 'pot'; readonly which: number }

/** A step as a device makes it: what it touches carries its stamp, what it removes is written down. */
function stepped(garden: Garden, step: Step, stamp: string, device: string): Garden {
  const { records, containers } = garden
  const at = records.length ? step.which % records.length : 0
  switch (step.kind) {
    case 'add': {
      const note: GardenRecord = {
        id: `${device}-${stamp}`,
        at: '2026-06-18T08:00',
        kind: 'note',
        note: stamp,
      }
      const record = Object.assign(note, { changedAt: stamp })
      return { ...garden, records: [...records, record] }
    }
    case 'change':
      return {
        ...garden,
        records: records.map((one, index) =>
          index === at ? Object.assign({ ...one }, { note: stamp, changedAt: stamp }) : one,
        ),
      }
    case 'remove': {
      const gone = records[at]
      if (!gone) return garden
      return {
        ...garden,
        records: records.filter((one) => one !== gone),
        removed: [
          ...(garden.removed ?? []).filter(({ id }) => id !== gone.id),
          { list: 'records', id: gone.id, at: stamp },
        ],
      }
    }
    case 'rename':
      return {
        ...garden,
        settings: Object.assign({ ...garden.settings }, { currency: 'USD', changedAt: stamp }),
      }
    case 'pot':
      return {
        ...garden,
        containers: containers.map((one, index) =>
          index === step.which % containers.length
            ? Object.assign({ ...one }, { name: `Pot ${stamp}`, changedAt: stamp })
            : one,
        ),
      }
  }
}

const step: fc.Arbitrary<Step> = fc.record({
  kind: fc.constantFrom('add', 'change', 'remove', 'rename', 'pot'),
  which: fc.nat(20),
})
/** Three devices from one state; the clock of the last is off by a day. */
const devices = fc
  .tuple(...['a', 'b', 'c'].map(() => fc.array(step, { maxLength: 6 })))
  .map((histories) =>
    histories.map((steps, index) => {
      const device = 'abc'[index]!
      return steps.reduce((garden, one, at) => {
        const day = index === 2 ? '19' : '18'
        const stamp = `2026-06-${day}T08:00:00.${String(at * 7 + index).padStart(3, '0')} ${device}`
        return stepped(garden, one, stamp, device)
      }, base)
    }),
  )

/** A list in one order: where orders contradict each other only what is in it counts. */
const told = ({ records, containers, removed = [], settings, ...rest }: Garden) => ({
  ...rest,
  settings,
  containers,
  records: [...records].sort((x: Thing, y: Thing) => (x.id < y.id ? -1 : 1)),
  removed: [...removed].sort((x, y) => (x.id < y.id ? -1 : 1)),
})

describe('merging', () => {
  test('is the same whichever is named first, and in whatever order three are merged', () =>
    fc.assert(
      fc.property(devices, ([a, b, c]) => {
        expect(told(merged(a!, b!))).toEqual(told(merged(b!, a!)))
        expect(told(merged(merged(a!, b!), c!))).toEqual(told(merged(a!, merged(b!, c!))))
      }),
      { numRuns: 150 },
    ))
  test('changes nothing when it is made again, with itself or with either', () =>
    fc.assert(
      fc.property(devices, ([a, b]) => {
        const both = merged(a!, b!)
        expect(told(merged(a!, a!))).toEqual(told(a!))
        expect(told(merged(both, a!))).toEqual(told(both))
        expect(told(merged(both, b!))).toEqual(told(both))
      }),
      { numRuns: 100 },
    ))
  test('loses no record that nobody removed, and is a garden that can be read back', () =>
    fc.assert(
      fc.property(devices, ([a, b, c]) => {
        const whole = merged(merged(a!, b!), c!)
        const ids = new Set(whole.records.map(({ id }) => id))
        const removed = new Set(
          [a, b, c].flatMap((one) => (one!.removed ?? []).map(({ id }) => id)),
        )
        for (const { id } of [a, b, c].flatMap((one) => one!.records))
          if (!removed.has(id)) expect(ids.has(id)).toBe(true)
        expect(gardenSchema.safeParse(whole).error).toBeUndefined()
      }),
      { numRuns: 60 },
    ))
})

describe('two forms of one thing', () => {
  const pot = base.containers[0]!
  const named = (name: string, changedAt: string): Garden => ({
    ...base,
    containers: base.containers.map((one) =>
      one === pot ? Object.assign({ ...one }, { name, changedAt }) : one,
    ),
  })
  test('the later is taken, and both are told', () => {
    const early = named('Early', '2026-06-18T08:00:00.000 a')
    const late = named('Late', '2026-06-18T08:00:00.001 b')
    const { garden, conflicts } = mergeGardens(early, late)
    expect(garden.containers[0]!.name).toBe('Late')
    expect(conflicts).toMatchObject([{ path: ['containers', pot.id], taken: 'other' }])
    expect(mergeGardens(late, early).conflicts).toMatchObject([{ taken: 'one' }])
  })
  test('of one moment the device decides', () => {
    const stamps = ['2026-06-18T08:00:00.000 a', '2026-06-18T08:00:00.000 b'] as const
    const [one, other] = [named('A', stamps[0]), named('B', stamps[1])]
    expect(merged(one, other).containers[0]!.name).toBe('B')
    expect(merged(other, one).containers[0]!.name).toBe('B')
  })
  test('changed after it was removed it stays; removed after it was changed it goes, with its plants', () => {
    const removal = (at: string): Garden => ({
      ...base,
      containers: base.containers.slice(1),
      plantings: base.plantings.filter(({ containerId }) => containerId !== pot.id),
      removed: [{ list: 'containers', id: pot.id, at }],
    })
    const changed = named('Here', '2026-06-18T09:00:00.000 a')
    expect(merged(changed, removal('2026-06-18T08:00:00.000 b')).containers[0]!.name).toBe('Here')
    const gone = merged(changed, removal('2026-06-18T10:00:00.000 b'))
    expect(gone.containers.some(({ id }) => id === pot.id)).toBe(false)
    expect(gone.plantings.some(({ containerId }) => containerId === pot.id)).toBe(false)
    expect(gardenSchema.safeParse(gone).error).toBeUndefined()
  })
  test('two gardens are not one', () =>
    expect(() => mergeGardens(base, { ...base, id: 'another' })).toThrow(
      expect.objectContaining({ code: 'otherGarden' }),
    ))
})
