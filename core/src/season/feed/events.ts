import { placementOf, type DosedPot, type FeedEvent } from '../../feed'
import { feedProductOf, strewnG, type Garden, type GardenRecord, type RecordOf } from '../../garden'
import type { Recipe } from '../../mix'
import { dayOf, daysBetween } from '../../units'
import type { PotCourse } from '../course'

type FeedingGarden = Pick<Garden, 'products' | 'mixTests' | 'settings'>

/** A container as doses go by it. */
export const dosedPot = ({ volumes }: Pick<PotCourse, 'volumes'>): DosedPot => ({
  fillVolumeL: volumes.fillVolumeL,
  surfaceM2: volumes.surfaceM2,
  hasReservoir: volumes.reservoirL > 0,
})

/** What the recipe strewed into fresh mix, and what the records say was fed; before planting it is there from planting on. */
export function feedsOf(
  garden: FeedingGarden,
  pot: PotCourse,
  records: readonly GardenRecord[],
  {
    from,
    plantedOn,
    countedFrom,
    fresh,
  }: {
    from: string
    plantedOn: number
    /** Day before which all that was given is in what the ledger begins with, or gone. */
    countedFrom: number
    fresh: readonly { recipe: Recipe | undefined; volumeL: number; day: number }[]
  },
): { readonly strewn: readonly FeedEvent[]; readonly given: readonly FeedEvent[] } {
  const strewn = fresh.flatMap(({ recipe, volumeL, day }) =>
    (recipe?.amendments ?? []).flatMap((amendment): FeedEvent[] => {
      const product = feedProductOf(garden, amendment.productId)
      const massG = product && volumeL > 0 && strewnG(garden, amendment, product, volumeL)
      if (!product || !massG) return []
      return [{ day, product, massG, isInMix: true }]
    }),
  )
  const given = records.flatMap((record): FeedEvent[] => {
    const day = daysBetween(from, dayOf(record.at))
    if (day < countedFrom) return []
    const on = Math.max(plantedOn, day)
    if (record.kind === 'recharge') return rechargedBy(garden, record, on)
    if (record.kind !== 'feed' && record.kind !== 'lime') return []
    if (record.massG === undefined) return []
    const product = feedProductOf(garden, record.kind === 'feed' ? record.productId : 'ground')
    if (!product) return []
    const isDryRing = placementOf(product, dosedPot(pot)) === 'dryRimRing'
    return [{ day: on, product, massG: record.massG, isDryRing }]
  })
  return { strewn, given }
}

/** What was worked in with a recharge. */
const rechargedBy = (
  garden: FeedingGarden,
  { products = [] }: RecordOf<'recharge'>,
  day: number,
): FeedEvent[] =>
  products.flatMap(({ productId, massG }) => {
    const product = feedProductOf(garden, productId)
    return product ? [{ day, product, massG }] : []
  })
