import { describe, expect, test } from '@jest/globals'
import { demo, withoutCounts } from '../../../test/demo'
import { densityGMlOf, ingredientsOf, mixesOf, type Garden } from '../../garden'
import { drainedState, ingredients, interpretDrainTest, recipes, type MixTest } from '../../mix'
import { handfulMlFrom } from '../../units'
import {
  gardenToday,
  judgeExtract,
  mixTaskOf,
  mixTaskOn,
  rechargeOf,
  mixSeasonsOf,
  tryMix,
  withMix,
  type MixWish,
} from '..'

const NOW = demo.clock!
const { pots } = gardenToday(demo, NOW)
const bare: Garden = { ...withoutCounts(demo), mixTests: [], ingredients: [] }
const of = (kind: MixTest['kind'], more: object) =>
  ({ id: kind, at: NOW, kind, ...more }) as MixTest

describe('what was measured takes the place of what is typical', () => {
  test('nothing measured, nothing changed', () => {
    expect(ingredientsOf(bare)).toEqual(ingredients)
  })
  test('a weighed scoop: the dry litre in proportion to the moist one', () => {
    const weigh = of('weigh', { of: 'ingredient', testedId: 'bark', volumeL: 2, massG: 840 })
    const { bark } = ingredientsOf({ ...bare, mixTests: [weigh] })
    expect(bark!.moistDensityGL).toBe(420)
    // Typical bark weighs 350 g as bought and 230 g dry.
    expect(bark!.bulkDensityGL).toBeCloseTo((420 * 230) / 350, 9)
    expect(bark!.isMeasured).toBe(true)
  })
  test('a drain test of an ingredient moves its pores and its water', () => {
    const drain = of('drain', {
      of: 'ingredient',
      testedId: 'compost',
      potL: 2,
      heightMm: 150,
      waterInL: 1.3,
      waterOutL: 0.2,
      startWaterL: 0.2,
    })
    const { compost } = ingredientsOf({ ...bare, mixTests: [drain] })
    expect(compost!.waterShares[0]).toBeCloseTo(0.75, 6)
    const shares = compost!.waterShares
    shares.slice(1).forEach((share, index) => expect(share).toBeLessThanOrEqual(shares[index]!))
  })
  test('pH and salt of an ingredient', () => {
    const extract = of('extract', {
      of: 'ingredient',
      testedId: 'compost',
      method: 'oneToTwo',
      ph: 7.9,
      ecDsM: 2,
    })
    const { compost } = ingredientsOf({ ...bare, mixTests: [extract] })
    expect(compost).toMatchObject({ ph: 7.9, ecDsM: 5.2 })
  })
  test('the gardener’s own figures stand over the typical, and tests over both', () => {
    const own = { ...ingredients['bark']!, moistDensityGL: 400 }
    expect(ingredientsOf({ ...bare, ingredients: [own] })['bark']!.moistDensityGL).toBe(400)
    const weigh = of('weigh', { of: 'ingredient', testedId: 'bark', volumeL: 1, massG: 500 })
    const both = ingredientsOf({ ...bare, ingredients: [own], mixTests: [weigh] })
    expect(both['bark']!.moistDensityGL).toBe(500)
  })
  test('the demo’s drain test of its bark mix is met in the test’s own pot', () => {
    const test = demo.mixTests.find((one) => one.kind === 'drain')!
    if (test.kind !== 'drain') throw new Error('no drain test')
    const shape = {
      kind: 'round',
      topDiameterMm: 160,
      bottomDiameterMm: 160,
      heightMm: 200,
    } as const
    const { curve } = mixesOf(demo)('fastDrainBark')!
    const { containerCapacity, airSpace } = interpretDrainTest(test)
    const state = drainedState(shape, test.heightMm, curve)
    expect(Math.abs(state.containerCapacity - containerCapacity)).toBeLessThan(0.01)
    expect(Math.abs(state.airSpace - airSpace)).toBeLessThan(0.01)
  })
  test('a spoon on the scale weighs a feed, a handful measures the hand', () => {
    const weigh = of('weigh', { of: 'product', testedId: 'boneMeal', volumeL: 0.015, massG: 15 })
    expect(densityGMlOf({ mixTests: [weigh] }, 'boneMeal')).toBeCloseTo(1, 9)
    expect(densityGMlOf({ mixTests: [] }, 'boneMeal')).toBe(0.85)
    expect(handfulMlFrom(52, 1.3)).toBeCloseTo(40, 9)
  })
})

describe('trying a mix', () => {
  test('in each pot of the demo with its own mix there is water, air and a weight', () => {
    for (const pot of pots) {
      const { properties, pots: tried } = tryMix(demo, [pot], pot.mix!.recipe)
      const { inPot } = tried[0]!
      expect(inPot.airSpace.value + inPot.containerCapacity.value).toBeCloseTo(
        properties.totalPorosity.value,
        6,
      )
      expect(inPot.wetG).toBeGreaterThan(inPot.dryG)
      expect(inPot.settledAir.value).toBeLessThan(inPot.airSpace.value)
    }
  })
  test('a reservoir box tells how far its water reaches, others do not', () => {
    const { pots: tried } = tryMix(demo, pots, recipes[0]!)
    expect(tried.filter(({ reach }) => reach).map(({ pot }) => pot.container.code)).toEqual([
      'R1',
      'R2',
    ])
  })
  test('the garden itself is not changed by it', () => {
    const [pot] = pots
    const other = withMix(pot!, mixesOf(demo)('plainEarth')!)
    expect(other.mix!.recipe.id).toBe('plainEarth')
    expect(pot!.mix!.recipe.id).toBe('thirds')
  })
})

test('a task for the solver has the garden’s stock, and what is ruled out at nothing', () => {
  const wish: MixWish = {
    aim: 'cheapest',
    ingredients: ['peat', 'compost', 'nobody'].map((ingredientId) => ({
      ingredientId,
      isAllowed: ingredientId !== 'peat',
      leastShare: 0.1,
      mostShare: 0.8,
    })),
    wished: { containerCapacity: 0.5, airSpace: 0.2 },
    limits: {},
    mostKinds: 3,
    isStockOnly: true,
  }
  const task = mixTaskOf(demo, demo.containers.slice(0, 2), wish)
  expect(
    task.candidates.map((one) => [
      one.leastShare,
      one.mostShare,
      // What the pots of spring took is told to a hundredth of a litre.
      Math.round(one.stockL * 10) / 10,
      one.isBought,
    ]),
  ).toEqual([
    [0, 0, 0, false],
    [0.1, 0.8, 46, false],
  ])
  expect(task.vessels).toHaveLength(2)
  // For pots as they stand, what was mixed for them is used up all the same.
  const standing = mixTaskOn(demo, [demo.containers[0]!.id, demo.containers[1]!.id], NOW, wish)
  expect(standing.candidates).toEqual(task.candidates)
  expect(standing.vessels).toHaveLength(2)
})

describe('a pot’s old mix', () => {
  const facts = { seasons: 1, trouble: 'none', waterEcDsM: 0.4 } as const
  const at = (id: string) => demo.containers.find((one) => one.id === id)!

  test('seasons are counted from its first planting, the first as one', () => {
    expect(mixSeasonsOf(demo, at('b1'), '2026-06-18')).toBe(1)
    expect(mixSeasonsOf(demo, at('b1'), '2028-06-18')).toBe(3)
    expect(mixSeasonsOf({ ...demo, plantings: [] }, at('b1'), '2026-06-18')).toBe(1)
  })
  test('what was measured of the pot is taken: too acid, so lime', () => {
    const measured = rechargeOf(demo, at('n1'), facts)!
    expect(measured.ph.limeG).toBeGreaterThan(0)
    expect(measured.reasons.map(({ code }) => code)).toContain('oldMix.saltMeasured')
    const assumed = rechargeOf(bare, at('n1'), facts)!
    expect(assumed.reasons.map(({ code }) => code)).toContain('oldMix.saltAssumed')
  })
  test('a reading of a pot is judged for the whole pot', () => {
    const test = demo.mixTests.find((one) => one.kind === 'extract')!
    if (test.kind !== 'extract') throw new Error('no extract')
    const { ph, salt } = judgeExtract(demo, test)
    expect(salt.verdict).toBe('good')
    expect(ph.limeG).toBeGreaterThan(10)
    expect(
      judgeExtract(demo, { ...test, of: 'recipe', testedId: 'fastDrainBark' }).ph.limeG,
    ).toBeLessThan(3)
  })
  test('a pot without a mix has nothing to recharge', () => {
    const { recipeId: _, ...empty } = at('b1')
    expect(rechargeOf(demo, empty, facts)).toBeUndefined()
  })
})
