import { MOIST_SHARE } from '../container'
import { memory, practice, reason, type Reason } from '../units'
import { batchFor, type Batch } from './batch'
import { settledShareOf } from './blend'
import type { Mix } from './drained'
import { boughtWaterShare } from './ingredient'
import type { Ingredient } from './ingredientSchema'
import type { Squeeze } from './kitchenSchema'
import { limeDose, type LimeDose, type LimeKindId } from './lime'

/** A tub is filled so far, or it cannot be turned over (practice). */
const TUB_FILLED_SHARE = 0.8

/** What a gardener mixes in. */
export interface MixingTools {
  readonly tubL: number
  /** The bucket or scoop that is counted with. */
  readonly scoopL: number
}

export interface TubLine {
  readonly ingredient: Ingredient
  /** Into each tub, exactly. */
  readonly looseL: number
  /** The same in quarters of a scoop, as it can be counted. */
  readonly scoops: number
}

/** One mix made in as many equal tubs as it takes. */
export interface TubPlan {
  readonly mix: Mix
  /** Finished mix for the containers and the reserve together. */
  readonly batch: Batch
  /** Of it kept for topping up what settles, L. */
  readonly reserveL: number
  readonly tubs: number
  readonly lines: readonly TubLine[]
  /** Furthest that counting in quarters of a scoop puts a share off, 0–1. */
  readonly countingError: number
  readonly limeG: number
  readonly lime: LimeDose
  /** Water into each tub before filling. */
  readonly waterL: number
  readonly reasons: readonly Reason[]
}

const inQuarters = (scoops: number) => Math.max(0.25, Math.round(scoops * 4) / 4)

/** Water that brings a mix from as it is bought to as it is filled in, L for each mixed litre. */
function moistening({ blend, curve }: Mix, squeeze: Squeeze | undefined) {
  const boughtShare = boughtWaterShare(blend)
  const wantedShare = MOIST_SHARE * curve.waterShare(10)
  const isWetEnough = squeeze === 'holds' || squeeze === 'drips'
  return {
    litres: isWetEnough ? 0 : Math.max(0, wantedShare - boughtShare),
    reasons: [
      squeeze
        ? reason(`moisten.${squeeze}`, {}, { mark: 'measured' })
        : reason('moisten.typical', { boughtShare, wantedShare }, memory),
    ],
  }
}

/**
 * How to make a volume of a mix with the tools at hand: equal tubs, scoops for
 * each, lime and water for each, and a reserve for topping up what settles.
 *
 * @param volumeL finished mix that the containers take
 * @param squeeze how the mix felt in the hand, where it was tried
 */
export function planBatches(
  mix: Mix,
  volumeL: number,
  { tubL, scoopL }: MixingTools,
  withReserve: boolean,
  limeKind: LimeKindId = 'ground',
  squeeze?: Squeeze,
): TubPlan {
  const reserveL = withReserve ? volumeL * settledShareOf(mix.blend) : 0
  const batch = batchFor(mix.blend, volumeL + reserveL)
  const tubs = Math.max(1, Math.ceil(batch.looseL / (tubL * TUB_FILLED_SHARE) - 1e-9))
  const lines = batch.lines.map(({ ingredient, looseL }) => ({
    ingredient,
    looseL: looseL / tubs,
    scoops: inQuarters(looseL / tubs / scoopL),
  }))
  const counted = lines.reduce((sum, line) => sum + line.scoops, 0)
  const lime = limeDose(batch, limeKind)
  const { litres, reasons } = moistening(mix, squeeze)
  return {
    mix,
    batch,
    reserveL,
    tubs,
    lines,
    countingError: Math.max(
      ...lines.map(({ scoops }, index) =>
        Math.abs(scoops / counted - mix.blend.shares[index]!.share),
      ),
    ),
    limeG: lime.massG / tubs,
    lime,
    waterL: (litres * batch.volumeL) / tubs,
    reasons: [
      ...batch.reasons,
      reason('tub.count', { looseL: batch.looseL, tubL, tubCount: tubs }, practice),
      ...(reserveL > 0 ? [reason('tub.reserve', { reserveL }, memory)] : []),
      ...reasons,
    ],
  }
}
