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
 * A direction as people say it: "205", "205°", "SSW".
 *
 * @returns degrees clockwise from north, 0 to under 360
 * @throws InputError `badBearing`
 */
export function parseBearing(text: string): number {
  const typed = tidied(text)
    .toUpperCase()
    .replace(/\s*(?:°|DEG(?:REES?)?\.?)$/, '')
  const point = compassPoints.findIndex((name) => name === typed)
  if (point >= 0) return point * POINT_DEG
  const degrees = /^\d+(?:[.,]\d+)?$/.test(typed) ? Number(typed.replace(',', '.')) : NaN
  if (!(degrees >= 0 && degrees <= 360)) throw new InputError('badBearing', { given: text.trim() })
  return degrees % 360
}

/** The point of the compass nearest to a direction. */
export const compassPoint = (bearingDeg: number): string =>
  compassPoints[Math.round(bearingDeg / POINT_DEG) % compassPoints.length]!
