import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demo, demoText, withoutCounts } from '../../../test/demo'
import {
  edits,
  ingredientStockL,
  nextUseBy,
  pastUse,
  readGarden,
  shelfStock,
  stockOn,
  writeGarden,
  type Garden,
  type GardenRecord,
} from '..'

/** A file as versions 6 and 7 had it: what is at hand stood beside the records. */
const olderText = (version: number, shelf: unknown, stockL: unknown) => {
  const document = { ...(JSON.parse(demoText) as Record<string, unknown>) }
  const records = (document['records'] as GardenRecord[]).filter(
    ({ kind }) => kind !== 'count' && kind !== 'buy',
  )
  return JSON.stringify({ ...document, version, records, shelf, stockL })
}
const SPRING = '2026-04-01T10:00'
const feedOf = (id: string, at: string, massG: number): GardenRecord => ({
  ...{ id, at, massG },
  kind: 'feed',
  containerId: 'b1',
  productId: 'epsomSalt',
})
const countOf = (id: string, at: string, amount: number): GardenRecord => ({
  ...{ id, at, amount },
  kind: 'count',
  itemId: 'epsomSalt',
  unit: 'g',
})
const item = (records: readonly GardenRecord[], on?: string) =>
  stockOn({ records: [...records] }, on).find(({ itemId }) => itemId === 'epsomSalt')

describe('files of versions 6 and 7', () => {
  test.each([6, 7])('of version %i: what was counted is there as it was', (version) => {
    const read = readGarden(
      olderText(version, [{ productId: 'boneMeal', massG: 600, countedAt: SPRING }], {
        compost: 46,
        perlite: 0,
      }),
    )
    expect(shelfStock(read)).toMatchObject([{ countedG: 600, countedAt: SPRING }])
    expect(ingredientStockL(read)).toEqual({ compost: 46, perlite: 0 })
    expect(read).not.toHaveProperty('shelf')
    expect(read).not.toHaveProperty('stockL')
    expect(readGarden(writeGarden(read))).toEqual(read)
  })
  test('ingredients count as measured when the garden was last written in', () => {
    const read = readGarden(olderText(7, [], { compost: 46 }))
    expect(read.records.at(-1)).toMatchObject({ kind: 'count', at: read.clock })
  })
  test('of version 6: a feed that stood twice has its last count', () => {
    const twice = [600, 77].map((massG) => ({ productId: 'boneMeal', massG, countedAt: SPRING }))
    expect(shelfStock(readGarden(olderText(6, twice, {})))).toMatchObject([{ countedG: 77 }])
  })
  test('an id that is taken is left alone', () => {
    const document = JSON.parse(olderText(7, [], { compost: 1 })) as { records: object[] }
    document.records.push({ id: 'count-1', at: SPRING, kind: 'note' })
    const ids = readGarden(JSON.stringify(document)).records.map(({ id }) => id)
    expect(new Set(ids).size).toBe(ids.length)
  })
  test('less than nothing is refused, at its record', () =>
    expect(() =>
      readGarden(olderText(7, [{ productId: 'boneMeal', massG: -1, countedAt: SPRING }], {})),
    ).toThrow(expect.objectContaining({ code: 'gardenInvalid' })))
})

describe('the ledger', () => {
  const records = [
    feedOf('a', '2026-04-01T09:00', 5),
    countOf('b', SPRING, 100),
    feedOf('c', SPRING, 7),
    feedOf('d', '2026-05-01T08:00', 20),
    countOf('e', '2026-06-01T08:00', 300),
    feedOf('f', '2026-06-02T08:00', 40),
  ]
  test.each([
    ['2026-03-31', undefined],
    ['2026-04-01', 93],
    ['2026-04-30', 93],
    ['2026-05-01T07:59', 93],
    ['2026-05-01', 73],
    ['2026-06-01', 300],
    [undefined, 260],
  ])('on %s there is %s g', (on, left) => expect(item(records, on)?.amount).toBe(left))
  test('the order in which it was written down does not matter', () =>
    fc.assert(
      fc.property(fc.shuffledSubarray(records, { minLength: records.length }), (shuffled) =>
        expect(item(shuffled)).toEqual(item(records)),
      ),
    ))
  test('counted to nothing it stays on the shelf; taken off, its counts go and what was given stays', () => {
    const garden = {
      ...withoutCounts(demo),
      records: [...records, countOf('g', '2026-06-03T08:00', 0)],
    }
    expect(shelfStock(garden)).toMatchObject([{ leftG: 0, isOverdrawn: false }])
    edits.takeOffShelf('epsomSalt', '').apply(garden)
    expect(shelfStock(garden)).toEqual([])
    expect(garden.records.map(({ kind }) => kind)).toEqual(['feed', 'feed', 'feed', 'feed'])
  })
  test('lime that was strewn is gone as well', () => {
    const ground = (extra: GardenRecord[]) =>
      stockOn({ records: [...demo.records, ...extra] }).find(({ itemId }) => itemId === 'ground')!
    const before = ground([]).amount
    const limed = ground([{ id: 'lime', at: '2026-06-18T07:00', kind: 'lime', massG: 30 }])
    expect(before - limed.amount).toBeCloseTo(30, 9)
  })
  test('sprays, ties and pots are drawn down by what was recorded, packets from the oldest', () => {
    const at = '2026-05-01T08:00'
    const buy = (id: string, itemId: string, amount: number, unit: 'mL' | 'count', more = {}) =>
      ({ id, at, kind: 'buy', itemId, amount, unit, ...more }) as GardenRecord
    const garden: Garden = {
      ...demo,
      records: [
        {
          id: 'old',
          at,
          kind: 'count',
          itemId: 'neemOil',
          amount: 100,
          unit: 'mL',
          useBy: '2026-06-01',
        },
        buy('new', 'neemOil', 250, 'mL', { useBy: '2028-01-01', openedOn: '2026-05-02' }),
        buy('t', 'ties', 50, 'count'),
        buy('p', 'pot', 12, 'count'),
        { id: 's', at: '2026-05-02T08:00', kind: 'spray', productId: 'neemOil', volumeL: 0.03 },
        { id: 'k', at: '2026-05-02T08:00', kind: 'tie', containerId: 'k1', count: 4 },
        { id: 'o', at: '2026-05-02T08:00', kind: 'potOn', varietyId: 'blackCherry', count: 6 },
      ],
    }
    const item = (id: string) => stockOn(garden).find(({ itemId }) => itemId === id)!
    expect(['neemOil', 'ties', 'pot'].map((id) => [item(id).kind, item(id).amount])).toEqual([
      ['spray', 320],
      ['small', 46],
      ['pot', 6],
    ])
    const oil = item('neemOil')
    expect(oil.lots).toEqual([
      { amount: 70, useBy: '2026-06-01' },
      { amount: 250, useBy: '2028-01-01', openedOn: '2026-05-02' },
    ])
    expect([pastUse(oil, '2026-06-01'), pastUse(oil, '2026-06-02')]).toEqual([0, 70])
    expect(nextUseBy(oil, '2026-06-02')).toBe('2028-01-01')
  })
})
