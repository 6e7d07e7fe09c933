// The cheapest list: against every way there is on small cases, proven by HiGHS on large ones; and the ledger by a walk of its own.
import { beforeAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import highsLoader from 'highs'
import { demo } from '../../../test/demo'
import { solveWithHighs, type Solve } from '../../units'
import { edits, type Garden } from '..'
import type { GardenRecord } from '../kinds'
import type { Shop } from '../shops'
import { purchaseRecords, shoppingList, stockOn, type Need } from '.'

let solve: Solve
beforeAll(async () => {
  solve = solveWithHighs(await highsLoader())
})

/** The price of the cheapest of all ways to buy at most so many of each pack. */
function cheapestOfAll(needs: readonly Need[], shops: readonly Shop[], most: number): number {
  const packs = shops.flatMap((shop) => shop.packs.map((pack) => ({ shop, pack })))
  let best = Infinity
  const counts = packs.map(() => 0)
  const look = (index: number): void => {
    if (index < packs.length) {
      for (let count = 0; count <= most; count++) {
        counts[index] = count
        look(index + 1)
      }
      return
    }
    const had = (itemId: string) =>
      packs.reduce(
        (sum, { pack }, at) => sum + (pack.itemId === itemId ? counts[at]! * pack.amount : 0),
        0,
      )
    if (needs.some(({ itemId, need }) => had(itemId) < need)) return
    let price = 0
    for (const shop of shops) {
      const here = packs.flatMap((one, at) =>
        one.shop === shop && counts[at] ? [[one.pack, counts[at]] as const] : [],
      )
      if (!here.length) continue
      const paid = here.reduce((sum, [pack, count]) => sum + pack.price * count, 0)
      if (paid < shop.minimumOrder) return
      price += paid + shop.fare
    }
    best = Math.min(best, price)
  }
  look(0)
  return best
}

const packOf = (shop: number) =>
  fc
    .record({
      itemId: fc.constantFrom('a', 'b'),
      amount: fc.integer({ min: 1, max: 6 }),
      price: fc.integer({ min: 1, max: 9 }),
    })
    .map((pack, at = 0) => ({ ...pack, id: `s${shop}-${at}`, unit: 'L' as const }))
const shopOf = (index: number): fc.Arbitrary<Shop> =>
  fc
    .record({
      fare: fc.integer({ min: 0, max: 5 }),
      minimumOrder: fc.constantFrom(0, 0, 8),
      packs: fc.array(packOf(index), { minLength: 1, maxLength: 2 }),
    })
    .map((shop) => ({
      ...shop,
      id: `s${index}`,
      packs: shop.packs.map((pack, at) => ({ ...pack, id: `s${index}-${at}` })),
    }))

const priceOf = (list: ReturnType<typeof shoppingList>) => list.price

describe('the cheapest list', () => {
  test('costs what the cheapest of all ways costs', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 7 }),
        fc.integer({ min: 0, max: 5 }),
        fc.tuple(shopOf(0), shopOf(1)),
        (a, b, shops) => {
          const all: Need[] = [
            { itemId: 'a', need: a, unit: 'L' },
            { itemId: 'b', need: b, unit: 'L' },
          ]
          const needs = all.filter(
            ({ itemId, need }) =>
              need > 0 && shops.some(({ packs }) => packs.some((pack) => pack.itemId === itemId)),
          )
          const best = cheapestOfAll(needs, shops, 8)
          if (!Number.isFinite(best)) return
          const list = shoppingList(demo, needs, shops, solve)
          expect(list.isProven).toBe(true)
          expect(priceOf(list)).toBeCloseTo(best, 6)
          for (const { lines, shopId } of list.trips) {
            const shop = shops.find(({ id }) => id === shopId)!
            const paid = lines.reduce((sum, line) => sum + line.price, 0)
            expect(paid).toBeGreaterThanOrEqual(shop.minimumOrder - 1e-9)
          }
        },
      ),
      { numRuns: 60 },
    ))
  test('thirty things in four shops are proven', () => {
    const needs = Array.from({ length: 30 }, (_, at): Need => ({
      itemId: `i${at}`,
      need: 3 + ((at * 7) % 11),
      unit: 'L',
    }))
    const shops = Array.from({ length: 4 }, (_, shop): Shop => ({
      id: `s${shop}`,
      fare: 4 + shop,
      minimumOrder: shop === 3 ? 60 : 0,
      packs: needs.flatMap(({ itemId }, at) =>
        (at + shop) % 3 === 2 && shop !== 0
          ? []
          : [2, 5].map((amount) => ({
              id: `${itemId}-${shop}-${amount}`,
              itemId,
              amount,
              unit: 'L' as const,
              price: Math.round(amount * (1 + ((at * 13 + shop * 29) % 17) / 10) * 100) / 100,
            })),
      ),
    }))
    const list = shoppingList(demo, needs, shops, solve)
    expect(list.isProven).toBe(true)
    expect(list.notSold).toEqual([])
    const only = shoppingList(demo, needs, [shops[0]!], solve)
    expect(list.price).toBeLessThanOrEqual(only.price)
  })
  test('one trip is gone where two fares would cost more; a minimum order is reached by more of the same', () => {
    const pack = (id: string, itemId: string, price: number) => ({
      id,
      itemId,
      amount: 1,
      unit: 'L' as const,
      price,
    })
    const near: Shop = {
      id: 'near',
      fare: 2,
      minimumOrder: 0,
      packs: [pack('n1', 'a', 5), pack('n2', 'b', 5)],
    }
    const far: Shop = { id: 'far', fare: 6, minimumOrder: 0, packs: [pack('f1', 'a', 3)] }
    const need: Need[] = [
      { itemId: 'a', need: 1, unit: 'L' },
      { itemId: 'b', need: 1, unit: 'L' },
    ]
    expect(shoppingList(demo, need, [near, far], solve).trips.map(({ shopId }) => shopId)).toEqual([
      'near',
    ])
    const mail: Shop = { id: 'mail', fare: 0, minimumOrder: 9, packs: [pack('m1', 'a', 3)] }
    const list = shoppingList(demo, need.slice(0, 1), [mail], solve)
    expect(list.trips[0]!.lines[0]!.packs).toEqual([{ packId: 'm1', count: 3 }])
    expect(list.leftOver).toEqual([{ itemId: 'a', amount: 2, unit: 'L' }])
  })
  test('what nobody sells is told; nothing needed is nothing bought; what is no amount is refused', () => {
    const need: Need[] = [{ itemId: 'a', need: 1, unit: 'L' }]
    const empty: Shop = { id: 's', fare: 1, minimumOrder: 0, packs: [] }
    expect(shoppingList(demo, need, [empty], solve)).toMatchObject({
      trips: [],
      price: 0,
      notSold: need,
    })
    expect(shoppingList(demo, [], [], solve)).toMatchObject({ trips: [], isProven: true })
    expect(() => shoppingList(demo, [{ ...need[0]!, need: NaN }], [], solve)).toThrow(
      expect.objectContaining({ code: 'needNumbers' }),
    )
  })
})

describe('the ledger', () => {
  const at = fc
    .integer({ min: 1, max: 20 })
    .map((day) => `2026-05-${String(day).padStart(2, '0')}T08:00`)
  const amount = fc.integer({ min: 1, max: 50 })
  const one = fc.oneof(
    fc.record({ at, amount }).map((o) => ({ ...o, kind: 'count', itemId: 'epsomSalt', unit: 'g' })),
    fc.record({ at, amount }).map((o) => ({ ...o, kind: 'buy', itemId: 'epsomSalt', unit: 'g' })),
    fc
      .record({ at, massG: amount })
      .map((o) => ({ ...o, kind: 'feed', containerId: 'b1', productId: 'epsomSalt' })),
  )
  test('on any day it is counted plus bought less used, by a walk through all records, in whatever order they stand', () =>
    fc.assert(
      fc.property(
        fc.uniqueArray(one, { selector: (o) => o.at, maxLength: 12 }),
        at,
        fc.nat(),
        (drafts, on, seed) => {
          const records = drafts.map((draft, index) => ({
            id: `r${index}`,
            ...draft,
          })) as GardenRecord[]
          let walked: number | undefined
          for (const record of [...records].sort((x, y) => (x.at < y.at ? -1 : 1))) {
            if (record.at > on) continue
            if (record.kind === 'count') walked = record.amount
            if (record.kind === 'buy') walked = (walked ?? 0) + record.amount
          }
          // What was used before the first count or purchase is only known where a purchase is all there is.
          const firstCount = records.some((record) => record.kind === 'count' && record.at <= on)
          let left = 0
          let isKnown = false
          for (const record of [...records].sort((x, y) => (x.at < y.at ? -1 : 1))) {
            if (record.at > on) continue
            if (record.kind === 'count') [left, isKnown] = [record.amount, true]
            else if (record.kind === 'buy') [left, isKnown] = [left + record.amount, true]
            else if (record.kind === 'feed' && (isKnown || !firstCount)) left -= record.massG ?? 0
          }
          const shuffled = [...records].sort(
            (x, y) =>
              ((x.id.length * seed) % 3) - ((y.id.length * seed) % 3) || (x.id < y.id ? 1 : -1),
          )
          const item = stockOn({ ...demo, records: shuffled }, on)[0]
          if (walked === undefined) expect(item).toBeUndefined()
          else if (firstCount) expect(item!.amount).toBe(left)
          else expect(item!.amount).toBe(left)
        },
      ),
      { numRuns: 200 },
    ))
  test('a pot that is filled takes its ingredients, seeds and stakes go by their number', () => {
    const counts = (
      [
        ['compost', 100, 'L'],
        ['blackCherry', 20, 'count'],
        ['stake', 4, 'count'],
        ['cage', 4, 'count'],
      ] as const
    ).map(([itemId, amount, unit], index): GardenRecord => ({
      id: `c${index}`,
      at: '2026-05-01T08:00',
      kind: 'count',
      itemId,
      amount,
      unit,
    }))
    const garden: Garden = {
      ...demo,
      records: [
        ...counts,
        {
          id: 'f',
          at: '2026-05-02T08:00',
          kind: 'fill',
          containerId: 'k1',
          recipeId: 'thirds',
          fillMm: 200,
        },
        { id: 's', at: '2026-05-02T08:00', kind: 'sow', varietyId: 'blackCherry', count: 6 },
        {
          id: 't',
          at: '2026-05-02T08:00',
          kind: 'support',
          containerId: 'k1',
          support: 'stake',
          heightMm: 900,
        },
        {
          id: 'u',
          at: '2026-05-02T08:00',
          kind: 'support',
          containerId: 'f1',
          support: 'twoCages',
          heightMm: 900,
        },
      ],
    }
    const left = (id: string) => stockOn(garden).find(({ itemId }) => itemId === id)!
    expect(left('compost').amount).toBeLessThan(100)
    expect(left('compost').amount).toBeGreaterThan(85)
    expect([left('blackCherry').amount, left('stake').amount, left('cage').amount]).toEqual([
      14, 3, 2,
    ])
    expect(left('blackCherry').kind).toBe('seed')
    // More used than there was: told, not hidden.
    const more = {
      ...garden,
      records: [...garden.records, { ...garden.records[5]!, id: 's2', count: 30 } as GardenRecord],
    }
    expect(stockOn(more).find(({ itemId }) => itemId === 'blackCherry')!.amount).toBe(-16)
  })
  test('what is bought of a thing that was overdrawn is there, whole', () => {
    const spent: GardenRecord[] = [
      { id: 'c', at: '2026-05-01T08:00', kind: 'count', itemId: 'stake', amount: 1, unit: 'count' },
      ...['k1', 'k2', 'k3'].map((containerId): GardenRecord => ({
        id: containerId,
        at: '2026-05-02T08:00',
        kind: 'support',
        containerId,
        support: 'stake',
        heightMm: 900,
      })),
    ]
    const garden: Garden = { ...demo, records: spent }
    const stakes = (records: readonly GardenRecord[]) =>
      stockOn({ ...demo, records: [...records] }).find(({ itemId }) => itemId === 'stake')!.amount
    expect(stakes(spent)).toBe(-2)
    const buy = {
      id: 'b',
      at: '2026-05-03T08:00',
      kind: 'buy',
      itemId: 'stake',
      unit: 'count',
    } as const
    const bought = purchaseRecords(garden, [{ ...buy, amount: 5 }], () => 'emptied')
    expect(stakes([...spent, ...bought])).toBe(5)
  })
  test('bought and counted in one minute: what was written last is what holds', () => {
    const every = { at: '2026-05-01T08:00', itemId: 'stake', unit: 'count' } as const
    const buy: GardenRecord = { id: 'b', kind: 'buy', amount: 5, ...every }
    const count: GardenRecord = { id: 'c', kind: 'count', amount: 3, ...every }
    const left = (records: GardenRecord[]) => stockOn({ ...demo, records })[0]!.amount
    expect([left([buy, count]), left([count, buy])]).toEqual([3, 8])
  })
  test('a changed record moves it exactly, and so does taking it back', () => {
    const garden = structuredClone(demo)
    const grams = () =>
      stockOn({ ...garden, records: [...garden.records] }).find(
        ({ itemId }) => itemId === 'ground',
      )!.amount
    const before = grams()
    edits.recordOne({ id: 'l', at: '2026-06-18T07:00', kind: 'lime', massG: 30 }, '').apply(garden)
    expect(grams()).toBeCloseTo(before - 30, 9)
    const limed = garden.records.at(-1)!
    edits
      .changeRecord({ ...limed, massG: 45 } as GardenRecord, limed, '2026-06-18T07:10')
      .apply(garden)
    expect(grams()).toBeCloseTo(before - 45, 9)
    edits.removeRecord('l', '2026-06-18T07:20').apply(garden)
    expect(grams()).toBeCloseTo(before, 9)
  })
})
