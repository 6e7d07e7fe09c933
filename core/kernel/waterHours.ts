// The water of a pot hour by hour: the one loop that all of Rimbo waits for, in
// AssemblyScript. `npm run kernel` builds it into core/src/water/hours/wasm.ts;
// core/src/water/hours lays out its memory and says what each number means.
import { at, HOURS_A_DAY, Pot, put, Rows } from './layout'
import { demandL, fillingL, runsPastShare, visitL } from './visit'

export { runsPastShare }

/** A wet surface gives off freely up to here, and nothing beyond, mm (FAO 56, Table 19: loam, 10 cm). */
const FREELY_DRIED_MM: f64 = 9
const MOST_DRIED_MM: f64 = 21.5

/** Puts what a test found in the place of what was computed; answers what is left in the reservoir, L. */
function correctedBy(rows: Rows, correction: i32, cells: i32, availableL: f64): f64 {
  const missingL = at(rows.correctedShare, correction) * availableL
  for (let cell = 0; cell < cells; cell++) put(rows.missing, cell, missingL)
  return at(rows.correctedReservoirL, correction)
}

/**
 * Goes through the hours of a run.
 *
 * Leaves take what they need while it is easily available, then less (Ks of FAO 56,
 * Eq. 84, over the pot's own easily available water); the surface dries in two
 * stages; a breathing wall goes on giving. What is poured or rained fills the mix
 * from above, and the rest runs on: into the next tier, into the reservoir, out.
 * A reservoir refills the mix from below as fast as it climbs.
 */
export function run(pot: Pot, rows: Rows): void {
  const hours = <i32>pot.hours
  const firstH = <i32>pot.firstH
  const cells = <i32>pot.cells
  const corrections = <i32>pot.corrections
  const availableL = pot.availableL
  const aLitre = pot.aLitre
  const reservoirMostL = pot.reservoirMostL
  const hasReservoir = reservoirMostL > 0
  const share: f64 = 1 / pot.cells
  const onSurface: f64 = 1 / (pot.surfaceM2 * share)
  const missing = rows.missing
  const isPlain = cells === 1 && !hasReservoir
  const thirst = pot.thirst
  const wallShareM2 = pot.wallM2 * aLitre
  const referenceMm = rows.referenceMm
  const givenL = rows.givenL
  const visitH = rows.visitH
  const fillH = rows.fillH
  const missingL = rows.missingL
  const driestShare = rows.driestShare
  const hadShare = rows.hadShare
  const usedL = rows.usedL
  memory.fill(rows.pouredL, 0, hours << 3)
  memory.fill(rows.drainedL, 0, hours << 3)
  memory.fill(rows.reservoirLeftL, 0, hours << 3)
  let reservoir = pot.reservoirL
  let dried = pot.driedMm
  let correction = 0
  let nextCorrectionH: f64 = corrections > 0 ? at(rows.correctedHour, 0) : Infinity
  let dayEnds = 0
  let leaf: f64 = 0
  let open: f64 = 0
  let rain: f64 = 0
  let freeL: f64 = 0
  let stressedL: f64 = 0

  for (let hour = 0; hour < hours; hour++) {
    if (hour === dayEnds) {
      const day = (firstH + hour) / HOURS_A_DAY
      dayEnds = (day + 1) * HOURS_A_DAY - firstH
      leaf = at(rows.leafM2, day)
      open = at(rows.openM2, day)
      rain = at(rows.rainL, day) / <f64>HOURS_A_DAY
      freeL = at(rows.freeL, day)
      stressedL = availableL - freeL
    }
    if (leaf < 0) {
      // Nothing grows: it stands as it was filled.
      put(rows.missingL, hour, 0)
      put(rows.driestShare, hour, 0)
      put(rows.usedL, hour, 0)
      put(rows.hadShare, hour, 1)
      put(rows.reservoirLeftL, hour, reservoir)
      continue
    }
    // What a test found holds from the beginning of its hour.
    while (nextCorrectionH <= <f64>hour) {
      reservoir = correctedBy(rows, correction++, cells, availableL)
      nextCorrectionH = correction < corrections ? at(rows.correctedHour, correction) : Infinity
    }

    if (isPlain && rain === 0) {
      // Nobody comes by, nothing falls and nothing rises from below, as in most of all hours.
      const quietTo = <i32>min(<f64>min(dayEnds, hours), nextCorrectionH)
      let lacking = at(missing, 0)
      const began = hour
      for (; hour < quietTo; hour++) {
        if (load<u8>(visitH + hour) | load<u8>(fillH + hour)) break
        const row = (<usize>hour) << 3
        if (load<f64>(givenL + row) !== 0) break
        const mm = load<f64>(referenceMm + row) * thirst
        const leftL = availableL - lacking
        const stress: f64 = leftL >= stressedL ? 1 : leftL > 0 ? leftL / stressedL : 0
        const openL =
          dried <= FREELY_DRIED_MM
            ? mm * open * stress
            : (mm * open * stress * (MOST_DRIED_MM - dried)) / (MOST_DRIED_MM - FREELY_DRIED_MM)
        let drawn = mm * leaf * stress + openL + mm * wallShareM2 * leftL
        if (drawn > leftL) drawn = leftL > 0 ? leftL : 0
        lacking += drawn
        dried += openL * onSurface
        if (dried > MOST_DRIED_MM) dried = MOST_DRIED_MM
        store<f64>(missingL + row, lacking)
        store<f64>(driestShare + row, lacking * aLitre)
        store<f64>(usedL + row, drawn)
        store<f64>(hadShare + row, stress)
      }
      if (hour > began) {
        put(missing, 0, lacking)
        hour--
        continue
      }
    }

    let given = at(rows.givenL, hour)
    const aheadH = <i32>load<u8>(rows.visitH + <usize>hour)
    const isFilled =
      load<u8>(rows.fillH + <usize>hour) === 1 ||
      (pot.isFilledDaily === 1 &&
        aheadH > 0 &&
        (firstH + hour) % HOURS_A_DAY < <i32>pot.eveningFromH)
    if (isFilled) given = fillingL(pot, missing, reservoir)
    else if (aheadH > 0) {
      const wantedL = demandL(pot, rows, hour, min(hour + aheadH, hours))
      given += visitL(pot, missing, reservoir, freeL, given, wantedL)
    }

    // What is poured goes into the reservoir first, then on the mix.
    put(rows.pouredL, hour, given)
    if (hasReservoir && given > 0) {
      const intoReservoir = min(given, reservoirMostL - reservoir)
      reservoir += intoReservoir
      given -= intoReservoir
    }
    const landed = given + rain
    if (landed > 0) {
      const first = at(missing, 0)
      const past = given > 0 ? given * runsPastShare(pot.repellentShare, first * aLitre) : 0
      const taken = min(first, landed - past)
      put(missing, 0, first - taken)
      let running = landed - taken
      for (let cell = 1; cell < cells; cell++) {
        const before = at(missing, cell)
        const here = min(before, running)
        put(missing, cell, before - here)
        running -= here
      }
      dried = max<f64>(0, dried - landed / pot.surfaceM2)
      if (hasReservoir && running > 0) {
        const intoReservoir = min(running, reservoirMostL - reservoir)
        reservoir += intoReservoir
        running -= intoReservoir
      }
      put(rows.drainedL, hour, running)
    }

    const mm = at(rows.referenceMm, hour) * pot.thirst
    const leafWantsL = mm * leaf * share
    const openWantsL =
      dried <= FREELY_DRIED_MM
        ? mm * open * share
        : (mm * open * share * (MOST_DRIED_MM - dried)) / (MOST_DRIED_MM - FREELY_DRIED_MM)
    const wallWantsL = mm * pot.wallM2 * share * aLitre
    let used: f64 = 0
    let had: f64 = 0
    let sumMissing: f64 = 0
    let driest: f64 = 0
    for (let cell = 0; cell < cells; cell++) {
      const before = at(missing, cell)
      const leftL = availableL - before
      // Ks: whole as long as more is left than where stress begins.
      const stress: f64 = leftL >= stressedL ? 1 : leftL > 0 ? leftL / stressedL : 0
      let drawn = (leafWantsL + openWantsL) * stress + wallWantsL * leftL
      if (drawn > leftL) drawn = leftL > 0 ? leftL : 0
      had += stress
      used += drawn
      const after = before + drawn
      put(missing, cell, after)
      sumMissing += after
      if (after > driest) driest = after
      dried += openWantsL * stress * onSurface
    }
    if (dried > MOST_DRIED_MM) dried = MOST_DRIED_MM

    if (reservoir > 0 && at(missing, 0) > 0) {
      const lifted = min(min(reservoir, pot.capillaryLH), at(missing, 0))
      reservoir -= lifted
      put(missing, 0, at(missing, 0) - lifted)
      sumMissing -= lifted
      driest -= lifted
    }
    put(rows.missingL, hour, sumMissing)
    put(rows.driestShare, hour, driest * aLitre)
    put(rows.usedL, hour, used)
    put(rows.hadShare, hour, had < pot.cells ? had * share : 1)
    if (hasReservoir) put(rows.reservoirLeftL, hour, reservoir)
  }
  // A test of the very next hour holds from its beginning.
  while (nextCorrectionH <= <f64>hours) {
    reservoir = correctedBy(rows, correction++, cells, availableL)
    nextCorrectionH = correction < corrections ? at(rows.correctedHour, correction) : Infinity
  }
  pot.reservoirL = reservoir
  pot.driedMm = dried
}
