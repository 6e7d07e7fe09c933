// A pot through time: what happened to it changes it from that hour on, and nothing before.
import { describe, expect, test } from '@jest/globals'
import { demo as shipped } from '../../../test/demo'
import { potOn, type Garden, type GardenRecord } from '../../garden'
import { addDays, daysBetween } from '../../units'
import { feedsPlanned, gardenCourse, potFeeding, potOnDay, type PotCourse } from '..'

const NOW = shipped.clock!
/** What is learned of a pot later is taken to have been so before: here nothing is, so that only changes count. */
const SEEN = new Set(['finger', 'weigh', 'drained', 'probe', 'height', 'firstFlower', 'firstRipe'])
const demo: Garden = { ...shipped, records: shipped.records.filter(({ kind }) => !SEEN.has(kind)) }

type Loose = Partial<GardenRecord> & { readonly kind: GardenRecord['kind']; readonly at: string }
const withHistory = (
  containerId: string,
  records: readonly Loose[],
  base: Garden = demo,
): Garden => ({
  ...base,
  records: [
    ...base.records,
    ...records.map((one, index) => ({ id: `h${index}`, containerId, ...one }) as GardenRecord),
  ],
})
const courseOf = (garden: Garden, code: string, now = NOW) => {
  const course = gardenCourse(garden, now)
  return { course, pot: course.pots.find(({ container }) => container.code === code)! }
}
const was = courseOf(demo, 'F1')
const hourOf = (date: string, hour = 9) => daysBetween(was.course.from, date) * 24 + hour
const dayIn = (date: string) => daysBetween(was.course.from, date)

/** Through an hour of a course: what came in less what was used and drained, and what the mix lost of its gap. */
function misses({ ofWater }: PotCourse, from: number, to: number): number {
  const { run, weather } = ofWater
  let sum = 0
  for (let hour = from; hour < to; hour++) {
    const rainL = weather.rainL[Math.floor(hour / 24)]! / 24
    sum += run.givenL[hour]! + rainL - run.usedL[hour]! - run.drainedL[hour]!
  }
  const storedL = (hour: number) => run.reservoirL[hour - 1]! - run.missingL[hour - 1]!
  return sum - (storedL(to) - storedL(from))
}

const CHANGES: readonly [string, string, Loose][] = [
  ['a fabric bag topped up', 'F1', { kind: 'topUp', at: '2026-06-03T09:00', volumeL: 3 }],
  ['a mulch', 'F1', { kind: 'mulch', at: '2026-06-03T09:00', depthMm: 60, material: 'straw' }],
  ['shade', 'F1', { kind: 'shade', at: '2026-06-03T09:00', share: 0.5 }],
  ['a tunnel', 'F1', { kind: 'cover', at: '2026-06-03T09:00', cover: 'tunnel' }],
  [
    'a move indoors',
    'K1',
    { kind: 'move', at: '2026-06-03T09:00', spaceId: demo.spaces[0]!.id, isIndoors: true },
  ],
  ['shade over a sunken pot', 'S1', { kind: 'shade', at: '2026-06-03T09:00', share: 0.5 }],
  ['shade over a tower', 'T1', { kind: 'shade', at: '2026-06-03T09:00', share: 0.5 }],
  ['shade over ring pots', 'L1', { kind: 'shade', at: '2026-06-03T09:00', share: 0.5 }],
]

describe('a change of a pot', () => {
  test.each(CHANGES)('%s changes nothing before its day', (_name, code, record) => {
    const low = {
      ...demo,
      containers: demo.containers.map((one) => ({ ...one, fillMm: one.fillMm * 0.7 })),
    }
    const base = record.kind === 'topUp' ? low : demo
    const before = courseOf(base, code)
    const id = before.pot.container.id
    const after = courseOf(withHistory(id, [record], base), code)
    const hour = hourOf('2026-06-03', 0)
    const day = dayIn('2026-06-03')
    for (const row of ['missingL', 'usedL', 'drainedL'] as const)
      expect([...after.pot.ofWater.run[row].subarray(0, hour)]).toEqual([
        ...before.pot.ofWater.run[row].subarray(0, hour),
      ])
    expect([...after.pot.needL.subarray(0, day)]).toEqual([...before.pot.needL.subarray(0, day)])
    const [one, other] = [before, after].map(({ pot }) =>
      pot.plants[0]!.course.canopyM2.subarray(0, day),
    )
    expect([...one!]).toEqual([...other!])
  })

  test.each(CHANGES.filter(([, , { kind }]) => kind !== 'topUp'))(
    '%s saves water from then on',
    (_name, code, record) => {
      const before = courseOf(demo, code)
      const after = courseOf(withHistory(before.pot.container.id, [record]), code)
      const sum = ({ pot }: typeof before) =>
        pot.needL
          .subarray(dayIn('2026-06-03'), dayIn('2026-06-18'))
          .reduce((total, one) => total + one, 0)
      expect(sum(after)).toBeLessThan(sum(before))
    },
  )

  test('a top-up comes with its own water: nothing more is missing, and the balance closes on both sides', () => {
    const base = {
      ...demo,
      containers: demo.containers.map((one) =>
        one.id === 'f1' ? { ...one, fillMm: one.fillMm * 0.6 } : one,
      ),
    }
    const record: Loose = { kind: 'topUp', at: '2026-06-03T09:00', volumeL: 5 }
    const { pot } = courseOf(withHistory('f1', [record], base), 'F1')
    const hour = hourOf('2026-06-03')
    const at = pot.ofWater.stretches.findIndex(({ fromHour }) => fromHour === hour)
    expect(at).toBeGreaterThan(0)
    const [small, large] = [pot.ofWater.stretches[at - 1]!.pot, pot.ofWater.stretches[at]!.pot]
    expect(large.availableL).toBeGreaterThan(small.availableL)
    // Through the hour of the change, as through every other: the course knows no learning of this pot then.
    const { run } = pot.ofWater
    expect(Math.abs(run.missingL[hour]! - run.missingL[hour - 1]!)).toBeLessThan(1.5)
    const dry = daysBetween(was.course.from, '2026-06-05') * 24
    for (const [from, to] of [
      [hour - 20, hour],
      [hour, hour + 20],
      [dry, dry + 24],
    ] as const)
      expect(Math.abs(misses(pot, from, to))).toBeLessThan(2)
    expect(pot.plants[0]!.course.heightMm[dayIn('2026-06-03')]!).toBeLessThan(
      pot.plants[0]!.course.heightMm[dayIn('2026-06-02')]!,
    )
  })

  test('plants taken out draw no more water from that hour on, and their need of feed ends', () => {
    const out: Loose = {
      kind: 'remove',
      at: '2026-06-03T14:00',
      plantingId: 'plant-f1',
      why: 'disease',
    }
    const { course, pot } = courseOf(withHistory('f1', [out]), 'F1')
    const hour = hourOf('2026-06-03', 14)
    const { run } = pot.ofWater
    expect(run.usedL.subarray(hour - 4, hour).every((used) => used > 0)).toBe(true)
    expect(run.usedL.subarray(hour).every((used) => used === 0)).toBe(true)
    expect([...run.usedL.subarray(0, hour)]).toEqual([
      ...was.pot.ofWater.run.usedL.subarray(0, hour),
    ])
    expect(potOnDay(course, pot, '2026-06-10').plants).toEqual([])
    expect(potOnDay(course, pot, '2026-06-02').plants).toHaveLength(1)
    const { fed } = potFeeding(course, pot)!
    expect(fed.needG.n.subarray(dayIn('2026-06-03')).every((grams) => grams === 0)).toBe(true)
    expect(fed.needG.n[dayIn('2026-06-02')]!).toBeGreaterThan(0)
  })

  test('two crops in one pot in a year: the second begins as a young plant with all the room', () => {
    const second = {
      ...demo.plantings.find(({ id }) => id === 'plant-f1')!,
      id: 'second',
      plantedOn: '2026-06-10',
    }
    const out: Loose = {
      kind: 'remove',
      at: '2026-06-08T14:00',
      plantingId: 'plant-f1',
      why: 'disease',
    }
    const { pot, course } = courseOf(
      withHistory('f1', [out], { ...demo, plantings: [...demo.plantings, second] }),
      'F1',
    )
    const next = pot.plants.find(({ planting }) => planting.id === 'second')!
    expect(next.yield.perPlant).toBeCloseTo(was.pot.plants[0]!.yield.perPlant, 9)
    expect(potOnDay(course, pot, '2026-06-12').plants.map(({ planting }) => planting.id)).toEqual([
      'second',
    ])
    expect(pot.needL[dayIn('2026-06-12')]!).toBeLessThan(0.5 * was.pot.needL[dayIn('2026-06-12')]!)
  })

  test('a plant stopped at its top bears what has opened, and no more', () => {
    const stop: Loose = { kind: 'prune', what: 'stopTop', at: '2026-06-15T09:00' }
    const { pot } = courseOf(withHistory('b1', [stop]), 'B1')
    const full = courseOf(demo, 'B1').pot.plants[0]!.course
    const stopped = pot.plants[0]!.course
    const open = full.trusses.filter(({ opensOn }) => opensOn < dayIn('2026-06-15'))
    expect(stopped.trusses).toHaveLength(open.length)
    expect(stopped.heightMm[dayIn('2026-09-01')]).toBe(stopped.heightMm[dayIn('2026-06-15')])
    // The last that hangs is ripe sooner than with the top on it.
    expect(stopped.trusses.at(-1)!.ripeOn).toBeLessThan(open.at(-1)!.ripeOn)
  })
})

describe('a pepper kept over winter', () => {
  // It rests while there is little light, whenever it was cut; and it is still there at the end of summer.
  test.each(['2026-10-06', '2026-12-01', '2027-02-20'])(
    'in by 10 °C, cut back on %s, out again: it crops weeks before a seedling (practice)',
    (cutOn) => {
      const NEXT = '2027-07-15T08:00'
      const base: Garden = {
        ...demo,
        records: demo.records.filter(({ containerId }) => containerId !== 'k1'),
      }
      const space = demo.containers.find(({ id }) => id === 'k1')!.spaceId
      const kept = withHistory(
        'k1',
        [
          { kind: 'move', at: '2026-10-05T18:00', spaceId: space, isIndoors: true },
          { kind: 'prune', what: 'cutBack', at: `${cutOn}T10:00` },
          { kind: 'move', at: '2027-05-20T18:00', spaceId: space, isIndoors: false },
        ],
        base,
      )
      const seedling: Garden = {
        ...base,
        plantings: base.plantings.map((one) =>
          one.containerId === 'k1' ? { ...one, plantedOn: '2027-05-20' } : one,
        ),
      }
      const firstRipe = (garden: Garden) => {
        const { course, pot } = courseOf(garden, 'K1', NEXT)
        const first = pot.plants[0]!.course.trusses.find(
          ({ opensOn }) => addDays(course.from, opensOn) > '2027-02-20',
        )!
        return addDays(course.from, first.ripeOn)
      }
      const sooner = daysBetween(firstRipe(kept), firstRipe(seedling))
      expect(sooner).toBeGreaterThan(14)
      expect(sooner).toBeLessThan(90)
      const { course, pot } = courseOf(kept, 'K1', NEXT)
      expect(potOnDay(course, pot, '2027-09-01').plants[0]!.growth.stage).toBe('cropping')
      // Nothing is fed to a plant at rest, whatever its plan.
      const fed = feedsPlanned(kept, potFeeding(course, pot)!, { programmeId: 'weekly' }, 0)
      const days = fed.map(({ day }) => addDays(course.from, day))
      expect(days.filter((day) => day > cutOn && day < '2027-03-01')).toEqual([])
      expect(days.some((day) => day > '2027-05-01')).toBe(true)
    },
  )
})

describe('years', () => {
  test('five seasons in one pot, south and frost-free: each day has an answer, and last year does not crowd this one', () => {
    const years = [2022, 2023, 2024, 2025]
    const plantings = years.map((year) => ({
      id: `p${year}`,
      containerId: 'f1',
      varietyId: demo.plantings[0]!.varietyId,
      count: 1,
      plantedOn: `${year}-05-15`,
    }))
    const records = years.map((year): Loose => ({
      kind: 'remove',
      at: `${year}-10-20T10:00`,
      plantingId: `p${year}`,
      why: 'cropOver',
    }))
    const five = withHistory('f1', records, {
      ...demo,
      plantings: [...demo.plantings, ...plantings],
    })
    for (const latitudeDeg of [demo.place.latitudeDeg, -34, 5]) {
      const { firstFrost: _first, lastFrost: _last, ...place } = demo.place
      const garden =
        latitudeDeg === demo.place.latitudeDeg
          ? five
          : { ...five, place: { ...place, latitudeDeg } }
      const { pot, course } = courseOf(garden, 'F1')
      const today = potOnDay(course, pot, course.today)
      expect(today.plants.map(({ planting }) => planting.id)).toEqual(['plant-f1'])
      expect(pot.needL.every((litres) => Number.isFinite(litres))).toBe(true)
      expect(potOnDay(course, pot, course.today).plants[0]!.growth.isStanding).toBe(true)
    }
    const earlier = gardenCourse(five, '2024-09-30', { from: '2024-01-01', to: '2024-12-31' })
    const then = potOnDay(
      earlier,
      earlier.pots.find(({ container }) => container.id === 'f1')!,
      '2024-08-01',
    )
    expect(then.plants.map(({ planting }) => planting.id)).toContain('p2024')
  })
})

describe('mix that is used again', () => {
  const year = (of: number) => ({
    id: `p${of}`,
    containerId: 'f1',
    varietyId: demo.plantings[0]!.varietyId,
    count: 1,
    plantedOn: `${of}-05-15`,
  })
  const out = (of: number): Loose => ({
    kind: 'remove',
    at: `${of}-10-20T10:00`,
    plantingId: `p${of}`,
    why: 'cropOver',
  })
  const ledgerOf = (garden: Garden, season: { from: string; to: string }) => {
    const course = gardenCourse(garden, season.to, season)
    const pot = course.pots.find(({ container }) => container.id === 'f1')!
    return potFeeding(course, pot)!
  }
  const s2024 = { from: '2024-01-01', to: '2024-12-31' }
  const s2025 = { from: '2025-01-01', to: '2025-12-31' }
  const bare = { ...demo, plantings: [year(2024), year(2025)], records: [] }
  test('begins with what the season before has left of each nutrient and of salt', () => {
    const garden = withHistory('f1', [out(2024), out(2025)], bare)
    const [one, two] = [s2024, s2025].map((season) => ledgerOf(garden, season))
    const last = one!.ledger.days - 1
    for (const nutrient of ['n', 'p', 'k', 'ca', 'mg'] as const)
      expect(two!.fed.startG[nutrient]).toBeCloseTo(one!.ledger.rows[nutrient].leftG[last]!, 9)
    expect(two!.fed.startEcDsM).toBeCloseTo(one!.ledger.ecDsM[last]!, 9)
    expect(two!.fed.startG.n).toBeLessThan(0.5 * one!.fed.startG.n)
    // Filled anew it begins as any new mix does.
    const fresh = withHistory(
      'f1',
      [
        out(2024),
        out(2025),
        { kind: 'fill', at: '2025-05-01T09:00', recipeId: 'thirdsCoir', fillMm: 280 },
      ],
      bare,
    )
    expect(ledgerOf(fresh, s2025).fed.startG.n).toBeGreaterThan(two!.fed.startG.n)
  })
  test('what it was fed last season is in what it begins with, and is not given again', () => {
    const fed = (at: string): Loose => ({
      kind: 'feed',
      at,
      productId: 'tomatoFeed',
      massG: 20,
      volumeL: 4,
    })
    const last = fed('2024-07-01T08:00')
    const [spring, summer] = [fed('2025-03-01T08:00'), fed('2025-07-01T08:00')]
    const feeds = [last, spring, summer].map((one, index) => ({ ...one, id: `f${index}` }))
    const fedIn = (garden: Garden) => {
      const { given, fed: pot } = ledgerOf(garden, s2025)
      return given.map(({ day }) => (day === pot.plantedOn ? 'planting' : addDays(s2025.from, day)))
    }
    const once = withHistory('f1', [out(2024), out(2025), ...feeds], bare)
    expect(fedIn(once)).toEqual(['planting', '2025-07-01'])
    const { given, ledger } = ledgerOf(once, s2024)
    expect(given.filter(({ day }) => day < ledger.days)).toHaveLength(1)
    // Mix that was thrown out takes what was strewn on it along.
    const anew = withHistory(
      'f1',
      [
        out(2024),
        out(2025),
        { kind: 'fill', at: '2025-04-01T09:00', recipeId: 'thirds', fillMm: 280 },
        ...feeds,
      ],
      bare,
    )
    expect(fedIn(anew)).toEqual(['2025-07-01'])
    // Nor is it where the plant was kept.
    const kept = withHistory(
      'f1',
      [{ kind: 'prune', what: 'cutBack', at: '2024-10-20T10:00' }, ...feeds],
      { ...bare, plantings: [year(2024)] },
    )
    expect(fedIn(kept)).toEqual(['2025-03-01', '2025-07-01'])
  })
  const all = ['n', 'p', 'k', 'ca', 'mg'] as const
  const filling = (at: string, more: object = {}): Loose => ({
    kind: 'fill',
    at,
    recipeId: 'allCompost',
    fillMm: 280,
    ...more,
  })
  test('filled in spring with old mix of its own, it begins with the sum of both parts', () => {
    const begun = (records: readonly Loose[]) =>
      ledgerOf(withHistory('f1', [out(2024), out(2025), ...records], bare), s2025).fed
    const at = '2025-05-01T09:00'
    const fresh = begun([filling(at, { reusedShare: 0 })])
    const old = begun([filling(at, { reusedShare: 1 })])
    const both = begun([filling(at, { reusedShare: 0.25 })])
    for (const nutrient of all)
      expect(both.startG[nutrient]).toBeCloseTo(
        0.75 * fresh.startG[nutrient] + 0.25 * old.startG[nutrient],
        9,
      )
    expect(both.startEcDsM).toBeCloseTo(0.75 * fresh.startEcDsM + 0.25 * old.startEcDsM, 9)
    // Nothing but old mix is what the season before has left in as many litres.
    const garden = withHistory('f1', [out(2024), out(2025)], bare)
    const carried = ledgerOf(garden, s2025).fed.startG
    const litres = (of: Garden, date: string) => potOn(of, 'f1', date).fillVolumeL
    const times =
      litres(withHistory('f1', [filling(at)], bare), '2025-05-01') / litres(garden, '2025-04-30')
    for (const nutrient of all)
      expect(old.startG[nutrient]).toBeCloseTo(times * carried[nutrient], 9)
  })
  test('out of another pot it brings what that pot’s own plants have left', () => {
    const elsewhere = {
      ...bare,
      plantings: [
        { ...year(2024), containerId: 'f2' },
        { ...year(2025), id: 'p2025' },
      ],
      records: [{ ...out(2024), id: 'out', containerId: 'f2' } as GardenRecord],
    }
    const from = (more: object) =>
      ledgerOf(
        withHistory(
          'f1',
          [filling('2025-05-01T09:00', { reusedShare: 1, fromContainerId: 'f2', ...more })],
          elsewhere,
        ),
        s2025,
      ).fed.startG
    const season = gardenCourse(elsewhere, s2024.to, s2024)
    const { ledger } = potFeeding(
      season,
      season.pots.find((one) => one.container.id === 'f2')!,
    )!
    const [to, source] = ['f1', 'f2'].map((id) =>
      potOn(withHistory('f1', [filling('2025-05-01T09:00')], elsewhere), id, '2025-05-02'),
    )
    for (const nutrient of all)
      expect(from({})[nutrient]).toBeCloseTo(
        (ledger.rows[nutrient].leftG.at(-1)! * to!.fillVolumeL) / source!.fillVolumeL,
        9,
      )
  })
  test('two crops in a year: filled anew between them, the second finds new mix', () => {
    const second = { ...year(2025), id: 'second', plantedOn: '2025-07-20' }
    const garden = (records: readonly Loose[]) =>
      withHistory('f1', [{ ...out(2025), at: '2025-07-10T10:00' }, ...records], {
        ...bare,
        plantings: [year(2025), second],
      })
    const kept = ledgerOf(garden([]), s2025).ledger
    const anew = ledgerOf(garden([filling('2025-07-19T09:00')]), s2025).ledger
    const day = daysBetween(s2025.from, '2025-07-19')
    for (const nutrient of all) {
      expect(anew.rows[nutrient].leftG[day - 1]).toBeCloseTo(kept.rows[nutrient].leftG[day - 1]!, 9)
      expect(anew.rows[nutrient].emptiedG[day]).toBeCloseTo(kept.rows[nutrient].leftG[day - 1]!, 9)
    }
    expect(anew.rows.k.leftG[day]!).toBeGreaterThan(2 * kept.rows.k.leftG[day]!)
  })
  test('the same litres out of the rain barrel bring their own calcium, as the settings have it', () => {
    const at = '2025-06-10T08:00'
    const day = daysBetween(s2025.from, '2025-06-10')
    const poured = (from: 'tap' | 'rain' | undefined, waters?: Garden['settings']['waters']) => {
      const garden = { ...bare, settings: { ...bare.settings, ...(waters && { waters }) } }
      const record = { kind: 'water', at, volumeL: 3, ...(from && { from }) } as Loose
      return ledgerOf(withHistory('f1', [record], garden), s2025).ledger.rows.ca.supplyG.water[day]!
    }
    const { water } = bare.settings
    expect(poured('tap')).toBeCloseTo(poured(undefined), 9)
    expect(poured(undefined) - poured('rain')).toBeCloseTo((3 * (water.caMgL - 1)) / 1000, 9)
    const hard = { rain: { ecDsM: 0.2, caMgL: 21, mgMgL: 0 } }
    expect(poured('rain', hard) - poured('rain')).toBeCloseTo((3 * 20) / 1000, 9)
  })
  test('compost worked in before planting is there from planting on', () => {
    const closed = [out(2024), out(2025)]
    const at = '2025-04-02T09:00'
    const plain = ledgerOf(withHistory('f1', closed, bare), s2025)
    const fed = ledgerOf(
      withHistory('f1', [...closed, { kind: 'recharge', at, compostL: 4 }], bare),
      s2025,
    )
    const day = plain.fed.plantedOn
    expect(fed.ledger.rows.k.supplyG.mix[day]!).toBeGreaterThan(
      plain.ledger.rows.k.supplyG.mix[day]! + 0.1,
    )
  })
  test('a top-up brings its own nutrients on its day, and a flush takes salt along', () => {
    const at = '2025-07-10T09:00'
    const low = {
      ...bare,
      containers: bare.containers.map((one) => (one.id === 'f1' ? { ...one, fillMm: 150 } : one)),
    }
    const topped = ledgerOf(
      withHistory('f1', [{ kind: 'topUp', at, volumeL: 5, recipeId: 'allCompost' }], low),
      s2025,
    )
    const day = daysBetween(s2025.from, '2025-07-10')
    expect(topped.fed.addedG!.k[day]!).toBeGreaterThan(0)
    expect(topped.ledger.rows.k.supplyG.mix[day]).toBeCloseTo(topped.fed.addedG!.k[day]!, 9)
    const flushed = ledgerOf(withHistory('f1', [{ kind: 'flush', at, volumeL: 40 }], bare), s2025)
    const plain = ledgerOf(bare, s2025)
    expect(flushed.ledger.ecDsM[day]!).toBeLessThan(plain.ledger.ecDsM[day]!)
    expect(flushed.ledger.rows.ca.leachedG[day]!).toBeGreaterThan(
      plain.ledger.rows.ca.leachedG[day]!,
    )
    const measured = ledgerOf(withHistory('f1', [{ kind: 'measurePh', at, ecDsM: 4 }], bare), s2025)
    expect(measured.ledger.ecDsM[day]).toBeCloseTo(4, 9)
    expect(measured.ledger.ecDsM[day - 1]).toBe(plain.ledger.ecDsM[day - 1])
  })
})
