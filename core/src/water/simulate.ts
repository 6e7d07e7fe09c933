import { InputError } from '../units'
import { HOURS_A_DAY } from '../weather'
import {
  FREELY_DRIED_MM,
  MOST_DRIED_MM,
  quietHours,
  type CellDay,
  type CellNow,
} from './quietHours'
import {
  emptyRun,
  EVENING_FROM_H,
  fullPot,
  type WateredPot,
  type WaterEvents,
  type WaterOptions,
  type WaterRun,
  type WaterDrive,
} from './pot'
import { freeShareOf } from './store'
import { demandL, fillingL, runsPastShare, visitL } from './visit'

/**
 * The water of a pot hour by hour.
 *
 * Leaves take what they need while it is easily available, then less (Ks of FAO 56,
 * Eq. 84, over the pot's own easily available water); the surface dries in two
 * stages; a breathing wall goes on giving. What is poured or rained fills the mix
 * from above, and the rest runs on: into the next tier, into the reservoir, out.
 * A reservoir refills the mix from below as fast as it climbs.
 *
 * What came in is what was used, what drained and what changed, to rounding.
 *
 * @throws InputError `hoursMissing` where events and weather differ in length
 * @source FAO 56 (Allen, Pereira, Raes & Smith 1998), Eqs 74, 84 and 85, by the hour
 */
export function simulateWater(
  container: WateredPot,
  weather: WaterDrive,
  events: WaterEvents,
  options: WaterOptions = {},
): WaterRun {
  const { thirst = 1, capacity = 1, from = 0, to = weather.days * HOURS_A_DAY } = options
  const isFilledDaily = options.isFilledDaily ?? false
  if (events.givenL.length < to || weather.referenceMm.length < to)
    throw new InputError('hoursMissing', { given: events.givenL.length, limit: to })
  const { cells, repellentShare, sensitivity, surfaceM2, capillaryLH } = container
  const reservoirMostL = container.reservoirL
  const [cellOf] = cells
  const out = options.into ?? emptyRun(to - from, container)
  const { givenL, visitH, fillH } = events
  const outMissingL = out.missingL
  const outDriestShare = out.driestShare
  const outReservoirL = out.reservoirL
  const outHadShare = out.hadShare
  const outGivenL = out.givenL
  const outDrainedL = out.drainedL
  const outUsedL = out.usedL
  const { referenceMm, leafM2, openM2, wallM2, rainL, cropMm } = weather
  const count = cells.length
  const share = 1 / count
  const availableL = cellOf!.availableL * capacity
  /** One litre as a share of a cell, and as mm over the surface of a cell. */
  const aLitre = availableL > 0 ? 1 / availableL : 0
  const onSurface = 1 / (surfaceM2 * share)
  const pot = { count, share, aLitre, wallM2, thirst, repellentShare, reservoirMostL }
  const missing = out.end.missingL
  const start = options.start ?? fullPot(container)
  missing.set(start.missingL)
  let reservoir = start.reservoirL
  let dried = start.driedMm
  const corrections = options.corrections ?? []
  const correctedHours = Float64Array.from(corrections, ({ hour }) => hour)
  const correctedShares = Float64Array.from(corrections, ({ missingShare }) => missingShare)
  const correctedReservoirs = Float64Array.from(corrections, (one) => one.reservoirL)
  const correctionCount = corrections.length
  let correction = 0

  outHadShare.fill(1, 0, to - from)
  if (options.into) {
    outReservoirL.fill(0, 0, to - from)
    outGivenL.fill(0, 0, to - from)
    outDrainedL.fill(0, 0, to - from)
  }

  const cell: CellNow = { missingL: 0, driedMm: 0 }
  const cellDay: CellDay = {
    thirst,
    leafM2: 0,
    openM2: 0,
    wallShareM2: wallM2 * aLitre,
    availableL,
    stressedL: 0,
    aLitre,
    onSurface,
  }
  let day = Math.floor(from / HOURS_A_DAY) - 1
  let dayEnds = from
  let leaf = 0
  let open = 0
  let rain = 0
  let freeL = 0
  let stressedL = 0
  let hour = from
  while (hour < to) {
    const at = hour - from
    if (hour === dayEnds) {
      day++
      dayEnds = (day + 1) * HOURS_A_DAY
      leaf = leafM2[day]!
      open = openM2[day]!
      rain = rainL[day]! / HOURS_A_DAY
      freeL = freeShareOf(cellOf!, sensitivity, cropMm[day]! * thirst) * availableL
      stressedL = availableL - freeL
      cellDay.leafM2 = leaf
      cellDay.openM2 = open
      cellDay.stressedL = stressedL
    }
    if (leaf < 0) {
      // Nothing grows: it stands as it was filled.
      outMissingL[at] = 0
      outDriestShare[at] = 0
      outUsedL[at] = 0
      outReservoirL[at] = reservoir
      hour++
      continue
    }
    // What a test found holds from the beginning of its hour.
    while (correction < correctionCount && correctedHours[correction]! <= hour) {
      reservoir = correctedReservoirs[correction]!
      missing.fill(correctedShares[correction++]! * availableL)
    }

    if (count === 1 && rain === 0 && reservoirMostL === 0) {
      const quietTo = Math.min(dayEnds, to, correctedHours[correction] ?? to)
      cell.missingL = missing[0]!
      cell.driedMm = dried

      const next = quietHours(cell, cellDay, referenceMm, givenL, visitH, out, hour, quietTo, from)
      missing[0] = cell.missingL
      dried = cell.driedMm
      if (next > hour) {
        hour = next
        continue
      }
    }
    const mm = referenceMm[hour]! * thirst

    let given = givenL[hour]!
    const aheadH = visitH[hour]!
    const isFilled =
      (fillH !== undefined && fillH[hour] === 1) ||
      (isFilledDaily && aheadH > 0 && hour % HOURS_A_DAY < EVENING_FROM_H)
    if (isFilled) given = fillingL(pot, { missing, reservoirL: reservoir })
    else if (aheadH > 0) {
      const wantedL = demandL(pot, weather, hour, Math.min(hour + aheadH, to))
      const facts = { freeL, pouredL: given, wantedL }
      given += visitL(pot, { missing, reservoirL: reservoir }, facts)
    }

    // What is poured goes into the reservoir first, then on the mix.
    const poured = given
    if (reservoirMostL > 0 && given > 0) {
      const intoReservoir = Math.min(given, reservoirMostL - reservoir)
      reservoir += intoReservoir
      given -= intoReservoir
    }
    const landed = given + rain
    if (landed > 0) {
      const missingShare = missing[0]! * aLitre
      const past = given > 0 ? given * runsPastShare(repellentShare, missingShare) : 0
      const taken = Math.min(missing[0]!, landed - past)
      missing[0]! -= taken
      let running = landed - taken
      for (let cell = 1; cell < count; cell++) {
        const here = Math.min(missing[cell]!, running)
        missing[cell]! -= here
        running -= here
      }
      dried = Math.max(0, dried - landed / surfaceM2)
      if (reservoirMostL > 0 && running > 0) {
        const intoReservoir = Math.min(running, reservoirMostL - reservoir)
        reservoir += intoReservoir
        running -= intoReservoir
      }
      outGivenL[at] = poured
      outDrainedL[at] = running
    } else if (poured > 0) outGivenL[at] = poured

    const leafWantsL = mm * leaf * share
    const openWantsL =
      dried <= FREELY_DRIED_MM
        ? mm * open * share
        : (mm * open * share * (MOST_DRIED_MM - dried)) / (MOST_DRIED_MM - FREELY_DRIED_MM)
    const wallWantsL = mm * wallM2 * share * aLitre
    let used = 0
    let had = 0
    let sumMissing = 0
    let driest = 0
    for (let cell = 0; cell < count; cell++) {
      const before = missing[cell]!
      const leftL = availableL - before
      // Ks: whole as long as more is left than where stress begins.
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
    if (dried > MOST_DRIED_MM) dried = MOST_DRIED_MM

    if (reservoir > 0 && missing[0]! > 0) {
      const lifted = Math.min(reservoir, capillaryLH, missing[0]!)
      reservoir -= lifted
      missing[0]! -= lifted
      sumMissing -= lifted
      driest -= lifted
    }
    outMissingL[at] = sumMissing
    outDriestShare[at] = driest * aLitre
    outUsedL[at] = used
    // These rows already hold their usual value.
    if (had < count) outHadShare[at] = had * share
    if (reservoirMostL > 0) outReservoirL[at] = reservoir
    hour++
  }
  // A test of the very next hour holds from its beginning.
  while (correction < correctionCount && correctedHours[correction]! <= to) {
    reservoir = correctedReservoirs[correction]!
    missing.fill(correctedShares[correction++]! * availableL)
  }
  out.end.reservoirL = reservoir
  out.end.driedMm = dried
  return out
}
