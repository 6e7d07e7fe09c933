import { remembered } from '../../units'
import type { Garden } from '../garden'
import type { GardenRecord } from '../kinds'
import { isChange } from './inOrder'
import { containerOn } from './potOn'
import { isGone, standingOn } from './standing'

/** What changed a pot, or took plants out of it. */
const isPast = (record: GardenRecord): boolean => isChange(record) || record.kind === 'remove'

const asOf = remembered((garden: Garden, at: string): Garden => {
  const containers = garden.containers.map((one) => containerOn(garden, one, at))
  const standing = standingOn(garden, at)
  const here = new Map(standing.map((planting) => [planting.id, planting]))
  return {
    ...garden,
    containers,
    // What is planned is still to come; what was taken out is not.
    plantings: garden.plantings.flatMap((planting) =>
      isGone(garden, planting.id, at) ? [] : [here.get(planting.id) ?? planting],
    ),
    records: garden.records.filter((record) => !isPast(record)),
  }
})

const hasChanges = remembered((records: readonly GardenRecord[]) => records.some(isPast))

/**
 * The garden as it stood on the evening of a day, or at a moment, as if its pots had
 * always been so: for questions about what stands there, such as what fits where, which
 * do not look back. What changed since the start is in its containers and plantings,
 * and no longer among its records.
 */
export const gardenAsOf = (garden: Garden, at: string): Garden =>
  hasChanges(garden.records) ? asOf(garden, at) : garden
