// Fits against certified figures, and against general libraries.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { levenbergMarquardt } from 'ml-levenberg-marquardt'
import { CholeskyDecomposition, Matrix, solve } from 'ml-matrix'
import { choleskyOf, crossed, fitted, leastSquares } from './leastSquares'

const amount = fc.double({ min: -10, max: 10, noNaN: true })
const rowsOf = (across: number) =>
  fc.array(fc.array(amount, { minLength: across, maxLength: across }), {
    minLength: across,
    maxLength: 20,
  })

describe('fitted', () => {
  test('Misra1a of the NIST Statistical Reference Datasets, to seven digits', () => {
    const x = [
      77.6, 114.9, 141.1, 190.8, 239.9, 289, 332.8, 378.4, 434.8, 477.3, 536.8, 593.1, 689.1, 760,
    ]
    const y = [
      10.07, 14.73, 17.94, 23.93, 29.61, 35.18, 40.02, 44.82, 50.76, 55.05, 61.01, 66.4, 75.47,
      81.78,
    ]
    const [scale, logRate] = fitted(
      ([b1, logB2]) => x.map((one, at) => b1! * (1 - Math.exp(-Math.exp(logB2!) * one)) - y[at]!),
      [500, Math.log(1e-4)],
      { least: [0, -20], most: [1e4, 5] },
    )
    // Certified: b1 = 238.94212918, b2 = 5.5015643181e-4.
    expect(scale! / 238.94212918).toBeCloseTo(1, 7)
    expect(Math.exp(logRate!) / 5.5015643181e-4).toBeCloseTo(1, 7)
  })

  test('never further off than a general library, and never over a limit', () => {
    const bend = (h: number, [a = 0, b = 0]: readonly number[]) => a / (1 + Math.exp(b) * h)
    const at = [1, 5, 20, 80]
    const limits = { least: [0, -6], most: [1, 3] }
    const share = fc.double({ min: 0.01, max: 0.99, noNaN: true })
    fc.assert(
      fc.property(fc.tuple(share, share, share, share), (given) => {
        const shares = [...given].sort((one, other) => other - one)
        const rest = (values: readonly number[]) =>
          at.map((h, index) => bend(h, values) - shares[index]!)
        const left = (values: readonly number[]) => rest(values).reduce((sum, r) => sum + r * r, 0)
        const own = fitted(rest, [0.5, -2], limits)
        own.forEach((value, index) => {
          expect(value).toBeGreaterThanOrEqual(limits.least[index]!)
          expect(value).toBeLessThanOrEqual(limits.most[index]!)
        })
        const { parameterValues } = levenbergMarquardt(
          { x: at, y: shares },
          (values) => (h) => bend(h, values),
          {
            initialValues: [0.5, -2],
            minValues: limits.least,
            maxValues: limits.most,
            damping: 0.01,
            maxIterations: 60,
            errorTolerance: 1e-12,
          },
        )
        expect(left(own)).toBeLessThanOrEqual(left(parameterValues) * (1 + 1e-6) + 1e-12)
      }),
      { numRuns: 200 },
    )
  })
})

test('least squares are those of a library for matrices', () => {
  fc.assert(
    fc.property(rowsOf(3), (on) => {
      const of = on.map((row, index) => [row[0]! * 2 - index, row[2]!])
      const [left, right] = [new Matrix(on), new Matrix(of)]
      const square = left.transpose().mmul(left).add(Matrix.eye(3).mul(0.01))
      const known = solve(square, left.transpose().mmul(right)).to2DArray()
      leastSquares(on, of, 0.01).forEach((row, at) =>
        row.forEach((value, column) => {
          const expected = known[at]![column]!
          expect(Math.abs(value - expected)).toBeLessThan(1e-6 * (1 + Math.abs(expected)))
        }),
      )
    }),
  )
})

test('a triangle is that of a library, and nothing where there is nothing', () => {
  fc.assert(
    fc.property(rowsOf(3), (rows) => {
      const square = crossed(rows, rows).map((row, at) =>
        row.map((value, column) => value + (at === column ? 1 : 0)),
      )
      const known = new CholeskyDecomposition(new Matrix(square)).lowerTriangularMatrix.to2DArray()
      choleskyOf(square).forEach((row, at) =>
        row.forEach((value, column) => expect(value).toBeCloseTo(known[at]![column]!, 8)),
      )
    }),
  )
  expect(
    choleskyOf([
      [4, 0],
      [0, 0],
    ]),
  ).toEqual([
    [2, 0],
    [0, 0],
  ])
})
