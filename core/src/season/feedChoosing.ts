import {
  bestSingle,
  doseFor,
  isInWater,
  isSoluble,
  labelDose,
  labelStrengthGL,
  missingBy,
  neededIn,
  ofNutrients,
  saltLimitEc,
  solutionL,
  type DosedPot,
  type FeedChoice,
  type FeedDose,
  type FeedPlan,
  type FeedProduct,
  type FeedWish,
} from '../feed'
import { feedProducts, shelfStock, type Garden } from '../garden'
import { feedTools, type PotFeeding } from './feeding'

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

/** Products on the shelf of which something is left, as they could be given to a pot. */
export function choicesAtHand(
  garden: Garden,
  dosed: DosedPot,
  only: (product: FeedProduct) => boolean = () => true,
): FeedChoice[] {
  return shelfStock(garden)
    .filter(({ product, leftG }) => leftG > 0 && product.placement !== 'foliar' && only(product))
    .flatMap(({ product, leftG }) => {
      const mostG = mostOf(product, dosed)
      return mostG === undefined ? [] : [{ product, mostG: Math.min(mostG, leftG), labelG: mostG }]
    })
}

/** What a label allows for a pot at once; undefined where it does not say, or cannot be told without a spoon. */
function mostOf(product: FeedProduct, dosed: DosedPot): number | undefined {
  try {
    return labelDose(product, dosed, solutionL(dosed))?.mostG
  } catch {
    return undefined
  }
}

/** Everything that could be bought, as it could be given to a pot. */
export const choicesToBuy = (garden: Garden, dosed: DosedPot): FeedChoice[] =>
  feedProducts(garden)
    .filter(
      ({ form, placement }) => form !== 'notFeed' && form !== 'lime' && placement !== 'foliar',
    )
    .flatMap((product) => {
      const mostG = mostOf(product, dosed)
      return mostG === undefined ? [] : [{ product, mostG, labelG: mostG }]
    })

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
  const rate = product.rates.find(isInWater)
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
