import type { Crop } from '../plant'
import { memory, reason, type Reason } from '../units'
import { nutrients, type Nutrient, type NutrientAmounts, ofNutrients } from './label'
import { owedG as owedOf, type NutrientLedger } from './ledger'
import { SALT_LIMIT, saltLimitEc, saltProvenance, saltYieldShare } from './need'

export const nutrientStates = ['short', 'runsLow', 'enough', 'plenty'] as const
export type NutrientState = (typeof nutrientStates)[number]

/** How a pot stands with one nutrient. */
export interface NutrientVerdict {
  readonly nutrient: Nutrient
  readonly state: NutrientState
  /** Gone without so far, g. */
  readonly owedG: number
  readonly leftG: number
  /** What may have come more or less than that, by feeds of unknown strength, g. */
  readonly doubtG: number
  /** Days from now until plants go without, by what is known to come; undefined past the end. */
  readonly lastsDays: number | undefined
  /** Gone without more than two weeks' need. */
  readonly isUnderfed: boolean
  readonly reasons: readonly Reason[]
}

export const saltStates = ['fine', 'high', 'harmful'] as const
export type SaltState = (typeof saltStates)[number]

/** What the ledger says on a day. */
export interface FeedVerdict {
  readonly nutrients: readonly NutrientVerdict[]
  readonly salt: {
    readonly state: SaltState
    readonly ecDsM: number
    readonly thresholdEc: number
    /** What salt leaves of the crop, 0–1. */
    readonly yieldShare: number
    readonly reasons: readonly Reason[]
  }
  /** Much nitrogen before fruit has set: leaves and no fruit. */
  readonly isLeafy: boolean
  /** Short of nitrogen or potassium for some time. */
  readonly isUnderfed: boolean
  /** Too much salt, or leafy. */
  readonly isOverfed: boolean
  readonly reasons: readonly Reason[]
}

/** Looked ahead, days: a feed every week or two. */
const SOON_DAYS = 7
/** At hand for so many days and half as much again is plenty (memory). */
const PLENTY_DAYS = 42
const PLENTY_TIMES = 1.5
/** Gone without so many weeks' need, a plant is underfed and not only due for a feed (memory). */
const UNDERFED_WEEKS = 2
/** Less is not felt: share of a week's need (memory). */
const FELT_SHARE = 0.1
/** Nitrogen in the water of the root zone from which fruit is put off for leaves, mg/L (memory). */
const LEAFY_MG_L = 250

const summed = (row: Float64Array, from: number, to: number): number => {
  let sum = 0
  for (let day = Math.max(0, from); day < Math.min(row.length, to); day++) sum += row[day]!
  return sum
}

/** First day from one on, on which plants go without more than a little; undefined where none. */
export function shortFrom(
  ledger: NutrientLedger,
  nutrient: Nutrient,
  from: number,
): number | undefined {
  const row = ledger.rows[nutrient]
  for (let day = Math.max(0, from); day < ledger.days; day++) {
    const without = owedOf(row, day) - (day > 0 ? owedOf(row, day - 1) : 0)
    if (row.needG[day]! > 0 && without > row.needG[day]! * FELT_SHARE) return day
  }
  return undefined
}

/**
 * How a pot stands on a day: each nutrient by what is at hand and known to come,
 * salt beside what the crop bears.
 *
 * @param hasSet whether fruit has set
 * @param heldL  water in the drained pot
 */
export function judgeLedger(
  ledger: NutrientLedger,
  day: number,
  {
    crop,
    hasSet,
    heldL,
  }: { readonly crop: Crop; readonly hasSet: boolean; readonly heldL: number },
): FeedVerdict {
  const verdicts = nutrients.map((nutrient): NutrientVerdict => {
    const row = ledger.rows[nutrient]
    const leftG = row.leftG[day] ?? 0
    const owedG = owedOf(row, day)
    const doubtG = row.doubtG[day] ?? 0
    const needSoonG = summed(row.needG, day + 1, day + 1 + SOON_DAYS)
    const shortOn = shortFrom(ledger, nutrient, day + 1)
    const lastsDays = shortOn === undefined ? undefined : shortOn - day - 1
    const isHungry = owedG > UNDERFED_WEEKS * needSoonG
    const isShort = owedG > FELT_SHARE * needSoonG && lastsDays !== undefined && lastsDays < 2
    const ahead = PLENTY_TIMES * summed(row.needG, day + 1, day + 1 + PLENTY_DAYS)
    const state: NutrientState =
      needSoonG <= 0
        ? 'enough'
        : isShort
          ? 'short'
          : lastsDays !== undefined && lastsDays < SOON_DAYS
            ? 'runsLow'
            : leftG > ahead
              ? 'plenty'
              : 'enough'
    return {
      nutrient,
      state,
      owedG,
      leftG,
      doubtG,
      lastsDays,
      isUnderfed: isShort && isHungry,
      reasons: [
        reason(`feed.state.${state}`, { leftG, needSoonG, owedG }, memory),
        ...(lastsDays === undefined ? [] : [reason('feed.lasts', { dayCount: lastsDays })]),
        ...(doubtG > 0 ? [reason('feed.doubt', { doubtG }, memory)] : []),
      ],
    }
  })
  const ecDsM = ledger.ecDsM[day] ?? 0
  const { thresholdEc } = SALT_LIMIT[crop]
  const yieldShare = saltYieldShare(crop, ecDsM)
  const saltState: SaltState =
    ecDsM > saltLimitEc(crop) ? 'harmful' : yieldShare < 1 ? 'high' : 'fine'
  const nitrogen = verdicts[0]!
  const nitrogenMgL = (nitrogen.leftG * 1000) / heldL
  const isLeafy = !hasSet && nitrogen.state === 'plenty' && nitrogenMgL > LEAFY_MG_L
  const isUnderfed = verdicts.some(
    (one) => one.isUnderfed && (one.nutrient === 'n' || one.nutrient === 'k'),
  )
  return {
    nutrients: verdicts,
    salt: {
      state: saltState,
      ecDsM,
      thresholdEc,
      yieldShare,
      reasons: [
        reason('feed.salt', { ec: ecDsM, limit: thresholdEc, yieldShare }, saltProvenance),
        reason('feed.saltError', {}, memory),
      ],
    },
    isLeafy,
    isUnderfed,
    isOverfed: saltState === 'harmful' || isLeafy,
    reasons: [
      ...(isLeafy ? [reason('feed.leafy', { nitrogenMgL }, memory)] : []),
      ...(saltState === 'harmful'
        ? [reason('feed.saltCosts', { lostShare: 1 - yieldShare }, saltProvenance)]
        : []),
    ],
  }
}

/** What plants will have gone without by a day, if nothing more is fed, g: what a feed should bring. */
export const missingBy = (ledger: NutrientLedger, day: number, days: number): NutrientAmounts =>
  ofNutrients((nutrient) => {
    const row = ledger.rows[nutrient]
    const to = Math.min(ledger.days, day + 1 + days)
    return to > day + 1 ? owedOf(row, to - 1) : owedOf(row, day)
  })

/** What plants need in the days after one, g. */
export const neededIn = (ledger: NutrientLedger, day: number, days: number): NutrientAmounts =>
  ofNutrients((nutrient) => summed(ledger.rows[nutrient].needG, day + 1, day + 1 + days))
