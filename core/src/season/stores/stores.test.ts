// What the plan will need, what a season cost, and how long seed keeps.
import { describe, expect, test } from '@jest/globals'
import { demo } from '../../../test/demo'
import { seasonsOf, stockOn, type Garden, type GardenRecord } from '../../garden'
import { addDays, dayOf } from '../../units'
import { seasonCosts, yearlyPart } from '../harvest'
import { germinationShare, seedsFor, stockForecast } from '.'

const NOW = demo.clock!
const TODAY = dayOf(NOW)
const withRecords = (more: readonly object[]): Garden => ({
  ...demo,
  records: [...demo.records, ...more.map((one, at) => ({ id: `m${at}`, ...one }) as GardenRecord)],
})

describe('what the plan will need', () => {
  const needs = stockForecast(demo, NOW, '2026-10-31')
  test('each thing’s weeks add up to its need, and what is left only falls', () => {
    expect(needs.length).toBeGreaterThan(2)
    for (const { need, byWeek, atHand } of needs) {
      expect(byWeek.reduce((sum, week) => sum + week.need, 0)).toBeCloseTo(need, 6)
      let left = atHand
      for (const week of byWeek) {
        left = Math.max(0, left - week.need)
        expect(week.left).toBeCloseTo(left, 6)
      }
    }
  })
  test('it runs out on the first day that takes more than there is, and is bought before', () => {
    for (const { need, atHand, runsOutOn, buyBy } of needs) {
      expect(runsOutOn !== undefined).toBe(need > atHand * (1 + 1e-9))
      if (runsOutOn) expect(buyBy! <= runsOutOn && buyBy! >= TODAY).toBe(true)
    }
  })
  test('with more at hand it does not run out, and nothing else changes', () => {
    const [first] = needs
    const { itemId, unit, need } = first!
    const more = stockForecast(
      withRecords([{ kind: 'count', at: NOW, itemId, unit, amount: need + 1 }]),
      NOW,
      '2026-10-31',
    ).find((one) => one.itemId === itemId && one.unit === unit)!
    expect(more.need).toBeCloseTo(need, 6)
    expect(more.runsOutOn).toBeUndefined()
  })
  test('what is past its date before its turn comes is told, and what is more than all that is needed', () => {
    const [{ itemId, unit, need, byWeek }] = needs.filter(({ byWeek }) => byWeek.length > 2) as [
      (typeof needs)[number],
    ]
    const [first] = byWeek
    const useBy = addDays(byWeek[1]!.from, -1)
    const told = (more: object) =>
      stockForecast(
        withRecords([{ kind: 'count', at: NOW, itemId, unit, amount: 3 * need, ...more }]),
        NOW,
        '2026-10-31',
      ).find((one) => one.itemId === itemId && one.unit === unit)!
    expect(told({}).spare).toBeCloseTo(2 * need, 6)
    expect(told({}).spoils).toBeUndefined()
    // Good for the first week alone: the rest of it goes past its date.
    const spoils = told({ useBy }).spoils!
    expect(spoils.on).toBe(useBy)
    expect(spoils.amount).toBeCloseTo(3 * need - first!.need, 6)
  })
  test('feeding goes on to the end of the season: a longer look needs more, and none looks back', () => {
    const grams = (to: string) =>
      stockForecast(demo, NOW, to).reduce(
        (sum, { unit, need }) => sum + (unit === 'g' ? need : 0),
        0,
      )
    expect(grams('2026-08-31')).toBeGreaterThan(grams(addDays(TODAY, 7)))
    for (const { byWeek } of needs) expect(byWeek[0]!.from >= TODAY).toBe(true)
  })
})

describe('what a season cost', () => {
  test('lines and pots both add up to the cent', () => {
    for (const { id } of seasonsOf(demo)) {
      const { total, lines, perContainer } = seasonCosts(demo, id)
      const cents = (list: readonly { price: number }[]) =>
        list.reduce((sum, { price }) => sum + Math.round(price * 100), 0)
      expect(cents(lines)).toBe(Math.round(total * 100))
      expect(cents(perContainer)).toBe(Math.round(total * 100))
    }
  })
  test('what was paid comes before what is usual; a kilo costs the total over what was picked', () => {
    const feed = demo.records.find((one) => one.kind === 'feed')!
    const buy = {
      kind: 'buy',
      at: '2026-03-01T09:00',
      itemId: feed.productId,
      unit: 'g',
      amount: 1000,
    }
    const lineOf = (garden: Garden) =>
      seasonCosts(garden, '2026').lines.find(({ itemId }) => itemId === feed.productId)!
    const cheap = lineOf(withRecords([{ ...buy, price: 10 }]))
    const dear = lineOf(withRecords([{ ...buy, price: 20 }]))
    expect(dear.price).toBeCloseTo(2 * cheap.price, 1)
    expect(cheap.mark).toBe('measured')
    expect(cheap.price).toBeCloseTo((cheap.amount / 1000) * 10, 2)
    const { total, perKg } = seasonCosts(demo, '2026')
    // 0.835 kg were picked by June.
    expect(perKg! * 0.835).toBeCloseTo(total, 6)
  })
  // A textbook case of straight-line depreciation: an asset of 10 000 over five years is 2 000 a year, and
  // nothing after (worked by hand).
  test('what lasts is spread over its years', () => {
    expect([0, 1, 4, 5, -1].map((age) => yearlyPart(10_000, 5, age))).toEqual([
      2000, 2000, 2000, 0, 0,
    ])
    const stakes = withRecords([
      {
        kind: 'buy',
        at: '2025-04-01T09:00',
        itemId: 'net',
        unit: 'count',
        amount: 10,
        price: 25,
      },
    ])
    for (const id of ['2025', '2026'])
      expect(seasonCosts(stakes, id).lines).toContainEqual(
        expect.objectContaining({ itemId: 'net', price: 5, years: 5 }),
      )
  })
  test('a fare is paid once a day and shop', () => {
    const shops = [{ id: 's', fare: 4.5, minimumOrder: 0, packs: [] }]
    const buy = { kind: 'buy', itemId: 'perlite', unit: 'L', amount: 10, price: 3, shopId: 's' }
    const garden = {
      ...withRecords([
        { ...buy, at: '2026-04-01T09:00' },
        { ...buy, at: '2026-04-01T09:10' },
        { ...buy, at: '2026-04-02T09:00' },
      ]),
      shops,
    }
    expect(seasonCosts(garden, '2026').lines).toContainEqual(
      expect.objectContaining({ kind: 'fare', itemId: 's', price: 9 }),
    )
  })
  test('fruit is worth what it costs in the shop: a pot that gave more than it cost has paid for itself', () => {
    const priced = { ...demo, settings: { ...demo.settings, fruitPrices: { tomato: 6 } } }
    const { perContainer, paidForItself } = seasonCosts(priced, '2025')
    expect(perContainer.find(({ containerId }) => containerId === 's1')!.worth).toBeCloseTo(
      3.3 * 6,
      6,
    )
    expect(paidForItself).toContain('s1')
    const { fruitPrices: _prices, ...settings } = demo.settings
    expect(seasonCosts({ ...demo, settings }, '2025').paidForItself).toEqual([])
  })
  test('a season that is not there is refused', () =>
    expect(() => seasonCosts(demo, '1999')).toThrow(
      expect.objectContaining({ code: 'unknownSeason' }),
    ))
})

describe('seed', () => {
  // Extension tables of seed longevity: tomato about four years, pepper two (from memory).
  test('of tomatoes comes up well for four years, of peppers for two, and then falls off', () => {
    for (const [crop, years] of [
      ['tomato', 4],
      ['pepper', 2],
    ] as const) {
      expect(germinationShare(crop, years)).toBeGreaterThan(0.6)
      expect(germinationShare(crop, 2.5 * years)).toBeLessThan(0.5)
      const ages = [0, 1, 2, 3, 5, 8].map((age) => germinationShare(crop, age))
      expect(ages).toEqual([...ages].sort((one, other) => other - one))
    }
  })
  test('older seed is sown thicker', () => {
    expect(seedsFor(4, 'tomato', 0)).toBe(6)
    expect(seedsFor(4, 'pepper', 6)).toBeGreaterThan(seedsFor(4, 'pepper', 1))
  })
})

test('the shelf of the demo is what was counted and bought, less what was used', () => {
  for (const { amount, countedAmount, boughtSince, usedSince } of stockOn(demo, NOW))
    expect(amount).toBeCloseTo(countedAmount + boughtSince - usedSince, 9)
})
