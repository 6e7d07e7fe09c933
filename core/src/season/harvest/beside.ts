import type { Garden, SeasonOf } from '../../garden'
import { cropForecast, fruitMassG, type GrowthCourse } from '../../plant'
import { addDays, datesFrom, dayOf, daysBetween, daysIntoWeek } from '../../units'
import { gardenCourse, type GardenCourse } from '../course'
import { lastKnownDay, seasonOfId } from './asked'
import { expectedDays, NO_CROP, plus, type Band } from './expected'
import { pickedParts } from './picked'

/** Up to the evening of a day: what was picked, and what the plants should have given by then. */
export interface BesidePoint {
  readonly on: string
  /** Nothing is known of it yet where left out. */
  readonly realKg?: number
  readonly expectedKg: Band
}

/** What a season gave beside what its plants were expected to give. */
export interface BesideReal {
  /** Week by week, each to its Sunday. */
  readonly points: readonly BesidePoint[]
  /** The last day of which anything is known. */
  readonly at: string
  /** What hangs on the plants on that day and will ripen later, by the flowers that have set. */
  readonly hanging: { readonly kg: number; readonly fruits: number }
}

/** What one plant carries on a day of its course: of the trusses that have opened, what is still to ripen, kg. */
function hangingKg(grown: GrowthCourse, day: number): number {
  const opened = grown.trusses.filter(({ opensOn }) => opensOn <= day)
  const { weeks } = cropForecast({ ...grown, trusses: opened })
  const today = addDays(grown.from, day)
  return weeks.reduce((sum, { from, cropKg }) => {
    const daysLeft = Math.max(0, Math.min(7, 6 - daysBetween(from, today)))
    return sum + (cropKg * daysLeft) / 7
  }, 0)
}

/** The course of a season, as it is known on its last day of records. */
export const courseOfSeason = (garden: Garden, season: SeasonOf, today?: string): GardenCourse =>
  gardenCourse(garden, lastKnownDay(garden, season, today), season)

/**
 * What was picked in a season, week by week and added up, beside what its plants were
 * expected to give by then, and what hangs on them still.
 *
 * @param id    of the season
 * @param today the last day of which anything is known; that of the records where left out
 * @throws InputError `unknownSeason`
 */
export function expectedBesideReal(garden: Garden, id: string, today?: string): BesideReal {
  const season = seasonOfId(garden, id)
  const course = courseOfSeason(garden, season, today)
  const at = lastKnownDay(garden, season, today)
  const expected = new Map<string, Band>()
  for (const { date, kg } of expectedDays(course.pots))
    expected.set(date, plus(expected.get(date) ?? NO_CROP, kg))
  const real = new Map<string, number>()
  for (const { pick, massKg } of pickedParts(garden))
    real.set(dayOf(pick.at), (real.get(dayOf(pick.at)) ?? 0) + massKg)

  const points: BesidePoint[] = []
  let band = NO_CROP
  let realKg = 0
  for (const on of datesFrom(season.from, daysBetween(season.from, season.to) + 1)) {
    band = plus(band, expected.get(on) ?? NO_CROP)
    realKg += real.get(on) ?? 0
    if (daysIntoWeek(on, 1) < 6 && on !== season.to) continue
    // Nobody looks at the months before anything could ripen.
    if (band.most === 0 && realKg === 0) continue
    points.push({ on, ...(on < addDays(at, 7) && { realKg }), expectedKg: band })
  }
  let kg = 0
  let fruits = 0
  for (const pot of course.pots)
    for (const { course: grown, planting, variety } of pot.plants) {
      const day = daysBetween(grown.from, at)
      if (day >= grown.endsOn) continue
      const carried = hangingKg(grown, day) * planting.count
      kg += carried
      fruits += (carried * 1000) / fruitMassG(variety)
    }
  return { points, at, hanging: { kg, fruits: Math.round(fruits) } }
}
