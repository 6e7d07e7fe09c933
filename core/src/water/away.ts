import { HOURS_A_DAY } from '../weather'
import { MORNING_H, shortInH, WILTS_BELOW } from './plan'
import {
  DAYLIGHT_MM,
  fullPot,
  sumsOf,
  type WateredPot,
  type WaterEvents,
  type WaterOptions,
  type WaterDrive,
} from './pot'
import { simulateWater } from './simulate'

/** What can be done for one pot before one goes, the least work first. */
export const awayHelps = ['mulch', 'saucer', 'shade', 'reservoir', 'drip'] as const
export type AwayHelp = (typeof awayHelps)[number]

/**
 * `well`: never short of water. `thirsty`: short of it, but it never wilts.
 * `wilts`: wilts and recovers. `lost`: wilts too long, or dries through.
 */
export const awayVerdicts = ['well', 'thirsty', 'wilts', 'lost'] as const
export type AwayVerdict = (typeof awayVerdicts)[number]

/** Plants wilted for so many daylight hours do not recover (memory). */
const LOST_AFTER_H = 24
/** A mix of which so much is used up is dry through, and its fine roots with it (memory). */
const DRY_THROUGH_SHARE = 0.8

export interface AwayOutcome {
  readonly verdict: AwayVerdict
  /** Hours from leaving until it is short of water, and until it wilts. */
  readonly shortAfterH: number | undefined
  readonly wiltsAfterH: number | undefined
  /** Daylight hours in which it is wilted. */
  readonly wiltedH: number
  /** What is left at the worst, of what it holds above wilting, 0–1. */
  readonly lowestShare: number
}

/** A time away: filled to the drip in the hour before, and back so many days later. */
export interface Absence {
  readonly leavesAtHour: number
  readonly days: number
}

/**
 * What a week away does to a pot that was filled before one left.
 *
 * @param events what is given meanwhile: by drip, by a neighbour
 */
export function survivesAway(
  container: WateredPot,
  weather: WaterDrive,
  events: WaterEvents,
  { leavesAtHour, days }: Absence,
  options: Pick<WaterOptions, 'thirst' | 'capacity'> = {},
): AwayOutcome {
  const to = Math.min(weather.days * HOURS_A_DAY, leavesAtHour + days * HOURS_A_DAY)
  const { hadShare, driestShare } = simulateWater(container, weather, events, {
    ...options,
    from: leavesAtHour,
    to,
    start: fullPot(container),
  })
  let wiltedH = 0
  let wiltsAfterH: number | undefined
  let driest = 0
  hadShare.forEach((had, hour) => {
    driest = Math.max(driest, driestShare[hour]!)
    // By night nothing is asked of the roots, and nothing wilts.
    if (had < WILTS_BELOW && weather.referenceMm[leavesAtHour + hour]! > DAYLIGHT_MM) {
      wiltsAfterH ??= hour
      wiltedH++
    }
  })
  const shortAfterH = shortInH(hadShare, weather, leavesAtHour)
  return {
    verdict:
      wiltedH > LOST_AFTER_H || driest > DRY_THROUGH_SHARE
        ? 'lost'
        : wiltedH > 0
          ? 'wilts'
          : shortAfterH !== undefined
            ? 'thirsty'
            : 'well',
    shortAfterH,
    wiltsAfterH,
    wiltedH,
    lowestShare: 1 - driest,
  }
}

/** A pot that stays behind, and what each help would be worth to it. */
export interface PotLeft {
  readonly id: string
  readonly pot: WateredPot
  readonly weather: WaterDrive
  readonly thirst: number
  readonly capacity: number
  /** Of the open surface's evaporation, what a deep mulch would leave, 0–1. */
  readonly mulchLeaves: number
  /** Of what the day draws, what shade would leave, 0–1. */
  readonly shadeLeaves: number
  /** What a saucer holds, L; nothing where none fits. */
  readonly saucerL: number
  /** What a bigger reservoir would hold beside its own, L; nothing where it has none. */
  readonly moreReservoirL: number
  /** What its mix lifts out of a saucer, L an hour. */
  readonly liftLH: number
}

/** A pot with some helps: the same model, with other water and weather. */
export function helped(
  left: PotLeft,
  helps: readonly AwayHelp[],
): Pick<PotLeft, 'pot' | 'weather'> {
  const has = (help: AwayHelp) => helps.includes(help)
  let { pot, weather } = left
  if (has('mulch'))
    weather = { ...weather, openM2: weather.openM2.map((m2) => m2 * left.mulchLeaves) }
  if (has('shade')) {
    const referenceMm = weather.referenceMm.map((mm) => mm * left.shadeLeaves)
    weather = {
      ...weather,
      referenceMm,
      referenceSumMm: sumsOf(referenceMm),
      cropMm: weather.cropMm.map((mm) => mm * left.shadeLeaves),
    }
  }
  const moreL = (has('saucer') ? left.saucerL : 0) + (has('reservoir') ? left.moreReservoirL : 0)
  if (moreL > 0)
    pot = {
      ...pot,
      reservoirL: pot.reservoirL + moreL,
      capillaryLH: Math.max(pot.capillaryLH, left.liftLH),
    }
  return { pot, weather }
}

/** Hours at which something is given while one is away. */
function givenAway(
  { weather }: Pick<PotLeft, 'weather'>,
  { leavesAtHour, days }: Absence,
  isDripped: boolean,
  neighbourOnDay: number | undefined,
): WaterEvents {
  const visitH = new Uint8Array(weather.days * HOURS_A_DAY)
  const mornings = Array.from(
    { length: days + 1 },
    (_, day) => (Math.floor(leavesAtHour / HOURS_A_DAY) + day) * HOURS_A_DAY + MORNING_H,
  ).filter((hour) => hour > leavesAtHour && hour < leavesAtHour + days * HOURS_A_DAY)
  if (isDripped) for (const hour of mornings) visitH[hour] = HOURS_A_DAY
  const visit = neighbourOnDay === undefined ? undefined : mornings[neighbourOnDay - 1]
  // A neighbour fills whatever has room.
  if (visit !== undefined) visitH[visit] = 255
  return { givenL: new Float64Array(weather.days * HOURS_A_DAY), visitH }
}

/** What would be done for one pot, and how it then fares. */
export interface AwayChoice {
  readonly id: string
  readonly helps: readonly AwayHelp[]
  readonly outcome: AwayOutcome
}

export interface AwayPlan {
  /** With nothing but a filling before one leaves. */
  readonly alone: readonly AwayChoice[]
  /** The fewest things that keep every pot from wilting. */
  readonly smallest: readonly AwayChoice[]
  readonly neighbourOnDay: number | undefined
  /** Things to do: helps of all pots, and a neighbour as one. */
  readonly count: number
  /** Pots that nothing here saves. */
  readonly unsavedIds: readonly string[]
}

const isSaved = ({ verdict }: AwayOutcome) => verdict === 'well' || verdict === 'thirsty'

/** All sets of helps, the smaller first, then in the order of the list. */
function setsOf(helps: readonly AwayHelp[]): AwayHelp[][] {
  const sets = Array.from({ length: 2 ** helps.length }, (_, bits) =>
    helps.filter((_help, index) => bits & (1 << index)),
  )
  return sets.sort((one, other) => one.length - other.length)
}

/**
 * The smallest set of things that brings all pots through a time away. Pots are
 * independent once it is known whether a neighbour comes, so each set is tried for
 * each pot, with and without: the answer is the smallest there is.
 *
 * @param neighbourOnDay day on which a neighbour could come; none where left out
 */
export function planAway(
  pots: readonly PotLeft[],
  absence: Absence,
  helps: readonly AwayHelp[],
  neighbourOnDay?: number,
): AwayPlan {
  const choose = (
    left: PotLeft,
    set: readonly AwayHelp[],
    onDay: number | undefined,
  ): AwayChoice => {
    const { pot, weather } = helped(left, set)
    const events = givenAway(left, absence, set.includes('drip'), onDay)
    return { id: left.id, helps: set, outcome: survivesAway(pot, weather, events, absence, left) }
  }
  const fewest = (left: PotLeft, onDay: number | undefined): AwayChoice => {
    const useful = helps.filter(
      (help) =>
        (help !== 'saucer' || left.saucerL > 0) &&
        (help !== 'reservoir' || left.moreReservoirL > 0) &&
        (help !== 'mulch' || left.mulchLeaves < 0.99),
    )
    let best: AwayChoice | undefined
    for (const set of setsOf(useful)) {
      const choice = choose(left, set, onDay)
      if (isSaved(choice.outcome)) return choice
      if (!best || choice.outcome.wiltedH < best.outcome.wiltedH) best = choice
    }
    return best!
  }
  const plans = [undefined, ...(neighbourOnDay === undefined ? [] : [neighbourOnDay])].map(
    (onDay) => {
      const smallest = pots.map((left) => fewest(left, onDay))
      const unsavedIds = smallest.filter(({ outcome }) => !isSaved(outcome)).map(({ id }) => id)
      const count =
        smallest.reduce((sum, choice) => sum + choice.helps.length, 0) +
        (onDay === undefined ? 0 : 1)
      return { smallest, unsavedIds, count, neighbourOnDay: onDay }
    },
  )
  const best = plans.reduce((one, other) =>
    other.unsavedIds.length < one.unsavedIds.length ||
    (other.unsavedIds.length === one.unsavedIds.length && other.count < one.count)
      ? other
      : one,
  )
  return { ...best, alone: pots.map((left) => choose(left, [], undefined)) }
}
