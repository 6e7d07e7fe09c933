import { describe, expect, test } from '@jest/globals'
import { mixTestKinds, mixTestSchema } from '@rimbo/core'
import { testGuides } from './testFields'

/** Something sensible for every field that a guide asks for. */
const TYPED: Readonly<Record<string, number>> = {
  potL: 3,
  heightMm: 150,
  waterInL: 2,
  waterOutL: 0.5,
  startWaterL: 0.2,
  looseL: 10,
  mixedL: 9,
  volumeL: 1,
  massG: 500,
  ph: 6.2,
  ecDsM: 1.4,
}

describe('the guides of the kitchen tests', () => {
  test('there is one for each kind of test, with steps to follow', () => {
    expect(testGuides.map(({ kind }) => kind).sort()).toEqual([...mixTestKinds].sort())
    for (const { steps } of testGuides) expect(steps.length).toBeGreaterThan(2)
  })
  test.each(testGuides.map((guide) => [guide.kind, guide] as const))(
    '%s asks for all that its test is made of, and for nothing else',
    (kind, { fields, of }) => {
      const typed = Object.fromEntries(fields.map(({ name }) => [name, TYPED[name]]))
      const made = {
        id: 't',
        at: '2026-06-18T07:30',
        kind,
        of: of[0],
        testedId: 'thirds',
        squeeze: 'holds',
        method: 'oneToTwo',
        ...typed,
      }
      expect(mixTestSchema.safeParse(made).success).toBe(true)
      for (const { name } of fields)
        expect(mixTestSchema.safeParse({ ...made, [name]: undefined }).success).toBe(false)
    },
  )
  test('what is waited for can be waited for: minutes, not days', () => {
    for (const { steps } of testGuides)
      for (const { waitMin } of steps)
        if (waitMin !== undefined) {
          expect(waitMin).toBeGreaterThan(0)
          expect(waitMin).toBeLessThanOrEqual(120)
        }
  })
})
