import { addDays, memory, practice, published, reason, type Reason } from '../units'
import type { GrowthCourse } from './course'
import { lightYieldProvenance } from './light'
import type { Crop, FruitClass, Variety } from './varietySchema'

/** Fruit of a season over the canopy of an unrestricted plant in full sun, kg/m² (memory). */
const CROP_KG_M2: Readonly<Record<FruitClass, number>> = {
  currant: 7,
  cherry: 9,
  plum: 11,
  salad: 12,
  beefsteak: 12,
  block: 8,
  horn: 8,
  mildHot: 7,
  hot: 5,
  veryHot: 3,
  smallChilli: 3,
}

/** What an unrestricted plant in full sun crops in a season, kg, to within a half (memory). */
export const fullCropKg = ({ fruitClass, matureCanopyM2 }: Variety): number =>
  matureCanopyM2 * CROP_KG_M2[fruitClass]

/** A ripe fruit, g (memory). */
const FRUIT_G: Readonly<Record<FruitClass, number>> = {
  currant: 3,
  cherry: 14,
  plum: 60,
  salad: 85,
  beefsteak: 220,
  block: 140,
  horn: 60,
  mildHot: 25,
  hot: 12,
  veryHot: 9,
  smallChilli: 4,
}
/** What one fruit of a variety weighs, by its kind of fruit, g. */
export const fruitMassG = ({ fruitClass }: Variety): number => FRUIT_G[fruitClass]

/**
 * What a shortage of water takes off the crop, over the shortage.
 *
 * @source Doorenbos & Kassam 1979, FAO Irrigation and Drainage Paper 33
 */
const YIELD_RESPONSE: Readonly<Record<Crop, number>> = { tomato: 1.05, pepper: 1.1 }

/** A crop is told to within a half, either way (memory). */
const CROP_BAND_SHARE = 0.5

export interface CropWeek {
  /** First day of seven. */
  readonly from: string
  readonly cropKg: number
}

/** What a plant is expected to crop. */
export interface CropForecast {
  /** From planting to the end of the course, empty weeks left out. */
  readonly weeks: readonly CropWeek[]
  readonly totalKg: number
  readonly leastKg: number
  readonly mostKg: number
  readonly fruitCount: number
  readonly leastCount: number
  readonly mostCount: number
  /** Of what its pot and its light allow, what flowers, warmth and water left, 0–1. */
  readonly setShare: number
  readonly reasons: readonly Reason[]
}

const DAYS_A_WEEK = 7

/** Share of a truss that is ripe after this much warmth since its first ripe fruit. */
const ripened = (warmth: number, ripeAt: number, over: number) =>
  Math.max(0, Math.min(1, (warmth - ripeAt) / over))

/**
 * What one plant crops, week by week.
 *
 * Each truss or flush brings its part of what a plant with all it wants would
 * crop; less by its root room, by the light it had, by the flowers that did not
 * set in heat or cold, and by the water it went short of.
 */
export function cropForecast(course: GrowthCourse): CropForecast {
  const { plant, trusses, development, warmth, days } = course
  const { variety } = plant
  const eachKg = (fullCropKg(variety) * course.yield.perPlant) / development.usualTrusses
  const daily = new Float64Array(days)
  const response = YIELD_RESPONSE[variety.crop]
  for (const { ripeOn, pickedOn, ripeAt, setShare } of trusses)
    for (let day = ripeOn; day < Math.min(days, pickedOn + 1); day++) {
      const part =
        ripened(warmth[day]!, ripeAt, development.trussRipens) -
        ripened(warmth[day - 1] ?? 0, ripeAt, development.trussRipens)
      const shortage = response * (1 - course.waterShare[day]!)
      daily[day]! += eachKg * setShare * course.lightShare[day]! * part * Math.max(0, 1 - shortage)
    }
  const weeks: CropWeek[] = []
  for (let day = Math.max(0, course.plantedOn); day < days; day += DAYS_A_WEEK) {
    const cropKg = daily.subarray(day, day + DAYS_A_WEEK).reduce((sum, kg) => sum + kg, 0)
    if (cropKg > 0) weeks.push({ from: addDays(course.from, day), cropKg })
  }
  const totalKg = daily.reduce((sum, kg) => sum + kg, 0)
  const ripe = trusses.filter(({ ripeOn }) => ripeOn < days)
  const setShare = ripe.length
    ? ripe.reduce((sum, truss) => sum + truss.setShare, 0) / ripe.length
    : 0
  const lightShare = days > 0 ? course.lightShare[days - 1]! : 1
  const waterShare = days > 0 ? course.waterShare[days - 1]! : 1
  const leastKg = totalKg * (1 - CROP_BAND_SHARE)
  const mostKg = totalKg * (1 + CROP_BAND_SHARE)
  const fruits = (kg: number) => (kg * 1000) / fruitMassG(variety)
  return {
    weeks,
    totalKg,
    leastKg,
    mostKg,
    fruitCount: fruits(totalKg),
    leastCount: fruits(leastKg),
    mostCount: fruits(mostKg),
    setShare,
    reasons: [
      reason(
        'crop.full',
        { fullG: fullCropKg(variety) * 1000, fruitG: fruitMassG(variety) },
        memory,
      ),
      ...course.yield.reasons,
      reason('crop.light', { leftShare: lightShare }, lightYieldProvenance),
      reason(
        'crop.set',
        { setShare, ripeCount: ripe.length, trussCount: development.usualTrusses },
        memory,
      ),
      ...(waterShare < 0.995
        ? [
            reason(
              'crop.water',
              { waterShare, lostShare: response * (1 - waterShare) },
              published('Doorenbos & Kassam 1979, FAO Irrigation and Drainage Paper 33'),
            ),
          ]
        : []),
      reason('crop.band', { bandShare: CROP_BAND_SHARE }, practice),
    ],
  }
}
