import {
  isFeed,
  isHomeMade,
  labelDose,
  missingBy,
  neededIn,
  ofNutrients,
  saltLimitEc,
  solutionL,
  stepFault,
  type DosedPot,
  type FeedChoice,
  type FeedProduct,
  type FeedWish,
} from '../../feed'
import { feedProducts, shelfStock, type Garden, type ShelfStock } from '../../garden'
import { type PotFeeding } from './potFeeding'

/** At hand beyond what is needed until the next feed, it does no harm for as long again. */
const SPARE_TIMES = 1
/** What a plant went without is made up little by little: at most as much again as it needs in the time (memory). */
const MAKES_UP_TIMES = 2
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

/** Products on a shelf of which something is left, as they could be given to a pot. */
export const choicesFrom = (
  shelf: readonly ShelfStock[],
  dosed: DosedPot,
  only: (product: FeedProduct) => boolean = () => true,
): FeedChoice[] =>
  shelf
    .filter(({ product, leftG }) => leftG > 0 && only(product))
    .flatMap(({ product, leftG }) => choiceOf(product, dosed, leftG))

/** The same of what is at hand by all that is recorded. */
export const choicesAtHand = (
  garden: Garden,
  dosed: DosedPot,
  only?: (product: FeedProduct) => boolean,
): FeedChoice[] => choicesFrom(shelfStock(garden), dosed, only)

/** Everything that could be bought, as it could be given to a pot. */
export const choicesToBuy = (garden: Garden, dosed: DosedPot): FeedChoice[] =>
  feedProducts(garden)
    .filter((product) => isFeed(product) && !isHomeMade(product))
    .flatMap((product) => choiceOf(product, dosed, Infinity))
