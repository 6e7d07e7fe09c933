import { InputError } from '../units'
import { HOURS_A_DAY } from '../weather'
import { copyItems, loadHours, type LoadedHours } from './hours'
import {
  emptyRun,
  fullPot,
  type WateredPot,
  type WaterEvents,
  type WaterOptions,
  type WaterRun,
  type WaterDrive,
  type WaterState,
} from './pot'

/** Goes through the hours of a run, and leaves the state after them in `end`. */
function goThrough(
  container: WateredPot,
  weather: WaterDrive,
  events: WaterEvents,
  options: WaterOptions,
  end: WaterState,
): LoadedHours {
  const { from = 0, to = weather.days * HOURS_A_DAY, corrections, start } = options
  if (events.givenL.length < to || weather.referenceMm.length < to)
    throw new InputError('hoursMissing', { given: events.givenL.length, limit: to })
  const { missingL, reservoirL, driedMm } = start ?? fullPot(container)
  end.missingL.set(missingL)
  end.reservoirL = reservoirL
  end.driedMm = driedMm
  const loaded = loadHours(weather, events, from, to, corrections?.length)
  loaded.run(container, end, options)
  return loaded
}

/**
 * How a run leaves a pot: `simulateWater(…).end`, without its hours.
 *
 * @throws InputError `hoursMissing` where events and weather differ in length
 */
export function stateAfter(
  container: WateredPot,
  weather: WaterDrive,
  events: WaterEvents,
  options: WaterOptions = {},
): WaterState {
  const end = fullPot(container)
  goThrough(container, weather, events, options, end)
  return end
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
 * What came in is what was used, what drained and what changed, to rounding. The
 * loop itself is in core/kernel/waterHours.ts.
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
  const { from = 0, to = weather.days * HOURS_A_DAY } = options
  const out = options.into ?? emptyRun(to - from, container)
  const { hours, rows } = goThrough(container, weather, events, options, out.end)
  copyItems(rows.missingL, 0, out.missingL, 0, hours)
  copyItems(rows.driestShare, 0, out.driestShare, 0, hours)
  copyItems(rows.reservoirLeftL, 0, out.reservoirL, 0, hours)
  copyItems(rows.hadShare, 0, out.hadShare, 0, hours)
  copyItems(rows.pouredL, 0, out.givenL, 0, hours)
  copyItems(rows.drainedL, 0, out.drainedL, 0, hours)
  copyItems(rows.usedL, 0, out.usedL, 0, hours)
  return out
}
