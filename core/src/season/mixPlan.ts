import { starterDose, type FeedCaution, type StarterDose, type StarterProduct } from '../feed'
import { recipeOf, type Garden } from '../garden'
import {
  batchFor,
  cautionsFor,
  LIME_DENSITY_G_ML,
  limeDose,
  totalOf,
  type Batch,
  type BatchLine,
  type Caution,
  type LimeDose,
  type Recipe,
} from '../mix'
import { inMeasures, type Measured } from '../units'
import type { PotToday } from './today'

/** What one container gets when it is filled. */
export interface PotFilling {
  readonly pot: PotToday
  readonly recipe: Recipe
  readonly batch: Batch
  readonly lime: LimeDose
  readonly limeMeasure: Measured
  readonly feed: StarterDose
  readonly feedMeasure: Measured
}

/** One mixing for several containers. */
export interface MixPlan {
  readonly fillings: readonly PotFilling[]
  /** Each ingredient once, over all containers. */
  readonly lines: readonly BatchLine[]
  readonly mixedL: number
  readonly looseL: number
  readonly cautions: readonly (Caution | FeedCaution | 'lime')[]
}

/**
 * What to mix, lime and feed for some containers, and all of it together.
 *
 * @param recipeId one recipe for all of them, or undefined for each container's own
 */
export function mixPlan(
  garden: Garden,
  pots: readonly PotToday[],
  recipeId: string | undefined,
  product: StarterProduct,
): MixPlan {
  const { measures, shrinkShares, unitSystem } = garden.settings
  const fillings = pots.flatMap((pot): PotFilling[] => {
    const recipe = recipeOf(garden, recipeId ?? pot.container.recipeId)
    if (!recipe) return []
    const { fillVolumeL } = pot.volumes
    const batch = batchFor(recipe, fillVolumeL, shrinkShares[recipe.id])
    const lime = limeDose(batch)
    const feed = starterDose(product, fillVolumeL)
    const limeMeasure = inMeasures(lime.massG, LIME_DENSITY_G_ML, unitSystem, measures)
    const feedMeasure = inMeasures(feed.massG, product.densityGMl, unitSystem, measures)
    return [{ pot, recipe, batch, lime, limeMeasure, feed, feedMeasure }]
  })
  const batches = fillings.map((filling) => filling.batch)
  const lines = totalOf(batches)
  const isLimed = fillings.some((filling) => filling.lime.massG > 0)
  return {
    fillings,
    lines,
    mixedL: batches.reduce((sum, batch) => sum + batch.volumeL, 0),
    looseL: batches.reduce((sum, batch) => sum + batch.looseL, 0),
    cautions: [
      ...new Set([
        ...cautionsFor(lines),
        ...(isLimed ? (['lime'] as const) : []),
        ...product.cautions,
      ]),
    ],
  }
}
