import {
  inMeasures,
  InputError,
  measureMl,
  memory,
  pouredIn,
  practice,
  reason,
  type Measured,
  type MeasureName,
  type Measures,
  type Reason,
  type UnitSystem,
} from '../units'
import { labelToElements, nutrientsIn, type Nutrient, type NutrientAmounts } from './label'
import {
  isInWater,
  isSoluble,
  productProvenance,
  type FeedProduct,
  type LabelRate,
  type Placement,
} from './product'
import { solutionStrength, sonneveld, type SolutionStrength } from './solution'
import type { WaterSource } from './waterSource'

/** What a dose goes by of a container. */
export interface DosedPot {
  readonly fillVolumeL: number
  readonly surfaceM2: number
  readonly hasReservoir: boolean
  /** Solution that the pot takes now without running out below, L. */
  readonly takesL: number
}

/** The gardener's own tools. */
export interface FeedTools {
  readonly system: UnitSystem
  readonly measures: Measures
  readonly water: WaterSource
}

/** What a dose is to do. */
export type DoseAim =
  | { readonly kind: 'label' }
  | { readonly kind: 'mass'; readonly massG: number }
  /** Bring so much of a nutrient. */
  | { readonly kind: 'nutrient'; readonly nutrient: Nutrient; readonly massG: number }
  /** So many litres of a solution that is so strong. */
  | { readonly kind: 'litres'; readonly volumeL: number; readonly gramsL: number }
  /** Be so strong in nitrogen, or in potassium where there is none, mg/L. */
  | { readonly kind: 'strength'; readonly ppm: number }

/** A dose as it is weighed, measured and carried. */
export interface FeedDose {
  readonly product: FeedProduct
  readonly massG: number
  /** Of a liquid, mL. */
  readonly volumeMl: number | undefined
  /** In the gardener's spoons and hands; undefined where nobody weighed a spoon of it. */
  readonly measure: Measured | undefined
  readonly bringsG: NutrientAmounts
  /** Beside what its label allows at once; undefined where the label says nothing. */
  readonly timesLabel: number | undefined
  /** Dissolved: what goes into each can, how many, and how strong it is. */
  readonly solution:
    | {
        readonly volumeL: number
        readonly gramsL: number
        readonly gPerCan: number
        readonly mlPerCan: number | undefined
        readonly canMeasure: Measured | undefined
        readonly cans: number
        readonly strength: SolutionStrength
      }
    | undefined
  readonly placement: Placement
  readonly reasons: readonly Reason[]
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

/** What the label says for this pot, g; where it is dissolved, in as much solution. Undefined where it says nothing. */
export function labelDose(
  product: FeedProduct,
  pot: DosedPot,
  volumeL: number,
): { readonly massG: number; readonly mostG: number } | undefined {
  const inCan = product.rates.find(isInWater)
  if (inCan && isSoluble(product)) {
    const { gramsL, mostGL } = labelStrengthGL(inCan, product)
    return { massG: gramsL * volumeL, mostG: mostGL * volumeL }
  }
  const rate = product.rates.find((one) => !isInWater(one))
  return rate && labelMassG(rate, pot)
}

const MOST_HANDFULS = 8

/** A mass of a product as it is measured out: in spoons and hands, and a liquid in mL. */
export function measuredOut(
  { form, densityGMl }: FeedProduct,
  massG: number,
  { system, measures }: Pick<FeedTools, 'system' | 'measures'>,
): { readonly measure: Measured | undefined; readonly volumeMl: number | undefined } {
  if (densityGMl === undefined || !(massG > 0)) return { measure: undefined, volumeMl: undefined }
  const volumeMl = massG / densityGMl
  // What takes many hands is measured by the litre.
  if (form !== 'liquid' && volumeMl > MOST_HANDFULS * measures.handfulMl)
    return { measure: undefined, volumeMl }
  return form === 'liquid'
    ? { measure: pouredIn(volumeMl, system, measures), volumeMl }
    : { measure: inMeasures(massG, densityGMl, system, measures), volumeMl: undefined }
}

/** Solution is given until it starts to run out; on a wet pot at least so much of its volume (memory). */
const LEAST_SOLUTION_SHARE = 0.06

/** Litres of solution that carry a feed to a pot: what it takes, and a little on a wet one. */
export const solutionL = ({ fillVolumeL, takesL }: DosedPot): number =>
  Math.max(takesL, LEAST_SOLUTION_SHARE * fillVolumeL)

/** How a product is brought to the roots of this pot. */
export function placementOf(product: FeedProduct, { hasReservoir }: DosedPot): Placement {
  const isStrewn = product.placement === 'ring' || product.placement === 'throughUpperTwoThirds'
  // Above a reservoir water never washes it down: it lies dry at the rim and is drawn from there.
  return hasReservoir && isStrewn && product.form === 'mineralGranules'
    ? 'dryRimRing'
    : product.placement
}

/** Nitrogen where it has some, else potassium: what a strength is told in. */
const toldIn = (product: FeedProduct): Nutrient =>
  labelToElements(product.analysis).n > 0 ? 'n' : 'k'

function massFor(product: FeedProduct, pot: DosedPot, aim: DoseAim, volumeL: number): number {
  const percent = labelToElements(product.analysis)
  switch (aim.kind) {
    case 'mass':
      return aim.massG
    case 'litres':
      return aim.gramsL * aim.volumeL
    case 'label':
      return labelDose(product, pot, volumeL)?.massG ?? 0
    case 'nutrient': {
      const share = percent[aim.nutrient] / 100
      if (!(share > 0)) throw new InputError('bringsNone', { given: aim.nutrient })
      return aim.massG / share
    }
    case 'strength': {
      const share = percent[toldIn(product)]
      if (!(share > 0)) throw new InputError('bringsNone', { given: toldIn(product) })
      return (aim.ppm * volumeL) / (share * 10)
    }
  }
}

/**
 * A dose of a product for one container: grams, spoons, what goes into each can
 * and how strong that is, how to give it, and how it stands to the label.
 *
 * @param tools the gardener's spoons, can and water
 * @throws InputError `negativeAmount`, `bringsNone`, `emptyCan`, and `densityUnknown` where a
 *   label speaks of millilitres and nobody weighed one
 */
export function doseFor(
  container: DosedPot,
  product: FeedProduct,
  aim: DoseAim,
  tools: FeedTools,
): FeedDose {
  const { measures, water } = tools
  if (!(measures.canL > 0)) throw new InputError('emptyCan', { given: measures.canL })
  const volumeL = aim.kind === 'litres' ? aim.volumeL : solutionL(container)
  const massG = massFor(product, container, aim, volumeL)
  if (!(massG >= 0)) throw new InputError('negativeAmount', { given: massG })
  const label = labelDose(product, container, volumeL)
  const gramsL = volumeL > 0 ? massG / volumeL : 0
  const gPerCan = gramsL * measures.canL
  const out = measuredOut(product, massG, tools)
  const inCan = measuredOut(product, gPerCan, tools)
  return {
    product,
    massG,
    ...out,
    bringsG: nutrientsIn(product.analysis, massG),
    timesLabel: label && label.mostG > 0 ? massG / label.mostG : undefined,
    solution: isSoluble(product)
      ? {
          volumeL,
          gramsL,
          gPerCan,
          mlPerCan: inCan.volumeMl,
          canMeasure: inCan.measure,
          cans: volumeL / measures.canL,
          strength: solutionStrength([{ product, gramsL }], water),
        }
      : undefined,
    placement: placementOf(product, container),
    reasons: [
      ...(label
        ? [
            reason(
              'feed.label',
              { labelG: label.massG, mostG: label.mostG },
              productProvenance(product),
            ),
          ]
        : []),
      ...(isSoluble(product)
        ? [
            reason('feed.solution', { gPerCan, solutionWaterL: volumeL }, practice),
            reason('feed.ec', {}, sonneveld),
          ]
        : []),
      reason('feed.spoon', {}, memory),
      reason('feed.labelFirst'),
    ],
  }
}
