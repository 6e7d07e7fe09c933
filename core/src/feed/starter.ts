import { reason, type Reason } from '../units'
import { feedCatalogue } from './catalogue'
import { nutrientsIn, type NutrientAmounts } from './label'
import { isFeed, productProvenance } from './product'
import type { FeedProduct } from './productSchema'

/** A feed that goes into the mix at planting. */
export interface StarterProduct extends FeedProduct {
  readonly densityGMl: number
}

const mixRate = ({ rates }: FeedProduct) => rates.find((rate) => rate.kind === 'perLitreMix')

/** Product for each litre of mix, g: least, usual, most. */
export function starterRatesGL(product: FeedProduct): readonly [number, number, number] {
  const rate = mixRate(product)
  if (!rate) return [0, 0, 0]
  return [rate.leastG ?? rate.massG, rate.massG, rate.mostG ?? rate.massG]
}

/** Generic feeds that can go into a mix; the label on the gardener's own pack comes first. */
export const starterProducts = feedCatalogue.filter(
  (product): product is StarterProduct =>
    mixRate(product) !== undefined &&
    product.densityGMl !== undefined &&
    isFeed(product) &&
    product.form !== 'lime' &&
    product.form !== 'compost',
)

export interface StarterDose {
  readonly massG: number
  readonly leastG: number
  readonly mostG: number
  /** Grams of each nutrient in the dose, as elements. */
  readonly nutrientsG: NutrientAmounts
  readonly reasons: readonly Reason[]
}

/** Starter feed for a volume of mix, and what it brings. The product's own label comes first. */
export function starterDose(product: StarterProduct, mixVolumeL: number): StarterDose {
  const [leastGL, usualGL, mostGL] = starterRatesGL(product)
  const massG = usualGL * mixVolumeL
  const provenance = productProvenance(product)
  return {
    massG,
    leastG: leastGL * mixVolumeL,
    mostG: mostGL * mixVolumeL,
    nutrientsG: nutrientsIn(product.analysis, massG),
    reasons: [
      reason('feed.rate', { rateGL: usualGL, volumeL: mixVolumeL, massG }, provenance),
      reason('feed.range', { leastGL, mostGL }, provenance),
      reason('feed.labelFirst'),
    ],
  }
}
