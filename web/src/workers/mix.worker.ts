import highsLoader from 'highs'
import wasmUrl from 'highs/runtime?url'
import {
  mixTaskOf,
  solveMix,
  solveWithHighs,
  type Garden,
  type MixWish,
  type SolvedMix,
} from '@rimbo/core'
import { expose } from './door'

/** What is asked for some containers of a garden, and what was found for it. */
export interface MixAnswer {
  readonly wish: MixWish
  readonly solved: SolvedMix
}

const work = {
  /** Finds the best mix for some containers within what is asked. */
  solveMix: async (
    garden: Garden,
    containerIds: readonly string[],
    wish: MixWish,
    timeLimitS: number,
    progress: (share: number) => void,
  ): Promise<MixAnswer> => {
    const highs = await highsLoader({ locateFile: () => wasmUrl })
    progress(0.1)
    const containers = garden.containers.filter(({ id }) => containerIds.includes(id))
    const task = mixTaskOf(garden, containers, wish)
    const solved = solveMix(task, solveWithHighs(highs), timeLimitS, progress)
    return { wish, solved }
  },
}
export type MixWork = typeof work
expose(work)
