import { harvestSummary, type Garden, type HarvestRow, type HarvestSide } from '@rimbo/core'
import { expose } from './door'

const work = {
  summary: (garden: Garden, by: HarvestSide, season?: string): readonly HarvestRow[] =>
    harvestSummary(garden, { by, ...(season !== undefined && { season }) }),
}
export type HarvestWork = typeof work
expose(work)
