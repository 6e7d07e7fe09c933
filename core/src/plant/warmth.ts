import { published, remembered } from '../units'
import type { Crop } from './varietySchema'

/**
 * Days to maturity are told for a temperate summer, its days like this one
 * (memory). What a plant gains in warmth is counted in such days.
 */
export const NORMAL_DAY = { tempMaxC: 24, tempMinC: 14 }

/** Where a plant stands still, does best, and stands still again. */
interface Cardinal {
  readonly leastC: number
  readonly bestC: number
  readonly mostC: number
}

/**
 * Tomatoes: fitted to the days from flower to ripe fruit of Adams, Cockshull &
 * Cave 2001, at 14, 18, 22 and 26 °C within 8 %. Peppers need it warmer (memory).
 */
const CARDINAL: Readonly<Record<Crop, Cardinal>> = {
  tomato: { leastC: 1, bestC: 25, mostC: 34.5 },
  pepper: { leastC: 5, bestC: 27, mostC: 37 },
}

export const warmthProvenance = published(
  'Yan & Hunt 1999, Annals of Botany 84:607–614; Adams, Cockshull & Cave 2001, Annals of Botany 88:869–877',
)

/**
 * How fast a plant develops at a temperature, beside its best, 0–1.
 *
 * @source Yan & Hunt 1999, Eq. 7: r = (Tm − T)/(Tm − To) × ((T − Tl)/(To − Tl))^((To − Tl)/(Tm − To))
 */
function paceAt(tempC: number, { leastC, bestC, mostC }: Cardinal): number {
  if (tempC <= leastC || tempC >= mostC) return 0
  const risen = (tempC - leastC) / (bestC - leastC)
  const left = (mostC - tempC) / (mostC - bestC)
  return left * risen ** ((bestC - leastC) / (mostC - bestC))
}

type TempsOfDay = { readonly tempMaxC: number; readonly tempMinC: number }

/** Over a sine between lowest and highest, the mean of anything smooth is its mean at these (Chebyshev). */
const NODES = [1, 3, 5, 7].map((odd) => Math.cos((odd * Math.PI) / 8))

function meanPace({ tempMaxC, tempMinC }: TempsOfDay, cardinal: Cardinal): number {
  const meanC = (tempMaxC + tempMinC) / 2
  const halfK = (tempMaxC - tempMinC) / 2
  let sum = 0
  for (const node of NODES) sum += paceAt(meanC + node * halfK, cardinal)
  return sum / NODES.length
}

const normalPace = remembered((cardinal: Cardinal) => meanPace(NORMAL_DAY, cardinal))

/**
 * What a day's warmth does for a plant, in days of a normal summer: 1 on a day of
 * 24/14 °C, more on a warmer one, less again in great heat, nothing in the cold.
 */
export function summerDays(crop: Crop, day: TempsOfDay): number {
  const cardinal = CARDINAL[crop]
  return meanPace(day, cardinal) / normalPace(cardinal)
}

/** Below what sums of shares of days are off by, days. */
const ROUNDING_DAYS = 1e-9

/** First day on which the warmth is reached; the number of days where it is not. */
export function dayReaching(warmthOnDay: Float64Array, warmth: number): number {
  let [low, high] = [0, warmthOnDay.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (warmthOnDay[middle]! >= warmth - ROUNDING_DAYS) high = middle
    else low = middle + 1
  }
  return low
}
