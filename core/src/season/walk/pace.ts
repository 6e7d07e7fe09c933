import { median } from 'd3-array'
import type { Garden, GardenRecord } from '../../garden'
import { dayOf, remembered } from '../../units'

/** How long this gardener takes for a stop, beside what is usual. */
export interface Pace {
  /** Minutes a pot, with the can; the usual where too few walks are known. */
  readonly stopMinutes: number
  /** Walks that it was learned from. */
  readonly walkCount: number
}

/** A usual stop with watering, minutes (memory). */
const USUAL_MINUTES = 1.5
/** Longer between two pots, and the walk was broken off. */
const BROKEN_OFF_MINUTES = 15
/** Fewer pots are no walk; fewer walks tell nothing; and older ones are of the past. */
const LEAST_STOPS = 4
const LEAST_WALKS = 2
const MOST_WALKS = 20
/** Who records a whole walk in one minute was quick with the thumb, not with the can. */
const LEAST_MINUTES = 0.3

const minuteOf = (at: string) => Number(at.slice(11, 13)) * 60 + Number(at.slice(14, 16))

interface Step {
  readonly containerId: string
  readonly at: string
}

/** Records in order of time, cut where a walk was over. */
function walksIn(steps: readonly Step[]): readonly (readonly Step[])[] {
  const walks: Step[][] = []
  let before: Step | undefined
  for (const step of steps) {
    const goesOn =
      before &&
      dayOf(before.at) === dayOf(step.at) &&
      minuteOf(step.at) - minuteOf(before.at) <= BROKEN_OFF_MINUTES
    if (goesOn) walks.at(-1)!.push(step)
    else walks.push([step])
    before = step
  }
  return walks
}

const learned = remembered((records: readonly GardenRecord[]): Pace => {
  const steps = records
    .flatMap(({ containerId, at, kind }) =>
      containerId === undefined || kind === 'probe' ? [] : [{ containerId, at }],
    )
    .sort((one, other) => (one.at < other.at ? -1 : one.at > other.at ? 1 : 0))
  const aStop = walksIn(steps)
    .flatMap((walk) => {
      const stops = new Set(walk.map(({ containerId }) => containerId)).size
      const minutes = minuteOf(walk.at(-1)!.at) - minuteOf(walk[0]!.at)
      return stops < LEAST_STOPS ? [] : [Math.max(LEAST_MINUTES, minutes / (stops - 1))]
    })
    .slice(-MOST_WALKS)
  return aStop.length < LEAST_WALKS
    ? { stopMinutes: USUAL_MINUTES, walkCount: 0 }
    : { stopMinutes: median(aStop)!, walkCount: aStop.length }
})

/** How long this gardener takes from pot to pot, learned from the moments of past records. */
export const paceOf = ({ records }: Pick<Garden, 'records'>): Pace => learned(records)
