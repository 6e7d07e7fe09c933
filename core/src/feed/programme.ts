import { memory, practice, reason, type Reason } from '../units'
import { ofNutrients, nutrients, type Nutrient, type NutrientAmounts } from './label'
import type { FeedDose } from './dose'
import type { DosedPot } from './labelDose'
import type { FedPot, FeedEvent } from './fedPot'
import { nutrientLedger, owedG, type NutrientLedger } from './ledger'
import type { FeedTools } from './measuredOut'
import { maasHoffman, SALT_LIMIT, saltYieldShare } from './need'
import { isSoluble, priceOfG } from './product'
import type { FeedProduct } from './productSchema'
import {
  productOn,
  solutionDay,
  stepDays,
  stepDose,
  stepDue,
  stepFault,
  type BentStep,
  type UnusableProduct,
} from './step'
import type { Crop } from '../plant'

/** A pot as a programme is judged for it. */
export interface ProgrammePot {
  readonly fed: FedPot
  readonly dosed: DosedPot
  readonly crop: Crop
  /** Day of first flower: from there on the late product. */
  readonly flowersOn: number
  /** Before it nothing is given any more: what was recorded stands. */
  readonly from: number
  /** Last day that is fed. */
  readonly to: number
  /** Strewn into the mix, and given before: they stand. */
  readonly recorded: readonly FeedEvent[]
}

/** One feed that a programme gives. */
export interface PlannedFeed {
  readonly day: number
  readonly dose: FeedDose
}

type ProductOf = (id: string) => FeedProduct | undefined

/** Products of some steps that they cannot use, each once. */
export function unusableIn(
  steps: readonly BentStep[],
  productOf: ProductOf,
): readonly UnusableProduct[] {
  const found = new Map<string, UnusableProduct>()
  for (const { dose, productId, lateProductId } of steps)
    for (const id of [productId, ...(lateProductId === undefined ? [] : [lateProductId])]) {
      const product = productOf(id)
      const fault = product && stepFault(dose, product)
      if (fault) found.set(id, { productId: id, fault })
    }
  return [...found.values()]
}

/** A feed, and how many days the can before and after it is to be away at least. */
type SpacedFeed = PlannedFeed & { readonly apartDays: number }

/** Of two liquids that are each given once a week or less, one does not follow hard on the other (practice). */
const WEEKLY_APART_DAYS = 3
const apartDaysOf = ({ everyDays }: BentStep) => (everyDays >= 7 ? WEEKLY_APART_DAYS : 1)

/** A pot gets one can of feed a day: of two that fall together, the second goes with a later water. */
function oneCanADay(feeds: readonly SpacedFeed[], { fed, to }: ProgrammePot): PlannedFeed[] {
  const taken: { readonly day: number; readonly apartDays: number }[] = []
  return feeds.flatMap(({ apartDays, ...feed }): PlannedFeed[] => {
    if (!feed.dose.solution) return [feed]
    let { day } = feed
    const isTooNear = () =>
      taken.some((one) => Math.abs(one.day - day) < Math.min(one.apartDays, apartDays))
    while (isTooNear()) day = solutionDay(fed, day + 1)
    if (day > to) return []
    taken.push({ day, apartDays })
    return [{ ...feed, day }]
  })
}

/** All feeds of a programme for a pot, in order; a product that a step cannot use is left out. */
export function plannedFeeds(
  steps: readonly BentStep[],
  pot: ProgrammePot,
  productOf: ProductOf,
  tools: FeedTools,
): PlannedFeed[] {
  const { fed, from, to, flowersOn, recorded, dosed } = pot
  const feeds = steps.flatMap((step) => {
    const first = stepDue(step, recorded, fed.plantedOn, from, to)
    if (!first) return []
    const usableOn = (day: number) => {
      const product = productOf(productOn(step, day, flowersOn))
      return product && !stepFault(step.dose, product) ? product : undefined
    }
    const isDissolvedOn = (day: number) => {
      const product = usableOn(day)
      return product !== undefined && isSoluble(product)
    }
    return stepDays(step, first, pot, isDissolvedOn).flatMap((day): SpacedFeed[] => {
      const product = usableOn(day)
      return product
        ? [{ day, dose: stepDose(step, product, dosed, tools), apartDays: apartDaysOf(step) }]
        : []
    })
  })
  const inOrder = <T extends PlannedFeed>(list: readonly T[]): T[] =>
    [...list].sort((one, other) => one.day - other.day)
  return inOrder(oneCanADay(inOrder(feeds), pot))
}

/** What a programme would do to a pot. */
export interface ProgrammeVerdict {
  readonly ledger: NutrientLedger
  readonly feeds: readonly PlannedFeed[]
  /** Of what plants need over the days judged, what they would have, 0–1. */
  readonly hadShare: NutrientAmounts
  /** Brought and neither taken nor washed out at the end, beside the need, 0–1 and more. */
  readonly tooMuchShare: NutrientAmounts
  readonly shortOf: readonly Nutrient[]
  readonly tooMuchOf: readonly Nutrient[]
  /** Salt of the root zone, dS/m of a saturated extract: at its most, and as roots met it over the season. */
  readonly ecMostDsM: number
  readonly ecMeanDsM: number
  /** What salt leaves of the crop, by that mean, 0–1. */
  readonly saltYieldShare: number
  readonly price: number
  readonly minutes: number
  /** 0–1: what it leaves of the crop, by its shortest nutrient and its salt. */
  readonly score: number
  /** Products that it names and cannot use. */
  readonly unusable: readonly UnusableProduct[]
  readonly reasons: readonly Reason[]
}

/** Less than this of what is needed is called short; more than this left over, too much (memory). */
const SHORT_BELOW = 0.9
const TOO_MUCH_OVER = 0.75
/** Work of one feed, minutes: a can, or strewing and watering in (memory). */
const CAN_MINUTES = 1.5
const STREWN_MINUTES = 2.5

/**
 * What a programme would do to this pot from a day on: short where, too much
 * where, how salty, what it costs and how much work it is.
 */
export function judgeProgramme(
  steps: readonly BentStep[],
  pot: ProgrammePot,
  productOf: ProductOf,
  tools: FeedTools,
): ProgrammeVerdict {
  const feeds = plannedFeeds(steps, pot, productOf, tools)
  return { ...judgeFeeds(feeds, pot), unusable: unusableIn(steps, productOf) }
}

/** What was gone without between two days, beside what was needed, as a share that was met. */
function hadShareOf(
  { rows }: NutrientLedger,
  nutrient: Nutrient,
  from: number,
  to: number,
): number {
  const row = rows[nutrient]
  let want = 0
  for (let day = from; day <= to; day++) want += row.needG[day]!
  if (!(want > 0)) return 1
  const debt = owedG(row, to) - (from > 0 ? owedG(row, from - 1) : 0)
  return Math.max(0, Math.min(1, 1 - debt / want))
}

/** Mean salt of the root zone between two days, each by the water that was drawn on it, dS/m. */
function saltMet({ ecDsM, rows }: NutrientLedger, { usedL }: FedPot, from: number, to: number) {
  const drawn = usedL ?? rows.n.needG
  let [sum, weight] = [0, 0]
  for (let day = from; day <= to; day++) {
    sum += ecDsM[day]! * drawn[day]!
    weight += drawn[day]!
  }
  return weight > 0 ? sum / weight : (ecDsM[to] ?? 0)
}

/** Plants that were just set out settle in for so long, days (memory). */
const YOUNG_DAYS = 28
/** One that loses up to half of its growth in that time catches up again (memory). */
const CATCHES_UP_SHARE = 0.5

/**
 * What salt leaves of a crop between two days, 0–1: by the season's mean of the
 * root zone, weighed by the water that roots draw. Thresholds hold from the late
 * seedling on; who is burnt while settling in does not make it up.
 *
 * @source Maas & Hoffman 1977, J. Irrig. Drain. Div. ASCE 103:115–134
 */
function saltLeaves(ledger: NutrientLedger, { crop, fed }: ProgrammePot, from: number, to: number) {
  const meanDsM = saltMet(ledger, fed, from, to)
  const settledOn = Math.min(to, fed.plantedOn + YOUNG_DAYS)
  const young = settledOn > from ? saltYieldShare(crop, saltMet(ledger, fed, from, settledOn)) : 1
  const share = saltYieldShare(crop, meanDsM) * Math.min(1, young / CATCHES_UP_SHARE)
  let mostDsM = 0
  for (let day = from; day <= to; day++) mostDsM = Math.max(mostDsM, ledger.ecDsM[day]!)
  return { meanDsM, mostDsM, share }
}

/** The same of feeds that are already laid out. */
export function judgeFeeds(feeds: readonly PlannedFeed[], pot: ProgrammePot): ProgrammeVerdict {
  const events = feeds.map(({ day, dose }): FeedEvent => ({
    day,
    product: dose.product,
    massG: dose.massG,
    isDryRing: dose.placement === 'dryRimRing' && pot.dosed.hasReservoir,
    ...(dose.solution && { volumeL: dose.solution.volumeL }),
  }))
  const ledger = nutrientLedger(pot.fed, [...pot.recorded, ...events])
  const from = Math.max(0, pot.from, pot.fed.plantedOn)
  const to = Math.min(pot.to, ledger.days - 1)
  const needG = ofNutrients((one) => {
    let total = 0
    for (let day = from; day <= to; day++) total += ledger.rows[one].needG[day]!
    return total
  })
  const hadShare = ofNutrients((one) => hadShareOf(ledger, one, from, to))
  const tooMuchShare = ofNutrients((one) =>
    needG[one] > 0 ? (ledger.rows[one].leftG[to] ?? 0) / needG[one] : 0,
  )
  const { mostDsM, meanDsM, share: saltShare } = saltLeaves(ledger, pot, from, to)
  const price = feeds.reduce(
    (total, { dose }) => total + dose.massG * (priceOfG(dose.product) ?? 0),
    0,
  )
  const minutes = feeds.reduce(
    (total, { dose }) => total + (isSoluble(dose.product) ? CAN_MINUTES : STREWN_MINUTES),
    0,
  )
  const shortOf = nutrients.filter((one) => hadShare[one] < SHORT_BELOW)
  // Calcium and magnesium come with the water, and what is over of phosphorus sits on the mix.
  const tooMuchOf = nutrients.filter(
    (one) => (one === 'n' || one === 'k') && tooMuchShare[one] > TOO_MUCH_OVER,
  )
  const shortest = Math.min(...nutrients.map((one) => hadShare[one]))
  return {
    ledger,
    feeds,
    hadShare,
    tooMuchShare,
    shortOf,
    tooMuchOf,
    ecMostDsM: mostDsM,
    ecMeanDsM: meanDsM,
    saltYieldShare: saltShare,
    price,
    minutes,
    score: shortest * saltShare,
    unusable: [],
    reasons: [
      reason(
        'feed.judgeShort',
        { hadShare: shortest, nShare: hadShare.n, kShare: hadShare.k, caShare: hadShare.ca },
        memory,
      ),
      reason(
        'feed.judgeSalt',
        { ec: meanDsM, mostEc: mostDsM, limit: SALT_LIMIT[pot.crop].thresholdEc },
        maasHoffman,
      ),
      reason(
        'feed.judgeWork',
        { feedCount: feeds.length, minuteCount: Math.round(minutes) },
        memory,
      ),
      reason('feed.school', {}, practice),
    ],
  }
}
