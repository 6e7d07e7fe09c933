import { expect, test } from '@jest/globals'
import { defaultMeasures, inMeasures, measureMl } from '.'

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
