import type { Container } from '../../container'
import type { Variety } from '../../plant'
import type { Reason } from '../../units'
import type { SpotConditions } from '../conditions'
import type { SchoolId } from '../schools'

export const wishKinds = ['must', 'like', 'maybe'] as const
export type WishKind = (typeof wishKinds)[number]

/** A plant the gardener would have. */
export interface WishedPlant {
  readonly variety: Variety
  readonly wish: WishKind
  /** Plants of it, at most. */
  readonly atMost: number
}

/** Where a container can stand: on the floor, on a hook, or sunk in earth. */
export type SpotKind = 'floor' | 'hook' | 'earth'

/** One place for one container. */
export interface StandingSpot {
  readonly id: string
  readonly spaceId: string
  readonly kind: SpotKind
  /** Its middle on the plan. */
  readonly xMm: number
  readonly yMm: number
  readonly conditions: SpotConditions
  /** Room for the container. */
  readonly lengthMm: number
  readonly widthMm: number
  /** Room for leaves across, with what may grow into a neighbour. */
  readonly crownMm: number
}

/** A container that is there. */
export interface PotOnHand {
  readonly container: Container
  /** Watered, without plants. */
  readonly wateredKg: number
  /** As it weighs where it is left as it stands; watered, on its spot, where left out. */
  readonly restKg?: number
  /** The spot it stands on now. */
  readonly spotId: string | undefined
}

/** A container that could be bought. */
export interface PotOffer {
  readonly id: string
  readonly container: Container
  readonly wateredKg: number
  readonly price: number
  readonly atMost: number
}

/** A choice the gardener has made already. */
export interface Pin {
  readonly containerId: string
  /** It stays on this spot. */
  readonly spotId?: string | undefined
  /** It holds this variety. */
  readonly varietyId?: string | undefined
}

export interface ArrangeTask {
  readonly wishes: readonly WishedPlant[]
  readonly pots: readonly PotOnHand[]
  readonly offers: readonly PotOffer[]
  readonly spots: readonly StandingSpot[]
  /**
   * What the containers of a space may weigh together; left out where nobody said.
   * Those that get no plant weigh on it as well; where they alone are too heavy,
   * nothing is added.
   */
  readonly allowedKg: Readonly<Record<string, number>>
  readonly school: SchoolId
  /** Whether what the school calls tight is accepted. */
  readonly acceptsTight: boolean
  /** Plants of one variety in one container, at most; the pockets of a tower are counted by themselves. */
  readonly mostPerPot: number
  readonly budget: number
  readonly pins: readonly Pin[]
}

/** Plants of one variety in one container at one spot. */
export interface PlacedPlants {
  /** A pot on hand, or an offer to be bought. */
  readonly containerId: string | undefined
  readonly offerId: string | undefined
  readonly container: Container
  readonly spotId: string
  readonly variety: Variety
  readonly count: number
  /** Fruit expected of all its plants in a season. */
  readonly expectedKg: number
  readonly reasons: readonly Reason[]
}

export interface LeftOut {
  readonly variety: Variety
  readonly reasons: readonly Reason[]
}

/** One of the things that cannot all be had. */
export type Conflict =
  { readonly kind: 'must'; readonly variety: Variety } | { readonly kind: 'pin'; readonly pin: Pin }

export type Arrangement =
  | {
      readonly status: 'proven' | 'timeLimit'
      readonly placements: readonly PlacedPlants[]
      readonly leftOut: readonly LeftOut[]
      readonly cost: number
      /** Fruit expected of all, kg, weighted by wishes. */
      readonly value: number
      /** No arrangement can give more than this. */
      readonly bound: number
      /** Containers and spots alike within this were taken as one; 0 where nothing was rounded. */
      readonly alikeShare: number
      /** How far `value` may be below the best, 0–1; 0 where it is proven. */
      readonly gapShare: number
    }
  | { readonly status: 'impossible'; readonly conflicts: readonly Conflict[] }
