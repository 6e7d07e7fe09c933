import type { WateredPot, WaterState } from '../pot'
import type { SuctionTable } from '../suction'
import { likelihood, type WaterTest } from './observation'

/** What may have been done to a pot that nobody wrote down, seen from one test. */
export interface Unrecorded {
  /** How likely it is that something was, 0–1. */
  readonly share: number
  /** How likely the test's outcome is if so, whatever the pot was before. */
  readonly likelihood: number
  /** Puts a pot into a state that the test may have found. */
  readonly change: (
    state: WaterState,
    capacity: number,
    uniform: () => number,
    normal: () => number,
  ) => void
}

/** Before any test, how likely it is that something was done which nobody wrote down (memory). */
const UNRECORDED_SHARE = 0.1
/** A finger is believed where another said the same within so many hours; a single one says too little (memory). */
const SAME_FINGER_H = 12
/** The mix may hold anything then: so many levels between full and empty are tried. */
const STEPS = 24
/** From so much missing on, a reservoir below it has run dry. */
const DRY_BELOW_SHARE = 0.15

const NOTHING: Unrecorded = { share: 0, likelihood: 0, change: () => undefined }

/** Spreads what is missing: from a reservoir first, for it goes into the mix before the mix goes short. */
function spread(state: WaterState, missingL: number, reservoirL: number, holdsL: number): void {
  const belowL = Math.min(reservoirL, missingL)
  state.reservoirL = reservoirL - belowL
  state.missingL.fill(Math.min(holdsL, (missingL - belowL) / state.missingL.length))
}

/** A scale: anything between full and empty is as likely as any other, until it was read. */
function byScale(
  { missingL, sdL }: { readonly missingL: number; readonly sdL: number },
  { cells, availableL, reservoirL }: WateredPot,
): Unrecorded {
  const mostL = availableL + reservoirL
  return {
    share: UNRECORDED_SHARE,
    likelihood: Math.sqrt(2 * Math.PI) / mostL,
    change: (state, capacity, _uniform, normal) => {
      const foundL = Math.max(0, Math.min(mostL, missingL + sdL * normal()))
      spread(state, foundL, reservoirL, cells[0]!.availableL * capacity)
    },
  }
}

/** A finger or a probe: what is missing by the steps that it speaks for. */
function byTouch(test: WaterTest, { cells }: WateredPot, table: SuctionTable): Unrecorded {
  const shares = Float64Array.from({ length: STEPS }, (_, step) =>
    likelihood(
      test,
      { missingL: 0, missingShare: (step + 0.5) / STEPS, finger: 1, drainedL: 0 },
      table,
    ),
  )
  const total = shares.reduce((sum, share) => sum + share, 0)
  return {
    share: UNRECORDED_SHARE,
    likelihood: total / STEPS,
    change: (state, capacity, uniform) => {
      let left = uniform() * total
      let step = 0
      while (step < STEPS - 1 && left > shares[step]!) left -= shares[step++]!
      const missingShare = (step + uniform()) / STEPS
      state.missingL.fill(missingShare * cells[0]!.availableL * capacity)
      if (missingShare > DRY_BELOW_SHARE) state.reservoirL = 0
    },
  }
}

/** Whether a finger test agrees with another a short while before. */
const isSaidAgain = (test: WaterTest, before: WaterTest | undefined): boolean =>
  test.kind === 'finger' &&
  before?.kind === 'finger' &&
  before.feel === test.feel &&
  test.hour - before.hour <= SAME_FINGER_H

/**
 * What may have been done before a test that is in no record. What was caught below speaks of the
 * watering that was told.
 *
 * @param before the test before it
 */
export function unrecordedOf(
  test: WaterTest,
  before: WaterTest | undefined,
  container: WateredPot,
  table: SuctionTable,
): Unrecorded {
  if (test.kind === 'weigh') return byScale(test, container)
  const isBelieved = test.kind === 'probe' || isSaidAgain(test, before)
  return isBelieved ? byTouch(test, container, table) : NOTHING
}
