import type { Provenance } from '../../units'
import type { Crop } from '../../plant'
import type { LeafPlace, Symptom } from '../signs'

/** How often a cause at work makes a sign, in five coarse steps (memory). */
export const STEPS = { always: 0.9, often: 0.6, sometimes: 0.3, rarely: 0.1, never: 0.01 } as const
export type Step = keyof typeof STEPS

export const stages = ['seedling', 'young', 'flowering', 'fruiting'] as const
/** The four ages that a check tells apart. */
export type CheckStage = (typeof stages)[number]

/**
 * A cause with its rows: the signs it makes, by how often; the signs that speak
 * against it (`never`); which leaves show it; and how its odds change with crop,
 * age, month and cover. Which signs belong to it is what `from` says; how often,
 * and how common the cause is in pots, is from memory.
 */
export interface CauseRow {
  /** How common it is among the plants that somebody looks at, 0–1 (memory). */
  readonly prior: number
  readonly always?: readonly Symptom[]
  readonly often?: readonly Symptom[]
  readonly sometimes?: readonly Symptom[]
  readonly rarely?: readonly Symptom[]
  readonly never?: readonly Symptom[]
  /** On which leaves its leaf signs stand; a place that is not named is rare. */
  readonly where?: Readonly<Partial<Record<LeafPlace, Step>>>
  readonly crop?: Readonly<Partial<Record<Crop, number>>>
  readonly stage?: Readonly<Partial<Record<CheckStage, number>>>
  /** Northern months in which it is at home; in others its odds are a fifth. */
  readonly months?: readonly [from: number, to: number]
  /** Odds under cover; in the open they are its inverse. */
  readonly covered?: number
  readonly from: Provenance
}
