import { memory, practice, published, reason, type Provenance, type Reason } from '../units'
import { labelToElements } from './label'
import { isOverLabel } from './dose'
import { ammoniumShareOf, isFeed, isHomeMade } from './product'
import type { FeedProduct } from './productSchema'

/** `hold`: not now. `warn`: think first. `care`: how to handle it. */
export type HoldLevel = 'hold' | 'warn' | 'care'

export const holdCodes = [
  'notFeed',
  'heatWave',
  'dryMix',
  'freshTransplant',
  'controlledLate',
  'tooClose',
  'overLabel',
  'salty',
  'epsomCalcium',
  'limeNoPh',
  'ashAmmonium',
  'dogs',
  'manure',
  'foliar',
  'dust',
  'homeMade',
  'ringNoReservoir',
] as const
export type HoldCode = (typeof holdCodes)[number]

export interface FeedHold {
  readonly code: HoldCode
  readonly level: HoldLevel
  readonly reason: Reason
}

/** A pot on the day on which it is to be fed. */
export interface HoldFacts {
  /** Highest of today and the next two days, °C. */
  readonly tempMaxC: number
  /** Missing from the pot, and how much may be before its plants go short, L. */
  readonly missingL: number
  readonly safeL: number
  readonly daysSincePlanting: number
  /** Days from planting to the end of the season. */
  readonly seasonDays: number
  /** Days since it was last fed anything, and this; undefined where never. */
  readonly daysSinceFeed: number | undefined
  readonly daysSinceSame: number | undefined
  /** The dose beside the most its label allows; undefined where it says nothing. */
  readonly timesLabel: number | undefined
  readonly ecDsM: number
  /** Beyond this nothing more is fed, dS/m. */
  readonly saltLimitEc: number
  readonly isShortOfCalcium: boolean
  /** Its pH was measured this season. */
  readonly isPhKnown: boolean
  /** Ammonium feed, or ash, was given in the last two weeks. */
  readonly hasAmmonium: boolean
  readonly hasAsh: boolean
  /** Days to the first fruit that is picked; 0 where it is being picked. */
  readonly daysToHarvest: number
  /** It is to lie as a dry ring in a pot without a reservoir. */
  readonly isRingWashedIn?: boolean
}

/** From here on roots take water before they take feed (practice: none in a heat wave). */
export const HEAT_WAVE_C = 33
/** Roots settle in (practice). */
const FRESH_DAYS = 7
/** One feed is not given on the heels of another (practice). */
const CLOSE_DAYS = 3
/** Coated feed given later is not used up in the season (practice: burn). */
const LATE_SHARE = 0.5
/** Raw manure and fruit that does not touch the soil: 90 days (7 CFR 205.203, USDA National Organic Program). */
const MANURE_DAYS = 90
const ORGANIC_RULE = published(
  '7 CFR 205.203 (USDA National Organic Program): raw manure 90 days before harvest',
)

/** Two fifths of the most a label allows, and weaker, may go with any watering (practice: weakly, often). */
const WEAK_SHARE = 0.4

/**
 * Days between two feeds: as the label says for the most it allows at once, less
 * in proportion for a weaker one.
 */
function daysApart({ leastDays = 0 }: FeedProduct, timesLabel = 1): { same: number; any: number } {
  if (timesLabel <= WEAK_SHARE * (1 + 1e-9)) return { same: 0, any: 0 }
  const share = Math.min(1, timesLabel)
  return { same: leastDays * share, any: CLOSE_DAYS * share }
}

/** All that speaks against a feed on this day, or asks for care with it; what holds it back first. */
export function feedHolds(product: FeedProduct, facts: HoldFacts): readonly FeedHold[] {
  const found: FeedHold[] = []
  const say = (
    level: HoldLevel,
    code: HoldCode,
    params: Readonly<Record<string, number>> = {},
    provenance: Provenance = practice,
  ) => found.push({ code, level, reason: reason(`feed.hold.${code}`, params, provenance) })
  const { form, cautions, id } = product
  if (form === 'notFeed') {
    say('hold', 'notFeed')
    return found
  }
  if (!isFeed(product)) {
    if (cautions.includes('dust')) say('care', 'dust')
    return found
  }
  const { mg } = labelToElements(product.analysis)
  const isMagnesium = mg > 5 && labelToElements(product.analysis).ca === 0
  const hasNitrogen = labelToElements(product.analysis).n > 0
  if (facts.tempMaxC >= HEAT_WAVE_C) say('hold', 'heatWave', { tempC: facts.tempMaxC })
  if (facts.missingL > facts.safeL) say('hold', 'dryMix', { missingWaterL: facts.missingL })
  if (facts.daysSincePlanting < FRESH_DAYS && hasNitrogen && form !== 'controlledRelease')
    say('hold', 'freshTransplant', { dayCount: facts.daysSincePlanting })
  if (form === 'controlledRelease' && facts.daysSincePlanting > LATE_SHARE * facts.seasonDays)
    say('hold', 'controlledLate')
  if (facts.ecDsM > facts.saltLimitEc)
    say('hold', 'salty', { ec: facts.ecDsM, limit: facts.saltLimitEc }, memory)
  if (facts.isRingWashedIn) say('hold', 'ringNoReservoir')
  const { daysSinceFeed, daysSinceSame } = facts
  const apart = daysApart(product, facts.timesLabel)
  if (daysSinceSame !== undefined && daysSinceSame < apart.same)
    say('warn', 'tooClose', { dayCount: daysSinceSame, leastCount: Math.ceil(apart.same) })
  else if (daysSinceFeed !== undefined && daysSinceFeed < apart.any && hasNitrogen)
    say('warn', 'tooClose', { dayCount: daysSinceFeed, leastCount: Math.ceil(apart.any) })
  if (isOverLabel({ timesLabel: facts.timesLabel, product }))
    say('warn', 'overLabel', { times: facts.timesLabel ?? 0 })
  if (isMagnesium && facts.isShortOfCalcium) say('warn', 'epsomCalcium')
  if (form === 'lime' && !facts.isPhKnown) say('warn', 'limeNoPh')
  const isAsh = id === 'woodAsh'
  const isAmmonium = hasNitrogen && form !== 'granularOrganic' && ammoniumShareOf(product) > 0.3
  if ((isAsh && facts.hasAmmonium) || (isAmmonium && facts.hasAsh)) say('warn', 'ashAmmonium')
  if (cautions.includes('manure'))
    say('care', 'manure', { dayCount: facts.daysToHarvest, leastCount: MANURE_DAYS }, ORGANIC_RULE)
  if (cautions.includes('dogs')) say('care', 'dogs')
  if (product.placement === 'foliar') say('care', 'foliar')
  if (cautions.includes('dust')) say('care', 'dust')
  if (isHomeMade(product)) say('care', 'homeMade')
  return found
}

/** Whether something holds a feed back on this day. */
export const isHeld = (holds: readonly FeedHold[]): boolean =>
  holds.some(({ level }) => level === 'hold')
