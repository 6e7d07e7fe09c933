import {
  bestSingle,
  canRateOf,
  doseFor,
  isFeed,
  isHomeMade,
  isSoluble,
  labelDose,
  labelStrengthGL,
  missingBy,
  neededIn,
  ofNutrients,
  saltLimitEc,
  solutionL,
  stepFault,
  stepsOf,
  type BentStep,
  type DosedPot,
  type FeedChoice,
  type FeedDose,
  type FeedPlan,
  type FeedProduct,
  type FeedWish,
} from '../../feed'
import { feedTools, feedProducts, shelfStock, type Garden } from '../../garden'
import { type PotFeeding } from './potFeeding'

/** Days between two feeds where the gardener has not said, fed to measure. */
export const MEASURE_DAYS = 7
/** Roots settle in before the first (practice). */
export const FIRST_AFTER_DAYS = 10
/** At hand beyond what is wanted until the next feed, it does no harm for as long again. */
const SPARE_TIMES = 1
/** What a plant went without is made up little by little: at most as much again as it wants in the time (memory). */
const MAKES_UP_TIMES = 2
/** Less than this share of what is wanted in the time is not worth a feed. */
const WORTH_SHARE = 0.1

/** As the salt of the pot leaves room for more, dS/m times its litres when every pore is full. */
const saltRoomOf = ({ ledger, fed, crop }: PotFeeding, day: number): number =>
  Math.max(0, saltLimitEc(crop) - (ledger.ecDsM[day] ?? 0)) * fed.saturatedL

/**
 * What a feed given on a day is to bring until the next visit.
 *
 * @param day  of the course
 * @param days until the next feed
 */
export function feedWish(feeding: PotFeeding, day: number, days: number): FeedWish {
  const needG = neededIn(feeding.ledger, day - 1, days)
  const missing = missingBy(feeding.ledger, day - 1, days)
  const { tempC } = feeding.fed
  const ahead = tempC.subarray(day, day + days)
  return {
    missingG: ofNutrients((one) => Math.min(missing[one], MAKES_UP_TIMES * needG[one])),
    needG,
    spareG: ofNutrients((one) => SPARE_TIMES * needG[one]),
    days,
    tempC: ahead.length ? ahead.reduce((sum, value) => sum + value, 0) / ahead.length : 20,
    saltRoom: saltRoomOf(feeding, Math.max(0, day - 1)),
  }
}

/** A product as it could be given to a pot; none where its label does not say how much. */
function choiceOf(product: FeedProduct, dosed: DosedPot, leftG: number): FeedChoice[] {
  if (product.placement === 'foliar' || stepFault({ kind: 'label', times: 1 }, product)) return []
  const labelG = labelDose(product, dosed, solutionL(dosed))?.mostG
  return labelG === undefined ? [] : [{ product, mostG: Math.min(labelG, leftG), labelG }]
}

/** Products on the shelf of which something is left, as they could be given to a pot. */
export function choicesAtHand(
  garden: Garden,
  dosed: DosedPot,
  only: (product: FeedProduct) => boolean = () => true,
): FeedChoice[] {
  return shelfStock(garden)
    .filter(({ product, leftG }) => leftG > 0 && only(product))
    .flatMap(({ product, leftG }) => choiceOf(product, dosed, leftG))
}

/** Everything that could be bought, as it could be given to a pot. */
export const choicesToBuy = (garden: Garden, dosed: DosedPot): FeedChoice[] =>
  feedProducts(garden)
    .filter((product) => isFeed(product) && !isHomeMade(product))
    .flatMap((product) => choiceOf(product, dosed, Infinity))

/**
 * Steps of a plan, as far as products are chosen for it: fed to measure it has one
 * that gives whatever is chosen, in a can, by its label.
 */
export function stepsFor(plan: FeedPlan): readonly BentStep[] {
  if (plan.programmeId !== 'toMeasure') return stepsOf(plan)
  const { productId = plan.lateProductId, lateProductId } = plan
  if (productId === undefined) return []
  const dose = { kind: 'label', times: 1, isInCan: true } as const
  const step = { productId, dose, firstDay: 0, everyDays: MEASURE_DAYS, strength: 1 }
  return [{ ...step, ...(lateProductId !== undefined && { lateProductId }) }]
}

/** Fed to measure: the one product at hand, at its label's strength, in as many litres as bring what is missing. */
export function measuredDose(
  garden: Garden,
  feeding: PotFeeding,
  dosed: DosedPot,
  day: number,
  plan: FeedPlan,
): FeedDose | undefined {
  const days = plan.everyDays ?? MEASURE_DAYS
  const wish = feedWish(feeding, day, days)
  const isWorth = (['n', 'k'] as const).some(
    (one) => wish.missingG[one] > WORTH_SHARE * wish.needG[one] && wish.missingG[one] > 0,
  )
  if (!isWorth) return undefined
  const chosen = day >= feeding.flowersOn ? (plan.lateProductId ?? plan.productId) : plan.productId
  const ofPlan = (product: FeedProduct) =>
    isSoluble(product) && (chosen === undefined || product.id === chosen)
  const best = bestSingle(choicesAtHand(garden, dosed, ofPlan), wish)
  if (!best) return undefined
  const { product } = best
  const rate = canRateOf(product)
  const tools = feedTools(garden)
  const massG = best.massG * (plan.strength ?? 1)
  if (!rate) return doseFor(dosed, product, { kind: 'mass', massG }, tools)
  const { gramsL, mostGL } = labelStrengthGL(rate, product)
  // One can for all pots: its strength is the label's, its litres are the pot's own.
  const roomL = solutionL(dosed)
  const strengthGL = massG / gramsL > roomL ? mostGL : gramsL
  const volumeL = Math.min(massG / strengthGL, roomL)
  return doseFor(dosed, product, { kind: 'litres', volumeL, gramsL: strengthGL }, tools)
}
