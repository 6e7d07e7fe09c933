import { memory } from '../../units'
import type { MonthNormal } from '../generator'
import type { Site } from '../referenceEvapotranspiration'
import { AMERICAS } from './americas'
import { ELSEWHERE } from './elsewhere'
import { EUROPE } from './europe'

/** A place whose climate is known. */
export interface ReferencePlace extends Site {
  readonly name: string
  readonly longitudeDeg: number
  /** January first. */
  readonly normals: readonly MonthNormal[]
}

/**
 * Rounded as climate tables give them, mostly of 1981–2010 or 1991–2020. Written down
 * from memory: single months may be off by a degree, and rain by a quarter.
 */
export const referencePlacesProvenance = memory

const numbersIn = (text: string) => text.split(' ').map(Number)

/**
 * One line of the table: name, latitude, longitude, °, height, m, `c` on the coast or `i`,
 * then for each month mean highest and lowest, °C, rain, mm, and days with rain.
 */
function placeIn(line: string): ReferencePlace {
  const [name = '', latitude, longitude, elevation, coast, ...months] = line.split('|')
  const [highs = [], lows = [], rains = [], wetDays = []] = months.map(numbersIn)
  return {
    name,
    latitudeDeg: Number(latitude),
    longitudeDeg: Number(longitude),
    elevationM: Number(elevation),
    coastal: coast === 'c',
    normals: highs.map((tempMaxC, month) => ({
      tempMaxC,
      tempMinC: lows[month]!,
      rainMm: rains[month]!,
      wetDays: wetDays[month]!,
    })),
  }
}

/** Places over all climates that people live in. */
export const referencePlaces: readonly ReferencePlace[] = [EUROPE, AMERICAS, ELSEWHERE].flatMap(
  (part) => part.trim().split('\n').map(placeIn),
)
