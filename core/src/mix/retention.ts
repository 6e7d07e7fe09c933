import { memory, published, reason, type Reason } from '../units'
import { shapeVolumeL, sectionAreaMm2, type Shape } from '../container'
import { recipeShares, type Recipe } from './recipe'
import { TABLED_SUCTIONS_CM } from './ingredients'
import { shrinkShare } from './shrinkage'

/** How much water a mix holds against a pull. */
export interface RetentionCurve {
  /** Share of the volume that is not solid: all of it water when soaked, 0–1. */
  readonly totalPorosity: number
  /** Share of the volume that is water at a suction in cm, 0–1. */
  readonly waterShare: (suctionCm: number) => number
}

export interface RetentionPoint {
  readonly suctionCm: number
  readonly waterShare: number
}

const logScale = (suctionCm: number) => Math.log(1 + suctionCm)

/**
 * A retention curve through measured points, straight between them on a
 * logarithmic scale of suction and level beyond the last.
 *
 * @param points in order of suction, the first at 0 cm
 */
export function retentionCurve(points: readonly RetentionPoint[]): RetentionCurve {
  const first = points[0]!
  const last = points[points.length - 1]!
  const waterShare = (suctionCm: number): number => {
    if (suctionCm <= first.suctionCm) return first.waterShare
    const after = points.findIndex((point) => point.suctionCm >= suctionCm)
    if (after < 0) return last.waterShare
    const from = points[after - 1]!
    const to = points[after]!
    const way =
      (logScale(suctionCm) - logScale(from.suctionCm)) /
      (logScale(to.suctionCm) - logScale(from.suctionCm))
    return from.waterShare + (to.waterShare - from.waterShare) * way
  }
  return { totalPorosity: first.waterShare, waterShare }
}

/**
 * Retention of a mix from that of its ingredients.
 *
 * Volumes are added, then drawn together by the shrinkage: the solids and the
 * water held in small pores come closer, the large pores between them pay for it.
 */
export function mixRetention(recipe: Recipe): RetentionCurve {
  const shares = recipeShares(recipe)
  const packing = 1 / (1 - shrinkShare(recipe))
  const blended = (index: number) =>
    shares.reduce((sum, part) => sum + part.share * part.ingredient.waterShares[index]!, 0)
  const totalPorosity = 1 - (1 - blended(0)) * packing
  return retentionCurve(
    TABLED_SUCTIONS_CM.map((suctionCm, index) => ({
      suctionCm,
      waterShare: index === 0 ? totalPorosity : Math.min(totalPorosity, blended(index) * packing),
    })),
  )
}

/** Dry bulk density of a mixed and settled recipe, g/L. */
export function mixBulkDensityGL(recipe: Recipe): number {
  const loose = recipeShares(recipe).reduce(
    (sum, part) => sum + part.share * part.ingredient.bulkDensityGL,
    0,
  )
  return loose / (1 - shrinkShare(recipe))
}

export interface DrainedState {
  /** Water held once drained, share of the filled volume, 0–1. */
  readonly containerCapacity: number
  /** Air beside it, 0–1. */
  readonly airSpace: number
}

/** Heights at which a pot is sampled when a quantity is summed over it. */
const SLICES = 50

function integrate(toMm: number, at: (zMm: number) => number): number {
  const stepMm = toMm / SLICES
  let sum = 0
  for (let slice = 0; slice < SLICES; slice++) sum += at((slice + 0.5) * stepMm)
  return sum * stepMm
}

/**
 * Water that stays in a pot once it has drained, and the air left beside it.
 *
 * Just after draining, the mix at height z above the floor is under z cm of
 * suction: wettest at the floor, airiest at the top. The share of water at each
 * height is read off the retention curve and summed over the pot's own shape.
 *
 * @param shape  inside of the container, mm
 * @param fillMm height of the mix above the inner floor
 * @param curve  retention of the mix, suction in cm
 * @source Milks, Fonteno & Larson 1989, J. Amer. Soc. Hort. Sci. 114:57–61
 */
export function drainedState(shape: Shape, fillMm: number, curve: RetentionCurve): DrainedState {
  const volumeMm3 = shapeVolumeL(shape, fillMm) * 1e6
  const waterMm3 = integrate(
    fillMm,
    (zMm) => sectionAreaMm2(shape, zMm) * curve.waterShare(zMm / 10),
  )
  const containerCapacity = waterMm3 / volumeMm3
  return { containerCapacity, airSpace: curve.totalPorosity - containerCapacity }
}

export interface WetnessAtHeight {
  /** Height above the floor, share of the fill, 0–1. */
  readonly heightShare: number
  /** Share of the pores that is water, 0–1. */
  readonly saturation: number
}

/** How wet a drained pot is by height, floor first. */
export function drainedProfile(
  fillMm: number,
  curve: RetentionCurve,
  steps = 8,
): readonly WetnessAtHeight[] {
  return Array.from({ length: steps + 1 }, (_, step) => {
    const heightShare = step / steps
    const suctionCm = (heightShare * fillMm) / 10
    return { heightShare, saturation: curve.waterShare(suctionCm) / curve.totalPorosity }
  })
}

/** Suction at which easily available water ends, cm (de Boodt & Verdonck 1972, Acta Hort. 26). */
const EASILY_AVAILABLE_TO_CM = 50

/**
 * Water that a plant takes up easily from a drained pot before it has to work,
 * L: from the drained state to 50 cm of suction.
 *
 * @source de Boodt & Verdonck 1972, Acta Hort. 26:37–44, for the limit
 */
export function easilyAvailableL(shape: Shape, fillMm: number, curve: RetentionCurve): number {
  const volumeL = shapeVolumeL(shape, fillMm)
  const { containerCapacity } = drainedState(shape, fillMm, curve)
  const left = curve.waterShare(EASILY_AVAILABLE_TO_CM)
  return Math.max(0, volumeL * (containerCapacity - left))
}

/** Why a drained pot of this mix holds the water and the air it does, and weighs what it does. */
export function drainedReasons(fillMm: number, recipe: Recipe): Reason[] {
  const curve = mixRetention(recipe)
  return [
    reason(
      'mix.drained',
      {
        fillMm,
        poreShare: curve.totalPorosity,
        topShare: curve.waterShare(fillMm / 10),
      },
      published('Milks, Fonteno & Larson 1989, J. Amer. Soc. Hort. Sci. 114:57–61'),
    ),
    reason('mix.ingredientsTypical', { dryDensityGL: mixBulkDensityGL(recipe) }, memory),
  ]
}

/** Mass of a filled and just watered container, without its own wall and its plant, kg. */
export function wateredMassKg(shape: Shape, fillMm: number, recipe: Recipe): number {
  const { containerCapacity } = drainedState(shape, fillMm, mixRetention(recipe))
  return shapeVolumeL(shape, fillMm) * (mixBulkDensityGL(recipe) / 1000 + containerCapacity)
}
