import { beforeEach, describe, expect, test } from '@jest/globals'
import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { emptyGarden, type Garden, type GardenRecord } from '@rimbo/core'
import { openDatabase, type RimboDatabase } from './database'
import {
  currentGardenId,
  listGardens,
  loadGarden,
  rememberCurrent,
  saveGarden,
  StaleGardenError,
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

let database: RimboDatabase
beforeEach(async () => {
  globalThis.indexedDB = new IDBFactory()
  database = await openDatabase()
})
const stored = async () => (await loadGarden(database, 'g1'))!

describe('the repository', () => {
  test('gives back what was saved, records in order of time', async () => {
    expect(await saveGarden(database, undefined, garden)).toBe(1)
    const { garden: read, revision } = await stored()
    expect(revision).toBe(1)
    expect(read.records.map((record) => record.id)).toEqual(['a', 'b'])
    expect({ ...read, records: [] }).toEqual({ ...garden, records: [] })
    expect(await loadGarden(database, 'other')).toBeUndefined()
  })

  test('a saved change is there for a connection opened afterwards', async () => {
    await saveGarden(database, undefined, garden)
    const before = await stored()
    const added = [...before.garden.records, watering('c', '2026-06-03T07:30')]
    await saveGarden(database, before, { ...before.garden, records: added.slice(1) })
    database.close()
    database = await openDatabase()
    expect((await stored()).garden.records.map((record) => record.id)).toEqual(['b', 'c'])
  })

  test('only what changed is written: an untouched record keeps its row', async () => {
    await saveGarden(database, undefined, garden)
    const before = await stored()
    // A row put in behind the repository's back is not overwritten by an unrelated change.
    const foreign = watering('a', '2026-06-01T09:00')
    await database.put('records', { gardenId: 'g1', record: foreign })
    await saveGarden(database, before, { ...before.garden, name: 'Ours' })
    expect((await stored()).garden.records[0]).toEqual(foreign)
    expect((await stored()).garden.name).toBe('Ours')
  })

  test('of two tabs the later one is told, and nothing of it is written', async () => {
    await saveGarden(database, undefined, garden)
    const seenByBoth = await stored()
    await saveGarden(database, seenByBoth, { ...seenByBoth.garden, name: 'First' })
    const second = saveGarden(database, seenByBoth, {
      ...seenByBoth.garden,
      name: 'Second',
      records: [],
    })
    await expect(second).rejects.toThrow(StaleGardenError)
    expect((await stored()).garden.name).toBe('First')
    expect((await stored()).garden.records).toHaveLength(2)
  })

  test('gardens do not mix, and the one open last is remembered', async () => {
    await saveGarden(database, undefined, garden)
    await saveGarden(database, undefined, { ...garden, id: 'g2', name: 'Hers', records: [] })
    await rememberCurrent(database, 'g2')
    expect(await currentGardenId(database)).toBe('g2')
    expect(await listGardens(database)).toEqual([
      { id: 'g1', name: 'Mine' },
      { id: 'g2', name: 'Hers' },
    ])
    expect((await stored()).garden.records).toHaveLength(2)
  })
})
