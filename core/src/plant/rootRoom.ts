import { daysBetween, published, reason, practice, type Reason } from '../units'
import type { ContainerVolumes } from '../container'
import type { Variety } from './varietySchema'

/**
 * Doubling the pot raised biomass by 43 % on average over 65 studies, so
 * biomass goes with V to the power log₂ 1.43 = 0.516.
 */
const VOLUME_EXPONENT = Math.log2(1.43)
export const volumeProvenance = published(
  'Poorter, Bühler, van Dusschoten, Climent & Postma 2012, Functional Plant Biology 39:839–850',
)
export const sharingProvenance = published('Shinozaki & Kira 1956, reciprocal yield law')

/**
 * Competition in 1/w = a + b·n as b/a = 1/3, from two peppers at 80 % each in
 * one pot (practice): 1/w doubles its plants and gains a quarter.
 */
const COMPETITION = 1 / 3

/** Share that an own pot of this volume gives, 0–1. */
const alone = (volumeL: number, fullVolumeL: number) =>
  Math.min(1, (volumeL / fullVolumeL) ** VOLUME_EXPONENT)

export interface RelativeYield {
  /** Each plant beside an unrestricted plant, 0–1. */
  readonly perPlant: number
  /** All plants of the pot together, in unrestricted plants. */
  readonly total: number
  readonly reasons: readonly Reason[]
}

/**
 * What plants in a pot are expected to yield beside an unrestricted plant.
 *
 * Alone, a plant's share goes with its volume of mix up to the volume that sets
 * no limit. Several in one pot follow the reciprocal yield law, and never do
 * worse than each in an own pot of an equal part.
 *
 * @param rootVolumeL mix in the pot, L
 * @param count       plants in it
 * @source Poorter et al. 2012; Shinozaki & Kira 1956
 */
export function relativeYield({
  variety,
  rootVolumeL,
  count,
}: {
  readonly variety: Variety
  readonly rootVolumeL: number
  readonly count: number
}): RelativeYield {
  const { fullVolumeL } = variety
  const single = alone(rootVolumeL, fullVolumeL)
  const shared = (single * (1 + COMPETITION)) / (1 + COMPETITION * count)
  const perPlant = Math.max(shared, alone(rootVolumeL / count, fullVolumeL))
  return {
    perPlant,
    total: perPlant * count,
    reasons: [
      reason('yield.volume', { rootVolumeL, fullVolumeL, yieldShare: single }, volumeProvenance),
      ...(count > 1
        ? [
            reason(
              'yield.sharing',
              { plantCount: count, yieldShare: perPlant / single },
              sharingProvenance,
            ),
            reason('yield.twoAtEighty', {}, practice),
          ]
        : []),
    ],
  }
}

/**
 * What plants of one container are expected to yield: of a whole pot they share
 * all of its root room, in the pockets of a tower each has its own.
 *
 * @param count plants in the container, all kinds together
 */
export function sharedYield(
  variety: Variety,
  { rootVolumeL, cells }: Pick<ContainerVolumes, 'rootVolumeL' | 'cells'>,
  count: number,
): RelativeYield {
  const inCell = relativeYield({
    variety,
    rootVolumeL: rootVolumeL / cells,
    count: Math.max(1, count / cells),
  })
  return { ...inCell, total: inCell.perPlant * count }
}

/** The room its roots have, and how many plants share it, this one counted. */
export type RootRoom = Pick<ContainerVolumes, 'rootVolumeL' | 'cells'> & {
  readonly plantCount: number
}

/** The same from a day on; without a day from the first. */
export type RoomFrom = RootRoom & { readonly from?: string | undefined }

/** What a plant is expected to yield in the room of each day: of the last change that has come by then. */
export function yieldByDay(
  variety: Variety,
  container: RootRoom | readonly RoomFrom[],
  from: string,
  days: number,
): (day: number) => RelativeYield {
  const rooms: readonly RoomFrom[] = 'plantCount' in container ? [container] : container
  const begins = rooms.map((room) => (room.from === undefined ? 0 : daysBetween(from, room.from)))
  const yields = rooms.map((room) => sharedYield(variety, room, room.plantCount))
  return (day) => {
    let index = rooms.length - 1
    while (index > 0 && begins[index]! > Math.min(day, days - 1)) index--
    return yields[index]!
  }
}
