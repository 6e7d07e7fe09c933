import { InputError, remembered } from '../units'
import {
  meanSaturationVapourPressureKPa,
  psychrometricConstant,
  saturationVapourPressureKPa,
  vapourPressureSlope,
  windAt2M,
} from './air'
import { daylightHours, extraterrestrialRadiation } from './sun'

/** One day's weather as the equation takes it; only the two temperatures must be known. */
export interface EvaporationDay {
  readonly dayOfYear: number
  readonly tempMaxC: number
  readonly tempMinC: number
  /** Actual vapour pressure, kPa; first choice before dew point and humidity. */
  readonly vapourPressureKPa?: number | undefined
  readonly dewPointC?: number | undefined
  /** Relative humidity, 0–1, highest and lowest of the day. */
  readonly humidityMaxShare?: number | undefined
  readonly humidityMinShare?: number | undefined
  /** Where none of these is known: how far the dew point lies below the lowest temperature, K; 0 where left out. */
  readonly dewBelowMinK?: number | undefined
  readonly windMS?: number | undefined
  /** Height at which the wind was measured, m; 2 where not given. */
  readonly windHeightM?: number | undefined
  /** Solar radiation, MJ m⁻² d⁻¹; first choice before hours of sunshine. */
  readonly radiationMjM2?: number | undefined
  readonly sunshineH?: number | undefined
}

export interface Site {
  readonly latitudeDeg: number
  readonly elevationM: number
  /** Near a large water: takes the coastal coefficient where radiation is not known. */
  readonly coastal?: boolean | undefined
}

export type AssumedTerm = 'vapourPressure' | 'wind' | 'radiation'

export interface ReferenceEvapotranspiration {
  /** mm of water a day from a wide, short, well watered grass. */
  readonly mm: number
  readonly method: 'penmanMonteith'
  /** What was not known and had to be taken by the paper's rules for missing data. */
  readonly assumed: readonly AssumedTerm[]
}

/** Mean of 2000 stations around the globe, m/s (FAO 56, chapter 3, missing wind data). */
export const ASSUMED_WIND_MS = 2
/** Stefan–Boltzmann constant, MJ K⁻⁴ m⁻² d⁻¹ (FAO 56, Eq. 39). */
const STEFAN_BOLTZMANN = 4.903e-9
const ALBEDO = 0.23
/** From MJ m⁻² to mm of water evaporated (FAO 56, Eq. 20). */
const MJ_TO_MM = 0.408

const kelvin = (tempC: number) => tempC + 273.16

/** Actual vapour pressure, kPa (FAO 56, Eqs 14, 17, 18; without humidity from the minimum, Eq. 48, less in dry places, annex 6). */
export function actualVapourPressureKPa(day: EvaporationDay): number {
  const atMin = saturationVapourPressureKPa(day.tempMinC)
  const atMax = saturationVapourPressureKPa(day.tempMaxC)
  const { humidityMaxShare: high, humidityMinShare: low } = day
  if (day.vapourPressureKPa !== undefined) return day.vapourPressureKPa
  if (day.dewPointC !== undefined) return saturationVapourPressureKPa(day.dewPointC)
  if (high !== undefined && low !== undefined) return (atMin * high + atMax * low) / 2
  if (high !== undefined) return atMin * high
  if (low !== undefined) return atMax * low
  return day.dewBelowMinK ? saturationVapourPressureKPa(day.tempMinC - day.dewBelowMinK) : atMin
}

/** Solar radiation under a clear sky, MJ m⁻² d⁻¹ (FAO 56, Eq. 37). */
export const clearSkyRadiation = (site: Site, dayOfYear: number): number =>
  (0.75 + 2e-5 * site.elevationM) * extraterrestrialRadiation(site.latitudeDeg, dayOfYear)

/**
 * Solar radiation of a day, MJ m⁻² d⁻¹: as measured, from hours of sunshine
 * (FAO 56, Eq. 35), or from the span of temperature (Eq. 50), never more than a
 * clear sky gives where it is estimated from temperature.
 */
export function solarRadiation(day: EvaporationDay, site: Site): number {
  if (day.radiationMjM2 !== undefined) return day.radiationMjM2
  const extraterrestrial = extraterrestrialRadiation(site.latitudeDeg, day.dayOfYear)
  if (day.sunshineH !== undefined) {
    const daylight = daylightHours(site.latitudeDeg, day.dayOfYear)
    const sunShare = daylight > 0 ? Math.min(1, day.sunshineH / daylight) : 0
    return (0.25 + 0.5 * sunShare) * extraterrestrial
  }
  const coefficient = site.coastal ? 0.19 : 0.16
  const estimated = coefficient * Math.sqrt(day.tempMaxC - day.tempMinC) * extraterrestrial
  return Math.min(estimated, clearSkyRadiation(site, day.dayOfYear))
}

/** Net radiation at the grass, MJ m⁻² d⁻¹ (FAO 56, Eqs 38–40). */
const psychrometricAt = remembered(({ elevationM }: Site) => psychrometricConstant(elevationM))

/** Twice squared: the general power is many times slower. */
const fourthPower = (value: number) => (value * value) ** 2

function netRadiation(day: EvaporationDay, site: Site, vapourPressureKPa: number): number {
  const solar = solarRadiation(day, site)
  const clearSky = clearSkyRadiation(site, day.dayOfYear)
  const cloudiness = clearSky > 0 ? Math.min(1, solar / clearSky) : 0
  const netLongwave =
    STEFAN_BOLTZMANN *
    ((fourthPower(kelvin(day.tempMaxC)) + fourthPower(kelvin(day.tempMinC))) / 2) *
    (0.34 - 0.14 * Math.sqrt(vapourPressureKPa)) *
    (1.35 * cloudiness - 0.35)
  return (1 - ALBEDO) * solar - netLongwave
}

function assumedTerms(day: EvaporationDay): AssumedTerm[] {
  const humidity = [
    day.vapourPressureKPa,
    day.dewPointC,
    day.humidityMaxShare,
    day.humidityMinShare,
  ]
  const radiation = [day.radiationMjM2, day.sunshineH]
  const unknown = (values: readonly unknown[]) => values.every((value) => value === undefined)
  return [
    ...(unknown(humidity) ? (['vapourPressure'] as const) : []),
    ...(day.windMS === undefined ? (['wind'] as const) : []),
    ...(unknown(radiation) ? (['radiation'] as const) : []),
  ]
}

function requireOrder(day: EvaporationDay): void {
  if (day.tempMinC > day.tempMaxC)
    throw new InputError('minOverMax', { given: day.tempMinC, limit: day.tempMaxC })
}

/**
 * Water that a day's weather would draw from a field of short, well watered
 * grass: the yardstick from which each plant's own use is read.
 *
 * Sun and dry moving air do the drawing. Where humidity, wind or sun are not
 * known they are taken by the paper's rules for missing data, and named.
 *
 * @returns mm a day, never below zero
 * @throws InputError `minOverMax`
 * @source FAO 56 (Allen, Pereira, Raes & Smith 1998), Eq. 6, soil heat flux 0 (Eq. 42)
 */
export const referenceEvapotranspiration = (
  day: EvaporationDay,
  site: Site,
): ReferenceEvapotranspiration => ({
  mm: referenceWaterMm(day, site),
  method: 'penmanMonteith',
  assumed: assumedTerms(day),
})

/** The same, only the mm: for many days in a row. */
export function referenceWaterMm(day: EvaporationDay, site: Site): number {
  requireOrder(day)
  const tempMeanC = (day.tempMaxC + day.tempMinC) / 2
  const slope = vapourPressureSlope(tempMeanC)
  const psychrometric = psychrometricAt(site)
  const wind =
    day.windMS === undefined ? ASSUMED_WIND_MS : windAt2M(day.windMS, day.windHeightM ?? 2)
  const vapourPressureKPa = actualVapourPressureKPa(day)
  const deficitKPa = Math.max(
    0,
    meanSaturationVapourPressureKPa(day.tempMaxC, day.tempMinC) - vapourPressureKPa,
  )
  const mm =
    (MJ_TO_MM * slope * netRadiation(day, site, vapourPressureKPa) +
      psychrometric * (900 / (tempMeanC + 273)) * wind * deficitKPa) /
    (slope + psychrometric * (1 + 0.34 * wind))
  return Math.max(0, mm)
}

/**
 * The same from temperature alone, as a cross-check.
 *
 * @returns mm a day
 * @throws InputError `minOverMax`
 * @source FAO 56, Eq. 52 (Hargreaves)
 */
export function hargreavesEvapotranspirationMm(day: EvaporationDay, site: Site): number {
  requireOrder(day)
  const tempMeanC = (day.tempMaxC + day.tempMinC) / 2
  const extraterrestrialMm = MJ_TO_MM * extraterrestrialRadiation(site.latitudeDeg, day.dayOfYear)
  return Math.max(
    0,
    0.0023 * (tempMeanC + 17.8) * Math.sqrt(day.tempMaxC - day.tempMinC) * extraterrestrialMm,
  )
}
