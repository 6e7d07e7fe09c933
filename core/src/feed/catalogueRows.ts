import { memory, published } from '../units'
import type { FeedProduct, LabelRate } from './productSchema'

const formula = published('formula mass, IUPAC standard atomic weights')

/** A label's rate for feed that is mixed in: grams for each litre of mix. */
export const mixed = (leastG: number, massG: number, mostG: number): LabelRate => ({
  kind: 'perLitreMix',
  leastG,
  massG,
  mostG,
})
/** A label's rate for feed in the can: grams or millilitres for each litre of water. */
export const inWater = (amount: number, mostAmount: number, unit: 'g' | 'ml' = 'g'): LabelRate => ({
  kind: 'perLitreWater',
  amount,
  mostAmount,
  unit,
})
/** A pack as it is sold: grams, and a price in no currency of its own. */
export const pack = (massG: number, price: number) => ({ massG, price })

/** A row with what most of its form have in common. */
export const organic = (
  id: string,
  analysis: FeedProduct['analysis'],
  densityGMl: number,
  rate: readonly [least: number, usual: number, most: number],
  price: number,
  more: Partial<FeedProduct> = {},
): FeedProduct => ({
  id,
  form: 'granularOrganic',
  analysis,
  densityGMl,
  rates: [mixed(...rate)],
  leastDays: 21,
  mostDays: 45,
  placement: 'throughUpperTwoThirds',
  cautions: ['dust', 'dogs'],
  packs: [pack(1000, price)],
  provenance: memory,
  ...more,
})
/** A salt by its formula: what most of them have in common. */
export const salt = (
  id: string,
  analysis: FeedProduct['analysis'],
  densityGMl: number,
  rates: readonly LabelRate[],
  price: number,
  more: Partial<FeedProduct> = {},
): FeedProduct => ({
  id,
  form: 'mineralSalt',
  analysis,
  densityGMl,
  rates: [...rates],
  leastDays: 14,
  placement: 'drench',
  cautions: [],
  packs: [pack(1000, price)],
  provenance: formula,
  ...more,
})
/** A liquid feed: what most of them have in common. */
export const liquid = (
  id: string,
  analysis: FeedProduct['analysis'],
  rates: readonly LabelRate[],
  price: number,
  more: Partial<FeedProduct> = {},
): FeedProduct => ({
  id,
  form: 'liquid',
  analysis,
  densityGMl: 1.15,
  rates: [...rates],
  leastDays: 7,
  mostDays: 14,
  placement: 'drench',
  cautions: [],
  packs: [pack(1150, price)],
  provenance: memory,
  ...more,
})
