import {
  innerSizeMm,
  standingRimMm,
  type PlantGrowth,
  type PotToday,
  type Variety,
} from '@rimbo/core'
import { reachOf } from './plantForm'
import { middles } from './potForm'

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

interface Standing {
  readonly variety: Variety
  readonly growth: PlantGrowth
  readonly seed: string
}

const standingIn = (pot: PotToday): Standing[] =>
  pot.plants.flatMap(({ planting, variety, growth }) =>
    !growth.isStanding
      ? []
      : Array.from({ length: planting.count }, (_, index) => ({
          variety,
          growth,
          seed: `${planting.id}-${index}`,
        })),
  )

/** Where the plants of a container stand in its section. */
export function plantPlaces(pot: PotToday): readonly PlantPlace[] {
  const { shape, fillMm, rings, cutOuts, tower } = pot.container
  const plants = standingIn(pot)
  const widthMm = innerSizeMm(shape, fillMm).lengthMm
  const across = middles((rings ?? cutOuts)?.count ?? plants.length, widthMm)
  return plants.map((plant, index) => {
    if (tower) {
      const side = index % 2 ? 1 : -1
      const { tiers } = tower
      const tier = tiers - 1 - (Math.floor(index / 2) % tiers)
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
      xMm: across[index % across.length]!,
      zMm: fillMm + (rings?.fillMm ?? 0),
      buriedMm: Math.min(plant.variety.crop === 'tomato' ? 130 : 40, fillMm * 0.6),
      leanDeg: 0,
    }
  })
}

/** How far a container and its plants reach to each side, and up from the ground, mm. */
export function extentOf(pot: PotToday): { halfMm: number; topMm: number } {
  const { shape, baseHeightMm, wallMm, type, rings } = pot.container
  const rimMm = standingRimMm(pot.container) + (rings?.heightMm ?? 0)
  const rimHalfMm = innerSizeMm(shape, standingRimMm(pot.container)).lengthMm / 2 + wallMm
  const hangerMm = type === 'basket' ? 480 : 0
  return plantPlaces(pot).reduce(
    (extent, { variety, growth, xMm, zMm }) => ({
      halfMm: Math.max(extent.halfMm, Math.abs(xMm) + reachOf(variety, growth)),
      topMm: Math.max(extent.topMm, baseHeightMm + zMm + growth.heightMm),
    }),
    { halfMm: rimHalfMm, topMm: baseHeightMm + rimMm + hangerMm },
  )
}
