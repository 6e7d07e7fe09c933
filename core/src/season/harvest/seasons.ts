import { sum } from 'd3-array'
import type { Carried } from '../../container'
import { seasonsOf, type Garden, type SeasonOf } from '../../garden'
import { datesFrom, dayOf, daysBetween } from '../../units'
import { gardenCourse } from '../course'
import { lastKnownDay, seasonOfId } from './asked'
import { CROP_SD_SHARE } from './expected'
import { RIPE_SD_DAYS, seasonFactors, type SeasonFactor } from './factors'
import { pickedParts } from './picked'

/** The day of a season on which so much warmth had come together, and what had been picked by then. */
export interface SeasonPoint {
  readonly on: string
  /** Degree-days above 10 °C since the season began, K d. */
  readonly degreeDays: number
  readonly pickedKg: number
}

/** One season, to be laid beside others. */
export interface SeasonBeside {
  readonly id: string
  readonly from: string
  /** The last day of which anything is known. */
  readonly to: string
  readonly pickedKg: number
  readonly fruits: number
  /** Plantings that stood in it. */
  readonly plants: number
  /** Water that was poured, L. */
  readonly waterL: number
  readonly firstPickedOn?: string
  /** From Monday to Monday. */
  readonly points: readonly SeasonPoint[]
}

/**
 * Below it a tomato is taken to stand still, as degree-days are usually told for it.
 *
 * @source McMaster & Wilhelm 1997, Agricultural and Forest Meteorology 87:291–300, method 1;
 *   the base of 10 °C is common practice
 */
const BASE_C = 10

function besideOf(garden: Garden, season: SeasonOf, today: string | undefined): SeasonBeside {
  const to = lastKnownDay(garden, season, today)
  // Only the sky of it is asked for: no pot is worked out.
  const { sky } = gardenCourse(garden, to, season, [])
  const isIn = (on: string) => on >= season.from && on <= to
  const picked = pickedParts(garden).filter(({ pick }) => isIn(dayOf(pick.at)))
  const byDay = new Map<string, number>()
  for (const { pick, massKg } of picked)
    byDay.set(dayOf(pick.at), (byDay.get(dayOf(pick.at)) ?? 0) + massKg)
  const points: SeasonPoint[] = []
  let degreeDays = 0
  let pickedKg = 0
  const skyFrom = daysBetween(sky.from, season.from)
  datesFrom(season.from, daysBetween(season.from, to) + 1).forEach((on, index) => {
    const day = sky.days[skyFrom + index]
    if (day) degreeDays += Math.max(0, (day.tempMaxC + day.tempMinC) / 2 - BASE_C)
    pickedKg += byDay.get(on) ?? 0
    if (index % 7 === 0 || on === to) points.push({ on, degreeDays, pickedKg })
  })
  const firstPickedOn = [...byDay.keys()].sort()[0]
  return {
    id: season.id,
    from: season.from,
    to,
    pickedKg,
    fruits: Math.round(sum(picked, ({ count }) => count)),
    plants: sum(garden.plantings, ({ plantedOn, count }) => (isIn(plantedOn) ? count : 0)),
    waterL: sum(garden.records, (record) =>
      (record.kind === 'water' || record.kind === 'feed') && isIn(dayOf(record.at))
        ? (record.volumeL ?? 0)
        : 0,
    ),
    ...(firstPickedOn !== undefined && { firstPickedOn }),
    points,
  }
}

/**
 * Every season of a garden, from the oldest, by its dates and by its warmth: what had been
 * picked by the time so much warmth had come together.
 *
 * @param today the last day of which anything is known; that of the records where left out
 */
export const besideSeasons = (garden: Garden, today?: string): readonly SeasonBeside[] =>
  seasonsOf(garden).map((season) => besideOf(garden, season, today))

/** What a season had given at so much warmth, kg; undefined where it never had so much. */
export function pickedAtWarmth({ points }: SeasonBeside, degreeDays: number): number | undefined {
  const after = points.findIndex((point) => point.degreeDays >= degreeDays)
  if (after < 0) return undefined
  const [one, other] = [points[Math.max(0, after - 1)]!, points[after]!]
  const between = other.degreeDays - one.degreeDays
  const share = between > 0 ? (degreeDays - one.degreeDays) / between : 1
  return one.pickedKg + share * (other.pickedKg - one.pickedKg)
}

/** Pots of like make differ by so much in thirst and yield (memory): what is unsure is drawn to 1 by it. */
const POTS_DIFFER_SD = 0.3
/** And by so much in the pace of their plants (memory). */
const PACES_DIFFER_SD = 0.1
const drawn = (factor: number, sd: number, differSd = POTS_DIFFER_SD): number => {
  const weight = differSd ** 2 / (differSd ** 2 + sd ** 2)
  return 1 + weight * (factor - 1)
}
const within = (value: number, least: number, most: number) =>
  Math.min(most, Math.max(least, value))

/** What of a pot's factors goes into the next plan: as sure as it is, drawn towards 1. */
export function carriedOf(
  { thirst, yieldShare, daysToRipe, ripeShare, spread }: SeasonFactor,
  season: string,
): Carried | undefined {
  if (thirst === undefined && yieldShare === undefined && ripeShare === undefined) return undefined
  return {
    season,
    ...(thirst !== undefined && { thirst: within(drawn(thirst, spread), 0.2, 5) }),
    ...(yieldShare !== undefined && {
      yieldShare: within(drawn(yieldShare, CROP_SD_SHARE * Math.max(1, yieldShare)), 0, 5),
    }),
    ...(ripeShare !== undefined &&
      daysToRipe !== undefined && {
        ripeShare: within(drawn(ripeShare, RIPE_SD_DAYS / daysToRipe, PACES_DIFFER_SD), 0.5, 2),
      }),
  }
}

/** What would go into the next plan from a season, by container. */
export const carriedFrom = (garden: Garden, id: string, today?: string) => {
  seasonOfId(garden, id)
  return new Map(
    seasonFactors(garden, id, today).flatMap((factor) => {
      const carried = carriedOf(factor, id)
      return carried ? [[factor.containerId, carried] as const] : []
    }),
  )
}
