import { beforeAll, describe, expect, test } from '@jest/globals'
import highsLoader from 'highs'
import { solveMix, type MixTask } from '.'
import { plainBody } from '../../container'
import { solveWithHighs, type Solve } from '../../units'
import { cylinder, mixed, parts } from '../../../test/mixes'
import { batchFor } from '../batch'
import { drainedState } from '../drained'
import { ingredients } from '../ingredients'
import { packsToBuy } from '../packs'

let solve: Solve
beforeAll(async () => {
  solve = solveWithHighs(await highsLoader())
})

const shape = cylinder(300)
const VOLUME_L = 120
const candidate = (id: string, more: Partial<MixTask['candidates'][number]> = {}) => ({
  ingredient: ingredients[id]!,
  leastShare: 0,
  mostShare: 1,
  stockL: 0,
  isBought: true,
  ...more,
})
const asked = (ids: readonly string[], more: Partial<MixTask> = {}): MixTask => ({
  candidates: ids.map((id) => candidate(id)),
  vessels: [{ body: plainBody(shape, 300), volumeL: VOLUME_L }],
  aim: 'cheapest',
  wished: { containerCapacity: 0.55, airSpace: 0.22 },
  limits: {},
  mostKinds: 4,
  ...more,
})
const found = (task: MixTask) => {
  const solved = solveMix(task, solve)
  if (solved.status !== 'found') throw new Error('no mix was found')
  return solved
}
const shareOf = (solved: ReturnType<typeof found>, id: string) =>
  solved.found.blend.shares.find(({ ingredient }) => ingredient.id === id)?.share ?? 0

/** Every mix of three in steps of five percent, each worked out in full. */
function everyMix(ids: readonly [string, string, string]) {
  const all: { air: number; water: number; wetGL: number; price: number; shares: number[] }[] = []
  for (let first = 0; first <= 20; first++)
    for (let second = 0; second <= 20 - first; second++) {
      const shares = [first, second, 20 - first - second].map((count) => count / 20)
      const given = Object.fromEntries(
        ids.flatMap((id, index) => (shares[index]! > 0 ? [[id, shares[index]!]] : [])),
      )
      const { blend, curve } = mixed(parts(given))
      const state = drainedState(shape, 300, curve)
      all.push({
        shares,
        air: state.airSpace,
        water: state.containerCapacity,
        wetGL: blend.bulkDensityGL + 1000 * state.containerCapacity,
        price: packsToBuy(batchFor(blend, VOLUME_L).lines, {}).price,
      })
    }
  return all
}

describe('the best mix against every mix on a grid', () => {
  const ids = ['compost', 'bark', 'coir'] as const
  const grid = everyMix([...ids])
  const air = { airSpace: { least: 0.2 }, containerCapacity: { least: 0.5 } }
  const allowed = grid.filter((one) => one.air >= 0.2 && one.water >= 0.5)

  test('the cheapest is no dearer than the cheapest of the grid', () => {
    expect(allowed.length).toBeGreaterThan(10)
    const solved = found(asked(ids, { limits: air }))
    expect(solved.found.objective).toBeLessThanOrEqual(Math.min(...allowed.map((one) => one.price)))
    expect(solved.found.airSpace).toBeGreaterThan(0.199)
    expect(solved.found.containerCapacity).toBeGreaterThan(0.499)
  })
  test('the lightest is at least as light', () => {
    const solved = found(asked(ids, { aim: 'lightest', limits: air }))
    expect(solved.found.wetDensityGL).toBeLessThanOrEqual(
      Math.min(...allowed.map((one) => one.wetGL)) + 1,
    )
  })
  test('the closest is at least as close', () => {
    const wished = { containerCapacity: 0.52, airSpace: 0.25 }
    const off = (one: { air: number; water: number }) =>
      Math.abs(one.air - wished.airSpace) + Math.abs(one.water - wished.containerCapacity)
    const solved = found(asked(ids, { aim: 'closest', wished }))
    expect(solved.found.objective).toBeLessThanOrEqual(Math.min(...grid.map(off)) + 0.004)
  })
})

describe('what is asked', () => {
  const ids = ['peat', 'compost', 'perlite', 'bark', 'loam'] as const
  const bounded = (bounds: Record<string, Partial<MixTask['candidates'][number]>>) =>
    ids.map((id) => candidate(id, bounds[id]))

  test('at least 20 % compost, no peat: both are held, and what they cost is said', () => {
    const candidates = bounded({ compost: { leastShare: 0.2 }, peat: { mostShare: 0 } })
    const solved = found(
      asked([], { candidates, aim: 'lightest', limits: { airSpace: { most: 0.35 } } }),
    )
    expect(shareOf(solved, 'compost')).toBeGreaterThanOrEqual(0.2 - 1e-6)
    expect(shareOf(solved, 'peat')).toBe(0)
    const binding = solved.binding.map(({ limit }) => `${limit.code} ${limit.ingredientId ?? ''}`)
    expect(binding).toContain('ingredientLeast compost')
    for (const { gain } of solved.binding) expect(gain).toBeGreaterThan(0)
  })
  test('no more than there is at hand where nothing is bought', () => {
    const candidates = ids.map((id) => candidate(id, { stockL: 45, isBought: false }))
    const solved = found(asked([], { candidates }))
    for (const { looseL } of solved.found.lines) expect(looseL).toBeLessThanOrEqual(45 * 1.002)
    expect(solved.found.shopping.price).toBe(0)
    const little = ids.map((id) => candidate(id, { stockL: 10, isBought: false }))
    expect(solveMix(asked([], { candidates: little }), solve).status).toBe('impossible')
  })
  test('no more ingredients than asked, and none as a mere pinch', () => {
    const solved = found(asked(ids, { mostKinds: 2, limits: { airSpace: { least: 0.2 } } }))
    expect(solved.found.blend.shares.length).toBeLessThanOrEqual(2)
    for (const { share } of solved.found.blend.shares) expect(share).toBeGreaterThan(0.049)
  })
  test('two that cannot hold together are named, and only those', () => {
    const candidates = bounded({ loam: { leastShare: 0.6 }, peat: { mostShare: 0.9 } })
    const solved = solveMix(asked([], { candidates, limits: { airSpace: { least: 0.3 } } }), solve)
    expect(solved).toMatchObject({ status: 'impossible' })
    if (solved.status === 'impossible')
      expect(solved.conflict).toEqual([
        { code: 'ingredientLeast', ingredientId: 'loam', value: 0.6 },
        { code: 'least', property: 'airSpace', value: 0.3 },
      ])
  })
  test('two leasts above a whole are named too', () => {
    const candidates = bounded({ loam: { leastShare: 0.6 }, peat: { leastShare: 0.5 } })
    const solved = solveMix(asked([], { candidates }), solve)
    expect(
      solved.status === 'impossible' && solved.conflict.map((one) => one.ingredientId),
    ).toEqual(['peat', 'loam'])
  })
  test('a pH is held as the mix itself comes to it', () => {
    const solved = found(asked(ids, { limits: { ph: { least: 6, most: 6.6 } } }))
    expect(solved.found.ph).toBeGreaterThan(5.97)
    expect(solved.found.ph).toBeLessThan(6.63)
  })
  test('without pots or ingredients there is nothing to solve', () => {
    expect(() => solveMix(asked(ids, { vessels: [] }), solve)).toThrow(
      expect.objectContaining({ code: 'noVessels' }),
    )
    expect(() => solveMix(asked([]), solve)).toThrow(
      expect.objectContaining({ code: 'noCandidates' }),
    )
  })
  test('it tells how far it is', () => {
    const told: number[] = []
    solveMix(asked(ids), solve, 10, (share) => told.push(share))
    expect(told.length).toBeGreaterThan(1)
    expect(told).toEqual([...told].sort((one, other) => one - other))
  })
})
