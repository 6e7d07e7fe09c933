import { GARDEN_VERSION, migrated, type Garden } from '@rimbo/core'
import type {
  GardenDocument,
  GardenHistory,
  GardenRow,
  RimboDatabase,
  RimboSchema,
} from './database'
import { pagesOf, type LongList } from './pages'
import { LaterGardenError } from './trouble'
import type { IDBPTransaction } from 'idb'

export interface StoredGarden {
  readonly garden: Garden
  readonly revision: number
  readonly history: GardenHistory
  /** It is stored as an earlier version had it: its next change writes all of it anew. */
  readonly isOlder?: boolean
}

const CURRENT = 'currentGarden'
export const LONG_LISTS: readonly LongList[] = ['records', 'weather']
const NO_HISTORY: GardenHistory = { steps: [], done: 0 }
const STORES = ['gardens', 'pages', 'changes', 'photos'] as const

export type Writing = IDBPTransaction<RimboSchema, (typeof STORES)[number][], 'readwrite'>
type Reading = IDBPTransaction<RimboSchema, (typeof STORES)[number][], 'readonly' | 'readwrite'>

function documentOf(garden: Garden): GardenDocument {
  const { records: _records, weather: _weather, ...document } = garden
  return document
}
export const versionIn = ({ document }: GardenRow): number =>
  (document as { version: number }).version

const pagesRange = (id: string, field: LongList) => IDBKeyRange.bound([id, field], [id, field, []])
async function listIn(transaction: Reading, id: string, field: LongList): Promise<unknown[]> {
  const pages = await transaction.objectStore('pages').getAll(pagesRange(id, field))
  return pages.flatMap(({ items }) => items)
}

/** A garden as it stands in the database, of whatever version. */
async function documentIn(transaction: Reading, row: GardenRow): Promise<Record<string, unknown>> {
  const [records, weather] = await Promise.all(
    LONG_LISTS.map((field) => listIn(transaction, row.id, field)),
  )
  return { ...row.document, records, weather }
}

/** @throws LaterGardenError */
export async function gardenIn(transaction: Reading, row: GardenRow): Promise<StoredGarden> {
  if (versionIn(row) > GARDEN_VERSION) throw new LaterGardenError(row.id, versionIn(row))
  const garden = migrated(await documentIn(transaction, row)) as unknown as Garden
  const { revision, history = NO_HISTORY } = row
  // Steps made in an earlier version name fields that may be gone: they are not taken back any more.
  return versionIn(row) < GARDEN_VERSION
    ? { garden, revision, history: NO_HISTORY, isOlder: true }
    : { garden, revision, history }
}

/**
 * Reads a garden whole, or undefined where there is none of that id.
 *
 * @throws LaterGardenError
 */
export async function loadGarden(
  database: RimboDatabase,
  id: string,
): Promise<StoredGarden | undefined> {
  const transaction = database.transaction(STORES)
  const row = await transaction.objectStore('gardens').get(id)
  return row && !row.deletedOn ? gardenIn(transaction, row) : undefined
}

/** A garden as it is stored, of whatever version, to be taken out of the browser as it is. */
export async function storedDocument(
  database: RimboDatabase,
  id: string,
): Promise<Record<string, unknown> | undefined> {
  const transaction = database.transaction(STORES)
  const row = await transaction.objectStore('gardens').get(id)
  return row && documentIn(transaction, row)
}

/** A page as it is to be; one without anything on it goes. */
export interface PageWritten {
  readonly field: LongList
  readonly page: string
  readonly items: readonly unknown[]
}

/** All pages of a garden. */
const allPages = (garden: Garden): PageWritten[] =>
  LONG_LISTS.flatMap((field) =>
    [...pagesOf(field, garden[field])].map(([page, items]) => ({ field, page, items })),
  )

async function deletePages(transaction: Writing, id: string): Promise<void> {
  const ofGarden = IDBKeyRange.bound([id], [id, []])
  await Promise.all([
    transaction.objectStore('pages').delete(ofGarden),
    transaction.objectStore('changes').delete(ofGarden),
  ])
}

/** Writes a garden that stands in the database as an earlier version had it, and nothing of before beside it. */
export async function writeAnew(transaction: Writing, stored: StoredGarden): Promise<void> {
  await deletePages(transaction, stored.garden.id)
  await write(transaction, stored, allPages(stored.garden))
}

/** Writes a garden with its history, and the pages that are not as they were. */
export async function write(
  transaction: Writing,
  { garden, revision, history }: StoredGarden,
  pages: readonly PageWritten[],
): Promise<void> {
  const { id: gardenId } = garden
  const store = transaction.objectStore('pages')
  await Promise.all<unknown>([
    transaction
      .objectStore('gardens')
      .put({ id: gardenId, revision, document: documentOf(garden), history }),
    ...pages.map(({ field, page, items }) =>
      items.length
        ? store.put({ gardenId, field, page, items })
        : store.delete([gardenId, field, page]),
    ),
  ])
}

/** Runs a piece of work within one writing transaction: all of it is kept, or nothing. */
export async function inOneTransaction<T>(
  database: RimboDatabase,
  work: (transaction: Writing) => Promise<T>,
): Promise<T> {
  const transaction: Writing = database.transaction([...STORES], 'readwrite', {
    durability: 'strict',
  })
  // Whoever awaits the work is told; the transaction's own word of it is not needed.
  transaction.done.catch(() => undefined)
  let result: T
  try {
    result = await work(transaction)
  } catch (error) {
    try {
      transaction.abort()
    } catch {
      // It has ended by itself already.
    }
    throw error
  }
  await transaction.done
  return result
}

/**
 * Stores a garden that is not there yet.
 *
 * @returns false where there is one of that id, which stays as it is
 */
export const addGarden = (database: RimboDatabase, garden: Garden): Promise<boolean> =>
  inOneTransaction(database, async (transaction) => {
    const known = await transaction.objectStore('gardens').get(garden.id)
    if (known && !known.deletedOn) return false
    // One that was deleted makes room for what is read in.
    await writeAnew(transaction, { garden, revision: 1, history: NO_HISTORY })
    return true
  })

export interface GardenSummary {
  readonly id: string
  readonly name: string
}
/** A garden that was deleted, and can be brought back. */
export interface DeletedGarden extends GardenSummary {
  readonly deletedOn: string
}

const summaryOf = ({ id, document }: GardenRow): GardenSummary => ({ id, name: document.name })

/** All gardens, those that were deleted apart. */
export async function listGardens(
  database: RimboDatabase,
): Promise<{ readonly kept: GardenSummary[]; readonly deleted: DeletedGarden[] }> {
  const rows = await database.getAll('gardens')
  return {
    kept: rows.filter(({ deletedOn }) => !deletedOn).map(summaryOf),
    deleted: rows.flatMap((row) =>
      row.deletedOn ? [{ ...summaryOf(row), deletedOn: row.deletedOn }] : [],
    ),
  }
}

/** Marks a garden as deleted on a day, or takes the mark off. */
export const markDeleted = (
  database: RimboDatabase,
  id: string,
  deletedOn: string | undefined,
): Promise<void> =>
  inOneTransaction(database, async (transaction) => {
    const store = transaction.objectStore('gardens')
    const row = await store.get(id)
    if (!row) return
    const { deletedOn: _before, ...kept } = row
    await store.put(deletedOn ? { ...kept, deletedOn } : kept)
  })

/** Forgets for good the gardens that were deleted before a day. */
export const forgetDeleted = (database: RimboDatabase, before: string): Promise<void> =>
  inOneTransaction(database, async (transaction) => {
    const store = transaction.objectStore('gardens')
    const rows = await store.getAll()
    for (const { id, deletedOn } of rows)
      if (deletedOn && deletedOn < before)
        await Promise.all([
          store.delete(id),
          deletePages(transaction, id),
          transaction.objectStore('photos').delete(IDBKeyRange.bound([id], [id, []])),
        ])
  })

/** Which garden was open last. */
export const currentGardenId = (database: RimboDatabase): Promise<string | undefined> =>
  noteOf(database, CURRENT)

export async function rememberCurrent(database: RimboDatabase, id: string): Promise<void> {
  await database.put('meta', id, CURRENT)
}

/** A short text that this device keeps beside the gardens. */
export async function noteOf(database: RimboDatabase, key: string): Promise<string | undefined> {
  const note = await database.get('meta', key)
  return typeof note === 'string' ? note : undefined
}
export async function keepNote(database: RimboDatabase, key: string, note: string): Promise<void> {
  await database.put('meta', note, key)
}

/** The file that a garden is written to with each change, where one was chosen. */
const fileKey = (gardenId: string) => `file:${gardenId}`
export async function keptFile(
  database: RimboDatabase,
  gardenId: string,
): Promise<FileSystemFileHandle | undefined> {
  const file = await database.get('meta', fileKey(gardenId))
  return typeof file === 'string' ? undefined : file
}
export async function chooseKeptFile(
  database: RimboDatabase,
  gardenId: string,
  file: FileSystemFileHandle | undefined,
): Promise<void> {
  if (file) await database.put('meta', file, fileKey(gardenId))
  else await database.delete('meta', fileKey(gardenId))
}
