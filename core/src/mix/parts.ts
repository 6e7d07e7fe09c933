import type { Recipe } from './recipeSchema'

/** No layer of a tub is made thinner than this by hand, share. */
const LEAST_SHARE = 0.01
/** Shares typed or dragged are kept to a tenth of a percent. */
const inPercent = (share: number) => Math.round(share * 1000) / 10

const totalOf = ({ parts }: Recipe) => parts.reduce((sum, part) => sum + part.parts, 0)

const sharesOf = (recipe: Recipe): number[] => {
  const total = totalOf(recipe)
  return recipe.parts.map(({ parts }) => parts / total)
}

const withShares = (recipe: Recipe, shares: readonly number[]): Recipe => ({
  ...recipe,
  parts: recipe.parts.map((part, index) => ({ ...part, parts: inPercent(shares[index]!) })),
})

/**
 * A recipe with the boundary between two layers of its tub moved: what one layer
 * gains the other gives. Whole percents, as finely as a hand can drag.
 *
 * @param index   the lower of the two layers, counted from the floor
 * @param atShare where the boundary goes, share of the tub's fill from the floor
 */
export function boundaryMoved(recipe: Recipe, index: number, atShare: number): Recipe {
  const shares = sharesOf(recipe)
  const below = shares.slice(0, index).reduce((sum, share) => sum + share, 0)
  const both = shares[index]! + shares[index + 1]!
  const wanted = Math.round((atShare - below) * 100) / 100
  const lower = Math.min(both - LEAST_SHARE, Math.max(LEAST_SHARE, wanted))
  shares[index] = lower
  shares[index + 1] = both - lower
  return withShares(recipe, shares)
}

/** A recipe with one ingredient at a share, the others in proportion in what is left. */
export function withShare(recipe: Recipe, index: number, share: number): Recipe {
  const shares = sharesOf(recipe)
  if (shares.length === 1) return recipe
  const kept = Math.min(1 - LEAST_SHARE, Math.max(LEAST_SHARE, share))
  const others = 1 - shares[index]!
  return withShares(
    recipe,
    shares.map((one, place) => (place === index ? kept : (one / others) * (1 - kept))),
  )
}

/** A recipe with so many parts of one ingredient, the others as they are. */
export const withParts = (recipe: Recipe, index: number, parts: number): Recipe => ({
  ...recipe,
  parts: recipe.parts.map((part, place) => (place === index ? { ...part, parts } : part)),
})

/** A recipe with an ingredient more: as much as the mean of the others. */
export const withIngredient = (recipe: Recipe, ingredientId: string): Recipe => ({
  ...recipe,
  parts: [...recipe.parts, { ingredientId, parts: totalOf(recipe) / recipe.parts.length }],
})

/** A recipe without one of its ingredients; the last stays. */
export const withoutIngredient = (recipe: Recipe, index: number): Recipe =>
  recipe.parts.length === 1
    ? recipe
    : { ...recipe, parts: recipe.parts.filter((_, place) => place !== index) }

/** Whether two recipes are the same mix, whatever they are called. */
export function isSameMix(one: Recipe, other: Recipe): boolean {
  const written = (recipe: Recipe) =>
    JSON.stringify([
      recipe.parts.map(({ ingredientId }, index) => [
        ingredientId,
        sharesOf(recipe)[index]!.toFixed(4),
      ]),
      recipe.amendments ?? [],
    ])
  return written(one) === written(other)
}
