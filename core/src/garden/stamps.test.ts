// Three devices on which one garden goes on by the edits of the application, and is merged again.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { produce } from 'immer'
import { demo } from '../../test/demo'
import { changeBetween, inverseOf, withChange } from './change'
import * as edits from './edits'
import type { GardenEdit } from './edits/edit'
import { gardenSchema } from './gardenSchema'
import type { Garden } from './garden'
import { requireReadable } from './gate'
import { differing, mergedLists, mergeGardens } from './merge'
import { stamped } from './stamps'

const base: Garden = {
  ...demo,
  weather: demo.weather.slice(0, 3),
  records: demo.records.slice(0, 6),
}
const stampAt = (ms: number, device: string) =>
  `${new Date(Date.UTC(2026, 5, 18) + ms).toISOString()} ${device}`

/** An edit as the application makes it: refused where it could not be read back. */
function edited(garden: Garden, edit: GardenEdit, now: string): Garden {
  const made = produce(garden, (draft) => edit.apply(draft))
  const change = changeBetween(garden, made)
  try {
    requireReadable(garden, made, change)
  } catch {
    return garden
  }
  return stamped(garden, made, change, now)
}

type Made = (garden: Garden, which: number, now: string) => GardenEdit | undefined
const pick = <T>(list: readonly T[], which: number): T | undefined =>
  list[which % (list.length || 1)]
const some: readonly Made[] = [
  ({ containers }, which) => {
    const pot = pick(containers, which)
    return pot && edits.removeContainer(pot)
  },
  ({ containers }, which, now) => {
    const pot = pick(containers, which)
    return pot && edits.keepContainer({ ...pot, name: `Pot ${now}` }, pot, false)
  },
  ({ containers }, which) => {
    const [one, other] = [pick(containers, which), pick(containers, which + 3)]
    return one && other && edits.moveInWalk(one, other.id)
  },
  ({ containers: [pot] }, which, now) =>
    pot &&
    edits.plantInto(
      {
        id: `p ${now}`,
        containerId: pot.id,
        varietyId: 'blackCherry',
        count: 1 + (which % 3),
        plantedOn: '2026-06-01',
      },
      { code: pot.code, name: 'Any' },
      '2026-06-18T07:30',
      `planted ${now}`,
    ),
  ({ plantings }, which) => {
    const planting = pick(plantings, which)
    return planting && edits.takeOut(planting, 'x')
  },
  (_garden, _which, now) =>
    edits.recordOne({ id: `n ${now}`, at: '2026-06-18T08:00', kind: 'note', note: now }, 'x'),
  ({ records }, which) => {
    const record = pick(records, which)
    return record && edits.removeRecord(record.id, '2026-06-18T08:00')
  },
  ({ bin = [] }, which) => {
    const binned = pick(bin, which)
    return binned && edits.restoreRecord(binned.record.id)
  },
  (_garden, which) =>
    edits.keepRecipe(
      { id: `r${which % 2}`, name: 'Own', parts: [{ ingredientId: 'compost', parts: 1 }] },
      undefined,
    ),
  (_garden, which) => edits.removeRecipe(`r${which % 2}`, 'Own'),
  ({ containers }, which) => {
    const pot = pick(containers, which)
    return pot && edits.setMix([pot.id], `r${which % 2}`, 'Own')
  },
  (_garden, which) => edits.addSpace(`s${which % 3}`, 'Roof'),
  (_garden, which) => edits.removeSpace(`s${which % 3}`),
  ({ containers: [pot] }, which) =>
    pot && (which % 2 ? edits.feedBy(pot, { programmeId: 'toMeasure' }) : edits.stopFeeding(pot)),
]

interface Step {
  readonly what: number
  readonly which: number
  readonly isUndone: boolean
}
const step: fc.Arbitrary<Step> = fc.record({
  what: fc.nat(some.length - 1),
  which: fc.nat(30),
  isUndone: fc.boolean(),
})
/** Steps on a device; some are taken back at once, as the application takes them back. */
const lived = (steps: readonly Step[], device: string, aheadMs: number): Garden =>
  steps.reduce((garden, { what, which, isUndone }, index) => {
    const now = (more: number) => stampAt(aheadMs + index * 1000 + more, device)
    const edit = some[what]!(garden, which, now(0))
    if (!edit) return garden
    const next = edited(garden, edit, now(0))
    if (!isUndone || next === garden) return next
    const made = changeBetween(
      garden,
      produce(garden, (draft) => edit.apply(draft)),
    )
    const back = withChange(next, inverseOf(made))
    return stamped(next, back, changeBetween(next, back), now(500))
  }, base)

const DAY_MS = 86_400_000
const devices = fc
  .tuple(...[0, 1, 2].map(() => fc.array(step, { maxLength: 8 })))
  .map((all) =>
    all.map((steps, index) => lived(steps, 'abc'[index]!, index === 2 ? DAY_MS : index)),
  )

const merged = (one: Garden, other: Garden) => mergeGardens(one, other).garden
const sorted = <T>(list: readonly T[] | undefined, keyOf: (one: T) => string) =>
  [...(list ?? [])].sort((x, y) => (keyOf(x) < keyOf(y) ? -1 : 1))
/** Where orders contradict each other, only what is in a list counts; the walk keeps its order. */
const told = (garden: Garden) => ({
  ...garden,
  records: sorted(garden.records, ({ id }) => id),
  recipes: sorted(garden.recipes, ({ id }) => id),
  spaces: sorted(garden.spaces, ({ id }) => id),
  plantings: sorted(garden.plantings, ({ id }) => id),
  bin: sorted(garden.bin, ({ record }) => record.id),
  removed: sorted(garden.removed, ({ list, id }) => `${list} ${id}`),
})

describe('a garden that goes on on three devices by edits and undos', () => {
  test('comes together the same whichever is named first, made again it changes nothing', () =>
    fc.assert(
      fc.property(devices, ([a, b]) => {
        const both = merged(a!, b!)
        expect(told(both)).toEqual(told(merged(b!, a!)))
        expect(told(merged(both, a!))).toEqual(told(both))
        expect(told(merged(both, b!))).toEqual(told(both))
        expect(told(merged(a!, a!))).toEqual(told(a!))
      }),
      { numRuns: 150 },
    ))
  test('and in whatever order three of them are', () =>
    fc.assert(
      fc.property(devices, ([a, b, c]) => {
        expect(told(merged(merged(a!, b!), c!))).toEqual(told(merged(a!, merged(b!, c!))))
      }),
      { numRuns: 200 },
    ))
  test('can be read back, and has every record that nobody removed', () =>
    fc.assert(
      fc.property(devices, ([a, b, c]) => {
        const all = [a!, b!, c!]
        const whole = merged(merged(all[0]!, all[1]!), all[2]!)
        expect(gardenSchema.safeParse(whole).error).toBeUndefined()
        const removed = new Set(
          all.flatMap((one) =>
            (one.removed ?? []).flatMap(({ list, id }) => (list === 'records' ? [id] : [])),
          ),
        )
        const ids = new Set(whole.records.map(({ id }) => id))
        for (const { id } of all.flatMap(({ records }) => records))
          expect(ids.has(id) || removed.has(id)).toBe(true)
      }),
      { numRuns: 100 },
    ))
})

describe('the marks of a change', () => {
  const A = stampAt(0, 'a')
  const pot = base.containers[0]!
  const renamed = edited(base, edits.keepContainer({ ...pot, name: 'New' }, pot, false), A)
  test('what was changed has its stamp, all else none', () => {
    expect(renamed.containers[0]).toMatchObject({ name: 'New', changedAt: A })
    expect(renamed.containers.slice(1)).toEqual(base.containers.slice(1))
    expect(renamed.devices).toEqual({ a: A })
  })
  test('a clock that is behind does not make a later change the earlier', () => {
    const late = stampAt(-DAY_MS, 'b')
    const named = renamed.containers[0]!
    const again = edited(
      renamed,
      edits.keepContainer({ ...named, name: 'Newer' }, named, false),
      late,
    )
    expect(merged(renamed, again).containers[0]!.name).toBe('Newer')
    expect(mergeGardens(renamed, again).conflicts).toEqual([])
  })
  test('what one side did knowing of the other is no conflict; what both did alone is one', () => {
    const other = edited(
      base,
      edits.keepContainer({ ...pot, name: 'Else' }, pot, false),
      stampAt(5, 'b'),
    )
    expect(mergeGardens(renamed, other).conflicts).toMatchObject([
      { path: ['containers', pot.id], taken: 'other' },
    ])
    expect(mergeGardens(renamed, base).conflicts).toEqual([])
  })
  test('a name that was changed on one device is not lost to the other’s old one', () => {
    for (const name of ['Aa', 'zz']) {
      const made = { ...base, name }
      const one = stamped(base, made, changeBetween(base, made), A)
      expect([merged(one, base).name, merged(base, one).name]).toEqual([name, name])
    }
  })
  test('what both did is told by its fields, what came in by its list', () => {
    const other = edited(
      base,
      edits.keepContainer({ ...pot, name: 'Else' }, pot, false),
      stampAt(5, 'b'),
    )
    const noted = edited(
      other,
      edits.recordOne({ id: 'n', at: '2026-06-18T08:00', kind: 'note', note: 'x' }, 'x'),
      stampAt(9, 'b'),
    )
    const { garden, conflicts } = mergeGardens(renamed, noted)
    expect(conflicts.map(differing)).toEqual([[{ field: 'name', one: 'New', other: 'Else' }]])
    expect(mergedLists(renamed, garden)).toEqual([
      { list: 'containers', added: 0, changed: 1, removed: 0 },
      { list: 'records', added: 1, changed: 0, removed: 0 },
    ])
  })
  test('the walk is in the order that was set last', () => {
    const [first, , third] = base.containers
    const one = edited(base, edits.moveInWalk(first!, third!.id), A)
    const added = edited(
      base,
      edits.recordOne({ id: 'n', at: '2026-06-18T08:00', kind: 'note', note: 'x' }, 'x'),
      stampAt(9, 'b'),
    )
    const ids = ({ containers }: Garden) => containers.map(({ id }) => id)
    expect(ids(merged(added, one))).toEqual(ids(one))
    expect(ids(one)).not.toEqual(ids(base))
  })
})
