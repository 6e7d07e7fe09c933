import { dayOf, remembered } from '../../units'
import type { Garden, Planting } from '../garden'
import type { GardenRecord } from '../kinds'
import { historyOf, isBy, type Removal } from './inOrder'

type HasPlants = Pick<Garden, 'plantings' | 'records'>

/** One planting in one container: since when, and up to when. */
export interface Stay {
  readonly planting: Planting
  readonly containerId: string
  /** Day or moment from which it stands there. */
  readonly from: string
  /** The record with which it left; none where it still stands. */
  readonly left?: Removal
}

/** Where a planting stood, from the first container on. */
function staysOf(planting: Planting, removals: readonly Removal[]): Stay[] {
  const stays: Stay[] = []
  let here: Omit<Stay, 'left'> | undefined = {
    planting,
    containerId: planting.containerId,
    from: planting.plantedOn,
  }
  for (const left of removals) {
    if (!here || dayOf(left.at) < planting.plantedOn) continue
    stays.push({ ...here, left })
    here = left.movedTo ? { planting, containerId: left.movedTo, from: left.at } : undefined
  }
  return here ? [...stays, here] : stays
}

/** Every stay of every planting, by container. */
export const staysByContainer = remembered(
  (records: readonly GardenRecord[], plantings: readonly Planting[]) => {
    const { removals } = historyOf(records)
    const stays = new Map<string, Stay[]>()
    for (const planting of plantings)
      for (const stay of staysOf(planting, removals.get(planting.id) ?? [])) {
        const there = stays.get(stay.containerId)
        if (there) there.push(stay)
        else stays.set(stay.containerId, [stay])
      }
    return stays
  },
)

const isStandingAt = ({ from, left }: Stay, at: string): boolean =>
  isBy({ at: from }, at) && !(left && isBy(left, at))

/**
 * The plantings that stand on the evening of a day, or at a moment, each with the
 * container in which it stands then. What frost has killed stands until it is removed.
 */
export const standingOn = ({ plantings, records }: HasPlants, date: string): readonly Planting[] =>
  plantings.flatMap((planting) => {
    const stays = staysOf(planting, historyOf(records).removals.get(planting.id) ?? [])
    const here = stays.find((stay) => isStandingAt(stay, date))
    if (!here) return []
    const { containerId } = here
    return [containerId === planting.containerId ? planting : { ...planting, containerId }]
  })

/** Whether a planting has been taken out by a day or moment, whichever container it stood in last. */
export function isGone({ records }: Pick<Garden, 'records'>, id: string, at: string): boolean {
  const removals = historyOf(records).removals.get(id) ?? []
  const last = removals.filter((record) => isBy(record, at)).at(-1)
  return !!last && !last.movedTo
}
