import type { MixBody } from '../../container'
import type { Reason } from '../../units'
import type { BatchLine } from '../batch'
import type { Blend } from '../blend'
import type { DrainedState } from '../drained'
import type { Ingredient } from '../ingredientSchema'
import type { PacksToBuy } from '../packs'

export const mixAims = ['cheapest', 'lightest', 'closest'] as const
export type MixAim = (typeof mixAims)[number]

/** An ingredient that may go into the mix. */
export interface MixCandidate {
  readonly ingredient: Ingredient
  /** Share of the loose volume, 0–1. */
  readonly leastShare: number
  readonly mostShare: number
  /** At hand, loose litres. */
  readonly stockL: number
  /** Whether more of it may be bought. */
  readonly isBought: boolean
}

/** From and to, either of them left out where it does not matter. */
export interface Bound {
  readonly least?: number
  readonly most?: number
}

export const limitedProperties = ['airSpace', 'containerCapacity', 'wetDensityGL', 'ph'] as const
export type LimitedProperty = (typeof limitedProperties)[number]

/** What is asked of a mix. */
export interface MixTask {
  readonly candidates: readonly MixCandidate[]
  /** The containers it is for, and the mix that each takes. */
  readonly vessels: readonly { readonly body: MixBody; readonly volumeL: number }[]
  readonly aim: MixAim
  /** Wished for when the closest is looked for, shares of the filled volume. */
  readonly wished: DrainedState
  readonly limits: Readonly<Partial<Record<LimitedProperty, Bound>>>
  /** Different ingredients, at most. */
  readonly mostKinds: number
}

/** One thing that was asked, by which a mix may be held or refused. */
export interface MixLimit {
  readonly code: 'ingredientLeast' | 'ingredientMost' | 'stock' | 'least' | 'most' | 'mostKinds'
  readonly ingredientId?: string
  readonly property?: LimitedProperty
  readonly value: number
}

/** What a mix is in all its containers together, by the full physics. */
export interface CheckedMix extends DrainedState {
  readonly blend: Blend
  readonly wetDensityGL: number
  readonly ph: number
  readonly lines: readonly BatchLine[]
  readonly looseL: number
  readonly shopping: PacksToBuy
  /** By the aim: money, g/L, or the distance from the wish as a share. */
  readonly objective: number
}

export interface Binding {
  readonly limit: MixLimit
  /** How much better the aim would be met without it, by the straight sums and in parts of packs: money, g/L, share. */
  readonly gain: number
}

export type SolvedMix =
  | {
      readonly status: 'found'
      readonly found: CheckedMix
      readonly binding: readonly Binding[]
      /** Rounds of solving and checking that it took. */
      readonly rounds: number
      readonly reasons: readonly Reason[]
    }
  | {
      readonly status: 'impossible'
      /** As few things asked as cannot hold together. */
      readonly conflict: readonly MixLimit[]
    }
