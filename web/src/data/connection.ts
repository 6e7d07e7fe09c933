import { tried } from '../tried'
import { openDatabase, type RimboDatabase } from './database'
import { StorageError, type StorageTrouble } from './trouble'

/** A browser that has just woken, or another tab that is closing, needs a moment, ms. */
const WAITS_MS = [60, 250, 1000]

const nameOf = (error: unknown) => (error as { readonly name?: unknown } | undefined)?.name

/** Nothing was begun: the connection was closed under the page. */
const isClosed = (error: unknown) => nameOf(error) === 'InvalidStateError'

function troubleIn(error: unknown, usual: StorageTrouble): Error {
  // Errors of our own say what they are.
  if (!(error instanceof DOMException)) return error as Error
  if (error.name === 'VersionError') return new StorageError('later')
  if (error.name === 'QuotaExceededError') return new StorageError('full')
  return new StorageError(usual, error.message || error.name)
}

/** The one way to the database: opened when it is needed, and again where it was closed. */
export function createConnection(waits?: () => void) {
  let opening: Promise<RimboDatabase> | undefined
  let isEnded = false

  async function opened(): Promise<RimboDatabase> {
    if (!globalThis.indexedDB) throw new StorageError('missing')
    try {
      const isEarlier = (error: unknown) => nameOf(error) !== 'VersionError'
      return await tried(() => openDatabase(forget, waits), WAITS_MS, isEarlier)
    } catch (error) {
      throw troubleIn(error, 'blocked')
    }
  }
  function forget(): void {
    opening = undefined
  }
  function connected(): Promise<RimboDatabase> {
    opening ??= opened().catch((error: unknown) => {
      forget()
      throw error
    })
    return opening
  }

  /**
   * Does a piece of work with the database. Where the connection turns out to be
   * closed it is opened again; nothing had been begun.
   *
   * @throws StorageError, and whatever the work throws
   */
  async function use<T>(work: (database: RimboDatabase) => Promise<T>): Promise<T> {
    const isReopened = (error: unknown) => {
      if (isClosed(error)) forget()
      return !isEnded && isClosed(error)
    }
    try {
      return await tried(async () => work(await connected()), WAITS_MS, isReopened)
    } catch (error) {
      throw troubleIn(error, 'failed')
    }
  }

  async function end(): Promise<void> {
    isEnded = true
    const database = await opening?.catch(() => undefined)
    database?.close()
  }
  return { use, end }
}
