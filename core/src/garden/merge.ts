import { InputError, isFields, own } from '../units'
import { changeBetween, keyIn, type Fields } from './change'
import type { Garden } from './garden'
import { withReferences } from './mergeReferences'
import {
  canonical,
  deviceOf,
  isListOfThings,
  latest,
  stampOf,
  isKeptBeyond,
  TABLES,
  type Removal,
} from './stamps'

/** A difference that both sides brought, and whose was taken. */
export interface MergeConflict {
  /** The list and the thing in it, or the field. */
  readonly path: readonly string[]
  readonly one: unknown
  readonly other: unknown
  readonly taken: 'one' | 'other'
}
export interface Merged {
  readonly garden: Garden
  readonly conflicts: readonly MergeConflict[]
}

const listIn = (value: unknown) => (value ?? []) as readonly Fields[]
const compared = (one: string, other: string) => (one < other ? -1 : one > other ? 1 : 0)

/** One form of a thing, and when it was made so. */
interface Form {
  readonly value: unknown
  readonly at: string
}
/** The later of two forms of one thing; of one moment the same for both devices, and something before nothing. */
const later = (one: Form, other: Form): 'one' | 'other' =>
  (compared(one.at, other.at) ||
    compared(canonical(one.value === undefined), canonical(other.value === undefined)) * -1 ||
    compared(canonical(one.value), canonical(other.value))) >= 0
    ? 'one'
    : 'other'

/** What was removed, by list and id. */
type Removals = ReadonlyMap<string, Removal>

/** Of both sides' removals the later of each, with the last form that anybody had of the thing until then. */
function removalsOf(...gardens: readonly Garden[]): Removals {
  const known = new Map<string, Removal[]>()
  for (const { removed = [] } of gardens)
    for (const removal of removed) {
      const key = keyIn('removed', removal)
      known.set(key, [...(known.get(key) ?? []), removal])
    }
  const byId = (list: string) =>
    gardens.map((side) => {
      const things = listIn(own(side as unknown as Fields, list))
      return new Map(things.map((thing) => [keyIn(list, thing), thing]))
    })
  const lists = new Map<string, ReturnType<typeof byId>>()
  return new Map(
    [...known].map(([key, removals]): [string, Removal] => {
      const { list, id } = removals[0]!
      const at = removals.map((one) => one.at).reduce(latest)
      if (!isKeptBeyond(list)) return [key, { list, id, at }]
      const sides = lists.get(list) ?? byId(list)
      lists.set(list, sides)
      const all = [...removals.map(({ was }) => was), ...sides.map((side) => side.get(id))]
      const forms = all.flatMap((value): Form[] =>
        value === undefined ? [] : [{ value, at: stampOf(value) }],
      )
      // Somebody came back to it: it stands in its list again.
      if (forms.some((form) => form.at > at)) return [key, { list, id, at }]
      const last = forms.reduce<Form | undefined>(
        (best, form) => (best && later(best, form) === 'one' ? best : form),
        undefined,
      )
      return [key, { list, id, at, ...(last && { was: last.value as Fields }) }]
    }),
  )
}

/**
 * Two orders of things as one: what both have keeps its place, what only one has stands
 * where it stood, of several there the smallest key first. Where the orders contradict
 * each other all are sorted by their keys.
 */
function orderOf(one: readonly string[], other: readonly string[]): readonly string[] {
  const [inOne, inOther] = [new Set(one), new Set(other)]
  const order: string[] = []
  let [i, j] = [0, 0]
  while (i < one.length || j < other.length) {
    const [a, b] = [one[i], other[j]]
    const isOwnA = a !== undefined && !inOther.has(a)
    const isOwnB = b !== undefined && !inOne.has(b)
    if (isOwnA && (!isOwnB || a < b)) {
      order.push(a)
      i += 1
    } else if (isOwnB) {
      order.push(b)
      j += 1
    } else if (a !== undefined && a === b) {
      order.push(a)
      i += 1
      j += 1
    } else return [...new Set([...one, ...other])].sort()
  }
  return order
}

interface Merging {
  readonly removals: Removals
  readonly conflicts: MergeConflict[]
  /** What each side has seen of every device. */
  readonly seen: readonly [Stamps, Stamps]
  readonly changed: readonly [Stamps, Stamps]
}
type Stamps = Readonly<Record<string, string>>

/** Whether a change was made without knowing of the other side, or nobody can tell. */
const isNewTo = (seen: Stamps, at: string) => at > (own(seen, deviceOf(at)) ?? '')

/** The later of two forms; told where both sides had gone on without each other. */
function takenOf(path: readonly string[], one: Form, other: Form, merging: Merging): unknown {
  const { conflicts, seen } = merging
  if (one.value === other.value || canonical(one.value) === canonical(other.value)) return one.value
  const wins = later(one, other)
  const isOfOneSide = (one.at === '') !== (other.at === '')
  if (!isOfOneSide && isNewTo(seen[1], one.at) === isNewTo(seen[0], other.at))
    conflicts.push({ path, one: one.value, other: other.value, taken: wins })
  return wins === 'one' ? one.value : other.value
}

/** One thing of a list: the form that only one side has, or the later of both. */
const taken = (path: readonly string[], one: unknown, other: unknown, merging: Merging): unknown =>
  one === undefined || other === undefined
    ? (one ?? other)
    : takenOf(path, { value: one, at: stampOf(one) }, { value: other, at: stampOf(other) }, merging)

/** A field that is one thing: its stamp stands beside it, or in it. */
function takenField(field: string, one: unknown, other: unknown, merging: Merging): unknown {
  const formOf = (value: unknown, side: 0 | 1): Form => ({
    value,
    at: latest(own(merging.changed[side], field) ?? '', stampOf(value)),
  })
  return takenOf([field], formOf(one, 0), formOf(other, 1), merging)
}

function mergedList(
  list: string,
  one: readonly Fields[],
  other: readonly Fields[],
  merging: Merging,
): readonly Fields[] {
  const isKept = (thing: Fields) => {
    const removal = merging.removals.get(`${list} ${keyIn(list, thing)}`)
    return !removal || stampOf(thing) > removal.at
  }
  const byKey = (things: readonly Fields[]) =>
    new Map(things.filter(isKept).map((thing) => [keyIn(list, thing), thing]))
  const [mine, theirs] = [byKey(one), byKey(other)]
  return orderOf([...mine.keys()], [...theirs.keys()]).map(
    (key) => taken([list, key], mine.get(key), theirs.get(key), merging) as Fields,
  )
}

/** What each container is fed by: a table whose things go by their keys. */
function mergedTable(field: string, one: Fields, other: Fields, merging: Merging): Fields {
  const keys = orderOf(Object.keys(one), Object.keys(other))
  return Object.fromEntries(
    keys.flatMap((key) => {
      const value = taken([field, key], own(one, key), own(other, key), merging)
      const removal = merging.removals.get(`${field} ${key}`)
      return removal && stampOf(value) <= removal.at ? [] : [[key, value]]
    }),
  )
}

/** The later of each stamp that either side has. */
const latestStamps = (one: Stamps, other: Stamps): Stamps =>
  Object.fromEntries(
    [...new Set([...Object.keys(one), ...Object.keys(other)])]
      .sort()
      .map((key) => [key, latest(own(one, key) ?? '', own(other, key) ?? '')]),
  )

function mergedField(field: string, one: unknown, other: unknown, merging: Merging): unknown {
  if (field === 'removed') {
    const all = [...merging.removals.values()]
    return all.sort((a, b) => compared(`${a.list} ${a.id}`, `${b.list} ${b.id}`))
  }
  if (TABLES.has(field) && isFields(one) && isFields(other))
    return mergedTable(field, one, other, merging)
  if (field === 'changed' || field === 'devices')
    return latestStamps((one ?? {}) as Stamps, (other ?? {}) as Stamps)
  if (field === 'walkingOrder') return lastOrder(one, other)
  const isList = [one, other].every((value) => value === undefined || isListOfThings(field, value))
  return isList
    ? mergedList(field, listIn(one), listIn(other), merging)
    : takenField(field, one, other, merging)
}

/** The order that was set last; of one moment the same for both devices. */
function lastOrder(one: unknown, other: unknown): unknown {
  const formOf = (value: unknown): Form => {
    const at = isFields(value) ? own(value, 'at') : undefined
    return { value, at: typeof at === 'string' ? at : '' }
  }
  return later(formOf(one), formOf(other)) === 'one' ? one : other
}

/** The containers in the order that was set last; what came after that stands behind it. */
function inWalkingOrder(garden: Garden): Garden {
  const { walkingOrder, containers } = garden
  if (!walkingOrder) return garden
  const places = new Map(walkingOrder.ids.map((id, index) => [id, index]))
  const placeOf = (id: string) => places.get(id) ?? Infinity
  const sorted = [...containers].sort((one, other) => {
    const [a, b] = [placeOf(one.id), placeOf(other.id)]
    return a === b ? compared(one.id, other.id) : a - b
  })
  return { ...garden, containers: sorted }
}

/**
 * Two states of one garden as one, whichever of them is named first: everything that
 * either has, the later form of what both have changed, without what was removed after its
 * last change. Merged again with either nothing more changes.
 *
 * @returns the garden, and each thing of which there were two forms
 * @throws InputError `otherGarden` where they are not states of one garden
 */
export function mergeGardens(one: Garden, other: Garden): Merged {
  if (one.id !== other.id) throw new InputError('otherGarden')
  const merging: Merging = {
    removals: removalsOf(one, other),
    conflicts: [],
    seen: [one.devices ?? {}, other.devices ?? {}],
    changed: [one.changed ?? {}, other.changed ?? {}],
  }
  const [mine, theirs] = [one, other] as unknown as [Fields, Fields]
  const fields = orderOf(Object.keys(mine), Object.keys(theirs))
  const merged = Object.fromEntries(
    fields.flatMap((field) => {
      const value = mergedField(field, own(mine, field), own(theirs, field), merging)
      return value === undefined ? [] : [[field, value]]
    }),
  ) as unknown as Garden
  return {
    garden: inWalkingOrder(withReferences(merged, [one, other], merging.removals)),
    conflicts: merging.conflicts,
  }
}

/** One field of which there were two forms; undefined where one side had none. */
export interface TwoForms {
  readonly field: string
  readonly one: unknown
  readonly other: unknown
}

/** In which fields the two forms of a conflict differ; the whole thing where it has no fields. */
export function differing({ path, one, other }: MergeConflict): readonly TwoForms[] {
  if (!isFields(one) || !isFields(other)) return [{ field: path.at(-1) ?? '', one, other }]
  const told = (field: string) => field !== 'changedAt' && field !== 'earlier'
  return [...new Set([...Object.keys(one), ...Object.keys(other)])]
    .filter(told)
    .map((field): TwoForms => ({ field, one: own(one, field), other: own(other, field) }))
    .filter((forms) => canonical(forms.one) !== canonical(forms.other))
}

/** What merging has done to one list of a garden. */
export interface ListMerged {
  readonly list: string
  readonly added: number
  readonly changed: number
  readonly removed: number
}

/** What is new, other or gone in each list after a merge; lists that stayed as they were are left out. */
export const mergedLists = (before: Garden, after: Garden): readonly ListMerged[] =>
  changeBetween(before, after).flatMap(({ field: list }): ListMerged[] => {
    const [was, is] = [before, after].map((side) => own(side as unknown as Fields, list) ?? [])
    if (list === 'removed' || !isListOfThings(list, was) || !isListOfThings(list, is)) return []
    const [old, young] = [was, is].map(
      (things) => new Map(listIn(things).map((thing) => [keyIn(list, thing), thing])),
    )
    const changed = [...young!].filter(([key, thing]) => {
      const known = old!.get(key)
      return known && known !== thing && canonical(known) !== canonical(thing)
    }).length
    const added = [...young!.keys()].filter((key) => !old!.has(key)).length
    const removed = [...old!.keys()].filter((key) => !young!.has(key)).length
    return added + changed + removed > 0 ? [{ list, added, changed, removed }] : []
  })
