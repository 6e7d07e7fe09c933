import type { GardenToday, PotToday } from './today'

/**
 * `due`: wants water on this walk. `later`: had its first part, the rest is for
 * the next walk. `done`, `skipped`, and `nothing` where none is wanted.
 */
export type StopState = 'due' | 'later' | 'done' | 'skipped' | 'nothing'

/** One pot on the walk. */
export interface Stop {
  readonly pot: PotToday
  readonly state: StopState
  /** What it gets when the can comes by, L. */
  readonly nowL: number
}

/** One walk past all pots, in walking order. */
export interface Round {
  readonly stops: readonly Stop[]
  /** To carry on this walk, L. */
  readonly carryL: number
  /** All pots over the whole day, given or not, L. */
  readonly wholeDayL: number
  /** For the next walk of the day, L. */
  readonly laterL: number
  readonly dueCount: number
  /** Cans to carry on this walk, the last perhaps not full. */
  readonly cans: number
}

function stopOf(pot: PotToday): Stop {
  const { remainingL, givenL, visits, isSkipped } = pot
  if (remainingL === 0) {
    const state = isSkipped ? 'skipped' : givenL > 0 ? 'done' : 'nothing'
    return { pot, state, nowL: 0 }
  }
  const nowL = Math.min(remainingL, visits?.eachL ?? remainingL)
  return { pot, state: givenL > 0 ? 'later' : 'due', nowL }
}

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0)

/**
 * The walk to do now. A pot that wants its water in two goes is due once in the
 * morning and again when the others are done.
 *
 * @param canL what the gardener's can holds
 */
export function roundOf({ pots }: GardenToday, canL: number): Round {
  const first = pots.map(stopOf)
  const isSecondWalk = !first.some((stop) => stop.state === 'due')
  const stops = isSecondWalk
    ? first.map((stop) => (stop.state === 'later' ? { ...stop, state: 'due' as const } : stop))
    : first
  const due = stops.filter((stop) => stop.state === 'due')
  const carryL = sum(due.map((stop) => stop.nowL))
  const remainingL = sum(pots.map((pot) => pot.remainingL))
  return {
    stops,
    carryL,
    wholeDayL: sum(pots.map((pot) => pot.need?.waterL ?? 0)),
    laterL: remainingL - carryL,
    dueCount: due.length,
    cans: Math.ceil(carryL / canL - 1e-9),
  }
}

/** A part of a can in quarters, as it is poured by eye; never less than one quarter. */
export const inQuarterCans = (volumeL: number, canL: number): number =>
  Math.max(0.25, Math.round((volumeL / canL) * 4) / 4)
