import { memory, published, reason, type Reason } from '../units'
import type { Shape } from './shapeSchema'

/** A pot and the plant on it as the wind sees them. */
export interface Tippable {
  /** All of it, as it stands, kg. */
  readonly massKg: number
  /** Across its foot, the short way, mm. */
  readonly baseMm: number
  readonly shape: Shape['kind']
  /** Leaf, one side of each, m². */
  readonly leafAreaM2: number
  readonly plantHeightMm: number
  readonly rimMm: number
}

/** Air at 15 °C, kg/m³, and gravity, m/s². */
const AIR_KG_M3 = 1.225
const GRAVITY = 9.81
/** Of its leaf, what a plant shows to the wind: turned every way, and one behind the other (memory). */
const SEEN_SHARE = 0.35
/** The middle of its leaf, as a share of its height (memory). */
const MIDDLE_SHARE = 0.55
/** Drag coefficient at rest; from this wind on leaves fold and it falls with the root of the wind (memory). */
const DRAG = 1
const FOLDS_FROM_MS = 5
/** What wind a pot is asked about at most, m/s: nothing stands in more. */
const MOST_MS = 60

const vogel = published('Vogel 1989, Journal of Experimental Botany 40:941–948, for leaves folding')

/**
 * The gust at which a pot tips over: wind on the plant, ½ρ·Cd·A·v² at the middle of its
 * leaf, against weight times half the foot. A long or square foot tips over its short
 * side. To within 30 %.
 *
 * @returns the gust, m/s, 60 at most, and why
 */
export function tippingWind(pot: Tippable): {
  readonly gustMS: number
  readonly reasons: readonly Reason[]
} {
  const { massKg, baseMm, shape, leafAreaM2, plantHeightMm, rimMm } = pot
  const holdsNm = (massKg * GRAVITY * baseMm) / 2000
  const armM = (rimMm + MIDDLE_SHARE * plantHeightMm) / 1000
  const seenM2 = leafAreaM2 * SEEN_SHARE
  const atOneMS = 0.5 * AIR_KG_M3 * DRAG * seenM2 * armM
  const stiffMS = Math.sqrt(holdsNm / Math.max(1e-9, atOneMS))
  // Beyond that wind Cd = (v / folds)^−½, and the moment grows with v^1.5.
  const foldedMS = (holdsNm / Math.max(1e-9, atOneMS * Math.sqrt(FOLDS_FROM_MS))) ** (2 / 3)
  const gustMS = Math.min(MOST_MS, stiffMS <= FOLDS_FROM_MS ? stiffMS : foldedMS)
  const params = { massG: massKg * 1000, baseMm, armMm: armM * 1000, seenM2, gustMS }
  return {
    gustMS,
    reasons: [
      reason(shape === 'rectangular' ? 'tip.short' : 'tip.round', params, vogel),
      reason('tip.error', {}, memory),
    ],
  }
}
