import { daysBetween } from '../units'
import { developmentOf, type Development } from './development'
import type { Variety } from './varietySchema'

/** What was seen of a plant. */
export type Observation =
  | { readonly kind: 'height'; readonly date: string; readonly heightMm: number }
  | { readonly kind: 'firstFlower' | 'firstRipe'; readonly date: string }

/** Heights of one variety differ by about a fifth between plants; a tape by a tenth (memory). */
const PLANT_SD = 0.2
const TAPE_SD = 0.1
/** A plant is not twice as fast as its like, nor half. */
const PACE = { least: 0.5, most: 2 } as const

const within = (value: number, { least, most }: { least: number; most: number }) =>
  Math.max(least, Math.min(most, value))

/** A variety's development in the pot where an earlier season has told its pace. */
function developmentAt(variety: Variety, ripeShare: number): Development {
  const usual = developmentOf(variety)
  return {
    ...usual,
    flower: usual.flower * ripeShare,
    toSet: usual.toSet * ripeShare,
    toColour: usual.toColour * ripeShare,
    toRipe: usual.toRipe * ripeShare,
  }
}

/** When a plant's first flower and fruits come, by warmth from planting, as far as was seen. */
export interface OwnDevelopment extends Development {
  readonly isFlowerSeen: boolean
  readonly isRipeSeen: boolean
}

const firstDate = (observations: readonly Observation[], kind: Observation['kind']) =>
  observations
    .flatMap((one) => (one.kind === kind ? [one.date] : []))
    .sort()
    .at(0)

/**
 * A variety's development as one plant has shown it. A flower seen early or
 * late moves the plant to that day; most of that is how far it was when it was
 * planted, and half of its haste or delay over the whole way to ripe fruit, by
 * ratio, is taken to go on. Ripe fruit seen sets what its fruits need.
 *
 * @param warmth from planting to the evening of each day
 * @param from       first of these days
 * @param ripeShare  warmth that plants of this pot need to ripe fruit, over their variety's
 */
export function ownDevelopment(
  variety: Variety,
  observations: readonly Observation[],
  warmth: Float64Array,
  from: string,
  ripeShare = 1,
): OwnDevelopment {
  const usual = developmentAt(variety, ripeShare)
  const warmthOn = (date: string | undefined) => {
    const had = date === undefined ? undefined : warmth[daysBetween(from, date)]
    return had && had > 0 ? had : undefined
  }
  const flowered = warmthOn(firstDate(observations, 'firstFlower'))
  const ripened = warmthOn(firstDate(observations, 'firstRipe'))
  const wholeWay = usual.flower + usual.toRipe
  const pace =
    flowered !== undefined
      ? within((flowered + usual.toRipe) / wholeWay, PACE)
      : within((ripened ?? wholeWay) / wholeWay, PACE)
  const flower = flowered ?? usual.flower * pace
  const onward = Math.sqrt(pace)
  const toRipe =
    ripened !== undefined && ripened > flower ? ripened - flower : usual.toRipe * onward
  const ofFruit = toRipe / usual.toRipe
  return {
    established: Math.min(usual.established, flower / 2),
    flower,
    toSet: usual.toSet * ofFruit,
    toColour: usual.toColour * ofFruit,
    toRipe,
    betweenTrusses: usual.betweenTrusses * onward,
    usualTrusses: usual.usualTrusses,
    mostTrusses: usual.mostTrusses,
    trussRipens: usual.trussRipens,
    isFlowerSeen: flowered !== undefined,
    isRipeSeen: ripened !== undefined,
  }
}

/** How much taller a plant is than its like, and how surely that is known. */
export interface OwnHeight {
  readonly factor: number
  /** Of the height, one standard deviation either way, as a share. */
  readonly sdShare: number
  readonly measuredCount: number
}

/**
 * The plant's own height beside the model's, from what was measured: the mean
 * of the ratios, held back towards one as long as few are known.
 *
 * Normal in the logarithm, prior and measurement: the textbook sum of precisions.
 *
 * @param modelMm the model's height on a day, before correction; undefined outside it
 */
export function ownHeight(
  observations: readonly Observation[],
  modelMm: (date: string) => number | undefined,
): OwnHeight {
  const ratios = observations.flatMap((one) => {
    const expected = one.kind === 'height' ? modelMm(one.date) : undefined
    return one.kind === 'height' && expected ? [Math.log(one.heightMm / expected)] : []
  })
  const precision = 1 / PLANT_SD ** 2 + ratios.length / TAPE_SD ** 2
  const sum = ratios.reduce((total, ratio) => total + ratio, 0) / TAPE_SD ** 2
  return {
    factor: Math.exp(sum / precision),
    sdShare: Math.sqrt(1 / precision),
    measuredCount: ratios.length,
  }
}
