import { InputError } from './inputError'
import { tidied } from './parseNumber'

/** Points of the compass, clockwise from north, 22.5° apart. */
export const compassPoints = [
  'N',
  'NNE',
  'NE',
  'ENE',
  'E',
  'ESE',
  'SE',
  'SSE',
  'S',
  'SSW',
  'SW',
  'WSW',
  'W',
  'WNW',
  'NW',
  'NNW',
] as const

const POINT_DEG = 360 / compassPoints.length

/**
 * A direction as people say it, by the names that their language has for the points.
 *
 * @param points the sixteen points, clockwise from north: O is west in Spanish and east in German
 * @returns degrees clockwise from north, 0 to under 360
 * @throws InputError `badBearing`
 */
export function bearingBy(points: readonly string[], text: string): number {
  const typed = tidied(text)
    .toUpperCase()
    .replace(/\s*(?:°|DEG(?:REES?)?\.?|GRADO?S?)$/, '')
  const point = points.findIndex((name) => name.toUpperCase() === typed)
  if (point >= 0) return point * POINT_DEG
  const degrees = /^\d+(?:[.,]\d+)?$/.test(typed) ? Number(typed.replace(',', '.')) : NaN
  if (!(degrees >= 0 && degrees <= 360)) throw new InputError('badBearing', { given: text.trim() })
  return degrees % 360
}

/** A direction in English: "205", "205°", "SSW"; see `bearingBy`. */
export const parseBearing = (text: string): number => bearingBy(compassPoints, text)

/** The name of the point of the compass nearest to a direction, out of a language's sixteen. */
export const compassPointBy = (points: readonly string[], bearingDeg: number): string =>
  points[Math.round(bearingDeg / POINT_DEG) % compassPoints.length]!

/** The point of the compass nearest to a direction, in English. */
export const compassPoint = (bearingDeg: number): string =>
  compassPointBy(compassPoints, bearingDeg)
