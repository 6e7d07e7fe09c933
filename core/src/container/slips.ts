import type { z } from 'zod'
import type { cutOutsSchema, layersSchema, reservoirSchema, ringsSchema } from './parts'
import { innerSizeMm, rimHeightMm } from './shape'
import type { Shape } from './shapeSchema'

/** The measures of a container that have to fit one another, mm. */
interface Measured {
  readonly shape: Shape
  readonly fillMm: number
  readonly rolledMm?: number | undefined
  readonly linerMm?: number | undefined
  readonly reservoir?: z.infer<typeof reservoirSchema> | undefined
  readonly layers?: z.infer<typeof layersSchema> | undefined
  readonly rings?: z.infer<typeof ringsSchema> | undefined
  readonly cutOuts?: z.infer<typeof cutOutsSchema> | undefined
}

/** A measure that does not fit the others: where it stands, what it may be and what it is, mm. */
export interface Slip {
  readonly code: string
  readonly path: readonly string[]
  readonly limit: number
  readonly given: number
}

/** A slip, where there is one. */
const slipIf = (isSlip: boolean, code: string, at: string, limit: number, given: number): Slip[] =>
  isSlip ? [{ code, path: at.split('.'), limit, given }] : []

/** A soft wall is never rolled below this. */
const LEAST_RIM_MM = 50

function rimSlips({ shape, fillMm, rolledMm = 0 }: Measured): Slip[] {
  const wholeMm = rimHeightMm(shape)
  const rimMm = wholeMm - rolledMm
  return rimMm < LEAST_RIM_MM
    ? slipIf(true, 'rolledAway', 'rolledMm', wholeMm - LEAST_RIM_MM, rolledMm)
    : slipIf(fillMm > rimMm, 'fillOverRim', 'fillMm', rimMm, fillMm)
}

function reservoirSlips({ shape, fillMm, reservoir, linerMm = 0 }: Measured): Slip[] {
  if (!reservoir) return []
  const { falseFloorMm: floorMm, overflowMm, feeding, footCount, footDiameterMm } = reservoir
  const { lengthMm, widthMm } = innerSizeMm(shape, 0)
  const footMm = Math.sqrt((lengthMm * widthMm) / footCount)
  const isTooWide = feeding === 'foot' && footDiameterMm > footMm
  const mixMm = fillMm - linerMm
  return [
    ...slipIf(floorMm >= mixMm, 'noMixAbove', 'reservoir.falseFloorMm', mixMm, floorMm),
    ...slipIf(overflowMm > floorMm, 'overflowTooHigh', 'reservoir.overflowMm', floorMm, overflowMm),
    ...slipIf(isTooWide, 'footTooWide', 'reservoir.footDiameterMm', footMm, footDiameterMm),
  ]
}

function layerSlips({ fillMm, layers, linerMm = 0 }: Measured): Slip[] {
  if (!layers) return []
  const belowMm = layers.fillerMm + layers.poorSoilMm
  const at = layers.poorSoilMm > 0 ? 'layers.poorSoilMm' : 'layers.fillerMm'
  return slipIf(belowMm >= fillMm - linerMm, 'noMixAbove', at, fillMm, belowMm)
}

function openingSlips({ shape, rings, cutOuts }: Measured): Slip[] {
  const top = innerSizeMm(shape, rimHeightMm(shape))
  const tooWide = (count: number, givenMm: number, at: string): Slip[] => {
    const mostMm = Math.min(top.widthMm, top.lengthMm / count)
    return slipIf(givenMm > mostMm, 'ringsTooWide', at, mostMm, givenMm)
  }
  const ringSlips = rings && [
    ...slipIf(
      rings.fillMm > rings.heightMm,
      'fillOverRim',
      'rings.fillMm',
      rings.heightMm,
      rings.fillMm,
    ),
    ...tooWide(rings.count, rings.bottomDiameterMm, 'rings.bottomDiameterMm'),
  ]
  const cutSlips = cutOuts && tooWide(cutOuts.count, cutOuts.diameterMm, 'cutOuts.diameterMm')
  return [...(ringSlips ?? []), ...(cutSlips ?? [])]
}

function linerSlips({ shape, fillMm, linerMm = 0 }: Measured): Slip[] {
  const atFillMm = Math.min(Math.max(fillMm, 0), rimHeightMm(shape))
  const mostMm = Math.min(fillMm, innerSizeMm(shape, atFillMm).lengthMm / 2)
  return slipIf(linerMm > 0 && linerMm >= mostMm, 'linerTooThick', 'linerMm', fillMm, linerMm)
}

/**
 * Measures of a container that do not fit one another: a fill over the rim, a foot too wide.
 * Of one that has no height nothing more can be said.
 */
export const slipsOf = (container: Measured): Slip[] =>
  rimHeightMm(container.shape) > 0
    ? [rimSlips, reservoirSlips, layerSlips, openingSlips, linerSlips].flatMap((slips) =>
        slips(container),
      )
    : []
