import { InputError, type Solve } from '../units'
import { nutrients, nutrientsIn, ofNutrients, type Nutrient, type NutrientAmounts } from './label'
import { priceOfG } from './product'
import type { FeedProduct } from './productSchema'
import { MICROBES, releaseOf, warmDay } from './release'
import { ecOfGramL } from './solution'

/** A product that could be given to this pot now. */
export interface FeedChoice {
  readonly product: FeedProduct
  /** At most: by its label for this pot, and by what is on the shelf, g. */
  readonly mostG: number
  /** The most its label allows at once, were it given alone, g. */
  readonly labelG: number
}

/** What a feed is to do until the next visit. */
export interface FeedWish {
  /** What plants will be short of by then, g. */
  readonly missingG: NutrientAmounts
  /** What they want in that time: how much a gram short or over counts. */
  readonly needG: NutrientAmounts
  /** May be left over without harm, g. */
  readonly spareG: NutrientAmounts
  readonly days: number
  /** Of the mix over that time. */
  readonly tempC: number
  /** Salt that still has room: dS/m times litres of a saturated pot. */
  readonly saltRoom: number
}

export interface ChosenFeed {
  readonly product: FeedProduct
  readonly massG: number
}

export interface FeedChoices {
  readonly feeds: readonly ChosenFeed[]
  /** Brought by then, g. */
  readonly bringsG: NutrientAmounts
  /** Still missing, g. */
  readonly unmetG: NutrientAmounts
  readonly price: number
  /** Short and over beside the need, summed over nutrients, the least there can be. */
  readonly misfit: number
  /** The one thing to buy that would mend most of what is not met. */
  readonly toBuy: { readonly product: FeedProduct; readonly misfit: number } | undefined
}

/** An excess counts half as much as a shortage (memory). */
const OVER_WEIGHT = 0.5
/** A nutrient of which hardly anything is needed in the time counts no more than this, g. */
const LEAST_NEED_G = 0.02
const TIME_LIMIT_S = 5
/** Another product is not worth so little: less than a spoon can measure (memory). */
const SLACK_MISFIT = 0.03
/** Less is not worth a product more, or a spoon. */
const EPSILON = 1e-6
const LEAST_G = 0.05

/** Of a gram of a product, what is there for plants by the end of the time, g. */
export const bringsWithin = (
  product: FeedProduct,
  { days, tempC }: Pick<FeedWish, 'days' | 'tempC'>,
): NutrientAmounts => {
  const perGram = nutrientsIn(product.analysis, 1)
  return ofNutrients((nutrient) => {
    const { share, clock, by } = releaseOf(product, nutrient)
    return perGram[nutrient] * share * (clock ? by(days * warmDay(clock ?? MICROBES, tempC)) : 1)
  })
}

/** How badly some amounts fit a wish: what is short and what is over, each beside its need. */
export function misfitOf(bringsG: NutrientAmounts, { missingG, needG, spareG }: FeedWish): number {
  return nutrients.reduce((sum, nutrient) => {
    const scale = Math.max(LEAST_NEED_G, needG[nutrient])
    const short = Math.max(0, missingG[nutrient] - bringsG[nutrient])
    const over = Math.max(0, bringsG[nutrient] - missingG[nutrient] - spareG[nutrient])
    return sum + (short + OVER_WEIGHT * over) / scale
  }, 0)
}

/** What feeds by itself; salts of potassium, calcium or magnesium go beside it. */
export const hasNitrogen = ({ analysis }: FeedProduct): boolean => (analysis.n ?? 0) > 0

const term = (value: number, name: string) => `${value >= 0 ? '+' : '-'} ${Math.abs(value)} ${name}`

/** The programme in the solver's own words; what is asked of it last comes first. */
function lpOf(
  choices: readonly FeedChoice[],
  wish: FeedWish,
  objective: string,
  bounds: readonly string[],
): string {
  const brings = choices.map(({ product }) => bringsWithin(product, wish))
  const lines = nutrients.flatMap((nutrient: Nutrient) => {
    const from = brings
      .map((one, index) => (one[nutrient] > 0 ? term(one[nutrient], `x${index}`) : ''))
      .filter(Boolean)
      .join(' ')
    const missing = wish.missingG[nutrient]
    return [
      ` short_${nutrient}: ${from} + s_${nutrient} >= ${missing}`,
      // Left out where nothing brings any: an empty row is none.
      ...(from
        ? [` over_${nutrient}: ${from} - o_${nutrient} <= ${missing + wish.spareG[nutrient]}`]
        : []),
    ]
  })
  const salt = choices
    .map(({ product }, index) => {
      const ec = ecOfGramL(product)
      return ec > 0 ? term(ec, `x${index}`) : ''
    })
    .filter(Boolean)
    .join(' ')
  // Each label speaks of its feed alone: of two at once, half of each.
  const shared = choices
    .map(({ product, labelG }, index) =>
      hasNitrogen(product) && labelG > 0 ? term(1 / labelG, `x${index}`) : '',
    )
    .filter(Boolean)
    .join(' ')
  return [
    'Minimize',
    ` cost: ${objective}`,
    'Subject To',
    ...lines,
    ...(salt ? [` salt: ${salt} <= ${Math.max(0, wish.saltRoom)}`] : []),
    ...(shared ? [` labels: ${shared} <= 1`] : []),
    ...choices.map(
      ({ mostG }, index) => ` used${index}: x${index} - ${Math.max(EPSILON, mostG)} y${index} <= 0`,
    ),
    ...bounds,
    'Binaries',
    ` ${choices.map((_, index) => `y${index}`).join(' ')}`,
    'End',
  ].join('\n')
}

const misfitText = ({ needG }: FeedWish): string =>
  nutrients
    .map((nutrient) => {
      const scale = 1 / Math.max(LEAST_NEED_G, needG[nutrient])
      return `${term(scale, `s_${nutrient}`)} ${term(OVER_WEIGHT * scale, `o_${nutrient}`)}`
    })
    .join(' ')

function solved(lp: string, solve: Solve) {
  const found = solve(lp, TIME_LIMIT_S)
  if (found.status !== 'optimal') throw new InputError('notSolved')
  return found
}

/** Least misfit that some products allow. */
const leastMisfit = (choices: readonly FeedChoice[], wish: FeedWish, solve: Solve): number =>
  choices.length
    ? solved(lpOf(choices, wish, misfitText(wish), []), solve).objective
    : misfitOf(
        ofNutrients(() => 0),
        wish,
      )

/**
 * Feeds out of what is at hand that best bring what a pot will be short of until
 * the next visit: least misfit first, to within what a spoon can measure; then the
 * fewest products, then the cheapest.
 * Within each label, those of feeds with nitrogen shared between them, and within
 * what salt still has room for.
 *
 * @param atHand what could be given today
 * @param toBuy  what could be bought
 * @param solve  a solver of linear programmes with whole numbers
 */
export function chooseFeeds(
  atHand: readonly FeedChoice[],
  wish: FeedWish,
  solve: Solve,
  toBuy: readonly FeedChoice[] = [],
): FeedChoices {
  const choices = atHand.filter(({ mostG }) => mostG > LEAST_G)
  const misfit = leastMisfit(choices, wish, solve)
  let feeds: ChosenFeed[] = []
  if (choices.length) {
    const isMet = (most: number) => ` met: ${misfitText(wish)} <= ${most}`
    const fewest = choices.map((_, index) => `y${index}`).join(' + ')
    const within = isMet(misfit + SLACK_MISFIT)
    const count = Math.round(solved(lpOf(choices, wish, fewest, [within]), solve).objective)
    const few = ` few: ${fewest} <= ${count}`
    const best = solved(lpOf(choices, wish, misfitText(wish), [few]), solve).objective
    const price = choices
      .map(({ product }, index) => term(priceOfG(product) ?? 0, `x${index}`))
      .join(' ')
    const cheapest = solved(
      lpOf(choices, wish, price || '0 x0', [few, isMet(best + 1e-4 * (1 + best))]),
      solve,
    )
    feeds = choices
      .map(({ product }, index) => ({ product, massG: cheapest.values[`x${index}`] ?? 0 }))
      .filter(({ massG }) => massG > LEAST_G)
  }
  const brings = feeds.map(({ product }) => bringsWithin(product, wish))
  const bringsG = ofNutrients((nutrient) =>
    feeds.reduce((sum, { massG }, index) => sum + massG * brings[index]![nutrient], 0),
  )
  return {
    feeds,
    bringsG,
    unmetG: ofNutrients((nutrient) => Math.max(0, wish.missingG[nutrient] - bringsG[nutrient])),
    price: feeds.reduce((sum, { product, massG }) => sum + massG * (priceOfG(product) ?? 0), 0),
    misfit,
    toBuy: bestBuy(choices, wish, solve, toBuy, misfit),
  }
}

/** A purchase that mends less than this of the misfit is not worth the walk. */
const WORTH_SHARE = 0.1
const WORTH_MISFIT = 0.05

function bestBuy(
  choices: readonly FeedChoice[],
  wish: FeedWish,
  solve: Solve,
  toBuy: readonly FeedChoice[],
  misfit: number,
): FeedChoices['toBuy'] {
  if (misfit < WORTH_MISFIT) return undefined
  let best: FeedChoices['toBuy']
  for (const one of toBuy) {
    const isKnown = choices.some(({ product }) => product.id === one.product.id)
    if (isKnown || !(one.mostG > LEAST_G)) continue
    const found = leastMisfit([...choices, one], wish, solve)
    if (found < (best?.misfit ?? misfit * (1 - WORTH_SHARE)) - EPSILON)
      best = { product: one.product, misfit: found }
  }
  return best
}

/**
 * The one product, and how much of it, that fits a wish best: misfit is a convex
 * line of straight pieces over grams, so its least lies at one of their ends.
 * Undefined where nothing is better than giving nothing.
 */
export function bestSingle(choices: readonly FeedChoice[], wish: FeedWish): ChosenFeed | undefined {
  let best = {
    misfit: misfitOf(
      ofNutrients(() => 0),
      wish,
    ),
    feed: undefined as ChosenFeed | undefined,
  }
  for (const { product, mostG } of choices) {
    const perGram = bringsWithin(product, wish)
    const ec = ecOfGramL(product)
    const limitG = Math.min(mostG, ec > 0 ? Math.max(0, wish.saltRoom) / ec : mostG)
    const ends = nutrients.flatMap((nutrient) =>
      perGram[nutrient] > 0
        ? [
            wish.missingG[nutrient] / perGram[nutrient],
            (wish.missingG[nutrient] + wish.spareG[nutrient]) / perGram[nutrient],
          ]
        : [],
    )
    for (const massG of [...ends, limitG]) {
      if (!(massG > LEAST_G) || massG > limitG) continue
      const misfit = misfitOf(
        ofNutrients((nutrient) => perGram[nutrient] * massG),
        wish,
      )
      if (misfit < best.misfit - EPSILON) best = { misfit, feed: { product, massG } }
    }
  }
  return best.feed
}
