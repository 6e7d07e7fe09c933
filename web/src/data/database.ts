import { openDB, type DBSchema, type IDBPDatabase, type IDBPTransaction } from 'idb'
import type { DailyWeather, Garden, GardenChange, GardenRecord } from '@rimbo/core'
import { pagesOf, type LongList } from './pages'

/** A garden without its long lists, which are kept in pages of their own. */
export type GardenDocument = Omit<Garden, 'records' | 'weather'>

/** What a change is called where it can be undone: a message code and its parameters. */
export interface ChangeLabel {
  readonly code: string
  readonly params?: Record<string, string | number>
}

/** The steps that can be taken back or done again. */
export interface GardenHistory {
  readonly steps: readonly { readonly number: number; readonly label: ChangeLabel }[]
  /** So many of them are done; the others were undone. */
  readonly done: number
}

export interface GardenRow {
  readonly id: string
  /** Goes up by one with each saved change, so that two tabs notice each other. */
  readonly revision: number
  readonly document: GardenDocument
  /** Missing where the garden was written before there was any. */
  readonly history?: GardenHistory
  /** Day on which it was deleted; it can be brought back for a while. */
  readonly deletedOn?: string
}

/** A stretch of one of the long lists. */
export interface PageRow {
  readonly gardenId: string
  readonly field: LongList
  /** What its things have in common: the day of records, the year of weather. */
  readonly page: string
  readonly items: readonly unknown[]
}

export interface RimboSchema extends DBSchema {
  gardens: { key: string; value: GardenRow }
  pages: { key: [gardenId: string, field: LongList, page: string]; value: PageRow }
  changes: {
    key: [gardenId: string, number: number]
    value: { gardenId: string; number: number; change: GardenChange }
  }
  /** Pictures, as they are shown; their records are in the garden. */
  photos: {
    key: [gardenId: string, photoId: string]
    value: { gardenId: string; photoId: string; picture: Blob; keptOn?: string }
  }
  /** Which garden was open, and of each what this device knows of its files. */
  meta: { key: string; value: string | FileSystemFileHandle }
}
export type RimboDatabase = IDBPDatabase<RimboSchema>

/** Until version 2 each record and each day was a row of its own, which was slow for many. */
interface RowsSchema extends DBSchema {
  records: { key: [string, string]; value: { gardenId: string; record: GardenRecord } }
  weather: { key: [string, string]; value: { gardenId: string; day: DailyWeather } }
}

const NAME = 'rimbo'
const VERSION = 3

type Upgrade = IDBPTransaction<
  RimboSchema,
  ('gardens' | 'pages' | 'changes' | 'photos' | 'meta')[],
  'versionchange'
>

/** What the rows of each garden held, by its id. */
function held<T extends { gardenId: string }, U>(rows: readonly T[], itemOf: (row: T) => U) {
  const byGarden = new Map<string, U[]>()
  for (const row of rows) {
    const list = byGarden.get(row.gardenId) ?? []
    list.push(itemOf(row))
    byGarden.set(row.gardenId, list)
  }
  return [...byGarden]
}

/** Moves what stood in rows into pages. */
async function rowsToPages(database: RimboDatabase, transaction: Upgrade): Promise<void> {
  const old = transaction as unknown as IDBPTransaction<
    RowsSchema,
    ('records' | 'weather')[],
    'versionchange'
  >
  const records = held(await old.objectStore('records').getAll(), ({ record }) => record)
  const weather = held(await old.objectStore('weather').getAll(), ({ day }) => day)
  const pages = transaction.objectStore('pages')
  const keep =
    (field: LongList) =>
    ([gardenId, list]: [string, readonly unknown[]]) =>
      [...pagesOf(field, list)].map(([page, items]) => pages.put({ gardenId, field, page, items }))
  await Promise.all([...records.flatMap(keep('records')), ...weather.flatMap(keep('weather'))])
  const rows = database as unknown as IDBPDatabase<RowsSchema>
  rows.deleteObjectStore('records')
  rows.deleteObjectStore('weather')
}

/**
 * Opens the database, and brings an older one up to this program's.
 *
 * @param lost  told when the connection is no more, closed by the browser or for a newer tab
 * @param waits told when another tab has to close first
 */
export function openDatabase(lost?: () => void, waits?: () => void): Promise<RimboDatabase> {
  return openDB<RimboSchema>(NAME, VERSION, {
    upgrade(database, from, _to, transaction) {
      if (from < 1) {
        database.createObjectStore('gardens', { keyPath: 'id' })
        database.createObjectStore('meta')
      }
      database.createObjectStore('photos', { keyPath: ['gardenId', 'photoId'] })
      if (from >= 2) return
      database.createObjectStore('pages', { keyPath: ['gardenId', 'field', 'page'] })
      database.createObjectStore('changes', { keyPath: ['gardenId', 'number'] })
      if (from < 1) return
      // Whole or not at all: where it fails the database stays as it was.
      rowsToPages(database, transaction).catch(() => transaction.abort())
    },
    // A newer tab may want to upgrade: let it.
    blocking: (_current, _blocked, event) => {
      ;(event.target as IDBDatabase).close()
      lost?.()
    },
    blocked: () => waits?.(),
    terminated: () => lost?.(),
  })
}
