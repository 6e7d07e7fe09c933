import type { Share } from './recipe'

/** Mixing loses 5–20 % of the loose volume (practice); between them by how unlike the grains are. */
const LEAST = 0.05
const MOST = 0.2
/** Loss that the most unlike grains would add, fitted by eye to that range (memory). */
const BY_UNLIKENESS = 0.3

/**
 * Share of the loose volume that is lost when fine parts fall between coarse
 * ones. Nothing is lost in a single ingredient.
 *
 * The unlikeness of the grains is four times the variance of the coarse share
 * over the ingredients: 0 where all are alike, 1 for half stones, half dust.
 *
 * @returns 0–1
 */
export function shrinkShare(shares: readonly Share[]): number {
  if (shares.filter(({ share }) => share > 0).length < 2) return 0
  const mean = shares.reduce((sum, part) => sum + part.share * part.ingredient.coarseShare, 0)
  const variance = shares.reduce(
    (sum, part) => sum + part.share * (part.ingredient.coarseShare - mean) ** 2,
    0,
  )
  return Math.min(MOST, LEAST + BY_UNLIKENESS * 4 * variance)
}
