import {
  amendmentG,
  feedCatalogue,
  productIn,
  usualWater,
  type FeedDose,
  type FeedProduct,
  type FeedTools,
  type WaterSource,
} from '../feed'
import { lastTest, limes, type Amendment } from '../mix'
import type { Garden, Settings } from './garden'
import { recordableL, type UndatedRecord, type WaterOrigin } from './kinds'

/** Everything that is strewn by the hand or spoon and can be weighed: limes and generic feeds. */
const weighed = [
  ...Object.values(limes),
  ...feedCatalogue.filter(({ id }) => !(id in limes)),
] as const
export const productIds: readonly string[] = weighed.map(({ id }) => id)

/** What a millilitre of a product weighs, as the gardener's own spoon has it, g. */
function ownDensityGMl({ mixTests }: Pick<Garden, 'mixTests'>, productId: string) {
  const weigh = lastTest(mixTests, 'weigh', 'product', productId)
  return weigh && weigh.massG / (weigh.volumeL * 1000)
}

/** What a loose millilitre of a lime or generic feed weighs: as weighed by the gardener, else typical. */
export function densityGMlOf(garden: Pick<Garden, 'mixTests'>, productId: string): number {
  const known =
    ownDensityGMl(garden, productId) ?? weighed.find(({ id }) => id === productId)?.densityGMl
  if (known === undefined) throw new Error(`There is no product ${productId}`)
  return known
}

/** The feed of that id, the gardener's own before the generic, with the weight of their own spoon. */
export function feedProductOf(
  garden: Pick<Garden, 'products' | 'mixTests'>,
  id: string,
): FeedProduct | undefined {
  const product = productIn(garden.products, id)
  const densityGMl = product && ownDensityGMl(garden, id)
  return product && densityGMl !== undefined ? { ...product, densityGMl } : product
}

/** All feeds that this gardener knows of: their own, and the generic ones that these do not replace. */
export const feedProducts = ({ products }: Pick<Garden, 'products'>): readonly FeedProduct[] => [
  ...products,
  ...feedCatalogue.filter(({ id }) => !products.some((own) => own.id === id)),
]

/**
 * A dose as it is recorded. The water it is dissolved in counts as water given.
 */
export const feedRecordOf = (
  containerId: string,
  { product, massG, solution }: Pick<FeedDose, 'product' | 'massG' | 'solution'>,
): Extract<UndatedRecord, { readonly kind: 'feed' }> => ({
  containerId,
  kind: 'feed',
  productId: product.id,
  massG,
  ...(solution && { volumeL: recordableL(solution.volumeL) }),
})

/** What a recipe strews of a product into one pot, g; undefined where it tells it in spoons that nobody weighed. */
export function strewnG(
  { settings }: Pick<Garden, 'settings'>,
  amendment: Amendment,
  { densityGMl }: FeedProduct,
  fillVolumeL: number,
): number | undefined {
  const { unitSystem, measures } = settings
  if (densityGMl === undefined && amendment.unit !== 'gramsPerLitre') return undefined
  return amendmentG(amendment, fillVolumeL, densityGMl ?? 1, unitSystem, measures)
}

/** The gardener's spoons, can and water. */
export const feedTools = ({ settings }: Pick<Garden, 'settings'>): FeedTools => ({
  system: settings.unitSystem,
  measures: settings.measures,
  water: settings.water,
})

/**
 * What is in water from the tap, the standing can or the barrel: the gardener's own figures; those
 * of the usual can where that is the same kind of water; usual ones where nothing is known. Left to stand, tap water loses its
 * chlorine and keeps its salts.
 */
export function waterFrom({ water, waters }: Settings, origin?: WaterOrigin): WaterSource {
  if (!origin) return water
  const kind = origin === 'rain' ? 'rain' : 'tap'
  const usual = water.kind === kind ? water : usualWater[kind]
  const own = waters?.[origin] ?? (origin === 'stood' ? waters?.tap : undefined)
  return { ...usual, ...own }
}
