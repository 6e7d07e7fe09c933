import { remembered } from '../../units'
import type { Garden } from '../garden'
import type { GardenRecord, RecordOf, stockUnits } from '../kinds'

export type StockUnit = (typeof stockUnits)[number]
export type StockKind = 'ingredient' | 'feed'
const KIND_OF: Readonly<Record<StockUnit, StockKind>> = { L: 'ingredient', g: 'feed' }

/** Something at hand: an ingredient in loose litres, a feed in grams. */
export interface StockItem {
  readonly itemId: string
  readonly kind: StockKind
  /** What is left: never below nothing, for then more was used than was counted. */
  readonly amount: number
  readonly unit: StockUnit
  /** When it was last counted, and how much there was. */
  readonly counted: string
  readonly countedAmount: number
  readonly usedSince: number
}

/** The lime of a lime record. */
const LIME_STREWN = 'ground'

/** What a record took from the stock, g. */
function usedIn(
  record: GardenRecord,
): { readonly itemId: string; readonly massG: number } | undefined {
  if (record.kind === 'lime') return { itemId: LIME_STREWN, massG: record.massG }
  if (record.kind === 'feed' && record.massG !== undefined)
    return { itemId: record.productId, massG: record.massG }
  return undefined
}

type Count = RecordOf<'count'>
const keyOf = ({ itemId, unit }: Pick<Count, 'itemId' | 'unit'>) => `${unit} ${itemId}`

/** The last count of each item up to a moment; of two in the same minute the one recorded last. */
function lastCounts(records: readonly GardenRecord[], isUntil: (at: string) => boolean) {
  const counts = new Map<string, Count>()
  for (const record of records) {
    if (record.kind !== 'count' || !isUntil(record.at)) continue
    const known = counts.get(keyOf(record))
    if (!known || known.at <= record.at) counts.set(keyOf(record), record)
  }
  return counts
}

const ledgerOn = remembered(
  (records: readonly GardenRecord[], on: string | undefined): readonly StockItem[] => {
    const isUntil = (at: string) => on === undefined || at.slice(0, on.length) <= on
    const counts = lastCounts(records, isUntil)
    const used = new Map<string, number>()
    for (const record of records) {
      const taken = usedIn(record)
      const key = taken && keyOf({ itemId: taken.itemId, unit: 'g' })
      const count = key === undefined ? undefined : counts.get(key)
      if (taken && count && record.at >= count.at && isUntil(record.at))
        used.set(key!, (used.get(key!) ?? 0) + taken.massG)
    }
    return [...counts].map(([key, { itemId, amount, unit, at }]) => {
      const usedSince = used.get(key) ?? 0
      return {
        itemId,
        kind: KIND_OF[unit],
        amount: Math.max(0, amount - usedSince),
        unit,
        counted: at,
        countedAmount: amount,
        usedSince,
      }
    })
  },
)

/**
 * What is at hand: each thing as it was last counted, less what the records used
 * since. What was never counted is not in it.
 *
 * @param on until the end of that day, or until that moment; all that is recorded where left out
 */
export const stockOn = ({ records }: Pick<Garden, 'records'>, on?: string): readonly StockItem[] =>
  ledgerOn(records, on)

/** Loose litres at hand of each ingredient that was counted, by its id. */
export const ingredientStockL = (
  garden: Pick<Garden, 'records'>,
): Readonly<Record<string, number>> =>
  Object.fromEntries(
    stockOn(garden).flatMap(({ kind, itemId, amount }) =>
      kind === 'ingredient' ? [[itemId, amount]] : [],
    ),
  )
