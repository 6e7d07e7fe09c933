import { daysBetween, published } from '../units'
import type { GrowthCourse } from './course'
import type { TrussCourse } from './trusses'
import { isVine } from './variety'
import type { Crop } from './varietySchema'

/** Lengths of the growth stages, days: initial, development, mid-season, late. */
const STAGE_DAYS: Readonly<Record<Crop, readonly [number, number, number, number]>> = {
  tomato: [30, 40, 45, 30],
  pepper: [30, 35, 40, 20],
}

/** Basal crop coefficient of a full canopy, and at the end of the late stage. */
const BASAL_COEFFICIENT: Readonly<Record<Crop, { mid: number; end: number }>> = {
  tomato: { mid: 1.1, end: 0.7 },
  pepper: { mid: 1.0, end: 0.8 },
}
export const basalProvenance = published('FAO Irrigation and Drainage Paper 56, Tables 11 and 17')

/** The way of a plant, in order. */
export const stages = [
  'notSown',
  'sown',
  'up',
  'prickedOut',
  'hardening',
  'planted',
  'established',
  'flowering',
  'set',
  'colouring',
  'cropping',
  'done',
] as const
export type Stage = (typeof stages)[number]
export type Ripeness = 'flower' | 'green' | 'ripe'

export interface Truss {
  readonly heightMm: number
  readonly ripeness: Ripeness
}

/** A plant on one day. */
export interface PlantGrowth {
  readonly stage: Stage
  /** It is in its container, and frost has not ended it. */
  readonly isStanding: boolean
  readonly daysSincePlanting: number
  readonly heightMm: number
  readonly canopyM2: number
  /** Basal crop coefficient over that canopy. */
  readonly basalCoefficient: number
  readonly trusses: readonly Truss[]
}

/** Seed is up about a week after sowing when warm, peppers later (practice). */
const UP_AFTER_DAYS: Readonly<Record<Crop, number>> = { tomato: 7, pepper: 10 }
/** Days from sowing to pricking out, where it was not recorded (memory). */
export const PRICKED_OUT_AFTER_DAYS: Readonly<Record<Crop, number>> = { tomato: 21, pepper: 28 }
/** Hardened off over 7–10 days (practice). */
export const HARDENING_DAYS = { least: 7, most: 10 } as const
/** From here on trusses are drawn with fruit and not with flowers, summer days after opening. */
const FLOWER_SHOWS_DAYS = 8

/**
 * Basal crop coefficient over the plant's own canopy.
 *
 * FAO's initial value of 0.15 is that of a field still mostly bare. Here the
 * canopy is counted by itself, so a young plant has the full value over its
 * small canopy; counting both would halve the water of a young plant twice. The
 * paper's stages are counted in days of a normal summer. A vine crops until
 * frost and does not decline.
 */
function basalCoefficient({ plant: { variety } }: GrowthCourse, warmth: number): number {
  const { mid, end } = BASAL_COEFFICIENT[variety.crop]
  if (isVine(variety)) return mid
  const [initial, development, midSeason, late] = STAGE_DAYS[variety.crop]
  const intoLate = (warmth - initial - development - midSeason) / late
  return mid + (end - mid) * Math.max(0, Math.min(1, intoLate))
}

function nurseryStage({ plant }: GrowthCourse, date: string): Stage {
  const { variety, plantedOn, sownOn, prickedOutOn } = plant
  if (sownOn === undefined || date < sownOn) return 'notSown'
  if (daysBetween(date, plantedOn) <= HARDENING_DAYS.most) return 'hardening'
  const age = daysBetween(sownOn, date)
  const isPricked = prickedOutOn
    ? date >= prickedOutOn
    : age >= PRICKED_OUT_AFTER_DAYS[variety.crop]
  if (isPricked) return 'prickedOut'
  return age >= UP_AFTER_DAYS[variety.crop] ? 'up' : 'sown'
}

function fruitStage(course: GrowthCourse, day: number): Stage {
  const { trusses, development, endsOn } = course
  const [first] = trusses
  const last = trusses.at(-1)
  const warmth = course.warmth[day]!
  if (day >= endsOn || (last && day >= last.pickedOn)) return 'done'
  if (first && day >= first.ripeOn) return 'cropping'
  if (first && day >= first.coloursOn) return 'colouring'
  if (warmth >= development.flower + development.toSet) return 'set'
  if (warmth >= development.flower) return 'flowering'
  return warmth >= development.established ? 'established' : 'planted'
}

function trussOn(course: GrowthCourse, truss: TrussCourse, day: number): Truss[] {
  if (day < truss.opensOn || day >= truss.pickedOn) return []
  const { warmth, development } = course
  const sinceOpen = warmth[day]! - (truss.ripeAt - development.toRipe)
  const ripeness =
    day >= truss.ripeOn ? 'ripe' : sinceOpen >= FLOWER_SHOWS_DAYS ? 'green' : 'flower'
  // Where no flower set, there is no fruit to see.
  if (ripeness !== 'flower' && truss.setShare < 0.1) return []
  return [{ heightMm: truss.heightMm, ripeness }]
}

/**
 * The leaf of a plant on a day of its course; undefined where none stands.
 *
 * @param isMorning before it was taken out, where that was on this day
 */
export function canopyOn(
  course: GrowthCourse,
  day: number,
  isMorning = false,
): Pick<PlantGrowth, 'canopyM2' | 'basalCoefficient'> | undefined {
  const lastDay = isMorning && course.endsOn < course.frostOn ? course.endsOn : course.endsOn - 1
  return day >= course.standsFrom && day <= lastDay
    ? {
        canopyM2: course.canopyM2[day]!,
        basalCoefficient: basalCoefficient(course, course.warmth[day]!),
      }
    : undefined
}

/** A plant as its course has it on a day; outside the course as at its end. */
export function growthOn(course: GrowthCourse, date: string): PlantGrowth {
  const index = daysBetween(course.from, date)
  const day = Math.max(0, Math.min(course.days - 1, index))
  const daysSincePlanting = daysBetween(course.plant.plantedOn, date)
  const isPlanted = daysSincePlanting >= 0 && index >= 0 && course.days > 0
  const stage = isPlanted ? fruitStage(course, day) : nurseryStage(course, date)
  const isStanding = isPlanted && day >= course.standsFrom && day < course.endsOn
  return {
    stage,
    isStanding,
    daysSincePlanting,
    heightMm: isPlanted ? course.heightMm[day]! : 0,
    canopyM2: isPlanted ? course.canopyM2[day]! : 0,
    basalCoefficient: basalCoefficient(course, isPlanted ? course.warmth[day]! : 0),
    trusses: isStanding ? course.trusses.flatMap((truss) => trussOn(course, truss, day)) : [],
  }
}
