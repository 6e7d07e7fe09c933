import { mean } from 'd3-array'
import { isGone, type Garden, type Planting, type SeasonOf } from '../../garden'
import { developmentOf } from '../../plant'
import { addDays, dayOf, daysBetween } from '../../units'
import type { PotCourse } from '../course'
import { lastKnownDay, seasonOfId } from './asked'
import { courseOfSeason } from './beside'
import { CROP_SD_SHARE, expectedDays } from './expected'
import { pickedParts, type PickedPart } from './picked'

/** How one pot differed in a season from what was reckoned of it. */
export interface SeasonFactor {
  readonly containerId: string
  /** What its plants drank over what was reckoned, as tests of its mix told. */
  readonly thirst?: number
  /** What it gave over what was expected by the last day that is known. */
  readonly yieldShare?: number
  /** Days from planting to the first ripe fruit, the mean of its plantings. */
  readonly daysToRipe?: number
  /** The warmth these took, over what their varieties need. */
  readonly ripeShare?: number
  /** One standard deviation of the first of these that is known, in its own measure. */
  readonly spread: number
  /** Records that tell of it: tests, pickings, first ripe fruits. */
  readonly n: number
}

/** So little is no crop yet to be compared with, kg. */
const LEAST_EXPECTED_KG = 0.05
/** Before so much of its crop was due, a pot that is a week late would be taken for a poor one (our choice). */
const LEAST_EXPECTED_SHARE = 0.25
/** First fruits of like plants ripen within so much of each other, days (memory). */
export const RIPE_SD_DAYS = 5

/** Day of the first ripe fruit of a planting, as it was seen or picked; undefined where it was not. */
function firstRipeOn(
  garden: Garden,
  { id, containerId, plantedOn }: Planting,
  season: SeasonOf,
): string | undefined {
  const days = garden.records.flatMap((record) => {
    if (record.kind !== 'firstRipe' && record.kind !== 'pick') return []
    const isOf = record.plantingId === undefined || record.plantingId === id
    const on = dayOf(record.at)
    const isIn = on > plantedOn && on >= season.from && on <= season.to
    const isHere = record.containerId === containerId && !isGone(garden, id, addDays(on, -1))
    return isHere && isOf && isIn ? [on] : []
  })
  return days.sort()[0]
}

interface Asked {
  readonly garden: Garden
  readonly season: SeasonOf
  readonly at: string
  readonly picked: readonly PickedPart[]
}

function yieldOf({ at, picked, season }: Asked, pot: PotCourse) {
  const { id: containerId } = pot.container
  let expectedKg = 0
  let wholeKg = 0
  for (const { date, kg } of expectedDays([pot])) {
    wholeKg += kg.middle
    if (date <= at) expectedKg += kg.middle
  }
  const own = picked.filter(
    ({ pick, containerId: id }) =>
      id === containerId && dayOf(pick.at) >= season.from && dayOf(pick.at) <= at,
  )
  const realKg = own.reduce((sum, { massKg }) => sum + massKg, 0)
  const isEarly = expectedKg < LEAST_EXPECTED_SHARE * wholeKg
  if (expectedKg < LEAST_EXPECTED_KG || isEarly) return { n: own.length }
  return { n: own.length, yieldShare: realKg / expectedKg }
}

/** The warmth a plant had by its first ripe fruit, over what its variety needs; undefined outside the course. */
function warmthShare(pot: PotCourse, { id }: Planting, ripeOn: string): number | undefined {
  const grown = pot.plants.find(({ planting }) => planting.id === id)
  const had = grown?.course.warmth[daysBetween(grown.course.from, ripeOn)]
  if (!grown || !had) return undefined
  const { flower, toRipe } = developmentOf(grown.variety)
  return had / (flower + toRipe)
}

function factorOf(asked: Asked, pot: PotCourse): readonly SeasonFactor[] {
  const { garden, season } = asked
  const containerId = pot.container.id
  const { learned } = pot.ofWater
  const thirst = learned && learned.testCount > 0 ? learned.thirst : undefined
  const { yieldShare, n: picks } = yieldOf(asked, pot)
  const ripened = garden.plantings.flatMap((planting) => {
    // One that was brought through the winter fruits when it likes.
    const isOfSeason = planting.plantedOn >= season.from && planting.plantedOn <= season.to
    if (planting.containerId !== containerId || !isOfSeason) return []
    const ripeOn = firstRipeOn(garden, planting, season)
    return ripeOn === undefined
      ? []
      : [
          {
            days: daysBetween(planting.plantedOn, ripeOn),
            share: warmthShare(pot, planting, ripeOn),
          },
        ]
  })
  const days = ripened.map((one) => one.days)
  const n = (learned?.testCount ?? 0) + picks + days.length
  if (n === 0) return []
  const daysToRipe = mean(days)
  const ripeShare = mean(ripened, ({ share }) => share)
  const spread =
    thirst?.sd ??
    (yieldShare === undefined
      ? RIPE_SD_DAYS / Math.sqrt(Math.max(1, days.length))
      : yieldShare * CROP_SD_SHARE)
  return [
    {
      containerId,
      ...(thirst && { thirst: thirst.mean }),
      ...(yieldShare !== undefined && { yieldShare }),
      ...(daysToRipe !== undefined && { daysToRipe }),
      ...(ripeShare !== undefined && { ripeShare }),
      spread,
      n,
    },
  ]
}

/**
 * How each pot of a garden differed in a season from what was reckoned: how thirsty it
 * was, what it gave beside what was expected, how long its fruit took. Pots of which
 * nothing was recorded are left out.
 *
 * @param id    of the season
 * @param today the last day of which anything is known; that of the records where left out
 * @throws InputError `unknownSeason`
 */
export function seasonFactors(garden: Garden, id: string, today?: string): readonly SeasonFactor[] {
  const season = seasonOfId(garden, id)
  const asked: Asked = {
    garden,
    season,
    at: lastKnownDay(garden, season, today),
    picked: pickedParts(garden),
  }
  const { pots } = courseOfSeason(garden, season, today)
  return pots.flatMap((pot) => factorOf(asked, pot))
}
