// The water of the demo garden: what it would be otherwise, a time away, many years.
import { describe, expect, test } from '@jest/globals'
import { demo } from '../../../test/demo'
import { containerVolumes } from '../../container'
import { type Garden, type GardenRecord } from '../../garden'
import { awayHelps } from '../../water'
import {
  dripFor,
  gardenCourse,
  gardenToday,
  planLeaving,
  requireWeight,
  roundOf,
  tellingTest,
  wateringHabits,
  waterCurve,
  waterRisks,
  whatIfs,
  wiltingChance,
  type PotCourse,
} from '..'
import { saucerL, scaled } from './variant'

const NOW = demo.clock!
const course = gardenCourse(demo, NOW)
const potIn = (code: string, of = course): PotCourse =>
  of.pots.find(({ container }) => container.code === code)!
const sum = (row: Float64Array) => row.reduce((total, one) => total + one, 0)

describe('morning and evening', () => {
  /** Days so fierce that once is not enough. */
  const fierce = {
    ...demo,
    weather: demo.weather.map((day) =>
      day.date >= '2026-06-17' ? { ...day, tempMaxC: 40, tempMinC: 26, windMS: 5 } : day,
    ),
  }
  const roundAt = (garden: Garden, time: string) =>
    roundOf(gardenToday(garden, `2026-06-18T${time}`), 10)
  const morning = roundAt(fierce, '07:30')
  const watered: Garden = {
    ...fierce,
    records: [
      ...fierce.records,
      ...morning.stops
        .filter(({ nowL }) => nowL > 0)
        .map(({ pot, nowL }, index): GardenRecord => ({
          id: `morning${index}`,
          kind: 'water',
          at: '2026-06-18T07:40',
          containerId: pot.container.id,
          volumeL: nowL,
        })),
    ],
  }

  test('what the morning leaves for the evening is due in the evening, and not before', () => {
    const later = morning.stops.filter(({ pot }) => pot.eveningL > 0)
    expect(later.length).toBeGreaterThan(0)
    const before = roundAt(watered, '08:00')
    expect(before.stops.some(({ state }) => state === 'later')).toBe(true)
    const evening = roundAt(watered, '19:00')
    for (const { pot } of later) {
      const stop = evening.stops.find((one) => one.pot.container.id === pot.container.id)!
      expect(stop.state).toBe('due')
      expect(stop.nowL).toBeGreaterThan(0)
    }
    expect(evening.laterL).toBe(0)
  })
  test('a finger in the mix at noon tells at noon', () => {
    const felt: Garden = {
      ...demo,
      records: [
        ...demo.records,
        {
          id: 'noon',
          kind: 'finger',
          at: '2026-06-18T12:00',
          containerId: 'f2',
          knuckle: 'second',
          feel: 'dry',
        },
      ],
    }
    const testsAt = (at: string) =>
      gardenCourse(felt, at).pots.find(({ container }) => container.id === 'f2')!.ofWater.tests
    expect(testsAt('2026-06-18T12:00')).toHaveLength(testsAt('2026-06-18T07:30').length + 1)
  })
})

describe('what if', () => {
  const rows = whatIfs(course, potIn('F2'), { days: 14, recipeId: 'fastDrainBark', awayDays: 7 })
  const of = (kind: string) => rows.find((row) => row.kind === kind)!

  test('over the same days mulch, shade and a quieter spot save water; a second plant asks for more', () => {
    const asItIs = of('asItIs').useL
    for (const kind of ['mulch', 'shade', 'move']) expect(of(kind).useL).toBeLessThan(asItIs)
    expect(of('twoPlants').useL).toBeGreaterThan(1.2 * asItIs)
  })
  test('a pot of twice the volume or a reservoir wants fewer walks, a bark mix more', () => {
    const walks = of('asItIs').visitsAWeek
    expect(of('biggerPot').visitsAWeek).toBeLessThan(walks)
    expect(of('reservoir').visitsAWeek).toBeLessThan(walks)
    expect(of('otherMix').visitsAWeek).toBeGreaterThanOrEqual(walks)
  })
  test('a week away hangs its leaves; nothing else does', () => {
    expect(of('away').wiltedH).toBeGreaterThan(6)
    for (const row of rows) if (row.kind !== 'away') expect(row.wiltedH).toBe(0)
    for (const row of rows) expect(row.leftShare).toHaveLength(14 * 24)
  })
  test('twice the volume is twice the volume, in every form', () => {
    for (const container of demo.containers) {
      const [before, after] = [container, scaled(container, Math.cbrt(2))].map(containerVolumes)
      // Liners and earth keep their thickness.
      expect(after!.fillVolumeL / before!.fillVolumeL).toBeGreaterThan(1.9)
      expect(after!.fillVolumeL / before!.fillVolumeL).toBeLessThan(2.25)
    }
  })
  test('a saucer stands under a pot, and not under what hangs or has no floor', () => {
    expect(saucerL(potIn('K1').container)).toBeGreaterThan(1)
    expect(['H1', 'S1', 'L1', 'R1'].map((code) => saucerL(potIn(code).container))).toEqual([
      0, 0, 0, 0,
    ])
  })
})

describe('a week away', () => {
  test('is answered for the demo: some are lost alone, the smallest set saves all', () => {
    const plan = planLeaving(course, { days: 7, helps: awayHelps, neighbourOnDay: 4 })
    const alone = plan.alone.filter(({ outcome }) => outcome.verdict === 'lost').map(({ id }) => id)
    expect(alone).toContain('f2')
    expect(plan.unsavedIds).toEqual([])
    const withoutNeighbour = planLeaving(course, { days: 7, helps: awayHelps })
    expect(plan.count).toBeLessThanOrEqual(withoutNeighbour.count)
    const boxes = plan.alone.filter(({ id }) => id === 'r1' || id === 'r2')
    for (const { outcome } of boxes) expect(outcome.verdict).toBe('well')
  })
  test('beyond the days that are worked out is refused', () =>
    expect(() => planLeaving(course, { days: 400, helps: [] })).toThrow(
      expect.objectContaining({ code: 'awayTooLong' }),
    ))
  test('drip covers each pot’s thirstiest day', () => {
    const line = dripFor(course, ['b1', 'f1', 'k1'])
    expect(line.pots.map(({ containerId }) => containerId)).toEqual(['b1', 'f1', 'k1'])
    for (const { getsL, needL } of line.pots) expect(getsL).toBeGreaterThanOrEqual(needL - 1e-9)
  })
})

describe('many years', () => {
  const asked = { at: NOW, days: 21, count: 12, seed: 4 }
  const told: number[] = []
  const found = wiltingChance(demo, asked, (share) => told.push(share))

  test('the seldomer one comes, the more years it wilts; the same for the same seed', () => {
    for (const { chance } of found.pots) {
      expect(chance.daily).toBeLessThanOrEqual(chance.secondDay)
      expect(chance.secondDay).toBeLessThanOrEqual(chance.thirdDay)
      expect(Object.keys(chance)).toEqual([...wateringHabits])
    }
    expect(found.pots.some(({ chance }) => chance.weekAway === 1)).toBe(true)
    expect(found.pots.some(({ chance }) => chance.weekAway === 0)).toBe(true)
    expect(wiltingChance(demo, { ...asked, count: 3 })).toEqual(
      wiltingChance(demo, { ...asked, count: 3 }),
    )
    expect(told[0]).toBe(0)
  })
  test('rain that reaches the pots is in it: under a roof they hang in more years', () => {
    // A climate with rain on most days; its sun and warmth are the same under a roof of glass.
    const normals = demo.normals!.map((month) => ({ ...month, rainMm: 300, wetDays: 25 }))
    const weather = demo.weather.filter(({ date }) => date <= NOW.slice(0, 10))
    const wiltsUnder = (covered: boolean) => {
      const spaces = demo.spaces.map((space) => ({ ...space, covered }))
      const garden = { ...demo, spaces, weather, normals }
      const { pots } = wiltingChance(garden, { ...asked, count: 25, days: 8 })
      return pots.reduce((total, { chance }) => total + chance.weekAway + chance.thirdDay, 0)
    }
    expect(wiltsUnder(false)).toBeLessThan(wiltsUnder(true) - 0.3)
  })
  test('past the end of the season is refused', () =>
    expect(() => wiltingChance(demo, { ...asked, days: 300 })).toThrow(
      expect.objectContaining({ code: 'pastCourse' }),
    ))
})

describe('the curve of a pot', () => {
  test('lies between full and nothing, within its band, and adds up day by day', () => {
    for (const pot of course.pots) {
      const curve = waterCurve(course, pot, 9, 7)
      curve.leftL.forEach((litres, hour) => {
        expect(litres).toBeGreaterThanOrEqual(-1e-9)
        expect(litres).toBeLessThanOrEqual(curve.fullL + 1e-9)
        expect(curve.lowL[hour]!).toBeLessThanOrEqual(litres + 1e-9)
        expect(curve.highL[hour]!).toBeGreaterThanOrEqual(litres - 1e-9)
      })
      const given = curve.days.reduce((total, day) => total + day.givenL, 0)
      expect(given).toBeCloseTo(sum(curve.givenL), 9)
    }
    expect(waterCurve(course, potIn('K2'), 9, 7).tests.length).toBeGreaterThan(3)
  })
  test('asks for a test while one would tell something', () => {
    const asked = tellingTest(potIn('K3'))!
    expect(asked.bits).toBeGreaterThan(0.05)
    expect(asked.hour).toBeGreaterThanOrEqual(potIn('K3').ofWater.nowHour)
  })
})

describe('records', () => {
  const withRecords = (...more: object[]): Garden => ({
    ...demo,
    records: [
      ...demo.records,
      ...more.map((one, index) => ({ id: `new${index}`, ...one }) as GardenRecord),
    ],
  })
  const learned = (garden: Garden) => potIn('F1', gardenCourse(garden, NOW)).ofWater

  test('dry by the finger again and again: it drinks more than was thought, and gets more', () => {
    const dry = ['12', '13', '15', '16', '17'].map((day) => ({
      kind: 'finger',
      at: `2026-06-${day}T18:00`,
      containerId: 'f1',
      knuckle: 'second',
      feel: 'dry',
    }))
    const [before, after] = [learned(demo), learned(withRecords(...dry))]
    expect(after.learned!.testCount).toBe(before.learned!.testCount + 5)
    expect(after.learned!.thirst.mean).toBeGreaterThan(before.learned!.thirst.mean)
  })
  test('a probe and a scale are learned from; what lies before planting is kept and not used', () => {
    const probe = { kind: 'probe', containerId: 'f1', moistureShare: 0.5, depthMm: 100 }
    const found = learned(
      withRecords(
        { ...probe, at: '2026-06-17T12:00' },
        { ...probe, at: '2026-03-05T12:00' },
        { kind: 'drained', containerId: 'f1', volumeL: 0.3, at: '2026-06-14T07:50' },
      ),
    )
    expect(found.earlyCount).toBe(1)
    expect(found.tests.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['probe', 'drained']),
    )
  })
  test('a weight below that of the dry pot, or far above the soaked one, is refused', () => {
    const pot = potIn('K2')
    expect(() => requireWeight(pot, pot.mass.dryKg - 0.5, 1)).toThrow(
      expect.objectContaining({ code: 'underDryPot' }),
    )
    expect(() => requireWeight(pot, pot.mass.wateredKg + 20, 1)).toThrow(
      expect.objectContaining({ code: 'overFullPot' }),
    )
    expect(() => requireWeight(pot, pot.mass.wateredKg, 1)).not.toThrow()
  })
})

describe('a wetting agent', () => {
  const repellent = (garden: Garden) =>
    gardenCourse(garden, NOW).pots.find(({ container }) => container.id === 'k1')!.water
      .repellentShare
  test('poured on a pot or mixed into its recipe lets dry mix take its water again', () => {
    const record: Garden['records'][number] = {
      id: 'wet',
      kind: 'feed',
      at: '2026-06-01T08:00',
      containerId: 'k1',
      productId: 'wettingAgent',
      massG: 3,
    }
    const own = {
      id: 'own-bark',
      parts: [{ ingredientId: 'bark', parts: 1 }],
      amendments: [{ productId: 'wettingAgent', amount: 0.2, unit: 'gramsPerLitre' as const }],
    }
    const inBark = (recipe: typeof own | Omit<typeof own, 'amendments'>): Garden => ({
      ...demo,
      recipes: [recipe],
      containers: demo.containers.map((one) =>
        one.id === 'k1' ? { ...one, recipeId: 'own-bark' } : one,
      ),
    })
    const { amendments: _none, ...plain } = own
    expect(repellent({ ...demo, records: [...demo.records, record] })).toBeLessThan(
      repellent(demo) / 2,
    )
    expect(repellent(inBark(own))).toBeLessThan(repellent(inBark(plain)) / 2)
  })
})

describe('what is told of a pot', () => {
  test('the band holds four of five of the pots that it may be', () => {
    for (const code of ['K2', 'F3', 'R1', 'H1']) {
      const pot = potIn(code)
      const { learned, nowHour } = pot.ofWater
      const curve = waterCurve(course, pot, 9, 7)
      const now = nowHour - curve.from - 1
      // What is missing beside the full pot, mix and reservoir.
      const missing = learned!.particles.map(
        ({ state }) => sum(state.missingL) + pot.water.reservoirL - state.reservoirL,
      )
      const [least, most] = [curve.highL, curve.lowL].map((row) => curve.fullL - row[now]!)
      const within = missing.filter((one) => one >= least! - 0.02 && one <= most! + 0.02)
      expect(within.length / missing.length).toBeGreaterThan(0.6)
      // Four of five span less than all of them do.
      expect(most! - least!).toBeLessThan(Math.max(...missing) - Math.min(...missing))
    }
  })
  test('a reservoir under earth is too wet, one under bark is not (practice)', () => {
    const tooWetIn = (recipeId: string) => {
      const garden: Garden = {
        ...demo,
        containers: demo.containers.map((one) => (one.id === 'r1' ? { ...one, recipeId } : one)),
      }
      const own = gardenCourse(garden, NOW)
      return waterRisks(own, potIn('R1', own)).tooWet.map(({ code }) => code)
    }
    expect(tooWetIn('plainEarth')).toContain('tooWet.reservoir')
    expect(tooWetIn('fastDrainBark')).not.toContain('tooWet.reservoir')
  })
})
