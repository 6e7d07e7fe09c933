import { isDeepStrictEqual } from 'node:util'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { produce } from 'immer'
import { anyGarden } from '../../../test/anyGarden'
import { demo } from '../../../test/demo'
import { feedCatalogue } from '../../feed'
import { ingredients, recipes } from '../../mix'
import { catalogue } from '../../plant'
import { InputError } from '../../units'
import { guessNormals } from '../../weather'
import { noArrangement } from '../arrangement'
import { changeBetween, inverseOf, withChange } from '../change'
import { readGarden, writeGarden } from '../file'
import { gardenSchema } from '../gardenSchema'
import type { Garden } from '../garden'
import { requireReadable } from '../gate'
import { containerOn, potOn } from '../history'
import { stamped } from '../stamps'
import type { GardenEdit } from './edit'
import * as edits from '.'

const NOW = '2026-06-18T07:30'
const after = (garden: Garden, edit: GardenEdit): Garden => {
  const draft = structuredClone(garden)
  edit.apply(draft)
  return draft
}
const newIds = () => {
  let number = 0
  return () => `new-${++number}`
}
const someVariety = { ...catalogue[0]!, id: 'own-variety', name: 'Own' }
const someProduct = { ...feedCatalogue[0]!, id: 'own-product', name: 'Own' }
const counted = { recordId: 'counted', at: NOW, amount: 12 }
const day = { date: '2026-06-18', tempMaxC: 25, tempMinC: 15 }
const noon = { id: 'noted', at: NOW, kind: 'note' as const }

/** Each edit as a gardener would come to make it, in whatever garden. */
const made: Readonly<Record<string, (garden: Garden) => GardenEdit>> = {
  keepContainer: ({ containers: [pot] }) =>
    edits.keepContainer({ ...pot!, name: 'Renamed' }, pot, false),
  copyContainer: ({ containers: [pot] }) => edits.copyContainer(pot!, ['new-1', 'new-2']),
  addUsual: ({ containers: [pot] }) => edits.addUsual([{ ...pot!, id: 'usual-1' }]),
  unrollContainer: ({ containers: [pot] }) => edits.unrollContainer(pot!),
  removeContainer: ({ containers: [pot] }) => edits.removeContainer(pot!),
  moveInWalk: ({ containers }) => edits.moveInWalk(containers[0]!, containers.at(-1)!.id),
  standContainer: ({ containers: [pot] }) => edits.standContainer(pot!, { xMm: 10, yMm: 20 }),
  turnContainer: ({ containers: [pot] }) => edits.turnContainer(pot!),
  putAwayContainer: ({ containers: [pot] }) => edits.putAwayContainer(pot!),
  standAll: ({ containers }) =>
    edits.standAll(new Map(containers.map(({ id }) => [id, { xMm: 0, yMm: 0 }]))),
  changeContainer: ({ containers: [pot] }) =>
    edits.changeContainer({ ...pot!, mulchMm: 77, name: 'Changed' }, pot!, {
      at: NOW,
      newId: () => 'changed',
    }),
  moveFromNow: ({ containers: [pot] }) =>
    edits.moveFromNow(
      pot!,
      { spaceId: pot!.spaceId, standing: { xMm: 1, yMm: 2, isTurned: false } },
      { at: NOW, newId: () => 'moved' },
    ),
  addSpace: () => edits.addSpace('new-space', 'Roof'),
  coverSpace: ({ spaces: [space] }) => edits.coverSpace(space!.id, true),
  removeSpace: () => edits.removeSpace('no-such-space'),
  keepPlan: ({ spaces: [space] }) =>
    edits.keepPlan(space!, demo.spaces.find(({ plan }) => plan)!.plan!, space!.plan),
  keepVariety: () => edits.keepVariety(someVariety, undefined, true),
  plantInto: ({ containers: [pot] }) =>
    edits.plantInto(
      {
        id: 'planted',
        containerId: pot!.id,
        varietyId: catalogue[0]!.id,
        count: 1,
        plantedOn: '2026-06-01',
      },
      { code: pot!.code, name: 'Any' },
      NOW,
      'planted',
    ),
  plantAll: ({ containers: [pot] }) =>
    edits.plantAll(
      ['2026-06-01', '2026-09-01'].map((plantedOn) => ({
        id: `all-${plantedOn}`,
        containerId: pot!.id,
        varietyId: catalogue[0]!.id,
        count: 1,
        plantedOn,
      })),
      NOW,
      newIds(),
    ),
  takeOut: ({ plantings: [planting] }) => edits.takeOut(planting ?? { id: 'none' }, 'K1'),
  wishFor: () => edits.wishFor({ budget: 30 }),
  pinContainer: ({ containers: [pot] }) => edits.pinContainer(pot!.id, { stays: true }),
  setMix: ({ containers }) =>
    edits.setMix(
      containers.map(({ id }) => id),
      recipes[0]!.id,
      'Thirds',
    ),
  keepRecipe: () => edits.keepRecipe({ ...recipes[0]!, id: 'own-recipe', name: 'Own' }, undefined),
  removeRecipe: ({ recipes: [recipe] }) => edits.removeRecipe(recipe?.id ?? 'none', 'Gone'),
  keepIngredient: ({ ingredients: own }) => {
    const known = own.find(({ id }) => id === 'compost')
    return edits.keepIngredient(known ?? ingredients['compost']!, known, !known, counted)
  },
  removeIngredient: () => edits.removeIngredient('compost'),
  keepMixTest: () =>
    edits.keepMixTest({
      ...{ id: 'weighed', at: NOW, testedId: 'boneMeal', massG: 13, volumeL: 0.015 },
      kind: 'weigh',
      of: 'product',
    }),
  removeMixTest: ({ mixTests: [one] }) => edits.removeMixTest(one?.id ?? 'none'),
  countOnShelf: () => edits.countOnShelf('boneMeal', 'Bone meal', counted),
  takeOffShelf: () => edits.takeOffShelf('boneMeal', 'Bone meal'),
  keepProduct: () => edits.keepProduct(someProduct, undefined, true, counted),
  removeProduct: (garden) => {
    const one = garden.products.find(({ id }) => !edits.isProductNeeded(garden, id))
    return edits.removeProduct(one?.id ?? 'none', 'Gone')
  },
  recordFeeds: ({ containers: [pot] }) =>
    edits.recordFeeds(
      { container: pot!, at: NOW, doses: [{ product: feedCatalogue[0]!, massG: 5 } as never] },
      newIds(),
    ),
  feedBy: ({ containers: [pot] }) => edits.feedBy(pot!, { programmeId: 'toMeasure' }),
  feedAllBy: () => edits.feedAllBy({ programmeId: 'toMeasure' }),
  stopFeeding: ({ containers: [pot] }) => edits.stopFeeding(pot!),
  recordClosing: () => edits.recordClosing([{ id: 'washed', at: NOW, kind: 'wash' }], '2026'),
  recordOne: () => edits.recordOne(noon, 'K1'),
  recordProbe: ({ containers: [pot] }) =>
    edits.recordProbe(
      [{ at: NOW, moistureShare: 0.4 }],
      { containerId: pot!.id, depthMm: 100 },
      newIds(),
    ),
  removeRecord: ({ records: [record] }) => edits.removeRecord(record?.id ?? 'none', NOW),
  recordEntry: () => edits.recordEntry([noon, { ...noon, id: 'noted-2' }], 'K1'),
  restoreRecord: ({ bin }) => edits.restoreRecord(bin?.[0]?.record.id ?? 'none'),
  changeRecord: ({ records: [record] }) => {
    if (!record) return edits.recordOne(noon, 'K1')
    return edits.changeRecord({ ...record, note: 'Changed' }, record, NOW)
  },
  keepDay: () => edits.keepDay(day),
  keepPlace: ({ place }) =>
    edits.keepPlace({ ...place, name: 'Moved' }, place, guessNormals(place)),
  takeServiceDays: () => edits.takeServiceDays([{ ...day, source: 'simulated' }]),
  takeFileDays: () => edits.takeFileDays([day], false),
  keepNormals: () =>
    edits.keepNormals({ normals: demo.normals!, frosts: {} }, { normals: [], frosts: {} }),
  changeSettings: () => edits.changeSettings({ unitSystem: 'us', measures: { canL: 8 } }, 'Named'),
  changeWater: () => edits.changeWater({ caMgL: 3 }, 'rain'),
  doJobs: () => edits.doJobs([noon], 'K1'),
  snoozeJob: () => edits.snoozeJob('tie:k:p:0', '2026-06-20', '2026-06-18'),
  skipJob: () => edits.skipJob('tie:k:p:0', '2026-06-18', 'Not this year'),
  switchOffJobs: () => edits.switchOffJobs('shake'),
  takeBackJobChange: ({ jobChanges = [] }) =>
    edits.takeBackJobChange(jobChanges[0] ?? { what: 'off', rule: 'none' }),
  keepOwnJob: () => edits.keepOwnJob({ id: 'own-new', text: 'Look', every: 3, from: '2026-06-01' }),
  keepCheck: ({ containers: [pot] }) =>
    edits.keepCheck(
      { id: 'checked', at: NOW, kind: 'check', containerId: pot!.id, signs: ['leafYellow'] },
      [{ id: 'own-check', text: 'Let it dry', containerId: pot!.id, on: '2026-06-18' }],
      'K',
    ),
  markOutcome: ({ records }) =>
    edits.markOutcome(records.find(({ kind }) => kind === 'check')?.id ?? 'none', 'tooWet'),
  keepTrial: ({ containers: [pot] }) =>
    edits.keepTrial(
      {
        id: 'tried',
        name: 'Mulch',
        differsIn: 'mulch',
        a: [pot!.id],
        b: ['x'],
        from: '2026-04-01',
      },
      undefined,
      true,
    ),
  keepShop: ({ shops: [shop] = [] }) => {
    const bare = { id: 'shop-new', fare: 3, minimumOrder: 0, packs: [] }
    return edits.keepShop(shop ?? bare, shop, !shop)
  },
  removeShop: ({ shops = [] }) => edits.removeShop(shops[0] ?? { id: 'none' }),
  recordStock: () =>
    edits.recordStock([
      { id: 'bought', at: NOW, kind: 'buy', itemId: 'compost', amount: 40, unit: 'L', price: 9 },
    ]),
  keepTable: ({ weather }) => edits.keepTable('weather', weather),
  removeTrial: ({ trials = [] }) => edits.removeTrial(trials[0] ?? { id: 'none', name: '' }),
  carryOver: ({ containers: [pot] }) =>
    edits.carryOver(new Map([[pot!.id, { season: '2025', thirst: 1.2 }]]), '2025'),
  removeOwnJob: ({ ownJobs = [] }) => edits.removeOwnJob(ownJobs[0] ?? { id: 'none', text: '' }),
  changeWays: ({ containers: [pot] }) =>
    edits.changeWays({ containerId: pot!.id }, { soilC: 16, mulch: undefined }),
}

test('every edit stands in this list', () => {
  const questions = [
    'BIN_DAYS',
    'isIngredientNeeded',
    'isProductNeeded',
    'changedState',
    'correctIn',
    'isSpaceNeeded',
  ]
  expect(Object.keys(made).sort()).toEqual(
    Object.keys(edits)
      .filter((name) => !questions.includes(name))
      .sort(),
  )
})

test('whatever the garden, an edit leaves one that can be read back', () =>
  fc.assert(
    fc.property(anyGarden, (garden) => {
      // Only what is valid by itself: what stood wrong before is no edit's doing.
      if (!gardenSchema.safeParse(garden).success) return
      const refused = Object.entries(made).flatMap(([name, edit]) => {
        try {
          const next = after(garden, edit(garden))
          requireReadable(garden, next, changeBetween(garden, next))
          return []
        } catch (error) {
          return [[name, (error as InputError).faults]]
        }
      })
      expect(refused).toEqual([])
    }),
    { numRuns: 15, endOnFailure: true },
  ))

test('what an edit writes stands in the order of the file: written, read and written again it is the same', () => {
  const garden = readGarden(writeGarden(demo))
  for (const [name, edit] of Object.entries(made)) {
    // A form hands on what its schema has read.
    if (name.startsWith('keep')) continue
    const text = writeGarden(after(garden, edit(garden)))
    expect([name, writeGarden(readGarden(text)) === text]).toEqual([name, true])
  }
})

/** A garden without the marks by which it is merged. */
const unmarked = ({ removed: _r, changed: _c, devices: _d, walkingOrder: _w, ...garden }: Garden) =>
  JSON.parse(
    JSON.stringify(garden, (key, value: unknown) => (key === 'changedAt' ? undefined : value)),
  ) as Garden

test('whatever the garden, an edit that was marked and is taken back leaves it as it was', () =>
  fc.assert(
    fc.property(anyGarden, (any) => {
      if (!gardenSchema.safeParse(any).success) return
      const garden = readGarden(writeGarden(any))
      const left = Object.entries(made).filter(([, edit]) => {
        const next = produce(garden, (draft) => edit(garden).apply(draft))
        const change = changeBetween(garden, next)
        const marked = stamped(garden, next, change, '2026-06-18T07:30:00.000Z here')
        return !isDeepStrictEqual(unmarked(withChange(marked, inverseOf(change))), unmarked(garden))
      })
      expect(left.map(([name]) => name)).toEqual([])
    }),
    { numRuns: 15, endOnFailure: true },
  ))

describe('a pot that is removed', () => {
  const pot = demo.containers.find(({ code }) => code === 'F1')!
  const pinned = after(demo, edits.pinContainer(pot.id, { stays: true }))
  const without = after(pinned, edits.removeContainer(pot))
  test('takes its plants, its feeding and its pin with it', () => {
    expect(pinned.feedPlans).toHaveProperty(pot.id)
    expect(without.feedPlans).not.toHaveProperty(pot.id)
    expect(without.plantings.some(({ containerId }) => containerId === pot.id)).toBe(false)
    expect(without.arrangement!.pins.some(({ containerId }) => containerId === pot.id)).toBe(false)
  })
  test('leaves what was done to it, and every other pot as it was', () => {
    expect(without.records).toEqual(pinned.records)
    expect(without.containers).toEqual(pinned.containers.filter(({ id }) => id !== pot.id))
    expect(Object.keys(without.feedPlans)).toHaveLength(Object.keys(pinned.feedPlans).length - 1)
  })
})

describe('feeds given together', () => {
  const container = demo.containers[0]!
  const dose = (id: string, massG: number, volumeL?: number) =>
    ({
      product: { ...feedCatalogue[0]!, id },
      massG,
      ...(volumeL !== undefined && { solution: { volumeL } }),
    }) as never
  const written = (doses: never[], plainL?: number) =>
    after(
      { ...demo, records: [] },
      edits.recordFeeds(
        { container, at: NOW, doses, ...(plainL !== undefined && { plainL }) },
        newIds(),
      ),
    ).records
  test('are in one can of water, which counts once', () =>
    expect(written([dose('dry', 5), dose('a', 2, 3), dose('b', 4, 3)])).toMatchObject([
      { productId: 'dry', massG: 5 },
      { productId: 'a', massG: 2, volumeL: 3 },
      { productId: 'b', massG: 4 },
    ]))
  test('plain water beside them is a watering, unless it is a splash', () => {
    const litres = (plainL: number) =>
      written([dose('a', 2, 3)], plainL).reduce(
        (sum, record) => sum + ('volumeL' in record ? (record.volumeL ?? 0) : 0),
        0,
      )
    expect(litres(1.5)).toBeCloseTo(4.5, 12)
    expect(litres(0.01)).toBeCloseTo(3, 12)
  })
})

describe('small things', () => {
  test('what is only planned is not recorded as planted', () => {
    const planting = { ...demo.plantings[0]!, id: 'p', plantedOn: '2026-06-19' }
    const words = { code: 'K1', name: 'Any' }
    const kinds = (plantedOn: string) =>
      after(demo, edits.plantInto({ ...planting, plantedOn }, words, NOW, 'r')).records.length -
      demo.records.length
    expect([kinds('2026-06-19'), kinds('2026-06-18')]).toEqual([0, 1])
  })
  test('measures that were put right are typical no more; a new name changes nothing of that', () => {
    const typical = { ...demo.containers[0]!, isTypical: true }
    const garden = { ...demo, containers: [typical] }
    const kept = (changed: object) =>
      after(garden, edits.keepContainer({ ...typical, ...changed }, typical, false)).containers[0]!
    expect(kept({ name: 'Other' }).isTypical).toBe(true)
    const { shape } = typical
    const wider =
      'heightMm' in shape ? { ...shape, heightMm: shape.heightMm + 10 } : { ...shape, depthMm: 200 }
    expect(kept({ shape: wider })).not.toHaveProperty('isTypical')
  })
  test('a garden that moves takes a guessed climate with it, and keeps a typed one', () => {
    const moved = { ...demo.place, latitudeDeg: 60 }
    const guess = guessNormals(moved)
    const edit = edits.keepPlace(moved, demo.place, guess)
    expect(after(demo, edit).normals).toEqual(demo.normals)
    const guessed = { ...demo, normalsAreGuessed: true }
    expect(after(guessed, edit)).toMatchObject({ normals: guess, normalsAreGuessed: true })
    const typed = edits.keepNormals(
      { normals: demo.normals!, frosts: {} },
      { normals: guess, frosts: {} },
    )
    expect(after(guessed, typed)).not.toHaveProperty('normalsAreGuessed')
  })
  test('copies get free names and stand beside their model in the walk', () => {
    const { containers } = after(demo, edits.copyContainer(demo.containers[2]!, ['x', 'y']))
    expect(containers.slice(3, 5).map(({ id }) => id)).toEqual(['x', 'y'])
    expect(new Set(containers.map(({ code }) => code)).size).toBe(containers.length)
    expect(containers[3]).not.toHaveProperty('standing')
  })
  test('a pin that holds nothing goes', () => {
    const unpinned = { ...demo, arrangement: noArrangement }
    const held = after(unpinned, edits.pinContainer('b1', { varietyId: catalogue[0]!.id }))
    const loose = after(held, edits.pinContainer('b1', { varietyId: undefined }))
    expect(held.arrangement!.pins.some(({ containerId }) => containerId === 'b1')).toBe(true)
    expect(loose.arrangement!.pins.some(({ containerId }) => containerId === 'b1')).toBe(false)
    expect(noArrangement.pins).toEqual([])
  })
  test('a feed of one’s own that goes is in no plan any more', () => {
    const own = after(
      demo,
      edits.feedBy(demo.containers[0]!, { programmeId: 'toMeasure', productId: 'own-vine-feed' }),
    )
    const { feedPlans } = after(own, edits.removeProduct('own-vine-feed', ''))
    expect(JSON.stringify(feedPlans)).not.toContain('own-vine-feed')
  })
  test('what is gone is told, and is not brought back', () =>
    expect(() => after(demo, edits.turnContainer({ id: 'gone', code: 'X' }))).toThrow(InputError))
  test('settings that were not touched stay', () => {
    const { settings, name } = after(demo, edits.changeSettings({ measures: { canL: 3 } }))
    expect(settings).toEqual({
      ...demo.settings,
      measures: { ...demo.settings.measures, canL: 3 },
    })
    expect(name).toBe(demo.name)
  })
})

describe('how a pot stands', () => {
  const pot = demo.containers.find(({ code }) => code === 'F1')!
  const stands = (garden: Garden, date: string) => {
    const { mix: _mix, ...rest } = potOn(garden, pot.id, date)
    return rest
  }
  let number = 0
  const from = { at: NOW, newId: () => `n${number++}` }
  const formed = { ...pot, mulchMm: 50, fillMm: pot.fillMm + 10, name: 'Named' }
  test('is changed from now on, and not before; what it is was always so', () => {
    const next = after(demo, edits.changeContainer(formed, pot, from))
    expect(stands(next, '2026-06-01')).toEqual(stands(demo, '2026-06-01'))
    const today = potOn(next, pot.id, NOW.slice(0, 10))
    expect([today.mulch?.depthMm, today.fillMm]).toEqual([50, pot.fillMm + 10])
    expect(next.containers.find(({ id }) => id === pot.id)!.name).toBe('Named')
  })
  test('is put right where it was always so, at the record it stands so by', () => {
    const next = after(demo, edits.changeContainer(formed, pot))
    expect(potOn(next, pot.id, '2026-05-01').mulch?.depthMm).toBe(50)
    const changed = after(demo, edits.changeContainer(formed, pot, from))
    const now = containerOn(changed, pot, '2026-12-31')
    const right = after(changed, edits.changeContainer({ ...now, mulchMm: 30 }, now))
    expect(right.records).toHaveLength(changed.records.length)
    expect(potOn(right, pot.id, '2026-12-31').mulch?.depthMm).toBe(30)
    expect(stands(right, '2026-06-01')).toEqual(stands(demo, '2026-06-01'))
  })
  test('a bag unrolled today stood rolled before; of two moves in a day one record is left', () => {
    const rolled: Garden = {
      ...demo,
      containers: demo.containers.map((one) =>
        one === pot ? { ...one, rolledMm: 100, fillMm: one.fillMm - 100 } : one,
      ),
    }
    const next = after(rolled, edits.unrollContainer(pot, from))
    expect(potOn(next, pot.id, '2026-06-01').rolledMm).toBe(100)
    expect(stands(next, '2026-12-31').fillMm).toBe(pot.fillMm)
    const { spaceId } = pot
    const at = (xMm: number) => ({ spaceId, standing: { xMm, yMm: 0, isTurned: false } })
    const once = after(demo, edits.moveFromNow(pot, at(10), from))
    const twice = after(once, edits.moveFromNow(pot, at(20), from))
    expect(twice.records).toHaveLength(demo.records.length + 1)
    expect(potOn(twice, pot.id, '2026-12-31').standing?.xMm).toBe(20)
    const dragged = after(twice, edits.standContainer(pot, { xMm: 30, yMm: 0 }))
    expect(potOn(dragged, pot.id, '2026-12-31').standing?.xMm).toBe(30)
    expect(potOn(dragged, pot.id, '2026-06-01').standing).toEqual(pot.standing)
  })
})
