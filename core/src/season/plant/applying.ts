import type { Container } from '../../container'
import type { PlacedPlants, StandingSpot } from '../../fit'
import {
  editOf,
  edits,
  isGone,
  nextCode,
  type Garden,
  type GardenEdit,
  type Planting,
} from '../../garden'
import { outerSizeMm } from '../../place'

export interface Applied {
  readonly containers: Container[]
  readonly plantings: Planting[]
}

/** How a container comes to stand on a spot: turned, if it fits only so. */
function standingOn(container: Container, spot: StandingSpot): Container['standing'] {
  if (spot.id === container.id) return container.standing
  const { lengthMm, widthMm } = outerSizeMm(container)
  const isTurned = lengthMm > spot.lengthMm || widthMm > spot.widthMm
  return { xMm: spot.xMm, yMm: spot.yMm, isTurned }
}

/**
 * The containers and plantings of a garden once an arrangement is carried out:
 * pots moved to their spots and planted anew, what was bought added at the end.
 * A pot that the arrangement leaves empty is taken up where another needs its
 * place, and stays as it is otherwise.
 *
 * @param plantedOn day of planting
 * @param newId     a fresh id at each call
 */
export function applied(
  garden: Garden,
  placements: readonly PlacedPlants[],
  spots: readonly StandingSpot[],
  plantedOn: string,
  newId: () => string,
): Applied {
  const containers = [...garden.containers]
  const filled = new Set<string>()
  const plantings: Planting[] = []
  for (const { containerId, container, spotId, variety, count } of placements) {
    const spot = spots.find(({ id }) => id === spotId)
    if (!spot) continue
    const id = containerId ?? newId()
    const own = containers.find((one) => one.id === containerId) ?? {
      ...container,
      id,
      code: nextCode({ containers }, 'P1'),
    }
    const placed = { ...own, standing: standingOn(own, spot), spaceId: spot.spaceId }
    const index = containers.findIndex((one) => one.id === id)
    if (index < 0) containers.push(placed)
    else containers[index] = placed
    filled.add(id)
    plantings.push({ id: newId(), containerId: id, varietyId: variety.id, count, plantedOn })
  }
  const neededBy = new Map(
    placements.map(({ containerId, spotId }) => [spotId, containerId] as const),
  )
  return {
    containers: containers.map((container) => {
      const isDisplaced =
        !filled.has(container.id) &&
        neededBy.has(container.id) &&
        neededBy.get(container.id) !== container.id
      if (!isDisplaced) return container
      const { standing: _taken, ...loose } = container
      return loose
    }),
    plantings: [
      ...garden.plantings.filter(
        ({ id, containerId }) => !filled.has(containerId) || isGone(garden, id, plantedOn),
      ),
      ...plantings,
    ],
  }
}

/** An arrangement is carried out, as `applied` says. */
export const applyArrangement = (
  placements: readonly PlacedPlants[],
  spots: readonly StandingSpot[],
  plantedOn: string,
  newId: () => string,
): GardenEdit =>
  editOf('applyArrangement', {}, (draft) => {
    const { containers, plantings } = applied(draft, placements, spots, plantedOn, newId)
    draft.plantings = plantings
    for (const placed of containers) {
      const stored = draft.containers.find(({ id }) => id === placed.id)
      if (!stored) draft.containers.push(placed)
      else edits.correctIn(draft, placed.id, edits.changedState(stored, placed), placed)
    }
  })
