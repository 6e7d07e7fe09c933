import { flushVolumeL } from '../mix'
import { InputError, published, reason, type Reason } from '../units'

const leachingProvenance = published(
  'Ayers & Westcot 1985, FAO Irrigation and Drainage Paper 29, Eq. 9',
)

/**
 * Share of the water given that has to drain so that salt does not build up.
 *
 * @param waterEc     of what is given, dS/m
 * @param thresholdEc of a saturated extract that the crop bears, dS/m
 * @returns 0–1; 1 where the water itself is too salty
 * @source Ayers & Westcot 1985, FAO 29, Eq. 9: LR = ECw / (5 ECe − ECw)
 */
export function leachingRequirement({
  waterEc,
  thresholdEc,
}: {
  readonly waterEc: number
  readonly thresholdEc: number
}): number {
  if (!(waterEc >= 0) || !(thresholdEc > 0))
    throw new InputError('negativeAmount', { given: Math.min(waterEc, thresholdEc) })
  const beside = 5 * thresholdEc - waterEc
  return beside > 0 ? Math.min(1, waterEc / beside) : 1
}

/** What is left of the salt after so much has drained, dS/m: the pot as one well-mixed vessel. */
export const ecAfterFlush = (
  ecDsM: number,
  waterEcDsM: number,
  flushedL: number,
  heldL: number,
): number => waterEcDsM + (ecDsM - waterEcDsM) * Math.exp(-flushedL / heldL)

/** How to wash the salt out of a pot. */
export interface FlushPlan {
  /** To drain, L; Infinity where the water itself is too salty. */
  readonly flushL: number
  /** Poured so that as much runs out, what is missing from the pot counted in, L. */
  readonly pourL: number
  readonly ecAfterDsM: number
  /** From then on, of each watering. */
  readonly leachingShare: number
  readonly reasons: readonly Reason[]
}

/** Flushed down to this share of what the crop bears, so that the next feed does not bring it back (memory). */
const FLUSH_TO_SHARE = 0.7

/**
 * Flushing an overfed pot: the litres by a well-mixed vessel, the salt that is
 * then left, and the leaching requirement that keeps it there.
 */
export function flushPlan(
  ecDsM: number,
  thresholdEc: number,
  waterEcDsM: number,
  heldL: number,
  missingL: number,
): FlushPlan {
  const targetDsM = Math.max(FLUSH_TO_SHARE * thresholdEc, 0)
  const flushL = flushVolumeL(heldL, ecDsM, waterEcDsM, targetDsM)
  const ecAfterDsM = Number.isFinite(flushL)
    ? ecAfterFlush(ecDsM, waterEcDsM, flushL, heldL)
    : waterEcDsM
  const leachingShare = leachingRequirement({ waterEc: waterEcDsM, thresholdEc })
  return {
    flushL,
    pourL: flushL > 0 ? flushL + missingL : 0,
    ecAfterDsM,
    leachingShare,
    reasons: Number.isFinite(flushL)
      ? [
          reason(
            'feed.flush',
            { flushWaterL: flushL, ec: ecDsM, targetEc: targetDsM },
            leachingProvenance,
          ),
          reason('feed.leaching', { leachingShare }, leachingProvenance),
        ]
      : [reason('feed.waterTooSalty', { ec: waterEcDsM })],
  }
}
