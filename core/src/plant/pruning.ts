import { daysBetween } from '../units'
import type { OwnDevelopment } from './observations'
import { dayReaching } from './warmth'

/** What can be taken off a plant. */
export const prunings = ['sideShoots', 'lowerLeaves', 'tip', 'stopTop', 'cutBack'] as const
export type Pruning = (typeof prunings)[number]

export interface PlantPruning {
  readonly date: string
  readonly what: Pruning
}

/**
 * What each takes of the leaf, 0–1, and after how many days of a normal summer that has
 * grown again (memory). Lower leaves do not come again.
 */
const TAKES: Readonly<Record<Pruning, { readonly share: number; readonly growsDays: number }>> = {
  sideShoots: { share: 0.06, growsDays: 10 },
  lowerLeaves: { share: 0.12, growsDays: Infinity },
  tip: { share: 0.05, growsDays: 12 },
  stopTop: { share: 0.03, growsDays: Infinity },
  cutBack: { share: 0, growsDays: Infinity },
}
/** A tipped chilli goes on growing in height by so much less, and flowers later (memory). */
const TIPPED = { growsShare: 0.7, laterDays: 5 }
/** A plant stopped at its top ripens what hangs on it in so much less time (memory). */
const STOPPED_RIPENS_SHARE = 0.9

interface Done {
  readonly day: number
  readonly what: Pruning
  readonly warmth: number
}

/** What pruning and burying do to the top of one plant. */
export interface Top {
  /** Day from which it grows no higher; past the end where it was not stopped. */
  readonly stoppedOn: number
  /** How much of its growth in height it has after a day. */
  readonly growsShare: (day: number) => number
  /** Of its leaf, what was not taken off or has come again, 0–1. */
  readonly leafShare: (day: number) => number
  /** Warmth at which a truss opens that would have opened at another. */
  readonly opensAt: (warmth: number) => number
  /** Below the mix by the evening of a day, mm. */
  readonly buriedMm: (day: number) => number
  /** A truss as it ripens once the top is out; none where it never opens. */
  readonly ripens: <T extends Ripening>(
    truss: T,
    warmth: Float64Array,
    fruit: { readonly toRipe: number; readonly trussRipens: number },
  ) => T[]
}

interface Ripening {
  readonly opensOn: number
  readonly ripeOn: number
  readonly pickedOn: number
  readonly ripeAt: number
}

interface Treated {
  readonly prunings?: readonly PlantPruning[] | undefined
  readonly burials?: readonly { readonly date: string; readonly buriedMm: number }[] | undefined
}

/**
 * What was done to the top of a plant, ready to be asked by the day.
 *
 * @param warmth of the plant, day by day
 * @param from   first of these days
 */
export function topOf(plant: Treated, warmth: Float64Array, from: string): Top {
  const days = warmth.length
  const done = (plant.prunings ?? []).map(({ date, what }): Done => {
    const day = Math.max(0, daysBetween(from, date))
    return { day, what, warmth: warmth[Math.min(days - 1, day)] ?? 0 }
  })
  const burials = (plant.burials ?? []).map(({ date, buriedMm }) => ({
    day: daysBetween(from, date),
    buriedMm,
  }))
  const tips = done.filter(({ what }) => what === 'tip')
  const stop = done.find(({ what }) => what === 'stopTop')
  const stoppedOn = stop?.day ?? Infinity
  const takenOn = (day: number) =>
    done.reduce((left, one) => {
      const { share, growsDays } = TAKES[one.what]
      if (day < one.day || share === 0) return left
      const again = Math.min(1, (warmth[day]! - one.warmth) / growsDays)
      return left * (1 - share * (1 - again))
    }, 1)
  return {
    stoppedOn,
    growsShare: (day) =>
      day >= stoppedOn ? 0 : TIPPED.growsShare ** tips.filter((one) => one.day <= day).length,
    leafShare: done.length ? takenOn : () => 1,
    opensAt: (at) =>
      at + TIPPED.laterDays * tips.filter((one) => one.day < days && one.warmth < at).length,
    buriedMm: (day) => burials.reduce((sum, one) => (one.day <= day ? sum + one.buriedMm : sum), 0),
    ripens: (truss, warm, { toRipe, trussRipens }) => {
      if (truss.opensOn >= stoppedOn) return []
      if (stop === undefined || truss.ripeOn <= stoppedOn) return [truss]
      const ripeAt = Math.max(stop.warmth, truss.ripeAt - (1 - STOPPED_RIPENS_SHARE) * toRipe)
      return [
        {
          ...truss,
          ripeAt,
          ripeOn: Math.max(stoppedOn, dayReaching(warm, ripeAt)),
          pickedOn: Math.max(stoppedOn, dayReaching(warm, ripeAt + trussRipens)),
        },
      ]
    },
  }
}

/** How a stem begins: as a seedling, or cut back with its roots and wood. */
export interface Life {
  readonly warmth: number
  readonly heightMm: number
  readonly canopyShare: number
}

/** A plant cut back has gone so much of the way to its first flower (memory). */
const CUT_BACK_AHEAD = 0.5
const CUT_BACK: Omit<Life, 'warmth'> = { heightMm: 200, canopyShare: 0.06 }

/** What a plant has gone through already when it shoots again after it was cut back. */
export const cutBackLife = ({ flower }: OwnDevelopment): Life => ({
  ...CUT_BACK,
  warmth: flower * CUT_BACK_AHEAD,
})

interface Stem {
  readonly days: number
  /** Day on which it begins. */
  readonly start: number
  readonly warmth: Float64Array
  /** Share of its height that it has at a warmth. */
  readonly tall: (warmth: number) => number
  readonly top: Top
  readonly life: Life | undefined
}

/** Tomatoes and peppers go out 13–20 cm tall (practice). */
const PLANTED_HEIGHT_MM = 160

/** Length with which a stem begins, mm, where it would reach another in its room. */
export const startOfStem = (life: Life | undefined, grownMm: number): number =>
  life?.heightMm ?? Math.min(PLANTED_HEIGHT_MM, grownMm / 2)

/**
 * Length of a stem by the evening of each day, mm: each day adds its part of the way
 * to the height it would reach in the room it has on that day.
 *
 * @param grownMm that height, by day
 */
export function stemCourse(
  { days, start, warmth, tall, top, life }: Stem,
  grownMm: (day: number) => number,
): Float64Array {
  const stemMm = new Float64Array(days)
  const beginsAt = life?.warmth ?? 0
  const left = 1 - tall(beginsAt)
  let length = start < days ? startOfStem(life, grownMm(start)) : 0
  let before = tall(beginsAt)
  for (let day = start; day < days; day++) {
    const share = tall(warmth[day]!)
    const grown = grownMm(day)
    const part = left > 0 ? (share - before) / left : 0
    length += Math.max(0, (grown - startOfStem(life, grown)) * part) * top.growsShare(day)
    stemMm[day] = length
    before = share
  }
  return stemMm
}
