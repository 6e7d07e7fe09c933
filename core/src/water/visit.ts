import { HOURS_A_DAY } from '../weather'
import type { WaterDrive } from './pot'

/** Share of water poured on moist mix that runs past it (memory). */
const RUNS_PAST_SHARE = 0.03
/** Mix with more than the first share of its water missing sheds water: bone-dry, the second share of it (memory). */
const SHEDS_FROM_SHARE = 0.6
const SHEDS_SHARE = 0.6
/** Less water than this is not worth carrying, L. */
export const SPLASH_L = 0.05

/** Top-ups below this share of demand are skipped: not worth the walk. */
const ENOUGH_SHARE = 0.1

/** Share of poured water that runs past a cell with that share of its water missing, 0–1. */
export const runsPastShare = (repellentShare: number, missingShare: number): number =>
  RUNS_PAST_SHARE +
  (repellentShare * SHEDS_SHARE * Math.max(0, missingShare - SHEDS_FROM_SHARE)) /
    (1 - SHEDS_FROM_SHARE)

/** A pot as a visitor finds it: what is missing from each cell, and what is left in its reservoir, L. */
interface WaterNow {
  readonly missing: Float64Array
  readonly reservoirL: number
}

/** What does not change in a pot during a run. */
interface PotOfRun {
  readonly count: number
  /** One cell as a share of all, and one litre as a share of a cell. */
  readonly share: number
  readonly aLitre: number
  readonly wallM2: number
  readonly thirst: number
  readonly repellentShare: number
  readonly reservoirMostL: number
}

/** What decides whether a visitor waters. */
interface VisitFacts {
  /** Of a cell, what may be used before its plants go short, L. */
  readonly freeL: number
  /** Recorded in this very hour: it counts as poured already. */
  readonly pouredL: number
  /** What will be drawn until the next visit. */
  readonly wantedL: number
}

/** Water to pour until it drains, L: what is missing, what runs past dry mix, and the reservoir. */
export function fillingL(pot: PotOfRun, { missing, reservoirL }: WaterNow): number {
  let missingL = 0
  for (let cell = 0; cell < pot.count; cell++) missingL += missing[cell]!
  const past = runsPastShare(pot.repellentShare, missing[0]! * pot.aLitre)
  return missingL / (1 - past) + pot.reservoirMostL - reservoirL
}

/** What leaves, open mix and wall will draw between two hours, less the rain, L. */
export function demandL(
  { thirst, wallM2 }: PotOfRun,
  { leafM2, openM2, rainL, referenceSumMm }: WaterDrive,
  from: number,
  until: number,
): number {
  let wantedL = 0
  for (let hour = from, day = Math.floor(from / HOURS_A_DAY); hour < until; day++) {
    const dayEnds = (day + 1) * HOURS_A_DAY
    const end = dayEnds < until ? dayEnds : until
    const drawing = (leafM2[day]! > 0 ? leafM2[day]! : 0) + openM2[day]! + wallM2
    wantedL +=
      (referenceSumMm[end]! - referenceSumMm[hour]!) * thirst * drawing -
      (rainL[day]! * (end - hour)) / HOURS_A_DAY
    hour = end
  }
  return wantedL
}

/** What a visitor gives, L: nothing where the pot lasts until the next visit, else what fills it. */
export function visitL(
  pot: PotOfRun,
  { missing, reservoirL }: WaterNow,
  { freeL, pouredL, wantedL }: VisitFacts,
): number {
  const { count, share, reservoirMostL } = pot
  let pouring = pouredL
  let roomBelowL = reservoirMostL - reservoirL
  if (roomBelowL > 0) {
    const intoReservoir = Math.min(pouring, roomBelowL)
    pouring -= intoReservoir
    roomBelowL -= intoReservoir
  }
  let missingL = 0
  let driest = 0
  for (let cell = 0; cell < count; cell++) {
    const taken = Math.min(pouring, missing[cell]!)
    const left = missing[cell]! - taken
    pouring -= taken
    missingL += left
    if (left > driest) driest = left
  }
  const isShort =
    reservoirMostL > 0
      ? reservoirMostL - roomBelowL + freeL - driest < wantedL
      : driest + wantedL * share > freeL
  if (!isShort) return 0
  const past = runsPastShare(pot.repellentShare, missing[0]! * pot.aLitre)
  const wishL = missingL / (1 - past) + roomBelowL
  return wishL > SPLASH_L + ENOUGH_SHARE * wantedL ? wishL : 0
}
