import { own } from '../units'
import type { BatchLine } from './batch'
import type { Ingredient, Pack } from './ingredientSchema'

export interface Buy {
  readonly pack: Pack
  /** Whole packs. */
  readonly count: number
}

/** What to buy of one ingredient. */
export interface Purchase {
  readonly ingredient: Ingredient
  /** Loose, over all mixes. */
  readonly needL: number
  /** Of it at hand. */
  readonly fromStockL: number
  readonly buys: readonly Buy[]
  readonly price: number
  /** What is left of the packs when all is mixed. */
  readonly leftOverL: number
  /** Needed, not at hand, and not sold: to be made at home. */
  readonly homeMadeL: number
}

/** A five-hundredth is less than a scoop is filled to: no reason to buy another pack. */
const SLACK_SHARE = 0.002
/** Rounding, L. */
const DROP_L = 1e-6

interface Combination {
  readonly counts: readonly number[]
  readonly price: number
  readonly looseL: number
}

/** Of two that do, the cheaper; of equals the one that leaves less, then the one with fewer packs. */
function isBetter(one: Combination, other: Combination): boolean {
  const packs = ({ counts }: Combination) => counts.reduce((sum, count) => sum + count, 0)
  if (Math.abs(one.price - other.price) > 1e-9) return one.price < other.price
  if (Math.abs(one.looseL - other.looseL) > DROP_L) return one.looseL < other.looseL
  return packs(one) < packs(other)
}

/** Amounts that differ by less than this part of what is wanted are taken as the same. */
const ALIKE_SHARE = 1 / 10_000

/** A choice of packs on the way: which size is looked at next, and what is still to be bought. */
interface Started {
  readonly index: number
  readonly leftL: number
  readonly chosen: Combination
}

/**
 * The cheapest whole packs that hold an amount. All combinations that could be
 * cheaper are tried: largest packs first, none followed further once it costs more
 * than the best, and of those that leave the same to be bought only the best. Sizes
 * that share a price a litre are told apart only by what is left of them, so it is
 * this last that keeps the search short.
 */
function cheapest(packs: readonly Pack[], looseL: number): Combination {
  const ordered = [...packs].sort((one, other) => other.looseL - one.looseL)
  const perL = ordered.map((_, index) =>
    Math.min(...ordered.slice(index).map((pack) => pack.price / pack.looseL)),
  )
  const alikeL = Math.max(DROP_L, looseL * ALIKE_SHARE)
  const bestFrom = new Map<number, Combination>()
  let best: Combination = { counts: [], price: Infinity, looseL: Infinity }
  const none = { counts: ordered.map(() => 0), price: 0, looseL: 0 }
  const waiting: Started[] = [{ index: 0, leftL: looseL, chosen: none }]
  while (waiting.length) {
    const { index, leftL, chosen } = waiting.pop()!
    if (leftL <= DROP_L) {
      if (isBetter(chosen, best)) best = chosen
      continue
    }
    const pack = ordered[index]
    if (!pack || chosen.price + leftL * perL[index]! > best.price + 1e-9) continue
    const place = Math.round(leftL / alikeL) * ordered.length + index
    const before = bestFrom.get(place)
    if (before && !isBetter(chosen, before)) continue
    bestFrom.set(place, chosen)
    waiting.push({ index: index + 1, leftL, chosen })
    waiting.push({
      index,
      leftL: leftL - pack.looseL,
      chosen: {
        counts: chosen.counts.map((count, place) => (place === index ? count + 1 : count)),
        price: chosen.price + pack.price,
        looseL: chosen.looseL + pack.looseL,
      },
    })
  }
  return {
    ...best,
    counts: packs.map((pack) => best.counts[ordered.indexOf(pack)] ?? 0),
  }
}

/**
 * What to buy of an ingredient: the cheapest combination of whole packs for what
 * is not at hand.
 *
 * @param needL  loose litres wanted
 * @param stockL loose litres at hand
 */
export function packsFor(ingredient: Ingredient, needL: number, stockL = 0): Purchase {
  const fromStockL = Math.min(needL, stockL)
  const missingL = needL - fromStockL
  const slackL = SLACK_SHARE * needL + DROP_L
  const base = { ingredient, needL, fromStockL }
  if (missingL <= slackL || !ingredient.packs.length)
    return {
      ...base,
      buys: [],
      price: 0,
      leftOverL: 0,
      homeMadeL: missingL <= slackL ? 0 : missingL,
    }
  const { counts, price, looseL } = cheapest(ingredient.packs, missingL - slackL)
  return {
    ...base,
    buys: ingredient.packs.flatMap((pack, index) =>
      counts[index] ? [{ pack, count: counts[index] }] : [],
    ),
    price,
    leftOverL: Math.max(0, looseL - missingL),
    homeMadeL: 0,
  }
}

/** One list for everything that is to be mixed. */
export interface PacksToBuy {
  readonly purchases: readonly Purchase[]
  /** Paid at the till. */
  readonly price: number
  /** Of that, worth what is used up and not left over. */
  readonly usedPrice: number
}

/** What to buy for several mixes together, what is at hand taken off. */
export function packsToBuy(
  lines: readonly BatchLine[],
  stockL: Readonly<Record<string, number>>,
): PacksToBuy {
  const purchases = lines.map(({ ingredient, looseL }) =>
    packsFor(ingredient, looseL, own(stockL, ingredient.id) ?? 0),
  )
  const bought = ({ needL, fromStockL, homeMadeL }: Purchase) => needL - fromStockL - homeMadeL
  return {
    purchases,
    price: purchases.reduce((sum, one) => sum + one.price, 0),
    usedPrice: purchases.reduce((sum, one) => {
      const litres = bought(one) + one.leftOverL
      return litres > 0 ? sum + (one.price * bought(one)) / litres : sum
    }, 0),
  }
}
