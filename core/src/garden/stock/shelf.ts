import type { FeedProduct } from '../../feed'
import { feedProductOf } from '../feeding'
import type { Garden } from '../garden'
import { stockOn } from './stock'

/** A feed at hand, and how much of it is left. */
export interface ShelfStock {
  readonly product: FeedProduct
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

/** The feeds on the shelf: every feed that was counted, even where none of it was left. */
export const shelfStock = (garden: Garden): readonly ShelfStock[] =>
  stockOn(garden).flatMap((item): ShelfStock[] => {
    const product = item.kind === 'feed' ? feedProductOf(garden, item.itemId) : undefined
    if (!product) return []
    return [
      {
        product,
        countedG: item.countedAmount,
        countedAt: item.counted,
        usedG: item.usedSince,
        leftG: item.amount,
        isOverdrawn: item.usedSince > item.countedAmount,
        isLow: item.amount < LOW_SHARE * item.countedAmount,
      },
    ]
  })
