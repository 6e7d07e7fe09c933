import { hargreavesEvapotranspirationMm, type Site } from '../referenceEvapotranspiration'
import { MID_MONTH, MONTH_DAYS } from './model'

/** A month is dry where its rain is less than this share of its evaporative demand (published: semi-arid, UNEP 1992). */
const DRY_BELOW_SHARE = 0.5
/**
 * How far the dew point lies below the lowest temperature where nothing rains, K:
 * 2 in dry places, over watered land (FAO 56, annex 6); over paving more (memory).
 */
const DEW_BELOW_MIN_K = 5

interface MonthOfYear {
  readonly tempMaxC: number
  readonly tempMinC: number
  readonly rainMm: number
}

/**
 * How dry a month is, 0–1: 1 without rain, 0 where rain meets half of the
 * evaporative demand or more.
 *
 * @param month January 0
 * @source aridity index, UNEP 1992, World Atlas of Desertification; Hargreaves: FAO 56, Eq. 52
 */
export function drynessOf(site: Site, month: number, normal: MonthOfYear): number {
  const day = { ...normal, dayOfYear: Math.round(MID_MONTH[month]!) }
  const demandMm = hargreavesEvapotranspirationMm(day, site) * MONTH_DAYS[month]!
  if (demandMm <= 0) return 0
  return Math.max(0, 1 - normal.rainMm / (DRY_BELOW_SHARE * demandMm))
}

/** Assumed humidity of such a month, where it is not known: see `dewBelowMinK` of a day. */
export const dewBelowMinOf = (dryness: number): number => DEW_BELOW_MIN_K * dryness
