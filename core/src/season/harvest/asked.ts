import { seasonsOf, type Garden, type SeasonOf } from '../../garden'
import { dayOf, InputError, isDate } from '../../units'

/**
 * The season of that id.
 *
 * @throws InputError `unknownSeason` where the garden has none of it
 */
export function seasonOfId(garden: Garden, id: string): SeasonOf {
  const season = seasonsOf(garden).find((one) => one.id === id)
  if (!season) throw new InputError('unknownSeason', { given: id })
  return season
}

/** The last day of a season of which anything is known: what lies after it is a forecast. */
export function lastKnownDay(garden: Garden, season: SeasonOf, today?: string): string {
  const newest = garden.records.reduce((last, { at }) => (at > last ? at : last), season.from)
  const asked = today !== undefined && isDate(dayOf(today)) ? today : undefined
  const known = dayOf(asked ?? garden.clock ?? newest)
  return known < season.from ? season.from : known > season.to ? season.to : known
}
