import { practice, reason, type Reason } from '../units'
import type { Blend } from './blend'
import type { Caution, Ingredient } from './ingredientSchema'

export interface BatchLine {
  readonly ingredient: Ingredient
  /** What goes into the tub, loose. */
  readonly looseL: number
}

/** What goes into the tub for a volume of finished mix. */
export interface Batch {
  readonly mix: Blend
  readonly volumeL: number
  readonly looseL: number
  readonly lines: readonly BatchLine[]
  readonly reasons: readonly Reason[]
}

/**
 * Litres of each ingredient that make a volume of mix, shrinkage made good.
 *
 * @param volumeL finished mix wanted, as it lies in the containers
 */
export function batchFor(mix: Blend, volumeL: number): Batch {
  const looseL = volumeL / (1 - mix.shrinkShare)
  const isMeasured = mix.measured.shrinkShare !== undefined
  return {
    mix,
    volumeL,
    looseL,
    reasons: [
      reason(
        isMeasured ? 'mix.shrinksMeasured' : 'mix.shrinks',
        { volumeL, looseL, shrinkShare: mix.shrinkShare },
        isMeasured ? { mark: 'measured' } : practice,
      ),
      ...(isMeasured ? [] : [reason('mix.measureYourself', {}, practice)]),
    ],
    lines: mix.shares.map(({ ingredient, share }) => ({ ingredient, looseL: looseL * share })),
  }
}

/** Several batches as one list: each ingredient once, with its litres over all of them. */
export function totalOf(batches: readonly Pick<Batch, 'lines'>[]): readonly BatchLine[] {
  const byId = new Map<string, BatchLine>()
  for (const line of batches.flatMap((batch) => batch.lines)) {
    const looseL = (byId.get(line.ingredient.id)?.looseL ?? 0) + line.looseL
    byId.set(line.ingredient.id, { ingredient: line.ingredient, looseL })
  }
  return [...byId.values()]
}

/** What to take care of when mixing these, each caution once. */
export const cautionsFor = (lines: readonly BatchLine[]): readonly Caution[] => [
  ...new Set(lines.flatMap((line) => line.ingredient.cautions)),
]
