import { mixTaskOn, solveMix, type Garden, type MixWish, type SolvedMix } from '@rimbo/core'
import { expose } from './door'
import { loadSolver } from './solver'

/** What is asked for some containers of a garden, and what was found for it. */
export interface MixAnswer {
  readonly wish: MixWish
  readonly solved: SolvedMix
}

const work = {
  /** Finds the best mix for some containers as they stand on a day, within what is asked. */
  solveMix: async (
    garden: Garden,
    containerIds: readonly string[],
    date: string,
    wish: MixWish,
    timeLimitS: number,
    progress: (share: number) => void,
  ): Promise<MixAnswer> => {
    const solve = await loadSolver()
    progress(0.1)
    const solved = solveMix(
      mixTaskOn(garden, containerIds, date, wish),
      solve,
      timeLimitS,
      progress,
    )
    return { wish, solved }
  },
}
export type MixWork = typeof work
expose(work)
