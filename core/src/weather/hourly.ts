import { remembered } from '../units'
import {
  psychrometricConstant,
  saturationVapourPressureKPa,
  vapourPressureSlope,
  windAt2M,
} from './air'
import {
  actualVapourPressureKPa,
  ASSUMED_WIND_MS,
  clearSkyRadiation,
  referenceWaterMm,
  solarRadiation,
  type EvaporationDay,
  type Site,
} from './referenceEvapotranspiration'
import { declinationRad } from './sun'

/** One hour's weather as the hourly equation takes it. */
export interface EvaporationHour {
  readonly tempC: number
  readonly vapourPressureKPa: number
  /** At 2 m. */
  readonly windMS: number
  /** Solar radiation of the hour, MJ/m². */
  readonly radiationMjM2: number
  /** Of what a clear sky gives, 0.3–1; by night that of the late afternoon. */
  readonly clearShare: number
  readonly isDay: boolean
}

export const HOURS_A_DAY = 24
/** Stefan–Boltzmann constant of an hour, MJ K⁻⁴ m⁻² h⁻¹. */
const STEFAN_BOLTZMANN_HOUR = 4.903e-9 / HOURS_A_DAY
const ALBEDO = 0.23
/** Of the net radiation, what the ground takes by day and gives by night (FAO 56, Eqs 45–46). */
const GROUND_SHARE = { day: 0.1, night: 0.5 }
/** The sun is highest at this hour of a gardener's clock: summer time, middle of a zone (practice). */
const NOON_H = 13
/** Air is warmest two hours after that (memory). */
const WARMEST_H = 15
const DEGREES_AN_HOUR = 15

const radians = (degrees: number) => (degrees * Math.PI) / 180

/**
 * Water that an hour's weather would draw from short, well watered grass, mm;
 * below zero where dew falls.
 *
 * @source FAO 56 (Allen, Pereira, Raes & Smith 1998), Eq. 53
 */
export const hourReferenceMm = (hour: EvaporationHour, elevationM: number): number =>
  referenceMmOf(hour, psychrometricConstant(elevationM))

/** The same where the air's pressure is known by its psychrometric constant, kPa °C⁻¹. */
function referenceMmOf(hour: EvaporationHour, psychrometric: number): number {
  const { tempC, vapourPressureKPa, windMS, radiationMjM2, clearShare, isDay } = hour
  const saturatedKPa = saturationVapourPressureKPa(tempC)
  const slope = vapourPressureSlope(tempC, saturatedKPa)
  const squareK2 = (tempC + 273.16) * (tempC + 273.16)
  const netLongwave =
    STEFAN_BOLTZMANN_HOUR *
    (squareK2 * squareK2) *
    (0.34 - 0.14 * Math.sqrt(vapourPressureKPa)) *
    (1.35 * clearShare - 0.35)
  const net = (1 - ALBEDO) * radiationMjM2 - netLongwave
  const available = net * (1 - (isDay ? GROUND_SHARE.day : GROUND_SHARE.night))
  const deficitKPa = Math.max(0, saturatedKPa - vapourPressureKPa)
  return (
    (0.408 * slope * available + psychrometric * (37 / (tempC + 273)) * windMS * deficitKPa) /
    (slope + psychrometric * (1 + 0.34 * windMS))
  )
}

/** Share of a day's sun in each hour of the clock, by the sun's height in its middle. */
function sunShares(latitudeDeg: number, dayOfYear: number): Float64Array {
  const declination = declinationRad(dayOfYear)
  const level = Math.sin(radians(latitudeDeg)) * Math.sin(declination)
  const swing = Math.cos(radians(latitudeDeg)) * Math.cos(declination)
  const shares = new Float64Array(HOURS_A_DAY)
  let sum = 0
  for (let hour = 0; hour < HOURS_A_DAY; hour++) {
    const angle = radians((hour + 0.5 - NOON_H) * DEGREES_AN_HOUR)
    shares[hour] = Math.max(0, level + swing * Math.cos(angle))
    sum += shares[hour]!
  }
  if (sum > 0) for (let hour = 0; hour < HOURS_A_DAY; hour++) shares[hour]! /= sum
  return shares
}

/** Sun by hour for every day of the year at a site, kept: thousands of days ask for it. */
const sunYear = remembered(({ latitudeDeg }: Site) =>
  Array.from({ length: 367 }, (_, dayOfYear) => sunShares(latitudeDeg, dayOfYear)),
)

/** How far the air of each hour is on the way from the day's mean to its highest, −1 to 1. */
const WARMTH = Float64Array.from({ length: HOURS_A_DAY }, (_, hour) =>
  Math.cos(radians((hour + 0.5 - WARMEST_H) * DEGREES_AN_HOUR)),
)

/** The air's temperature in an hour of a day, °C: a sine between its lowest and its highest. */
export const hourTempC = (
  { tempMaxC, tempMinC }: Pick<EvaporationDay, 'tempMaxC' | 'tempMinC'>,
  hour: number,
): number => (tempMaxC + tempMinC) / 2 + ((tempMaxC - tempMinC) / 2) * WARMTH[hour]!

/**
 * What a day draws from short grass hour by hour, written into a long row of
 * hours. The hourly equation gives the form, over sun by its height and air by a
 * sine; the daily equation gives the sum.
 *
 * @param into   mm by the hour
 * @param offset where the day begins in it
 * @throws InputError `minOverMax`
 */
export function spreadOverHours(
  day: EvaporationDay,
  site: Site,
  into: Float64Array,
  offset: number,
): void {
  const totalMm = referenceWaterMm(day, site)
  const shares = sunYear(site)[day.dayOfYear]!
  const solar = solarRadiation(day, site)
  const clearSky = clearSkyRadiation(site, day.dayOfYear)
  const hour = {
    tempC: 0,
    vapourPressureKPa: actualVapourPressureKPa(day),
    windMS: day.windMS === undefined ? ASSUMED_WIND_MS : windAt2M(day.windMS, day.windHeightM ?? 2),
    radiationMjM2: 0,
    clearShare: clearSky > 0 ? Math.max(0.3, Math.min(1, solar / clearSky)) : 0.3,
    isDay: false,
  }
  const psychrometric = psychrometricConstant(site.elevationM)
  let sum = 0
  for (let index = 0; index < HOURS_A_DAY; index++) {
    hour.tempC = hourTempC(day, index)
    hour.radiationMjM2 = solar * shares[index]!
    hour.isDay = shares[index]! > 0
    const mm = Math.max(0, referenceMmOf(hour, psychrometric))
    into[offset + index] = mm
    sum += mm
  }
  // A day that draws next to nothing draws it evenly.
  const scale = sum > 1e-6 ? totalMm / sum : 0
  for (let index = 0; index < HOURS_A_DAY; index++)
    into[offset + index] = scale > 0 ? into[offset + index]! * scale : totalMm / HOURS_A_DAY
}

/**
 * Water that a day's weather would draw from short, well watered grass, hour by
 * hour of the gardener's clock; the hours add up to the day.
 *
 * @returns mm in each of 24 hours
 * @throws InputError `minOverMax`
 * @source FAO 56, Eq. 53 for the form, Eq. 6 for the sum
 */
export function hourlyEvapotranspiration(day: EvaporationDay, site: Site): Float64Array {
  const hours = new Float64Array(HOURS_A_DAY)
  spreadOverHours(day, site, hours, 0)
  return hours
}
