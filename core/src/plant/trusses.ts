import type { DailyWeather } from '../weather'
import type { OwnDevelopment, OwnHeight } from './observations'
import type { Top } from './pruning'
import { setShare } from './setting'
import type { Variety } from './varietySchema'
import { dayReaching } from './warmth'

/** A day where the plant stands. */
export interface PlantDay extends Pick<DailyWeather, 'date' | 'tempMaxC' | 'tempMinC'> {
  readonly radiationMjM2: number
}

/** One truss, or one flush of a pepper: days of the course, past its end where they lie beyond it. */
export interface TrussCourse {
  readonly opensOn: number
  readonly coloursOn: number
  readonly ripeOn: number
  /** All its fruits are ripe. */
  readonly pickedOn: number
  readonly heightMm: number
  /** Of its flowers, what set, 0–1. */
  readonly setShare: number
  /** Warmth from planting at which its first fruit is ripe. */
  readonly ripeAt: number
}

/** Height at which a truss opens, as a share of the stem's height then (memory). */
const FLOWERS_AT_SHARE = 0.86
/** Least distance between trusses, as a share of the grown height; and how many hang at once (memory). */
const TRUSS_STEP_SHARE = 0.09
const HANG_AT_ONCE = 7
/** Flowers of a truss open over about a week. */
export const TRUSS_OPENS_DAYS = 7
/**
 * Where trusses hang: near the tip as it was when each opened, clear of the one
 * below. A stem at its top fruits on from side shoots, where the first are picked.
 *
 * @param tipMm height of the tip when each truss opens
 */
function trussPlaces(tipMm: readonly number[], grownMm: number): number[] {
  const places: number[] = []
  tipMm.forEach((tip, index) => {
    const own = tip * FLOWERS_AT_SHARE
    const clear = (places[index - 1] ?? -Infinity) + grownMm * TRUSS_STEP_SHARE
    const isRoom = index < HANG_AT_ONCE && Math.max(own, clear) < grownMm
    places.push(isRoom ? Math.max(own, clear) : (places[index - HANG_AT_ONCE] ?? own))
  })
  return places
}

/** A plant as its trusses see it. */
interface Bearing {
  readonly weather: readonly PlantDay[]
  readonly warmth: Float64Array
  readonly development: OwnDevelopment
  /** Height it would reach, and the one it has at a warmth, before its own factor. */
  readonly grownMm: number
  readonly heightAt: (warmth: number) => number
}

/** Every truss or flush of a plant, from when it opens to when it is picked. */
export function trussCourses(
  variety: Variety,
  { weather, warmth, development, grownMm, heightAt }: Bearing,
  top: Top,
  height: OwnHeight,
): readonly TrussCourse[] {
  const count = development.mostTrusses
  const opensAt = (index: number) => development.flower + index * development.betweenTrusses
  const places = trussPlaces(
    Array.from({ length: count }, (_, index) => heightAt(opensAt(index))),
    grownMm,
  )
  return Array.from({ length: count }, (_, index): TrussCourse => {
    const opens = top.opensAt(opensAt(index))
    const ripeAt = opens + development.toRipe
    const opensOn = dayReaching(warmth, opens)
    const open = weather.slice(opensOn, opensOn + TRUSS_OPENS_DAYS)
    return {
      opensOn,
      coloursOn: dayReaching(warmth, opens + development.toColour),
      ripeOn: dayReaching(warmth, ripeAt),
      pickedOn: dayReaching(warmth, ripeAt + development.trussRipens),
      heightMm: Math.max(0, places[index]! * height.factor - top.buriedMm(opensOn)),
      setShare: open.length
        ? open.reduce((total, day) => total + setShare(variety, day), 0) / open.length
        : 0,
      ripeAt,
    }
  }).flatMap((truss) => top.ripens(truss, warmth, development))
}
