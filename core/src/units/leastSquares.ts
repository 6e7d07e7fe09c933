/** Numbers in rows, all of one length. */
type Rows = readonly (readonly number[])[]

/** oneᵀ · other: the products of each column of one with each of the other, summed over the rows. */
export function crossed(one: Rows, other: Rows): number[][] {
  const across = other[0]?.length ?? 0
  const sums = (one[0] ?? []).map(() => new Array<number>(across).fill(0))
  for (const [at, row] of one.entries()) {
    const beside = other[at]!
    for (const [index, value] of row.entries()) {
      if (value === 0) continue
      const sum = sums[index]!
      for (let column = 0; column < across; column++) sum[column]! += value * beside[column]!
    }
  }
  return sums
}

/**
 * The lower triangle L of a symmetric matrix that is positive definite: L Lᵀ is the
 * matrix. A direction in which there is nothing is left at nothing.
 */
export function choleskyOf(square: Rows): number[][] {
  const lower = square.map((row) => row.map(() => 0))
  for (const [at, row] of lower.entries())
    for (let column = 0; column <= at; column++) {
      const beside = lower[column]!
      let rest = square[at]![column]!
      for (let index = 0; index < column; index++) rest -= row[index]! * beside[index]!
      if (column === at) row[at] = Math.sqrt(Math.max(0, rest))
      else row[column] = beside[column]! > 0 ? rest / beside[column]! : 0
    }
  return lower
}

/** The x of L Lᵀ x = right. */
function solvedBy(lower: Rows, right: readonly number[]): number[] {
  const found = [...right]
  for (const [at, row] of lower.entries()) {
    for (let index = 0; index < at; index++) found[at]! -= row[index]! * found[index]!
    found[at]! /= row[at]!
  }
  for (let at = found.length - 1; at >= 0; at--) {
    for (let index = at + 1; index < found.length; index++)
      found[at]! -= lower[index]![at]! * found[index]!
    found[at]! /= lower[at]![at]!
  }
  return found
}

/**
 * Least squares of some rows on others: what of the second each column of the first
 * brings, by the normal equations.
 *
 * @param trace added to their diagonal: columns of which nothing is known come out as nothing
 * @returns a row for each column of `on`
 */
export function leastSquares(on: Rows, of: Rows, trace: number): number[][] {
  const square = crossed(on, on)
  for (const [at, row] of square.entries()) row[at]! += trace
  const lower = choleskyOf(square)
  const right = crossed(on, of)
  const columns = (right[0] ?? []).map((_, column) =>
    solvedBy(
      lower,
      right.map((row) => row[column]!),
    ),
  )
  return right.map((_, at) => columns.map((column) => column[at]!))
}

/** How far each value to be fitted may go. */
interface Limits {
  readonly least: readonly number[]
  readonly most: readonly number[]
}

const MOST_ROUNDS = 100
/** A share by which the squares fall that is worth another round. */
const WORTH_IT = 1e-10
const DAMPED_FIRST = 0.01
const DAMPED_MOST = 1e9
/** Half the width over which a slope is taken. */
const BESIDE = 1e-5

type Rest = (values: readonly number[]) => readonly number[]

const product = (one: readonly number[], other: readonly number[]) =>
  one.reduce((sum, value, at) => sum + value * other[at]!, 0)
const squared = (values: readonly number[]) => product(values, values)

/** How what is left over changes with each of the values. */
const slopesAt = (restOf: Rest, values: readonly number[]): number[][] =>
  values.map((value, at) => {
    const beside = (way: number) => restOf(values.with(at, value + way * BESIDE))
    const [over, under] = [beside(1), beside(-1)]
    return over.map((one, index) => (one - under[index]!) / (2 * BESIDE))
  })

/** How far to go along each slope; the more damped, the shorter and the more straight downhill. */
function stepAlong(slopes: Rows, downhill: readonly number[], damping: number): number[] {
  // A direction without any slope has a damping all the same.
  const damped = slopes.map((one, at) =>
    slopes.map((other, index) =>
      at === index ? product(one, one) * (1 + damping) + Number.MIN_VALUE : product(one, other),
    ),
  )
  return solvedBy(choleskyOf(damped), downhill)
}

/**
 * The values within their limits that make the squares of what is left over least, by
 * Levenberg–Marquardt; a value that would go over its limit is held there.
 *
 * @param restOf what is left over with some values, finite within the limits
 * @param start  within the limits
 * @source Marquardt 1963, J. Soc. Indust. Appl. Math. 11:431–441
 */
export function fitted(
  restOf: Rest,
  start: readonly number[],
  { least, most }: Limits,
): readonly number[] {
  const within = (value: number, at: number) => Math.min(most[at]!, Math.max(least[at]!, value))
  let values = start.map(within)
  let rest = restOf(values)
  let damping = DAMPED_FIRST
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const slopes = slopesAt(restOf, values)
    const downhill = slopes.map((slope) => -product(slope, rest))
    const isHeld = (at: number) =>
      downhill[at]! < 0 ? values[at]! <= least[at]! : downhill[at]! > 0 && values[at]! >= most[at]!
    const free = [...values.keys()].filter((at) => !isHeld(at))
    const before = squared(rest)
    let fell = 0
    // What is left over may be no number: that is no fall.
    while (!(fell > 0) && damping < DAMPED_MOST) {
      const steps = stepAlong(
        free.map((at) => slopes[at]!),
        free.map((at) => downhill[at]!),
        damping,
      )
      const tried = values.map((value, at) => within(value + (steps[free.indexOf(at)] ?? 0), at))
      const left = restOf(tried)
      fell = before - squared(left)
      if (fell > 0) [values, rest] = [tried, left]
      damping *= fell > 0 ? 0.1 : 10
    }
    if (!(fell > WORTH_IT * before)) break
  }
  return values
}
