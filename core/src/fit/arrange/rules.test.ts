// Each rule of the arrangement by itself.
import { beforeAll, describe, expect, test } from '@jest/globals'
import highsLoader from 'highs'
import type { Container, ContainerType } from '../../container'
import { catalogue } from '../../plant'
import { made as usual, spot, task as bare, wish } from '../../../test/made'
import { alikeShareFor, potGroups, spotGroups } from './candidates'
import { arrange, type ArrangeTask } from '.'
import { solveWithHighs, type Solve } from '../../units'

let solve: Solve
beforeAll(async () => {
  solve = solveWithHighs(await highsLoader())
})

const made = (id: string, type: ContainerType, more: Partial<Container> = {}) =>
  usual(type, { id, code: id, name: id, ...more })
/** One pepper, one bucket, one spot, unless told otherwise. */
const task = (more: Partial<ArrangeTask>) =>
  bare({
    wishes: [wish('padron')],
    pots: [pot(made('a', 'bucket'))],
    spots: [spot('s0')],
    mostPerPot: 1,
    ...more,
  })
const pot = (container: Container, spotId?: string, wateredKg = 20) => ({
  container,
  wateredKg,
  spotId,
})
const placed = (given: ArrangeTask) => {
  const found = arrange(given, solve)
  return found.status === 'impossible'
    ? 'impossible'
    : found.placements.map((one) => [
        one.containerId ?? one.offerId,
        one.spotId,
        one.variety.id,
        one.count,
      ])
}
const leftOutBy = (given: ArrangeTask) => {
  const found = arrange(given, solve)
  return found.status === 'impossible' ? undefined : found.leftOut[0]?.reasons[0]?.code
}

describe('what an arrangement must hold', () => {
  test('a basket hangs on a hook and stands nowhere; a sunken pot stays in its earth', () => {
    const basket = pot(made('b', 'basket'))
    const trailing = [wish('trailingCherry')]
    expect(placed(task({ pots: [basket], wishes: trailing }))).toEqual([])
    expect(
      placed(task({ pots: [basket], wishes: trailing, spots: [spot('h', { kind: 'hook' })] })),
    ).toEqual([['b', 'h', 'trailingCherry', 1]])
    const sunken = pot(made('s', 'sunkenPot'), 'earth')
    const spots = [
      spot('earth', { kind: 'earth' }, { dliMol: 15 }),
      spot('better', { kind: 'earth' }),
    ]
    expect(placed(task({ pots: [sunken], spots }))).toEqual([['s', 'earth', 'padron', 1]])
  })
  test('no pot where it has no room, turned if need be; no crown where it has none', () => {
    const box = [pot(made('a', 'box'))]
    const narrow = { lengthMm: 320, widthMm: 620 }
    expect(placed(task({ pots: box, spots: [spot('s', narrow)] }))).toHaveLength(1)
    expect(placed(task({ pots: box, spots: [spot('s', { ...narrow, widthMm: 500 })] }))).toEqual([])
    expect(leftOutBy(task({ spots: [spot('s', { crownMm: 200 })] }))).toBe('arrange.leftOut.room')
  })
  test('no plant without sun, or far into the slab', () => {
    expect(leftOutBy(task({ spots: [spot('s', {}, { sunHours: 5.9 })] }))).toBe(
      'arrange.leftOut.sun',
    )
    const vine = [wish('blackCherry')]
    const large = [pot(made('a', 'halfBarrel'))]
    const under = (ceilingMm: number) => [spot('s', {}, { ceilingMm })]
    expect(placed(task({ wishes: vine, pots: large, spots: under(2400) }))).toHaveLength(1)
    expect(leftOutBy(task({ wishes: vine, pots: large, spots: under(1200) }))).toBe(
      'arrange.leftOut.height',
    )
  })
  test('no more than the floor may carry', () => {
    const two = {
      pots: [pot(made('a', 'bucket')), pot(made('b', 'bucket'))],
      spots: [spot('s0'), spot('s1')],
      wishes: [wish('padron', 'like', 2)],
    }
    expect(placed(task(two))).toHaveLength(2)
    expect(placed(task({ ...two, allowedKg: { s: 30 } }))).toHaveLength(1)
    expect(placed(task({ ...two, allowedKg: { elsewhere: 0 } }))).toHaveLength(2)
  })
  test('the school decides; where it is silent, Rimbo’s own does', () => {
    const vine = { wishes: [wish('moneymaker')], pots: [pot(made('a', 'bucket'))] }
    expect(placed(task({ ...vine, school: 'bucket' }))).toHaveLength(1)
    expect(placed(task({ ...vine, school: 'roomy' }))).toEqual([])
    // The middle school calls a vine in 19 L the very least.
    expect(placed(task({ ...vine, school: 'middle' }))).toHaveLength(1)
    expect(placed(task({ ...vine, school: 'middle', acceptsTight: false }))).toEqual([])
    // Of peppers the bucket school says nothing.
    expect(placed(task({ school: 'bucket' }))).toHaveLength(1)
  })
  test('at most so many of a wish, and in one pot', () => {
    const wide = { pots: [pot(made('a', 'halfBarrel'))], wishes: [wish('padron', 'like', 5)] }
    expect(placed(task({ ...wide, mostPerPot: 3 }))).toEqual([['a', 's0', 'padron', 3]])
    expect(placed(task({ ...wide, mostPerPot: 3, wishes: [wish('padron', 'like', 2)] }))).toEqual([
      ['a', 's0', 'padron', 2],
    ])
  })
  test('a tower is filled pocket by pocket, each with its own roots', () => {
    const given = task({
      pots: [pot(made('t', 'tower', { tower: { tiers: 3, pocketsPerTier: 4, pocketVolumeL: 3 } }))],
      wishes: [wish('microTom', 'like', 12)],
      mostPerPot: 2,
    })
    expect(placed(given)).toEqual([['t', 's0', 'microTom', 12]])
  })
  test('a must comes before what gives more', () => {
    const two = [wish('blackCherry', 'like'), wish('tinyTim', 'must')]
    const large = [pot(made('a', 'halfBarrel'))]
    expect(placed(task({ pots: large, wishes: two }))).toEqual([['a', 's0', 'tinyTim', 1]])
    const maybe = [wish('blackCherry', 'maybe'), wish('stupice', 'like')]
    expect(placed(task({ pots: large, wishes: maybe }))).toEqual([['a', 's0', 'stupice', 1]])
  })
  test('a plant pinned to a pot its school refuses is kept all the same; a pin that cannot be is named', () => {
    const pinned = task({
      school: 'roomy',
      wishes: [wish('brandywine')],
      pins: [{ containerId: 'a', varietyId: 'brandywine' }],
    })
    expect(placed(pinned)).toEqual([['a', 's0', 'brandywine', 1]])
    const found = arrange({ ...pinned, spots: [] }, solve)
    expect(found.status === 'impossible' && found.conflicts).toMatchObject([{ kind: 'pin' }])
  })
  test('of many musts only those that conflict are named, each of them needed for it', () => {
    const given = task({
      school: 'roomy',
      pots: [
        pot(made('a', 'halfBarrel')),
        ...[1, 2, 3, 4].map((n) => pot(made(`b${n}`, 'bucket'))),
      ],
      spots: [0, 1, 2, 3, 4].map((n) => spot(`s${n}`)),
      // To the roomy school only the barrel is wide enough for a tomato; peppers go anywhere.
      wishes: ['brandywine', 'moneymaker', 'padron', 'jimmyNardello', 'lemonDrop'].map((id) =>
        wish(id, 'must'),
      ),
    })
    const found = arrange(given, solve)
    const named = found.status === 'impossible' ? found.conflicts : []
    expect(named).toMatchObject([
      { kind: 'must', variety: { id: 'brandywine' } },
      { kind: 'must', variety: { id: 'moneymaker' } },
    ])
    for (const dropped of ['brandywine', 'moneymaker'])
      expect(
        placed({ ...given, wishes: given.wishes.filter(({ variety }) => variety.id !== dropped) }),
      ).toHaveLength(4)
  })
  test('nothing wished, nothing there: nothing arranged, and no error', () => {
    expect(placed(task({ wishes: [] }))).toEqual([])
    expect(placed(task({ pots: [] }))).toEqual([])
    expect(placed(task({ spots: [] }))).toEqual([])
  })
  test('progress goes up to the end', () => {
    const told: number[] = []
    arrange(task({ wishes: [wish('padron'), wish('tinyTim')] }), solve, 10, (share) =>
      told.push(share),
    )
    expect([...told].sort((one, other) => one - other)).toEqual(told)
    expect(told.at(-1)).toBe(1)
  })
})

describe('what is taken as one', () => {
  const many = (count: number) =>
    Array.from({ length: count }, (_, index) =>
      pot(made(`p${index}`, 'bucket', { fillMm: 285 - index })),
    )
  test('in a small garden only what is the very same', () => {
    const given = task({ pots: [...many(3), pot(made('twin', 'bucket'))] })
    expect(alikeShareFor(given)).toBe(0)
    expect(potGroups(given, 0).map((group) => group.most)).toEqual([2, 1, 1])
  })
  test('in a large one what is alike, at the smallest and heaviest of it', () => {
    const given = task({
      pots: many(40),
      spots: Array.from({ length: 40 }, (_, index) =>
        spot(`s${index}`, {}, { dliMol: 20 + index / 50 }),
      ),
      wishes: catalogue.slice(0, 10).map((variety) => ({ variety, wish: 'like', atMost: 1 })),
    })
    const alikeShare = alikeShareFor(given)
    expect(alikeShare).toBeGreaterThan(0)
    const groups = potGroups(given, alikeShare)
    expect(groups.length).toBeLessThan(8)
    for (const { container, containerIds } of groups) {
      const fills = containerIds.map((id) => 285 - Number(id.slice(1)))
      expect(container.fillMm).toBe(Math.min(...fills))
    }
    const places = spotGroups(given, groups, alikeShare)
    expect(places.length).toBeLessThan(4)
    for (const group of places)
      expect(group.conditions.dliMol).toBe(
        Math.min(...group.spots.map(({ conditions }) => conditions.dliMol!)),
      )
  })
  test('what is pinned stays by itself', () => {
    const given = task({
      pots: [pot(made('a', 'bucket'), 's0'), pot(made('b', 'bucket'), 's1')],
      spots: [spot('s0'), spot('s1')],
      pins: [{ containerId: 'a', spotId: 's0' }],
    })
    const groups = potGroups(given, 0)
    expect(groups).toHaveLength(2)
    expect(spotGroups(given, groups, 0)).toHaveLength(2)
  })
})
