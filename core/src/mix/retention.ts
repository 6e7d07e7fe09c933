import { memory, published, reason, type Reason } from '../units'
import { bodyVolumeL, type MixBody } from '../container'
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

/** Heights at which a slice is sampled when a quantity is summed over it. */
const SAMPLES = 50

/** A quantity by height, summed over the mix with its area, mm³. */
const overBody = ({ slices }: MixBody, at: (zMm: number) => number): number =>
  slices.reduce((sum, { fromMm, toMm, areaMm2 }) => {
    const stepMm = (toMm - fromMm) / SAMPLES
    let inSlice = 0
    for (let sample = 0; sample < SAMPLES; sample++) {
      const zMm = fromMm + (sample + 0.5) * stepMm
      inSlice += areaMm2(zMm) * at(zMm)
    }
    return sum + inSlice * stepMm
  }, 0)

/** Suction of free water that stands so far below, cm; none within it. */
const suctionCm = (zMm: number, waterTableMm: number) => Math.max(0, zMm - waterTableMm) / 10

/**
 * Water that stays in a pot once it has drained, and the air left beside it.
 *
 * Just after draining, the mix at z cm above where water stands (the floor, a
 * layer's edge, the overflow of a reservoir) is under z cm of suction: wettest
 * there, airiest at the top. The share of water at each height is read off the
 * retention curve and summed over the mix's own form.
 *
 * @param body  the mix as its container holds it
 * @param curve retention of the mix, suction in cm
 * @source Milks, Fonteno & Larson 1989, J. Amer. Soc. Hort. Sci. 114:57–61
 */
export function drainedState(body: MixBody, curve: RetentionCurve): DrainedState {
  const waterMm3 = overBody(body, (zMm) => curve.waterShare(suctionCm(zMm, body.waterTableMm)))
  const containerCapacity = waterMm3 / (bodyVolumeL(body) * 1e6)
  return { containerCapacity, airSpace: curve.totalPorosity - containerCapacity }
}

export interface WetnessAtHeight {
  /** Height in the mix, share of the way from its lowest to its highest, 0–1. */
  readonly heightShare: number
  /** Share of the pores that is water, 0–1. */
  readonly saturation: number
}

/** How wet a drained pot is by height, the lowest mix first. */
export function drainedProfile(
  { slices, waterTableMm }: MixBody,
  curve: RetentionCurve,
  steps = 8,
): readonly WetnessAtHeight[] {
  const fromMm = slices[0]!.fromMm
  const toMm = slices.at(-1)!.toMm
  return Array.from({ length: steps + 1 }, (_, step) => {
    const heightShare = step / steps
    const zMm = fromMm + heightShare * (toMm - fromMm)
    const water = curve.waterShare(suctionCm(zMm, waterTableMm))
    return { heightShare, saturation: water / curve.totalPorosity }
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
export function easilyAvailableL(body: MixBody, curve: RetentionCurve): number {
  const { containerCapacity } = drainedState(body, curve)
  const left = curve.waterShare(EASILY_AVAILABLE_TO_CM)
  return Math.max(0, bodyVolumeL(body) * (containerCapacity - left))
}

/** Why a drained pot of this mix holds the water and the air it does, and weighs what it does. */
export function drainedReasons({ slices, waterTableMm }: MixBody, recipe: Recipe): Reason[] {
  const curve = mixRetention(recipe)
  const fillMm = slices.at(-1)!.toMm - waterTableMm
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
