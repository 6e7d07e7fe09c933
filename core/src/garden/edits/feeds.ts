import { feedCatalogue, type FeedDose, type FeedPlan, type FeedProduct } from '../../feed'
import type { Container } from '../../container'
import { SPLASH_L } from '../../water'
import { feedRecordOf } from '../feeding'
import type { Garden } from '../garden'
import { recordableL, type GardenRecord } from '../kinds'
import { keepIn, requireIn } from '../touched'
import { editOf, without, type GardenEdit } from './edit'
import { countRecord, type Counted } from './records'

type Named = Pick<Container, 'id' | 'code'>

/** Feeds that were given to a pot at one time. */
export interface FeedsGiven {
  readonly container: Named
  readonly at: string
  readonly doses: readonly Pick<FeedDose, 'product' | 'massG' | 'solution'>[]
  /** Plain water poured beside them, L. */
  readonly plainL?: number
}

/**
 * The records of feeds given together. They share one can of water, which is recorded
 * once, with the first of them that is dissolved.
 */
function recordsOfFeeds(
  { container, at, doses, plainL = 0 }: FeedsGiven,
  newId: () => string,
): GardenRecord[] {
  const first = doses.find(({ solution }) => solution)
  const feeds = doses.map((dose): GardenRecord => {
    const inWater = dose === first ? dose : { ...dose, solution: undefined }
    return { id: newId(), at, ...feedRecordOf(container.id, inWater) }
  })
  if (plainL <= SPLASH_L) return feeds
  return [
    ...feeds,
    { id: newId(), at, containerId: container.id, kind: 'water', volumeL: recordableL(plainL) },
  ]
}

/** Feeds given together are recorded, and the plain water beside them. */
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

/** A feed is taken off the shelf: its counts go, and how much of it there is is unknown again. */
export const takeOffShelf = (productId: string, name: string): GardenEdit =>
  editOf('offShelf', { name }, (draft) => {
    draft.records = draft.records.filter(
      (one) => one.kind !== 'count' || one.unit !== 'g' || one.itemId !== productId,
    )
  })

/** A feed by its label, as its form has it, and how much of it is at hand, where that was counted. */
export const keepProduct = (
  product: FeedProduct,
  start: FeedProduct | undefined,
  isNew: boolean,
  counted?: Counted,
): GardenEdit =>
  editOf('product', { name: product.name ?? '' }, (draft) => {
    keepIn(draft.products, product, start, isNew)
    if (counted) countFeed(draft, product.id, counted)
  })

/** Whether a recipe uses a feed of the gardener's own, which then cannot be removed. */
export const isProductNeeded = ({ recipes }: Pick<Garden, 'recipes'>, id: string): boolean =>
  !isGeneric(id) &&
  recipes.some(({ amendments }) => amendments?.some(({ productId }) => productId === id))

/** Removes a feed of the gardener's own, from the plans too; a changed generic feed is generic again. */
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
