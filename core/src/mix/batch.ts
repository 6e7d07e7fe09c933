import type { Caution, Ingredient, Pack } from './ingredients'
import { memory, practice, reason, type Reason } from '../units'
import { recipeShares, type Recipe } from './recipe'
import { shrinkShare } from './shrinkage'

export interface BatchLine {
  readonly ingredient: Ingredient
  /** What goes into the tub, loose. */
  readonly looseL: number
}

/** What goes into the tub for a volume of finished mix. */
export interface Batch {
  readonly volumeL: number
  /** Lost in mixing, share of the loose volume. */
  readonly shrinkShare: number
  readonly looseL: number
  readonly lines: readonly BatchLine[]
  readonly reasons: readonly Reason[]
}

/**
 * Litres of each ingredient that make a volume of mix, shrinkage made good.
 *
 * @param volumeL  finished mix wanted, as it lies in the containers
 * @param measured shrinkage the gardener has measured, 0–1; else the model's
 * @throws InputError `noParts` or `unknownIngredient`
 */
export function batchFor(recipe: Recipe, volumeL: number, measured?: number): Batch {
  const lost = measured ?? shrinkShare(recipe)
  const looseL = volumeL / (1 - lost)
  return {
    volumeL,
    shrinkShare: lost,
    looseL,
    reasons: [
      measured === undefined
        ? reason('mix.shrinks', { volumeL, looseL, shrinkShare: lost }, practice)
        : reason('mix.shrinksMeasured', { volumeL, looseL, shrinkShare: lost }),
      ...(measured === undefined ? [reason('mix.measureYourself', {}, memory)] : []),
    ],
    lines: recipeShares(recipe).map(({ ingredient, share }) => ({
      ingredient,
      looseL: looseL * share,
    })),
  }
}

export interface Purchase {
  readonly pack: Pack
  /** Whole packs. */
  readonly count: number
  readonly leftOverL: number
}

/** How many of each of its packs an amount of an ingredient takes, whole packs only. */
export function purchasesFor(ingredient: Ingredient, looseL: number): readonly Purchase[] {
  return ingredient.packs.map((pack) => {
    // A drop more than a whole pack is rounding, not a reason to buy another.
    const count = Math.ceil(looseL / pack.looseL - 1e-9)
    return { pack, count, leftOverL: count * pack.looseL - looseL }
  })
}

/** Several batches as one list: each ingredient once, with its litres over all of them. */
export function totalOf(batches: readonly Batch[]): readonly BatchLine[] {
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
