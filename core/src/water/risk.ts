import type { Variety } from '../plant'
import { memory, practice, published, reason, type Reason } from '../units'
import { HOURS_A_DAY } from '../weather'
import { DAYLIGHT_MM, type WaterRun, type WaterDrive } from './pot'

export const riskLevels = ['low', 'raised', 'high'] as const
export type RiskLevel = (typeof riskLevels)[number]

export interface FruitRisk {
  readonly level: RiskLevel
  /** 0–1 and more. */
  readonly score: number
  readonly reasons: readonly Reason[]
}

/** Fruit remembers so many days of its water (memory). */
const ROT_DAYS = 14
const SPLIT_DAYS = 7
/** Beside salad fruit: what a kind of fruit is in danger of (practice: large ones rot, cherries split). */
const ROT_BY_CLASS: Readonly<Record<string, number>> = {
  beefsteak: 1.3,
  plum: 1.5,
  salad: 1,
  cherry: 0.3,
  currant: 0.2,
}
const SPLIT_BY_CLASS: Readonly<Record<string, number>> = {
  cherry: 1.4,
  currant: 1.2,
  beefsteak: 1.2,
  plum: 0.6,
}
/** Saturated-extract EC above which salt itself costs water, dS/m (FAO 29). */
const SALT_FROM = { tomato: 2.5, pepper: 1.5 } as const
const fao29 = published('Ayers & Westcot 1985, FAO Irrigation and Drainage Paper 29')
const LEVELS = { raised: 0.08, high: 0.25 }

const levelOf = (score: number): RiskLevel =>
  score >= LEVELS.high ? 'high' : score >= LEVELS.raised ? 'raised' : 'low'

export interface FruitOnPlant {
  readonly variety: Variety
  /** Fruit swells on it, and fruit is ripening. */
  readonly isSwelling: boolean
  readonly isRipening: boolean
  readonly ecDsM: number
}

/**
 * The danger of blossom-end rot: calcium reaches fruit with the water, and fails
 * where that was short while fruit swelled; salt and large fruit make it worse.
 *
 * @param now hour of the run up to which is looked
 */
export function blossomEndRotRisk(
  { hadShare }: WaterRun,
  { referenceMm }: WaterDrive,
  now: number,
  { variety, isSwelling, ecDsM }: FruitOnPlant,
): FruitRisk {
  const from = Math.max(0, now - ROT_DAYS * HOURS_A_DAY)
  let [daylight, lost] = [0, 0]
  for (let hour = from; hour < now; hour++)
    if (referenceMm[hour]! > DAYLIGHT_MM) {
      daylight++
      lost += 1 - hadShare[hour]!
    }
  const shortShare = daylight > 0 ? lost / daylight : 0
  const ofClass = ROT_BY_CLASS[variety.fruitClass] ?? 1
  const saltOver = Math.max(0, ecDsM - SALT_FROM[variety.crop])
  const score = isSwelling ? (shortShare * 2 + saltOver * 0.1) * ofClass : 0
  return {
    level: levelOf(score),
    score,
    reasons: [
      reason(isSwelling ? 'rot.short' : 'rot.noFruit', { shortShare, dayCount: ROT_DAYS }, memory),
      reason('rot.kind', { factor: ofClass.toFixed(1) }, practice),
      ...(saltOver > 0 ? [reason('rot.salt', { ec: ecDsM.toFixed(1) }, fao29)] : []),
      reason('rot.even', {}, practice),
    ],
  }
}

/** The danger of split fruit: a dry pot filled at one go while fruit ripens. */
export function splitRisk(
  { driestShare, hadShare }: WaterRun,
  now: number,
  { variety, isRipening }: FruitOnPlant,
): FruitRisk {
  const from = Math.max(1, now - SPLIT_DAYS * HOURS_A_DAY)
  let swing = 0
  for (let hour = from; hour < now; hour++)
    // Only from past the safe depletion.
    if (hadShare[hour - 1]! < 1)
      swing = Math.max(swing, driestShare[hour - 1]! - driestShare[hour]!)
  const ofClass = SPLIT_BY_CLASS[variety.fruitClass] ?? 1
  const score = isRipening ? Math.max(0, swing - 0.3) * ofClass : 0
  return {
    level: levelOf(score),
    score,
    reasons: [
      reason(
        isRipening ? 'split.swing' : 'split.noFruit',
        { swingShare: swing, dayCount: SPLIT_DAYS },
        memory,
      ),
    ],
  }
}

/** Wet for so long, it is too wet: hours with next to nothing missing. */
const WET_FOR_DAYS = 5
const WET_TO_SHARE = 0.08

/** Days up to an hour of a run through which next to nothing was missing. */
export function longWetDays({ driestShare }: Pick<WaterRun, 'driestShare'>, now: number): number {
  let wetForH = 0
  while (wetForH < now && driestShare[now - 1 - wetForH]! < WET_TO_SHARE) wetForH++
  return wetForH / HOURS_A_DAY
}

export interface WetFacts {
  /** Of the root room, what is short of air above a reservoir, 0–1. */
  readonly airlessShare: number
  readonly hasReservoir: boolean
  readonly hasNoWayOut: boolean
}

/** What makes a pot too wet: a reservoir under a fine mix, no hole, or cool weeks without a dry hour. */
export function tooWet(
  run: WaterRun,
  now: number,
  { airlessShare, hasReservoir, hasNoWayOut }: WetFacts,
): readonly Reason[] {
  const wetDays = longWetDays(run, now)
  return [
    ...(hasNoWayOut ? [reason('tooWet.noHoles', {}, practice)] : []),
    ...(hasReservoir && airlessShare > 0.4
      ? [reason('tooWet.reservoir', { airlessShare }, practice)]
      : []),
    ...(wetDays >= WET_FOR_DAYS
      ? [reason('tooWet.longWet', { dayCount: Math.floor(wetDays) }, practice)]
      : []),
  ]
}
