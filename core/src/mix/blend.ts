import { TABLED_SUCTIONS_CM } from './suctions'
import type { Ingredient, NutrientsMgL } from './ingredientSchema'
import type { IngredientShelf } from './ingredient'
import { ingredients } from './ingredients'
import { recipeShares, type Share } from './recipe'
import type { Recipe } from './recipeSchema'
import type { RetentionPoint } from './retention'
import { shrinkShare } from './shrinkage'

/** What a gardener has measured of a mix by the kitchen tests. */
export interface MeasuredMix {
  /** Lost in mixing, share of the loose volume. */
  readonly shrinkShare?: number
  /** Of the pour-and-drain test, in a straight-sided vessel filled so high. */
  readonly drain?: {
    readonly totalPorosity: number
    readonly containerCapacity: number
    readonly heightMm: number
  }
}

/** A recipe made of this gardener's ingredients: what follows from them by volume alone. */
export interface Blend {
  readonly recipe: Recipe
  readonly shares: readonly Share[]
  /** Lost in mixing, share of the loose volume. */
  readonly shrinkShare: number
  readonly measured: MeasuredMix
  /** Water held at the tabled suctions, share of the mixed volume. */
  readonly points: readonly RetentionPoint[]
  /** Dry mass of a mixed litre, g. */
  readonly bulkDensityGL: number
  /** The same with the water it is bought with. */
  readonly moistDensityGL: number
  /** Ground limestone that raises a mixed litre by one pH, g. */
  readonly bufferGL: number
  readonly nutrientsMgL: NutrientsMgL
  readonly ecDsM: number
}

/** A quantity by loose volume, summed over the ingredients. */
export const blended = (shares: readonly Share[], of: (ingredient: Ingredient) => number): number =>
  shares.reduce((sum, { ingredient, share }) => sum + share * of(ingredient), 0)

/**
 * Blends a recipe.
 *
 * Volumes are added, then drawn together by the shrinkage: the solids and the
 * water held in small pores come closer, the large pores between them pay for it.
 *
 * @param shelf    what there is to mix with; the typical ingredients where left out
 * @param measured what was measured of this very mix
 * @throws InputError `negativeParts`, `noParts` or `unknownIngredient`
 */
export function blend(
  recipe: Recipe,
  shelf: IngredientShelf = ingredients,
  measured: MeasuredMix = {},
): Blend {
  const shares = recipeShares(recipe, shelf)
  const lost = measured.shrinkShare ?? shrinkShare(shares)
  return { recipe, shares, shrinkShare: lost, measured, ...packed(shares, 1 / (1 - lost)) }
}

/** Blended quantities of a mixed litre, its parts drawn together by a factor. */
function packed(shares: readonly Share[], packing: number) {
  const inLitre = (of: (ingredient: Ingredient) => number) => blended(shares, of) * packing
  const totalPorosity = 1 - inLitre(({ waterShares }) => 1 - waterShares[0])
  return {
    points: TABLED_SUCTIONS_CM.map((suctionCm, index) => ({
      suctionCm,
      waterShare:
        index === 0
          ? totalPorosity
          : Math.min(
              totalPorosity,
              inLitre(({ waterShares }) => waterShares[index]!),
            ),
    })),
    bulkDensityGL: inLitre((one) => one.bulkDensityGL),
    moistDensityGL: inLitre((one) => one.moistDensityGL),
    bufferGL: inLitre((one) => one.bufferGL),
    nutrientsMgL: {
      n: inLitre((one) => one.nutrientsMgL.n),
      p: inLitre((one) => one.nutrientsMgL.p),
      k: inLitre((one) => one.nutrientsMgL.k),
      ca: inLitre((one) => one.nutrientsMgL.ca),
      mg: inLitre((one) => one.nutrientsMgL.mg),
    },
    // Salts are held in the water of the mix, which is drawn together like the rest.
    ecDsM: blended(shares, (one) => one.ecDsM),
  }
}

/**
 * The same mix after part of a season: settled by what each of its ingredients
 * settles. The solids stay, so that what is lost is air.
 *
 * @param seasonShare 0 fresh, 1 at the end of a first season
 */
export function aged(fresh: Blend, seasonShare: number): Blend {
  const settling = 1 / (1 - settledShareOf(fresh) * seasonShare)
  const { drain } = fresh.measured
  const totalPorosity = drain ? 1 - (1 - drain.totalPorosity) * settling : 0
  return {
    ...fresh,
    ...packed(fresh.shares, settling / (1 - fresh.shrinkShare)),
    measured: {
      ...fresh.measured,
      ...(drain && {
        drain: {
          ...drain,
          totalPorosity,
          containerCapacity: Math.min(totalPorosity, drain.containerCapacity * settling),
        },
      }),
    },
  }
}

/** Share of its height that a mix settles in a season, 0–1. */
export const settledShareOf = ({ shares }: Blend): number =>
  blended(shares, (one) => one.settleShare)
