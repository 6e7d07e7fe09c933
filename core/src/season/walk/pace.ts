import { median } from 'd3-array'
import type { Garden, GardenRecord } from '../../garden'
import { dayOf, remembered } from '../../units'
import { sorted } from '../course'

/** How long this gardener takes for a stop, beside what is usual. */
export interface Pace {
  /** Minutes from one pot to the next, with what is done there; the usual where too few walks are known. */
  readonly stopMinutes: number
  /** Stops that it was learned from. */
  readonly stopCount: number
}

/** A usual stop with watering, minutes (memory). */
const USUAL_MINUTES = 1.5
/** Longer between two pots, and the walk was broken off. */
const BROKEN_OFF_MINUTES = 15
/** Fewer stops than these tell nothing; more than these are of the past. */
const LEAST_STOPS = 8
const MOST_STOPS = 120

const minuteOf = (at: string) => Number(at.slice(11, 13)) * 60 + Number(at.slice(14, 16))

const learned = remembered((records: readonly GardenRecord[]): Pace => {
  const { byContainer } = sorted(records)
  // Of several things at one pot in one minute the first counts.
  const moments = [...byContainer]
    .flatMap(([containerId, own]) => own.map(({ at, kind }) => ({ containerId, at, kind })))
    .filter(({ kind }) => kind !== 'probe')
    .sort((one, other) => (one.at < other.at ? -1 : one.at > other.at ? 1 : 0))
  const gaps: number[] = []
  for (let index = moments.length - 1; index > 0 && gaps.length < MOST_STOPS; index--) {
    const [before, here] = [moments[index - 1]!, moments[index]!]
    if (before.containerId === here.containerId || dayOf(before.at) !== dayOf(here.at)) continue
    const minutes = minuteOf(here.at) - minuteOf(before.at)
    if (minutes > 0 && minutes <= BROKEN_OFF_MINUTES) gaps.push(minutes)
  }
  return gaps.length < LEAST_STOPS
    ? { stopMinutes: USUAL_MINUTES, stopCount: 0 }
    : { stopMinutes: median(gaps)!, stopCount: gaps.length }
})

/** How long this gardener takes from pot to pot, learned from the moments of past records. */
export const paceOf = ({ records }: Pick<Garden, 'records'>): Pace => learned(records)
