import { max } from 'd3-array'
import jstat from 'jstat'
import { varietyOf, type Garden, type StockItem } from '../../garden'
import type { Crop } from '../../plant'
import { daysBetween, published, type Provenance } from '../../units'

/**
 * Seasons for which seed kept cool and dry comes up well.
 *
 * Tomato four years, pepper two: as most extension tables of vegetable seed longevity
 * print them (from memory of these tables).
 */
const LIFE_YEARS: Readonly<Record<Crop, number>> = { tomato: 4, pepper: 2 }
export const seedLifeProvenance: Provenance = published(
  'Lorenz & Maynard, Knott’s Handbook for Vegetable Growers, seed viability table: tomato 4 years, pepper 2 (from memory)',
)

/** Of fresh seed, what comes up (memory; a packet has to hold about as much by law in many places). */
const FRESH_SHARE = 0.9
/** At the end of its life, what is left of that. */
const AT_END_SHARE = 0.75

/**
 * What of a seed comes up, by its age: it falls slowly at first, then fast, as a normal
 * curve of lifetimes does.
 *
 * @param ageYears since it was harvested or packed
 * @source the shape as in Ellis & Roberts 1980, Annals of Botany 45:13–30: probit of
 *   germination falls in proportion to age
 */
export function germinationShare(crop: Crop, ageYears: number): number {
  const fresh = jstat.normal.inv(FRESH_SHARE, 0, 1)
  const slope = (fresh - jstat.normal.inv(FRESH_SHARE * AT_END_SHARE, 0, 1)) / LIFE_YEARS[crop]
  return jstat.normal.cdf(fresh - slope * Math.max(0, ageYears), 0, 1)
}

/** Seeds to sow for so many plants, one more to choose from. */
export const seedsFor = (plants: number, crop: Crop, ageYears: number): number =>
  Math.ceil((plants + 1) / germinationShare(crop, ageYears))

const DAYS_A_YEAR = 365.25

/**
 * What of some seed at hand comes up today, by the day on which it was bought last, or
 * else counted; undefined for what is no seed.
 */
export function comesUpShare(
  garden: Garden,
  { kind, itemId, counted }: Pick<StockItem, 'kind' | 'itemId' | 'counted'>,
  today: string,
): number | undefined {
  const variety = kind === 'seed' ? varietyOf(garden, itemId) : undefined
  if (!variety) return undefined
  const bought = garden.records.filter((one) => one.kind === 'buy' && one.itemId === itemId)
  const since = max(bought, ({ at }) => at) ?? counted ?? today
  return germinationShare(variety.crop, daysBetween(since, today) / DAYS_A_YEAR)
}
