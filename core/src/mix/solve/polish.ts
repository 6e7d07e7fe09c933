import { checked, holds } from './checked'
import { LEAST_PART_SHARE, type Linear } from './model'
import type { CheckedMix, MixLimit, MixTask } from './types'

/** How much goes from one ingredient to another at a time, share; the finest last. */
const STEPS = [0.2, 0.1, 0.05, 0.02, 0.01] as const
/** Less of an improvement than this is none: money, g/L, share. */
const WORTH = { cheapest: 0.01, lightest: 0.5, closest: 0.0005 } as const

/** Whether the bounds on shares, stock and the number of ingredients allow it. */
function isAllowed(
  { mostKinds }: MixTask,
  linear: readonly Linear[],
  shares: readonly number[],
): boolean {
  const kinds = shares.filter((share) => share > 1e-4)
  return (
    kinds.length <= mostKinds &&
    kinds.every((share) => share >= LEAST_PART_SHARE - 1e-9) &&
    linear.every(
      ({ leastShare, mostShare }, index) =>
        shares[index]! >= leastShare - 1e-6 && shares[index]! <= mostShare + 1e-6,
    )
  )
}

const hasEnough = (found: CheckedMix, linear: readonly Linear[]) =>
  linear.every(({ ingredient, stockL, isBought }) => {
    if (isBought && ingredient.packs.length) return true
    const line = found.lines.find((one) => one.ingredient.id === ingredient.id)
    return (line?.looseL ?? 0) <= stockL * 1.002
  })

/**
 * A mix bettered by the full physics alone: a little of one ingredient goes for
 * another as long as that helps. It mends what straight sums cannot see, such as
 * that a single ingredient does not shrink.
 *
 * @param start shares to begin from, allowed or not
 * @param steps how much is moved at a time, the finest last; none to look at the start alone
 * @returns undefined where neither the start nor anything near it is allowed
 */
export function polished(
  task: MixTask,
  linear: readonly Linear[],
  limits: readonly MixLimit[],
  start: readonly number[],
  steps: readonly number[] = STEPS,
): CheckedMix | undefined {
  const tried = (shares: readonly number[]): CheckedMix | undefined => {
    if (!isAllowed(task, linear, shares)) return undefined
    const found = checked(task, linear, shares)
    return holds(found, limits) && hasEnough(found, linear) ? found : undefined
  }
  let shares = start
  let best = tried(start)
  for (const step of steps)
    for (let isBetter = true; isBetter;) {
      isBetter = false
      for (const next of moves(linear, shares, step)) {
        const found = tried(next)
        if (!found || (best && found.objective > best.objective - WORTH[task.aim])) continue
        best = found
        shares = next
        isBetter = true
        break
      }
    }
  return best
}

/** Every way to take a step from one ingredient to another; what would leave a pinch is taken whole. */
function* moves(
  linear: readonly Linear[],
  shares: readonly number[],
  step: number,
): Generator<readonly number[]> {
  for (const [from, have] of shares.entries()) {
    if (have <= 1e-4) continue
    const taken = have - step < LEAST_PART_SHARE ? have : step
    for (const [to, one] of linear.entries())
      if (to !== from && one.mostShare > 0)
        yield shares.map((share, index) =>
          index === from ? share - taken : index === to ? share + taken : share,
        )
  }
}
