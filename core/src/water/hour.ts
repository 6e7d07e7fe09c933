import { HOURS_A_DAY } from '../weather'
import type { WateredPot, WaterRun, WaterDrive } from './pot'
import { FREELY_DRIED_MM, MOST_DRIED_MM } from './quietHours'
import { freeShareOf } from './store'

/** Of water poured on moist mix, what runs past it (memory). */
const RUNS_PAST_SHARE = 0.03
/** From so much missing on, dry mix sheds water, up to this share of it (memory). */
const SHEDS_FROM_SHARE = 0.6
const SHEDS_SHARE = 0.6
/** Less is not worth the walk, L. */
export const SPLASH_L = 0.05

/** Top-ups below this share of demand are skipped: not worth the walk. */
const ENOUGH_SHARE = 0.1

/** Of water poured on a cell of which so much is missing, what runs past it, 0–1. */
export const runsPastShare = (repellentShare: number, missingShare: number): number =>
  RUNS_PAST_SHARE +
  (repellentShare * SHEDS_SHARE * Math.max(0, missingShare - SHEDS_FROM_SHARE)) /
    (1 - SHEDS_FROM_SHARE)

/** What stays the same of a pot over a run. */
export interface PotOfRun extends Pick<
  WateredPot,
  'repellentShare' | 'sensitivity' | 'surfaceM2' | 'capillaryLH'
> {
  readonly cell: WateredPot['cells'][number]
  readonly count: number
  /** One cell of all. */
  readonly share: number
  readonly wallM2: number
  readonly thirst: number
  /** What a cell holds, L; one litre as a share of it, and over its surface, mm. */
  readonly availableL: number
  readonly aLitre: number
  readonly onSurface: number
  readonly reservoirMostL: number
}

/** A pot as its hours pass: what each cell is short of, its reservoir, its dried surface. */
export interface PotNow {
  readonly missing: Float64Array
  reservoirL: number
  driedMm: number
}

/** What stays the same over a day. */
export interface DayNow {
  day: number
  /** The hour after its last. */
  ends: number
  leafM2: number
  openM2: number
  /** In each of its hours, L. */
  rainL: number
  /** Of a cell: what is easily had, and what is left where its plants begin to go short, L. */
  freeL: number
  stressedL: number
}

/** The next day: its leaves, its rain, and how much of the water is easily had in its air. */
export function beginDay(now: DayNow, pot: PotOfRun, weather: WaterDrive): void {
  const day = ++now.day
  now.ends = (day + 1) * HOURS_A_DAY
  now.leafM2 = weather.leafM2[day]!
  now.openM2 = weather.openM2[day]!
  now.rainL = weather.rainL[day]! / HOURS_A_DAY
  now.freeL =
    freeShareOf(pot.cell, pot.sensitivity, weather.cropMm[day]! * pot.thirst) * pot.availableL
  now.stressedL = pot.availableL - now.freeL
}

/** Water that fills the mix to the drip, with what runs past it, and the reservoir, L. */
export function fillingL(pot: PotOfRun, { missing, reservoirL }: PotNow): number {
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

/**
 * What who comes by gives: nothing where it lasts until the next visit, else what
 * fills it.
 *
 * @param pouredL recorded in this very hour: it counts as poured already
 * @param wantedL what will be drawn until the next visit
 */
export function visitL(
  pot: PotOfRun,
  { missing, reservoirL }: PotNow,
  { freeL }: DayNow,
  pouredL: number,
  wantedL: number,
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

/** Into the reservoir as far as it has room; what is left over, L. */
export function intoReservoir(pot: PotOfRun, now: PotNow, litres: number): number {
  if (!(pot.reservoirMostL > 0 && litres > 0)) return litres
  const kept = Math.min(litres, pot.reservoirMostL - now.reservoirL)
  now.reservoirL += kept
  return litres - kept
}

/** Poured and rained on the mix, from cell to cell downwards, the rest into the reservoir; what drains, L. */
export function land(pot: PotOfRun, now: PotNow, pouredL: number, rainL: number): number {
  const { missing } = now
  const landed = pouredL + rainL
  const missingShare = missing[0]! * pot.aLitre
  const past = pouredL > 0 ? pouredL * runsPastShare(pot.repellentShare, missingShare) : 0
  const taken = Math.min(missing[0]!, landed - past)
  missing[0]! -= taken
  let running = landed - taken
  for (let cell = 1; cell < pot.count; cell++) {
    const here = Math.min(missing[cell]!, running)
    missing[cell]! -= here
    running -= here
  }
  now.driedMm = Math.max(0, now.driedMm - landed / pot.surfaceM2)
  return intoReservoir(pot, now, running)
}

/**
 * Leaves, open mix and wall draw on every cell in an hour of so much reference
 * evapotranspiration, and the reservoir gives back what it can; written into the
 * rows of the run.
 */
export function draw(
  pot: PotOfRun,
  now: PotNow,
  today: DayNow,
  mm: number,
  { out, at }: { readonly out: WaterRun; readonly at: number },
): void {
  const { count, share, availableL, aLitre, onSurface } = pot
  const { missing } = now
  const { stressedL } = today
  let dried = now.driedMm
  const leafWantsL = mm * today.leafM2 * share
  const openWantsL =
    dried <= FREELY_DRIED_MM
      ? mm * today.openM2 * share
      : (mm * today.openM2 * share * (MOST_DRIED_MM - dried)) / (MOST_DRIED_MM - FREELY_DRIED_MM)
  const wallWantsL = mm * pot.wallM2 * share * aLitre
  let used = 0
  let had = 0
  let sumMissing = 0
  let driest = 0
  for (let cell = 0; cell < count; cell++) {
    const before = missing[cell]!
    const leftL = availableL - before
    // Ks of FAO 56, Eq. 84: whole as long as more is left than where stress begins.
    const stress = leftL >= stressedL ? 1 : leftL > 0 ? leftL / stressedL : 0
    let drawn = (leafWantsL + openWantsL) * stress + wallWantsL * leftL
    if (drawn > leftL) drawn = leftL > 0 ? leftL : 0
    had += stress
    used += drawn
    const after = before + drawn
    missing[cell] = after
    sumMissing += after
    if (after > driest) driest = after
    dried += openWantsL * stress * onSurface
  }
  now.driedMm = dried > MOST_DRIED_MM ? MOST_DRIED_MM : dried
  if (now.reservoirL > 0 && missing[0]! > 0) {
    const lifted = Math.min(now.reservoirL, pot.capillaryLH, missing[0]!)
    now.reservoirL -= lifted
    missing[0]! -= lifted
    sumMissing -= lifted
    driest -= lifted
  }
  out.missingL[at] = sumMissing
  out.driestShare[at] = driest * aLitre
  out.usedL[at] = used
  // This row stands at what it mostly is.
  if (had < count) out.hadShare[at] = had * share
}
