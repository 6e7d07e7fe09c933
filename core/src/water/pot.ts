import type { WaterStore } from './store'

/** An hour of day, by what it draws from short grass, mm: less is night. */
export const DAYLIGHT_MM = 0.03

/** From here on a walk is the evening's, hour of the day. */
export const EVENING_FROM_H = 14

/** Less water than this is not worth carrying, L. */
export const SPLASH_L = 0.05

/** Sums of a row from its beginning on, one longer than the row. */
export function sumsOf(row: Float64Array): Float64Array {
  const sums = new Float64Array(row.length + 1)
  for (let index = 0; index < row.length; index++) sums[index + 1] = sums[index]! + row[index]!
  return sums
}

/** A pot as the hourly balance takes it. */
export interface WateredPot extends WaterStore {
  /** How much of the easily available water its plants use freely, beside tomatoes, 0–1. */
  readonly sensitivity: number
}

/** What drives a pot's water: the air and its leaves, open mix and wall, which draw on it, and the rain. */
export interface WaterDrive {
  readonly days: number
  /** From short grass where the pot stands, mm in each hour. */
  readonly referenceMm: Float64Array
  /** The same summed from the first hour on, one longer. */
  readonly referenceSumMm: Float64Array
  /** Leaf by its coefficient and wind, m²: litres for each mm. Below zero on a day without plants. */
  readonly leafM2: Float64Array
  /** Open mix under its mulch and shade, m². */
  readonly openM2: Float64Array
  /** Breathing wall, m². */
  readonly wallM2: number
  /** Into the pot over the day, L. */
  readonly rainL: Float64Array
  /** What a field of the crop would draw in the day, mm: the reference by its basal coefficient. */
  readonly cropMm: Float64Array
}

export interface WaterEvents {
  /** Given, L in each hour. */
  readonly givenL: Float64Array
  /** Where the gardener comes by and gives what is needed: hours until they do again; 0 elsewhere. */
  readonly visitH: Uint8Array
  /** 1 where something was given until it dripped, however much that took; nowhere where left out. */
  readonly fillH?: Uint8Array
}

/** What is missing from a pot at one moment. */
export interface WaterState {
  /** From each drained cell, from above, L. */
  readonly missingL: Float64Array
  reservoirL: number
  /** Lost from the surface since it was last wetted, mm. */
  driedMm: number
}

/** The same found by a test: put in the place of what was computed. */
export interface WaterCorrection {
  readonly hour: number
  /** Of what the cells hold, what is missing, 0–1. */
  readonly missingShare: number
  /** Left in the reservoir, L. */
  readonly reservoirL: number
}

export interface WaterOptions {
  /** First hour, and the one after the last; all where left out. */
  readonly from?: number
  readonly to?: number
  /** Full where left out. */
  readonly start?: WaterState
  /** What its plants drink beside the model. */
  readonly thirst?: number | undefined
  /** What it holds beside the model. */
  readonly capacity?: number | undefined
  readonly corrections?: readonly WaterCorrection[]
  /** On each visit of a morning it is filled until it drips, and not only when it needs it. */
  readonly isFilledDaily?: boolean
  /** An earlier run of as many hours, to be written over. */
  readonly into?: WaterRun
}

/** A pot hour by hour; each value stands for the end of its hour. */
export interface WaterRun {
  /** Missing from the drained mix, all cells, L. */
  readonly missingL: Float64Array
  /** The same of the driest cell, share of what it holds above wilting, 0–1. */
  readonly driestShare: Float64Array
  readonly reservoirL: Float64Array
  /** Of the water its leaves needed, what they had, 0–1. */
  readonly hadShare: Float64Array
  /** Recorded or by plan. */
  readonly givenL: Float64Array
  /** Drained. */
  readonly drainedL: Float64Array
  /** Leaves, surface and walls. */
  readonly usedL: Float64Array
  /** At the end. */
  readonly end: WaterState
}

/** A pot just drained: nothing missing, its reservoir full. */
export const fullPot = ({ cells, reservoirL }: WaterStore): WaterState => ({
  missingL: new Float64Array(cells.length),
  reservoirL,
  driedMm: 0,
})

/** Rows for so many hours, to be written into. */
export const emptyRun = (hours: number, { cells }: WaterStore): WaterRun => ({
  missingL: new Float64Array(hours),
  driestShare: new Float64Array(hours),
  reservoirL: new Float64Array(hours),
  hadShare: new Float64Array(hours),
  givenL: new Float64Array(hours),
  drainedL: new Float64Array(hours),
  usedL: new Float64Array(hours),
  end: { missingL: new Float64Array(cells.length), reservoirL: 0, driedMm: 0 },
})
