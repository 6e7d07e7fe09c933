import {
  blend,
  boughtWaterShare,
  ingredients,
  interpretDrainTest,
  interpretExtract,
  lastTest,
  mixOf,
  retentionCurve,
  TABLED_SUCTIONS_CM,
  throughDrainTest,
  type Ingredient,
  type MeasuredMix,
  type Mix,
  type MixTest,
  type Recipe,
  type IngredientShelf,
} from '../mix'
import { remembered } from '../units'
import { recipeOf } from './named'
import type { Garden } from './garden'

type Tested = Pick<Garden, 'mixTests'>

const drainOf = (test: Extract<MixTest, { kind: 'drain' }> | undefined) =>
  test && { ...interpretDrainTest(test), heightMm: test.heightMm }

/** An ingredient with what the gardener has measured of it in the place of typical values. */
function measuredIngredient({ mixTests }: Tested, typical: Ingredient): Ingredient {
  const drain = drainOf(lastTest(mixTests, 'drain', 'ingredient', typical.id))
  const weigh = lastTest(mixTests, 'weigh', 'ingredient', typical.id)
  const extract = lastTest(mixTests, 'extract', 'ingredient', typical.id)
  if (!drain && !weigh && !extract) return typical
  const measured: Ingredient = { ...typical, isMeasured: true }
  if (drain) {
    const points = TABLED_SUCTIONS_CM.map((suctionCm, index) => ({
      suctionCm,
      waterShare: typical.waterShares[index]!,
    }))
    const curve = throughDrainTest(retentionCurve(points), drain)
    const [a, b, c, d, e] = TABLED_SUCTIONS_CM
    const at = curve.waterShare
    measured.waterShares = [at(a), at(b), at(c), at(d), at(e)]
  }
  if (weigh) {
    // It was weighed as it comes: its water is taken to be the typical share of that.
    const moistDensityGL = weigh.massG / weigh.volumeL
    const dryShare = 1 - (1000 * boughtWaterShare(typical)) / typical.moistDensityGL
    measured.moistDensityGL = moistDensityGL
    measured.bulkDensityGL = moistDensityGL * dryShare
  }
  if (extract) {
    measured.ph = extract.ph
    measured.ecDsM = interpretExtract(extract.method, extract.ecDsM).saturatedEcDsM
  }
  return measured
}

/** All that this gardener mixes with: typical, their own, and measured. */
export function ingredientsOf(garden: Pick<Garden, 'ingredients' | 'mixTests'>): IngredientShelf {
  const all = {
    ...ingredients,
    ...Object.fromEntries(garden.ingredients.map((one) => [one.id, one])),
  }
  return Object.fromEntries(
    Object.entries(all).map(([id, one]) => [id, measuredIngredient(garden, one)]),
  )
}

/** What the gardener has measured of a mix. */
export function measuredMixOf({ mixTests }: Tested, recipeId: string): MeasuredMix {
  const shrinkage = lastTest(mixTests, 'shrinkage', 'recipe', recipeId)
  const drain = drainOf(lastTest(mixTests, 'drain', 'recipe', recipeId))
  return {
    ...(shrinkage && { shrinkShare: 1 - shrinkage.mixedL / shrinkage.looseL }),
    ...(drain && { drain }),
  }
}

/** A recipe as this gardener's ingredients and tests make it. */
export const recipeMix = remembered(
  (recipe: Recipe, own: Garden['ingredients'], mixTests: Garden['mixTests']): Mix => {
    const garden = { ingredients: own, mixTests }
    return mixOf(blend(recipe, shelfOf(own, mixTests), measuredMixOf(garden, recipe.id)))
  },
)
const shelfOf = remembered((own: Garden['ingredients'], mixTests: Garden['mixTests']) =>
  ingredientsOf({ ingredients: own, mixTests }),
)

/** The mixes of a garden, each worked out when it is first asked for. */
export function mixesOf(
  garden: Pick<Garden, 'recipes' | 'ingredients' | 'mixTests'>,
): (recipe: Recipe | string | undefined) => Mix | undefined {
  return (wanted) => {
    const recipe = typeof wanted === 'object' ? wanted : recipeOf(garden, wanted)
    return recipe && recipeMix(recipe, garden.ingredients, garden.mixTests)
  }
}
