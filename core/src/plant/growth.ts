import { daysBetween, published } from '../units'
import type { Crop, FruitClass, Variety } from './variety'

/**
 * Lengths of the growth stages from planting out, days: initial, development,
 * mid-season, late (tomato: Mediterranean, April–May; sweet pepper: Europe and
 * Mediterranean).
 */
const STAGE_DAYS: Readonly<Record<Crop, readonly [number, number, number, number]>> = {
  tomato: [30, 40, 45, 30],
  pepper: [30, 35, 40, 20],
}
export const stageProvenance = published('FAO Irrigation and Drainage Paper 56, Table 11')

/** Basal crop coefficient of a full canopy, and at the end of the late stage. */
const BASAL_COEFFICIENT: Readonly<Record<Crop, { mid: number; end: number }>> = {
  tomato: { mid: 1.1, end: 0.7 },
  pepper: { mid: 1.0, end: 0.8 },
}
export const basalProvenance = published('FAO Irrigation and Drainage Paper 56, Table 17')

export type Stage = 'notPlanted' | 'establishing' | 'growing' | 'flowering' | 'cropping'
export type Ripeness = 'flower' | 'green' | 'ripe'

export interface Truss {
  readonly heightMm: number
  readonly ripeness: Ripeness
}

/** A plant on one day. */
export interface PlantGrowth {
  readonly stage: Stage
  readonly daysSincePlanting: number
  readonly heightMm: number
  readonly canopyM2: number
  /** Basal crop coefficient over that canopy. */
  readonly basalCoefficient: number
  readonly trusses: readonly Truss[]
}

/** Tomatoes and peppers go out 13–20 cm tall (practice). */
const PLANTED_HEIGHT_MM = 160
/** A flower takes so long to a ripe fruit (memory). */
const FLOWER_TO_RIPE_DAYS = 45
/** A vine opens about a truss a week (memory). */
const DAYS_BETWEEN_TRUSSES = 8
/** A ripe truss is picked within so many days. */
const PICKED_AFTER_DAYS = 14
/** First truss, and the steps between, as shares of the grown height (memory). */
const FIRST_TRUSS = 0.2
const TRUSS_STEP = 0.115

/**
 * How far a plant has grown, 0–1: an S-curve through the first two stages of
 * FAO 56, half way in their middle and nearly done at their end.
 */
function progress(crop: Crop, days: number): number {
  const [initial, development] = STAGE_DAYS[crop]
  const grownDays = initial + development
  const logistic = (day: number) => 1 / (1 + Math.exp(-(day - grownDays / 2) / (grownDays / 8)))
  const atStart = logistic(0)
  return Math.max(0, (logistic(days) - atStart) / (1 - atStart))
}

/**
 * Basal crop coefficient over the plant's own canopy.
 *
 * FAO's initial value of 0.15 is that of a field still mostly bare. Here the
 * canopy is counted by itself, so a young plant has the full value over its
 * small canopy; counting both would halve the water of a young plant twice. A
 * vine crops until frost and does not decline.
 */
function basalCoefficient(variety: Variety, days: number): number {
  const { mid, end } = BASAL_COEFFICIENT[variety.crop]
  const [initial, development, midSeason, late] = STAGE_DAYS[variety.crop]
  if (variety.habit === 'indeterminate') return mid
  const intoLate = (days - initial - development - midSeason) / late
  return mid + (end - mid) * Math.max(0, Math.min(1, intoLate))
}

function stageOn(variety: Variety, days: number): Stage {
  if (days < 0) return 'notPlanted'
  if (days >= variety.daysToMaturity) return 'cropping'
  if (days >= variety.daysToMaturity - FLOWER_TO_RIPE_DAYS) return 'flowering'
  return days >= STAGE_DAYS[variety.crop][0] / 2 ? 'growing' : 'establishing'
}

function trussesOn(variety: Variety, days: number, heightMm: number, grownMm: number): Truss[] {
  const trusses: Truss[] = []
  for (let index = 0; index < 8; index++) {
    const trussMm = grownMm * (FIRST_TRUSS + TRUSS_STEP * index)
    const ripeDay = variety.daysToMaturity + DAYS_BETWEEN_TRUSSES * index
    const untilRipe = ripeDay - days
    if (trussMm > heightMm * 0.95 || untilRipe > FLOWER_TO_RIPE_DAYS) break
    if (untilRipe < -PICKED_AFTER_DAYS) continue
    const ripeness =
      untilRipe <= 0 ? 'ripe' : untilRipe <= FLOWER_TO_RIPE_DAYS - 8 ? 'green' : 'flower'
    trusses.push({ heightMm: trussMm, ripeness })
  }
  return trusses
}

/**
 * Height, leaf and fruit of a plant on a day.
 *
 * A plant kept small by its pot is smaller all over: its height goes with the
 * cube root of its mass and its canopy with the square of that.
 *
 * @param plantedOn day it was planted out
 * @param on        day asked for
 * @param massShare its mass beside that of an unrestricted plant, 0–1
 */
export function plantGrowth(
  variety: Variety,
  plantedOn: string,
  on: string,
  massShare: number,
): PlantGrowth {
  const days = daysBetween(plantedOn, on)
  const grown = progress(variety.crop, days)
  const grownMm = variety.matureHeightMm * Math.cbrt(massShare)
  const startMm = Math.min(PLANTED_HEIGHT_MM, grownMm / 2)
  const heightMm = startMm + (grownMm - startMm) * grown
  const canopyAtStart = 0.03
  return {
    stage: stageOn(variety, days),
    daysSincePlanting: days,
    heightMm,
    canopyM2:
      variety.matureCanopyM2 *
      Math.cbrt(massShare) ** 2 *
      (canopyAtStart + (1 - canopyAtStart) * grown),
    basalCoefficient: basalCoefficient(variety, days),
    trusses: trussesOn(variety, days, heightMm, grownMm),
  }
}

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

/** Of the area that leaves draw water for, so much lies under them; the rest is sides (memory). */
const UNDER_LEAVES = 0.6

/**
 * Across the leaves of some grown plants that stand together, seen from above, mm.
 *
 * @param massShare of each beside an unrestricted plant, 0–1
 */
export const crownAcrossMm = (
  { matureCanopyM2 }: Variety,
  massShare: number,
  count: number,
): number =>
  2000 * Math.sqrt((UNDER_LEAVES * count * matureCanopyM2 * Math.cbrt(massShare) ** 2) / Math.PI)

/** Fresh mass of leaf and stem over the canopy of a grown plant, kg/m² (memory, from greenhouse crops). */
const LEAF_MASS_KG_M2 = 7
/** Fruit that hangs at once, beside leaf and stem (memory). */
const FRUIT_OVER_LEAF: Readonly<Record<Crop, number>> = { tomato: 1, pepper: 0.6 }

/**
 * Fresh mass of a grown plant with the fruit that hangs on it at once.
 *
 * @param massShare beside an unrestricted plant, 0–1
 * @returns kg, to within a third
 */
export function grownPlantKg({ crop, matureCanopyM2 }: Variety, massShare: number): number {
  return matureCanopyM2 * massShare * LEAF_MASS_KG_M2 * (1 + FRUIT_OVER_LEAF[crop])
}
