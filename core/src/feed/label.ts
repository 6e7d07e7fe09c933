import { z } from 'zod'
import { customIssue, open } from '../units'

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

const percent = z.number().min(0).max(100)

/** Labels print each of these as the oxide or as the element, never as both. */
const OXIDES = [
  ['p2o5', 'p'],
  ['k2o', 'k'],
  ['cao', 'ca'],
  ['mgo', 'mg'],
  ['so3', 's'],
] as const

/** Percent of each nutrient as the label prints it. What is not printed is none. */
export const analysisSchema = open({
  n: percent.optional(),
  p2o5: percent.optional(),
  p: percent.optional(),
  k2o: percent.optional(),
  k: percent.optional(),
  cao: percent.optional(),
  ca: percent.optional(),
  mgo: percent.optional(),
  mg: percent.optional(),
  so3: percent.optional(),
  s: percent.optional(),
}).superRefine((label, context) => {
  const printed = ['n', ...OXIDES.flat()] as const
  const total = printed.reduce((sum, name) => sum + (label[name] ?? 0), 0)
  if (total > 100)
    context.addIssue(customIssue('analysisOver100', [], { given: total, limit: 100 }))
  for (const [oxide, element] of OXIDES)
    if (label[oxide] !== undefined && label[element] !== undefined)
      context.addIssue(customIssue('twiceNamed', [element], { given: label[element] }))
})
export type LabelAnalysis = z.infer<typeof analysisSchema>

/** Standard atomic weights, abridged (IUPAC 2021). */
export const ATOMIC = {
  h: 1.008,
  c: 12.011,
  n: 14.007,
  o: 15.999,
  mg: 24.305,
  p: 30.974,
  s: 32.06,
  k: 39.098,
  ca: 40.078,
} as const

/** Element in its oxide, by formula mass. */
export const IN_OXIDE = {
  p: (2 * ATOMIC.p) / (2 * ATOMIC.p + 5 * ATOMIC.o),
  k: (2 * ATOMIC.k) / (2 * ATOMIC.k + ATOMIC.o),
  ca: ATOMIC.ca / (ATOMIC.ca + ATOMIC.o),
  mg: ATOMIC.mg / (ATOMIC.mg + ATOMIC.o),
  s: ATOMIC.s / (ATOMIC.s + 3 * ATOMIC.o),
} as const

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
