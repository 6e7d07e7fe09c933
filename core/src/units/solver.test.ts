import { beforeAll, describe, expect, test } from '@jest/globals'
import highsLoader from 'highs'
import { solveWithHighs, type Solve } from '.'

let solve: Solve
beforeAll(async () => {
  solve = solveWithHighs(await highsLoader())
})
const programme = (objective: string, rows: readonly string[], tail: readonly string[] = []) =>
  [objective, 'Subject To', ...rows.map((row, index) => ` c${index}: ${row}`), ...tail, 'End'].join(
    '\n',
  )

describe('the solver', () => {
  // Dantzig's textbook shape of problem: 3x + 5y with x ≤ 4, 2y ≤ 12, 3x + 2y ≤ 18 is 36 at (2, 6)
  // (Hillier & Lieberman, Introduction to Operations Research, the Wyndor example).
  const wyndor = ['x <= 4', '2 y <= 12', '3 x + 2 y <= 18']

  test('finds the known best of a worked example', () => {
    const { status, objective, values } = solve(programme('Maximize\n obj: 3 x + 5 y', wyndor), 5)
    expect(status).toBe('optimal')
    expect(objective).toBeCloseTo(36, 9)
    expect(values).toMatchObject({ x: expect.closeTo(2, 9), y: expect.closeTo(6, 9) })
  })
  test('in whole numbers the best is another one: found against every pair', () => {
    const rows = ['7 x + 5 y <= 33', '2 x + 9 y <= 31']
    let best = 0
    for (let x = 0; x <= 5; x++)
      for (let y = 0; y <= 6; y++)
        if (7 * x + 5 * y <= 33 && 2 * x + 9 * y <= 31) best = Math.max(best, 4 * x + 5 * y)
    const whole = programme('Maximize\n obj: 4 x + 5 y', rows, ['General', ' x y'])
    const parts = programme('Maximize\n obj: 4 x + 5 y', rows)
    expect(solve(whole, 5).objective).toBeCloseTo(best, 9)
    expect(solve(parts, 5).objective).toBeGreaterThan(best)
  })
  test('says that it cannot be where it cannot', () => {
    const { status } = solve(programme('Maximize\n obj: x', ['x <= 1', 'x >= 2']), 5)
    expect(status).toBe('infeasible')
  })
})
