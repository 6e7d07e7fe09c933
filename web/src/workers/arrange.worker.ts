import highsLoader from 'highs'
import wasmUrl from 'highs/runtime?url'
import {
  arrange,
  arrangeTaskOf,
  solveWithHighs,
  standingSpots,
  type Arrangement,
  type Garden,
  type StandingSpot,
} from '@rimbo/core'
import { expose } from './door'

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
    const highs = await highsLoader({ locateFile: () => wasmUrl })
    const spots = standingSpots(garden, year)
    progress(0.15)
    const arrangement = arrange(
      arrangeTaskOf(garden, spots),
      solveWithHighs(highs),
      timeLimitS,
      progress,
    )
    return { arrangement, spots }
  },
}
export type ArrangeWork = typeof work
expose(work)
