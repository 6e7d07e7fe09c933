import { published, type Provenance } from '../units'
import type { FeedProduct, LabelRate } from './productSchema'

/** Rates that speak of water, and not of the pot. */
export const isInWater = ({ kind }: LabelRate): boolean =>
  kind === 'perLitreWater' || kind === 'perCan' || kind === 'dilution' || kind === 'capful'

/** Printed by its maker on the gardener's own pack; the generic ones carry their own. */
export const productProvenance = ({ provenance }: FeedProduct): Provenance =>
  provenance ?? published('the label of the pack')

/** Solution goes into the can; all else is strewn or mixed in. */
export const isSoluble = ({ form }: Pick<FeedProduct, 'form'>): boolean =>
  form === 'solubleCrystals' || form === 'liquid' || form === 'mineralSalt'

/** Of its nitrogen, what is not nitrate (memory, by form where the label does not say). */
export function ammoniumShareOf({ form, ammoniumShare }: FeedProduct): number {
  if (ammoniumShare !== undefined) return ammoniumShare
  return form === 'solubleCrystals' || form === 'controlledRelease' ? 0.5 : 1
}

/** More nitrogen than this, percent, only urea has: it is 46.6 % by its formula mass. */
const UREA_FROM_PERCENT = 35

/** Of its nitrogen, what is urea; none where the label does not say, unless it can be nothing else. */
export function ureaShareOf({ analysis, ureaShare }: FeedProduct): number {
  if (ureaShare !== undefined) return ureaShare
  return (analysis.n ?? 0) > UREA_FROM_PERCENT ? 1 : 0
}

/** Nobody printed a label for it. */
export const isHomeMade = ({ strengthTimes }: Pick<FeedProduct, 'strengthTimes'>): boolean =>
  strengthTimes !== undefined

/** Feeds plants, whatever else it does: what is sprayed against pests or only wets the mix does not. */
export const isFeed = ({ form }: Pick<FeedProduct, 'form'>): boolean =>
  form !== 'notFeed' && form !== 'additive'

/** The lowest price of a gram among its packs; undefined where it is not bought. */
export const priceOfG = ({ packs }: Pick<FeedProduct, 'packs'>): number | undefined =>
  packs.length ? Math.min(...packs.map(({ price, massG }) => price / massG)) : undefined
