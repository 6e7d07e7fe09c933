import { expose } from 'comlink'
import { yearsSpread, type Garden, type YearsAsked, type YearsSpread } from '@rimbo/core'

const work = {
  /** What many years of weather would make of the plants of one container. */
  yearsSpread: (
    garden: Garden,
    asked: YearsAsked,
    progress: (share: number) => void,
  ): YearsSpread => yearsSpread(garden, asked, progress),
}
export type YearsWork = typeof work
expose(work)
