import {
  judgeHeat,
  liftingCaution,
  ROOT_INJURY_C,
  rootZonePeakC,
  type Container,
  type HeatDay,
} from '../container'
import {
  isSmallFruited,
  LIGHT_FULL_MOL,
  lightShareOf,
  lightYieldProvenance,
  type Variety,
} from '../plant'
import { memory, practice, reason, remembered, type Reason } from '../units'
import { STAKE_IN_MIX_MM, supportFor, type SupportKind } from './support'

/** `silent`: nothing is known or said of it. */
export type FitVerdict = 'good' | 'tight' | 'poor' | 'silent'

/** What a place gives to whatever stands on it. What is not known is left out. */
export interface SpotConditions {
  /** Direct sun in the growing season, h a day. */
  readonly sunHours?: number
  /** Light for plants in the growing season, mol m⁻² d⁻¹. */
  readonly dliMol?: number
  /** Underside of what is above, from the floor. */
  readonly ceilingMm?: number
  /** A hot day of summer, and a cool one of spring. */
  readonly hot: HeatDay
  readonly spring: HeatDay
  /** Days of the growing season, each for an equal part of it; the hot one alone where left out. */
  readonly season?: readonly HeatDay[]
}

export const conditionIds = [
  'sun',
  'light',
  'height',
  'support',
  'heat',
  'rot',
  'weight',
  'own',
] as const
export type ConditionId = (typeof conditionIds)[number]

/** One thing beside the pot's size that decides what a plant gives there. */
export interface Condition {
  readonly id: ConditionId
  readonly verdict: FitVerdict
  /** What it leaves of the expected yield, 0–1; more where the pot gave more than expected. */
  readonly factor: number
  readonly reasons: readonly Reason[]
  /** What is to hold the plant up, and how long that is. */
  readonly support?: { readonly kind: SupportKind | 'shortStake'; readonly stakeMm: number }
}

/** Eight hours of sun are needed, six are the least for fruit (practice). */
const SUN_GOOD_H = 8
const SUN_LEAST_H = 6

/** Whether a spot has enough direct sun for fruit. It costs nothing by itself: light does. */
export function sunCondition({ sunHours }: SpotConditions): Condition {
  if (sunHours === undefined)
    return { id: 'sun', verdict: 'silent', factor: 1, reasons: [reason('fit.sun.unknown')] }
  const verdict = sunHours >= SUN_GOOD_H ? 'good' : sunHours >= SUN_LEAST_H ? 'tight' : 'poor'
  const params = { sunHours, goodHours: SUN_GOOD_H, leastHours: SUN_LEAST_H }
  return {
    id: 'sun',
    verdict,
    factor: 1,
    reasons: [reason(`fit.sun.${verdict}`, params, practice)],
  }
}

/** Tomatoes and peppers need 20–30 mol a day: good from 20 (memory). */
const LIGHT_GOOD_MOL = 20
const LIGHT_LEAST_MOL = 12

/** Yield falls about in proportion with light. */
export function lightCondition({ dliMol }: SpotConditions): Condition {
  if (dliMol === undefined)
    return { id: 'light', verdict: 'silent', factor: 1, reasons: [reason('fit.light.unknown')] }
  const factor = lightShareOf(dliMol)
  const verdict = dliMol >= LIGHT_GOOD_MOL ? 'good' : dliMol >= LIGHT_LEAST_MOL ? 'tight' : 'poor'
  const params = { dliMol, fullMol: LIGHT_FULL_MOL, leftShare: factor }
  return {
    id: 'light',
    verdict,
    factor,
    reasons: [
      reason(factor < 1 ? 'fit.light.less' : 'fit.light.enough', params, lightYieldProvenance),
    ],
  }
}

/** Height at which a plant stands in a container. */
const footMm = (container: Container) =>
  container.baseHeightMm + container.fillMm + (container.rings?.fillMm ?? 0)

/** Less than this of its height, and a plant is not worth stopping. */
const HEIGHT_LEAST = 0.5

/**
 * Whether a plant grows into what is above it. A vine is stopped there and
 * gives what its height still bears.
 *
 * @param massShare its mass beside that of an unrestricted plant
 */
export function heightCondition(
  variety: Variety,
  container: Container,
  massShare: number,
  { ceilingMm }: SpotConditions,
): Condition {
  const grownMm = variety.matureHeightMm * Math.cbrt(massShare)
  const ceiling = ceilingMm === undefined || variety.habit === 'trailing' ? Infinity : ceilingMm
  const roomMm = ceiling - footMm(container)
  if (grownMm <= roomMm) {
    const params = { grownMm, ...(Number.isFinite(roomMm) ? { roomMm } : {}) }
    const code = Number.isFinite(roomMm) ? 'fit.height.good' : 'fit.height.open'
    return { id: 'height', verdict: 'good', factor: 1, reasons: [reason(code, params)] }
  }
  const factor = Math.max(0, roomMm / grownMm)
  const verdict = factor >= HEIGHT_LEAST ? 'tight' : 'poor'
  return {
    id: 'height',
    verdict,
    factor,
    reasons: [reason(`fit.height.${verdict}`, { grownMm, roomMm }, practice)],
  }
}

/** What holds the plant up; no verdict, for each plant can be held. */
export function supportCondition(
  variety: Variety,
  container: Container,
  massShare: number,
  spot: SpotConditions,
): Condition {
  const grownMm = variety.matureHeightMm * Math.cbrt(massShare)
  const roomMm = (spot.ceilingMm ?? Infinity) - footMm(container)
  const stakeMm = Math.min(grownMm, roomMm) + Math.min(STAKE_IN_MIX_MM, container.fillMm)
  const { support } = supportFor(variety, container, grownMm)
  const kind = support === 'stake' && variety.crop === 'pepper' ? 'shortStake' : support
  return {
    id: 'support',
    verdict: 'good',
    factor: 1,
    support: { kind, stakeMm },
    reasons: [reason(`fit.support.${kind}`, { stakeMm, grownMm }, practice)],
  }
}

/** Half of the outer roots are on the sunny side; this many degrees over the limit all of those are lost (memory). */
const SUNNY_SHARE = 0.5
const ALL_LOST_K = 10

/** Of the outer roots on the sunny side, what the days of a season cost on the mean, and on how many of them, 0–1. */
const costOfSeason = remembered((season: readonly HeatDay[], container: Container) => {
  let [lost, hotDays] = [0, 0]
  for (const day of season) {
    const overK = rootZonePeakC(container, day).wallC - ROOT_INJURY_C
    if (overK <= 0) continue
    hotDays++
    lost += Math.min(1, overK / ALL_LOST_K)
  }
  return { lostShare: lost / season.length, daysShare: hotDays / season.length }
})

/**
 * What heat at the wall leaves: a large pot has few of its roots there, a small one
 * many. Roots grow again after a hot spell, so it costs what the days of the whole
 * season cost on the mean.
 */
export function heatCondition(
  container: Container,
  { hot, spring, season }: SpotConditions,
): Condition {
  const { verdict, heat, reasons } = judgeHeat(container, hot, spring)
  const overK = Math.max(0, heat.wallC - ROOT_INJURY_C)
  const onHotDay = { lostShare: Math.min(1, overK / ALL_LOST_K), daysShare: 1 }
  const { lostShare: ofOuter, daysShare } =
    overK > 0 && season?.length ? costOfSeason(season, container) : onHotDay
  const { shellShare } = heat
  const lostShare = SUNNY_SHARE * shellShare * ofOuter
  const cost = reason('fit.heatCost', { overK, shellShare, daysShare, lostShare }, memory)
  return {
    id: 'heat',
    verdict: verdict === 'cooks' || verdict === 'hot' ? 'tight' : 'good',
    factor: 1 - lostShare,
    reasons: [reasons[0]!, ...(overK > 0 ? [cost] : [])],
  }
}

/** Large fruit in little mix gets blossom-end rot most easily (practice). */
export const ROT_BELOW_L = 20

/** How prone a variety's fruit is to blossom-end rot in so many litres of root room a plant. */
export function rotCondition(variety: Variety, rootVolumePerPlantL: number): Condition {
  const isLarge = !isSmallFruited(variety) && variety.fruitClass !== 'smallChilli'
  const isProne = isLarge && rootVolumePerPlantL < ROT_BELOW_L
  const isWorst = isProne && (variety.fruitClass === 'beefsteak' || variety.fruitClass === 'plum')
  const code = !isLarge ? 'least' : isWorst ? 'most' : isProne ? 'prone' : 'little'
  const params = { hasL: rootVolumePerPlantL, limitL: ROT_BELOW_L }
  return {
    id: 'rot',
    verdict: isProne ? 'tight' : 'good',
    factor: 1,
    reasons: [reason(`fit.rot.${code}`, params, practice)],
  }
}

/** @param grownKg all of the container, watered, with grown plants */
export function weightCondition(grownKg: number): Condition {
  const caution = liftingCaution(grownKg)
  return {
    id: 'weight',
    verdict: caution ? 'tight' : 'good',
    factor: 1,
    reasons: [reason(`fit.weight.${caution ?? 'light'}`, { grownG: grownKg * 1000 })],
  }
}

/** A pot that gave half of what was expected is poor, whatever stood in it (our choice). */
const OWN_GOOD = 0.85
const OWN_TIGHT = 0.5

/** What the container itself gave in an earlier season, where its gardener took that over. */
export function ownCondition({ carried }: Container): Condition | undefined {
  if (carried?.yieldShare === undefined) return undefined
  const { season, yieldShare: factor } = carried
  const verdict = factor >= OWN_GOOD ? 'good' : factor >= OWN_TIGHT ? 'tight' : 'poor'
  const params = { season, ownShare: factor }
  return {
    id: 'own',
    verdict,
    factor,
    reasons: [reason('fit.own', params, { mark: 'measured' })],
  }
}
