import { memory } from '../../units'
import type { Site } from '../referenceEvapotranspiration'
import type { MonthNormal } from './normalsSchema'

export const usualNormalsProvenance = memory

/** How much colder it is higher up, K/m (memory: standard lapse rate). */
const LAPSE_K_M = 0.0065
const MONTHS = 12
/** Middle of the warmest time of the year after the solstice, in months, July 0.5 (memory). */
const WARMEST_MONTH = { inland: 6.5, coastal: 6.9 } as const
/** Half of summer less winter, K for each degree of latitude (memory). */
const YEAR_K_DEG = { inland: 0.27, coastal: 0.19 } as const
/** Half of day less night, K (memory). */
const DAY_K = { inland: 5.5, coastal: 4 } as const

/**
 * Normals where nothing is known but where the place lies: its latitude, its
 * height and whether a sea is near. Over ten towns from
 * Edmonton to Singapore the months are off by 4 K (root mean square) or less in
 * eight, by up to 7 K in deserts and on mild western coasts; rain is a mere guess.
 */
export function usualNormals({ latitudeDeg, elevationM, coastal }: Site): MonthNormal[] {
  const kind = coastal ? 'coastal' : 'inland'
  const away = Math.abs(latitudeDeg)
  const yearC = 27 - 0.0068 * away ** 2 - LAPSE_K_M * Math.max(0, elevationM)
  const halfYear = latitudeDeg < 0 ? MONTHS / 2 : 0
  return Array.from({ length: MONTHS }, (_, month) => {
    const way = ((month + 0.5 - WARMEST_MONTH[kind] - halfYear) / MONTHS) * 2 * Math.PI
    const meanC = yearC + YEAR_K_DEG[kind] * away * Math.cos(way)
    return { tempMaxC: meanC + DAY_K[kind], tempMinC: meanC - DAY_K[kind], rainMm: 60, wetDays: 8 }
  })
}
