import { isSmallFruited } from './variety'
import type { Crop, Variety } from './varietySchema'

/**
 * Nights and days in which flowers set, °C: fully between the inner two, not at
 * all beyond the outer (memory: university extension bulletins; the outer ones
 * drawn on from them).
 */
const NIGHTS: Readonly<Record<Crop, readonly [number, number, number, number]>> = {
  tomato: [7, 13, 21, 27],
  pepper: [10, 15, 21, 28],
}
const DAYS: Readonly<Record<Crop, readonly [number, number]>> = {
  tomato: [32, 40],
  pepper: [33, 41],
}

/**
 * Share of the flowers open on a day that set fruit, 0–1. Small-fruited kinds
 * set whatever happens, or nearly: they have flowers to spare.
 */
export function setShare(
  variety: Variety,
  { tempMaxC, tempMinC }: { readonly tempMaxC: number; readonly tempMinC: number },
): number {
  const [none, full, warm, tooWarm] = NIGHTS[variety.crop]
  const [hot, tooHot] = DAYS[variety.crop]
  const within = (share: number) => Math.max(0, Math.min(1, share))
  const night = Math.min(
    within((tempMinC - none) / (full - none)),
    within((tooWarm - tempMinC) / (tooWarm - warm)),
  )
  const share = night * within((tooHot - tempMaxC) / (tooHot - hot))
  return isSmallFruited(variety) ? Math.sqrt(share) : share
}
