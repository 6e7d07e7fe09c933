import { beforeEach, describe, expect, test } from '@jest/globals'
import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { openDB } from 'idb'
import { produce } from 'immer'
import { emptyGarden, GARDEN_VERSION, type Garden, type GardenRecord } from '@rimbo/core'
import { changeGarden, stepGarden } from './changing'
import { createConnection } from './connection'
import { StorageError } from './trouble'
import { openDatabase, type RimboDatabase } from './database'
import { clearPhotos, keepPhotos, photoIdsOf } from './photos'
import {
  addGarden,
  currentGardenId,
  forgetDeleted,
  listGardens,
  loadGarden,
  markDeleted,
  rememberCurrent,
} from './repository'

const watering = (id: string, at: string): GardenRecord => ({
  id,
  at,
  kind: 'water',
  volumeL: 2,
  containerId: 'c',
})
const garden: Garden = {
  ...emptyGarden('g1', 'Mine', 'Balcony'),
  records: [watering('b', '2026-06-02T07:30'), watering('a', '2026-06-01T07:30')],
  weather: [{ date: '2026-06-01', tempMaxC: 25, tempMinC: 14 }],
}
const LABEL = { code: 'change.settings' }

let database: RimboDatabase
beforeEach(async () => {
  globalThis.indexedDB = new IDBFactory()
  database = await openDatabase()
})
const stored = async () => (await loadGarden(database, 'g1'))!
const rename = async (name: string) =>
  changeGarden(database, await stored(), LABEL, (now) => ({ ...now, name }))

describe('the repository', () => {
  test('gives back what was saved, records in order of days, of one day as they were written', async () => {
    const [second, first] = garden.records
    const tie = watering('0', first!.at)
    expect(await addGarden(database, { ...garden, records: [second!, first!, tie] })).toBe(true)
    const { garden: read, revision } = await stored()
    expect(revision).toBe(1)
    expect(read.records.map((record) => record.id)).toEqual(['a', '0', 'b'])
    expect({ ...read, records: [] }).toEqual({ ...garden, records: [] })
    expect(await loadGarden(database, 'other')).toBeUndefined()
  })

  test('a garden that is there already is not written over', async () => {
    await addGarden(database, garden)
    expect(await addGarden(database, { ...garden, name: 'Another', records: [] })).toBe(false)
    expect((await stored()).garden).toMatchObject({ name: 'Mine', records: { length: 2 } })
  })

  test('a saved change is there for a connection opened afterwards', async () => {
    await addGarden(database, garden)
    const change = (before: Garden): Garden => ({
      ...before,
      records: [...before.records.slice(1), watering('c', '2026-06-03T07:30')],
      weather: [],
    })
    await changeGarden(database, await stored(), LABEL, change)
    database.close()
    database = await openDatabase()
    const { garden: read } = await stored()
    expect(read.records.map((record) => record.id)).toEqual(['b', 'c'])
    expect(read.weather).toEqual([])
  })

  test('only what changed is written: an untouched day keeps its page', async () => {
    await addGarden(database, garden)
    const before = await stored()
    // A page put in behind the repository's back is not overwritten by an unrelated change.
    const foreign = watering('a', '2026-06-01T09:00')
    const page = { gardenId: 'g1', field: 'records' as const, page: '2026-06-01', items: [foreign] }
    await database.put('pages', page)
    await changeGarden(database, before, LABEL, (now) => ({ ...now, name: 'Ours' }))
    expect((await stored()).garden.records[0]).toEqual(foreign)
    expect((await stored()).garden.name).toBe('Ours')
  })

  test('a change is made to what is stored, whoever wrote it; nothing is undone that is not the last', async () => {
    await addGarden(database, garden)
    const seenByBoth = await stored()
    const here = await changeGarden(database, seenByBoth, LABEL, (now) => ({
      ...now,
      name: 'Here',
    }))
    await changeGarden(database, seenByBoth, LABEL, (now) => ({ ...now, records: [] }))
    expect((await stored()).garden).toMatchObject({ name: 'Here', records: [] })
    expect(await stepGarden(database, here!, -1)).toEqual(await stored())
    expect((await stored()).garden).toMatchObject({ name: 'Here', records: [] })
    await stepGarden(database, await stored(), -1)
    expect((await stored()).garden).toMatchObject({ name: 'Here', records: { length: 2 } })
  })

  test('a change that fails leaves nothing behind', async () => {
    await addGarden(database, garden)
    const before = await stored()
    const failing = changeGarden(database, before, LABEL, () => {
      throw new Error('no')
    })
    await expect(failing).rejects.toThrow('no')
    expect(await stored()).toEqual(before)
  })

  test('gardens do not mix, and the one open last is remembered', async () => {
    await addGarden(database, garden)
    await addGarden(database, { ...garden, id: 'g2', name: 'Hers', records: [] })
    await rememberCurrent(database, 'g2')
    expect(await currentGardenId(database)).toBe('g2')
    expect((await listGardens(database)).kept).toEqual([
      { id: 'g1', name: 'Mine' },
      { id: 'g2', name: 'Hers' },
    ])
    expect((await stored()).garden.records).toHaveLength(2)
  })

  test('a database of the version before keeps all it had', async () => {
    globalThis.indexedDB = new IDBFactory()
    const old = await openDB('rimbo', 1, {
      upgrade(at) {
        at.createObjectStore('gardens', { keyPath: 'id' })
        at.createObjectStore('records', { keyPath: ['gardenId', 'record.id'] })
        at.createObjectStore('weather', { keyPath: ['gardenId', 'day.date'] })
        at.createObjectStore('meta')
      },
    })
    const { records, weather, ...document } = garden
    await old.put('gardens', { id: 'g1', revision: 7, document })
    for (const record of records) await old.put('records', { gardenId: 'g1', record })
    for (const day of weather) await old.put('weather', { gardenId: 'g1', day })
    await old.put('meta', 'g1', 'currentGarden')
    old.close()
    database = await openDatabase()
    expect(await stored()).toEqual({
      garden: { ...garden, records: [...records].reverse() },
      revision: 7,
      history: { steps: [], done: 0 },
    })
    expect(await currentGardenId(database)).toBe('g1')
  })
})

describe('a garden that an earlier version has stored', () => {
  const FIRST = { steps: [{ number: 1, label: { code: 'change.shelf' } }], done: 1 }
  /** As version 7 had it: what is at hand stood beside the records. */
  async function storeSeventh() {
    await addGarden(database, garden)
    const row = (await database.get('gardens', 'g1'))!
    const shelf = [{ productId: 'boneMeal', massG: 600, countedAt: '2026-04-01T10:00' }]
    const document = { ...row.document, version: 7, shelf, stockL: {} } as unknown
    await database.put('gardens', { ...row, document, history: FIRST } as typeof row)
    const change = [{ field: 'shelf', at: 0, removed: [], added: shelf }]
    await database.put('changes', { gardenId: 'g1', number: 1, change })
  }
  const counts = async () =>
    (await stored()).garden.records.filter(({ kind }) => kind === 'count').length

  test('keeps what was brought up when something else is changed', async () => {
    await storeSeventh()
    expect(await counts()).toBe(1)
    await rename('New')
    expect((await stored()).garden).toMatchObject({ name: 'New', version: GARDEN_VERSION })
    expect(await counts()).toBe(1)
    expect((await stored()).garden.records).toHaveLength(garden.records.length + 1)
  })
  test('does not take back steps whose fields are gone', async () => {
    await storeSeventh()
    expect((await stored()).history.steps).toEqual([])
    await rename('New')
    expect((await stored()).history.steps).toHaveLength(1)
    await stepGarden(database, await stored(), -1)
    expect((await stored()).garden.name).toBe('Mine')
    expect(await counts()).toBe(1)
  })
})

describe('a garden that is deleted', () => {
  const DAY = '2026-06-18'
  beforeEach(async () => {
    await addGarden(database, garden)
    await rename('Renamed')
    await markDeleted(database, 'g1', DAY)
  })
  test('is neither listed, read nor written to, and comes back whole with its steps', async () => {
    expect(await listGardens(database)).toEqual({
      kept: [],
      deleted: [{ id: 'g1', name: 'Renamed', deletedOn: DAY }],
    })
    expect(await loadGarden(database, 'g1')).toBeUndefined()
    await markDeleted(database, 'g1', undefined)
    const back = await stored()
    expect(back.garden.records).toHaveLength(2)
    expect((await stepGarden(database, back, -1))!.garden.name).toBe('Mine')
  })
  test('is written to by no window that still shows it', async () => {
    await markDeleted(database, 'g1', undefined)
    const seen = await stored()
    await markDeleted(database, 'g1', DAY)
    const edit = changeGarden(database, seen, LABEL, (now) => ({ ...now, name: 'Late' }))
    expect(await edit).toBeUndefined()
  })
  test('makes room for a file of itself', async () => {
    expect(await addGarden(database, { ...garden, name: 'From a file', records: [] })).toBe(true)
    expect((await stored()).garden).toMatchObject({ name: 'From a file', records: [] })
  })
  test('is forgotten after its time, and nothing of it stays', async () => {
    await addGarden(database, { ...garden, id: 'g2' })
    await forgetDeleted(database, DAY)
    expect((await listGardens(database)).deleted).toHaveLength(1)
    await forgetDeleted(database, '2026-06-19')
    expect((await listGardens(database)).deleted).toEqual([])
    const keys = await database.getAllKeys('pages')
    expect(keys.every(([id]) => id === 'g2')).toBe(true)
    expect(keys.length).toBeGreaterThan(0)
  })
})

describe('the connection', () => {
  test('is opened again where it was closed under the page', async () => {
    const { use } = createConnection()
    let first: RimboDatabase | undefined
    await use((database) => {
      first = database
      return addGarden(database, garden)
    })
    first!.close()
    expect((await use(listGardens)).kept).toEqual([{ id: 'g1', name: 'Mine' }])
  })
  test('says plainly where the browser keeps nothing, and begins once it does', async () => {
    const kept = globalThis.indexedDB
    const { use } = createConnection()
    globalThis.indexedDB = undefined as unknown as IDBFactory
    await expect(use(listGardens)).rejects.toEqual(new StorageError('missing'))
    globalThis.indexedDB = {
      open: () => {
        throw new DOMException('denied', 'SecurityError')
      },
    } as unknown as IDBFactory
    await expect(use(listGardens)).rejects.toMatchObject({ code: 'blocked', detail: 'denied' })
    globalThis.indexedDB = kept
    expect((await use(listGardens)).kept).toEqual([])
  })
  test('that of a later program is left as it is', async () => {
    globalThis.indexedDB = new IDBFactory()
    ;(await openDB('rimbo', 99)).close()
    const { use } = createConnection()
    await expect(use(listGardens)).rejects.toMatchObject({ code: 'later' })
  })
})

test('pictures that nothing speaks of go the day after; those of a record, the bin or a change that can be undone stay', async () => {
  const picture = (photoId: string) => ({ photoId, picture: new Blob([photoId]) })
  const photo = (photoId: string): GardenRecord => ({
    id: `of ${photoId}`,
    at: '2026-06-01T07:30',
    kind: 'photo',
    photoId,
    widthPx: 1,
    heightPx: 1,
    bytes: 1,
  })
  const withPhotos: Garden = {
    ...garden,
    records: [photo('seen'), photo('undone')],
    bin: [{ record: photo('binned'), deletedAt: '2026-06-02T07:30' }],
  }
  await addGarden(database, withPhotos)
  const ids = ['seen', 'undone', 'binned', 'nobody']
  await keepPhotos(database, 'g1', ids.map(picture), '2026-06-01')
  await keepPhotos(database, 'g1', [picture('fresh')], '2026-06-02')
  await changeGarden(database, await stored(), LABEL, (before) =>
    produce(before, (draft) => {
      draft.records = draft.records.filter(({ id }) => id !== 'of undone')
    }),
  )
  const { garden: now } = await stored()
  expect(await clearPhotos(database, now, '2026-06-02')).toEqual(['nobody'])
  expect(await photoIdsOf(database, 'g1')).toEqual(['binned', 'fresh', 'seen', 'undone'])
})
