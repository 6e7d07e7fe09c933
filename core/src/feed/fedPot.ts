import type { NutrientAmounts } from './label'
import type { NutrientRows } from './need'
import type { FeedProduct } from './productSchema'
import type { WaterSource } from './waterSourceSchema'

/** Where nutrients come from. `slow`: organic feeds, compost, limes and what else takes weeks. */
export const feedSources = ['mix', 'slow', 'controlled', 'quick', 'water'] as const
export type FeedSource = (typeof feedSources)[number]

/** A feed given on a day. */
export interface FeedEvent {
  readonly day: number
  readonly product: FeedProduct
  readonly massG: number
  /** Lies dry at the rim above a reservoir, and is drawn in from there. */
  readonly isDryRing?: boolean
  /** Mixed in by the recipe, and no feed of a programme. */
  readonly isInMix?: boolean
  /** Litres it is poured in that the pot's water does not count yet: only planned. */
  readonly volumeL?: number
}

/** Mix that takes the place of what was in a pot. */
export interface Refill {
  /** After planting. */
  readonly day: number
  /** Of what was at hand that morning, what stays: mix that went back in. */
  readonly keptShare: number
  /** At hand at once in what is new, g. */
  readonly bringsG: NutrientAmounts
  /** What that adds to the salt of the whole, dS/m. */
  readonly bringsEcDsM: number
  /** Nitrogen that it gives over a season, and that its raw wood takes, g. */
  readonly mixGivesG: number
  readonly mixDrawsG: number
}

/** A pot as its ledger takes it. */
export interface FedPot {
  readonly days: number
  /** First day with plants. */
  readonly plantedOn: number
  /** What its plants need, g a day. */
  readonly needG: NutrientRows
  /** Of the mix, mean of the day. */
  readonly tempC: Float64Array
  /** Water given and rained, and drained, L a day. */
  readonly givenL: Float64Array
  readonly drainedL: Float64Array
  /** Of what was given, by hand; all of it where left out. */
  readonly pouredL?: Float64Array
  /** Drawn by its plants, L a day; in step with what they need where left out. */
  readonly usedL?: Float64Array
  /** What is poured on goes below and comes back: nothing drains by being poured on. */
  readonly hasReservoir?: boolean
  /** Water in it when drained, and when every pore is full, L. */
  readonly heldL: number
  readonly saturatedL: number
  /** The same on each day, where the pot was filled up or anew on the way. */
  readonly byDay?: { readonly heldL: Float64Array; readonly saturatedL: Float64Array }
  /** In the mix at the start and available at once, g. */
  readonly startG: NutrientAmounts
  /** With mix that was added on the way, g a day. */
  readonly addedG?: NutrientRows | undefined
  /** In order of time. */
  readonly refills?: readonly Refill[]
  readonly startEcDsM: number
  /** Nitrogen that decaying matter gives over a season, and that raw wood takes, g. */
  readonly mixGivesG: number
  readonly mixDrawsG: number
  /** What it is given where nothing else is said. */
  readonly water: WaterSource
  /** Of the water given and rained, what was another: rain, or poured out of another can. */
  readonly otherWater?: readonly WaterOf[]
}

/** What a pot holds on a day, drained and with every pore full, L. */
type Holding = Pick<FedPot, 'heldL' | 'saturatedL' | 'byDay'>
export const heldOn = ({ byDay, heldL }: Holding, day: number): number => byDay?.heldL[day] ?? heldL
export const saturatedOn = ({ byDay, saturatedL }: Holding, day: number): number =>
  byDay?.saturatedL[day] ?? saturatedL

/** Water of one make, L a day. */
export interface WaterOf {
  readonly water: WaterSource
  readonly volumeL: Float64Array
}

/** All water of a pot by what is in it, its usual one first. */
export function watersOf({ givenL, water, otherWater = [] }: FedPot): readonly WaterOf[] {
  if (!otherWater.length) return [{ water, volumeL: givenL }]
  const usualL = givenL.map((litres, day) =>
    Math.max(
      0,
      otherWater.reduce((left, { volumeL }) => left - volumeL[day]!, litres),
    ),
  )
  return [{ water, volumeL: usualL }, ...otherWater]
}

/** Of what was in a pot on one day, what its refills have left in it by another, 0–1. */
export function keptBetween({ refills }: FedPot, from: number, to: number): number {
  let share = 1
  for (const { day, keptShare } of refills ?? []) if (day > from && day <= to) share *= keptShare
  return share
}

/** Of what is at hand, what goes with the water; the rest sits on the mix (memory). */
export const MOBILE_SHARE: NutrientAmounts = { n: 1, p: 0.25, k: 0.6, ca: 0.4, mg: 0.5 }
/** Calcium beyond this falls out as chalk or gypsum again and is no salt, mg/L (memory). */
export const DISSOLVED_CA_MG_L = 200
