import {
  changeBetween,
  GARDEN_VERSION,
  inverseOf,
  isListChange,
  migrated,
  requireReadable,
  withChange,
  type Garden,
  type GardenChange,
} from '@rimbo/core'
import type {
  ChangeLabel,
  GardenDocument,
  GardenHistory,
  GardenRow,
  RimboDatabase,
  RimboSchema,
} from './database'
import { pageNames, pagesOf, type LongList } from './pages'
import { LaterGardenError } from './trouble'
import type { IDBPTransaction } from 'idb'

export interface StoredGarden {
  readonly garden: Garden
  readonly revision: number
  readonly history: GardenHistory
}

const CURRENT = 'currentGarden'
const UNDO_DEPTH = 100
const LONG_LISTS: readonly LongList[] = ['records', 'weather']
const NO_HISTORY: GardenHistory = { steps: [], done: 0 }
const STORES = ['gardens', 'pages', 'changes'] as const

type Writing = IDBPTransaction<RimboSchema, (typeof STORES)[number][], 'readwrite'>
type Reading = IDBPTransaction<RimboSchema, (typeof STORES)[number][], 'readonly' | 'readwrite'>

function documentOf(garden: Garden): GardenDocument {
  const { records: _records, weather: _weather, ...document } = garden
  return document
}
const versionIn = ({ document }: GardenRow): number => (document as { version: number }).version

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
async function gardenIn(transaction: Reading, row: GardenRow): Promise<StoredGarden> {
  if (versionIn(row) > GARDEN_VERSION) throw new LaterGardenError(row.id, versionIn(row))
  // A garden of an earlier version is brought up to this one, and written so with its next change.
  const garden = migrated(await documentIn(transaction, row)) as unknown as Garden
  return { garden, revision: row.revision, history: row.history ?? NO_HISTORY }
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

/** Writes the pages on which a change has left its mark. */
function writePages(
  transaction: Writing,
  garden: Garden,
  change: GardenChange,
): Promise<unknown>[] {
  const store = transaction.objectStore('pages')
  return LONG_LISTS.flatMap((field) => {
    const touched = change.flatMap((one) =>
      isListChange(one) && one.field === field ? [...one.removed, ...one.added] : [],
    )
    const names = pageNames(field, touched)
    if (!names.size) return []
    const pages = pagesOf(field, garden[field], names)
    return [...names].map((page): Promise<unknown> => {
      const items = pages.get(page)
      const { id: gardenId } = garden
      return items
        ? store.put({ gardenId, field, page, items })
        : store.delete([gardenId, field, page])
    })
  })
}

async function write(
  transaction: Writing,
  next: StoredGarden,
  change: GardenChange,
): Promise<void> {
  const { garden, revision, history } = next
  const document = documentOf(garden)
  await Promise.all([
    transaction.objectStore('gardens').put({ id: garden.id, revision, document, history }),
    ...writePages(transaction, garden, change),
  ])
}

/** Runs a piece of work within one writing transaction: all of it is kept, or nothing. */
async function inOne<T>(
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
  inOne(database, async (transaction) => {
    if (await transaction.objectStore('gardens').getKey(garden.id)) return false
    const change = changeBetween({ ...garden, records: [], weather: [] }, garden)
    await write(transaction, { garden, revision: 1, history: NO_HISTORY }, change)
    return true
  })

/** The history with one more step: what was undone can be done again no more, the oldest is forgotten. */
function withStep({ steps, done }: GardenHistory, label: ChangeLabel) {
  const kept = steps.slice(0, done)
  const step = { number: (kept.at(-1)?.number ?? 0) + 1, label }
  const next = [...kept, step].slice(-UNDO_DEPTH)
  const forgotten = [...steps.slice(done), ...kept.slice(0, kept.length + 1 - next.length)]
  return { step, forgotten, history: { steps: next, done: next.length } }
}

/** The garden as it is stored now: the one that is known, where nobody has written since. */
async function standing(
  transaction: Writing,
  known: StoredGarden,
): Promise<StoredGarden | undefined> {
  const row = await transaction.objectStore('gardens').get(known.garden.id)
  if (!row) return undefined
  const isKnown = row.revision === known.revision && versionIn(row) <= GARDEN_VERSION
  return isKnown ? known : gardenIn(transaction, row)
}

/**
 * Changes a garden as it is stored now, whoever has written to it since it was
 * read. When the promise resolves, the change is committed and flushed. Writers
 * wait for each other in the database, so none has to try again.
 *
 * @param known the garden as it was last read or written here
 * @param make  gives the garden as it is to be; called once, with what is stored
 * @returns what is stored now, or undefined where the garden has been deleted
 * @throws InputError `refused` where it could not be read back; LaterGardenError
 */
export const changeGarden = (
  database: RimboDatabase,
  known: StoredGarden,
  label: ChangeLabel,
  make: (garden: Garden) => Garden,
): Promise<StoredGarden | undefined> =>
  inOne(database, async (transaction) => {
    const before = await standing(transaction, known)
    if (!before) return undefined
    const garden = make(before.garden)
    const change = changeBetween(before.garden, garden)
    if (!change.length) return before
    requireReadable(before.garden, garden, change)
    const { step, forgotten, history } = withStep(before.history, label)
    const changes = transaction.objectStore('changes')
    const { id: gardenId } = garden
    const next = { garden, revision: before.revision + 1, history }
    await Promise.all(forgotten.map(({ number }) => changes.delete([gardenId, number])))
    await Promise.all([
      write(transaction, next, change),
      changes.put({ gardenId, number: step.number, change }),
    ])
    return next
  })

/**
 * Takes the last step back, or does the next one again. Where somebody else has
 * gone on in the meantime nothing is done: what was to be taken back is not the
 * last any more.
 *
 * @returns what is stored now, or undefined where the garden has been deleted
 */
export const stepGarden = (
  database: RimboDatabase,
  known: StoredGarden,
  by: -1 | 1,
): Promise<StoredGarden | undefined> =>
  inOne(database, async (transaction) => {
    const before = await standing(transaction, known)
    if (before !== known) return before
    const { garden, history, revision } = before
    const step = history.steps[by < 0 ? history.done - 1 : history.done]
    const row = step && (await transaction.objectStore('changes').get([garden.id, step.number]))
    if (!row) return before
    const change = by < 0 ? inverseOf(row.change) : row.change
    const next = {
      garden: withChange(garden, change),
      revision: revision + 1,
      history: { ...history, done: history.done + by },
    }
    await write(transaction, next, change)
    return next
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
