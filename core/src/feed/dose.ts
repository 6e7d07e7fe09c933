import { InputError, memory, practice, reason, type Reason } from '../units'
import { labelToElements, nutrientsIn, type Nutrient, type NutrientAmounts } from './label'
import {
  canRateOf,
  labelDose,
  labelStrengthGL,
  mostByLabelG,
  solutionL,
  type DosedPot,
} from './labelDose'
import { measuredOut, stirred, type FeedTools, type MeasuredOut, type Stirred } from './measuredOut'
import { isHomeMade, isSoluble, productProvenance } from './product'
import type { FeedProduct, Placement } from './productSchema'
import { solutionStrength, sonneveld, type SolutionStrength } from './solution'

/** What a dose is to do. */
export type DoseAim =
  | { readonly kind: 'label' }
  | {
      readonly kind: 'mass'
      readonly massG: number
      /** Where it is given otherwise than the product usually is. */
      readonly placement?: Placement | undefined
    }
  /** Give a certain mass of a nutrient. */
  | { readonly kind: 'nutrient'; readonly nutrient: Nutrient; readonly massG: number }
  /** A volume of solution of a given strength. */
  | { readonly kind: 'litres'; readonly volumeL: number; readonly gramsL: number }
  /** Be so strong in nitrogen, or in potassium where there is none, mg/L. */
  | { readonly kind: 'strength'; readonly ppm: number }

/** A dose as it is weighed, measured and carried. */
export interface FeedDose extends MeasuredOut {
  readonly product: FeedProduct
  readonly massG: number
  readonly bringsG: NutrientAmounts
  /** Beside what its label allows at once; undefined where the label says nothing. */
  readonly timesLabel: number | undefined
  /** Dissolved: how much, how strong, and what to stir up for it. */
  readonly solution:
    | {
        readonly volumeL: number
        readonly gramsL: number
        readonly gPerCan: number
        readonly cans: number
        readonly stir: Stirred
        readonly strength: SolutionStrength
      }
    | undefined
  readonly placement: Placement
  readonly reasons: readonly Reason[]
}

/** Beyond rounding, a dose over its label; what is made at home has none. */
const OVER_LABEL = 1.05
/** Whether a dose is more than its label allows. */
export const isOverLabel = ({
  timesLabel,
  product,
}: {
  readonly timesLabel: number | undefined
  readonly product?: FeedProduct
}): boolean =>
  timesLabel !== undefined && timesLabel > OVER_LABEL && !(product && isHomeMade(product))

/** How a product is brought to the roots of this pot. */
export function placementOf(product: FeedProduct, { hasReservoir }: DosedPot): Placement {
  const isStrewn = product.placement === 'ring' || product.placement === 'throughUpperTwoThirds'
  // Above a reservoir water never washes it down: it lies dry at the rim and is drawn from there.
  return hasReservoir && isStrewn && product.form === 'mineralGranules'
    ? 'dryRimRing'
    : product.placement
}

/** Nitrogen where it has some, else potassium: what a strength is told in. */
export const toldIn = (product: FeedProduct): Nutrient =>
  labelToElements(product.analysis).n > 0 ? 'n' : 'k'

/** What of a product makes a litre so strong, g. @throws InputError `bringsNone` */
export function strengthGL(product: FeedProduct, ppm: number): number {
  const percent = labelToElements(product.analysis)[toldIn(product)]
  if (!(percent > 0)) throw new InputError('bringsNone', { given: toldIn(product) })
  return ppm / (percent * 10)
}

function massFor(product: FeedProduct, pot: DosedPot, aim: DoseAim, volumeL: number): number {
  switch (aim.kind) {
    case 'mass':
      return aim.massG
    case 'litres':
      return aim.gramsL * aim.volumeL
    case 'label':
      return labelDose(product, pot, volumeL)?.massG ?? 0
    case 'nutrient': {
      const share = labelToElements(product.analysis)[aim.nutrient] / 100
      if (!(share > 0)) throw new InputError('bringsNone', { given: aim.nutrient })
      return aim.massG / share
    }
    case 'strength':
      return strengthGL(product, aim.ppm) * volumeL
  }
}

/** The most its label allows of this dose at once, g. A solution is held to what the label says of solutions. */
function mostFor(product: FeedProduct, pot: DosedPot, aim: DoseAim, volumeL: number) {
  if (aim.kind === 'mass' || aim.kind === 'nutrient') {
    const placement = aim.kind === 'mass' ? aim.placement : undefined
    return mostByLabelG(product, pot, volumeL, placement ?? placementOf(product, pot))
  }
  const rate = canRateOf(product)
  return rate
    ? labelStrengthGL(rate, product).mostGL * volumeL
    : mostByLabelG(product, pot, volumeL)
}

/**
 * A dose of a product for one container: grams, spoons, what to stir up and how
 * strong that is, how to give it, and how it stands to the label.
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
  const mostG = mostFor(product, container, aim, volumeL)
  const label = labelDose(product, container, volumeL)
  const gramsL = volumeL > 0 ? massG / volumeL : 0
  const gPerCan = gramsL * measures.canL
  const ofLabel = isHomeMade(product) ? 'feed.noLabel' : 'feed.label'
  return {
    product,
    massG,
    ...measuredOut(product, massG, tools),
    bringsG: nutrientsIn(product.analysis, massG),
    timesLabel: mostG !== undefined && mostG > 0 ? massG / mostG : undefined,
    solution: isSoluble(product)
      ? {
          volumeL,
          gramsL,
          gPerCan,
          cans: volumeL / measures.canL,
          stir: stirred(product, gramsL, volumeL, tools),
          strength: solutionStrength([{ product, gramsL }], water),
        }
      : undefined,
    placement: (aim.kind === 'mass' ? aim.placement : undefined) ?? placementOf(product, container),
    reasons: [
      ...(label
        ? [
            reason(
              ofLabel,
              { labelG: label.massG, mostG: mostG ?? label.mostG },
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
      reason(isHomeMade(product) ? 'feed.homeMade' : 'feed.labelFirst', {}, practice),
    ],
  }
}
