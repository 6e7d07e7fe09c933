import { dayOf, remembered } from '../../units'
import type { Garden } from '../garden'
import type { GardenRecord } from '../kinds'

/** A year of growing: from midwinter to midwinter. */
export interface SeasonOf {
  /** `2026` in the north, `2026/27` in the south. */
  readonly id: string
  readonly from: string
  readonly to: string
}

/** The year in which the season of a day began: it turns in midwinter, in July in the south. */
export const seasonYearOf = (date: string, latitudeDeg: number): number => {
  const year = Number(date.slice(0, 4))
  return latitudeDeg >= 0 || date.slice(5, 7) >= '07' ? year : year - 1
}

/** The season that began in a year. */
export function seasonOfYear(year: number, latitudeDeg: number): SeasonOf {
  const named = String(year).padStart(4, '0')
  if (latitudeDeg >= 0) return { id: named, from: `${named}-01-01`, to: `${named}-12-31` }
  const next = String(year + 1).padStart(4, '0')
  return { id: `${named}/${next.slice(2)}`, from: `${named}-07-01`, to: `${next}-06-30` }
}

const yearsOfRecords = remembered(
  (records: readonly GardenRecord[], latitudeDeg: number): ReadonlySet<number> =>
    new Set(
      records.flatMap(({ at, kind }) =>
        // What is at hand is counted in winter too, and bought.
        kind === 'count' || kind === 'buy' ? [] : [seasonYearOf(dayOf(at), latitudeDeg)],
      ),
    ),
)

/**
 * The seasons of a garden in which anything was planted or recorded, from the oldest.
 *
 * @example seasonsOf(garden) // => [{ id: '2026', from: '2026-01-01', to: '2026-12-31' }]
 */
export function seasonsOf({ plantings, records, place }: Garden): readonly SeasonOf[] {
  const { latitudeDeg } = place
  const years = new Set(yearsOfRecords(records, latitudeDeg))
  for (const { plantedOn } of plantings) years.add(seasonYearOf(plantedOn, latitudeDeg))
  return [...years].sort((one, other) => one - other).map((year) => seasonOfYear(year, latitudeDeg))
}
