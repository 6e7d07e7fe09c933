import { fitted } from '../units'

/** van Genuchten's curve: θ(h) = θr + (θs − θr)[1 + (αh)^n]^−(1−1/n). */
export interface VanGenuchten {
  /** Water at no suction, share of volume. */
  readonly saturatedShare: number
  /** Water that no suction draws out. */
  readonly residualShare: number
  /** Inverse of the suction at which the large pores empty, 1/cm. */
  readonly alphaPerCm: number
  readonly n: number
}

/** How much water a mix holds against a pull. */
export interface RetentionCurve {
  /** Share of the volume that is not solid: all of it water when soaked, 0–1. */
  readonly totalPorosity: number
  /** θ: share of the volume that is water at a suction in cm, 0–1. */
  readonly waterShare: (suctionCm: number) => number
  readonly vanGenuchten: VanGenuchten
}

export interface RetentionPoint {
  readonly suctionCm: number
  readonly waterShare: number
}

/** Share of the pores between residual and saturated that is water, 0–1. */
export const effectiveSaturation = (
  { alphaPerCm, n }: Pick<VanGenuchten, 'alphaPerCm' | 'n'>,
  suctionCm: number,
): number => (suctionCm <= 0 ? 1 : (1 + (alphaPerCm * suctionCm) ** n) ** -(1 - 1 / n))

/**
 * A retention curve of known parameters.
 *
 * @source van Genuchten 1980, Soil Sci. Soc. Am. J. 44:892–898
 */
export function vanGenuchtenCurve(vanGenuchten: VanGenuchten): RetentionCurve {
  const { saturatedShare, residualShare } = vanGenuchten
  return {
    totalPorosity: saturatedShare,
    waterShare: (suctionCm) =>
      residualShare +
      (saturatedShare - residualShare) * effectiveSaturation(vanGenuchten, suctionCm),
    vanGenuchten,
  }
}

/** A slope that suits potting mixes, to begin from. */
const USUAL_N = 1.4
/** Residual share, ln α and ln(n − 1): how far to look. */
const LIMITS = {
  least: [0, Math.log(1e-4), Math.log(0.02)],
  most: [0.6, Math.log(8), Math.log(12)],
} as const

const parametersOf = (
  saturatedShare: number,
  [residualShare = 0, logAlpha = 0, logN = 0]: readonly number[],
): VanGenuchten => ({
  saturatedShare,
  residualShare: Math.min(residualShare, saturatedShare),
  alphaPerCm: Math.exp(logAlpha),
  n: 1 + Math.exp(logN),
})

/** Where to begin: the curve of a usual slope through the first point under suction. */
function startOf(saturatedShare: number, pulled: readonly RetentionPoint[]): number[] {
  const residualShare = 0.7 * pulled.at(-1)!.waterShare
  const first = pulled[0]!
  const saturation = Math.min(
    0.99,
    (first.waterShare - residualShare) / (saturatedShare - residualShare),
  )
  const m = 1 - 1 / USUAL_N
  const alphaPerCm = (saturation ** (-1 / m) - 1) ** (1 / USUAL_N) / first.suctionCm
  return [residualShare, Math.log(alphaPerCm), Math.log(USUAL_N - 1)]
}

/**
 * The van Genuchten curve that lies closest to measured points, by
 * Levenberg–Marquardt. What is held at no suction is kept as it was measured.
 *
 * @param points suction in cm and share of volume; the first at 0 cm
 * @source van Genuchten 1980, Soil Sci. Soc. Am. J. 44:892–898
 */
export function retentionCurve(points: readonly RetentionPoint[]): RetentionCurve {
  const [soaked, ...pulled] = points
  const saturatedShare = soaked!.waterShare
  if (pulled.every(({ waterShare }) => waterShare === saturatedShare))
    return vanGenuchtenCurve(parametersOf(saturatedShare, [saturatedShare, 0, 0]))
  const found = fitted(
    (parameters) => {
      const { waterShare } = vanGenuchtenCurve(parametersOf(saturatedShare, parameters))
      return pulled.map((point) => waterShare(point.suctionCm) - point.waterShare)
    },
    startOf(saturatedShare, pulled),
    LIMITS,
  )
  return vanGenuchtenCurve(parametersOf(saturatedShare, found))
}
