// Air pressure, vapour pressure and wind near the ground, FAO Irrigation and
// Drainage Paper 56 (Allen, Pereira, Raes & Smith 1998), chapter 3.

/** Atmospheric pressure, kPa (FAO 56, Eq. 7). */
export const pressureKPa = (elevationM: number): number =>
  101.3 * ((293 - 0.0065 * elevationM) / 293) ** 5.26

/** Psychrometric constant, kPa °C⁻¹ (FAO 56, Eq. 8). */
export const psychrometricConstant = (elevationM: number): number =>
  0.665e-3 * pressureKPa(elevationM)

/** Saturation vapour pressure, kPa (FAO 56, Eq. 11). */
export const saturationVapourPressureKPa = (tempC: number): number =>
  0.6108 * Math.exp((17.27 * tempC) / (tempC + 237.3))

/** Mean saturation vapour pressure of a day, kPa (FAO 56, Eq. 12). */
export const meanSaturationVapourPressureKPa = (tempMaxC: number, tempMinC: number): number =>
  (saturationVapourPressureKPa(tempMaxC) + saturationVapourPressureKPa(tempMinC)) / 2

/** Slope of the saturation vapour pressure curve, kPa °C⁻¹ (FAO 56, Eq. 13). */
export const vapourPressureSlope = (
  tempC: number,
  saturatedKPa = saturationVapourPressureKPa(tempC),
): number => (4098 * saturatedKPa) / (tempC + 237.3) ** 2

/** Wind speed at 2 m over short grass from that at another height, m/s (FAO 56, Eq. 47). */
export const windAt2M = (windMS: number, heightM: number): number =>
  heightM === 2 ? windMS : (windMS * 4.87) / Math.log(67.8 * heightM - 5.42)
