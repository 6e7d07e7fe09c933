import { GARDEN_VERSION } from '@rimbo/core'

/** Why nothing can be stored, or something was not. */
export type StorageTrouble = 'missing' | 'blocked' | 'later' | 'full' | 'failed' | 'gone'

/** The browser does not keep what it is given. It carries a code only; the words are the interface's. */
export class StorageError extends Error {
  override readonly name = 'StorageError'
  constructor(
    readonly code: StorageTrouble,
    readonly detail: string = '',
  ) {
    super(`${code} ${detail}`)
  }
}

/** A garden was stored by a later program: it is not written to, for fear of losing what is not known here. */
export class LaterGardenError extends Error {
  override readonly name = 'LaterGardenError'
  constructor(
    readonly gardenId: string,
    readonly given: number,
  ) {
    super(`Garden of version ${given}, known up to ${GARDEN_VERSION}`)
  }
}
