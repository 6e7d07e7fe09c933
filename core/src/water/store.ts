import {
  timesBody,
  containerVolumes,
  mixBody,
  type Container,
  type ContainerVolumes,
} from '../container'
import {
  BUFFER_TO_CM,
  capillaryFlowCmD,
  EASILY_TO_CM,
  releasedL,
  WILTING_CM,
  type Mix,
} from '../mix'
import type { Crop } from '../plant'
import { memory, own, published, reason, type Reason } from '../units'
import { HOURS_A_DAY } from '../weather'

/** Water of a pot, or of one tier of a tower, from drained down to wilting, L. */
export interface WaterCell {
  readonly availableL: number
  /** Of that, what is given before 50 cm of suction. */
  readonly easyL: number
  /** And what is given between 50 and 100 cm. */
  readonly bufferL: number
}

/** What a container keeps of the water it is given. */
export interface WaterStore {
  /** From above: what drains out of one runs into the next. */
  readonly cells: readonly WaterCell[]
  readonly availableL: number
  readonly easyL: number
  readonly bufferL: number
  readonly reservoirL: number
  /** What the mix lifts out of the reservoir at most, L an hour. */
  readonly capillaryLH: number
  /** How much of its mix sheds water once it is dry, 0–1. */
  readonly repellentShare: number
  /** Open surface, m². */
  readonly surfaceM2: number
  readonly fillVolumeL: number
}

/** Share of an ingredient's volume that sheds water when dry (memory). */
const REPELLENT: Readonly<Record<string, number>> = {
  peat: 1,
  pottingMix: 0.8,
  bark: 0.7,
  woodFibre: 0.7,
  woodChips: 0.6,
  leafMould: 0.4,
  coir: 0.3,
  compost: 0.2,
}

/** Between field capacity and wilting a loam holds 0.13–0.18 (FAO 56, Table 19). */
const EARTH_SHARE = 0.15
/** Of that, tomatoes use so much before they go short (FAO 56, Table 22), and a bit more as a buffer. */
const EARTH_EASY_SHARE = 0.4
const EARTH_BUFFER_SHARE = 0.15
/** Water that a finger-thick wick lifts (memory), L a day. */
const WICK_L_D = 2

const fao56Earth = published('FAO Irrigation and Drainage Paper 56, Tables 19 and 22')
const storeProvenance = published(
  'de Boodt & Verdonck 1972, Acta Hort. 26:37–44; Milks, Fonteno & Larson 1989, J. Amer. Soc. Hort. Sci. 114:48–61',
)

/** What a reservoir's mix lifts to the middle of the roots, L an hour. */
function capillaryOf(container: Container, volumes: ContainerVolumes, mix: Mix): number {
  const { reservoir } = container
  if (!reservoir) return 0
  const { slices, waterTableMm } = mixBody(container)
  const riseMm = slices.at(-1)!.toMm - waterTableMm
  const areaM2 = volumes.fillVolumeL / riseMm
  const throughMixL = (capillaryFlowCmD(mix, riseMm / 2) * 10 * areaM2) / HOURS_A_DAY
  return reservoir.feeding === 'wick'
    ? Math.min(throughMixL, (reservoir.footCount * WICK_L_D) / HOURS_A_DAY)
    : throughMixL
}

/**
 * What a container keeps of water, from its mix's own curve and its own form:
 * easily available first, then the buffer, then what is hard to extract.
 *
 * A stacked tower is a row of cells, one a tier, fed from above. Rings and the
 * bag below them are one body. A cut floor adds the earth that roots go into.
 */
export function waterStore(container: Container, mix: Mix): WaterStore {
  const volumes = containerVolumes(container)
  const { fillVolumeL, reservoirL, earthL, surfaceM2 } = volumes
  const body = mixBody(container)
  const { tower } = container
  const count = tower?.pocketVolumeL ? tower.tiers : 1
  const ofOneCell = timesBody(body, fillVolumeL / count)
  const released = (toCm: number) => releasedL(body, mix.curve, toCm) * ofOneCell
  const earth = earthL * EARTH_SHARE
  const easyL = released(EASILY_TO_CM)
  const cell: WaterCell = {
    availableL: released(WILTING_CM) + earth,
    easyL: easyL + earth * EARTH_EASY_SHARE,
    bufferL: released(BUFFER_TO_CM) - easyL + earth * EARTH_BUFFER_SHARE,
  }
  return {
    cells: Array.from({ length: count }, () => cell),
    availableL: cell.availableL * count,
    easyL: cell.easyL * count,
    bufferL: cell.bufferL * count,
    reservoirL,
    capillaryLH: capillaryOf(container, volumes, mix),
    repellentShare: mix.blend.shares.reduce(
      (sum, { ingredient, share }) => sum + share * (own(REPELLENT, ingredient.id) ?? 0),
      0,
    ),
    surfaceM2,
    fillVolumeL,
  }
}

/** With a wetting agent dry mix sheds this share of what it did without (memory). */
const WETTED_SHEDS = 0.3
/** The same store with a wetting agent in its mix. */
export const wetted = (store: WaterStore): WaterStore => ({
  ...store,
  repellentShare: store.repellentShare * WETTED_SHEDS,
})

/** Peppers go short sooner than tomatoes: 0.30 beside 0.40 (FAO 56, Table 22). */
export const FREE_BESIDE_TOMATO: Readonly<Record<Crop, number>> = { tomato: 1, pepper: 0.75 }
/** With each mm a day less than 5, so much more may be used up freely (FAO 56, Table 22). */
const FREE_SHARE_A_MM = 0.04
const FREE_SHARE = { least: 0.1, most: 0.8 }

/**
 * p: of a pot's water, the share that may be used before the plant goes short, 0–1: what is
 * easily available, less for peppers, less on a day that draws much.
 *
 * @param dailyMm what a field of the crop draws that day, mm: not what one lone plant does
 * @source FAO 56, Table 22 and its footnote
 */
export const freeShareOf = (
  { easyL, availableL }: Pick<WaterCell, 'easyL' | 'availableL'>,
  sensitivity: number,
  dailyMm: number,
): number =>
  Math.max(
    FREE_SHARE.least,
    Math.min(
      FREE_SHARE.most,
      (availableL > 0 ? easyL / availableL : 0) * sensitivity + FREE_SHARE_A_MM * (5 - dailyMm),
    ),
  )

/**
 * Ks: of the water a plant needs, what a pot lets it have when so much is missing, 0–1.
 *
 * @source FAO 56, Eq. 84
 */
export const stressShare = (missingL: number, availableL: number, freeShare: number): number =>
  Math.max(0, Math.min(1, (availableL - missingL) / ((1 - freeShare) * availableL)))

/** Why a pot holds that much water. */
export function storeReasons(store: WaterStore, container: Container): readonly Reason[] {
  const { availableL, easyL, bufferL, reservoirL, capillaryLH, repellentShare, cells } = store
  return [
    reason(
      'store.parts',
      { easyWaterL: easyL, bufferWaterL: bufferL, availableWaterL: availableL },
      storeProvenance,
    ),
    ...(cells.length > 1 ? [reason('store.tiers', { tierCount: cells.length }, memory)] : []),
    ...(container.rings ? [reason('store.rings', {}, memory)] : []),
    ...(reservoirL > 0
      ? [
          reason(
            'store.reservoir',
            { reservoirWaterL: reservoirL, liftWaterL: capillaryLH * HOURS_A_DAY },
            published('Gardner 1958, Soil Sci. 85:228–232'),
          ),
        ]
      : []),
    ...(container.sunken ? [reason('store.earth', {}, fao56Earth)] : []),
    ...(repellentShare > 0.15
      ? [reason('store.repellent', { shedsShare: repellentShare }, memory)]
      : []),
  ]
}
