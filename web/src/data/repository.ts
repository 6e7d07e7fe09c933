import { migrated, type Garden } from '@rimbo/core'
import type { GardenDocument, RimboDatabase } from './database'

export interface StoredGarden {
  readonly garden: Garden
  readonly revision: number
}

/** Another tab has saved since this one last read: read again before writing. */
export class StaleGardenError extends Error {
  override readonly name = 'StaleGardenError'
}

const CURRENT = 'currentGarden'

function documentOf(garden: Garden): GardenDocument {
  const { records: _records, weather: _weather, ...document } = garden
  return document
}

/** What has to be written and what removed to come from one list to another, by key. */
function changes<T>(before: readonly T[], after: readonly T[], keyOf: (item: T) => string) {
  if (before === after) return { written: [], removed: [] }
  const old = new Map(before.map((item) => [keyOf(item), item]))
  const written = after.filter((item) => old.get(keyOf(item)) !== item)
  const kept = new Set(after.map(keyOf))
  return { written, removed: [...old.keys()].filter((key) => !kept.has(key)) }
}

/** Reads a garden whole, or undefined where there is none of that id. */
export async function loadGarden(
  database: RimboDatabase,
  id: string,
): Promise<StoredGarden | undefined> {
  const transaction = database.transaction(['gardens', 'records', 'weather'])
  const [row, records, weather] = await Promise.all([
    transaction.objectStore('gardens').get(id),
    transaction
      .objectStore('records')
      .index('byDate')
      .getAll(IDBKeyRange.bound([id], [id, []])),
    transaction.objectStore('weather').index('byGarden').getAll(id),
  ])
  await transaction.done
  if (!row) return undefined
  const garden = {
    // A garden of an earlier version is brought up to this one, and written so with its next change.
    ...migrated({ ...row.document }),
    records: records.map((one) => one.record),
    weather: weather.map((one) => one.day),
  } as unknown as Garden
  return { garden, revision: row.revision }
}

/**
 * Writes what has changed in one transaction. When the promise resolves, it is
 * committed and flushed.
 *
 * @param before the garden as last read or written; undefined for a new one
 * @returns the new revision
 * @throws StaleGardenError where another tab has written in between
 */
export async function saveGarden(
  database: RimboDatabase,
  before: StoredGarden | undefined,
  garden: Garden,
): Promise<number> {
  const transaction = database.transaction(['gardens', 'records', 'weather'], 'readwrite', {
    durability: 'strict',
  })
  const gardens = transaction.objectStore('gardens')
  const stored = await gardens.get(garden.id)
  if (stored?.revision !== before?.revision) {
    transaction.abort()
    await transaction.done.catch(() => undefined)
    throw new StaleGardenError()
  }
  const revision = (stored?.revision ?? 0) + 1
  const records = changes(before?.garden.records ?? [], garden.records, (record) => record.id)
  const weather = changes(before?.garden.weather ?? [], garden.weather, (day) => day.date)
  const gardenId = garden.id
  const recordStore = transaction.objectStore('records')
  const weatherStore = transaction.objectStore('weather')
  await Promise.all([
    gardens.put({ id: gardenId, revision, document: documentOf(garden) }),
    ...records.written.map((record) => recordStore.put({ gardenId, record })),
    ...records.removed.map((id) => recordStore.delete([gardenId, id])),
    ...weather.written.map((day) => weatherStore.put({ gardenId, day })),
    ...weather.removed.map((date) => weatherStore.delete([gardenId, date])),
  ])
  await transaction.done
  return revision
}

export interface GardenSummary {
  readonly id: string
  readonly name: string
}

export async function listGardens(database: RimboDatabase): Promise<readonly GardenSummary[]> {
  const rows = await database.getAll('gardens')
  return rows.map(({ id, document }) => ({ id, name: document.name }))
}

/** Which garden was open last. */
export const currentGardenId = (database: RimboDatabase): Promise<string | undefined> =>
  database.get('meta', CURRENT)

export async function rememberCurrent(database: RimboDatabase, id: string): Promise<void> {
  await database.put('meta', id, CURRENT)
}
