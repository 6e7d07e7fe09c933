import { practice, reason, type Reason, type Solve } from '../../units'
import { compareSchools } from '../compare'
import type { Candidate, Hindrance } from './candidates'
import { programme, type Demands, type Model } from './model'
import type { Conflict, LeftOut, WishedPlant } from './types'

const SIDE_RUN_S = 5

/** Why plants were put into a container at a spot: how they do there, and what else it could have held. */
export function placementReasons(model: Model, candidate: Candidate): Reason[] {
  const { pots, spots, task } = model
  const { container } = pots[candidate.pot]!
  const { variety } = candidate.wish
  const comparison = compareSchools({
    variety,
    container,
    count: candidate.count,
    spot: spots[candidate.spot]!.conditions,
    grownKg: candidate.grownKg,
  })
  const judged = comparison.schools.find(({ school }) => school === task.school)!
  const others = model.candidates.filter(
    (one) =>
      one.pot === candidate.pot && one.spot === candidate.spot && one.wish !== candidate.wish,
  )
  const next = others.sort((one, other) => other.expectedKg - one.expectedKg)[0]
  return [
    reason('arrange.gives', {
      plantCount: candidate.count,
      totalG: candidate.expectedKg * 1000,
      yieldShare: comparison.expectedShare,
    }),
    reason(`arrange.school.${judged.verdict}`, { school: task.school }, practice),
    ...judged.reasons.filter(({ code }) => code.startsWith('fit.')).slice(0, 2),
    ...comparison.conditions
      .filter(({ factor, verdict }) => factor < 1 || verdict === 'tight')
      .flatMap((one) => one.reasons.slice(0, 1)),
    next
      ? reason('arrange.next', {
          variety: next.wish.variety.id,
          plantCount: next.count,
          totalG: next.expectedKg * 1000,
        })
      : reason('arrange.onlyOne'),
  ]
}

/** The hindrance that kept a wish out most often. */
function mainHindrance(counts: ReadonlyMap<Hindrance, number> | undefined): Hindrance {
  const sorted = [...(counts ?? [])].sort(([, one], [, other]) => other - one)
  return sorted[0]?.[0] ?? 'room'
}

/** Up to this many candidate placements, arranging again once for each wish is still quick. */
const QUICK_UP_TO = 5000

/** An arrangement that was found, to be asked about what is not in it. */
export interface Found {
  readonly model: Model
  readonly demands: Demands
  readonly taken: readonly { readonly candidate: Candidate }[]
  readonly value: number
  readonly hindered: ReadonlyMap<string, ReadonlyMap<Hindrance, number>>
  readonly solve: Solve
  /** Told the share of the left-out wishes that are explained, 0–1. */
  readonly progress: (share: number) => void
}

/** What a wish would give in its best place, and what is planted there instead. */
function bestPlaceOf({ model, taken }: Found, wish: WishedPlant): Reason[] {
  const own = model.candidates.filter((one) => one.wish === wish)
  const best = own.sort((one, other) => other.expectedKg - one.expectedKg)[0]
  if (!best) return []
  const there = taken.find(({ candidate }) => candidate.pot === best.pot)?.candidate
  const params = {
    code: model.pots[best.pot]!.container.code,
    plantCount: best.count,
    totalG: best.expectedKg * 1000,
  }
  return there
    ? [
        reason('arrange.leftOut.instead', {
          ...params,
          variety: there.wish.variety.id,
          otherCount: there.count,
          otherG: there.expectedKg * 1000,
        }),
      ]
    : [reason('arrange.leftOut.best', params)]
}

/** What it would cost to have a wish all the same: found by arranging once more with it. */
function costOf({ model, demands, value, solve }: Found, { variety }: WishedPlant): Reason {
  const forced = { ...demands, musts: [...demands.musts, variety.id] }
  const { status, objective } = solve(programme(model, forced), SIDE_RUN_S)
  if (status === 'infeasible') return reason('arrange.leftOut.noneFree')
  return status === 'optimal'
    ? reason('arrange.leftOut.costs', { lostG: 1000 * Math.max(0, value - objective) })
    : reason('arrange.leftOut.noTime')
}

/**
 * Why wishes were left out: no container and spot suits them, or others give
 * more there, and what it would cost to have them all the same.
 */
export function leftOutReasons(found: Found, left: readonly WishedPlant[]): LeftOut[] {
  const { model, hindered } = found
  return left.map((wish, index): LeftOut => {
    const { variety } = wish
    found.progress(index / left.length)
    if (!model.candidates.some((one) => one.wish === wish)) {
      const main = mainHindrance(hindered.get(variety.id))
      const params = { school: model.task.school }
      return { variety, reasons: [reason(`arrange.leftOut.${main}`, params)] }
    }
    const isQuick = model.candidates.length <= QUICK_UP_TO
    const cost = isQuick ? [costOf(found, wish)] : []
    return { variety, reasons: [...cost, ...bestPlaceOf(found, wish)] }
  })
}

/** Sets tried at most before the smallest one found so far is taken. */
const MOST_TRIES = 300

function* subsets<T>(list: readonly T[], size: number, from = 0): Generator<T[]> {
  if (size === 0) {
    yield []
    return
  }
  for (let index = from; index <= list.length - size; index++)
    for (const rest of subsets(list, size - 1, index + 1)) yield [list[index]!, ...rest]
}

/**
 * The fewest of the gardener's demands that cannot all be had: sets are tried
 * from the smallest up.
 */
export function smallestConflict(model: Model, demands: Demands, solve: Solve): Conflict[] {
  const { task, pots } = model
  // Any arrangement will do to show that one can be had: none is better than another.
  const anyWillDo = {
    ...model,
    candidates: model.candidates.map((candidate) => ({ ...candidate, expectedKg: 0 })),
  }
  const all: Conflict[] = [
    ...task.wishes
      .filter(({ variety }) => demands.musts.includes(variety.id))
      .map(({ variety }): Conflict => ({ kind: 'must', variety })),
    ...pots.flatMap(({ pin }): Conflict[] =>
      pin && demands.filled.includes(pin.containerId) ? [{ kind: 'pin', pin }] : [],
    ),
  ]
  const isImpossible = (some: readonly Conflict[]) => {
    const musts = some.flatMap((one) => (one.kind === 'must' ? [one.variety.id] : []))
    const filled = some.flatMap((one) => (one.kind === 'pin' ? [one.pin.containerId] : []))
    return solve(programme(anyWillDo, { musts, filled }), SIDE_RUN_S).status === 'infeasible'
  }
  let tries = 0
  for (let size = 1; size < all.length; size++)
    for (const some of subsets(all, size)) {
      if (isImpossible(some)) return some
      if (++tries > MOST_TRIES) return irreducible(all, isImpossible)
    }
  return all
}

/** A conflict of which none can be left out: each is dropped in turn if the rest still conflict. */
function irreducible(
  all: readonly Conflict[],
  isImpossible: (some: readonly Conflict[]) => boolean,
): Conflict[] {
  return all.reduce<Conflict[]>(
    (kept, one) => {
      const without = kept.filter((other) => other !== one)
      return isImpossible(without) ? without : kept
    },
    [...all],
  )
}
