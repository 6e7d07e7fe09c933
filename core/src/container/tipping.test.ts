import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { tippingWind, type Tippable } from './tipping'

const pot: Tippable = {
  massKg: 14,
  baseMm: 280,
  shape: 'round',
  leafAreaM2: 0.9,
  plantHeightMm: 1500,
  rimMm: 300,
}
const gust = (more: Partial<Tippable> = {}) => tippingWind({ ...pot, ...more }).gustMS

describe('the gust that tips a pot', () => {
  test('is, for stiff leaf, where the drag equation’s moment is that of its weight', () => {
    // So light that it tips before leaves fold: ½ρ·Cd·A·v²·h = m·g·b/2, by hand.
    const light = { massKg: 2, baseMm: 150 }
    const armM = 0.3 + 0.55 * 1.5
    const moment = 0.5 * 1.225 * (0.9 * 0.35) * gust(light) ** 2 * armM
    expect(gust(light)).toBeLessThan(5)
    expect(moment).toBeCloseTo(2 * 9.81 * 0.075, 9)
  })
  test('is higher than by the square once leaves fold (Vogel 1989)', () => {
    const stiff = Math.sqrt((14 * 9.81 * 0.14) / (0.5 * 1.225 * 0.315 * 1.125))
    expect(gust()).toBeGreaterThan(stiff)
  })
  test('rises with weight and foot, and falls with leaf and height', () => {
    const positive = (max: number) => fc.double({ min: 0.1, max, noNaN: true })
    fc.assert(
      fc.property(positive(80), positive(2), positive(3), (massKg, leafAreaM2, times) => {
        const here = gust({ massKg, leafAreaM2 })
        expect(gust({ massKg: massKg * (1 + times), leafAreaM2 })).toBeGreaterThanOrEqual(here)
        expect(gust({ massKg, leafAreaM2: leafAreaM2 * (1 + times) })).toBeLessThanOrEqual(here)
        expect(gust({ massKg, leafAreaM2, baseMm: 280 * (1 + times) })).toBeGreaterThanOrEqual(here)
        expect(gust({ massKg, leafAreaM2, plantHeightMm: 1500 * (1 + times) })).toBeLessThanOrEqual(
          here,
        )
      }),
    )
  })
  test('has no jump where leaves begin to fold, and an end where there is no leaf', () => {
    const tipsAt = (massKg: number) => gust({ massKg, baseMm: 150 })
    let before = tipsAt(1)
    for (let massKg = 1.1; massKg < 12; massKg += 0.1) {
      expect(tipsAt(massKg) - before).toBeLessThan(0.6)
      before = tipsAt(massKg)
    }
    expect(gust({ leafAreaM2: 0 })).toBe(60)
  })
})
