import { isFields, own } from '../units'
import type { Garden } from './garden'

/** A stretch of a list that was removed, and what took its place. */
interface ListChange {
  readonly field: string
  readonly at: number
  readonly removed: readonly unknown[]
  readonly added: readonly unknown[]
}
/** Anything else that was set, taken away or put in. */
interface ValueChange {
  readonly field: string
  readonly before?: unknown
  readonly after?: unknown
}
type FieldChange = ListChange | ValueChange

/** The difference between two states of a garden: enough to go from one to the other, and back. */
export type GardenChange = readonly FieldChange[]

/** Anything with fields: a thing of a list, or a garden itself. */
export type Fields = Readonly<Record<string, unknown>>

/** Whether a change is of a stretch of a list, and not of a value. */
export const isListChange = (change: FieldChange): change is ListChange => 'removed' in change

/** Lists whose things have no id, and by what they are told apart. */
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
const idIn = (thing: Fields): string => {
  const id = own(thing, 'id')
  return typeof id === 'string' ? id : JSON.stringify(thing)
}
/** By what a thing is told from the others of its list, whatever else it says. */
export const keyIn = (list: string, thing: Fields): string => (own(KEYS, list) ?? idIn)(thing)

/** What an item is told by: its key, or all that it says where it has no fields. */
const keyOf = (field: string, item: unknown): unknown =>
  isFields(item) ? keyIn(field, item) : JSON.stringify(item)

function listChange(field: string, before: readonly unknown[], after: readonly unknown[]) {
  const shorter = Math.min(before.length, after.length)
  let at = 0
  while (at < shorter && before[at] === after[at]) at++
  let tail = 0
  while (tail < shorter - at && before.at(-1 - tail) === after.at(-1 - tail)) tail++
  return {
    field,
    at,
    removed: before.slice(at, before.length - tail),
    added: after.slice(at, after.length - tail),
  }
}

/**
 * What has to be done to come from one state of a garden to another. What both
 * share by reference is not looked into, so the cost of a small change is small.
 */
export function changeBetween(before: Garden, after: Garden): GardenChange {
  const [old, young]: [Fields, Fields] = [before, after]
  return [...new Set([...Object.keys(old), ...Object.keys(young)])].flatMap(
    (field): FieldChange[] => {
      const [was, is] = [own(old, field), own(young, field)]
      if (was === is) return []
      if (Array.isArray(was) && Array.isArray(is)) {
        const change = listChange(field, was, is)
        return change.removed.length || change.added.length ? [change] : []
      }
      return [{ field, before: was, after: is }]
    },
  )
}

/** The list with a stretch replaced: at its old place, or wherever its items are now. */
function exchanged(
  list: readonly unknown[],
  { field, at, removed, added }: ListChange,
): readonly unknown[] {
  const isThere = removed.every(
    (item, index) => keyOf(field, item) === keyOf(field, list[at + index]),
  )
  if (isThere) return list.toSpliced(at, removed.length, ...added)
  const gone = new Set(removed.map((item) => keyOf(field, item)))
  return list.filter((item) => !gone.has(keyOf(field, item))).toSpliced(at, 0, ...added)
}

/** A garden with a change made to it. */
export function withChange(garden: Garden, change: GardenChange): Garden {
  const next: Record<string, unknown> = { ...garden }
  for (const one of change) {
    if (isListChange(one)) next[one.field] = exchanged(own(next, one.field) as unknown[], one)
    else if (one.after === undefined) delete next[one.field]
    else next[one.field] = one.after
  }
  return next as unknown as Garden
}

/** The change that undoes another. */
export const inverseOf = (change: GardenChange): GardenChange =>
  change.map((one) =>
    isListChange(one)
      ? { ...one, removed: one.added, added: one.removed }
      : { field: one.field, before: one.after, after: one.before },
  )

/**
 * An incoming garden with every thing that is just the same in the stored one taken
 * from there, by reference: the change between the two is then only what differs.
 */
export function withShared(before: Garden, incoming: Garden): Garden {
  const [old, young]: [Fields, Fields] = [before, incoming]
  return Object.fromEntries(
    Object.entries(young).map(([field, value]) => {
      const was = own(old, field)
      if (!Array.isArray(value) || !Array.isArray(was)) return [field, value]
      const known = new Map(was.map((item) => [keyOf(field, item), item as unknown]))
      const shared = value.map((item: unknown) => {
        const other = known.get(keyOf(field, item))
        return JSON.stringify(item) === JSON.stringify(other) ? other : item
      })
      return [field, shared]
    }),
  ) as unknown as Garden
}
