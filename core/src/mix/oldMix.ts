import { memory, practice, reason, type Reason } from '../units'
import { estimatedPh } from './acidity'
import { interpretExtract, SALTY_EC_DS_M } from './kitchen'
import type { ExtractMethod } from './kitchenSchema'
import type { Mix } from './drained'
import { phCorrection, type PhCorrection } from './lime'
import { settledShareOf } from './blend'

/** What may have been wrong with what grew in it. */
export const pastTroubles = ['none', 'blight', 'wilt', 'nematodes'] as const
export type PastTrouble = (typeof pastTroubles)[number]

export interface OldMix {
  readonly mix: Mix
  /** What the container takes when full. */
  readonly fillVolumeL: number
  readonly seasons: number
  readonly trouble: PastTrouble
  readonly isSunken: boolean
  /** Salt as a quick extract read it; typical after a season of feeding where left out. */
  readonly extract?: { readonly method: ExtractMethod; readonly ecDsM: number }
  /** Measured; estimated where left out. */
  readonly ph?: number
  /** Of the tap, dS/m. */
  readonly waterEcDsM: number
}

export type OldMixVerdict = 'recharge' | 'flushFirst' | 'renew' | 'notForThese'

export interface Recharge {
  readonly verdict: OldMixVerdict
  /** Settled away, to be topped up with fresh mix or compost. */
  readonly topUpL: number
  /** Of that, compost that feeds it again. */
  readonly compostL: number
  /** Water to wash it with first. */
  readonly flushL: number
  /** Nitrogen that a season took and that a feed must bring back, g. */
  readonly nitrogenG: number
  readonly ph: PhCorrection
  readonly reasons: readonly Reason[]
}

/** Pots above ground are renewed after so many seasons, sunken ones later (practice). */
const SEASONS_IN_POT = 3
const SEASONS_SUNKEN = 5
/** Salt of a mix after a season of liquid feed (memory), dS/m. */
const EC_AFTER_SEASON = 2.5
/** Compost to recharge with, share of the volume (practice: a fifth to a quarter). */
export const RECHARGE_COMPOST_SHARE = 0.2
/** Nitrogen that a mix should start with, mg/L (memory). */
const WANTED_N_MG_L = 150
/** Left of what was available at the start after a season (memory). */
const N_LEFT_SHARE = 0.2

/**
 * Water that washes salt out of a pot: it mixes with what the pot holds, and
 * each pot's holding of it takes the salt down to 1/e of what it is above that
 * of the water.
 *
 * @param waterHeldL what the drained pot holds
 * @returns litres to pour through; Infinity where the water itself is too salty
 */
export function flushVolumeL(
  waterHeldL: number,
  ecDsM: number,
  waterEcDsM: number,
  targetEcDsM: number,
): number {
  if (ecDsM <= targetEcDsM) return 0
  if (waterEcDsM >= targetEcDsM) return Infinity
  return waterHeldL * Math.log((ecDsM - waterEcDsM) / (targetEcDsM - waterEcDsM))
}

function verdictOf({ trouble, seasons, isSunken }: OldMix, isSalty: boolean): OldMixVerdict {
  if (trouble !== 'none') return 'notForThese'
  if (seasons > (isSunken ? SEASONS_SUNKEN : SEASONS_IN_POT)) return 'renew'
  return isSalty ? 'flushFirst' : 'recharge'
}

/** Salt to come down to before new plants go in, dS/m (memory). */
const FLUSH_TO_EC = 1.5

/**
 * What makes a used mix good for another season, or why it should not be used
 * for tomatoes and peppers again.
 */
export function rechargeMix(old: OldMix): Recharge {
  const { mix, fillVolumeL, seasons, isSunken } = old
  const ecDsM = old.extract
    ? interpretExtract(old.extract.method, old.extract.ecDsM).saturatedEcDsM
    : EC_AFTER_SEASON
  const isSalty = ecDsM > SALTY_EC_DS_M
  const verdict = verdictOf(old, isSalty)
  // Each season settles a share of what is left.
  const settledShare = 1 - (1 - settledShareOf(mix.blend)) ** seasons
  const topUpL = fillVolumeL * settledShare
  const compostL = Math.max(topUpL, fillVolumeL * RECHARGE_COMPOST_SHARE)
  const heldL = fillVolumeL * mix.curve.waterShare(10)
  const flushL = isSalty ? flushVolumeL(heldL, ecDsM, old.waterEcDsM, FLUSH_TO_EC) : 0
  const leftMgL = mix.blend.nutrientsMgL.n * N_LEFT_SHARE ** seasons
  const nitrogenG = (Math.max(0, WANTED_N_MG_L - leftMgL) * fillVolumeL) / 1000
  return {
    verdict,
    topUpL,
    compostL,
    flushL,
    nitrogenG,
    ph: phCorrection(old.ph ?? estimatedPh(mix.blend), mix.blend.bufferGL, fillVolumeL),
    reasons: [
      ...(verdict === 'notForThese'
        ? [reason(`oldMix.${old.trouble as Exclude<PastTrouble, 'none'>}`, {}, practice)]
        : []),
      ...(verdict === 'renew' ? [reason('oldMix.tooOld', { seasons }, practice)] : []),
      ...(isSunken ? [reason('oldMix.sunken', { seasons }, practice)] : []),
      reason('oldMix.settled', { settledShare, topUpL }, memory),
      reason(
        old.extract ? 'oldMix.saltMeasured' : 'oldMix.saltAssumed',
        { ec: ecDsM, limit: SALTY_EC_DS_M },
        old.extract ? { mark: 'measured' } : memory,
      ),
      ...(flushL > 0
        ? [
            Number.isFinite(flushL)
              ? reason('oldMix.flush', { flushL, target: FLUSH_TO_EC, heldL }, memory)
              : reason('oldMix.waterTooSalty', { ec: old.waterEcDsM }, memory),
          ]
        : []),
      reason('oldMix.nitrogen', { leftG: (leftMgL * fillVolumeL) / 1000, nitrogenG }, memory),
      reason('oldMix.roots', {}, practice),
    ],
  }
}
