import { describe, expect, test } from '@jest/globals'
import { demo, withoutCounts } from '../../test/demo'
import { starterProducts } from '../feed'
import { type Garden, type GardenRecord } from '../garden'
import { gardenCourse, gardenOn, gardenToday, inQuarterCans, mixPlan, roundOf } from '.'

const NOW = demo.clock!
/** The demo with its tower as one open column: it drains as deep as it is tall, and holds little. */
const withColumn: Garden = {
  ...demo,
  containers: demo.containers.map((one) =>
    one.id === 't1' ? { ...one, tower: { tiers: 5, pocketsPerTier: 4 } } : one,
  ),
}
const CAN_L = 10
const withRecord = (garden: Garden, record: object): Garden => ({
  ...garden,
  records: [
    ...garden.records,
    { id: `new${garden.records.length}`, at: NOW, ...record } as GardenRecord,
  ],
})
const potIn = (garden: Garden, code: string) =>
  gardenToday(garden, NOW).pots.find((pot) => pot.container.code === code)!

describe('today', () => {
  test('what was given is in the pot: nothing more is wanted, nor of the others less', () => {
    const due = gardenToday(demo, NOW).pots.find(({ nowL }) => nowL > 0)!
    const { id, code } = due.container
    const given = withRecord(demo, { kind: 'water', containerId: id, volumeL: due.nowL })
    expect(potIn(given, code).nowL).toBe(0)
    expect(potIn(given, code).depletionL).toBeLessThan(0.1 * due.depletionL)
    const other = gardenToday(demo, NOW).pots.find((pot) => pot.nowL > 0 && pot !== due)!
    expect(potIn(given, other.container.code).nowL).toBe(other.nowL)
  })
  test('yesterday’s water is not today’s', () => {
    const old = withRecord(demo, {
      kind: 'water',
      containerId: 'b1',
      volumeL: 9,
      at: '2026-06-17T22:00',
    })
    expect(potIn(old, 'B1').givenL).toBe(0)
  })
  test('without weather today is a usual day, and is said to be', () => {
    const blind = gardenToday({ ...demo, weather: [] }, NOW)
    expect(blind.source).toBe('typical')
    const usual = blind.pots.flatMap(({ need }) => (need ? [need] : []))
    expect(usual.length).toBeGreaterThan(0)
    for (const { waterL, reasons } of usual) {
      expect(waterL).toBeGreaterThan(0)
      expect(reasons.map(({ code }) => code)).toContain('water.usualWeather')
    }
    const told = gardenToday(demo, NOW).pots.flatMap(({ need }) => need?.reasons ?? [])
    expect(told.map(({ code }) => code)).not.toContain('water.usualWeather')
  })
  test('a day that is past and was not told is not guessed', () => {
    const course = gardenCourse({ ...demo, weather: [] }, NOW)
    const past = gardenOn(course, '2026-06-17')
    expect([past.weather, past.reference]).toEqual([undefined, undefined])
    expect(past.pots.every(({ need }) => need === undefined)).toBe(true)
  })
  test('without plants nothing is asked', () => {
    const empty = gardenToday({ ...demo, plantings: [] }, NOW)
    expect(roundOf(empty, CAN_L).dueCount).toBe(0)
  })
  test('a week before planting there is nothing to water', () => {
    expect(roundOf(gardenToday(demo, '2026-04-01'), CAN_L).carryL).toBe(0)
  })
  test('rain reaches the landing, not the balcony under its slab', () => {
    const weather = demo.weather.map((day) =>
      day.date === '2026-06-18' ? { ...day, rainMm: 4 } : day,
    )
    const wet = { ...demo, weather }
    expect(potIn(wet, 'B1').need!.rainL).toBe(0)
    expect(potIn(wet, 'H1').need!.rainL).toBeGreaterThan(0)
  })
})

describe('the round', () => {
  const today = gardenToday(withColumn, NOW)
  const round = roundOf(today, CAN_L)

  test('walks in the order of the containers, and its litres add up', () => {
    expect(round.stops.map((stop) => stop.pot)).toEqual(today.pots)
    const remainingL = today.pots.reduce((sum, pot) => sum + pot.remainingL, 0)
    expect(round.carryL + round.laterL).toBeCloseTo(remainingL, 9)
    expect(round.cans).toBe(Math.ceil(round.carryL / CAN_L))
  })
  test('a small pot in great heat is watered now and again in the evening', () => {
    const weather = demo.weather.map((day) =>
      day.date >= '2026-06-17' ? { ...day, tempMaxC: 42, tempMinC: 28, windMS: 6 } : day,
    )
    const hot = { ...demo, weather }
    const first = roundOf(gardenToday(hot, NOW), CAN_L)
    const later = first.stops.find(({ pot }) => pot.eveningL > 0)!
    expect(first.laterL).toBeGreaterThan(0)
    const evening = gardenToday(hot, '2026-06-18T18:30')
    const code = later.pot.container.code
    expect(evening.pots.find(({ container }) => container.code === code)!.eveningL).toBe(0)
  })
  test('a skipped pot is left alone', () => {
    const due = round.stops.findIndex(({ state }) => state === 'due')
    const containerId = round.stops[due]!.pot.container.id
    const skipped = withRecord(demo, { kind: 'skipWater', containerId, reason: 'stillWet' })
    expect(roundOf(gardenToday(skipped, NOW), CAN_L).stops[due]!.state).toBe('skipped')
  })
})

test('cans are poured in quarters, never none', () => {
  expect([0.3, 2.6, 6.2, 12.4].map((litres) => inQuarterCans(litres, 10))).toEqual([
    0.25, 0.25, 0.5, 1.25,
  ])
})

describe('a mixing for several pots', () => {
  const pots = gardenToday(demo, NOW).pots
  const wishes = {
    recipe: undefined,
    product: starterProducts[0]!,
    limeKind: 'ground',
    withReserve: false,
  } as const
  const plan = mixPlan(demo, pots, wishes)

  test('each pot with its own mix; the list adds up to the litre', () => {
    const filledL = pots.reduce((sum, pot) => sum + pot.volumes.fillVolumeL, 0)
    expect(plan.mixedL).toBeCloseTo(filledL, 6)
    expect(plan.lines.reduce((sum, line) => sum + line.looseL, 0)).toBeCloseTo(plan.looseL, 6)
    expect(plan.cautions).toContain('lime')
  })
  test('the shopping for the whole demo adds up to the litre: bought and at hand is used and left', () => {
    expect(plan.shopping.purchases.length).toBeGreaterThan(5)
    for (const one of plan.shopping.purchases) {
      const boughtL = one.buys.reduce((sum, buy) => sum + buy.count * buy.pack.looseL, 0)
      const { fromStockL, homeMadeL, leftOverL, needL } = one
      expect(boughtL + fromStockL + homeMadeL).toBeCloseTo(needL + leftOverL, 6)
    }
    const needL = plan.shopping.purchases.reduce((sum, one) => sum + one.needL, 0)
    expect(needL).toBeCloseTo(plan.looseL, 6)
    const tubsL = plan.tubs.flatMap(({ tubs, lines }) => lines.map((line) => line.looseL * tubs))
    expect(tubsL.reduce((sum, litres) => sum + litres, 0)).toBeCloseTo(plan.looseL, 6)
    expect(plan.shopping.usedPrice).toBeLessThanOrEqual(plan.shopping.price)
  })
  test('mixing is cheaper than bags for many pots (practice)', () => {
    const many = mixPlan(withoutCounts(demo), pots, { ...wishes, recipe: 'thirds' })
    expect(many.pricePerL).toBeLessThan(many.baggedPricePerL)
  })
  test('a measured shrinkage replaces the model’s', () => {
    const loss = {
      id: 'loss',
      at: NOW,
      kind: 'shrinkage',
      of: 'recipe',
      testedId: 'thirds',
      looseL: 10,
      mixedL: 8,
    } as const
    const [filling] = mixPlan({ ...demo, mixTests: [loss] }, pots.slice(0, 1), {
      ...wishes,
      recipe: 'thirds',
    }).fillings
    expect(filling!.batch.looseL).toBeCloseTo(pots[0]!.volumes.fillVolumeL / 0.8, 9)
  })
  test('the reserve is mixed on top, with its own lime and feed', () => {
    const more = mixPlan(demo, pots, { ...wishes, withReserve: true })
    expect(more.mixedL).toBeCloseTo(plan.mixedL + more.reserveL, 6)
    expect(more.reserveL).toBeGreaterThan(10)
    const lime = (one: typeof plan) => one.tubs.reduce((sum, tub) => sum + tub.limeG * tub.tubs, 0)
    expect(lime(more)).toBeGreaterThan(lime(plan))
  })
  test('what a recipe has strewn in is weighed by the litre or by the pot', () => {
    const { tubs, fillings } = mixPlan(demo, pots.slice(0, 2), { ...wishes, recipe: 'terrace-own' })
    const gypsum = fillings[0]!.amendments.find(({ productId }) => productId === 'gypsum')!
    expect(gypsum.massG).toBeCloseTo(pots[0]!.volumes.fillVolumeL, 6)
    // A handful of neem cake each, 40 mL at 0.55 g/mL, whatever the pot.
    expect(fillings.map(({ amendments }) => amendments[0]!.massG)).toEqual([
      expect.closeTo(22, 9),
      expect.closeTo(22, 9),
    ])
    const [tub] = tubs
    const strewn = tub!.strewn.find(({ productId }) => productId === 'neemCake')!
    expect(strewn.massG * tub!.tubs).toBeCloseTo(44, 6)
  })
})
