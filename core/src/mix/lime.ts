import { practice, reason, type Reason } from '../units'
import type { Batch } from './batch'

/** Loose garden lime, ground: what a millilitre weighs, g (memory). */
export const LIME_DENSITY_G_ML = 1.3

/** Mix makers go from three quarters to five quarters of the middle rate (3–5 g/L of peat). */
const LEAST_OVER_MIDDLE = 0.75
const MOST_OVER_MIDDLE = 1.25

export interface LimeDose {
  readonly massG: number
  readonly leastG: number
  readonly mostG: number
  readonly reasons: readonly Reason[]
}

/**
 * Ground limestone that brings a batch from the acid of its peat and bark to
 * about pH 6. Coir, compost and loam take none. It is an estimate: measure the
 * pH after a week.
 */
export function limeDose(batch: Batch): LimeDose {
  const acid = batch.lines.filter((line) => line.ingredient.limeGL > 0)
  const massG = acid.reduce((sum, line) => sum + line.looseL * line.ingredient.limeGL, 0)
  return {
    massG,
    leastG: massG * LEAST_OVER_MIDDLE,
    mostG: massG * MOST_OVER_MIDDLE,
    reasons: acid.length
      ? [
          ...acid.map((line) =>
            reason(
              'lime.perLitre',
              {
                ingredient: line.ingredient.id,
                looseL: line.looseL,
                rateGL: line.ingredient.limeGL,
                massG: line.looseL * line.ingredient.limeGL,
              },
              practice,
            ),
          ),
          reason('lime.measure', {}, practice),
        ]
      : [reason('lime.none', {}, practice)],
  }
}
