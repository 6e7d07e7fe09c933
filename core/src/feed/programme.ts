import { memory, practice, reason, type Reason } from '../units'
import { ofNutrients, nutrients, type Nutrient, type NutrientAmounts } from './label'
import { doseFor, type DosedPot, type FeedDose, type FeedTools } from './dose'
import { nutrientLedger, type FedPot, type FeedEvent, type NutrientLedger } from './ledger'
import { SALT_LIMIT, saltYieldShare } from './need'
import type { FeedPlan } from './plan'
import { programmes, type ProgrammeStep, type StepDose } from './schools'
import { isSoluble, priceOfG, type FeedProduct } from './product'
import type { Crop } from '../plant'

/** A programme as the gardener has bent it. */
export const stepsOf = (plan: FeedPlan): readonly ProgrammeStep[] =>
  programmes[plan.programmeId].map((one, index) => {
    const times = plan.strength ?? 1
    const { dose } = one
    const bent: StepDose =
      dose.kind === 'strength'
        ? { ...dose, ppm: dose.ppm * times }
        : dose.kind === 'label'
          ? { ...dose, times: dose.times * times }
          : dose.kind === 'volume'
            ? { ...dose, ml: dose.ml * times }
            : { ...dose, gramsL: dose.gramsL * times }
    return {
      ...one,
      dose: bent,
      // Its first product is the one that is chosen; the others are what makes the school.
      ...(index === 0 && plan.productId !== undefined && { productId: plan.productId }),
      ...(index === 0 && plan.lateProductId !== undefined && { lateProductId: plan.lateProductId }),
      ...(plan.everyDays !== undefined &&
        one.everyDays > 0 &&
        one.everyDays < 365 && { everyDays: plan.everyDays }),
    }
  })

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

/** A step's dose for a pot on a day on which it takes so much solution. */
export function stepDose(
  { dose }: ProgrammeStep,
  product: FeedProduct,
  pot: DosedPot,
  tools: FeedTools,
): FeedDose {
  switch (dose.kind) {
    case 'strength':
      return doseFor(pot, product, { kind: 'strength', ppm: dose.ppm }, tools)
    case 'label': {
      const { massG } = doseFor(pot, product, { kind: 'label' }, tools)
      return doseFor(pot, product, { kind: 'mass', massG: massG * dose.times }, tools)
    }
    case 'volume': {
      const massG = dose.ml * (product.densityGMl ?? 1)
      return doseFor(pot, product, { kind: 'mass', massG }, tools)
    }
    case 'perLitreMix':
      return doseFor(pot, product, { kind: 'mass', massG: dose.gramsL * pot.fillVolumeL }, tools)
  }
}

/** Product of a step on a day. */
export const productOn = (
  { productId, lateProductId }: ProgrammeStep,
  day: number,
  flowersOn: number,
): string => (lateProductId !== undefined && day >= flowersOn ? lateProductId : productId)

/** Days on which a step is due. */
export function stepDays(
  { firstDay, everyDays, times = Infinity }: ProgrammeStep,
  { fed, from, to }: Pick<ProgrammePot, 'fed' | 'from' | 'to'>,
): number[] {
  const days: number[] = []
  const start = fed.plantedOn + firstDay
  let count = 0
  for (let day = start; day <= to && count < times; day += Math.max(1, everyDays)) {
    if (everyDays === 0 && !((fed.givenL[day] ?? 0) > 0.05)) continue
    count++
    if (day >= from) days.push(day)
  }
  return days
}

/** All feeds of a programme for a pot, in order. */
export function plannedFeeds(
  steps: readonly ProgrammeStep[],
  pot: ProgrammePot,
  productOf: ProductOf,
  tools: FeedTools,
): PlannedFeed[] {
  return steps
    .flatMap((one) =>
      stepDays(one, pot).flatMap((day): PlannedFeed[] => {
        const product = productOf(productOn(one, day, pot.flowersOn))
        if (!product) return []
        const takesL = pot.fed.givenL[day] || pot.dosed.takesL
        return [{ day, dose: stepDose(one, product, { ...pot.dosed, takesL }, tools) }]
      }),
    )
    .sort((one, other) => one.day - other.day)
}

/** What a programme would do to a pot. */
export interface ProgrammeVerdict {
  readonly ledger: NutrientLedger
  readonly feeds: readonly PlannedFeed[]
  /** Of what plants want over the days judged, what they would have, 0–1. */
  readonly hadShare: NutrientAmounts
  /** Brought and neither taken nor washed out at the end, beside the need, 0–1 and more. */
  readonly tooMuchShare: NutrientAmounts
  readonly shortOf: readonly Nutrient[]
  readonly tooMuchOf: readonly Nutrient[]
  readonly ecMostDsM: number
  /** What salt leaves of the crop on its worst day, 0–1. */
  readonly saltYieldShare: number
  readonly price: number
  readonly minutes: number
  /** 0–1: what it leaves of the crop, by its shortest nutrient and its salt. */
  readonly score: number
  readonly reasons: readonly Reason[]
}

/** Less than this of what is wanted is called short; more than this left over, too much (memory). */
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
  steps: readonly ProgrammeStep[],
  pot: ProgrammePot,
  productOf: ProductOf,
  tools: FeedTools,
): ProgrammeVerdict {
  const feeds = plannedFeeds(steps, pot, productOf, tools)
  return judgeFeeds(feeds, pot)
}

/** The same of feeds that are already laid out. */
export function judgeFeeds(feeds: readonly PlannedFeed[], pot: ProgrammePot): ProgrammeVerdict {
  const events = feeds.map(({ day, dose }): FeedEvent => ({
    day,
    product: dose.product,
    massG: dose.massG,
    isDryRing: dose.placement === 'dryRimRing',
  }))
  const ledger = nutrientLedger(pot.fed, [...pot.recorded, ...events])
  const from = Math.max(pot.from, pot.fed.plantedOn)
  const sum = (row: Float64Array) => {
    let total = 0
    for (let day = Math.max(0, from); day <= Math.min(pot.to, ledger.days - 1); day++)
      total += row[day]!
    return total
  }
  const needG = ofNutrients((one) => sum(ledger.rows[one].needG))
  const hadShare = ofNutrients((one) => {
    const { takenG, needG: need } = ledger.rows[one]
    const want = sum(need)
    return want > 0 ? Math.min(1, sum(takenG) / want) : 1
  })
  const tooMuchShare = ofNutrients((one) =>
    needG[one] > 0
      ? (ledger.rows[one].leftG[Math.min(pot.to, ledger.days - 1)] ?? 0) / needG[one]
      : 0,
  )
  let ecMostDsM = 0
  for (let day = Math.max(0, from); day <= Math.min(pot.to, ledger.days - 1); day++)
    ecMostDsM = Math.max(ecMostDsM, ledger.ecDsM[day]!)
  const saltShare = saltYieldShare(pot.crop, ecMostDsM)
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
    ecMostDsM,
    saltYieldShare: saltShare,
    price,
    minutes,
    score: shortest * saltShare,
    reasons: [
      reason(
        'feed.judgeShort',
        { hadShare: shortest, nShare: hadShare.n, kShare: hadShare.k, caShare: hadShare.ca },
        memory,
      ),
      reason('feed.judgeSalt', { ec: ecMostDsM, limit: SALT_LIMIT[pot.crop].thresholdEc }, memory),
      reason(
        'feed.judgeWork',
        { feedCount: feeds.length, minuteCount: Math.round(minutes) },
        memory,
      ),
      reason('feed.school', {}, practice),
    ],
  }
}
