// What a pot's own record says of it: the demo's dry pot, and pots made for one thing each.
import { describe, expect, test } from '@jest/globals'
import { demo } from '../../../test/demo'
import { causeIds, diagnose, readFact, type FactId, type Facts } from '../../diagnosis'
import type { Garden, GardenRecord } from '../../garden'
import { wetLeafHours } from '../../weather'
import { checkOf, checkOutcomes, factsFrom, isGoingRound, mixVerdictAfter } from '.'

const NOW = demo.clock!
const DRY = 'f2'
const valueOf = (facts: Facts, fact: FactId) =>
  facts[fact] === undefined ? undefined : readFact(facts[fact]).value
const withRecords = (records: readonly Partial<GardenRecord>[]): Garden => ({
  ...demo,
  records: [
    ...demo.records,
    ...records.map((record, at) => ({ id: `more-${at}`, containerId: DRY, ...record })),
  ] as Garden['records'],
})

describe('the demo’s black-bottomed fruit', () => {
  const seen = demo.records.find((one) => one.kind === 'check')!
  test('is explained from its own dry days', () => {
    const check = checkOf(demo, DRY, seen.at)!
    expect(valueOf(check.facts, 'shortHours14d')).toBeGreaterThan(20)
    const { causes } = diagnose({ ...check, signs: ['fruitEndBlack'] })
    expect(causes[0]!.cause).toBe('unevenWater')
    expect(causes[0]!.for.map(({ fact }) => fact)).toContain('shortHours14d')
    // Its dry days are those on which the demo's gardener skipped it.
    const skipped = demo.records
      .filter((one) => one.kind === 'skipWater')
      .map(({ at }) => at.slice(0, 10))
    const { from, to } = check.dates.shortHours14d!
    expect(skipped.every((date) => from <= date && date <= to)).toBe(true)
    const { facts: _own, ...blind } = check
    const without = diagnose({ ...blind, signs: ['fruitEndBlack'] }).causes
    expect(causes[0]!.share).toBeGreaterThan(
      without.find(({ cause }) => cause === 'unevenWater')!.share,
    )
  })
  test('the pots that were watered tell of no dry hour', () => {
    expect(valueOf(factsFrom(demo, 'k2', NOW), 'shortHours14d')).toBe(0)
    expect(valueOf(factsFrom(demo, 'k2', NOW), 'wiltHours14d')).toBe(0)
  })
  test('what the demo’s check keeps is what the reckoning says of it', () => {
    const { causes } = diagnose({
      ...checkOf(demo, DRY, seen.at)!,
      signs: ['fruitEndBlack'],
      absent: ['leafBrownTips', 'mixWetKnuckle'],
    })
    expect(seen.kind === 'check' && seen.cause).toBe(causes[0]!.cause)
  })
})

describe('facts', () => {
  test('a measured acidity counts, and before the reckoned one; a future one does not', () => {
    const before = factsFrom(demo, DRY, NOW).ph!
    expect(readFact(before).isMeasured).toBe(false)
    const at = '2026-06-17T09:00'
    const measured = factsFrom(
      withRecords([{ kind: 'measurePh', at, ph: 7.9, ecDsM: 4.4 }]),
      DRY,
      NOW,
    )
    expect(measured.ph).toBe(7.9)
    expect(readFact(measured.ecDsM!)).toMatchObject({ isMeasured: true })
    expect(readFact(measured.ecDsM!).value).toBeCloseTo(4.4, 0)
    const later = factsFrom(
      withRecords([{ kind: 'measurePh', at: '2026-06-25T09:00', ph: 7.9 }]),
      DRY,
      NOW,
    )
    expect(later.ph).toEqual(before)
  })
  test('a spray and a feed are told by their days, and a feed by its strength beside the label', () => {
    const facts = factsFrom(withRecords([{ kind: 'spray', at: '2026-06-16T20:00' }]), DRY, NOW)
    expect(facts.daysSinceSpray).toBe(2)
    const last = demo.records.findLast((one) => one.kind === 'feed' && one.containerId === DRY)!
    if (last.kind !== 'feed') throw new Error('no feed')
    const twice = factsFrom(
      withRecords([
        { ...last, id: undefined, at: '2026-06-17T08:00', massG: last.massG! * 2 } as never,
      ]),
      DRY,
      NOW,
    )
    expect(twice.daysSinceFeed).toBe(1)
    expect(
      valueOf(twice, 'feedTimesLabel')! / valueOf(factsFrom(demo, DRY, NOW), 'feedTimesLabel')!,
    ).toBeCloseTo(2, 6)
  })
  test('trouble in two other pots in the same days is told; in one it is not', () => {
    const seen = (ids: readonly string[]) =>
      withRecords(
        ids.map((containerId) => ({
          kind: 'sign',
          sign: 'wilting',
          at: '2026-06-17T09:00',
          containerId,
        })),
      )
    expect(factsFrom(seen(['k1', 'k2']), DRY, NOW).neighboursSame).toBe(true)
    expect(factsFrom(seen(['k1']), DRY, NOW).neighboursSame).toBeUndefined()
  })
  test('once something is seen here, only the same at others counts, noted or checked', () => {
    const others = (['k1', 'k2'] as const).map((containerId, index) => ({
      ...{ containerId, at: '2026-06-17T09:00' },
      ...(index
        ? { kind: 'check' as const, signs: ['leafSpotsTinyBlackHalo@onLowestUp'] }
        : { kind: 'sign' as const, sign: 'leafSpots' as const }),
    }))
    const garden = withRecords(others)
    expect(isGoingRound(garden, DRY, NOW)).toBe(true)
    expect(isGoingRound(garden, DRY, NOW, ['leafSpotsTinyBlackHalo', 'fruitCrackRound'])).toBe(true)
    expect(isGoingRound(garden, DRY, NOW, ['wiltMiddayOnly'])).toBe(false)
    expect(isGoingRound(garden, DRY, '2026-07-17', ['leafSpotsTinyBlackHalo'])).toBe(false)
  })
  test('nights too warm for flowers are counted, and speak for heat', () => {
    const weather = demo.weather.map((one) => ({ ...one, tempMinC: Math.min(25, one.tempMaxC) }))
    const warm = factsFrom({ ...demo, weather }, DRY, NOW)
    expect(valueOf(warm, 'warmNights7d')).toBeGreaterThan(4)
    expect(valueOf(factsFrom(demo, DRY, NOW), 'warmNights7d')).toBe(0)
    const heatOf = (warmNights7d: number) =>
      diagnose({ crop: 'tomato', signs: ['flowersDrop'], facts: { warmNights7d } }).causes.find(
        ({ cause }) => cause === 'heat',
      )!.share
    expect(heatOf(6)).toBeGreaterThan(heatOf(0))
  })
  test('where no container is, or nothing stands in it, there is no check', () => {
    expect(factsFrom(demo, 'none', NOW)).toEqual({})
    expect(checkOf(demo, 'none', NOW)).toBeUndefined()
    expect(checkOf({ ...demo, plantings: [] }, DRY, NOW)).toBeUndefined()
  })
  test('a southern January is a northern July', () => {
    const south = { ...demo, place: { ...demo.place, latitudeDeg: -demo.place.latitudeDeg } }
    expect(checkOf(south, DRY, NOW)!.month).toBe(12)
    expect(checkOf(demo, DRY, NOW)!.month).toBe(6)
  })
  test('outcomes are counted, and one that no table knows is let be', () => {
    const outcome = (one: string, at: number) =>
      ({ kind: 'check', at: `2026-06-0${at}T09:00`, signs: [], outcome: one }) as never
    const garden = withRecords([outcome('slugs', 1), outcome('slugs', 2), outcome('laterCause', 3)])
    expect(checkOutcomes(garden)).toEqual({ slugs: 2 })
  })
})

test('a wilt ends the mix for tomatoes; a dry week does not', () => {
  expect(mixVerdictAfter(demo, DRY, 'fusariumWilt', NOW)).toBe('notForThese')
  expect(mixVerdictAfter(demo, DRY, 'drought', NOW)).not.toBe('notForThese')
  for (const cause of causeIds) expect(() => mixVerdictAfter(demo, DRY, cause, NOW)).not.toThrow()
})

describe('hours in which leaves are wet', () => {
  const day = { tempMaxC: 24, tempMinC: 12, dayOfYear: 180 }
  // By definition: at saturation all day every hour is wet, in desert air none.
  test('follow the humidity: all day in fog, none in dry air, some before dawn where dew falls', () => {
    expect(
      wetLeafHours({ ...day, tempMaxC: 12, humidityMaxShare: 1, humidityMinShare: 1 }, false),
    ).toBe(24)
    expect(wetLeafHours({ ...day, humidityMaxShare: 0.4, humidityMinShare: 0.15 }, false)).toBe(0)
    const dewy = wetLeafHours({ ...day, humidityMaxShare: 1, humidityMinShare: 0.45 }, false)
    expect(dewy).toBeGreaterThan(3)
    expect(dewy).toBeLessThan(12)
  })
  test('are more with rain, and none under a roof', () => {
    const dry = { ...day, humidityMaxShare: 0.7, humidityMinShare: 0.4 }
    expect(wetLeafHours({ ...dry, rainMm: 12 }, false)).toBeGreaterThan(
      wetLeafHours({ ...dry, rainMm: 2 }, false),
    )
    expect(wetLeafHours({ ...dry, rainMm: 12 }, true)).toBe(0)
  })
})
