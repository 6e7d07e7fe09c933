import { bodyVolumeL, plainBody, type MixBody, type Shape } from '../container'
import { memory, published, reason, type Reason } from '../units'
import type { Blend } from './blend'
import { retentionCurve, type RetentionCurve, type RetentionPoint } from './retention'

const milks = published('Milks, Fonteno & Larson 1989, J. Amer. Soc. Hort. Sci. 114:57–61')

export interface DrainedState {
  /** Water held once drained, share of the filled volume, 0–1. */
  readonly containerCapacity: number
  /** Air beside it, 0–1. */
  readonly airSpace: number
}

/** Heights at which a slice is sampled when a quantity is summed over it. */
const SAMPLES = 50

/** A quantity by height, summed over the mix with its area, mm³. */
const overBody = (
  { slices }: MixBody,
  at: (zMm: number) => number,
  samples: number = SAMPLES,
): number =>
  slices.reduce((sum, { fromMm, toMm, areaMm2 }) => {
    const stepMm = (toMm - fromMm) / samples
    let inSlice = 0
    for (let sample = 0; sample < samples; sample++) {
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
export function drainedBody(body: MixBody, curve: RetentionCurve): DrainedState {
  const waterMm3 = overBody(body, (zMm) => curve.waterShare(suctionCm(zMm, body.waterTableMm)))
  const containerCapacity = waterMm3 / (bodyVolumeL(body) * 1e6)
  return { containerCapacity, airSpace: curve.totalPorosity - containerCapacity }
}

/**
 * The drained state of a plain vessel.
 *
 * @param shape  inside of the container, mm
 * @param fillMm height of the mix above the inner floor
 * @returns shares of the filled volume, 0–1
 */
export const drainedState = (shape: Shape, fillMm: number, curve: RetentionCurve): DrainedState =>
  drainedBody(plainBody(shape, fillMm), curve)

export interface WetnessAtHeight {
  /** Height in the mix, share of the way from its lowest to its highest, 0–1. */
  readonly heightShare: number
  /** Height above the inner floor, mm. */
  readonly zMm: number
  /** Share of the pores that is water, 0–1. */
  readonly saturation: number
  /** Shares of the volume. */
  readonly waterShare: number
  readonly airShare: number
}

/** Heights and suctions by which drying is tabulated: within half a per cent of the suction. */
const DRYING_SAMPLES = 16
const DRYING_STEPS = 56

/**
 * Suction that is everywhere in a pot beside what it has just after draining,
 * when it holds so much less water: as though free water stood that much deeper.
 *
 * @param waterShares of the filled volume, 0–1, each asked for
 * @returns cm for each; none where it holds what it does when drained, or more
 */
export function dryingsCm(
  body: MixBody,
  curve: RetentionCurve,
  waterShares: readonly number[],
): Float64Array {
  const heights = body.slices.flatMap(({ fromMm, toMm, areaMm2 }) => {
    const stepMm = (toMm - fromMm) / DRYING_SAMPLES
    return Array.from({ length: DRYING_SAMPLES }, (_, sample) => {
      const zMm = fromMm + (sample + 0.5) * stepMm
      return { cm: suctionCm(zMm, body.waterTableMm), mm3: areaMm2(zMm) * stepMm }
    })
  })
  const heldMm3 = (extraCm: number) =>
    heights.reduce((sum, { cm, mm3 }) => sum + mm3 * curve.waterShare(cm + extraCm), 0)
  // Suction goes over many orders: by equal steps of its logarithm.
  const stepLog = Math.log1p(WILTING_CM) / DRYING_STEPS
  const table = Float64Array.from({ length: DRYING_STEPS + 1 }, (_, step) =>
    heldMm3(Math.expm1(step * stepLog)),
  )
  const volumeMm3 = bodyVolumeL(body) * 1e6
  return Float64Array.from(waterShares, (waterShare) => {
    const wantedMm3 = waterShare * volumeMm3
    const over = table.findIndex((mm3) => mm3 <= wantedMm3)
    if (over < 0) return WILTING_CM
    if (over === 0) return 0
    const [wetter, drier] = [table[over - 1]!, table[over]!]
    return Math.expm1((over - (wantedMm3 - drier) / (wetter - drier)) * stepLog)
  })
}

/**
 * How wet and how airy a pot is by height, the lowest mix first.
 *
 * @param extraCm suction beside that of a pot that has just drained
 */
export function drainedProfile(
  { slices, waterTableMm }: MixBody,
  curve: RetentionCurve,
  steps = 8,
  extraCm = 0,
): readonly WetnessAtHeight[] {
  const fromMm = slices[0]!.fromMm
  const toMm = slices.at(-1)!.toMm
  return Array.from({ length: steps + 1 }, (_, step) => {
    const heightShare = step / steps
    const zMm = fromMm + heightShare * (toMm - fromMm)
    const waterShare = curve.waterShare(suctionCm(zMm, waterTableMm) + extraCm)
    return {
      heightShare,
      zMm,
      saturation: waterShare / curve.totalPorosity,
      waterShare,
      airShare: curve.totalPorosity - waterShare,
    }
  })
}

/** Less air than this at a place leaves roots short of it (published: Yeager et al., 10 % at least). */
export const LEAST_AIR_SHARE = 0.1

/** How far up from where water stands a drained mix has less than 10 % of air, mm. */
export function wetZoneMm(curve: RetentionCurve): number {
  const isWet = (suction: number) =>
    curve.totalPorosity - curve.waterShare(suction) < LEAST_AIR_SHARE
  let low = 0
  let high = 1000
  if (isWet(high)) return high * 10
  for (let step = 0; step < 40; step++) {
    const middle = (low + high) / 2
    if (isWet(middle)) low = middle
    else high = middle
  }
  return high * 10
}

/** Plants wilt for good about here, cm (published: FAO 56, −1500 kPa). */
export const WILTING_CM = 15_000
/** Suctions between which water is easily available, and to which it is a buffer, cm. */
export const EASILY_FROM_CM = 10
export const EASILY_TO_CM = 50
export const BUFFER_TO_CM = 100

/**
 * Water that a drained pot gives until all of it is under one suction, L.
 *
 * @param toCm such a suction: 50 cm for what is easily available, 15 000 for all of it
 * @source de Boodt & Verdonck 1972, Acta Hort. 26:37–44, for the limits at 50 and 100 cm
 */
export function releasedL(body: MixBody, curve: RetentionCurve, toCm: number): number {
  const left = curve.waterShare(toCm)
  const above = overBody(body, (zMm) =>
    Math.max(0, curve.waterShare(suctionCm(zMm, body.waterTableMm)) - left),
  )
  return above / 1e6
}

/** Water that a plant takes up from a drained pot before it has to work, L. */
export const easilyAvailableL = (body: MixBody, curve: RetentionCurve): number =>
  releasedL(body, curve, EASILY_TO_CM)

/** A mix with its curve: what everything about water asks of it. */
export interface Mix {
  readonly blend: Blend
  readonly curve: RetentionCurve
}

/** Suctions at which a curve that was drawn through a test is read off again, cm. */
const REREAD_CM = [0, 5, 10, 20, 50, 100, 1000, 15_000]

/**
 * A typical curve brought to what a pour-and-drain test measured: as many pores
 * as measured, and as much water in the test's vessel. Its form in between is
 * kept, as a power of the saturation.
 */
export function throughDrainTest(
  curve: RetentionCurve,
  { totalPorosity, containerCapacity, heightMm }: NonNullable<Blend['measured']['drain']>,
): RetentionCurve {
  const saturation = (suction: number) => curve.waterShare(suction) / curve.totalPorosity
  const heights = Array.from(
    { length: SAMPLES },
    (_, index) => ((index + 0.5) / SAMPLES) * heightMm,
  )
  const held = (power: number) =>
    (totalPorosity / SAMPLES) * heights.reduce((sum, zMm) => sum + saturation(zMm / 10) ** power, 0)
  let low = 0
  let high = 60
  for (let step = 0; step < 60; step++) {
    const middle = (low + high) / 2
    if (held(middle) > containerCapacity) low = middle
    else high = middle
  }
  const points: RetentionPoint[] = REREAD_CM.map((suction) => ({
    suctionCm: suction,
    waterShare: totalPorosity * saturation(suction) ** high,
  }))
  return retentionCurve(points)
}

/** The curve of a blend: fitted to its points, brought to what was measured of it. */
export function mixOf(blend: Blend): Mix {
  const typical = retentionCurve(blend.points)
  const { drain } = blend.measured
  return { blend, curve: drain ? throughDrainTest(typical, drain) : typical }
}

/** Why a drained pot of this mix holds the water and the air it does, and weighs what it does. */
export function drainedReasons({ slices, waterTableMm }: MixBody, { blend, curve }: Mix): Reason[] {
  const fillMm = slices.at(-1)!.toMm - waterTableMm
  const { alphaPerCm, n } = curve.vanGenuchten
  return [
    reason(
      'mix.drained',
      { fillMm, poreShare: curve.totalPorosity, topShare: curve.waterShare(fillMm / 10) },
      milks,
    ),
    reason(
      'mix.curve',
      { alpha: alphaPerCm, n, residualShare: curve.vanGenuchten.residualShare },
      published('van Genuchten 1980, Soil Sci. Soc. Am. J. 44:892–898'),
    ),
    blend.measured.drain
      ? reason('mix.drainMeasured', { dryDensityGL: blend.bulkDensityGL }, { mark: 'measured' })
      : reason('mix.ingredientsTypical', { dryDensityGL: blend.bulkDensityGL }, memory),
  ]
}
