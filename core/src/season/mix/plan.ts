import {
  measuredOut,
  mostInMixGL,
  nutrientsIn,
  starterDose,
  starterProducts,
  type FeedCaution,
  type FeedProduct,
  type StarterDose,
  type StarterProduct,
} from '../../feed'
import {
  densityGMlOf,
  feedProductOf,
  feedTools,
  ingredientStockL,
  mixesOf,
  strewnG,
  type Garden,
} from '../../garden'
import {
  asGroundG,
  batchFor,
  CARBONATE_PER_CALCIUM,
  CARBONATE_PER_MAGNESIUM,
  cautionsFor,
  lastTest,
  limeDose,
  limeKinds,
  limes,
  planBatches,
  packsToBuy,
  totalOf,
  type Batch,
  type BatchLine,
  type Caution,
  type LimeCaution,
  type LimeDose,
  type LimeKindId,
  type Mix,
  type Recipe,
  type PacksToBuy,
  type TubPlan,
} from '../../mix'
import { inMeasures, type Measured } from '../../units'
import { type PotToday } from '../course'

/** Something strewn into a pot's mix because its recipe says so. */
export interface AmendmentDose {
  readonly productId: string
  readonly massG: number
  readonly measure: Measured | undefined
  /** Beside the most its label allows for so much mix; undefined where the label says nothing. */
  readonly timesLabel: number | undefined
}

/** What one container gets when it is filled. */
export interface PotFilling {
  readonly pot: PotToday
  readonly recipe: Recipe
  readonly batch: Batch
  readonly lime: LimeDose
  readonly limeMeasure: Measured | undefined
  readonly feed: StarterDose
  readonly feedMeasure: Measured | undefined
  readonly amendments: readonly AmendmentDose[]
}

/** One mix, in tubs, for all the pots that take it. */
export interface TubsOf extends TubPlan {
  readonly recipe: Recipe
  readonly fillings: readonly PotFilling[]
  readonly limeMeasure: Measured | undefined
  /** Strewn into each tub, by the recipe; the feed too where it goes through the whole mix. */
  readonly strewn: readonly AmendmentDose[]
}

/** One mixing for several containers. */
export interface MixPlan {
  readonly fillings: readonly PotFilling[]
  readonly tubs: readonly TubsOf[]
  /** Each ingredient once, over all containers and the reserve. */
  readonly lines: readonly BatchLine[]
  readonly shopping: PacksToBuy
  /** Finished, over all containers and the reserve. */
  readonly mixedL: number
  readonly looseL: number
  readonly reserveL: number
  /** What is used up of what was paid, for each mixed litre. */
  readonly pricePerL: number
  /** The same of bagged mix. */
  readonly baggedPricePerL: number
  /** What as much bagged mix would cost. */
  readonly baggedPrice: number
  readonly cautions: readonly (Caution | FeedCaution | LimeCaution)[]
}

/** How a mix is to be made. */
export interface MixingWishes {
  /** One recipe for all of them; undefined for each container's own. */
  readonly recipe: Recipe | string | undefined
  readonly product: StarterProduct
  readonly limeKind: LimeKindId
  /** Whether some is made for topping up later. */
  readonly withReserve: boolean
}

/** A mass of a product as this gardener's hand and spoons measure it. */
const inHand = (garden: Garden, massG: number, productId: string): Measured | undefined =>
  inMeasures(
    massG,
    densityGMlOf(garden, productId),
    garden.settings.unitSystem,
    garden.settings.measures,
  )

function filled(
  garden: Garden,
  pot: PotToday,
  { blend }: Mix,
  { product, limeKind }: MixingWishes,
): PotFilling {
  const { fillVolumeL } = pot.volumes
  const batch = batchFor(blend, fillVolumeL)
  const amendments = amendmentsFor(garden, blend.recipe, pot)
  const lime = limeDose(batch, limeKind, broughtG(garden, amendments))
  const feed = starterDose(product, fillVolumeL)
  return {
    pot,
    recipe: blend.recipe,
    batch,
    lime,
    limeMeasure: inHand(garden, lime.massG, limeKind),
    feed,
    feedMeasure: inHand(garden, feed.massG, product.id),
    amendments,
  }
}

/** What a recipe strews into the mix of one container. */
function amendmentsFor(garden: Garden, { amendments }: Recipe, pot: PotToday): AmendmentDose[] {
  return (amendments ?? []).flatMap((amendment): AmendmentDose[] => {
    const product = feedProductOf(garden, amendment.productId)
    const massG = product && strewnG(garden, amendment, product, pot.volumes.fillVolumeL)
    if (!product || massG === undefined) return []
    return [strewnDose(garden, product, massG, pot)]
  })
}

/** A mass of a product in spoons, beside what its label allows for the mix of a pot. */
function strewnDose(
  garden: Garden,
  product: FeedProduct,
  massG: number,
  { volumes }: Pick<PotToday, 'volumes'>,
): AmendmentDose {
  const mostG = mostInMixGL(product)
  return {
    productId: product.id,
    massG,
    measure: measuredOut(product, massG, feedTools(garden)).measure,
    timesLabel: mostG && massG / (mostG * volumes.fillVolumeL),
  }
}

/** Ground limestone that does as much as the limes among some amendments, g. */
function broughtG(garden: Garden, amendments: readonly AmendmentDose[]): number {
  return amendments.reduce((sum, { productId, massG }) => {
    const known = limeKinds.find((id) => id === productId)
    if (known) return sum + asGroundG(massG, limes[known])
    const product = feedProductOf(garden, productId)
    if (product?.form !== 'lime') return sum
    const { ca, mg } = nutrientsIn(product.analysis, massG)
    return sum + ca * CARBONATE_PER_CALCIUM + mg * CARBONATE_PER_MAGNESIUM
  }, 0)
}

function tubsFor(
  garden: Garden,
  mix: Mix,
  fillings: readonly PotFilling[],
  { product, limeKind, withReserve }: MixingWishes,
): TubsOf {
  const { recipe } = mix.blend
  const volumeL = fillings.reduce((sum, { batch }) => sum + batch.volumeL, 0)
  const squeeze = lastTest(garden.mixTests, 'squeeze', 'recipe', recipe.id)?.squeeze
  const plan = planBatches(mix, volumeL, garden.settings.measures, withReserve, limeKind, squeeze)
  const strewnG = new Map<string, number>()
  const strew = (productId: string, massG: number) =>
    strewnG.set(productId, (strewnG.get(productId) ?? 0) + massG / plan.tubs)
  // The reserve gets as much for each litre as the pots do.
  const withReserveToo = plan.batch.volumeL / volumeL
  const recipeG = fillings.reduce((sum, { lime }) => sum + lime.broughtG, 0) * withReserveToo
  const lime = limeDose(plan.batch, limeKind, recipeG)
  const limeG = lime.massG / plan.tubs
  const ofTub = {
    volumes: { ...fillings[0]!.pot.volumes, fillVolumeL: plan.batch.volumeL / plan.tubs },
  }
  for (const { amendments, feed } of fillings) {
    for (const { productId, massG } of amendments) strew(productId, massG * withReserveToo)
    if (product.placement === 'wholeMix') strew(product.id, feed.massG * withReserveToo)
  }
  return {
    ...plan,
    recipe,
    fillings,
    lime,
    limeG,
    limeMeasure: inHand(garden, limeG, limeKind),
    strewn: [...strewnG].flatMap(([productId, massG]) => {
      const product = feedProductOf(garden, productId)
      return product ? [strewnDose(garden, product, massG, ofTub)] : []
    }),
  }
}

/** What to mix, lime, feed and buy for some containers, in tubs, pot by pot and all of it together. */
export function mixPlan(garden: Garden, pots: readonly PotToday[], wishes: MixingWishes): MixPlan {
  const mixes = mixesOf(garden)
  const byRecipe = new Map<Mix, PotFilling[]>()
  const fillings = pots.flatMap((pot): PotFilling[] => {
    const mix = mixes(wishes.recipe ?? pot.container.recipeId)
    if (!mix) return []
    const filling = filled(garden, pot, mix, wishes)
    byRecipe.set(mix, [...(byRecipe.get(mix) ?? []), filling])
    return [filling]
  })
  const tubs = [...byRecipe].map(([mix, own]) => tubsFor(garden, mix, own, wishes))
  const batches = tubs.map(({ batch }) => batch)
  const lines = totalOf(batches)
  const shopping = packsToBuy(lines, ingredientStockL(garden))
  const mixedL = batches.reduce((sum, batch) => sum + batch.volumeL, 0)
  const { looseL, price } = garden.settings.baggedMix
  const isLimed = fillings.some(({ lime }) => lime.massG > 0)
  const strewn = new Set(tubs.flatMap((one) => one.strewn.map(({ productId }) => productId)))
  return {
    fillings,
    tubs,
    lines,
    shopping,
    mixedL,
    looseL: batches.reduce((sum, batch) => sum + batch.looseL, 0),
    reserveL: tubs.reduce((sum, { reserveL }) => sum + reserveL, 0),
    pricePerL: mixedL > 0 ? shopping.usedPrice / mixedL : 0,
    baggedPricePerL: price / looseL,
    baggedPrice: (price / looseL) * mixedL,
    cautions: [
      ...new Set([
        ...cautionsFor(lines),
        ...(isLimed ? fillings.map(({ lime }) => lime.kind.caution).slice(0, 1) : []),
        ...wishes.product.cautions,
        ...starterProducts.filter(({ id }) => strewn.has(id)).flatMap(({ cautions }) => cautions),
      ]),
    ],
  }
}
