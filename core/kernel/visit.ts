import { at, HOURS_A_DAY, Pot, Rows } from './layout'

/** Share of water poured on moist mix that runs past it (memory). */
const RUNS_PAST_SHARE: f64 = 0.03
/** Mix with more than the first share of its water missing sheds water: bone-dry, the second share of it (memory). */
const SHEDS_FROM_SHARE: f64 = 0.6
const SHEDS_SHARE: f64 = 0.6
/** Top-ups below this share of demand are skipped: not worth the walk. */
const ENOUGH_SHARE: f64 = 0.1

/** Share of poured water that runs past a cell with that share of its water missing, 0–1. */
export function runsPastShare(repellentShare: f64, missingShare: f64): f64 {
  return (
    RUNS_PAST_SHARE +
    (repellentShare * SHEDS_SHARE * max<f64>(0, missingShare - SHEDS_FROM_SHARE)) /
      (1 - SHEDS_FROM_SHARE)
  )
}

/** Water to pour until it drains, L: what is missing, what runs past dry mix, and the reservoir. */
export function fillingL(pot: Pot, missing: usize, reservoirL: f64): f64 {
  const cells = <i32>pot.cells
  let missingL: f64 = 0
  for (let cell = 0; cell < cells; cell++) missingL += at(missing, cell)
  const past = runsPastShare(pot.repellentShare, at(missing, 0) * pot.aLitre)
  return missingL / (1 - past) + pot.reservoirMostL - reservoirL
}

/** What leaves, open mix and wall will draw between two hours, less the rain, L. */
export function demandL(pot: Pot, rows: Rows, from: i32, until: i32): f64 {
  const firstH = <i32>pot.firstH
  let wantedL: f64 = 0
  let hour = from
  let day = (firstH + from) / HOURS_A_DAY
  while (hour < until) {
    const end = min((day + 1) * HOURS_A_DAY - firstH, until)
    const drawing = max<f64>(0, at(rows.leafM2, day)) + at(rows.openM2, day) + pot.wallM2
    wantedL +=
      (at(rows.referenceSumMm, end) - at(rows.referenceSumMm, hour)) * pot.thirst * drawing -
      (at(rows.rainL, day) * <f64>(end - hour)) / <f64>HOURS_A_DAY
    hour = end
    day++
  }
  return wantedL
}

/**
 * What a visitor gives, L: nothing where the pot lasts until the next visit, else what fills it.
 *
 * @param freeL   of a cell, what may be used before its plants go short
 * @param pouredL recorded in this very hour: it counts as poured already
 * @param wantedL what will be drawn until the next visit
 */
export function visitL(
  pot: Pot,
  missing: usize,
  reservoirL: f64,
  freeL: f64,
  pouredL: f64,
  wantedL: f64,
): f64 {
  const cells = <i32>pot.cells
  let pouring = pouredL
  let roomBelowL = pot.reservoirMostL - reservoirL
  if (roomBelowL > 0) {
    const intoReservoir = min(pouring, roomBelowL)
    pouring -= intoReservoir
    roomBelowL -= intoReservoir
  }
  let missingL: f64 = 0
  let driest: f64 = 0
  for (let cell = 0; cell < cells; cell++) {
    const before = at(missing, cell)
    const taken = min(pouring, before)
    const left = before - taken
    pouring -= taken
    missingL += left
    if (left > driest) driest = left
  }
  const isShort =
    pot.reservoirMostL > 0
      ? pot.reservoirMostL - roomBelowL + freeL - driest < wantedL
      : driest + wantedL * (1 / pot.cells) > freeL
  if (!isShort) return 0
  const past = runsPastShare(pot.repellentShare, at(missing, 0) * pot.aLitre)
  const wishL = missingL / (1 - past) + roomBelowL
  return wishL > pot.splashL + ENOUGH_SHARE * wantedL ? wishL : 0
}
