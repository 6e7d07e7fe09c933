import type { RecordOf } from '../../garden'
import { fruitMassG, type Variety } from '../../plant'

/** What a fruit weighs, and how far off that may be, g. */
export interface FruitMass {
  readonly meanG: number
  readonly sdG: number
}

/** A kind's usual fruit is off by a third (memory), as if three pickings had told it. */
const USUAL_SD_SHARE = 0.33
const USUAL_PICKS = 3

/**
 * What a fruit of a variety weighs here: the pickings that were both weighed and
 * counted, drawn towards what is usual for its kind as long as they are few.
 *
 * @param picks of this variety
 */
export function learnedFruitMass(variety: Variety, picks: readonly RecordOf<'pick'>[]): FruitMass {
  const usualG = fruitMassG(variety)
  const weighed = picks.flatMap(({ massG, count }) => (massG && count ? [massG / count] : []))
  const n = weighed.length
  const meanG =
    (USUAL_PICKS * usualG + weighed.reduce((sum, grams) => sum + grams, 0)) / (USUAL_PICKS + n)
  const spread = weighed.reduce((sum, grams) => sum + (grams - meanG) ** 2, 0)
  const variance = (USUAL_PICKS * (USUAL_SD_SHARE * usualG) ** 2 + spread) / (USUAL_PICKS + n)
  return { meanG, sdG: Math.sqrt(variance / (1 + n)) }
}
