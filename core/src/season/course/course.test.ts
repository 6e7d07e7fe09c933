// The season of the demo garden: what stands on each day, what hung on the way.
import { describe, expect, test } from '@jest/globals'
import { demo } from '../../../test/demo'
import { type Garden, type GardenRecord } from '../../garden'
import { addDays, daysBetween } from '../../units'
import {
  beadOfDays,
  climateOf,
  gardenCourse,
  gardenOn,
  gardenToday,
  grownOn,
  observationsOf,
  potOnDay,
  potString,
  yearsSpread,
  type PotCourse,
} from '..'

const NOW = demo.clock!
const course = gardenCourse(demo, NOW)
const potIn = (code: string, of = course): PotCourse =>
  of.pots.find(({ container }) => container.code === code)!
const on = (code: string, date: string, of = course) => potOnDay(of, potIn(code, of), date)
const withRecords = (...more: object[]): Garden => ({
  ...demo,
  records: [
    ...demo.records,
    ...more.map((record, index) => ({ id: `new${index}`, at: NOW, ...record }) as GardenRecord),
  ],
})

describe('the days of a season', () => {
  test('go from March to November without a gap, measured, forecast, then typical', () => {
    expect([course.from, course.to]).toEqual(['2026-03-01', '2026-11-30'])
    course.sky.days.forEach((day, index) => expect(day.date).toBe(addDays(course.from, index)))
    const source = (date: string) => course.sky.sources[daysBetween(course.from, date)]
    expect(['2026-06-18', '2026-06-19', '2026-06-25', '2026-06-26'].map(source)).toEqual([
      'measured',
      'forecast',
      'forecast',
      'typical',
    ])
  })
  test('the south has its season half a year later', () => {
    const south = { ...demo, place: { ...demo.place, latitudeDeg: -34 }, plantings: [] }
    expect(gardenCourse(south, '2026-12-01').from).toBe('2026-09-01')
    expect(gardenCourse(south, '2027-02-01').from).toBe('2026-09-01')
  })
  test('the climate is learned from two years of days, else from normals, else from the latitude', () => {
    expect(climateOf(demo).kind).toBe('normals')
    const { normals: _none, ...without } = demo
    expect(climateOf(without).kind).toBe('usual')
    const days = Array.from({ length: 800 }, (_, index) => {
      const warm = 10 * Math.sin((index / 365) * 2 * Math.PI)
      return {
        date: addDays('2023-01-01', index),
        tempMaxC: 18 + warm + (index % 7),
        tempMinC: 9 + warm - (index % 3),
        rainMm: index % 5 ? 0 : 4,
      }
    })
    expect(climateOf({ ...demo, weather: days }).kind).toBe('fitted')
    const simulated = days.map((day) => ({ ...day, source: 'simulated' as const }))
    expect(climateOf({ ...demo, weather: simulated }).kind).toBe('normals')
  })
})

describe('a pot through it', () => {
  test('today of the course is the garden today', () => {
    const [short, long] = [gardenToday(demo, NOW), gardenOn(course, course.today)]
    expect(long.pots.map(({ need }) => need?.waterL)).toEqual(
      short.pots.map(({ need }) => need?.waterL),
    )
    expect(long.pots.map(({ plants }) => plants[0]?.growth)).toEqual(
      short.pots.map(({ plants }) => plants[0]?.growth),
    )
  })
  test('at the end of August vines and peppers crop, bushes are done', () => {
    const stage = (code: string) => on(code, '2026-08-31').plants[0]!.growth.stage
    expect(['B1', 'K1', 'F3'].map(stage)).toEqual(['cropping', 'cropping', 'cropping'])
    expect(['F2', 'L1', 'T1'].map(stage)).toEqual(['done', 'done', 'done'])
    for (const pot of gardenOn(course, '2026-08-31').pots) expect(pot.need).toBeDefined()
  })
  test('two dry days leave F2 the driest of the fabric bags, and cost it growth', () => {
    expect(on('F2', '2026-06-14').dryingCm).toBeGreaterThan(2 * on('F2', '2026-06-12').dryingCm)
    expect(on('F2', '2026-06-14').depletionL).toBeGreaterThan(on('F1', '2026-06-14').depletionL)
  })
  test('water given is in the pot at once; a day of which nothing was written went by the plan', () => {
    const before = on('F2', course.today)
    const watered = withRecords({ kind: 'water', containerId: 'f2', volumeL: before.depletionL })
    const after = on('F2', course.today, gardenCourse(watered, NOW))
    expect(before.dryingCm).toBeGreaterThan(0)
    expect(after.depletionL).toBeCloseTo(0, 9)
    expect(after.dryingCm).toBe(0)
    const silent = { ...demo, records: demo.records.filter(({ kind }) => kind !== 'water') }
    const dry = potIn('F1', gardenCourse(silent, NOW)).plants[0]!.course.waterShare.at(-1)!
    expect(dry).toBeGreaterThan(0.99)
  })
  test('weeks that were skipped leave it short of water, and smaller', () => {
    const skips = Array.from({ length: 14 }, (_, day) => ({
      kind: 'skipWater',
      reason: 'noTime',
      containerId: 'k1',
      at: `${addDays('2026-05-20', day)}T08:00`,
    }))
    const records = demo.records.filter(
      ({ kind, at, containerId }) =>
        !(kind === 'water' && containerId === 'k1' && at >= '2026-05-20' && at < '2026-06-03') &&
        !(containerId === 'k1' && (kind === 'height' || kind === 'firstFlower')),
    )
    const base = { ...demo, records }
    const thirsty = {
      ...base,
      records: [...records, ...skips.map((one, i) => ({ ...one, id: `s${i}` }) as GardenRecord)],
    }
    const height = (garden: Garden) =>
      on('K1', '2026-06-03', gardenCourse(garden, NOW)).plants[0]!.growth.heightMm
    expect(height(thirsty)).toBeLessThan(0.985 * height(base))
  })
  test('a record of one pot leaves the courses of the others the very objects they were', () => {
    const before = gardenCourse(demo, NOW)
    const next = gardenCourse(withRecords({ kind: 'water', containerId: 'b1', volumeL: 1 }), NOW)
    before.pots.forEach((pot, index) =>
      expect(next.pots[index] === pot).toBe(pot.container.id !== 'b1'),
    )
  })
  test('what was seen before it was planted, or of another planting, is not of this plant', () => {
    const planting = demo.plantings.find(({ containerId }) => containerId === 'r2')!
    const flower = (more: object) => ({ kind: 'firstFlower', containerId: 'r2', ...more })
    const before = observationsOf(demo, planting)
    const seen = observationsOf(
      withRecords(
        flower({ at: '2026-05-01T08:00' }),
        flower({ plantingId: 'another' }),
        flower({ plantingId: planting.id }),
      ),
      planting,
    )
    expect(seen).toEqual([...before, { kind: 'firstFlower', date: '2026-06-18' }])
  })
  test('is largest on the last day before frost', () => {
    // The gardener has the first frost on 28 November.
    expect(grownOn(course, potIn('B1'))).toBe('2026-11-27')
    expect(on('B1', '2026-11-28').plants[0]!.growth).toMatchObject({
      stage: 'done',
      isStanding: false,
    })
    const { firstFrost: _none, ...place } = demo.place
    const unwarned = gardenCourse({ ...demo, place }, NOW)
    expect(grownOn(unwarned, potIn('B1', unwarned))).toBe(unwarned.to)
    const cold = {
      ...demo,
      normals: demo.normals!.map((month) => ({
        ...month,
        tempMaxC: month.tempMaxC - 8,
        tempMinC: month.tempMinC - 8,
      })),
    }
    expect(grownOn(gardenCourse(cold, NOW), potIn('B1', gardenCourse(cold, NOW))) < course.to).toBe(
      true,
    )
  })
})

describe('its string', () => {
  const string = potString(course, potIn('F2'))
  const day = (date: string) => daysBetween(course.from, date)

  test('past beads are what was recorded, those to come what is planned', () => {
    const given = demo.records.reduce(
      (sum, record) =>
        record.kind === 'water' && record.containerId === 'f2' && record.at.startsWith('2026-06-09')
          ? sum + record.volumeL
          : sum,
      0,
    )
    expect(string.beads[day('2026-06-09')]).toMatchObject({ waterL: given, isGiven: true })
    expect(string.beads[day('2026-06-12')]).toBeUndefined()
    const due = course.pots.find((pot) => potOnDay(course, pot, course.today).nowL > 0)!
    const now = potOnDay(course, due, course.today)
    const bead = potString(course, due).beads[day('2026-06-18')]!
    expect(bead.isGiven).toBe(false)
    expect(bead.waterL).toBeCloseTo(now.nowL + now.eveningL, 6)
    const july = string.beads.slice(day('2026-07-10'), day('2026-07-20'))
    expect(july.reduce((sum, one) => sum + (one?.waterL ?? 0), 0)).toBeGreaterThan(5)
  })
  test('carries what was felt, seen and fed, and what is expected', () => {
    const kinds = [...string.knots.values()]
      .flat()
      .map((knot) => (knot.kind === 'record' ? knot.record.kind : knot.kind))
    for (const kind of ['finger', 'feed', 'sign', 'skipWater', 'firstFlower', 'firstRipe'] as const)
      expect(kinds).toContain(kind)
    expect(kinds).not.toContain('water')
    const expected = [...string.knots.values()].flat().filter(({ kind }) => kind !== 'record')
    expect(expected.map(({ kind }) => kind)).toEqual(['firstRipe', 'frost'])
  })
  test('a week is the sum of its days, given only when all of it was', () => {
    const from = day('2026-06-15')
    const week = beadOfDays(string, from, 7)!
    const litres = string.beads.slice(from, from + 7).map((bead) => bead?.waterL ?? 0)
    expect(week.waterL).toBeCloseTo(
      litres.reduce((sum, one) => sum + one, 0),
      9,
    )
    expect(week.isGiven).toBe(false)
    expect(beadOfDays(string, day('2026-06-01'), 7)!.isGiven).toBe(true)
  })
})

describe('many years', () => {
  const asked = { containerId: 'r2', at: NOW, count: 30, seed: 5 }
  const told: number[] = []
  const spread = yearsSpread(demo, asked, (share) => told.push(share))
  const [pepper] = spread.plantings

  test('spread the dates that are still to come, not those that were seen', () => {
    expect(pepper!.firstRipe!.early < pepper!.firstRipe!.late).toBe(true)
    expect(pepper!.firstRipe!.inYearsShare).toBe(1)
    const [tomato] = yearsSpread(demo, { ...asked, containerId: 'f2' }).plantings
    expect(tomato!.firstFlower!.early).toBe(tomato!.firstFlower!.late)
    expect(pepper!.cropKg.least).toBeLessThan(pepper!.cropKg.most)
  })
  test('the middle of the years lies near the course by typical days', () => {
    const expected = potIn('R2').plants[0]!.course
    const typical = addDays(expected.from, expected.trusses[0]!.ripeOn)
    expect(Math.abs(daysBetween(pepper!.firstRipe!.middle, typical))).toBeLessThanOrEqual(3)
  })
  test('go by the gardener’s own last frost, are the same for the same seed, and tell how far they are', () => {
    expect(pepper!.window.afterFrost.from).toBe('2026-03-19')
    expect(yearsSpread(demo, asked)).toEqual(spread)
    expect(told).toEqual([0, 1 / 3, 2 / 3])
  })
  test('of a container that is gone are refused', () =>
    expect(() => yearsSpread(demo, { ...asked, containerId: 'gone' })).toThrow(
      expect.objectContaining({ code: 'unknownContainer' }),
    ))
})
