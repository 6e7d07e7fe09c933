import { isGone, pruningsOf, type Garden, type Planting } from '../../garden'
import { addDays, dayOf, daysBetween } from '../../units'
import { frostsOfPlace } from './sky'

/** A plant of former years: its course is not followed further back. */
const LONGEST_DAYS = 300

/** The season of a year: March to November, half a year later in the south. */
export function seasonOf(year: number, latitudeDeg: number): { from: string; to: string } {
  return latitudeDeg >= 0
    ? { from: `${year}-03-01`, to: `${year}-11-30` }
    : { from: `${year}-09-01`, to: `${year + 1}-05-31` }
}

/** A planting is followed for so long, where no frost ends it before. */
const CROPS_FOR_DAYS = 210

/** The next day that has this month and day. */
function nextOn(monthDay: string, after: string): string {
  const year = Number(after.slice(0, 4))
  const sameYear = `${year}-${monthDay}`
  // A 29 February of a common year becomes the day after it.
  return addDays(sameYear > after ? sameYear : `${year + 1}-${monthDay}`, 0)
}

/** Up to when a planting is to be followed. */
function followedTo(plantedOn: string, firstFrost: string | undefined): string {
  const end = addDays(plantedOn, CROPS_FOR_DAYS)
  const frost = firstFrost && nextOn(firstFrost, plantedOn)
  return frost && frost < end ? frost : end
}

/**
 * The day from which a plant has grown as it stands: of one cut back, that day. Cut back
 * before the season it has rested since, and is as it was then.
 */
const grewFrom = (garden: Garden, planting: Planting, seasonFrom: string): string => {
  const cut = pruningsOf(garden, planting).findLast(({ what }) => what === 'cutBack')
  if (!cut) return planting.plantedOn
  return dayOf(cut.at) < seasonFrom ? seasonFrom : dayOf(cut.at)
}

/** Days that a course is to have: the season about a day, and all that was planted for it, to its own end. */
export function courseSpan(garden: Garden, today: string): { from: string; to: string } {
  const { place } = garden
  const year = Number(today.slice(0, 4))
  const isNorth = place.latitudeDeg >= 0
  const season = seasonOf(isNorth || today.slice(5, 7) > '06' ? year : year - 1, place.latitudeDeg)
  const farthest = addDays(today, -LONGEST_DAYS)
  // What was taken out before this season is no longer followed.
  const plantings = garden.plantings
    .filter(({ id }) => !isGone(garden, id, season.from))
    .map((planting) => ({ plantedOn: grewFrom(garden, planting, season.from) }))
  const dates = [season.from, addDays(today, -14), ...plantings.map(({ plantedOn }) => plantedOn)]
  const first = dates.reduce((least, date) => (date < least ? date : least))
  const { firstFrost } = frostsOfPlace(garden)
  const current = plantings.filter(
    ({ plantedOn }) => plantedOn >= farthest && daysBetween(today, plantedOn) <= LONGEST_DAYS,
  )
  const ends = [
    season.to,
    addDays(today, 14),
    ...current.map(({ plantedOn }) => followedTo(plantedOn, firstFrost)),
  ]
  return {
    from: first < farthest ? farthest : first,
    to: ends.reduce((last, date) => (date > last ? date : last)),
  }
}
