// Feeds chosen out of a shelf, against looking at every possibility.
import { beforeAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import highsLoader from 'highs'
import { feed, soluble } from '../../test/feeding'
import { solveWithHighs, type Solve } from '../units'
import {
  bestSingle,
  bringsWithin,
  chooseFeeds,
  ecOfGramL,
  feedCatalogue,
  hasNitrogen,
  misfitOf,
  noNutrients,
  ofNutrients,
  type FeedChoice,
  type FeedWish,
} from '.'

let solve: Solve
beforeAll(async () => {
  solve = solveWithHighs(await highsLoader())
})

const wish = (missingG: Partial<FeedWish['missingG']>, more: Partial<FeedWish> = {}): FeedWish => {
  const missing = { ...noNutrients, ...missingG }
  return {
    missingG: missing,
    needG: ofNutrients((one) => Math.max(0.1, missing[one])),
    spareG: ofNutrients((one) => 0.2 * Math.max(0.1, missing[one])),
    days: 7,
    tempC: 20,
    saltRoom: 1000,
    ...more,
  }
}
const choice = (product: FeedChoice['product'] | string, mostG = 100): FeedChoice => ({
  product: typeof product === 'string' ? feed(product) : product,
  mostG,
  labelG: mostG,
})
const brought = (
  feeds: readonly { product: FeedChoice['product']; massG: number }[],
  of: FeedWish,
) =>
  ofNutrients((one) =>
    feeds.reduce((sum, { product, massG }) => sum + massG * bringsWithin(product, of)[one], 0),
  )

/** Least misfit on a grid over the grams of up to three products. */
function exhaustive(choices: readonly FeedChoice[], of: FeedWish, steps: number): number {
  let best = Infinity
  const masses = choices.map(() => 0)
  const visit = (index: number): void => {
    if (index === choices.length) {
      const salt = choices.reduce(
        (sum, { product }, at) => sum + masses[at]! * ecOfGramL(product),
        0,
      )
      const labels = choices.reduce(
        (sum, { product, labelG }, at) => sum + (hasNitrogen(product) ? masses[at]! / labelG : 0),
        0,
      )
      if (salt > of.saltRoom + 1e-9 || labels > 1 + 1e-9) return
      const feeds = choices.map(({ product }, at) => ({ product, massG: masses[at]! }))
      best = Math.min(best, misfitOf(brought(feeds, of), of))
      return
    }
    for (let step = 0; step <= steps; step++) {
      masses[index] = (choices[index]!.mostG * step) / steps
      visit(index + 1)
    }
  }
  visit(0)
  return best
}

describe('out of a small shelf', () => {
  test('nothing that was looked at one by one is better, and the grid comes close', () => {
    const shelves = [
      ['tomatoFeed', 'balancedSoluble', 'calciumNitrate'],
      ['fishEmulsion', 'potassiumSulphate', 'epsomSalt'],
      ['granularOrganic', 'tomatoFeed', 'monopotassiumPhosphate'],
    ]
    const wishes = [
      wish({ n: 0.8, p: 0.1, k: 1.2, ca: 0.4, mg: 0.1 }),
      wish({ n: 0.5, k: 0.5 }),
      wish({ n: 1, p: 0.2, k: 2 }, { saltRoom: 6 }),
    ]
    for (const shelf of shelves)
      for (const of of wishes) {
        const choices = shelf.map((id) => choice(id, 30))
        const found = chooseFeeds(choices, of, solve)
        const least = exhaustive(choices, of, 24)
        expect(found.misfit).toBeLessThanOrEqual(least + 1e-6)
        expect(least - found.misfit).toBeLessThan(0.6)
        // What is given is as good, to within what a spoon can measure.
        expect(misfitOf(brought(found.feeds, of), of)).toBeLessThan(found.misfit + 0.032)
      }
  })
  test('keeps to labels, stock and salt, whatever is wanted', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.double({ min: 1, max: 20, noNaN: true }),
        (n, k, saltRoom) => {
          const of = wish({ n, k }, { saltRoom })
          const choices = [choice('tomatoFeed', 12), choice('balancedSoluble', 4)]
          const { feeds } = chooseFeeds(choices, of, solve)
          for (const { product, massG } of feeds)
            expect(massG).toBeLessThanOrEqual(
              choices.find((one) => one.product.id === product.id)!.mostG + 1e-6,
            )
          const salt = feeds.reduce(
            (sum, { product, massG }) => sum + massG * ecOfGramL(product),
            0,
          )
          expect(salt).toBeLessThanOrEqual(saltRoom + 1e-6)
        },
      ),
      { numRuns: 25 },
    ))
})

test('two feeds with nitrogen share their labels; a salt without any goes beside', () => {
  const of = wish({ n: 50, k: 50, mg: 5 })
  const found = chooseFeeds(
    [choice('tomatoFeed', 20), choice('balancedSoluble', 6), choice('epsomSalt', 12)],
    of,
    solve,
  )
  const shareOf = (id: string, labelG: number) =>
    (found.feeds.find(({ product }) => product.id === id)?.massG ?? 0) / labelG
  expect(shareOf('tomatoFeed', 20) + shareOf('balancedSoluble', 6)).toBeLessThanOrEqual(1 + 1e-6)
  expect(shareOf('epsomSalt', 12)).toBeGreaterThan(0.99)
})

describe('of sets that do as well', () => {
  test('the one with fewer products is taken', () => {
    const both = soluble('both', { n: 10, k: 10 })
    const choices = [soluble('onlyN', { n: 10 }), soluble('onlyK', { k: 10 }), both].map((one) =>
      choice(one),
    )
    const { feeds } = chooseFeeds(choices, wish({ n: 1, k: 1 }), solve)
    expect(feeds.map(({ product }) => product.id)).toEqual(['both'])
    expect(feeds[0]!.massG).toBeGreaterThan(9.9)
  })
  test('of as many, the cheaper', () => {
    const dear = soluble('dear', { n: 10 }, { packs: [{ massG: 100, price: 20 }] })
    const cheap = soluble('cheap', { n: 10 }, { packs: [{ massG: 100, price: 2 }] })
    for (const shelf of [
      [dear, cheap],
      [cheap, dear],
    ])
      expect(
        chooseFeeds(
          shelf.map((one) => choice(one)),
          wish({ n: 1 }),
          solve,
        ).feeds[0]!.product.id,
      ).toBe('cheap')
  })
})

describe('what cannot be met', () => {
  test('is said, with the one thing to buy that would mend it', () => {
    const found = chooseFeeds([choice('epsomSalt')], wish({ n: 1, k: 1 }), solve, [
      choice('calciumNitrate'),
      choice('potassiumNitrate'),
      choice('boneMeal'),
    ])
    expect(found.feeds).toEqual([])
    expect(found.unmetG.n).toBeCloseTo(1, 9)
    expect(found.toBuy!.product.id).toBe('potassiumNitrate')
    expect(found.toBuy!.misfit).toBeLessThan(found.misfit)
  })
  test('with an empty shelf something to buy is named out of the whole catalogue', () => {
    const all = feedCatalogue
      .filter(({ form }) => form !== 'notFeed' && form !== 'lime')
      .map((product) => choice(product, 20))
    const found = chooseFeeds([], wish({ n: 0.6, p: 0.1, k: 0.9 }), solve, all)
    expect(found.feeds).toEqual([])
    expect(found.toBuy).toBeDefined()
  })
  test('where all is met there is nothing to buy', () => {
    const found = chooseFeeds([choice('potassiumNitrate')], wish({ n: 0.14, k: 0.38 }), solve, [
      choice('tomatoFeed'),
    ])
    expect(found.misfit).toBeLessThan(0.05)
    expect(found.toBuy).toBeUndefined()
  })
  test('where nothing is missing nothing is given', () =>
    expect(chooseFeeds([choice('tomatoFeed')], wish({}), solve).feeds).toEqual([]))
})

describe('the one best product', () => {
  test('is what the solver finds where only one may be had', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('tomatoFeed', 'balancedSoluble', 'fishEmulsion', 'calciumNitrate'),
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        (id, n, k) => {
          const of = wish({ n, k })
          const single = bestSingle([choice(id, 40)], of)
          const misfit = misfitOf(brought(single ? [single] : [], of), of)
          expect(misfit).toBeCloseTo(chooseFeeds([choice(id, 40)], of, solve).misfit, 3)
        },
      ),
      { numRuns: 25 },
    ))
  test('is none where none is better than nothing', () =>
    expect(bestSingle([choice('epsomSalt')], wish({ n: 1 }))).toBeUndefined())
})

test('slow feeds count only with what they give in time', () => {
  const inWeek = bringsWithin(feed('bloodMeal'), { days: 7, tempC: 22 })
  const inSeason = bringsWithin(feed('bloodMeal'), { days: 120, tempC: 22 })
  expect(inWeek.n).toBeLessThan(0.4 * inSeason.n)
  expect(bringsWithin(feed('bloodMeal'), { days: 7, tempC: 12 }).n).toBeLessThan(inWeek.n)
})
