import type { Placement } from './productSchema'

/**
 * How much of a product at once: by strength, by the label, by a household measure
 * for a pot of so many litres, or by the litre of mix.
 */
export type StepDose =
  | { readonly kind: 'strength'; readonly ppm: number }
  | { readonly kind: 'label'; readonly times: number; readonly isInCan?: true }
  | { readonly kind: 'volume'; readonly ml: number; readonly forVolumeL: number }
  | { readonly kind: 'perLitreMix'; readonly gramsL: number }

/** One thing that a programme gives again and again. */
export interface ProgrammeStep {
  readonly productId: string
  /** From first flower on another: less nitrogen, more potassium. */
  readonly lateProductId?: string
  readonly dose: StepDose
  /** Days from planting to the first, and between two; `0` is at every watering. */
  readonly firstDay: number
  readonly everyDays: number
  /** So often at most; to the end of the season where left out. */
  readonly times?: number
  /** So often at least; after that no more in the last days of the season, when it would come too late. */
  readonly leastTimes?: number
  /** Given so, whatever the product usually is. */
  readonly placement?: Placement
  /** Of what the label allows at most, what is not passed; all of it where left out. */
  readonly labelShare?: number
}

const step = (
  productId: string,
  dose: StepDose,
  firstDay: number,
  everyDays: number,
  more: Partial<ProgrammeStep> = {},
): ProgrammeStep => ({ productId, dose, firstDay, everyDays, ...more })
const ppm = (value: number): StepDose => ({ kind: 'strength', ppm: value })
const label = (times = 1): StepDose => ({ kind: 'label', times })
/** A US quarter cup, mL. */
const QUARTER_CUP_ML = 59.1
const CUP_ML = 236.6
/** Pots that their cups are told for: a quarter for a large one, 1–1½ for a reservoir planter of 19 L. */
const LARGE_POT_L = 25
const RING_POT_L = 19
const quarterCup: StepDose = { kind: 'volume', ml: QUARTER_CUP_ML, forVolumeL: LARGE_POT_L }
/** At each watering it is given weaker than once a week: two fifths of the label's most (memory). */
const EACH_TIME_SHARE = 0.4

/**
 * The schools of feeding as growers tell of them (practice); strengths of liquids
 * from memory. Strengths stop at what a product's label allows, and cups grow and
 * shrink with the pot. `toMeasure` is Rimbo's own: each feed brings what the ledger
 * is short of until the next.
 */
const table = {
  toMeasure: [],
  everyWatering: [
    step('balancedSoluble', ppm(100), 10, 0, {
      lateProductId: 'tomatoFeed',
      labelShare: EACH_TIME_SHARE,
    }),
  ],
  weekly: [step('balancedSoluble', ppm(250), 14, 7, { lateProductId: 'tomatoFeed' })],
  tenToFourteen: [step('balancedSoluble', label(), 14, 12, { lateProductId: 'tomatoFeed' })],
  twiceAWeekLow: [step('balancedSoluble', ppm(80), 10, 4, { lateProductId: 'tomatoFeed' })],
  alternateWeeks: [step('tomatoFeed', label(), 14, 14), step('fishEmulsion', label(), 21, 14)],
  organicLiquid: [step('fishEmulsion', label(), 14, 18), step('seaweedExtract', label(), 14, 18)],
  granularAndCalcium: [
    step('granularOrganic', quarterCup, 7, 14, { leastTimes: 6 }),
    step('boneMeal', quarterCup, 0, 14, { times: 3 }),
  ],
  controlledAndLate: [
    step('controlledRelease', { kind: 'perLitreMix', gramsL: 3 }, 0, 365, { times: 1 }),
    step('tomatoFeed', label(), 75, 10),
  ],
  compostAndSeaweed: [
    step('compostDressing', label(), 14, 13),
    step('seaweedExtract', label(), 14, 13),
  ],
  dryRing: [
    step(
      'balancedGranular',
      { kind: 'volume', ml: 1.25 * CUP_ML, forVolumeL: RING_POT_L },
      0,
      365,
      {
        times: 1,
        placement: 'dryRimRing',
      },
    ),
  ],
  manureAndMineral: [
    step('rottedManure', label(), 14, 14),
    step('balancedGranular', label(0.5), 21, 14),
    step('tomatoFeed', label(0.5), 14, 2),
  ],
} satisfies Readonly<Record<string, readonly ProgrammeStep[]>>
export type ProgrammeId = keyof typeof table
export const programmes: Readonly<Record<ProgrammeId, readonly ProgrammeStep[]>> = table
export const programmeIds = Object.keys(table) as [ProgrammeId, ...ProgrammeId[]]
