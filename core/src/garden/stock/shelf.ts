import type { FeedProduct } from '../../feed'
import { remembered } from '../../units'
import { feedProductOf } from '../feeding'
import type { Garden } from '../garden'
import type { GardenRecord } from '../kinds'
import { stockOn } from './stock'

/** A feed at hand, and how much of it is left. */
export interface ShelfStock {
  readonly product: FeedProduct
  /** As it was last counted, with what was bought since. */
  readonly countedG: number
  readonly countedAt: string
  /** Given by the records since it was counted, g. */
  readonly usedG: number
  /** Never below nothing: then more was used than was counted. */
  readonly leftG: number
  readonly isOverdrawn: boolean
  /** Little is left of the last count. */
  readonly isLow: boolean
}

/** Less than this share of the last count is low. */
const LOW_SHARE = 0.2

const isBuyOf = (id: string) => (record: GardenRecord) =>
  record.kind === 'buy' && record.itemId === id

/** Ids of the feeds and sprays of which something is left, weighed or in millilitres. */
export const feedsAtHand = (garden: Garden): readonly string[] => [
  ...new Set(
    stockOn(garden).flatMap(({ kind, itemId, amount }) =>
      (kind === 'feed' || kind === 'spray') && amount > 0 ? [itemId] : [],
    ),
  ),
]

/** The feeds on the shelf: every feed that was counted or bought, even where none of it was left. */
export const shelfStock = (garden: Garden): readonly ShelfStock[] =>
  stockOn(garden).flatMap((item): ShelfStock[] => {
    const countedG = item.countedAmount + item.boughtSince
    const product =
      (item.kind === 'feed' || item.kind === 'spray') && item.unit === 'g'
        ? feedProductOf(garden, item.itemId)
        : undefined
    if (!product) return []
    const countedAt = item.counted ?? garden.records.find(isBuyOf(item.itemId))?.at ?? ''
    return [stockOf(product, countedG, countedAt, item.usedSince, item.amount)]
  })

/** The very same as long as nothing of it changes: what follows from it need not be worked out anew. */
const stockOf = remembered(
  (product: FeedProduct, countedG: number, countedAt: string, usedG: number, amount: number) =>
    ({
      ...{ product, countedG, countedAt, usedG },
      leftG: Math.max(0, amount),
      isOverdrawn: amount < 0,
      isLow: amount < LOW_SHARE * countedG,
    }) satisfies ShelfStock,
)
