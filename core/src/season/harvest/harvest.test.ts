// What a garden gave: it adds up to its records, whichever way it is looked at.
import { describe, expect, test } from '@jest/globals'
import { demo } from '../../../test/demo'
import { seasonsOf, varietyOf, type Garden, type RecordOf } from '../../garden'
import { fruitMassG } from '../../plant'
import { harvestSides, harvestSummary, learnedFruitMass } from '.'

const picks = demo.records.filter((one) => one.kind === 'pick')
const recordedKg = (from: string, to: string) =>
  picks
    .filter(({ at }) => from <= at.slice(0, 10) && at.slice(0, 10) <= to)
    .reduce((sum, { massG = 0 }) => sum + massG, 0) / 1000
const sum = (rows: readonly { massKg: number }[]) =>
  rows.reduce((all, { massKg }) => all + massKg, 0)
const withPicks = (more: readonly Partial<RecordOf<'pick'>>[]): Garden => ({
  ...demo,
  records: [
    ...demo.records,
    ...more.map((one, at) => ({
      id: `p${at}`,
      kind: 'pick' as const,
      at: '2026-06-17T20:00',
      ...one,
    })),
  ],
})

describe('the harvest', () => {
  test('adds up to its records from every side, season by season', () => {
    for (const { id, from, to } of seasonsOf(demo))
      for (const by of harvestSides) {
        const rows = harvestSummary(demo, { season: id, by })
        expect(sum(rows)).toBeCloseTo(recordedKg(from, to), 9)
        const counted = picks
          .filter(({ at }) => from <= at && at.slice(0, 10) <= to)
          .reduce((all, { count = 0 }) => all + count, 0)
        expect(rows.reduce((all, { count }) => all + count, 0)).toBe(counted)
      }
    expect(sum(harvestSummary(demo, { by: 'crop' }))).toBeCloseTo(recordedKg('', '9999'), 9)
  })
  test('weeks begin on Monday and are told in order', () => {
    const weeks = harvestSummary(demo, { season: '2026', by: 'week' }).map(({ key }) => key)
    expect(weeks.every((date) => new Date(`${date}T12:00Z`).getUTCDay() === 1)).toBe(true)
    expect(weeks).toEqual([...weeks].sort())
  })
  test('a small balcony’s expected band holds 13 kg (practice)', () => {
    const [tomato] = harvestSummary(demo, { season: '2026', by: 'crop' }).filter(
      ({ key }) => key === 'tomato',
    )
    const { least, middle, most } = tomato!.expectedKg!
    expect(least).toBeLessThan(middle)
    expect(middle).toBeLessThan(most)
    // Sixteen pots give more than a small balcony does; a third of them is one.
    expect(least / 3).toBeLessThan(13)
    expect(most).toBeGreaterThan(13)
  })
  test('fruit that was only counted weighs what its variety weighs here, and says how unsure that is', () => {
    const before = harvestSummary(demo, { season: '2026', by: 'container' }).find(
      ({ key }) => key === 'l1',
    )!
    const after = harvestSummary(withPicks([{ containerId: 'l1', count: 20 }]), {
      season: '2026',
      by: 'container',
    }).find(({ key }) => key === 'l1')!
    const gainedG = ((after.massKg - before.massKg) * 1000) / 20
    // The demo's l1 gave 165 g of 14 and 250 g of 21: about 12 g each.
    expect(gainedG).toBeGreaterThan(10)
    expect(gainedG).toBeLessThan(15)
    expect(before.massSdKg).toBeUndefined()
    expect(after.massSdKg).toBeGreaterThan(0)
  })
  test('what was spoiled is told apart, and what nobody knows of is counted', () => {
    const garden = withPicks([
      { containerId: 'r1', massG: 100, wasteG: 40 },
      { massG: 500 },
      { containerId: 'gone', massG: 70 },
    ])
    const rows = harvestSummary(garden, { season: '2026', by: 'variety' })
    expect(rows.find(({ key }) => key === '')!.massKg).toBeCloseTo(0.57, 9)
    expect(rows.reduce((all, { wasteKg }) => all + wasteKg, 0)).toBeCloseTo(0.04, 9)
  })
  test('a season that is not there is refused', () =>
    expect(() => harvestSummary(demo, { season: '1999', by: 'crop' })).toThrow(
      expect.objectContaining({ code: 'unknownSeason' }),
    ))
})

test('what a fruit weighs is learned from pickings that were weighed and counted', () => {
  const variety = varietyOf(demo, 'redAlert')!
  const pick = (massG: number, count: number) =>
    ({ id: 'x', at: '2026-07-01T09:00', kind: 'pick', massG, count }) as RecordOf<'pick'>
  const none = learnedFruitMass(variety, [])
  expect(none.meanG).toBe(fruitMassG(variety))
  const many = learnedFruitMass(
    variety,
    Array.from({ length: 40 }, () => pick(200, 10)),
  )
  expect(many.meanG).toBeCloseTo(20, 0)
  expect(many.sdG).toBeLessThan(none.sdG / 3)
  expect(learnedFruitMass(variety, [{ ...pick(200, 10), count: undefined }])).toEqual(none)
})
