import type { Crown } from '../../place'
import { crownAcrossMm } from '../../plant'
import type { PotToday } from '../course'

/**
 * The leaves of what is grown up in each pot that has its place, as discs over the
 * plan. Of several plants in one pot the areas are added; in a tower each hangs in a
 * pocket of its own, one above the other.
 */
export const crownsOf = (pots: readonly PotToday[]): readonly Crown[] =>
  pots.flatMap(({ container, plants }): Crown[] => {
    if (!container.standing || !plants.length) return []
    const acrossMm = plants.map(({ variety, yield: { perPlant }, planting }) =>
      crownAcrossMm(variety, perPlant, container.tower ? 1 : planting.count),
    )
    return [{ id: container.id, ...container.standing, radiusMm: Math.hypot(...acrossMm) / 2 }]
  })
