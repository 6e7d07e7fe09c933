import { InputError, measureMl, type MeasureName, type Measures, type UnitSystem } from '../units'
import { isInWater, isSoluble } from './product'
import type { FeedProduct, LabelRate, Placement } from './productSchema'

/** What a dose goes by of a container. */
export interface DosedPot {
  readonly fillVolumeL: number
  readonly surfaceM2: number
  readonly hasReservoir: boolean
}

/** What a label says for one pot, g. */
export interface LabelDose {
  readonly massG: number
  readonly mostG: number
}

/**
 * What a level spoon, cup or handful of a product weighs, g.
 *
 * @throws InputError `densityUnknown` where no spoon of it was weighed: it is not guessed
 */
export function spoonMassG(
  product: Pick<FeedProduct, 'id' | 'densityGMl'>,
  measure: MeasureName,
  system: UnitSystem,
  measures: Measures,
): number {
  if (product.densityGMl === undefined)
    throw new InputError('densityUnknown', { given: product.id })
  return measureMl(measure, system, measures) * product.densityGMl
}

/** Grams of an amount that a label may print in mL. */
function inGrams(amount: number, unit: 'g' | 'ml', product: FeedProduct): number {
  if (unit === 'g') return amount
  if (product.densityGMl === undefined)
    throw new InputError('densityUnknown', { given: product.id })
  return amount * product.densityGMl
}

/** What a rate that speaks of water comes to, g in a litre: as the label says, and at most. */
export function labelStrengthGL(
  rate: LabelRate,
  product: FeedProduct,
): { readonly gramsL: number; readonly mostGL: number } {
  const one = (gramsL: number, mostGL = gramsL) => ({ gramsL, mostGL })
  switch (rate.kind) {
    case 'perLitreWater':
      return one(
        inGrams(rate.amount, rate.unit, product),
        inGrams(rate.mostAmount ?? rate.amount, rate.unit, product),
      )
    case 'perCan':
      if (!(rate.canL > 0)) throw new InputError('emptyCan', { given: rate.canL })
      return one(inGrams(rate.amount, rate.unit, product) / rate.canL)
    case 'dilution':
      return one(inGrams(1000 / (rate.waterParts + 1), 'ml', product))
    case 'capful':
      if (!(rate.canL > 0)) throw new InputError('emptyCan', { given: rate.canL })
      return one(inGrams(rate.caps * rate.capMl, 'ml', product) / rate.canL)
    default:
      return one(0)
  }
}

/** What a rate that speaks of the pot comes to for this one, g: as the label says, and at most. */
export function labelMassG(
  rate: LabelRate,
  { fillVolumeL, surfaceM2 }: Pick<DosedPot, 'fillVolumeL' | 'surfaceM2'>,
): { readonly massG: number; readonly mostG: number } {
  const times = (by: number, { massG, mostG }: { massG: number; mostG?: number | undefined }) => ({
    massG: massG * by,
    mostG: (mostG ?? massG) * by,
  })
  switch (rate.kind) {
    case 'perLitreMix':
      return times(fillVolumeL, rate)
    case 'perM2':
      return times(surfaceM2, rate)
    case 'perPot':
      return times(fillVolumeL / rate.potVolumeL, rate)
    default:
      return { massG: 0, mostG: 0 }
  }
}

/** Of its mix, what a pot takes of a feed before it drains (practice: a tenth, until it drips). */
const WETS_SHARE = 0.1

/**
 * Litres of solution that carry a feed to a pot: as much as wets it, the same on
 * whatever day it is given, so that what is judged is what is told.
 *
 * @example solutionL({ fillVolumeL: 19, surfaceM2: 0.07, hasReservoir: false }) // => 1.9
 */
export const solutionL = ({ fillVolumeL }: Pick<DosedPot, 'fillVolumeL'>): number =>
  WETS_SHARE * fillVolumeL

/** The label's rate for the can; undefined where it has none, or the product does not dissolve. */
export const canRateOf = (product: FeedProduct): LabelRate | undefined =>
  isSoluble(product) ? product.rates.find(isInWater) : undefined

/** Rates of the label that speak of the pot, for one way of giving it. */
const potRatesOf = ({ rates }: FeedProduct, placement: Placement | undefined) =>
  rates.filter(
    (rate) =>
      !isInWater(rate) &&
      !(rate.kind === 'perPot' && rate.placement !== undefined && rate.placement !== placement),
  )

/**
 * What the label says for this pot, g: dissolved where it has a rate for the can.
 * Undefined where it says nothing.
 *
 * @param placement how it is to be given, where a rate holds for that only
 * @throws InputError `densityUnknown` where it speaks of millilitres and nobody weighed one
 */
export function labelDose(
  product: FeedProduct,
  pot: DosedPot,
  volumeL: number,
  placement?: Placement,
): LabelDose | undefined {
  const inCan = canRateOf(product)
  if (inCan) {
    const { gramsL, mostGL } = labelStrengthGL(inCan, product)
    return { massG: gramsL * volumeL, mostG: mostGL * volumeL }
  }
  const rates = potRatesOf(product, placement)
  // A rate for just this way comes before those for any.
  const rate = rates.find((one) => 'placement' in one && one.placement) ?? rates[0]
  return rate && labelMassG(rate, pot)
}

/** The most that a label allows in a litre of mix, g; undefined where it does not speak of mix. */
export function mostInMixGL({ rates }: FeedProduct): number | undefined {
  const rate = rates.find((one) => one.kind === 'perLitreMix')
  return rate && (rate.mostG ?? rate.massG)
}

/** The most that any of a label's rates allows of a mass, g: it may be strewn as well as dissolved. */
export function mostByLabelG(
  product: FeedProduct,
  pot: DosedPot,
  volumeL: number,
  placement?: Placement,
): number | undefined {
  const most = [
    labelDose(product, pot, volumeL, placement)?.mostG,
    ...potRatesOf(product, placement).map((rate) => labelMassG(rate, pot).mostG),
  ].filter((one) => one !== undefined)
  return most.length ? Math.max(...most) : undefined
}
