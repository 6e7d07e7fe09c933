import { published } from '../../units'
import type { Site } from '../referenceEvapotranspiration'
import { dewBelowMinOf, drynessOf } from './dryness'
import { MONTH_DAYS, type MonthModel, type WeatherModel } from './model'
import type { MonthNormal } from './normalsSchema'

export const normalsProvenance = published(
  'Richardson 1981, Water Resources Research 17:182–190; Richardson & Wright 1984, WGEN; Geng, Penning de Vries & Supit 1986, Agricultural and Forest Meteorology 36:363–376',
)

/**
 * What highest, lowest and sun carry over from the day before, and what comes
 * new, as means over many stations (Richardson & Wright 1984, WGEN, USDA ARS-8;
 * the figures recalled from memory).
 */
const WGEN_CARRY = [
  [0.567, 0.086, -0.002],
  [0.253, 0.504, -0.05],
  [-0.006, -0.039, 0.244],
]
const WGEN_SHOCK = [
  [0.781, 0, 0],
  [0.328, 0.637, 0],
  [0.238, -0.341, 0.873],
]

/** Spread about the mean of a dry or wet day, K and share of the sun above the air (memory). */
const TEMP_MAX_SD_K = 3.2
const TEMP_MIN_SD_K = 2.6
/** How much cooler a wet day's maximum is, and how much milder its minimum, K (memory). */
const WET_COOLER_K = 3
const WET_MILDER_K = 0.8
/** Of the sun above the air on a dry day, and how much less on a wet one (memory). */
const CLEARNESS_DRY = 0.6
/** More of it in months without rain: deserts have some 0.7 (memory). */
const DRY_MONTH_MORE_CLEAR = 0.11
const WET_LESS_CLEAR = 0.26
const CLEARNESS_SD = 0.12

/**
 * Shape and scale of a day's rain from its mean alone.
 *
 * @source Geng, Penning de Vries & Supit 1986, Agricultural and Forest Meteorology 36:363–376
 */
function gammaFromMean(meanMm: number): { rainShape: number; rainScaleMm: number } {
  // Their line has no meaning for small rains; the exponential distribution is used there.
  const rainScaleMm = Math.max(meanMm, -2.16 + 1.83 * meanMm)
  // A climate table may have a wet day in a month and round its rain to nothing.
  return { rainShape: rainScaleMm > 0 ? meanMm / rainScaleMm : 1, rainScaleMm }
}

function monthFrom(site: Site, normal: MonthNormal, month: number): MonthModel {
  const { tempMaxC, tempMinC, rainMm, wetDays } = normal
  const dryness = drynessOf(site, month, normal)
  const wetShare = Math.min(0.98, wetDays / MONTH_DAYS[month]!)
  const usual = [
    { mean: tempMaxC, sd: TEMP_MAX_SD_K },
    { mean: tempMinC, sd: TEMP_MIN_SD_K },
    {
      mean: CLEARNESS_DRY + dryness * DRY_MONTH_MORE_CLEAR - wetShare * WET_LESS_CLEAR,
      sd: CLEARNESS_SD,
    },
  ]
  const withRain = [
    -WET_COOLER_K / TEMP_MAX_SD_K,
    WET_MILDER_K / TEMP_MIN_SD_K,
    -WET_LESS_CLEAR / CLEARNESS_SD,
  ]
  return {
    wetAfterDry: 0.75 * wetShare,
    wetAfterWet: 0.25 + 0.75 * wetShare,
    ...gammaFromMean(wetDays > 0 ? rainMm / wetDays : 1),
    usual,
    withRain,
    dewBelowMinK: dewBelowMinOf(dryness),
    // What rain added is taken back before the rest is carried over: dry and wet
    // days have each their own mean, as in WGEN.
    afterRain: WGEN_CARRY.map(
      (row) => -row.reduce((sum, share, index) => sum + share * withRain[index]!, 0),
    ),
  }
}

/**
 * A weather generator for a place without a file, from the normals of its months.
 *
 * @param normals January first
 * @source Geng et al. 1986 for dry and wet days; Richardson & Wright 1984 for what days carry over
 */
export const generatorFromNormals = (
  normals: readonly MonthNormal[],
  site: Site,
): WeatherModel => ({
  site,
  variables: ['tempMaxC', 'tempMinC', 'clearness'],
  months: normals.map((normal, month) => monthFrom(site, normal, month)),
  carry: WGEN_CARRY,
  bringsRain: [0, 0, 0],
  shock: WGEN_SHOCK,
})
