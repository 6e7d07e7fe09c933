import { max } from 'd3-array'
import { memory, practice, reason } from '../units'
import { doseFor, placementOf, strengthGL, toldIn, type FeedDose } from './dose'
import { labelToElements } from './label'
import {
  canRateOf,
  labelDose,
  labelStrengthGL,
  mostByLabelG,
  solutionL,
  type DosedPot,
} from './labelDose'
import type { FedPot, FeedEvent } from './fedPot'
import type { FeedTools } from './measuredOut'
import type { FeedPlan } from './plan'
import { isFeed, isHomeMade, isInWater, isSoluble } from './product'
import type { FeedProduct } from './productSchema'
import { programmes, type ProgrammeStep, type StepDose } from './schools'

/** A step of a programme as the gardener adjusted it. */
export interface BentStep extends ProgrammeStep {
  /** Times as strong as the school has it. */
  readonly strength: number
}

/** A programme as the gardener adjusted it. */
export const stepsOf = (plan: FeedPlan): readonly BentStep[] =>
  programmes[plan.programmeId].map((one, index) => ({
    ...one,
    strength: plan.strength ?? 1,
    // Its first product is the one that is chosen; the others are what makes the school.
    ...(index === 0 && plan.productId !== undefined && { productId: plan.productId }),
    ...(index === 0 && plan.lateProductId !== undefined && { lateProductId: plan.lateProductId }),
    ...(plan.everyDays !== undefined &&
      one.everyDays > 0 &&
      one.everyDays < 365 && { everyDays: plan.everyDays }),
  }))

/** Why a step of a programme cannot use a product. */
export const stepFaults = [
  'notFeed',
  'notSoluble',
  'notStrewn',
  'bringsNone',
  'noLabel',
  'densityUnknown',
] as const
export type StepFault = (typeof stepFaults)[number]

/** A rate in millilitres, or by parts, asks what a millilitre weighs. */
const speaksOfMl = (rate: FeedProduct['rates'][number]): boolean =>
  rate.kind === 'dilution' || rate.kind === 'capful' || ('unit' in rate && rate.unit === 'ml')

/** Whether its label can be told for a pot, and why not. */
function labelFault(product: FeedProduct): StepFault | undefined {
  const inCan = canRateOf(product)
  if (inCan)
    return speaksOfMl(inCan) && product.densityGMl === undefined ? 'densityUnknown' : undefined
  return product.rates.some((rate) => !isInWater(rate)) ? undefined : 'noLabel'
}

/**
 * What keeps a step from using a product; undefined where it can.
 *
 * @example stepFault({ kind: 'strength', ppm: 100 }, epsomSalt) // => 'bringsNone'
 */
export function stepFault(dose: StepDose, product: FeedProduct): StepFault | undefined {
  if (!isFeed(product) || product.form === 'lime') return 'notFeed'
  switch (dose.kind) {
    case 'strength': {
      if (!isSoluble(product)) return 'notSoluble'
      if (!(labelToElements(product.analysis)[toldIn(product)] > 0)) return 'bringsNone'
      return canRateOf(product) ? labelFault(product) : undefined
    }
    case 'label':
      return dose.isInCan && !isSoluble(product) ? 'notSoluble' : labelFault(product)
    case 'volume':
      if (isSoluble(product)) return 'notStrewn'
      return product.densityGMl === undefined ? 'densityUnknown' : undefined
    case 'perLitreMix':
      return isSoluble(product) ? 'notStrewn' : undefined
  }
}

/** A step's product that it cannot use, and why. */
export interface UnusableProduct {
  readonly productId: string
  readonly fault: StepFault
}

/** A mass that stops at the most its label allows for this pot. */
function upToLabel(massG: number, most: number | undefined) {
  const limitG = most ?? Infinity
  return { massG: Math.min(massG, limitG), isCapped: massG > limitG * (1 + 1e-9) }
}

/**
 * A step's dose for a pot: what the school says, no more than the label allows,
 * and that times as strong as the gardener insists.
 *
 * The step must be able to use the product: `stepFault` is undefined.
 */
export function stepDose(
  step: BentStep,
  product: FeedProduct,
  pot: DosedPot,
  tools: FeedTools,
): FeedDose {
  const { dose, strength, placement, labelShare = 1 } = step
  const volumeL = solutionL(pot)
  const rate = canRateOf(product)
  const hasLabel = !isHomeMade(product)
  const inCan = (gramsL: number, mostGL: number) => {
    const { massG, isCapped } = upToLabel(gramsL, hasLabel ? mostGL * labelShare : undefined)
    const aim = { kind: 'litres', volumeL, gramsL: massG * strength } as const
    return told(doseFor(pot, product, aim, tools), isCapped)
  }
  const strewn = (schoolG: number) => {
    const way = placement ?? placementOf(product, pot)
    const { massG, isCapped } = upToLabel(
      schoolG,
      hasLabel ? mostByLabelG(product, pot, volumeL, way) : undefined,
    )
    const aim = { kind: 'mass', massG: massG * strength, placement } as const
    return told(doseFor(pot, product, aim, tools), isCapped)
  }
  switch (dose.kind) {
    case 'strength':
      return inCan(
        strengthGL(product, dose.ppm),
        rate ? labelStrengthGL(rate, product).mostGL : Infinity,
      )
    case 'label': {
      if (!rate) return strewn((labelDose(product, pot, volumeL)?.massG ?? 0) * dose.times)
      const { gramsL, mostGL } = labelStrengthGL(rate, product)
      return inCan(gramsL * dose.times, mostGL)
    }
    case 'volume': {
      const given = strewn(
        ((dose.ml * (product.densityGMl ?? 0)) / dose.forVolumeL) * pot.fillVolumeL,
      )
      const scales = reason(
        'feed.cupScales',
        { cupL: dose.ml / 1000, forVolumeL: dose.forVolumeL, fillVolumeL: pot.fillVolumeL },
        practice,
      )
      return { ...given, reasons: [scales, ...given.reasons] }
    }
    case 'perLitreMix':
      return strewn(dose.gramsL * pot.fillVolumeL)
  }
}

const told = (dose: FeedDose, isCapped: boolean): FeedDose =>
  isCapped ? { ...dose, reasons: [reason('feed.stopsAtLabel', {}, memory), ...dose.reasons] } : dose

/** Product of a step on a day. */
export const productOn = (
  { productId, lateProductId }: ProgrammeStep,
  day: number,
  flowersOn: number,
): string => (lateProductId !== undefined && day >= flowersOn ? lateProductId : productId)

/** A solution waits so many days for one on which the pot is watered anyway. */
export const WAITS_DAYS = 3
/** What only makes sense at its time, and was not given then, is given up after so many days. */
const LAPSED_DAYS = 21
/** What is strewn so late comes when its plants are gone (memory). */
const TOO_LATE_DAYS = 28

/** When a step is due next, and how often it was given so far. */
export interface StepDue {
  readonly dueOn: number
  readonly count: number
}

/**
 * When a step is next due, by what was given of its products so far; undefined
 * where it is over.
 *
 * @param given     in the order of the records or any other
 * @param plantedOn day from which it counts
 * @param day       as things stand on this day
 * @param to        last day that is fed
 */
export function stepDue(
  step: ProgrammeStep,
  given: readonly Pick<FeedEvent, 'day' | 'product' | 'isInMix'>[],
  plantedOn: number,
  day: number,
  to: number,
): StepDue | undefined {
  const own = given.filter(
    (one) =>
      !one.isInMix &&
      one.day >= plantedOn &&
      one.day <= day &&
      (one.product.id === step.productId || one.product.id === step.lateProductId),
  )
  const count = own.length
  if (count >= (step.times ?? Infinity)) return undefined
  const dueOn = count
    ? max(own, (one) => one.day)! + Math.max(1, step.everyDays)
    : plantedOn + step.firstDay
  const isLapsed = step.times !== undefined && day - dueOn > LAPSED_DAYS
  return isLapsed || isOver(step, dueOn, count, to) ? undefined : { dueOn, count }
}

/** Whether a step comes to its end before a day. */
const isOver = (
  { times = Infinity, leastTimes }: ProgrammeStep,
  day: number,
  count: number,
  to: number,
): boolean =>
  day > to ||
  count >= times ||
  (leastTimes !== undefined && count >= leastTimes && to - day < TOO_LATE_DAYS)

/** First day from one on that the pot is watered by hand; undefined where it is not by the last. */
function wateredFrom(pouredL: Float64Array, day: number, last: number): number | undefined {
  for (let on = Math.max(0, day); on <= last; on++) if ((pouredL[on] ?? 0) > 0.05) return on
  return undefined
}

/**
 * The day on which a solution that is due goes to a pot: with its water, or by
 * itself where that is far off. A reservoir has room for it on any day.
 */
export const solutionDay = (fed: FedPot, dueOn: number): number =>
  fed.hasReservoir
    ? dueOn
    : (wateredFrom(pouredOf(fed), dueOn, dueOn + WAITS_DAYS) ?? dueOn + WAITS_DAYS)

const pouredOf = ({ pouredL, givenL }: FedPot) => pouredL ?? givenL

/**
 * Days on which a step is given from a day on, if each is given as it falls due.
 *
 * @param from,to       first and last day
 * @param isDissolvedOn whether what it gives on a day is carried in water
 */
export function stepDays(
  step: ProgrammeStep,
  first: StepDue,
  { fed, from, to }: { readonly fed: FedPot; readonly from: number; readonly to: number },
  isDissolvedOn: (day: number) => boolean,
): number[] {
  const days: number[] = []
  let { count } = first
  let due = Math.max(first.dueOn, from)
  while (!isOver(step, due, count, to)) {
    const on =
      step.everyDays === 0
        ? wateredFrom(pouredOf(fed), due, to)
        : isDissolvedOn(due)
          ? solutionDay(fed, due)
          : due
    if (on === undefined || on > to) break
    days.push(on)
    count++
    due = on + Math.max(1, step.everyDays)
  }
  return days
}
