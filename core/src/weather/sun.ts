// Sun and extraterrestrial radiation, FAO Irrigation and Drainage Paper 56
// (Allen, Pereira, Raes & Smith 1998), chapter 3.

/** Solar constant, MJ m⁻² min⁻¹ (FAO 56, Eq. 21). */
const SOLAR_CONSTANT = 0.082

const radians = (degrees: number) => (degrees * Math.PI) / 180

/** Inverse relative distance Earth–Sun (FAO 56, Eq. 23). */
const inverseRelativeDistance = (dayOfYear: number) =>
  1 + 0.033 * Math.cos((2 * Math.PI * dayOfYear) / 365)

/** Solar declination, rad (FAO 56, Eq. 24). */
export const declinationRad = (dayOfYear: number): number =>
  0.409 * Math.sin((2 * Math.PI * dayOfYear) / 365 - 1.39)

/**
 * Sunset hour angle, rad (FAO 56, Eq. 25): 0 where the sun does not rise, π
 * where it does not set.
 */
function sunsetHourAngleRad(latitudeDeg: number, dayOfYear: number): number {
  const cosine = -Math.tan(radians(latitudeDeg)) * Math.tan(declinationRad(dayOfYear))
  return Math.acos(Math.max(-1, Math.min(1, cosine)))
}

/** Daylight hours (FAO 56, Eq. 34). */
export const daylightHours = (latitudeDeg: number, dayOfYear: number): number =>
  (24 / Math.PI) * sunsetHourAngleRad(latitudeDeg, dayOfYear)

/**
 * Radiation that would reach a level surface without an atmosphere.
 *
 * @param latitudeDeg north positive, −90 to 90
 * @param dayOfYear   1 on 1 January
 * @returns MJ m⁻² d⁻¹
 * @source FAO 56, Eq. 21
 */
export function extraterrestrialRadiation(latitudeDeg: number, dayOfYear: number): number {
  const latitude = radians(latitudeDeg)
  const declination = declinationRad(dayOfYear)
  const sunset = sunsetHourAngleRad(latitudeDeg, dayOfYear)
  return (
    ((24 * 60) / Math.PI) *
    SOLAR_CONSTANT *
    inverseRelativeDistance(dayOfYear) *
    (sunset * Math.sin(latitude) * Math.sin(declination) +
      Math.cos(latitude) * Math.cos(declination) * Math.sin(sunset))
  )
}

/**
 * Mol of light that plants use in each MJ of sun: 0.45 of it, at 4.57 µmol a joule.
 *
 * @source McCree 1972; Thimijan & Heins 1983
 */
export const MOL_PER_MJ = 0.45 * 4.57
