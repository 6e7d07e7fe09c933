import { memory, reason, type Reason } from '../units'
import { blended, type Blend } from './blend'

/** Wanted by tomatoes and peppers in pots: 6.0–6.8, aimed at the middle (practice; 6–7 accepted). */
export const WANTED_PH = { least: 6.0, aim: 6.4, most: 6.8 } as const

/** Measured pH is believed to a tenth and a half; nearer to a limit than that it is within. */
const PH_ERROR = 0.15

export type PhVerdict = 'acid' | 'good' | 'alkaline'

/** Where a pH lies beside what tomatoes and peppers need. */
export const judgePh = (ph: number): PhVerdict =>
  ph < WANTED_PH.least - PH_ERROR ? 'acid' : ph > WANTED_PH.most + PH_ERROR ? 'alkaline' : 'good'

/**
 * pH that a mix comes to before any lime: each ingredient pulls by its buffering.
 * An estimate to half a unit; inert stones pull hardly at all.
 */
export function estimatedPh({ shares }: Blend): number {
  const pull = blended(shares, (one) => one.bufferGL)
  // What nothing buffers takes the mean of what is there.
  return pull > 0
    ? blended(shares, (one) => one.bufferGL * one.ph) / pull
    : blended(shares, (one) => one.ph)
}

/** The same, with the reasons. */
export function phReasons(mix: Blend): readonly Reason[] {
  return [
    reason('ph.estimated', { ph: estimatedPh(mix), rateGL: mix.bufferGL }, memory),
    ...mix.shares.map(({ ingredient, share }) =>
      reason(
        'ph.pulls',
        {
          ingredient: ingredient.id,
          share,
          ph: ingredient.ph,
          rateGL: ingredient.bufferGL,
        },
        { mark: ingredient.isMeasured ? 'measured' : 'memory' },
      ),
    ),
  ]
}
