import { dayOf, remembered } from '../../units'
import type { GardenRecord, RecordOf } from '../kinds'
import { recordKinds } from '../kinds/order'

const rankOf = Object.fromEntries(recordKinds.map((kind, rank) => [kind, rank])) as Readonly<
  Record<GardenRecord['kind'], number>
>

const compared = (one: string | number, other: string | number) =>
  one < other ? -1 : one > other ? 1 : 0

/**
 * Records by time. Of those of one minute the kinds go in their order (a pot is
 * filled before it is topped up), then their ids: the order in a file means nothing.
 */
export const inOrder = <R extends GardenRecord>(records: readonly R[]): R[] =>
  [...records].sort(
    (one, other) =>
      compared(one.at, other.at) ||
      compared(rankOf[one.kind], rankOf[other.kind]) ||
      compared(one.id, other.id),
  )

/** Whether a record was made by the end of a day, or by a moment. */
export const isBy = (record: Pick<GardenRecord, 'at'>, at: string): boolean =>
  (at === dayOf(at) ? dayOf(record.at) : record.at) <= at

/** Kinds that change how a container stands. */
const CHANGES: ReadonlySet<string> = new Set([
  'fill',
  'topUp',
  'recharge',
  'unroll',
  'mulch',
  'move',
  'shade',
  'cover',
  'support',
] satisfies GardenRecord['kind'][])

/** Whether a record changes how its container stands from then on. */
export const isChange = ({ kind }: GardenRecord): boolean => CHANGES.has(kind)

export type Removal = RecordOf<'remove'>

/** What the records of a garden say of its past; gone through once. */
export interface History {
  /** What changed each container, by its id. */
  readonly changes: ReadonlyMap<string, readonly GardenRecord[]>
  /** Day of the first record of each container. */
  readonly firstOn: ReadonlyMap<string, string>
  /** How plants came out again, by planting, in order. */
  readonly removals: ReadonlyMap<string, readonly Removal[]>
  /** How plants went in, and what was taken off them, by container. */
  readonly planted: ReadonlyMap<string, readonly RecordOf<'plant'>[]>
  readonly pruned: ReadonlyMap<string, readonly RecordOf<'prune'>[]>
}

function put<T>(map: Map<string, T[]>, id: string, one: T): void {
  const before = map.get(id)
  if (before) before.push(one)
  else map.set(id, [one])
}

/** The records of a garden by what they change. */
export const historyOf = remembered((records: readonly GardenRecord[]): History => {
  const changes = new Map<string, GardenRecord[]>()
  const firstOn = new Map<string, string>()
  const removals = new Map<string, Removal[]>()
  const planted = new Map<string, RecordOf<'plant'>[]>()
  const pruned = new Map<string, RecordOf<'prune'>[]>()
  for (const record of records) {
    const { containerId, at } = record
    if (record.kind === 'remove') put(removals, record.plantingId, record)
    if (containerId === undefined) continue
    const first = firstOn.get(containerId)
    if (first === undefined || at < first) firstOn.set(containerId, at)
    if (isChange(record)) put(changes, containerId, record)
    if (record.kind === 'plant') put(planted, containerId, record)
    if (record.kind === 'prune') put(pruned, containerId, record)
  }
  for (const [id, ofPlanting] of removals) removals.set(id, inOrder(ofPlanting))
  for (const [id, at] of firstOn) firstOn.set(id, dayOf(at))
  return { changes, firstOn, removals, planted, pruned }
})
