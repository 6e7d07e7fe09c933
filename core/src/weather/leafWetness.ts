import { saturationVapourPressureKPa } from './air'
import { HOURS_A_DAY, hourTempC } from './hourly'
import { actualVapourPressureKPa, type EvaporationDay } from './referenceEvapotranspiration'

/** From this humidity on leaves are taken to be wet with dew. */
const WET_FROM_SHARE = 0.9
/** Rain that wets leaves at all, mm; hours that they stay so, and for each mm more (memory). */
const WETTING_MM = 0.5
const LEAST_RAIN_H = 3
const HOURS_A_MM = 0.5

/**
 * Hours of a day in which leaves are wet: with dew, as many as the air is at
 * nine tenths of saturation or more, and with rain for some hours, roughly.
 *
 * @param isSheltered no rain and no dew reach the leaves
 * @source humidity threshold: Sentelhas et al. 2008, Agric. For. Meteorol. 148:392–400
 */
export function wetLeafHours(
  day: EvaporationDay & { readonly rainMm?: number | undefined },
  isSheltered: boolean,
): number {
  if (isSheltered) return 0
  const vapourKPa = actualVapourPressureKPa(day)
  let dewH = 0
  for (let hour = 0; hour < HOURS_A_DAY; hour++)
    if (vapourKPa >= WET_FROM_SHARE * saturationVapourPressureKPa(hourTempC(day, hour))) dewH++
  const rainMm = day.rainMm ?? 0
  const rainH = rainMm >= WETTING_MM ? Math.min(HOURS_A_DAY, LEAST_RAIN_H + HOURS_A_MM * rainMm) : 0
  // Rain falls on dry and on dewy hours alike.
  return dewH + rainH * (1 - dewH / HOURS_A_DAY)
}
