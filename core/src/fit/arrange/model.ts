import { own } from '../../units'
import type { Candidate, PotGroup, SpotGroup } from './candidates'
import type { ArrangeTask, WishKind } from './types'

/** What a wish is worth beside another (our choice); a must is a condition besides. */
export const WISH_WEIGHT: Readonly<Record<WishKind, number>> = { must: 1, like: 1, maybe: 0.5 }

/** What is to be arranged, with everything that follows from it worked out. */
export interface Model {
  readonly task: ArrangeTask
  readonly pots: readonly PotGroup[]
  readonly spots: readonly SpotGroup[]
  readonly candidates: readonly Candidate[]
}

/** What has to hold in one run beside what always holds. */
export interface Demands {
  /** Ids of varieties of which there must be one. */
  readonly musts: readonly string[]
  /** Ids of containers whose pinned variety must be in them. */
  readonly filled: readonly string[]
}

const name = (index: number) => `z${index}`
const sumOf = (terms: readonly (readonly [number, number])[]) =>
  terms
    .map(([factor, index]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name(index)}`)
    .join(' ')

/** Lines of the text are kept short, as the LP format demands. */
const TERMS_A_LINE = 12
const wrapped = (terms: readonly (readonly [number, number])[]) =>
  Array.from({ length: Math.ceil(terms.length / TERMS_A_LINE) }, (_, line) =>
    sumOf(terms.slice(line * TERMS_A_LINE, (line + 1) * TERMS_A_LINE)),
  ).join('\n ')

/** Figures of the text: enough for the yield, few enough to be exact in it. */
const rounded = (value: number) => Number(value.toFixed(6))

/** Where in a list each kind stands. */
const indicesBy = <K>(candidates: readonly Candidate[], keyOf: (one: Candidate) => K) =>
  candidates.reduce((groups, one, index) => {
    const key = keyOf(one)
    const group = groups.get(key)
    if (group) group.push(index)
    else groups.set(key, [index])
    return groups
  }, new Map<K, number[]>())

/** Rows of the programme over its candidates, added one by one. */
function rowsOver(candidates: readonly Candidate[]) {
  const rows: string[] = []
  const constrain = (
    indices: readonly number[] | undefined,
    factorOf: (candidate: Candidate) => number,
    relation: '<=' | '>=',
    limit: number,
  ): void => {
    const terms = (indices ?? []).map((index): [number, number] => [
      rounded(factorOf(candidates[index]!)),
      index,
    ])
    // A demand that nothing can meet is written as one that cannot be met.
    const left = terms.length ? wrapped(terms) : relation === '>=' ? `0 ${name(0)}` : undefined
    if (left) rows.push(` c${rows.length}: ${left} ${relation} ${rounded(limit)}`)
  }
  return { rows, constrain }
}

/**
 * The arrangement as a linear programme in whole numbers.
 *
 * One unknown for each candidate: how many containers of the group stand so.
 * Containers and spots of a group are interchangeable, which loses nothing and
 * makes the programme small.
 *
 * @param isRelaxed parts of containers allowed: quick, and no arrangement gives more
 */
export function programme(
  { task, pots, spots, candidates }: Model,
  { musts, filled }: Demands,
  isRelaxed = false,
): string {
  const byPot = indicesBy(candidates, ({ pot }) => pot)
  const bySpot = indicesBy(candidates, ({ spot }) => spot)
  const byWish = indicesBy(candidates, ({ wish }) => wish.variety.id)
  const { rows, constrain } = rowsOver(candidates)
  pots.forEach((pot, index) => constrain(byPot.get(index), () => 1, '<=', pot.most))
  spots.forEach((spot, index) => constrain(bySpot.get(index), () => 1, '<=', spot.spots.length))
  for (const wish of task.wishes)
    constrain(byWish.get(wish.variety.id), ({ count }) => count, '<=', wish.atMost)
  for (const id of musts) constrain(byWish.get(id), () => 1, '>=', 1)
  for (const id of filled)
    constrain(byPot.get(pots.findIndex(({ pin }) => pin?.containerId === id)), () => 1, '>=', 1)
  const all = candidates.map((_, index) => index)
  for (const [spaceId, allowedKg] of Object.entries(task.allowedKg)) {
    // What stands there and gets no plant stays: what is planted weighs in its stead.
    const restOf = ({ pot }: Candidate) => (pots[pot]!.homeId === spaceId ? pots[pot]!.restKg : 0)
    const standingKg = pots.reduce(
      (sum, { homeId, restKg, most }) => sum + (homeId === spaceId ? restKg * most : 0),
      0,
    )
    const isHere = ({ spot }: Candidate) => spots[spot]!.spaceId === spaceId
    constrain(
      all.filter((index) => isHere(candidates[index]!) || restOf(candidates[index]!) > 0),
      (one) => (isHere(one) ? one.grownKg : 0) - restOf(one),
      '<=',
      Math.max(0, allowedKg - standingKg),
    )
  }
  const bought = all.filter((index) => pots[candidates[index]!.pot]!.offer)
  constrain(bought, ({ pot }) => pots[pot]!.offer!.price, '<=', task.budget)

  const objective = wrapped(
    candidates.map((one, index): [number, number] => [
      rounded(one.expectedKg * WISH_WEIGHT[one.wish.wish]),
      index,
    ]),
  )
  const bounds = candidates.map(
    (one, index) =>
      ` 0 <= ${name(index)} <= ${Math.min(pots[one.pot]!.most, spots[one.spot]!.spots.length)}`,
  )
  return [
    'Maximize',
    ` obj: ${objective || `0 ${name(0)}`}`,
    'Subject To',
    ...rows,
    'Bounds',
    ...(bounds.length ? bounds : [` 0 <= ${name(0)} <= 0`]),
    ...(isRelaxed || !candidates.length
      ? []
      : ['General', ` ${candidates.map((_, index) => name(index)).join('\n ')}`]),
    'End',
  ].join('\n')
}

/** How often each candidate was taken. */
export const takenIn = (
  values: Readonly<Record<string, number>>,
  candidates: readonly Candidate[],
): readonly { readonly candidate: Candidate; readonly times: number }[] =>
  candidates.flatMap((candidate, index) => {
    const times = Math.round(own(values, name(index)) ?? 0)
    return times > 0 ? [{ candidate, times }] : []
  })
