import { own, reason, InputError, memory, type Solve } from '../../units'
import { checked, holds, overLimit } from './checked'
import {
  linearOf,
  NOTHING_OFF,
  programmeOf,
  rowsOf,
  straightSum,
  volumeOf,
  type Correction,
  type Linear,
  type Row,
} from './model'
import { polished } from './polish'
import type { Binding, CheckedMix, MixAim, MixLimit, MixTask, SolvedMix } from './types'

/** Checked against the full physics so often at most. */
const MOST_ROUNDS = 12
/** Whole packs take long; so often are they mended at most. */
const WHOLE_ROUNDS = 4
/** Of the mixes found, the last so many are bettered. */
const MOST_STARTS = 3
/** Nearer to a limit than this, it binds. */
const BINDS_WITHIN = {
  airSpace: 0.005,
  containerCapacity: 0.005,
  wetDensityGL: 5,
  ph: 0.05,
} as const
/** A limit binds that costs more than this: money, g/L, share. */
const LEAST_GAIN: Readonly<Record<MixAim, number>> = { cheapest: 0.01, lightest: 1, closest: 0.002 }

const isSettled = (one: Correction, other: Correction) =>
  Math.abs(one.packing - other.packing) < 1e-4 &&
  Math.abs(one.containerCapacity - other.containerCapacity) < 1e-3 &&
  Math.abs(one.airSpace - other.airSpace) < 1e-3

interface Search {
  /** What was found: the first, and whatever else the physics holds. */
  readonly starts: readonly (readonly number[])[]
  readonly rounds: number
  /** As the straight sums stood when nothing more was found. */
  readonly correction: Correction
}

const askedIn = (rows: readonly Row[]): MixLimit[] =>
  rows.flatMap(({ asked }) => (asked ? [asked] : []))

/**
 * Solves and checks in turn: the programme with the straight sums, the physics
 * of what it found, the programme again with what the sums were off by.
 */
function search(
  task: MixTask,
  linear: readonly Linear[],
  solve: Solve,
  timeLimitS: number,
  tell: (share: number) => void,
): Search {
  // Parts of packs first, which is quick; whole ones when the sums are right.
  const isByPack = task.aim === 'cheapest'
  let isInWholePacks = false
  let wholeRounds = 0
  let correction = NOTHING_OFF
  const starts: (readonly number[])[] = []
  for (let round = 1; ; round++) {
    tell((0.6 * round) / (MOST_ROUNDS + WHOLE_ROUNDS))
    const rows = rowsOf(task, linear, correction)
    const { status, values } = solve(
      programmeOf(task, linear, correction, rows, isInWholePacks),
      timeLimitS,
    )
    const shares = linear.map(({ name }) => own(values, name) ?? 0)
    // Out of time, a solver may have nothing to show.
    if (status === 'infeasible' || shares.every((share) => share === 0))
      return { starts, rounds: round, correction }
    const found = checked(task, linear, shares)
    const isHeld = holds(found, askedIn(rows))
    if (isHeld || !starts.length) starts.push(shares)
    const packing = found.looseL / volumeOf(task)
    const off = (property: 'containerCapacity' | 'airSpace' | 'wetDensityGL') =>
      found[property] - straightSum(linear, shares, property, packing)
    const next = {
      packing,
      containerCapacity: off('containerCapacity'),
      airSpace: off('airSpace'),
      wetDensityGL: off('wetDensityGL'),
    }
    const isEnough = round >= MOST_ROUNDS || (isHeld && isSettled(correction, next))
    if (isInWholePacks) wholeRounds++
    if ((isInWholePacks ? isHeld : isEnough && !isByPack) || wholeRounds === WHOLE_ROUNDS)
      return { starts: starts.slice(-MOST_STARTS), rounds: round, correction: next }
    isInWholePacks ||= isEnough
    correction = next
  }
}

/** The best by the physics, begun at what the programme found and at each ingredient alone. */
function bestNear(
  task: MixTask,
  linear: readonly Linear[],
  limits: readonly MixLimit[],
  starts: readonly (readonly number[])[],
): CheckedMix | undefined {
  const alone = linear.map((_, only) => linear.map((__, index) => (index === only ? 1 : 0)))
  const bestAlone = alone
    .flatMap((one) => {
      const found = polished(task, linear, limits, one, [])
      return found ? [{ one, objective: found.objective }] : []
    })
    .sort((one, other) => one.objective - other.objective)[0]?.one
  return [...starts, ...(bestAlone ? [bestAlone] : [])]
    .flatMap((start) => polished(task, linear, limits, start) ?? [])
    .sort((one, other) => one.objective - other.objective)[0]
}

/**
 * As few of the things asked as cannot hold together: each is left out that is
 * not needed for it. Where the sums find nothing wrong, what is asked of the
 * properties is what the physics cannot hold.
 */
function smallestConflict(
  task: MixTask,
  linear: readonly Linear[],
  correction: Correction,
  solve: Solve,
): MixLimit[] {
  let rows: readonly Row[] = rowsOf(task, linear, correction)
  const cannotBe = (some: readonly Row[]) =>
    solve(programmeOf(task, linear, correction, some, false), 5).status === 'infeasible'
  if (!cannotBe(rows)) return askedIn(rows).filter(({ property }) => property)
  for (const { asked } of rows) {
    if (!asked) continue
    const fewer = rows.filter((row) => row.asked !== asked)
    if (cannotBe(fewer)) rows = fewer
  }
  return askedIn(rows)
}

/** Whether a limit is what keeps the mix from being better. */
function binds(found: CheckedMix, limit: MixLimit, stockShare: (id: string) => number): boolean {
  const share = (id: string) =>
    found.blend.shares.find(({ ingredient }) => ingredient.id === id)?.share ?? 0
  const { code, ingredientId, property, value } = limit
  if (property) return Math.abs(overLimit(found, limit)) <= BINDS_WITHIN[property]
  if (code === 'mostKinds') return found.blend.shares.length >= value
  const bound = code === 'stock' ? stockShare(ingredientId!) : value
  return Math.abs(share(ingredientId!) - bound) < 5e-3
}

/**
 * The best mix for some containers out of what is at hand or to buy: the
 * cheapest by whole packs, the lightest when wet, or the closest to a wished
 * balance of water and air, within all that is asked of it.
 *
 * Blended properties are straight sums but for the shrinkage and the form of the
 * curve; so a linear programme in whole packs finds a mix, the full physics
 * checks it, and the programme is corrected until both agree. What it finds is
 * bettered step by step by the physics alone.
 *
 * @param solve a solver of programmes in the CPLEX LP text format, such as HiGHS
 * @param tell  told how far it is, 0–1
 * @throws InputError `noVessels` or `noCandidates`
 */
export function solveMix(
  task: MixTask,
  solve: Solve,
  timeLimitS = 10,
  tell: (share: number) => void = () => undefined,
): SolvedMix {
  if (!(volumeOf(task) > 0)) throw new InputError('noVessels')
  if (!task.candidates.length) throw new InputError('noCandidates')
  const linear = linearOf(task)
  const { starts, rounds, correction } = search(task, linear, solve, timeLimitS, tell)
  tell(0.6)
  const all = rowsOf(task, linear, correction)
  const best = bestNear(task, linear, askedIn(all), starts)
  tell(0.8)
  if (!best)
    return { status: 'impossible', conflict: smallestConflict(task, linear, correction, solve) }
  const objectiveOf = (rows: readonly Row[]) => {
    const { status, objective } = solve(
      programmeOf(task, linear, correction, rows, false),
      timeLimitS,
    )
    return status === 'infeasible' ? undefined : objective
  }
  const heldTo = objectiveOf(all)
  const stockShare = (id: string) =>
    (linear.find(({ ingredient }) => ingredient.id === id)?.stockL ?? 0) / best.looseL
  const binding = all.flatMap(({ asked }): Binding[] => {
    if (!asked || heldTo === undefined || !binds(best, asked, stockShare)) return []
    const freed = objectiveOf(all.filter((row) => row.asked !== asked))
    // What costs nothing does not bind, however near it is.
    const gain = freed === undefined ? 0 : heldTo - freed
    return gain > LEAST_GAIN[task.aim] ? [{ limit: asked, gain }] : []
  })
  return {
    status: 'found',
    found: best,
    binding,
    rounds,
    reasons: [reason('solve.checked', { rounds }, memory)],
  }
}
