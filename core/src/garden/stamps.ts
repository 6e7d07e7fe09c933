import { isFields, own } from '../units'
import { isListChange, keyIn, type Fields, type GardenChange } from './change'
import type { Garden } from './garden'

/** What merging is told by, and no change of anybody's own. */
const bookkeeping = ['removed', 'changed', 'devices', 'walkingOrder'] as const
const BOOKKEEPING: ReadonlySet<string> = new Set(bookkeeping)

/** A garden as its pots see it: what changes with every edit and bears on none of them is left out. */
export type UnmarkedGarden = Omit<Garden, (typeof bookkeeping)[number] | 'bin'>
export const withoutMarks = (garden: Garden): UnmarkedGarden =>
  Object.fromEntries(
    Object.entries(garden).filter(([field]) => !BOOKKEEPING.has(field) && field !== 'bin'),
  ) as unknown as UnmarkedGarden

/** Tables whose things go by their keys. */
export const TABLES: ReadonlySet<string> = new Set(['feedPlans'])
/** Twelve months are one thing. */
const WHOLE_LISTS: ReadonlySet<string> = new Set(['normals'])

/** Whether a field of a garden is a list of things of which each may change by itself. */
export const isListOfThings = (field: string, value: unknown): boolean =>
  !WHOLE_LISTS.has(field) && Array.isArray(value) && value.every((item) => isFields(item))

/** The same text for the same value, whatever the order of its fields. */
export function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join()}]`
  if (!isFields(value)) return JSON.stringify(value) ?? 'null'
  const told = Object.keys(value)
    .filter((key) => own(value, key) !== undefined)
    .sort()
    .map((key) => `${JSON.stringify(key)}:${canonical(own(value, key))}`)
  return `{${told.join()}}`
}

/**
 * When a thing was changed last: a moment in UTC with its milliseconds, and the device, as
 * in `2026-06-18T08:00:00.000Z k3v9`. What was never changed has none, and sorts first.
 */
export const stampOf = (thing: unknown): string => {
  const stamp = isFields(thing) ? own(thing, 'changedAt') : undefined
  return typeof stamp === 'string' ? stamp : ''
}
export const latest = (one: string, other: string): string => (one < other ? other : one)

const DEVICE_FROM = '2026-06-18T08:00:00.000Z '.length
export const deviceOf = (stamp: string): string => stamp.slice(DEVICE_FROM)

/**
 * A stamp of now that is later than all that is known of a thing: the clock of another
 * device may be ahead of this one's.
 */
function after(now: string, ...known: readonly string[]): string {
  const last = known.reduce(latest, '')
  if (last < now) return now
  const moment = Date.parse(last.slice(0, DEVICE_FROM - 1))
  // What is no moment is none of ours; sorted behind it is enough.
  if (!Number.isFinite(moment)) return `${last}+`
  return `${new Date(moment + 1).toISOString()} ${deviceOf(now)}`
}

const unstamped = (thing: unknown): string =>
  canonical(isFields(thing) ? { ...thing, changedAt: undefined } : thing)

/** A thing as it is now, with its stamp: the one it had where nothing else of it has changed. */
function stampedThing(was: unknown, is: Fields, now: string, removedAt = ''): Fields {
  const known = stampOf(was)
  if (was !== undefined && unstamped(was) === unstamped(is))
    return known ? { ...is, changedAt: known } : is
  return { ...is, changedAt: after(now, known, stampOf(is), removedAt) }
}

/** Lists whose things others name by their id. */
const NAMED_LISTS: ReadonlySet<string> = new Set([
  'spaces',
  'containers',
  'varieties',
  'recipes',
  'ingredients',
  'products',
])
/** Whether the last form of a removed thing is kept: another device may still need it. */
export const isKeptBeyond = (list: string): boolean => NAMED_LISTS.has(list)

/** What was taken out of a list, and when. */
export interface Removal {
  readonly list: string
  readonly id: string
  readonly at: string
  /** How it was then, where others may name it. */
  readonly was?: Fields | undefined
}
/** So many removals are kept: more are years of gardening. */
const MOST_REMOVED = 100_000

/** The things of a list or table before and after, by their keys. */
interface Exchange {
  readonly field: string
  readonly was: ReadonlyMap<string, Fields>
  readonly is: ReadonlyMap<string, Fields>
}
const listIn = (value: unknown) => (value ?? []) as readonly Fields[]
const byKey = (field: string, things: readonly unknown[]) =>
  new Map(things.map((thing) => [keyIn(field, thing as Fields), thing as Fields]))
const byName = (table: unknown) =>
  new Map(isFields(table) ? (Object.entries(table) as [string, Fields][]) : [])

function exchangeOf(one: GardenChange[number]): Exchange | undefined {
  const { field } = one
  if (isListChange(one))
    return isListOfThings(field, one.added) && isListOfThings(field, one.removed)
      ? { field, was: byKey(field, one.removed), is: byKey(field, one.added) }
      : undefined
  const { before, after: now } = one
  if (TABLES.has(field)) return { field, was: byName(before), is: byName(now) }
  const isList = [before, now].every((value) => value === undefined || isListOfThings(field, value))
  return isList && (before ?? now) !== undefined
    ? { field, was: byKey(field, listIn(before)), is: byKey(field, listIn(now)) }
    : undefined
}

/**
 * A garden after a change, with the marks by which it can be merged with the same garden on
 * another device: each changed thing has its `changedAt`, what was taken out stands in
 * `removed`, other fields have their stamp in `changed`, and `devices` says who did it.
 *
 * @param change what lies between the two
 * @param now    moment with milliseconds and the device, see `stampOf`
 */
export function stamped(before: Garden, made: Garden, change: GardenChange, now: string): Garden {
  const marks = change.filter(({ field }) => !BOOKKEEPING.has(field))
  if (!marks.length) return made
  const next: Record<string, unknown> = { ...made }
  const removed = new Map(
    (before.removed ?? []).map((removal): [string, Removal] => [
      keyIn('removed', removal),
      removal,
    ]),
  )
  const changed = new Map(Object.entries(before.changed ?? {}))
  let last = now
  for (const one of marks) {
    const { field } = one
    const exchange = exchangeOf(one)
    if (!exchange) {
      const at = after(now, own(before.changed ?? {}, field) ?? '')
      changed.set(field, at)
      last = latest(last, at)
      continue
    }
    const { was, is } = exchange
    const things = new Map<string, Fields>()
    for (const [key, thing] of is) {
      const known = was.get(key)
      const removal = removed.get(`${field} ${key}`)
      const stampedNow = known === thing ? thing : stampedThing(known, thing, now, removal?.at)
      // It stands in its list again.
      if (removal?.was) removed.set(`${field} ${key}`, { list: field, id: key, at: removal.at })
      things.set(key, stampedNow)
      if (stampedNow !== thing) last = latest(last, stampOf(stampedNow))
    }
    for (const [key, thing] of was) {
      if (is.has(key)) continue
      const at = after(now, stampOf(thing))
      removed.set(`${field} ${key}`, {
        ...{ list: field, id: key, at },
        ...(isKeptBeyond(field) && { was: thing }),
      })
      last = latest(last, at)
    }
    next[field] = withThings(own(next, field), field, things)
  }
  next['changed'] = Object.fromEntries(changed)
  if (!changed.size) delete next['changed']
  if (removed.size) next['removed'] = [...removed.values()].slice(-MOST_REMOVED)
  const device = deviceOf(now)
  next['devices'] = {
    ...before.devices,
    [device]: latest(own(before.devices ?? {}, device) ?? '', last),
  }
  const order = orderAfter(before, made, now)
  if (order) next['walkingOrder'] = order
  return next as unknown as Garden
}

/** A list or a table with some of its things in their new form. */
function withThings(value: unknown, field: string, things: ReadonlyMap<string, Fields>): unknown {
  if (Array.isArray(value))
    return (value as readonly Fields[]).map((thing) => things.get(keyIn(field, thing)) ?? thing)
  return isFields(value)
    ? Object.fromEntries(Object.entries(value).map(([key, one]) => [key, things.get(key) ?? one]))
    : value
}

/** The order in which the pots are walked, where a change has touched it. */
function orderAfter(before: Garden, made: Garden, now: string): Garden['walkingOrder'] {
  if (before.containers === made.containers) return undefined
  const ids = made.containers.map(({ id }) => id)
  const isSame =
    ids.length === before.containers.length &&
    ids.every((id, index) => before.containers[index]!.id === id)
  return isSame ? undefined : { ids, at: after(now, before.walkingOrder?.at ?? '') }
}
