import { InputError, published } from '../units'
import { ATOMIC } from './elements'
import { labelToElements, ofNutrients, sulphurPercent, type NutrientAmounts } from './label'
import { ammoniumShareOf, isSoluble, ureaShareOf } from './product'
import type { FeedProduct } from './productSchema'
import { usualWater } from './waterSource'
import type { WaterSource } from './waterSourceSchema'

/** What goes into each litre. */
export interface InLitre {
  readonly product: FeedProduct
  readonly gramsL: number
}

/** A feeding solution. */
export interface SolutionStrength {
  /** As the element, mg/L: with what the water brings. */
  readonly ppm: NutrientAmounts
  readonly ecDsM: number
  /** Of that, from the feed. */
  readonly feedEcDsM: number
}

export const sonneveld = published(
  'Sonneveld & Voogt 2009, Plant Nutrition of Greenhouse Crops: EC ≈ Σ cations (meq/L) / 10',
)

/** Grams of an element that carry one equivalent of charge. */
const EQUIVALENT_G = {
  n: ATOMIC.n,
  k: ATOMIC.k,
  ca: ATOMIC.ca / 2,
  mg: ATOMIC.mg / 2,
} as const

/** Cations of dissolved nutrients, meq, from their mg; of nitrogen only what is ammonium. */
export const cationsMeq = ({ n, k, ca, mg }: NutrientAmounts, ammoniumShare: number): number =>
  (n * ammoniumShare) / EQUIVALENT_G.n +
  k / EQUIVALENT_G.k +
  ca / EQUIVALENT_G.ca +
  mg / EQUIVALENT_G.mg

/** Of organic and urea nitrogen nothing conducts until microbes have had it. */
const conductingAmmonium = (product: FeedProduct): number =>
  product.form === 'liquid' || product.form === 'granularOrganic' || product.form === 'compost'
    ? 0
    : Math.max(0, ammoniumShareOf(product) - ureaShareOf(product))

/** Conductivity of a gram of a product in a litre, dS/m. */
export const ecOfGramL = (product: FeedProduct): number => {
  const percent = labelToElements(product.analysis)
  return (
    cationsMeq(
      ofNutrients((one) => percent[one] * 10),
      conductingAmmonium(product),
    ) / 10
  )
}

/**
 * What is in a feeding solution, and how salty it is.
 *
 * Parts per million are milligrams in a litre: g/L × percent × 10. Conductivity
 * is a tenth of the milliequivalents of cations, beside that of the water.
 *
 * @param feeds grams of each product in a litre
 * @throws InputError `negativeAmount`
 * @source Sonneveld & Voogt 2009, Plant Nutrition of Greenhouse Crops
 */
export function solutionStrength(
  feeds: readonly InLitre[],
  water: WaterSource = usualWater.rain,
): SolutionStrength {
  const wrong = feeds.find(({ gramsL }) => !(gramsL >= 0))
  if (wrong) throw new InputError('negativeAmount', { given: wrong.gramsL })
  const ofWater = { n: 0, p: 0, k: 0, ca: water.caMgL, mg: water.mgMgL }
  const percents = feeds.map(({ product }) => labelToElements(product.analysis))
  const feedEcDsM = feeds.reduce((sum, { product, gramsL }) => sum + gramsL * ecOfGramL(product), 0)
  return {
    ppm: ofNutrients((nutrient) =>
      feeds.reduce(
        (sum, { gramsL }, index) => sum + gramsL * percents[index]![nutrient] * 10,
        ofWater[nutrient],
      ),
    ),
    ecDsM: water.ecDsM + feedEcDsM,
    feedEcDsM,
  }
}

/** Injectors draw one part of stock to so many of water. */
export const INJECTOR_RATIOS = [10, 20, 50, 100, 200] as const

/** What keeps two things out of one tank. */
export type MixFault =
  | { readonly kind: 'gypsum'; readonly calciumMmolL: number; readonly otherMmolL: number }
  | {
      readonly kind: 'calciumPhosphate'
      readonly calciumMmolL: number
      readonly otherMmolL: number
    }
  | {
      readonly kind: 'tooStrong'
      readonly productId: string
      readonly gramsL: number
      readonly limitGL: number
    }
  | { readonly kind: 'notSoluble'; readonly productId: string }

/**
 * Gypsum stays in solution up to 2.4 g/L at 20–25 °C (CRC Handbook of Chemistry and
 * Physics): as many mmol/L of calcium and of sulphate. Of each it is the product
 * that decides, so little of one bears much of the other. What other salts add to
 * its solubility is left out: the answer errs on the careful side.
 */
const GYPSUM_MMOL_L = 14
/** Calcium phosphates fall out beyond so much of both where the water is not acid (memory). */
const CALCIUM_PHOSPHATE_MMOL_L = 2.5

/** Calcium, sulphate and phosphate of a solution, mmol/L. */
function ionsOf(feeds: readonly InLitre[], water: WaterSource) {
  const sum = (of: (product: FeedProduct) => number) =>
    feeds.reduce((total, { product, gramsL }) => total + gramsL * of(product) * 10, 0)
  return {
    calcium: (sum(({ analysis }) => labelToElements(analysis).ca) + water.caMgL) / ATOMIC.ca,
    sulphate: sum(({ analysis }) => sulphurPercent(analysis)) / ATOMIC.s,
    phosphate: sum(({ analysis }) => labelToElements(analysis).p) / ATOMIC.p,
  }
}

/**
 * Whether some feeds can be dissolved together, and why not: calcium with
 * sulphate falls out as gypsum, calcium with phosphate as chalky mud, each by the
 * product of the two, and beyond its solubility a salt stays on the bottom.
 *
 * @param feeds grams in a litre of the can, or of the stock
 */
export function canMix(
  feeds: readonly InLitre[],
  water: WaterSource = usualWater.rain,
): readonly MixFault[] {
  const faults: MixFault[] = []
  for (const { product, gramsL } of feeds) {
    const { id: productId, solubilityGL } = product
    if (!isSoluble(product)) faults.push({ kind: 'notSoluble', productId })
    else if (solubilityGL !== undefined && gramsL > solubilityGL)
      faults.push({ kind: 'tooStrong', productId, gramsL, limitGL: solubilityGL })
  }
  const dissolved = feeds.filter(({ product }) => isSoluble(product))
  const { calcium, sulphate, phosphate } = ionsOf(dissolved, water)
  // What hard water alone brings makes a cloud, and no mud.
  const isLimy = dissolved.some(({ product }) => labelToElements(product.analysis).ca > 0)
  if (!isLimy) return faults
  if (calcium * sulphate > GYPSUM_MMOL_L ** 2)
    faults.push({ kind: 'gypsum', calciumMmolL: calcium, otherMmolL: sulphate })
  if (calcium * phosphate > CALCIUM_PHOSPHATE_MMOL_L ** 2)
    faults.push({ kind: 'calciumPhosphate', calciumMmolL: calcium, otherMmolL: phosphate })
  return faults
}

/** One tank of stock. */
export interface StockTank {
  readonly name: 'a' | 'b'
  readonly feeds: readonly InLitre[]
}

/**
 * Stock for an injector: so many times as strong, in as many tanks as it takes.
 * What has calcium goes into tank A, everything else into B.
 *
 * @param feeds grams in a litre as it reaches the pot
 * @param ratio parts of water to one of stock
 * @returns grams in a litre of each stock, and what still cannot be
 */
export function stockTanks(
  feeds: readonly InLitre[],
  ratio: number,
  water: WaterSource = usualWater.rain,
): { readonly tanks: readonly StockTank[]; readonly faults: readonly MixFault[] } {
  // One part of stock in ratio + 1 of the whole.
  const strong = feeds.map(({ product, gramsL }) => ({ product, gramsL: gramsL * (ratio + 1) }))
  if (!canMix(strong, water).length) return { tanks: [{ name: 'a', feeds: strong }], faults: [] }
  const hasCalcium = ({ product }: InLitre) => labelToElements(product.analysis).ca > 0
  const tanks = [
    { name: 'a' as const, feeds: strong.filter(hasCalcium) },
    { name: 'b' as const, feeds: strong.filter((one) => !hasCalcium(one)) },
  ].filter((tank) => tank.feeds.length > 0)
  if (tanks.length === 1)
    return { tanks: [{ name: 'a', feeds: strong }], faults: canMix(strong, water) }
  return { tanks, faults: tanks.flatMap((tank) => canMix(tank.feeds, water)) }
}
