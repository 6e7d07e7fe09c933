import {
  arrange,
  arrangeTaskOf,
  standingSpots,
  type Arrangement,
  type Garden,
  type StandingSpot,
} from '@rimbo/core'
import { expose } from './door'
import { loadSolver } from './solver'

export interface Arranged {
  readonly arrangement: Arrangement
  readonly spots: readonly StandingSpot[]
}

const work = {
  /** Finds the places there are, and the best arrangement on them. */
  arrange: async (
    garden: Garden,
    year: number,
    timeLimitS: number,
    progress: (share: number) => void,
  ): Promise<Arranged> => {
    const solve = await loadSolver()
    const spots = standingSpots(garden, year)
    progress(0.15)
    const arrangement = arrange(arrangeTaskOf(garden, spots), solve, timeLimitS, progress)
    return { arrangement, spots }
  },
}
export type ArrangeWork = typeof work
expose(work)
