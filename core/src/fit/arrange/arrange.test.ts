import { beforeAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import highsLoader from 'highs'
import { containerMass, type Container, type ContainerType } from '../../container'
import { made as usual, spot as spotOf, task, wish } from '../../../test/made'
import { candidatesOf, potGroups, spotGroups } from './candidates'
import { WISH_WEIGHT } from './model'
import { arrange, type Arrangement, type ArrangeTask } from '.'
import { solveWithHighs, type Solve } from '../../units'

let solve: Solve
beforeAll(async () => {
  solve = solveWithHighs(await highsLoader())
})

const made = (id: string, type: ContainerType) => usual(type, { id, code: id, name: id })
const pot = (container: Container, spotId?: string) => ({
  container,
  wateredKg: containerMass(container, { dryDensityGL: 200, containerCapacity: 0.5 }, 0).wateredKg,
  spotId,
})
const spot = (id: string, dliMol = 25, sunHours = 8) => spotOf(id, {}, { dliMol, sunHours })
const done = (arrangement: Arrangement) => {
  if (arrangement.status === 'impossible') throw new Error('impossible')
  return arrangement
}
const codes = (arrangement: Arrangement, id: string) =>
  done(arrangement)
    .leftOut.find(({ variety }) => variety.id === id)
    ?.reasons.map(({ code }) => code)

/** Every way to fill pots and spots, tried one after the other: slow, and plainly right. */
function exhaustive(given: ArrangeTask): number | undefined {
  const pots = potGroups(given, 0)
  const spots = spotGroups(given, pots, 0)
  const { candidates } = candidatesOf(given, pots, spots)
  let best: number | undefined
  const potLeft = pots.map(({ most }) => most)
  const spotLeft = spots.map((group) => group.spots.length)
  const wishLeft = new Map(given.wishes.map((one) => [one, one.atMost]))
  const had = new Map<string, number>()
  const go = (index: number, value: number, kg: number, cost: number): void => {
    if (kg > (given.allowedKg['s'] ?? Infinity) || cost > given.budget) return
    if (index === candidates.length) {
      const isAllHad = given.wishes.every(
        (one) => one.wish !== 'must' || (had.get(one.variety.id) ?? 0) > 0,
      )
      if (isAllHad && value > (best ?? -1)) best = value
      return
    }
    const one = candidates[index]!
    const { id } = one.wish.variety
    let times = 0
    const step = (by: number) => {
      potLeft[one.pot]! -= by
      spotLeft[one.spot]! -= by
      wishLeft.set(one.wish, wishLeft.get(one.wish)! - by * one.count)
      had.set(id, (had.get(id) ?? 0) + by)
    }
    for (;;) {
      go(
        index + 1,
        value + times * one.expectedKg * WISH_WEIGHT[one.wish.wish],
        kg + times * one.grownKg,
        cost + times * (pots[one.pot]!.offer?.price ?? 0),
      )
      if (!potLeft[one.pot] || !spotLeft[one.spot] || wishLeft.get(one.wish)! < one.count) break
      step(1)
      times++
    }
    step(-times)
  }
  go(0, 0, 0, 0)
  return best
}

describe('the arrangement', () => {
  test('equals the best of all that there are, on small gardens', () => {
    const types = ['pot', 'bucket', 'fabricBag', 'reservoirBox', 'halfBarrel'] as const
    const kinds = ['must', 'like', 'maybe'] as const
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...types), { minLength: 1, maxLength: 3 }),
        fc.array(fc.tuple(fc.integer({ min: 10, max: 28 }), fc.integer({ min: 5, max: 9 })), {
          minLength: 1,
          maxLength: 3,
        }),
        fc.uniqueArray(
          fc.tuple(
            fc.constantFrom('blackCherry', 'rioGrande', 'padron', 'tinyTim', 'marmande'),
            fc.constantFrom(...kinds),
            fc.integer({ min: 1, max: 2 }),
          ),
          { minLength: 1, maxLength: 3, selector: ([id]) => id },
        ),
        fc.constantFrom(Infinity, 60),
        fc.constantFrom(0, 30),
        (potTypes, light, wished, allowed, budget) => {
          const bought = made('offer', 'bucket')
          const given = task({
            pots: potTypes.map((type, index) => pot(made(`p${index}`, type))),
            spots: light.map(([mol, hours], index) => spot(`s${index}`, mol, hours)),
            wishes: wished.map(([id, kind, most]) => wish(id, kind, most)),
            allowedKg: Number.isFinite(allowed) ? { s: allowed } : {},
            offers: budget
              ? [{ id: 'o', container: bought, wateredKg: 15, price: 20, atMost: 2 }]
              : [],
            budget,
          })
          const best = exhaustive(given)
          const found = arrange(given, solve)
          if (best === undefined) expect(found.status).toBe('impossible')
          else {
            expect(found.status).toBe('proven')
            expect(done(found).value).toBeCloseTo(best, 4)
          }
        },
      ),
      { numRuns: 40 },
    )
  })

  test('solved by hand: the large pot goes to the sun, the vine into it', () => {
    const given = task({
      pots: [pot(made('small', 'bucket')), pot(made('large', 'halfBarrel'))],
      spots: [spot('sun', 25, 9), spot('shade', 13, 6)],
      wishes: [wish('blackCherry'), wish('tinyTim')],
      mostPerPot: 1,
    })
    const found = done(arrange(given, solve))
    expect(
      found.placements
        .map(({ containerId, spotId, variety }) => [containerId, spotId, variety.id])
        .sort(),
    ).toEqual([
      ['large', 'sun', 'blackCherry'],
      ['small', 'shade', 'tinyTim'],
    ])
    expect(found.gapShare).toBe(0)
    expect(found.placements[0]!.reasons[0]!.code).toBe('arrange.gives')
  })
  test('each container and spot is used once, and pots stay where they stand when they may', () => {
    const given = task({
      pots: ['a', 'b', 'c'].map((id, index) => pot(made(id, 'bucket'), `s${2 - index}`)),
      spots: [0, 1, 2].map((index) => spot(`s${index}`)),
      wishes: [wish('padron', 'like', 3)],
      mostPerPot: 1,
    })
    const { placements } = done(arrange(given, solve))
    expect(Object.fromEntries(placements.map((one) => [one.containerId, one.spotId]))).toEqual({
      a: 's2',
      b: 's1',
      c: 's0',
    })
  })
  test('pins are kept', () => {
    const given = task({
      pots: [pot(made('a', 'bucket')), pot(made('b', 'halfBarrel'))],
      spots: [spot('s0'), spot('s1', 14)],
      wishes: [wish('blackCherry'), wish('padron')],
      mostPerPot: 1,
      pins: [{ containerId: 'b', spotId: 's1', varietyId: 'padron' }],
    })
    const pinned = done(arrange(given, solve)).placements.find((one) => one.containerId === 'b')
    expect(pinned).toMatchObject({ spotId: 's1', variety: { id: 'padron' } })
  })
  test('buys within the budget what pays most', () => {
    const offer = (id: string, type: ContainerType, price: number) => ({
      id,
      container: made(id, type),
      wateredKg: 20,
      price,
      atMost: 1,
    })
    const given = task({
      spots: [spot('s0'), spot('s1')],
      wishes: [wish('padron', 'like', 4)],
      offers: [offer('barrel', 'halfBarrel', 50), offer('bucket', 'bucket', 8)],
      budget: 55,
      mostPerPot: 1,
    })
    const found = done(arrange(given, solve))
    expect(found.placements.map(({ offerId }) => offerId)).toEqual(['barrel'])
    expect(found.cost).toBe(50)
  })
  test('what stays standing weighs on the floor as well: a full pot beside may be one too many', () => {
    const standing = { ...pot(made('old', 'halfBarrel'), 's1'), restKg: 120 }
    const given = task({
      pots: [pot(made('a', 'bucket'), 's0'), standing],
      spots: [spot('s0'), spot('s1')],
      wishes: [wish('padron', 'like', 1)],
      mostPerPot: 1,
      pins: [{ containerId: 'old', spotId: 's1', varietyId: 'brandywine' }].slice(1),
    })
    const grownKg = 120 + given.pots[0]!.wateredKg + 5
    const held = done(arrange({ ...given, allowedKg: { s: grownKg } }, solve))
    expect(held.placements).toHaveLength(1)
    const tight = arrange({ ...given, allowedKg: { s: 120 + given.pots[0]!.wateredKg - 1 } }, solve)
    // The barrel may still be planted, which adds a plant only; the bucket may not be added to it.
    const massOf = ({ placements }: ReturnType<typeof done>) =>
      placements.map(({ containerId }) => containerId)
    expect(massOf(done(tight))).not.toContain('a')
  })
  test('where what stands is too heavy already, nothing is made heavier, and nothing is impossible', () => {
    const standing = { ...pot(made('old', 'halfBarrel'), 's1'), restKg: 200 }
    const given = task({
      pots: [{ ...pot(made('a', 'bucket'), 's0'), restKg: 1 }, standing],
      spots: [spot('s0'), spot('s1')],
      wishes: [wish('padron', 'like', 2)],
      mostPerPot: 1,
      allowedKg: { s: 100 },
    })
    const { placements, status } = done(arrange(given, solve))
    expect(status).toBe('proven')
    expect(placements.filter(({ containerId }) => containerId === 'a')).toHaveLength(
      placements.some(({ containerId }) => containerId === 'old') ? 1 : 0,
    )
  })
  test('says why each was left out', () => {
    const given = task({
      pots: [pot(made('a', 'bucket'))],
      spots: [spot('s0')],
      wishes: [wish('padron', 'like'), wish('hungarianHotWax', 'maybe'), wish('brandywine')],
      school: 'roomy',
      mostPerPot: 1,
    })
    const found = arrange(given, solve)
    expect(codes(found, 'brandywine')).toEqual(['arrange.leftOut.school'])
    expect(codes(found, 'hungarianHotWax')).toEqual([
      'arrange.leftOut.costs',
      'arrange.leftOut.instead',
    ])
    const dark = arrange({ ...given, spots: [spot('s0', 8, 3)] }, solve)
    expect(codes(dark, 'padron')).toEqual(['arrange.leftOut.sun'])
  })
  test('names the smallest set of demands in conflict', () => {
    const given = task({
      pots: [pot(made('a', 'bucket')), pot(made('b', 'bucket'))],
      spots: [spot('s0'), spot('s1')],
      wishes: [wish('padron', 'must'), wish('jimmyNardello', 'must'), wish('lemonDrop', 'must')],
      mostPerPot: 1,
    })
    const crowded = arrange(given, solve)
    expect(crowded.status === 'impossible' && crowded.conflicts).toHaveLength(3)
    const roomy = arrange(
      {
        ...given,
        school: 'roomy',
        wishes: [...given.wishes.slice(0, 2), wish('brandywine', 'must')],
      },
      solve,
    )
    expect(roomy.status === 'impossible' && roomy.conflicts).toMatchObject([
      { kind: 'must', variety: { id: 'brandywine' } },
    ])
  })
  test('out of time, it says how far from the best it may be', () => {
    const given = task({
      pots: [pot(made('a', 'bucket'))],
      spots: [spot('s0')],
      wishes: [wish('padron')],
    })
    const tired: Solve = (lp, limit) => {
      const found = solve(lp, limit)
      const isMain = lp.includes('General')
      return isMain ? { ...found, status: 'timeLimit', values: {} } : found
    }
    const found = done(arrange(given, tired))
    expect(found.status).toBe('timeLimit')
    expect(found.gapShare).toBe(1)
    expect(found.bound).toBeGreaterThan(0.5)
  })
})
