import { InputError, isFields, own } from '../units'
import type { Garden } from './garden'

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

type Fields = Readonly<Record<string, unknown>>

/** The same text for the same value, whatever the order of its fields. */
function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join()}]`
  if (!isFields(value)) return JSON.stringify(value) ?? 'null'
  const told = Object.keys(value)
    .filter((key) => own(value, key) !== undefined)
    .sort()
    .map((key) => `${JSON.stringify(key)}:${canonical(own(value, key))}`)
  return `{${told.join()}}`
}

/** When a thing was changed last: a moment with its milliseconds, and the device; nothing sorts first. */
const stampOf = (thing: unknown): string => {
  const stamp = isFields(thing) ? own(thing, 'changedAt') : undefined
  return typeof stamp === 'string' ? stamp : ''
}

const compared = (one: string, other: string) => (one < other ? -1 : one > other ? 1 : 0)
/** The later of two forms of one thing; of one moment the same for both devices. */
const later = (one: unknown, other: unknown): 'one' | 'other' =>
  (compared(stampOf(one), stampOf(other)) || compared(canonical(one), canonical(other))) >= 0
    ? 'one'
    : 'other'

/** Lists whose things are told apart, and by what. */
const KEYS: Readonly<Record<string, (thing: Fields) => string>> = {
  weather: (day) => String(own(day, 'date')),
  jobChanges: (change) =>
    [own(change, 'what'), own(change, 'jobId') ?? '', own(change, 'rule') ?? ''].join(' '),
  bin: (binned) => {
    const record = own(binned, 'record')
    return String(isFields(record) ? own(record, 'id') : '')
  },
  removed: (removal) => `${String(own(removal, 'list'))} ${String(own(removal, 'id'))}`,
}
const keyIn = (list: string, thing: Fields): string =>
  (own(KEYS, list) ?? ((one: Fields) => String(own(one, 'id'))))(thing)

/** When a thing of a list was removed, by list and id. */
type Removals = ReadonlyMap<string, string>

function removalsOf(...gardens: readonly Garden[]): Removals {
  const at = new Map<string, string>()
  for (const { removed = [] } of gardens)
    for (const removal of removed) {
      const key = keyIn('removed', removal)
      if (removal.at > (at.get(key) ?? '')) at.set(key, removal.at)
    }
  return at
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
}

/** One thing that both sides have: the later form of it. */
function taken(path: readonly string[], one: unknown, other: unknown, { conflicts }: Merging) {
  if (one === undefined || other === undefined) return one ?? other
  if (one === other || canonical(one) === canonical(other)) return one
  const wins = later(one, other)
  conflicts.push({ path, one, other, taken: wins })
  return wins === 'one' ? one : other
}

function mergedList(
  list: string,
  one: readonly Fields[],
  other: readonly Fields[],
  merging: Merging,
): readonly Fields[] {
  const isKept = (thing: Fields) =>
    stampOf(thing) > (merging.removals.get(`${list} ${keyIn(list, thing)}`) ?? '') ||
    !merging.removals.has(`${list} ${keyIn(list, thing)}`)
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
      const removedAt = merging.removals.get(`${field} ${key}`)
      return removedAt !== undefined && stampOf(value) <= removedAt ? [] : [[key, value]]
    }),
  )
}
const TABLES: ReadonlySet<string> = new Set(['feedPlans'])

const listIn = (value: unknown) => (value ?? []) as readonly Fields[]
const isListOfThings = (value: unknown): boolean =>
  Array.isArray(value) && value.every((item) => isFields(item))

function mergedField(field: string, one: unknown, other: unknown, merging: Merging): unknown {
  if (field === 'removed') {
    const at = [...merging.removals].map(([key, moment]) => {
      const space = key.indexOf(' ')
      return { list: key.slice(0, space), id: key.slice(space + 1), at: moment }
    })
    return at.sort((a, b) => compared(keyIn('removed', a), keyIn('removed', b)))
  }
  if (TABLES.has(field) && isFields(one) && isFields(other))
    return mergedTable(field, one, other, merging)
  const isList = [one, other].every((value) => value === undefined || isListOfThings(value))
  // Twelve months are one thing.
  return isList && field !== 'normals'
    ? mergedList(field, listIn(one), listIn(other), merging)
    : taken([field], one, other, merging)
}

/** Plants and feeding of a pot that the other side has taken away go with it. */
function withoutDangling(garden: Garden): Garden {
  const pots = new Set(garden.containers.map(({ id }) => id))
  return {
    ...garden,
    plantings: garden.plantings.filter(({ containerId }) => pots.has(containerId)),
  }
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
  const merging: Merging = { removals: removalsOf(one, other), conflicts: [] }
  const [mine, theirs] = [one, other] as unknown as [Fields, Fields]
  const fields = orderOf(Object.keys(mine), Object.keys(theirs))
  const merged = Object.fromEntries(
    fields.map((field) => [
      field,
      mergedField(field, own(mine, field), own(theirs, field), merging),
    ]),
  ) as unknown as Garden
  return { garden: withoutDangling(merged), conflicts: merging.conflicts }
}
