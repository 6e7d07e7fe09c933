import type { Crop, Variety } from './varietySchema'

/**
 * From flower to ripe fruit, days of a normal summer: of tomatoes by the curve that
 * Adams, Cockshull & Cave 2001 is met by (see `warmth`), of peppers, which are
 * mostly picked before they are full ripe, from memory.
 */
const FLOWER_TO_RIPE_DAYS: Readonly<Record<Crop, number>> = { tomato: 58, pepper: 45 }
/** A planted seedling has roots in its new mix after so many, and half-way to its first flower at the latest (memory). */
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
  indeterminate: { everyDays: 7, usual: 10, most: 16 },
  semiDeterminate: { everyDays: 6, usual: 9, most: 9 },
  // Bush crops come within two to four weeks (practice).
  determinate: { everyDays: 3.5, usual: 6, most: 6 },
  dwarf: { everyDays: 3, usual: 6, most: 6 },
  trailing: { everyDays: 4, usual: 8, most: 8 },
  // Flushes of a pepper, fork by fork.
  bushy: { everyDays: 8, usual: 9, most: 16 },
}

/** The warmth a variety needs from planting out to each stage, days of a normal summer. */
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
export function developmentOf({ crop, daysToMaturity, habit }: Variety): Development {
  const flower = Math.max(EARLIEST_FLOWER_DAYS, daysToMaturity - FLOWER_TO_RIPE_DAYS[crop])
  const toRipe = daysToMaturity - flower
  const { everyDays, usual, most } = TRUSSES[habit]
  return {
    established: Math.min(ESTABLISHED_DAYS, flower / 2),
    flower,
    toSet: FLOWER_TO_SET_DAYS,
    toColour: toRipe - COLOURING_DAYS,
    toRipe,
    betweenTrusses: everyDays,
    usualTrusses: usual,
    mostTrusses: most,
    trussRipens: TRUSS_RIPENS_DAYS,
  }
}
