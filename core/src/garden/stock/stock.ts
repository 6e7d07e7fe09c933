import { productIn } from '../../feed'
import { catalogue } from '../../plant'
import { remembered } from '../../units'
import type { Garden } from '../garden'
import { supports } from '../kinds/choices'
import type { GardenRecord, RecordOf, StockUnit } from '../kinds'
import { emptyGarden } from '../starting'
import { usedIn } from './used'

export const stockKinds = [
  'ingredient',
  'feed',
  'spray',
  'seed',
  'support',
  'pot',
  'small',
] as const
export type StockKind = (typeof stockKinds)[number]

/** What is left of one purchase, or of what was counted. */
export interface StockLot {
  readonly amount: number
  readonly useBy?: string
  readonly openedOn?: string
}

/** Something at hand: ingredients in loose litres, feeds in grams or millilitres, all else by its number. */
export interface StockItem {
  readonly itemId: string
  readonly kind: StockKind
  /** Counted and bought less used: below nothing where more was used than there was. */
  readonly amount: number
  readonly unit: StockUnit
  /** When it was last counted, and how much there was; what was only bought was never counted. */
  readonly counted?: string
  readonly countedAmount: number
  readonly usedSince: number
  readonly boughtSince: number
  /** What there is, packet by packet: the oldest is used first, and stands first. */
  readonly lots: readonly StockLot[]
}

type HasStock = Pick<Garden, 'records'> & Partial<Garden>
type Named = Pick<RecordOf<'count'>, 'itemId' | 'unit'>

const NOBODY = emptyGarden('none', 'none', 'none')
const keyOf = ({ itemId, unit }: Named) => `${unit} ${itemId}`

/** Sprayed against pests and diseases, and no feed. */
const isSprayed = (id: string) => {
  const product = productIn([], id)
  return product?.form === 'notFeed' && product.cautions.includes('spray')
}
const isSupport = (id: string) => supports.some((one) => one === id)
/** What kind of thing it is, by how it is counted and by its name. */
export function stockKindOf({ varieties }: Pick<Garden, 'varieties'>, { itemId, unit }: Named) {
  if (unit === 'L') return 'ingredient'
  if (unit !== 'count') return isSprayed(itemId) ? 'spray' : 'feed'
  if ([...varieties, ...catalogue].some(({ id }) => id === itemId)) return 'seed'
  if (isSupport(itemId)) return 'support'
  return itemId === 'pot' || itemId.startsWith('pot ') ? 'pot' : 'small'
}

/** The last count of each item up to a moment; of two in the same minute the one recorded last. */
function lastCounts(records: readonly GardenRecord[], isUntil: (at: string) => boolean) {
  const counts = new Map<string, RecordOf<'count'>>()
  for (const record of records) {
    if (record.kind !== 'count' || !isUntil(record.at)) continue
    const known = counts.get(keyOf(record))
    if (!known || known.at <= record.at) counts.set(keyOf(record), record)
  }
  return counts
}

/** What is left of each packet where the oldest is used up first. */
function lotsLeft(
  packets: readonly (RecordOf<'count'> | RecordOf<'buy'>)[],
  amount: number,
): readonly StockLot[] {
  let left = Math.max(0, amount)
  return packets
    .toReversed()
    .flatMap(({ amount: held, useBy, openedOn }): StockLot[] => {
      const here = Math.min(left, held)
      left -= here
      return here > 0
        ? [{ amount: here, ...(useBy && { useBy }), ...(openedOn && { openedOn }) }]
        : []
    })
    .reverse()
}

/** How much of something is past the day its packet names. */
export const pastUse = ({ lots }: Pick<StockItem, 'lots'>, today: string): number =>
  lots.reduce((sum, { amount, useBy }) => sum + (useBy && useBy < today ? amount : 0), 0)

/** The next day on which some of it goes past its date, today or later; nothing where no packet names one. */
export const nextUseBy = ({ lots }: Pick<StockItem, 'lots'>, today: string): string | undefined =>
  lots.flatMap(({ useBy }) => (useBy && useBy >= today ? [useBy] : [])).sort()[0]

const ledgerOn = remembered(
  (
    records: readonly GardenRecord[],
    given: HasStock,
    on: string | undefined,
  ): readonly StockItem[] => {
    const garden: Garden = { ...NOBODY, ...given }
    const isUntil = (at: string) => on === undefined || at.slice(0, on.length) <= on
    const counts = lastCounts(records, isUntil)
    const items = new Map<string, Named>(counts)
    const used = new Map<string, number>()
    const bought = new Map<string, number>()
    const purchases = new Map<string, RecordOf<'buy'>[]>()
    const add = (to: Map<string, number>, key: string, at: string, amount: number) => {
      const count = counts.get(key)
      if (isUntil(at) && (!count || at >= count.at)) to.set(key, (to.get(key) ?? 0) + amount)
    }
    const isCounted = new Set<GardenRecord>()
    for (const record of records) {
      if (record.kind === 'count') isCounted.add(record)
      if (record.kind !== 'buy' || !isUntil(record.at)) continue
      const key = keyOf(record)
      items.set(key, record)
      const count = counts.get(key)
      // Of one minute, what was written down before the count had been counted with it.
      if (count?.at === record.at && !isCounted.has(count)) continue
      add(bought, key, record.at, record.amount)
      if (!count || record.at >= count.at)
        purchases.set(key, [...(purchases.get(key) ?? []), record])
    }
    for (const record of records)
      for (const taken of usedIn(garden, record))
        // What was neither counted nor bought is nobody's stock.
        if (items.has(keyOf(taken))) add(used, keyOf(taken), record.at, taken.amount)
    return [...items].map(([key, { itemId, unit }]) => {
      const count = counts.get(key)
      const [usedSince, boughtSince] = [used.get(key) ?? 0, bought.get(key) ?? 0]
      const countedAmount = count?.amount ?? 0
      const amount = countedAmount + boughtSince - usedSince
      const packets = [...(purchases.get(key) ?? [])].sort((a, b) => (a.at < b.at ? -1 : 1))
      return {
        itemId,
        kind: stockKindOf(garden, { itemId, unit }),
        amount,
        unit,
        ...(count && { counted: count.at }),
        countedAmount,
        usedSince,
        boughtSince,
        lots: lotsLeft(count ? [count, ...packets] : packets, amount),
      }
    })
  },
)

/**
 * What is at hand: each thing as it was last counted, with what was bought since and
 * less what the records used since. What was only bought begins at nothing; what was
 * neither is not in it. Where more was used than there was, it is below nothing.
 *
 * @param on until the end of that day, or until that moment; all that is recorded where left out
 */
export const stockOn = (garden: HasStock, on?: string): readonly StockItem[] =>
  ledgerOn(garden.records, garden, on)

/** Loose litres at hand of each ingredient that was counted or bought, by its id; never below nothing. */
export const ingredientStockL = (garden: HasStock): Readonly<Record<string, number>> =>
  Object.fromEntries(
    stockOn(garden).flatMap(({ kind, itemId, amount }) =>
      kind === 'ingredient' ? [[itemId, Math.max(0, amount)]] : [],
    ),
  )

/**
 * Purchases as they are recorded: where the records had used more of a thing than there
 * was, nothing was left of it, and that is counted first.
 *
 * @param newId makes an id for each count
 */
export function purchaseRecords(
  garden: HasStock,
  bought: readonly RecordOf<'buy'>[],
  newId: () => string,
): readonly GardenRecord[] {
  const overdrawn = new Set(
    stockOn(garden).flatMap((item) => (item.amount < 0 ? [keyOf(item)] : [])),
  )
  return bought.flatMap((one): GardenRecord[] => {
    if (!overdrawn.delete(keyOf(one))) return [one]
    const { at, itemId, unit } = one
    return [{ id: newId(), at, kind: 'count', itemId, amount: 0, unit }, one]
  })
}
