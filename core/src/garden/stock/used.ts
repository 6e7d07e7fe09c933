import { containerVolumes } from '../../container'
import { productIn } from '../../feed'
import { batchFor } from '../../mix'
import { feedProductOf, strewnG } from '../feeding'
import { recipeOf } from '../named'
import type { Garden } from '../garden'
import { containerOn } from '../history'
import type { GardenRecord, RecordOf, StockUnit } from '../kinds'
import { recipeMix } from '../mixing'

/** What a record took from the stock. */
export interface Used {
  readonly itemId: string
  readonly amount: number
  readonly unit: StockUnit
}

/** The lime of a lime record. */
const LIME_STREWN = 'ground'
/** What a recharge is made with where nothing else is said. */
const COMPOST = 'compost'

/** A feed in grams, and in millilitres where its density is known: it may have been counted in either. */
function ofFeed(garden: Garden, itemId: string, massG: number): Used[] {
  const densityGMl = productIn(garden.products, itemId)
    ? feedProductOf(garden, itemId)?.densityGMl
    : undefined
  return [
    { itemId, amount: massG, unit: 'g' },
    ...(densityGMl ? [{ itemId, amount: massG / densityGMl, unit: 'mL' as const }] : []),
  ]
}

/**
 * What goes into so much of a mix: loose litres of each ingredient, as they are measured
 * out before they settle, and what is strewn in with them.
 */
export function ofMix(
  garden: Garden,
  recipeId: string | undefined,
  volumeL: number,
): readonly Used[] {
  const recipe = recipeOf(garden, recipeId)
  if (!recipe || !(volumeL > 0)) return []
  const { blend } = recipeMix(recipe, garden.ingredients, garden.mixTests)
  const strewn = (recipe.amendments ?? []).flatMap((amendment): Used[] => {
    const product = feedProductOf(garden, amendment.productId)
    const massG = product && strewnG(garden, amendment, product, volumeL)
    return massG === undefined ? [] : ofFeed(garden, amendment.productId, massG)
  })
  return [
    ...batchFor(blend, volumeL).lines.map(({ ingredient, looseL }): Used => ({
      itemId: ingredient.id,
      amount: looseL,
      unit: 'L',
    })),
    ...strewn,
  ]
}

/** Litres of mix in a container that is filled to a height, as it stood then. */
function filledL(garden: Garden, containerId: string | undefined, at: string, fillMm?: number) {
  const container = garden.containers.find(({ id }) => id === containerId)
  if (!container) return 0
  const then = containerOn(garden, container, at)
  return containerVolumes(fillMm === undefined ? then : { ...then, fillMm }).fillVolumeL
}

const counted = (itemId: string, amount: number): Used => ({ itemId, amount, unit: 'count' })

/** How many of it a kind of support takes; a string is cut from its roll and not counted. */
const SUPPORTS: Readonly<Record<string, readonly Used[]>> = {
  stake: [counted('stake', 1)],
  cage: [counted('cage', 1)],
  twoCages: [counted('cage', 2)],
  net: [counted('net', 1)],
  string: [],
}

/** What a record took from the stock: feeds and limes, what a pot was filled with, seeds, supports, small things. */
export function usedIn(garden: Garden, record: GardenRecord): readonly Used[] {
  switch (record.kind) {
    case 'lime':
      return ofFeed(garden, LIME_STREWN, record.massG)
    case 'feed':
      return record.massG === undefined ? [] : ofFeed(garden, record.productId, record.massG)
    case 'fill': {
      const volumeL = filledL(garden, record.containerId, record.at, record.fillMm)
      return ofMix(garden, record.recipeId, volumeL * (1 - (record.reusedShare ?? 0)))
    }
    case 'topUp':
      return record.volumeL === undefined
        ? []
        : ofMix(garden, record.recipeId ?? recipeNow(garden, record), record.volumeL)
    case 'mulch': {
      const container = garden.containers.find(({ id }) => id === record.containerId)
      if (!container || record.depthMm <= 0) return []
      const { surfaceM2 } = containerVolumes(containerOn(garden, container, record.at))
      // A millimetre over a square metre is a litre.
      return [{ itemId: record.material, amount: record.depthMm * surfaceM2, unit: 'L' }]
    }
    case 'recharge':
      return record.compostL === undefined
        ? []
        : [{ itemId: COMPOST, amount: record.compostL, unit: 'L' }]
    case 'sow':
      return [counted(record.varietyId, record.count)]
    case 'support':
      return SUPPORTS[record.support] ?? []
    case 'tie':
      return record.count === undefined ? [] : [counted('ties', record.count)]
    case 'potOn':
      return [counted('pot', record.count)]
    case 'spray':
      return ofSpray(garden, record)
    case 'label':
      return [counted('label', 1)]
    default:
      return []
  }
}

/** A spray as it was measured: weighed, or in millilitres. */
function ofSpray(garden: Garden, { productId, massG, volumeL }: RecordOf<'spray'>): Used[] {
  if (productId === undefined) return []
  if (massG !== undefined) return ofFeed(garden, productId, massG)
  if (volumeL === undefined) return []
  const volumeMl = volumeL * 1000
  const densityGMl = productIn(garden.products, productId)?.densityGMl
  return densityGMl
    ? ofFeed(garden, productId, volumeMl * densityGMl)
    : [{ itemId: productId, amount: volumeMl, unit: 'mL' }]
}

const recipeNow = (garden: Garden, { containerId }: GardenRecord): string | undefined =>
  garden.containers.find(({ id }) => id === containerId)?.recipeId
