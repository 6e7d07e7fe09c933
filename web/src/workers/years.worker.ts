import {
  wiltingChance,
  yearsSpread,
  type Garden,
  type Wilting,
  type WiltingAsked,
  type YearsAsked,
  type YearsSpread,
} from '@rimbo/core'
import { expose } from './door'

const work = {
  /** What many years of weather would make of the plants of one container. */
  yearsSpread: (
    garden: Garden,
    asked: YearsAsked,
    progress: (share: number) => void,
  ): YearsSpread => yearsSpread(garden, asked, progress),
  /** In how many of them each pot would hang its leaves. */
  wiltingChance: (
    garden: Garden,
    asked: WiltingAsked,
    progress: (share: number) => void,
  ): Wilting => wiltingChance(garden, asked, progress),
}
export type YearsWork = typeof work
expose(work)
