import { describe, expect, test } from '@jest/globals'
import { addDays } from '../units'
import { catalogue, cultivars, habitClasses, plantGrowth, varietySchema, type Variety } from '.'

const PLANTED = '2026-04-20'
const variety = (id: string): Variety => catalogue.find((one) => one.id === id)!
const on = (id: string, days: number, share = 1) =>
  plantGrowth(variety(id), PLANTED, addDays(PLANTED, days), share)

describe('the catalogue', () => {
  test('habit classes come first, ids are single, every entry is valid', () => {
    expect(catalogue.slice(0, habitClasses.length)).toEqual(habitClasses)
    expect(new Set(catalogue.map((one) => one.id)).size).toBe(catalogue.length)
    for (const one of catalogue) expect(varietySchema.safeParse(one).success).toBe(true)
  })
  test('vines are 1.8 m and more, bushes 0.9–1.2 m and less (practice)', () => {
    for (const one of cultivars.filter(({ habit }) => habit === 'indeterminate')) {
      expect(one.matureHeightMm).toBeGreaterThanOrEqual(1800)
      expect(one.matureHeightMm).toBeLessThanOrEqual(3000)
    }
    for (const one of cultivars.filter(({ habit }) => habit === 'determinate'))
      expect(one.matureHeightMm).toBeLessThanOrEqual(1200)
  })
})

describe('growth', () => {
  test('planted out 13–20 cm tall (practice), and not there before', () => {
    expect(on('moneymaker', 0).heightMm).toBeGreaterThanOrEqual(130)
    expect(on('moneymaker', 0).heightMm).toBeLessThanOrEqual(200)
    expect(on('moneymaker', -1).stage).toBe('notPlanted')
  })
  test('grows all the while and ends at its grown height', () => {
    let before = on('moneymaker', 0)
    for (let days = 5; days <= 150; days += 5) {
      const now = on('moneymaker', days)
      expect(now.heightMm).toBeGreaterThanOrEqual(before.heightMm)
      expect(now.canopyM2).toBeGreaterThanOrEqual(before.canopyM2)
      before = now
    }
    expect(before.heightMm / variety('moneymaker').matureHeightMm).toBeCloseTo(1, 1)
  })
  test('first ripe fruit stands at the days to maturity, not before', () => {
    const { daysToMaturity } = variety('stupice')
    const ripe = (days: number) =>
      on('stupice', days).trusses.filter((one) => one.ripeness === 'ripe')
    expect(ripe(daysToMaturity - 1)).toHaveLength(0)
    expect(ripe(daysToMaturity)).toHaveLength(1)
    expect(on('stupice', daysToMaturity).stage).toBe('cropping')
  })
  test('trusses hang on the stem, lowest and ripest first', () => {
    const { trusses, heightMm } = on('blackCherry', 80)
    expect(trusses.length).toBeGreaterThan(3)
    trusses.forEach((truss, index) => {
      expect(truss.heightMm).toBeLessThan(heightMm)
      if (index) expect(truss.heightMm).toBeGreaterThan(trusses[index - 1]!.heightMm)
    })
    expect(trusses[0]!.ripeness).toBe('ripe')
  })
  test('an eighth of the mass is half the height and a quarter of the leaf', () => {
    const [full, eighth] = [on('moneymaker', 200), on('moneymaker', 200, 1 / 8)]
    expect(eighth.heightMm / full.heightMm).toBeCloseTo(1 / 2, 2)
    expect(eighth.canopyM2 / full.canopyM2).toBeCloseTo(1 / 4, 2)
  })
  test('FAO 56 table 17: tomato 1.10 falling to 0.60–0.80, pepper 1.00 to 0.80; a vine crops on', () => {
    expect(on('rioGrande', 80).basalCoefficient).toBeCloseTo(1.1, 9)
    expect(on('rioGrande', 400).basalCoefficient).toBeGreaterThanOrEqual(0.6)
    expect(on('rioGrande', 400).basalCoefficient).toBeLessThanOrEqual(0.8)
    expect(on('padron', 80).basalCoefficient).toBeCloseTo(1, 9)
    expect(on('padron', 400).basalCoefficient).toBeCloseTo(0.8, 9)
    expect(on('moneymaker', 400).basalCoefficient).toBeCloseTo(1.1, 9)
  })
})
