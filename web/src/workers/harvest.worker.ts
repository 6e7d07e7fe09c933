import {
  besideSeasons,
  carriedFrom,
  doDifferently,
  expectedBesideReal,
  harvestSummary,
  seasonFactors,
  trialResult,
  type Garden,
  type HarvestSide,
  type Trial,
} from '@rimbo/core'
import { expose } from './door'

const work = {
  summary: (garden: Garden, by: HarvestSide, season?: string) =>
    harvestSummary(garden, { by, ...(season !== undefined && { season }) }),
  beside: (garden: Garden, season: string, today: string) =>
    expectedBesideReal(garden, season, today),
  /** Every season beside the others, and what one of them says of the pots. */
  seasons: (garden: Garden, season: string, today: string) => ({
    beside: besideSeasons(garden, today),
    factors: seasonFactors(garden, season, today),
    carried: carriedFrom(garden, season, today),
    differently: doDifferently(garden, season, today),
  }),
  trials: (garden: Garden, trials: readonly Trial[]) =>
    trials.map((trial) => trialResult(garden, trial)),
}
export type HarvestWork = typeof work
expose(work)
