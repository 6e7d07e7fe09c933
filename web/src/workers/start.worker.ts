import {
  nextDates,
  plantingDayOf,
  requireIn,
  varietyOf,
  type Garden,
  type GoesInto,
  type NextDate,
  type PlantingDay,
} from '@rimbo/core'
import { expose } from './door'

const work = {
  nextDates: (garden: Garden, now: string): NextDate[] => nextDates(garden, now),
  /** A day for each plant, in their order. */
  plantingDays: (garden: Garden, placed: readonly GoesInto[], today: string): PlantingDay[] =>
    placed.flatMap(({ containerId, varietyId }) => {
      const variety = varietyOf(garden, varietyId)
      return variety
        ? [plantingDayOf(garden, requireIn(garden.containers, containerId), variety, today)]
        : []
    }),
}
export type StartWork = typeof work
expose(work)
