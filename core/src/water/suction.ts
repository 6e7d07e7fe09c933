import { mixBody, type Container } from '../container'
import { dryingsCm, WILTING_CM, type DrainedState, type Mix } from '../mix'
import type { WaterStore } from './store'

/** How hard the mix of a pot holds its water as it dries. */
export interface SuctionTable {
  /** Suction beside that of the drained pot, cm, by equal steps of what is missing, 0–1. */
  readonly extraCm: Float64Array
  /** Height of the mix above free water, cm. */
  readonly topCm: number
  readonly waterShareAt: (suctionCm: number) => number
}

const STEPS = 32

/** The pot's own table: worked out once, asked thousands of times. */
export function suctionTable(
  container: Container,
  mix: Mix & { readonly drained: DrainedState },
  { availableL, cells, fillVolumeL }: WaterStore,
): SuctionTable {
  const body = mixBody(container)
  const { containerCapacity } = mix.drained
  // The earth below a cut floor dries with the pot: each gives its share.
  const inMixL = Math.min(
    availableL,
    fillVolumeL * Math.max(0, containerCapacity - mix.curve.waterShare(WILTING_CM)),
  )
  const waterShares = Array.from(
    { length: STEPS + 1 },
    (_, step) => containerCapacity - ((step / STEPS) * inMixL) / fillVolumeL,
  )
  const extraCm = dryingsCm(body, mix.curve, waterShares)
  const tierMm =
    cells.length > 1 ? body.slices.at(-1)!.toMm : body.slices.at(-1)!.toMm - body.waterTableMm
  return { extraCm, topCm: tierMm / 10, waterShareAt: mix.curve.waterShare }
}

/** Suction beside that of the drained pot when so much is missing, cm. */
export function extraSuctionCm({ extraCm }: SuctionTable, missingShare: number): number {
  const at = Math.max(0, Math.min(1, missingShare)) * STEPS
  const low = Math.min(STEPS - 1, Math.floor(at))
  return extraCm[low]! + (extraCm[low + 1]! - extraCm[low]!) * (at - low)
}

/** Suction so deep below the surface, cm. */
export const suctionAtDepthCm = (
  table: SuctionTable,
  missingShare: number,
  depthMm: number,
): number => Math.max(0.1, table.topCm - depthMm / 10) + extraSuctionCm(table, missingShare)
