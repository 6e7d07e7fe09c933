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
const STORES = ['gardens', 'pages', 'changes'] as const

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
  return row && gardenIn(transaction, row)
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

/** Writes a garden that stands in the database as an earlier version had it, and nothing of before beside it. */
export async function writeAnew(transaction: Writing, stored: StoredGarden): Promise<void> {
  const ofGarden = IDBKeyRange.bound([stored.garden.id], [stored.garden.id, []])
  await Promise.all([
    transaction.objectStore('pages').delete(ofGarden),
    transaction.objectStore('changes').delete(ofGarden),
  ])
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
    if (await transaction.objectStore('gardens').getKey(garden.id)) return false
    await write(transaction, { garden, revision: 1, history: NO_HISTORY }, allPages(garden))
    return true
  })

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
