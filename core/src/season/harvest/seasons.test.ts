// A season beside what was expected, beside others, and what goes from it into the next plan.
import { describe, expect, test } from '@jest/globals'
import { demo } from '../../../test/demo'
import { edits, seasonsOf, type Garden, type GardenRecord, type Trial } from '../../garden'
import { gardenCourse, gardenToday } from '../course'
import { judgePair } from '../plant'
import {
  besideSeasons,
  carriedFrom,
  carriedOf,
  doDifferently,
  expectedBesideReal,
  harvestSummary,
  pickedAtWarmth,
  seasonFactors,
  trialDiffers,
  trialResult,
} from '.'

const NOW = demo.clock!
const last = seasonsOf(demo)[0]!.id
const withRecords = (more: readonly object[], garden: Garden = demo): Garden => ({
  ...garden,
  records: [
    ...garden.records,
    ...more.map((one, at) => ({ id: `more-${at}`, ...one }) as GardenRecord),
  ],
})

describe('expected beside real', () => {
  test('only grows, keeps its band, and ends at the sums of the season', () => {
    const { points, at } = expectedBesideReal(demo, last, NOW)
    expect(at).toBe('2025-12-31')
    for (const [index, { realKg = 0, expectedKg }] of points.entries()) {
      const before = points[index - 1]
      expect(expectedKg.least).toBeLessThanOrEqual(expectedKg.middle)
      expect(expectedKg.middle).toBeLessThanOrEqual(expectedKg.most)
      expect(realKg).toBeGreaterThanOrEqual(before?.realKg ?? 0)
      expect(expectedKg.middle).toBeGreaterThanOrEqual(before?.expectedKg.middle ?? 0)
    }
    const crops = harvestSummary(demo, { season: last, by: 'crop' })
    const sum = (of: (crop: (typeof crops)[number]) => number) =>
      crops.reduce((total, crop) => total + of(crop), 0)
    expect(points.at(-1)!.realKg).toBeCloseTo(
      sum(({ massKg }) => massKg),
      9,
    )
    expect(points.at(-1)!.expectedKg.middle).toBeCloseTo(
      sum(({ expectedKg }) => expectedKg!.middle),
      6,
    )
  })
  test('of what is still to come nothing is known; fruit hangs on the plants in June, none in winter', () => {
    const { points, at, hanging } = expectedBesideReal(demo, '2026', NOW)
    expect(at).toBe('2026-06-18')
    expect(points.filter(({ on }) => on > '2026-06-28').some(({ realKg }) => realKg)).toBe(false)
    expect(hanging.kg).toBeGreaterThan(1)
    expect(hanging.kg).toBeLessThan(points.at(-1)!.expectedKg.middle)
    expect(expectedBesideReal(demo, last, NOW).hanging).toEqual({ kg: 0, fruits: 0 })
  })
  test('a season that is not there is refused', () =>
    expect(() => expectedBesideReal(demo, '1999')).toThrow(
      expect.objectContaining({ code: 'unknownSeason' }),
    ))
})

describe('seasons side by side', () => {
  test('degree-days above 10 °C as they are told by hand: a week of 20 °C in the mean is 70', () => {
    const week = Array.from({ length: 7 }, (_, day) => ({
      date: `2026-01-0${day + 1}`,
      tempMaxC: 25,
      tempMinC: 15,
    }))
    const [, here] = besideSeasons({ ...demo, weather: week }, '2026-01-07')
    expect(here!.points.at(-1)).toMatchObject({ on: '2026-01-07', degreeDays: 70 })
  })
  test('each adds up to its records; at no warmth nothing, at more than it had unknown', () => {
    const seasons = besideSeasons(demo, NOW)
    expect(seasons.map(({ id }) => id)).toEqual(['2025', '2026'])
    for (const season of seasons) {
      const kg = harvestSummary(demo, { season: season.id, by: 'crop' }).reduce(
        (sum, { massKg }) => sum + massKg,
        0,
      )
      expect(season.pickedKg).toBeCloseTo(kg, 9)
      expect(pickedAtWarmth(season, 0)).toBe(0)
      expect(pickedAtWarmth(season, 1e5)).toBeUndefined()
    }
    const warmth = seasons[1]!.points.at(-1)!.degreeDays
    expect(pickedAtWarmth(seasons[1]!, warmth)).toBeCloseTo(seasons[1]!.pickedKg, 9)
  })
})

describe('how each pot differed', () => {
  test('its share of what was expected follows what was picked', () => {
    const before = seasonFactors(demo, last, NOW).find(({ containerId }) => containerId === 's2')!
    const doubled = {
      ...demo,
      records: demo.records.map((one) =>
        one.kind === 'pick' && one.containerId === 's2' && one.at < '2026'
          ? { ...one, massG: 2 * one.massG! }
          : one,
      ),
    }
    const after = seasonFactors(doubled, last, NOW).find(({ containerId }) => containerId === 's2')!
    expect(after.yieldShare).toBeCloseTo(2 * before.yieldShare!, 6)
    expect(before.daysToRipe).toBe(71)
  })
  test('a season that has hardly begun tells no yield', () => {
    for (const { yieldShare } of seasonFactors(demo, '2026', '2026-06-01'))
      expect(yieldShare).toBeUndefined()
  })
  test('what is carried over is drawn towards 1, the more the less sure it is', () => {
    const thirst = (spread: number) =>
      carriedOf({ containerId: 'c', thirst: 1.6, spread, n: 3 }, last)!.thirst!
    expect(thirst(0)).toBeCloseTo(1.6, 9)
    expect(thirst(0.1)).toBeLessThan(1.6)
    expect(thirst(0.6)).toBeLessThan(thirst(0.1))
    expect(thirst(5)).toBeGreaterThan(1)
  })
  test('carried over it changes what Fit expects and what an untested pot is given; taken back, nothing', () => {
    const draft = structuredClone(demo)
    edits
      .carryOver(new Map([['s1', { season: last, thirst: 1.5, yieldShare: 0.5 }]]), last)
      .apply(draft)
    const eachKg = (garden: Garden) => {
      const pot = gardenToday(garden, NOW).pots.find(({ container }) => container.id === 's1')!
      return judgePair(garden, pot, garden.varieties[0] ?? pot.plants[0]!.variety, 1, 2026).eachKg
    }
    expect(eachKg(draft)).toBeCloseTo(0.5 * eachKg(demo), 9)
    const bare = { ...demo, records: demo.records.filter(({ kind }) => kind === 'water') }
    const drunkL = (garden: Garden) => {
      const pot = gardenCourse(garden, '2026-06-10T07:00').pots.find(
        ({ container }) => container.id === 's1',
      )!
      return pot.needL.reduce((sum, litres) => sum + litres, 0)
    }
    const thirsty = { ...bare, containers: draft.containers }
    expect(drunkL(thirsty)).toBeGreaterThan(1.3 * drunkL(bare))
    edits.carryOver(undefined, last).apply(draft)
    expect(draft).toEqual(demo)
  })
  test('a pot whose fruit took longer is told to take longer; how much is not told by what was taken over', () => {
    const plantId = demo.plantings.find(({ plantedOn }) => plantedOn.startsWith(last))!.id
    const pot = demo.plantings.find(({ id }) => id === plantId)!.containerId
    const paced = (ripeShare: number): Garden => ({
      ...demo,
      containers: demo.containers.map((one) =>
        one.id === pot ? { ...one, carried: { season: last, ripeShare } } : one,
      ),
    })
    const firstRipe = (garden: Garden) => {
      const unseen = { ...garden, records: [] }
      const { plants } = gardenCourse(unseen, NOW).pots.find(
        ({ container }) => container.id === pot,
      )!
      return plants[0]!.course.trusses[0]!.ripeOn
    }
    expect(firstRipe(paced(1))).toBe(firstRipe(demo))
    expect(firstRipe(paced(1.3))).toBeGreaterThan(firstRipe(demo) + 7)
    expect(firstRipe(paced(0.8))).toBeLessThan(firstRipe(demo) - 4)
    const seen = (garden: Garden) =>
      seasonFactors(garden, last).find(({ containerId }) => containerId === pot)!.ripeShare!
    expect(seen(demo)).toBeGreaterThan(0.5)
    expect(seen(paced(1.3))).toBeCloseTo(seen(demo), 1)
    const drawnTo = carriedFrom(demo, last).get(pot)!.ripeShare!
    expect(Math.abs(drawnTo - 1)).toBeLessThan(Math.abs(seen(demo) - 1))
    expect((drawnTo - 1) * (seen(demo) - 1)).toBeGreaterThan(0)
  })
  test('every pot that is carried over is one of the garden’s', () =>
    expect([...carriedFrom(demo, last, NOW).keys()].sort()).toEqual(['l1', 'n1', 's1', 's2', 't1']))
})

describe('what to do differently', () => {
  const codes = (garden: Garden, id: string) =>
    doDifferently(garden, id, NOW).map(({ code, containerId }) => `${code} ${containerId}`)
  test('a plant lost to frost: later; the best speaks first, each with its evidence', () => {
    const told = doDifferently(demo, '2026', NOW)
    expect(told[0]).toMatchObject({ code: 'plantLater', containerId: 's1' })
    expect(told.map(({ weight }) => weight)).toEqual(
      told.map(({ weight }) => weight).sort((one, other) => other - one),
    )
    expect(told.every(({ evidence }) => evidence.length > 0)).toBe(true)
  })
  test('sick plants: fresh mix; rot twice: water evenly (practice)', () => {
    const sick = withRecords([
      {
        kind: 'remove',
        at: '2026-06-10T09:00',
        containerId: 'k1',
        plantingId: 'plant-k1',
        why: 'disease',
      },
      { kind: 'sign', at: '2026-06-11T09:00', containerId: 'r1', sign: 'blossomEndRot' },
      { kind: 'sign', at: '2026-06-12T09:00', containerId: 'r1', sign: 'blossomEndRot' },
    ])
    expect(codes(sick, '2026')).toEqual(expect.arrayContaining(['freshMix k1', 'waterEvenly r1']))
    expect(codes(demo, '2026')).not.toContain('waterEvenly r1')
  })
})

describe('a trial', () => {
  const trial: Trial = demo.trials![0]!
  test('of two pots cannot tell, however far apart (practice)', () => {
    const { a, b, mass, tellsShare } = trialResult(demo, trial)
    expect(a[0]!.eachKg).toBeCloseTo(3.3, 9)
    expect(b[0]!.eachKg).toBeCloseTo(2.9, 9)
    expect(mass.verdict).toBe('cannotTell')
    expect(tellsShare).toBe(Infinity)
  })
  test('counts each plant of a pot, and only what was picked while it ran', () => {
    const own: Trial = { ...trial, a: ['l1'], b: ['t1'] }
    const { a, b } = trialResult(demo, own)
    expect(a[0]!.plants).toBe(3)
    expect(a[0]!.eachKg).toBeCloseTo(3.1 / 3, 9)
    expect(b[0]).toMatchObject({ plants: 12 })
    const early = trialResult(demo, { ...own, to: '2025-07-19' })
    expect(early.a[0]!.eachKg).toBe(0)
  })
  test('two pots a side, twice as much: told, and with what was known drawn towards it', () => {
    const pots = ['f1', 'f2', 'f3', 'b1']
    const grams = [2000, 2050, 1000, 1020]
    const garden = withRecords(
      pots.map((containerId, at) => ({
        kind: 'pick',
        at: '2026-06-17T19:00',
        containerId,
        massG: grams[at],
      })),
    )
    const own: Trial = { ...trial, a: ['f1', 'f2'], b: ['f3', 'b1'], from: '2026-06-01' }
    const { to: _to, ...running } = own
    const { mass, withKnown } = trialResult(garden, running)
    expect(mass.verdict).toBe('more')
    expect(withKnown!.interval[1] / withKnown!.interval[0]).toBeLessThan(
      mass.interval[1] / mass.interval[0],
    )
  })
  test('says what else differs between its sides, and only that', () => {
    const { to: _to, ...running } = trial
    const now = { ...running, from: '2026-05-10' }
    expect(trialDiffers(demo, { ...now, a: ['h1'], b: ['h2'] })).toEqual([])
    expect(trialDiffers(demo, { ...now, a: ['k2'], b: ['k3'] })).toContain('plant')
    expect(trialDiffers(demo, { ...now, a: ['r1'], b: ['f1'] })).toEqual(
      expect.arrayContaining(['pot', 'plant']),
    )
    const mulched = withRecords([
      {
        kind: 'mulch',
        at: '2026-06-01T09:00',
        containerId: 'h1',
        depthMm: 40,
        material: 'straw',
      },
    ])
    expect(trialDiffers(mulched, { ...now, a: ['h1'], b: ['h2'] })).toEqual(['mulch'])
    expect(trialDiffers(demo, { ...now, a: ['gone'], b: ['h2'] })).toEqual([])
  })
})
