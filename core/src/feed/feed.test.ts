import { describe, expect, test } from '@jest/globals'
import { amendmentG, labelToElements, starterDose, starterProducts } from '.'
import type { Amendment } from '../mix'
import { defaultMeasures } from '../units'

// Standard atomic weights, IUPAC 2021, abridged.
const WEIGHT = { O: 15.999, P: 30.974, K: 39.098, Ca: 40.078, Mg: 24.305 }
const { O, P, K, Ca, Mg } = WEIGHT

describe('labels', () => {
  test('oxides as elements, by atomic weights', () => {
    const elements = labelToElements({ n: 10, p2o5: 100, k2o: 100, cao: 100, mgo: 100 })
    expect(elements.n).toBe(10)
    expect(elements.p).toBeCloseTo((100 * 2 * P) / (2 * P + 5 * O), 1)
    expect(elements.k).toBeCloseTo((100 * 2 * K) / (2 * K + O), 1)
    expect(elements.ca).toBeCloseTo((100 * Ca) / (Ca + O), 1)
    expect(elements.mg).toBeCloseTo((100 * Mg) / (Mg + O), 1)
  })
  test('what is not printed is none', () => {
    expect(labelToElements({ n: 21 })).toEqual({ n: 21, p: 0, k: 0, ca: 0, mg: 0 })
  })
})

const product = (id: string) => starterProducts.find((one) => one.id === id)!

describe('starter feed', () => {
  test('half a cup of granular organic in a bucket is within the rates (practice)', () => {
    const halfCupG = 118 * product('granularOrganic').densityGMl
    const { leastG, mostG } = starterDose(product('granularOrganic'), 19)
    expect(halfCupG).toBeGreaterThan(leastG)
    expect(halfCupG).toBeLessThan(mostG * 1.1)
  })
  test('a handful or two of granular organic for a large pot is within the rates (practice)', () => {
    const handfulG = 40 * product('granularOrganic').densityGMl
    const { leastG, mostG } = starterDose(product('granularOrganic'), 45)
    expect(2 * handfulG).toBeGreaterThan(leastG)
    expect(handfulG).toBeLessThan(mostG)
  })
  test('controlled release runs 2–5 g/L (memory)', () => {
    const { leastG, massG, mostG } = starterDose(product('controlledRelease'), 10)
    expect([leastG, massG, mostG]).toEqual([20, 30, 50])
  })
  test('20 L at 3 g/L of 15-9-12 bring 9 g of nitrogen', () => {
    const { nutrientsG } = starterDose(product('controlledRelease'), 20)
    expect(nutrientsG.n).toBeCloseTo(9, 9)
    expect(nutrientsG.p).toBeCloseTo(60 * 0.09 * 0.4364, 3)
  })
  test('bone meal carries about 24 % calcium (memory) and the caution of dogs', () => {
    expect(labelToElements(product('boneMeal').analysis).ca).toBeCloseTo(24, 0)
    expect(product('boneMeal').cautions).toContain('dogs')
  })
})

describe('amendments of a recipe', () => {
  const of = (amount: number, unit: Amendment['unit'], volumeL: number) =>
    amendmentG({ productId: 'x', amount, unit }, volumeL, 0.8, 'us', defaultMeasures)

  test('by the litre they follow the pot, by the measure they do not', () => {
    expect(of(2, 'gramsPerLitre', 19)).toBe(38)
    expect(of(2, 'handfulsPerPot', 19)).toBe(of(2, 'handfulsPerPot', 40))
    expect(of(2, 'handfulsPerPot', 19)).toBeCloseTo(2 * 40 * 0.8, 9)
  })
  test('a US cup is sixteen tablespoons, a tablespoon three teaspoons (NIST Handbook 44)', () => {
    expect(of(1, 'cupsPerPot', 1)).toBeCloseTo(of(16, 'tablespoonsPerPot', 1), 9)
    expect(of(1, 'tablespoonsPerPot', 1)).toBeCloseTo(of(3, 'teaspoonsPerPot', 1), 9)
  })
  test('gypsum and Epsom salt by their formula mass', () => {
    const gypsum = labelToElements(product('gypsum').analysis)
    const H = 1.008
    const S = 32.06
    expect(gypsum.ca).toBeCloseTo((100 * Ca) / (Ca + S + 4 * O + 2 * (2 * H + O)), 0)
    const epsom = labelToElements(product('epsomSalt').analysis)
    expect(epsom.mg).toBeCloseTo((100 * Mg) / (Mg + S + 4 * O + 7 * (2 * H + O)), 1)
  })
  test('a tablespoon of Epsom salt in 19 L is within its rates (practice)', () => {
    const { leastG, mostG } = starterDose(product('epsomSalt'), 19)
    const spoonG = 14.8 * product('epsomSalt').densityGMl
    expect(spoonG).toBeGreaterThan(leastG)
    expect(spoonG).toBeLessThan(mostG)
  })
})
