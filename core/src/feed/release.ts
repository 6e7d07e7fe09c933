import { memory, published, reason, type Provenance, type Reason } from '../units'
import { labelToElements, type Nutrient } from './label'
import type { FeedProduct } from './productSchema'

/**
 * Warm days: a day at the reference temperature counts as one, and so many times
 * as much with every ten degrees more.
 */
export interface WarmDays {
  readonly referenceC: number
  readonly q10: number
}
/** Microbes: twice as fast with ten degrees, told for an incubation at about 22 °C. */
export const MICROBES: WarmDays = { referenceC: 22, q10: 2 }
/** Coated prills: × 0.8 of their days at 26 °C and × 0.65 at 32 °C beside 21 °C (memory) is Q10 1.5. */
export const COATING: WarmDays = { referenceC: 21, q10: 1.5 }

/** How much of a day one counts for at a temperature; nothing happens in the cold. */
export const warmDay = ({ referenceC, q10 }: WarmDays, tempC: number): number =>
  tempC <= 2 ? 0 : q10 ** ((tempC - referenceC) / 10)

/**
 * Of an organic feed's nitrogen, what plants can have: in four weeks, and in a
 * whole season. Close to none where it has 1–2 %, three quarters from 6 % on.
 *
 * @param nPercent of its dry mass
 * @source Oregon State University, PNW 533 and PNW 646; the figures from memory
 */
export function organicNitrogen(nPercent: number): { in28Days: number; inSeason: number } {
  const rich = Math.max(0, Math.min(1, (nPercent - 1) / 5))
  return { in28Days: 0.6 * rich, inSeason: 0.75 * rich }
}
const organicProvenance: Provenance = published(
  'Pacific Northwest Extension PNW 533 and PNW 646; figures from memory',
)

/** So much of what comes in a season comes in 28 days at 22 °C: 60 of 75. */
const ORGANIC_RATE = -Math.log(1 - 0.6 / 0.75) / 28
/** Phosphorus and calcium of meals and shells: nine tenths in four months (practice: bone meal). */
const MEAL_RATE = Math.log(10) / 120
/** Of a meal's phosphorus, what ever comes (memory). */
const MEAL_P_SHARE = 0.7
/** Ground limestone and ash: nine tenths in four months as well (memory); gypsum in one. */
const GYPSUM_RATE = Math.log(10) / 30
/** Crushed shells hardly dissolve in a season (memory). */
const SHELL_SHARE = 0.3
/** At the end of its longevity a coated feed has given so much (memory). */
const COATED_BY_LONGEVITY = 0.8

/** Ripe compost, poor as it is, gives about a tenth of its nitrogen in its first season (memory: 5–15 %). */
const COMPOST_N = { in28Days: 0.08, inSeason: 0.1 }

/** Of a product's organic nitrogen, what plants can have. */
function nitrogenOf({ form, analysis }: FeedProduct): ReturnType<typeof organicNitrogen> {
  const byAnalysis = organicNitrogen(labelToElements(analysis).n)
  if (form !== 'compost') return byAnalysis
  return {
    in28Days: Math.max(byAnalysis.in28Days, COMPOST_N.in28Days),
    inSeason: Math.max(byAnalysis.inSeason, COMPOST_N.inSeason),
  }
}

/** How a nutrient of a product becomes available. */
export interface Release {
  /** Of what the label says, what ever comes, 0–1. */
  readonly share: number
  /** Its clock; none where it is there at once. */
  readonly clock?: WarmDays
  /** Of that, what has come after so many warm days, 0–1. */
  readonly by: (warmDays: number) => number
}

const atOnce: Release = { share: 1, by: () => 1 }
const firstOrder = (share: number, rate: number): Release => ({
  share,
  clock: MICROBES,
  by: (days) => 1 - Math.exp(-rate * days),
})

/** A dry ring above a reservoir lasts a season: nine tenths in four months (practice). */
export const dryRing: Release = firstOrder(1, MEAL_RATE)

/** How a nutrient of a product comes to the roots. */
export function releaseOf(product: FeedProduct, nutrient: Nutrient): Release {
  const { form, longevityDays, solubilityGL } = product
  switch (form) {
    case 'controlledRelease': {
      const whole = (longevityDays ?? 120) / COATED_BY_LONGEVITY
      return { share: 1, clock: COATING, by: (days) => Math.min(1, days / whole) }
    }
    case 'granularOrganic':
    case 'compost':
      if (nutrient === 'n') return firstOrder(nitrogenOf(product).inSeason, ORGANIC_RATE)
      // Potassium is in the sap of what it was made of, and washes out.
      if (nutrient === 'k') return firstOrder(1, ORGANIC_RATE)
      return firstOrder(nutrient === 'p' ? MEAL_P_SHARE : 1, MEAL_RATE)
    case 'lime':
      return firstOrder(product.id === 'eggshell' ? SHELL_SHARE : 1, MEAL_RATE)
    case 'mineralGranules':
      // What hardly dissolves comes slowly.
      return solubilityGL !== undefined && solubilityGL < 10 ? firstOrder(1, GYPSUM_RATE) : atOnce
    case 'liquid':
      // Emulsions of fish and weed are organic as well, and quick (memory: two weeks).
      return nutrient === 'n' && product.id === 'fishEmulsion'
        ? firstOrder(0.8, Math.log(10) / 14)
        : atOnce
    case 'mineralSalt':
    case 'solubleCrystals':
    case 'additive':
    case 'notFeed':
      return atOnce
  }
}

/** How what its label says comes to the roots. */
export function releaseReasons(product: FeedProduct): readonly Reason[] {
  const { form, longevityDays = 0 } = product
  switch (form) {
    case 'granularOrganic':
    case 'compost': {
      const { in28Days, inSeason } = nitrogenOf(product)
      return [
        reason(
          'feed.comes.decays',
          { monthShare: in28Days, seasonShare: inSeason },
          organicProvenance,
        ),
      ]
    }
    case 'controlledRelease':
      return [reason('feed.comes.coated', { dayCount: longevityDays }, memory)]
    case 'lime':
      return [reason('feed.comes.lime', {}, memory)]
    case 'additive':
      return [reason('feed.comes.additive')]
    case 'notFeed':
      return []
    default:
      return [reason('feed.comes.dissolves', {}, memory)]
  }
}
