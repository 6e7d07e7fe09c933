import { openDatabase, type RimboDatabase } from './database'
import { StorageError, type StorageTrouble } from './trouble'

/** A browser that has just woken, or another tab that is closing, needs a moment, ms. */
const WAITS_MS = [0, 60, 250, 1000]
const after = (waitMs: number) => new Promise((resolve) => setTimeout(resolve, waitMs))

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
    for (const waitMs of WAITS_MS) {
      await after(waitMs)
      try {
        return await openDatabase(forget, waits)
      } catch (error) {
        const isLast = waitMs === WAITS_MS.at(-1)
        if (isLast || nameOf(error) === 'VersionError') throw troubleIn(error, 'blocked')
      }
    }
    throw new StorageError('blocked')
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
    for (const waitMs of WAITS_MS) {
      await after(waitMs)
      const database = await connected()
      try {
        return await work(database)
      } catch (error) {
        if (isEnded || !isClosed(error)) throw troubleIn(error, 'failed')
        forget()
      }
    }
    throw new StorageError('failed')
  }

  async function end(): Promise<void> {
    isEnded = true
    const database = await opening?.catch(() => undefined)
    database?.close()
  }
  return { use, end }
}
