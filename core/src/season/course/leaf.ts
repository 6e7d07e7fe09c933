import type { OpenDay, SpotDay } from '../../place'
import { canopyOn, grownPlantKg, type GrowthCourse } from '../../plant'
import type { WaterDemand } from '../../water'
import type { PlantingBase, PotBase } from './pot'

/** Plants of one planting through the season. */
export interface PlantingCourse extends PlantingBase {
  readonly course: GrowthCourse
}

/**
 * The leaf over a container on a day of its course.
 *
 * @param isMorning with what was taken out on this very day
 */
export function canopiesOn(plants: readonly PlantingCourse[], day: number, isMorning = false) {
  const canopies: { canopyM2: number; basalCoefficient: number; count: number }[] = []
  for (const { course, planting } of plants) {
    const canopy = canopyOn(course, day, isMorning)
    if (!canopy) continue
    const { canopyM2, basalCoefficient } = canopy
    canopies.push({ canopyM2, basalCoefficient, count: planting.count })
  }
  return canopies
}

/** Fresh mass of the plants in a container on a day of its course, kg: by their leaf. */
export const plantKgOn = (plants: readonly PlantingCourse[], day: number): number =>
  plants.reduce((sum, { course, planting, variety, yield: expected }) => {
    const grownShare = (course.canopyM2[day] ?? 0) / variety.matureCanopyM2
    return sum + planting.count * grownShare * grownPlantKg(variety, expected.perPlant)
  }, 0)

/** What draws water from a container on a day of its course. */
export function demandOn(
  pot: Pick<PotBase, 'container' | 'volumes' | 'shelter' | 'wallM2'> & {
    readonly weather: readonly SpotDay[]
    readonly plants: readonly PlantingCourse[]
    readonly referenceMm: Float64Array
  },
  openDay: OpenDay,
  day: number,
): WaterDemand {
  const { container, volumes, weather, plants, referenceMm } = pot
  const here = weather[day]!
  const rainReaches = pot.shelter.rainShare > 0
  return {
    referenceMm: referenceMm[day]!,
    // Rain that a slab keeps off is told, but not counted.
    rainMm: (rainReaches ? here : openDay.weather).rainMm ?? 0,
    rainReaches,
    plants: canopiesOn(plants, day),
    exposure: container.exposure,
    type: container.type,
    surfaceM2: volumes.surfaceM2,
    mulchMm: container.mulchMm,
    material: container.material,
    wallM2: pot.wallM2,
  }
}
