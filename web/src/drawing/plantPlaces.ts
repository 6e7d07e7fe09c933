import {
  innerSizeMm,
  rimHeightMm,
  type PlantGrowth,
  type PotToday,
  type Variety,
} from '@rimbo/core'
import { reachOf } from './plantForm'

export interface PlantPlace {
  readonly variety: Variety
  readonly growth: PlantGrowth
  readonly seed: string
  readonly xMm: number
  /** Height of the stem's foot above the container's floor. */
  readonly zMm: number
  readonly buriedMm: number
  /** How far it leans out of a pocket in a side wall. */
  readonly leanDeg: number
}

const POCKET_LEAN_DEG = 32

/** More plants than this in a container taller than wide stand up its sides, in pockets. */
const PLANTS_ON_TOP = 4

interface Standing {
  readonly variety: Variety
  readonly growth: PlantGrowth
  readonly seed: string
}

const standingIn = (pot: PotToday): Standing[] =>
  pot.plants.flatMap(({ planting, variety, growth }) =>
    growth.stage === 'notPlanted'
      ? []
      : Array.from({ length: planting.count }, (_, index) => ({
          variety,
          growth,
          seed: `${planting.id}-${index}`,
        })),
  )

/** Where the plants of a container stand in its section. */
export function plantPlaces(pot: PotToday): readonly PlantPlace[] {
  const { shape, fillMm } = pot.container
  const plants = standingIn(pot)
  const widthMm = innerSizeMm(shape, fillMm).lengthMm
  const isColumn = plants.length > PLANTS_ON_TOP && rimHeightMm(shape) > 2 * widthMm
  return plants.map((plant, index) => {
    if (isColumn) {
      const side = index % 2 ? 1 : -1
      const tiers = Math.ceil(plants.length / 2)
      const tier = Math.floor(index / 2)
      return {
        ...plant,
        xMm: (side * widthMm) / 2,
        zMm: ((tier + 0.6) / tiers) * fillMm,
        buriedMm: 0,
        leanDeg: side * POCKET_LEAN_DEG,
      }
    }
    return {
      ...plant,
      xMm: ((index + 0.5) / plants.length - 0.5) * widthMm,
      zMm: fillMm,
      buriedMm: Math.min(plant.variety.crop === 'tomato' ? 130 : 40, fillMm * 0.6),
      leanDeg: 0,
    }
  })
}

/** How far a container and its plants reach to each side, and up from the ground, mm. */
export function extentOf(pot: PotToday): { halfMm: number; topMm: number } {
  const { shape, baseHeightMm, wallMm, type } = pot.container
  const rimMm = rimHeightMm(shape)
  const rimHalfMm = innerSizeMm(shape, rimMm).lengthMm / 2 + wallMm
  const hangerMm = type === 'basket' ? 480 : 0
  return plantPlaces(pot).reduce(
    (extent, { variety, growth, xMm, zMm }) => ({
      halfMm: Math.max(extent.halfMm, Math.abs(xMm) + reachOf(variety, growth)),
      topMm: Math.max(extent.topMm, baseHeightMm + zMm + growth.heightMm),
    }),
    { halfMm: rimHalfMm, topMm: baseHeightMm + rimMm + hangerMm },
  )
}
