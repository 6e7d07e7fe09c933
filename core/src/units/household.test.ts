import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { defaultMeasures, inMeasures, measureMl, pouredIn } from '.'

test('a handful is two to three tablespoons (practice)', () => {
  const spoons = defaultMeasures.handfulMl / measureMl('tablespoon', 'metric', defaultMeasures)
  expect(spoons).toBeGreaterThanOrEqual(2)
  expect(spoons).toBeLessThanOrEqual(3)
})

test('a cup holds sixteen US tablespoons of three teaspoons (NIST Handbook 44)', () => {
  const ml = (name: 'cup' | 'tablespoon' | 'teaspoon') => measureMl(name, 'us', defaultMeasures)
  expect(ml('cup') / ml('tablespoon')).toBeCloseTo(16, 9)
  expect(ml('tablespoon') / ml('teaspoon')).toBeCloseTo(3, 9)
})

test.each([
  [52, 1.3, { measure: 'handful', count: 1 }],
  [26, 1.3, { measure: 'handful', count: 0.5 }],
  [19.5, 1.3, { measure: 'tablespoon', count: 1 }],
  [5, 1, { measure: 'teaspoon', count: 1 }],
  [1, 1, { measure: 'teaspoon', count: 0.25 }],
  [500, 1, { measure: 'handful', count: 13 }],
] as const)('%d g at %d g/mL by hand', (massG, density, expected) => {
  expect(inMeasures(massG, density, 'metric', defaultMeasures)).toEqual(expected)
})

test('a measure is never far from the dose: a third at most, and none where a quarter teaspoon is far too much', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 0.001, max: 2000, noNaN: true }),
      fc.double({ min: 0.2, max: 1.5, noNaN: true }),
      fc.constantFrom('metric', 'us', 'imperial'),
      fc.boolean(),
      (volumeMl, densityGMl, system, isPoured) => {
        const given = isPoured
          ? pouredIn(volumeMl, system, defaultMeasures)
          : inMeasures(volumeMl * densityGMl, densityGMl, system, defaultMeasures)
        const leastMl = (measureMl('teaspoon', system, defaultMeasures) / 4) * 0.75
        expect(given === undefined).toBe(volumeMl < leastMl * (1 - 1e-9))
        if (!given) return
        const ml = given.count * measureMl(given.measure, system, defaultMeasures)
        expect(ml / volumeMl).toBeLessThan(1.34)
        expect(ml / volumeMl).toBeGreaterThan(0.66)
      },
    ),
  ))
