import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { demo } from '../../../test/demo'
import { containerVolumes, standingRimMm } from '../../container'
import { addDays } from '../../units'
import {
  closeSeason,
  gardenAsOf,
  historyFaults,
  layersOf,
  mixOn,
  potOn,
  potStates,
  potsAtClose,
  recordFaults,
  seasonsOf,
  standingOn,
  type Garden,
  type GardenRecord,
} from '..'

type Loose = Partial<GardenRecord> & { readonly kind: GardenRecord['kind']; readonly at: string }

const made = (records: readonly Loose[], containerId = 'f1'): GardenRecord[] =>
  records.map((one, index) => ({ id: `h${index}`, containerId, ...one }) as GardenRecord)
const withHistory = (
  records: readonly Loose[],
  containerId?: string,
  base: Garden = demo,
): Garden => ({
  ...base,
  records: [...base.records, ...made(records, containerId)],
})
const bag = demo.containers.find(({ id }) => id === 'f1')!
const planting = demo.plantings.find(({ containerId }) => containerId === 'f1')!
const half: Garden = {
  ...demo,
  containers: demo.containers.map((one) =>
    one === bag ? { ...one, fillMm: one.fillMm / 2 } : one,
  ),
}

/** Any change that a pot of the demo can have. */
const change = fc.record({
  at: fc.integer({ min: 0, max: 60 }).map((day) => `${addDays('2026-04-20', day)}T09:00`),
  what: fc.constantFrom<Omit<Loose, 'at'>>(
    { kind: 'topUp', volumeL: 2 } as Loose,
    { kind: 'mulch', depthMm: 40, material: 'straw' } as Loose,
    { kind: 'mulch', depthMm: 0, material: 'straw' } as Loose,
    { kind: 'shade', share: 0.4 } as Loose,
    { kind: 'cover', cover: 'fleece' } as Loose,
    { kind: 'support', support: 'stake', heightMm: 1500 } as Loose,
    { kind: 'fill', recipeId: 'thirdsCoir', fillMm: 200 } as Loose,
    { kind: 'recharge', compostL: 3 } as Loose,
    { kind: 'prune', what: 'tip' } as Loose,
    { kind: 'remove', plantingId: planting.id, why: 'failed' } as Loose,
  ),
})
const changes = fc
  .array(change, { maxLength: 8 })
  .map((list) => made(list.map(({ at, what }) => ({ ...what, at }) as Loose)))

/** All that is told of a pot, without the functions of its mix. */
const told = (garden: Garden, date: string) => {
  const { mix, ...rest } = potOn(garden, 'f1', date)
  return { ...rest, blend: mix?.blend }
}

describe('how a pot stood on a day', () => {
  test('follows from records up to that day only', () =>
    fc.assert(
      fc.property(changes, fc.integer({ min: 0, max: 60 }), (records, day) => {
        const date = addDays('2026-04-20', day)
        const known = records.filter(({ at }) => at.slice(0, 10) <= date)
        const of = (some: readonly GardenRecord[]) =>
          told({ ...half, records: [...half.records, ...some] }, date)
        expect(of(records)).toEqual(of(known))
      }),
    ))

  test('does not depend on the order in which records of one moment are written', () =>
    fc.assert(
      fc.property(changes, fc.nat(), (records, turn) => {
        const turned = [...records.slice(turn % 8), ...records.slice(0, turn % 8)].reverse()
        const of = (some: readonly GardenRecord[]) =>
          told({ ...half, records: [...half.records, ...some] }, '2026-06-30')
        expect(of(turned)).toEqual(of(records))
      }),
    ))

  test('a correction changes the past, a change does not', () => {
    const before = told(demo, '2026-05-20')
    const changed = withHistory([
      { kind: 'mulch', at: '2026-06-01T09:00', depthMm: 50, material: 'straw' },
    ])
    expect(told(changed, '2026-05-20')).toEqual(before)
    expect(potOn(changed, 'f1', '2026-06-01').mulch).toEqual({ depthMm: 50, material: 'straw' })
    const corrected = {
      ...demo,
      containers: demo.containers.map((one) => (one === bag ? { ...one, mulchMm: 50 } : one)),
    }
    expect(potOn(corrected, 'f1', '2026-05-20').mulch?.depthMm).toBe(50)
  })

  test('filled half and topped up twice it holds the sum, buries the stem, and is told by its parts', () => {
    const start = potOn(half, 'f1', '2026-05-20')
    const filled = withHistory(
      [
        { kind: 'topUp', at: '2026-06-01T09:00', volumeL: 4 },
        { kind: 'topUp', at: '2026-06-12T09:00', volumeL: 3, recipeId: 'allCompost' },
      ],
      'f1',
      half,
    )
    const end = potOn(filled, 'f1', '2026-06-18')
    expect(end.fillVolumeL).toBeCloseTo(start.fillVolumeL + 7, 3)
    expect(end.fills.map(({ volumeL }) => volumeL).reduce((sum, one) => sum + one, 0)).toBeCloseTo(
      end.fillVolumeL,
      6,
    )
    expect(end.fills.map(({ recipeId }) => recipeId)).toEqual([
      bag.recipeId,
      bag.recipeId,
      'allCompost',
    ])
    expect(end.plants[0]!.buriedMm).toBeCloseTo(end.fillMm - start.fillMm, 6)
    // Compost is a third part of thirds and all of the last fill: what is richer is richer.
    expect(end.mix!.blend.nutrientsMgL.k).toBeGreaterThan(start.mix!.blend.nutrientsMgL.k)
    // What has no room is not in the pot.
    const over = potOn(
      withHistory([{ kind: 'topUp', at: '2026-06-01T09:00', volumeL: 190 }], 'f1', half),
      'f1',
      '2026-06-18',
    )
    expect(over.fillMm).toBeLessThanOrEqual(standingRimMm(bag))
    expect(over.fillVolumeL).toBeLessThan(start.fillVolumeL + 190)
  })

  test('a 7 gal bag rolled to half and unrolled holds twice as much and more room to its rim', () => {
    const rolledMm = Math.round(bag.fillMm / 2)
    const rolled = {
      ...demo,
      containers: demo.containers.map((one) =>
        one === bag ? { ...one, rolledMm, fillMm: bag.fillMm - rolledMm } : one,
      ),
    }
    const grown = withHistory(
      [
        { kind: 'unroll', at: '2026-06-05T09:00', rolledMm: 0 },
        { kind: 'topUp', at: '2026-06-05T09:00', fillMm: bag.fillMm },
      ],
      'f1',
      rolled,
    )
    expect(potOn(grown, 'f1', '2026-06-04').rolledMm).toBe(rolledMm)
    const now = potOn(grown, 'f1', '2026-06-05')
    expect(now.rolledMm).toBeUndefined()
    expect(now.fillMm).toBe(bag.fillMm)
    expect(now.fillVolumeL).toBeGreaterThan(1.8 * potOn(grown, 'f1', '2026-06-04').fillVolumeL)
  })

  test('a container that is not there is refused', () =>
    expect(() => potOn(demo, 'gone', '2026-06-01')).toThrow(
      expect.objectContaining({ code: 'unknownContainer' }),
    ))
})

describe('who stands where', () => {
  test('two crops in one pot in a year; moved on into another; gone', () => {
    const second = { ...planting, id: 'second', plantedOn: '2026-07-01' }
    const garden = withHistory(
      [
        { kind: 'remove', at: '2026-06-20T10:00', plantingId: planting.id, why: 'disease' },
        {
          kind: 'remove',
          at: '2026-08-01T10:00',
          plantingId: 'second',
          why: 'moved',
          movedTo: 'k1',
        },
      ],
      'f1',
      { ...demo, plantings: [...demo.plantings, second] },
    )
    const inPot = (id: string, date: string) =>
      standingOn(garden, date).flatMap((one) => (one.containerId === id ? [one.id] : []))
    expect(inPot('f1', '2026-06-19')).toEqual([planting.id])
    expect(inPot('f1', '2026-06-20')).toEqual([])
    expect(inPot('f1', '2026-07-10')).toEqual(['second'])
    expect(inPot('k1', '2026-08-01')).toContain('second')
    expect(inPot('f1', '2026-08-01')).toEqual([])
    expect(gardenAsOf(garden, '2026-08-02').plantings.map(({ id }) => id)).not.toContain(
      planting.id,
    )
  })
})

describe('seasons', () => {
  test('turn in midwinter: by the year in the north, by two in the south', () => {
    expect(seasonsOf(demo)).toEqual([
      { id: '2025', from: '2025-01-01', to: '2025-12-31' },
      { id: '2026', from: '2026-01-01', to: '2026-12-31' },
    ])
    const south = { ...demo, place: { ...demo.place, latitudeDeg: -34 } }
    expect(seasonsOf(south)).toEqual([
      { id: '2024/25', from: '2024-07-01', to: '2025-06-30' },
      { id: '2025/26', from: '2025-07-01', to: '2026-06-30' },
    ])
  })
  test('four years in a pot, each with a yearly shovel of compost: as full as ever, settled less than without', () => {
    const recharges: Loose[] = ['2027', '2028', '2029'].map((year) => ({
      kind: 'recharge',
      at: `${year}-04-01T09:00`,
      compostL: 4,
    }))
    const old = mixOn(demo, 'f1', '2029-06-01')!
    const kept = mixOn(withHistory(recharges), 'f1', '2029-06-01')!
    const fresh = mixOn(demo, 'f1', '2026-06-01')!
    const air = ({ blend }: typeof old) => blend.points[0]!.waterShare
    expect(air(old)).toBeLessThan(air(fresh))
    expect(potOn(withHistory(recharges), 'f1', '2029-06-01').fillVolumeL).toBeCloseTo(
      potOn(demo, 'f1', '2026-06-01').fillVolumeL,
      6,
    )
    expect(kept.blend.bulkDensityGL).not.toBeCloseTo(old.blend.bulkDensityGL, 3)
  })
  test('closing: each pot tells what it gave, and what is decided are ordinary records', () => {
    const season = seasonsOf(demo).at(-1)
    const pots = potsAtClose(demo, season!, '2026-06-18T07:30')
    const picked = demo.records.reduce(
      (sum, one) => sum + (one.kind === 'pick' && one.at > '2026' ? (one.massG ?? 0) : 0),
      0,
    )
    expect(pots.reduce((sum, { pickedG }) => sum + pickedG, 0)).toBe(picked)
    let number = 0
    const records = closeSeason(
      demo,
      pots.map(({ containerId, standing }) => ({
        containerId,
        plants: Object.fromEntries(
          standing.map(({ id }) => [id, containerId === 'k1' ? 'overwinter' : 'remove']),
        ),
        why: 'cropOver',
        mix: 'recharge',
        compostL: 2,
        isWashed: false,
      })),
      '2026-06-18T07:30',
      () => `c${number++}`,
    )
    const closed = { ...demo, records: [...demo.records, ...records] }
    expect(historyFaults(closed)).toEqual([])
    expect(standingOn(closed, '2026-06-18').map(({ containerId }) => containerId)).toEqual(['k1'])
    expect(potOn(closed, 'k1', '2026-06-18').plants[0]!.stem.kind).toBe('cutBack')
    expect(potOn(closed, 'f1', '2027-04-01').fills).toHaveLength(2)
  })
})

describe('mix that goes into a pot again', () => {
  const fill = (at: string, recipeId: string, more: object = {}): Loose => ({
    kind: 'fill',
    at,
    recipeId,
    fillMm: 200,
    ...more,
  })
  const airOf = (garden: Garden, id: string, date: string) =>
    mixOn(garden, id, date)!.curve.totalPorosity
  const bare: Garden = { ...demo, plantings: [], records: [] }

  test('is what lay where it came out, with its own age; the rest is fresh', () => {
    const first = made([fill('2024-04-01T09:00', 'allCompost')], 'f2')
    const again = fill('2026-04-01T09:00', 'thirdsCoir', {
      reusedShare: 0.25,
      fromContainerId: 'f2',
    })
    const garden = { ...bare, records: [...first, { ...made([again])[0]!, id: 'again' }] }
    const [only] = potOn(garden, 'f1', '2026-05-01').fills
    expect(only!.reusedShare).toBe(0.25)
    expect(only!.used).toHaveLength(1)
    expect(only!.used![0]).toMatchObject({ recipeId: 'allCompost', filledOn: '2024-04-01' })
    expect(only!.used![0]!.volumeL).toBeCloseTo(0.25 * only!.volumeL, 9)
    // Two seasons old compost has less air in it than the same taken fresh.
    const asFresh = {
      ...garden,
      records: garden.records.map((one) =>
        one.containerId === 'f2' ? { ...one, at: '2026-03-01T09:00' } : one,
      ),
    } as Garden
    expect(airOf(garden, 'f1', '2026-05-01')).toBeLessThan(airOf(asFresh, 'f1', '2026-05-01'))
    // What the other pot is filled with later is another mix.
    const later = {
      ...garden,
      records: [...garden.records, ...made([fill('2026-04-01T09:00', 'thirds')], 'f2')],
    }
    expect(potOn(later, 'f1', '2026-05-01')).toEqual(potOn(garden, 'f1', '2026-05-01'))
  })
  test('layers lie on one another up to the mix’s height, each with its own litres', () => {
    const at = (day: string) => `2026-05-${day}T09:00`
    const garden = withHistory(
      [
        { kind: 'topUp', at: at('02'), volumeL: 3, recipeId: 'allCompost' },
        { kind: 'recharge', at: at('03'), compostL: 1 },
        { kind: 'topUp', at: at('04'), volumeL: 2 },
      ],
      'f1',
      { ...half, records: [] },
    )
    const container = garden.containers.find(({ id }) => id === 'f1')!
    const state = potStates(garden, container).at(-1)!
    const layers = layersOf(state)
    expect(layers.map(({ fill }) => fill.filledOn)).toHaveLength(3)
    expect(layers[0]!.fromMm).toBe(0)
    expect(layers.at(-1)!.toMm).toBe(state.container.fillMm)
    const litresTo = (fillMm: number) =>
      containerVolumes({ ...state.container, fillMm }).fillVolumeL
    // The last top-up came after the compost was worked in: it is two litres still.
    const top = layers.at(-1)!
    const worked = state.fills.find(({ isWorkedIn }) => isWorkedIn)!.volumeL
    const whole = litresTo(top.toMm)
    expect(whole - litresTo(top.fromMm)).toBeCloseTo((2 * whole) / (whole - worked), 2)
  })
  test('two pots filled out of each other at one moment exchange their mixes', () => {
    const from = (fromContainerId: string) =>
      fill('2026-04-01T09:00', 'thirds', { reusedShare: 1, fromContainerId })
    const records = [
      ...made([fill('2025-04-01T09:00', 'allCompost')], 'f2'),
      ...made([fill('2025-04-01T09:00', 'thirdsCoir')], 'f1'),
      ...made([from('f1')], 'f2'),
      ...made([from('f2')], 'f1'),
    ].map((one, index) => ({ ...one, id: `r${index}` }))
    for (const order of [records, [...records].reverse()]) {
      const garden = { ...bare, records: order }
      expect(mixOn(garden, 'f1', '2026-05-01')!.blend.recipe.id).toBe('allCompost')
      expect(mixOn(garden, 'f2', '2026-05-01')!.blend.recipe.id).toBe('thirdsCoir')
    }
  })
  test('any chain of fillings adds up to the litres in the pot', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            pot: fc.constantFrom('f1', 'f2', 'b1'),
            from: fc.constantFrom('f1', 'f2', 'b1', undefined),
            share: fc.constantFrom(0, 0.01, 0.3, 0.99, 1),
            day: fc.integer({ min: 0, max: 900 }),
          }),
          { maxLength: 30 },
        ),
        (list) => {
          const records = list.map(({ pot, from, share, day }, index) => ({
            ...made(
              [
                fill(`${addDays('2024-01-01', day)}T09:00`, 'thirds', {
                  reusedShare: share,
                  ...(from && { fromContainerId: from }),
                }),
              ],
              pot,
            )[0]!,
            id: `r${index}`,
          }))
          const garden = { ...bare, records }
          for (const id of ['f1', 'f2', 'b1']) {
            const pot = potOn(garden, id, '2026-12-31')
            expect(pot.mix).toBeDefined()
            for (const { volumeL, used = [] } of pot.fills) {
              const usedL = used.reduce((sum, one) => sum + one.volumeL, 0)
              expect(usedL).toBeLessThanOrEqual(volumeL * (1 + 1e-9))
              expect(used.length).toBeLessThanOrEqual(100)
            }
            expect(pot.fills.reduce((sum, { volumeL }) => sum + volumeL, 0)).toBeCloseTo(
              pot.fillVolumeL,
              6,
            )
          }
        },
      ),
      { numRuns: 60 },
    ))
})

describe('what cannot have been so', () => {
  const NOW = '2026-06-18T07:30'
  const faultsOf = (record: Loose, garden: Garden = demo) =>
    recordFaults(garden, made([record])[0]!, NOW).map(({ path, code }) => [...path, code])
  test.each<[Loose, readonly unknown[]]>([
    [{ kind: 'topUp', at: '2026-06-01T09:00', volumeL: 150 }, ['volumeL', 'topUpOverRim']],
    [{ kind: 'topUp', at: '2026-06-01T09:00', fillMm: 4000 }, ['fillMm', 'fillOverRim']],
    [{ kind: 'topUp', at: '2026-06-01T09:00', fillMm: 20 }, ['fillMm', 'fillsLower']],
    [{ kind: 'topUp', at: '2026-06-01T09:00' }, ['volumeL', 'needsAmount']],
    [{ kind: 'move', at: '2026-06-01T09:00', spaceId: 'moon' }, ['spaceId', 'unknownReference']],
    [{ kind: 'mulch', at: '2026-06-18T09:00', depthMm: 30, material: 'straw' }, ['at', 'inFuture']],
    [
      {
        kind: 'fill',
        at: '2026-06-01T09:00',
        recipeId: 'thirds',
        fillMm: 200,
        reusedShare: 0.5,
        fromContainerId: 'moon',
      },
      ['fromContainerId', 'unknownReference'],
    ],
    [
      { kind: 'remove', at: '2026-06-01T09:00', plantingId: 'nobody', why: 'failed' },
      ['plantingId', 'notStanding'],
    ],
    [
      {
        kind: 'remove',
        at: '2026-06-01T09:00',
        plantingId: planting.id,
        why: 'moved',
        movedTo: 'moon',
      },
      ['movedTo', 'unknownReference'],
    ],
  ])('%j is told at its field', (record, fault) => expect(faultsOf(record)).toEqual([fault]))

  test('taken out twice where one stands; topped up before it was filled', () => {
    const out = {
      kind: 'remove',
      at: '2026-06-01T09:00',
      plantingId: planting.id,
      why: 'failed',
    } as Loose
    const gone = withHistory([out])
    expect(faultsOf({ ...out, at: '2026-06-02T09:00' }, gone)).toEqual([
      ['plantingId', 'notStanding'],
    ])
    const empty = {
      ...demo,
      plantings: [],
      records: made([{ kind: 'fill', at: '2026-05-01T09:00', recipeId: 'thirds', fillMm: 200 }]),
    }
    expect(faultsOf({ kind: 'topUp', at: '2026-04-01T09:00', volumeL: 1 }, empty)).toEqual([
      ['at', 'beforeFilled'],
    ])
  })
  test('a file with such records names them and loses nothing', () => {
    const garden = withHistory([
      { kind: 'topUp', at: '2026-06-01T09:00', fillMm: 4000 },
      { kind: 'move', at: '2026-06-02T09:00', spaceId: 'moon' },
    ])
    expect(historyFaults(garden).map(({ record }) => record.kind)).toEqual(['topUp', 'move'])
    const twice = withHistory(
      ['2026-06-01', '2026-06-02'].map((date) => ({
        kind: 'remove',
        at: `${date}T09:00`,
        plantingId: planting.id,
        why: 'failed',
      })),
    )
    expect(historyFaults(twice).map(({ record }) => record.at)).toEqual(['2026-06-02T09:00'])
    expect(historyFaults(demo)).toEqual([])
    const { fillMm, spaceId } = potOn(garden, 'f1', '2026-06-10')
    expect(fillMm).toBeLessThanOrEqual(standingRimMm(bag))
    expect(spaceId).toBe(bag.spaceId)
  })
})
