import { InputError } from '../units'
import { HOURS_A_DAY } from '../weather'
import {
  beginDay,
  demandL,
  draw,
  fillingL,
  intoReservoir,
  land,
  visitL,
  type DayNow,
  type PotNow,
  type PotOfRun,
} from './hour'
import { quietHours, type CellDay, type CellNow, type HourSpan } from './quietHours'
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

/** What tests found, hour by hour: it stands from the beginning of its hour on. */
function correctionsOf(corrections: NonNullable<WaterOptions['corrections']>) {
  const hours = Float64Array.from(corrections, ({ hour }) => hour)
  let next = 0
  return {
    /** The hour of the next one. */
    nextHour: (): number => hours[next] ?? Infinity,
    apply: (now: PotNow, availableL: number, hour: number): void => {
      while (next < hours.length && hours[next]! <= hour) {
        const { missingShare, reservoirL } = corrections[next++]!
        now.reservoirL = reservoirL
        now.missing.fill(missingShare * availableL)
      }
    },
  }
}

function potOfRun(container: WateredPot, wallM2: number, options: WaterOptions): PotOfRun {
  const { thirst = 1, capacity = 1 } = options
  const { cells, surfaceM2, reservoirL, repellentShare, sensitivity, capillaryLH } = container
  const [cell] = cells
  const share = 1 / cells.length
  const availableL = cell!.availableL * capacity
  return {
    cell: cell!,
    count: cells.length,
    share,
    wallM2,
    thirst,
    availableL,
    aLitre: availableL > 0 ? 1 / availableL : 0,
    onSurface: 1 / (surfaceM2 * share),
    reservoirMostL: reservoirL,
    surfaceM2,
    repellentShare,
    sensitivity,
    capillaryLH,
  }
}

/** Rows to write into, at what they mostly are. */
function rowsOf(container: WateredPot, hours: number, into: WaterRun | undefined): WaterRun {
  const out = into ?? emptyRun(hours, container)
  out.hadShare.fill(1, 0, hours)
  if (into) for (const row of [into.reservoirL, into.givenL, into.drainedL]) row.fill(0, 0, hours)
  return out
}

/**
 * The water of a pot hour by hour.
 *
 * Leaves take what they need while it is easily available, then less (Ks of FAO 56,
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
  weather: WaterDrive,
  events: WaterEvents,
  options: WaterOptions = {},
): WaterRun {
  const { from = 0, to = weather.days * HOURS_A_DAY, isFilledDaily = false } = options
  if (events.givenL.length < to || weather.referenceMm.length < to)
    throw new InputError('hoursMissing', { given: events.givenL.length, limit: to })
  const { givenL, visitH, fillH } = events
  const { referenceMm } = weather
  const pot = potOfRun(container, weather.wallM2, options)
  const { count, reservoirMostL, availableL } = pot
  const out = rowsOf(container, to - from, options.into)
  const start = options.start ?? fullPot(container)
  const now: PotNow = {
    missing: out.end.missingL,
    reservoirL: start.reservoirL,
    driedMm: start.driedMm,
  }
  now.missing.set(start.missingL)
  const corrections = correctionsOf(options.corrections ?? [])
  const today: DayNow = {
    day: Math.floor(from / HOURS_A_DAY) - 1,
    ends: from,
    ...{ leafM2: 0, openM2: 0, rainL: 0, freeL: 0, stressedL: 0 },
  }
  const hourly = { referenceMm, givenL, visitH }
  const span: HourSpan = { from, to, offset: from }
  const cell: CellNow = { missingL: 0, driedMm: 0 }
  const cellDay: CellDay = {
    ...{ thirst: pot.thirst, leafM2: 0, openM2: 0, stressedL: 0 },
    ...{ wallShareM2: pot.wallM2 * pot.aLitre, availableL },
    ...{ aLitre: pot.aLitre, onSurface: pot.onSurface },
  }
  const written = { out, at: 0 }

  /** Goes through quiet hours, where there are any; the hour after the last of them. */
  function quietFrom(hour: number): number {
    if (count !== 1 || today.rainL !== 0 || reservoirMostL !== 0) return hour
    cell.missingL = now.missing[0]!
    cell.driedMm = now.driedMm
    span.from = hour
    span.to = Math.min(today.ends, to, corrections.nextHour())
    const next = quietHours(cell, cellDay, hourly, out, span)
    now.missing[0] = cell.missingL
    now.driedMm = cell.driedMm
    return next
  }
  /** What is poured in an hour: as recorded, to the drip, or as whoever comes by sees fit. */
  function pouredAt(hour: number): number {
    const aheadH = visitH[hour]!
    const isFilled =
      (fillH !== undefined && fillH[hour] === 1) ||
      (isFilledDaily && aheadH > 0 && hour % HOURS_A_DAY < EVENING_FROM_H)
    if (isFilled) return fillingL(pot, now)
    const recordedL = givenL[hour]!
    if (aheadH === 0) return recordedL
    const wantedL = demandL(pot, weather, hour, Math.min(hour + aheadH, to))
    return recordedL + visitL(pot, now, today, recordedL, wantedL)
  }

  let hour = from
  while (hour < to) {
    if (hour === today.ends) {
      beginDay(today, pot, weather)
      cellDay.leafM2 = today.leafM2
      cellDay.openM2 = today.openM2
      cellDay.stressedL = today.stressedL
    }
    const at = hour - from
    if (today.leafM2 < 0) {
      // Nothing grows: it stands as it was filled.
      out.missingL[at] = 0
      out.driestShare[at] = 0
      out.usedL[at] = 0
      out.reservoirL[at] = now.reservoirL
      hour++
      continue
    }
    corrections.apply(now, availableL, hour)
    const next = quietFrom(hour)
    if (next > hour) {
      hour = next
      continue
    }
    const poured = pouredAt(hour)
    if (poured > 0) out.givenL[at] = poured
    const onMixL = intoReservoir(pot, now, poured)
    if (onMixL + today.rainL > 0) out.drainedL[at] = land(pot, now, onMixL, today.rainL)
    written.at = at
    draw(pot, now, today, referenceMm[hour]! * pot.thirst, written)
    if (reservoirMostL > 0) out.reservoirL[at] = now.reservoirL
    hour++
  }
  // What a test of the hour to come found stands from its beginning on.
  corrections.apply(now, availableL, to)
  out.end.reservoirL = now.reservoirL
  out.end.driedMm = now.driedMm
  return out
}
