import { feedCatalogue, type FeedDose, type FeedPlan, type FeedProduct } from '../../feed'
import type { Container } from '../../container'
import { SPLASH_L } from '../../water'
import type { Garden } from '../garden'
import type { GardenRecord } from '../kinds'
import { keepIn, requireIn } from '../touched'
import { editOf, without, type GardenEdit } from './edit'
import { countRecord, type Counted } from './records'

type Named = Pick<Container, 'id' | 'code'>
type FeedRecord = Extract<GardenRecord, { readonly kind: 'feed' }>

/** Feeds that were given to a pot at one time. */
export interface FeedsGiven {
  readonly container: Named
  readonly at: string
  readonly doses: readonly Pick<FeedDose, 'product' | 'massG' | 'solution'>[]
  /** Plain water poured beside them, L. */
  readonly plainL?: number
}

/**
 * What is written down of feeds given together: each with its mass; the water they
 * are dissolved in is one can's, and is written with the first that has any.
 */
function recordsOfFeeds(
  { container, at, doses, plainL = 0 }: FeedsGiven,
  newId: () => string,
): GardenRecord[] {
  const first = doses.find(({ solution }) => solution)
  const feeds = doses.map((dose): FeedRecord => {
    const volumeL = dose === first ? dose.solution?.volumeL : undefined
    return {
      id: newId(),
      at,
      containerId: container.id,
      kind: 'feed',
      productId: dose.product.id,
      massG: dose.massG,
      ...(volumeL !== undefined && { volumeL }),
    }
  })
  if (plainL <= SPLASH_L) return feeds
  return [...feeds, { id: newId(), at, containerId: container.id, kind: 'water', volumeL: plainL }]
}

export const recordFeeds = (given: FeedsGiven, newId: () => string): GardenEdit => ({
  label: { code: 'change.record.feed', params: { code: given.container.code } },
  apply: (draft) => {
    draft.records.push(...recordsOfFeeds(given, newId))
  },
})

const isGeneric = (id: string) => feedCatalogue.some((one) => one.id === id)

const countFeed = (draft: Garden, productId: string, counted: Counted) =>
  draft.records.push(countRecord(counted, productId, 'g'))

/** A feed on the shelf is counted. */
export const countOnShelf = (productId: string, name: string, counted: Counted): GardenEdit =>
  editOf('shelf', { name }, (draft) => {
    countFeed(draft, productId, counted)
  })

/** A feed is taken off the shelf: nobody says any more how much of it there is. */
export const takeOffShelf = (productId: string, name: string): GardenEdit =>
  editOf('shelf', { name }, (draft) => {
    draft.records = draft.records.filter(
      (one) => one.kind !== 'count' || one.unit !== 'g' || one.itemId !== productId,
    )
  })

/** A feed of one's own as its label has it, and how much of it is at hand, where that was told. */
export const keepProduct = (
  product: FeedProduct,
  words: { readonly name: string },
  from: { readonly start: FeedProduct | undefined; readonly isNew: boolean },
  counted?: Counted,
): GardenEdit =>
  editOf('product', words, (draft) => {
    keepIn(draft.products, product, from.start, from.isNew)
    if (counted) countFeed(draft, product.id, counted)
  })

/** Whether a feed of one's own stands in a recipe: then it has to stay. */
export const isProductNeeded = ({ recipes }: Pick<Garden, 'recipes'>, id: string): boolean =>
  !isGeneric(id) &&
  recipes.some(({ amendments }) => amendments?.some(({ productId }) => productId === id))

/** A feed of one's own goes, out of the plans as well; a generic one that was changed is generic again. */
export const removeProduct = (id: string, name: string): GardenEdit =>
  editOf('removeProduct', { name }, (draft) => {
    draft.products = without(draft.products, id)
    if (isGeneric(id)) return
    for (const plan of Object.values(draft.feedPlans)) {
      if (plan.productId === id) delete plan.productId
      if (plan.lateProductId === id) delete plan.lateProductId
    }
  })

/** A pot is fed by a programme. */
export const feedBy = ({ id, code }: Named, plan: FeedPlan): GardenEdit =>
  editOf('feedPlan', { code }, (draft) => {
    requireIn(draft.containers, id)
    draft.feedPlans[id] = { ...plan }
  })

/** Every pot in which something grows is fed by a programme. */
export const feedAllBy = (plan: FeedPlan): GardenEdit =>
  editOf('feedPlanAll', {}, (draft) => {
    for (const { containerId } of draft.plantings) draft.feedPlans[containerId] = { ...plan }
  })

/** A pot is fed by no programme any more. */
export const stopFeeding = ({ id, code }: Named): GardenEdit =>
  editOf('noFeedPlan', { code }, (draft) => {
    delete draft.feedPlans[id]
  })
