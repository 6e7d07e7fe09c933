import { InputError } from '../units'
import { HOURS_A_DAY } from '../weather'
import { freeShareOf, type WaterStore } from './store'

/** Sums of a row from its beginning on, one longer than the row. */
export function sumsOf(row: Float64Array): Float64Array {
  const sums = new Float64Array(row.length + 1)
  for (let index = 0; index < row.length; index++) sums[index + 1] = sums[index]! + row[index]!
  return sums
}

/** A pot as the hourly balance takes it. */
export interface WateredPot extends WaterStore {
  /** How much of the easily available water its plants use freely, beside tomatoes, 0–1. */
  readonly sensitivity: number
}

/** What draws on a pot, day by day, and what falls into it. */
export interface WaterWeather {
  readonly days: number
  /** From short grass where the pot stands, mm in each hour. */
  readonly referenceMm: Float64Array
  /** The same summed from the first hour on, one longer. */
  readonly referenceSumMm: Float64Array
  /** Leaf by its coefficient and wind, m²: litres for each mm. Below zero on a day without plants. */
  readonly leafM2: Float64Array
  /** Open mix under its mulch and shade, m². */
  readonly openM2: Float64Array
  /** Breathing wall, m². */
  readonly wallM2: number
  /** Into the pot over the day, L. */
  readonly rainL: Float64Array
  /** What the crop draws over its own leaf in the day, mm. */
  readonly cropMm: Float64Array
}

export interface WaterEvents {
  /** Given, L in each hour. */
  readonly givenL: Float64Array
  /** Where the gardener comes by and gives what is wanted: hours until they do again; 0 elsewhere. */
  readonly visitH: Uint8Array
}

/** What is missing from a pot at one moment. */
export interface WaterState {
  /** From each drained cell, from above, L. */
  readonly missingL: Float64Array
  reservoirL: number
  /** Lost from the surface since it was last wetted, mm. */
  driedMm: number
}

/** The same found by a test: put in the place of what was computed. */
export interface WaterCorrection {
  readonly hour: number
  /** Of what the cells hold, what is missing, 0–1. */
  readonly missingShare: number
}

export interface WaterOptions {
  /** First hour, and the one after the last; all where left out. */
  readonly from?: number
  readonly to?: number
  /** Full where left out. */
  readonly start?: WaterState
  /** What its plants drink beside the model. */
  readonly thirst?: number | undefined
  /** What it holds beside the model. */
  readonly capacity?: number | undefined
  readonly corrections?: readonly WaterCorrection[]
  /** An earlier run of as many hours, to be written over. */
  readonly into?: WaterRun
}

/** A pot hour by hour; each value stands for the end of its hour. */
export interface WaterRun {
  /** Missing from the drained mix, all cells, L. */
  readonly missingL: Float64Array
  /** The same of the driest cell, share of what it holds above wilting, 0–1. */
  readonly driestShare: Float64Array
  readonly reservoirL: Float64Array
  /** Of the water its leaves wanted, what they had, 0–1. */
  readonly hadShare: Float64Array
  /** Recorded or by plan. */
  readonly givenL: Float64Array
  /** Ran out below. */
  readonly drainedL: Float64Array
  /** Leaves, surface and walls. */
  readonly usedL: Float64Array
  /** At the end. */
  readonly end: WaterState
}

/** Of water poured on moist mix, what runs past it (memory). */
const RUNS_PAST_SHARE = 0.03
/** From so much missing on, dry mix sheds water, up to this share of it (memory). */
const SHEDS_FROM_SHARE = 0.6
const SHEDS_SHARE = 0.6
/** A wet surface gives off freely up to here, and nothing beyond, mm (FAO 56, Table 19: loam, 10 cm). */
const FREELY_DRIED_MM = 9
const MOST_DRIED_MM = 21.5
/** Less is not worth the walk, L. */
export const SPLASH_L = 0.05

/** What is missing beside this share of what is wanted is let be. */
const ENOUGH_SHARE = 0.1

/** Of water poured on a cell of which so much is missing, what runs past it, 0–1. */
export const runsPastShare = (repellentShare: number, missingShare: number): number =>
  RUNS_PAST_SHARE +
  (repellentShare * SHEDS_SHARE * Math.max(0, missingShare - SHEDS_FROM_SHARE)) /
    (1 - SHEDS_FROM_SHARE)

export const fullPot = ({ cells, reservoirL }: WaterStore): WaterState => ({
  missingL: new Float64Array(cells.length),
  reservoirL,
  driedMm: 0,
})

export const emptyRun = (hours: number, { cells }: WaterStore): WaterRun => ({
  missingL: new Float64Array(hours),
  driestShare: new Float64Array(hours),
  reservoirL: new Float64Array(hours),
  hadShare: new Float64Array(hours),
  givenL: new Float64Array(hours),
  drainedL: new Float64Array(hours),
  usedL: new Float64Array(hours),
  end: { missingL: new Float64Array(cells.length), reservoirL: 0, driedMm: 0 },
})

/**
 * The water of a pot hour by hour.
 *
 * Leaves take what they want while it is easily to be had, then less (FAO 56,
 * Eq. 84, over the pot's own easily available water); the surface dries in two
 * stages; a breathing wall goes on giving. What is poured or rained fills the mix
 * from above, and the rest runs on: into the next tier, into the reservoir, out.
 * A reservoir refills the mix from below as fast as it climbs.
 *
 * What came in is what was used, what ran out and what changed, to rounding.
 *
 * @throws InputError `hoursMissing` where events and weather differ in length
 * @source FAO 56 (Allen, Pereira, Raes & Smith 1998), Eqs 74, 84 and 85, by the hour
 */
export function simulateWater(
  container: WateredPot,
  weather: WaterWeather,
  events: WaterEvents,
  options: WaterOptions = {},
): WaterRun {
  const { thirst = 1, capacity = 1, from = 0, to = weather.days * HOURS_A_DAY } = options
  if (events.givenL.length < to || weather.referenceMm.length < to)
    throw new InputError('hoursMissing', { given: events.givenL.length, limit: to })
  const { cells, repellentShare, sensitivity, surfaceM2, capillaryLH } = container
  const reservoirMostL = container.reservoirL
  const [cellOf] = cells
  const out = options.into ?? emptyRun(to - from, container)
  const { givenL, visitH } = events
  const outMissingL = out.missingL
  const outDriestShare = out.driestShare
  const outReservoirL = out.reservoirL
  const outHadShare = out.hadShare
  const outGivenL = out.givenL
  const outDrainedL = out.drainedL
  const outUsedL = out.usedL
  const { referenceMm, referenceSumMm, leafM2, openM2, wallM2, rainL, cropMm } = weather
  const count = cells.length
  const share = 1 / count
  const availableL = cellOf!.availableL * capacity
  /** One litre as a share of a cell, and as mm over the surface of a cell. */
  const aLitre = availableL > 0 ? 1 / availableL : 0
  const onSurface = 1 / (surfaceM2 * share)
  const missing = out.end.missingL
  const start = options.start ?? fullPot(container)
  missing.set(start.missingL)
  let reservoir = start.reservoirL
  let dried = start.driedMm
  const corrections = options.corrections ?? []
  const correctedHours = Float64Array.from(corrections, ({ hour }) => hour)
  const correctedShares = Float64Array.from(corrections, ({ missingShare }) => missingShare)
  const correctionCount = corrections.length
  let correction = 0

  let day = Math.floor(from / HOURS_A_DAY) - 1
  let dayEnds = from
  let leaf = 0
  let open = 0
  let rain = 0
  let freeL = 0
  let stressedL = 0
  for (let hour = from; hour < to; hour++) {
    const at = hour - from
    if (hour === dayEnds) {
      day++
      dayEnds = (day + 1) * HOURS_A_DAY
      leaf = leafM2[day]!
      open = openM2[day]!
      rain = rainL[day]! / HOURS_A_DAY
      freeL = freeShareOf(cellOf!, sensitivity, cropMm[day]! * thirst) * availableL
      stressedL = availableL - freeL
    }
    if (leaf < 0) {
      // Nothing grows: it stands as it was filled.
      outMissingL[at] = 0
      outDriestShare[at] = 0
      outReservoirL[at] = reservoir
      outHadShare[at] = 1
      outGivenL[at] = outDrainedL[at] = outUsedL[at] = 0
      continue
    }
    // What a test found stands at the beginning of its hour.
    while (correction < correctionCount && correctedHours[correction]! <= hour)
      missing.fill(correctedShares[correction++]! * availableL)
    const mm = referenceMm[hour]! * thirst

    let given = givenL[hour]!
    const aheadH = visitH[hour]!
    if (aheadH > 0) {
      let wantedL = 0
      const until = hour + aheadH < to ? hour + aheadH : to
      for (let next = hour, nextDay = day; next < until; nextDay++) {
        const nextEnds = (nextDay + 1) * HOURS_A_DAY
        const end = nextEnds < until ? nextEnds : until
        const drawing = (leafM2[nextDay]! > 0 ? leafM2[nextDay]! : 0) + openM2[nextDay]! + wallM2
        wantedL +=
          (referenceSumMm[end]! - referenceSumMm[next]!) * thirst * drawing -
          (rainL[nextDay]! * (end - next)) / HOURS_A_DAY
        next = end
      }
      // As it is once what was recorded in this very hour is in it.
      let pouring = given
      let roomBelowL = reservoirMostL - reservoir
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
      if (isShort) {
        const missingShare = missing[0]! * aLitre
        const past = runsPastShare(repellentShare, missingShare)
        const wishL = missingL / (1 - past) + roomBelowL
        if (wishL > SPLASH_L + ENOUGH_SHARE * wantedL) given += wishL
      }
    }

    // What is poured goes into the reservoir first, then on the mix.
    const poured = given
    if (reservoirMostL > 0 && given > 0) {
      const intoReservoir = Math.min(given, reservoirMostL - reservoir)
      reservoir += intoReservoir
      given -= intoReservoir
    }
    const landed = given + rain
    let running = 0
    if (landed > 0) {
      const missingShare = missing[0]! * aLitre
      const past = given > 0 ? given * runsPastShare(repellentShare, missingShare) : 0
      const taken = Math.min(missing[0]!, landed - past)
      missing[0]! -= taken
      running = landed - taken
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
    }

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
    outReservoirL[at] = reservoir
    outHadShare[at] = had * share
    outGivenL[at] = poured
    outDrainedL[at] = running
    outUsedL[at] = used
  }
  out.end.reservoirL = reservoir
  out.end.driedMm = dried
  return out
}
