import { cropForecast, type Variety } from '../../plant'
import { addDays } from '../../units'
import type { PotCourse } from '../course'

/** A forecast and how far either way it may be, kg. */
export interface Band {
  readonly least: number
  readonly middle: number
  readonly most: number
}
export const NO_CROP: Band = { least: 0, middle: 0, most: 0 }

export const plus = (one: Band, other: Band): Band => ({
  least: one.least + other.least,
  middle: one.middle + other.middle,
  most: one.most + other.most,
})

/** A crop is told to within a half: two standard deviations of it (memory, as in the forecast). */
export const CROP_SD_SHARE = 0.25

/** What the plants of one planting are expected to give on a day. */
export interface ExpectedDay {
  readonly containerId: string
  readonly variety: Variety
  readonly date: string
  readonly kg: Band
}

/** What the plants of some pots are expected to give, day by day. */
export function* expectedDays(pots: readonly PotCourse[]): Generator<ExpectedDay> {
  for (const { plants } of pots)
    for (const { course, planting, variety } of plants) {
      const { weeks, totalKg, leastKg, mostKg } = cropForecast(course)
      const { containerId, count } = planting
      for (const { from, cropKg } of weeks) {
        const middle = (cropKg / 7) * count
        const kg = {
          least: (middle * leastKg) / totalKg,
          middle,
          most: (middle * mostKg) / totalKg,
        }
        for (let day = 0; day < 7; day++)
          yield { containerId, variety, date: addDays(from, day), kg }
      }
    }
}
