import { degreeDays } from '../weather'
import type { Variety } from './variety'

/**
 * Days to maturity are told for a temperate summer, its days like this one
 * (memory). On such a day a plant gains nine degree-days.
 */
export const NORMAL_DAY = { tempMaxC: 24, tempMinC: 14 }
export const NORMAL_DEGREE_DAYS = degreeDays(NORMAL_DAY)

/** From flower to ripe fruit, days of a normal summer (memory). */
const FLOWER_TO_RIPE_DAYS = 45
/** A planted seedling has roots in its new mix after so many (memory). */
const ESTABLISHED_DAYS = 10
/** From flower to a set fruit that shows; and how long a fruit colours (memory). */
const FLOWER_TO_SET_DAYS = 6
const COLOURING_DAYS = 7
/** The fruits of one truss, or of one flush of a pepper, ripen over so many (memory). */
const TRUSS_RIPENS_DAYS = 10
/** First flowers open some days after planting at the earliest: plants go out before them (practice). */
const EARLIEST_FLOWER_DAYS = 6

/**
 * How trusses follow one another: days of a normal summer between them, how many
 * a usual season brings and how many at most (memory).
 */
const TRUSSES: Readonly<
  Record<Variety['habit'], { everyDays: number; usual: number; most: number }>
> = {
  // About a truss a week, for as long as the season lets it.
  indeterminate: { everyDays: 8, usual: 12, most: 20 },
  semiDeterminate: { everyDays: 6, usual: 9, most: 9 },
  // Bush crops come within two to four weeks (practice).
  determinate: { everyDays: 3.5, usual: 6, most: 6 },
  dwarf: { everyDays: 3, usual: 6, most: 6 },
  trailing: { everyDays: 4, usual: 8, most: 8 },
  // Flushes of a pepper, fork by fork.
  bushy: { everyDays: 8, usual: 9, most: 16 },
}

/** The warmth a variety needs from planting out to each stage, degree-days. */
export interface Development {
  readonly established: number
  readonly flower: number
  /** From its flower to fruit that shows, to fruit that colours, to ripe fruit. */
  readonly toSet: number
  readonly toColour: number
  readonly toRipe: number
  readonly betweenTrusses: number
  /** In a usual season, and at most. */
  readonly usualTrusses: number
  readonly mostTrusses: number
  readonly trussRipens: number
}

/** By its days to maturity, told for a normal summer. */
export function developmentOf({ daysToMaturity, habit }: Variety): Development {
  const flowerDays = Math.max(EARLIEST_FLOWER_DAYS, daysToMaturity - FLOWER_TO_RIPE_DAYS)
  const toRipeDays = daysToMaturity - flowerDays
  const { everyDays, usual, most } = TRUSSES[habit]
  const warmth = (days: number) => days * NORMAL_DEGREE_DAYS
  return {
    established: warmth(Math.min(ESTABLISHED_DAYS, flowerDays)),
    flower: warmth(flowerDays),
    toSet: warmth(FLOWER_TO_SET_DAYS),
    toColour: warmth(toRipeDays - COLOURING_DAYS),
    toRipe: warmth(toRipeDays),
    betweenTrusses: warmth(everyDays),
    usualTrusses: usual,
    mostTrusses: most,
    trussRipens: warmth(TRUSS_RIPENS_DAYS),
  }
}
