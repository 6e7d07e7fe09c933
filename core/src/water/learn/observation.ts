import type { RetentionCurve } from '../../mix'
import { suctionAtDepthCm, type SuctionTable } from '../suction'

export type Knuckle = 'first' | 'second'
export type Feel = 'dry' | 'moist' | 'wet'
const feelOrder: readonly Feel[] = ['dry', 'moist', 'wet']

/** Something that was felt or measured of a pot's water, at the beginning of an hour. */
export type WaterTest = { readonly hour: number } & (
  | { readonly kind: 'finger'; readonly knuckle: Knuckle; readonly feel: Feel }
  /** What is missing by the scale, of the mix and of its reservoir. */
  | { readonly kind: 'weigh'; readonly missingL: number; readonly sdL: number }
  /** What drained after the watering of the hours before. */
  | { readonly kind: 'drained'; readonly volumeL: number }
  /** A probe's reading at a depth, share of the volume. */
  | { readonly kind: 'probe'; readonly moistureShare: number; readonly depthMm: number }
)

/** Depth of a knuckle, mm (practice: 2.5 and 5 cm). */
export const KNUCKLE_MM: Readonly<Record<Knuckle, number>> = { first: 25, second: 50 }
/** A finger feels wet below, and dry above, such a suction, cm (memory); first-hand it varies. */
const WET_TO_CM = 32
const DRY_FROM_CM = 65
/** Spread of those limits, in natural logarithms; larger near the surface (memory). */
const BLUR: Readonly<Record<Knuckle, number>> = { first: 0.5, second: 0.35 }
/** Chance that a finger test, or a scale, is plainly wrong. */
const WRONG_SHARE = 0.03
const SCALE_WRONG_SHARE = 0.0005
/** Spread of a caught and measured litre, and of a probe beside the model (memory). */
const DRAINED_SD = { share: 0.1, leastL: 0.08 }
const PROBE_SD_SHARE = 0.04
/** Chance that a probe's reading is plainly wrong. */
const PROBE_WRONG_SHARE = 0.03
/** By how much one finger feels wetter or drier than another, as a factor of suction (memory: a third). */
export const FINGER_SD = 0.29

/** Area below the normal curve, to 7 digits (Abramowitz & Stegun 1964, 26.2.17). */
export function normalShare(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail =
    Math.exp((-z * z) / 2) *
    0.3989422804 *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z > 0 ? 1 - tail : tail
}

const bell = (value: number, mean: number, sd: number) =>
  Math.exp(-0.5 * ((value - mean) / sd) ** 2) / sd

/**
 * How likely each feel is in a mix under such a suction, in the order dry, moist,
 * wet; they add up to 1.
 */
export function feelShares(suctionCm: number, knuckle: Knuckle): readonly [number, number, number] {
  const at = Math.log(suctionCm)
  const dry = normalShare((at - Math.log(DRY_FROM_CM)) / BLUR[knuckle])
  const wet = normalShare((Math.log(WET_TO_CM) - at) / BLUR[knuckle])
  const fair = (share: number) => WRONG_SHARE + (1 - 3 * WRONG_SHARE) * share
  return [fair(dry), fair(Math.max(0, 1 - dry - wet)), fair(wet)]
}

/** What a test is compared with: the pot as one particle has it. */
export interface AsComputed {
  /** Missing from the mix and from its reservoir. */
  readonly missingL: number
  readonly missingShare: number
  /** Suction as this gardener's finger feels it, beside the usual. */
  readonly finger: number
  /** Drained in the three hours before. */
  readonly drainedL: number
}

/** How likely a test's outcome is where the pot is so, up to a factor that is the same for all. */
export function likelihood(test: WaterTest, pot: AsComputed, table: SuctionTable): number {
  switch (test.kind) {
    case 'finger': {
      const suction = suctionAtDepthCm(table, pot.missingShare, KNUCKLE_MM[test.knuckle])
      return feelShares(suction * pot.finger, test.knuckle)[feelOrder.indexOf(test.feel)]!
    }
    case 'weigh':
      return SCALE_WRONG_SHARE + bell(test.missingL, pot.missingL, test.sdL)
    case 'drained': {
      const sdL = Math.max(DRAINED_SD.leastL, DRAINED_SD.share * test.volumeL)
      return WRONG_SHARE * 0.1 + bell(test.volumeL, pot.drainedL, sdL)
    }
    case 'probe': {
      const water = moistureAtDepth(table, pot.missingShare, test.depthMm)
      return PROBE_WRONG_SHARE + bell(test.moistureShare, water, PROBE_SD_SHARE) * PROBE_SD_SHARE
    }
  }
}

/** Water so deep below the surface, share of the volume, 0–1. */
export const moistureAtDepth = (
  table: SuctionTable,
  missingShare: number,
  depthMm: number,
): ReturnType<RetentionCurve['waterShare']> =>
  table.waterShareAt(suctionAtDepthCm(table, missingShare, depthMm))
