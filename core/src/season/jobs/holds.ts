import { HEAT_WAVE_C } from '../../feed'
import { memory, practice, reason, type Reason } from '../../units'
import { gustOn } from './wind'
import type { PotFacts } from './facts'

/** Three days together make a hot spell: today and the next two. */
const SPELL_DAYS = 3
/** In such gusts nothing is done out there but bringing baskets down, m/s (memory: Beaufort 8). */
const STORM_MS = 17
/** Wet leaves carry blight from cut to cut: more rain than this makes them wet, mm (memory). */
const WET_MM = 1

/** The hottest of today and the next two days, °C, as far as they are known. */
export function hottestC({ day, weatherOn, isKnown }: PotFacts, from = day): number {
  let most = -Infinity
  for (let on = from; on < from + SPELL_DAYS; on++)
    if (isKnown(on)) most = Math.max(most, weatherOn(on)?.tempMaxC ?? -Infinity)
  return most
}

/** What keeps everything for another day: a storm. */
export function stormHold(facts: PotFacts, day = facts.day): Reason | undefined {
  const gustMS = gustOn(facts, day)
  return gustMS !== undefined && gustMS >= STORM_MS
    ? reason('job.hold.storm', { gustMS }, memory)
    : undefined
}

/** What keeps cuts, planting and digging for another day: a storm, or a heat wave. */
export function workHold(facts: PotFacts, day = facts.day): Reason | undefined {
  const tempC = hottestC(facts, day)
  return (
    stormHold(facts, day) ??
    (tempC >= HEAT_WAVE_C ? reason('job.hold.heat', { tempC }, practice) : undefined)
  )
}

/** What keeps cuts for another day: also a wet one. */
export function cutHold(facts: PotFacts, day = facts.day): Reason | undefined {
  const rainWaterMm = facts.isKnown(day) ? (facts.weatherOn(day)?.rainMm ?? 0) : 0
  return (
    workHold(facts, day) ??
    (rainWaterMm >= WET_MM ? reason('job.hold.wet', { rainWaterMm }, practice) : undefined)
  )
}

/** The first day from one on, within so many, on which nothing holds a job; the first itself where all do. */
export function firstFreeDay(
  facts: PotFacts,
  from: number,
  days: number,
  hold: (facts: PotFacts, day: number) => Reason | undefined,
): number {
  for (let day = from; day <= from + days; day++) if (!hold(facts, day)) return day
  return from
}
