import type { LabelAnalysis } from './analysisSchema'
import { IN_OXIDE } from './elements'

/** The nutrients that are followed, by their element. */
export const nutrients = ['n', 'p', 'k', 'ca', 'mg'] as const
export type Nutrient = (typeof nutrients)[number]

/** An amount of each nutrient, as the element. */
export type NutrientAmounts = Readonly<Record<Nutrient, number>>
/** Percent of each nutrient, as the element. */
export type ElementAnalysis = NutrientAmounts

/** The same number made of each nutrient. */
export const ofNutrients = (make: (nutrient: Nutrient) => number): NutrientAmounts => ({
  n: make('n'),
  p: make('p'),
  k: make('k'),
  ca: make('ca'),
  mg: make('mg'),
})
export const noNutrients: NutrientAmounts = ofNutrients(() => 0)

/**
 * A label's guaranteed analysis as elements.
 *
 * @param label percent, as oxides or elements
 * @returns percent of N, P, K, Ca and Mg
 */
export const labelToElements = (label: LabelAnalysis): ElementAnalysis => ({
  n: label.n ?? 0,
  p: label.p ?? (label.p2o5 ?? 0) * IN_OXIDE.p,
  k: label.k ?? (label.k2o ?? 0) * IN_OXIDE.k,
  ca: label.ca ?? (label.cao ?? 0) * IN_OXIDE.ca,
  mg: label.mg ?? (label.mgo ?? 0) * IN_OXIDE.mg,
})

/** Percent of sulphur. */
export const sulphurPercent = (label: LabelAnalysis): number =>
  label.s ?? (label.so3 ?? 0) * IN_OXIDE.s

/** What a mass of it brings, g. */
export function nutrientsIn(label: LabelAnalysis, massG: number): NutrientAmounts {
  const share = labelToElements(label)
  return ofNutrients((nutrient) => (share[nutrient] * massG) / 100)
}
