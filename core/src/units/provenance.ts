import type { Params } from './inputError'

/**
 * Where a value comes from: `published` with its source; `practice`, common
 * among gardeners, with no source; `memory`, a typical value recalled;
 * `measured`, by this gardener; `demo`, invented.
 */
export type Mark = 'published' | 'practice' | 'memory' | 'measured' | 'demo'

export interface Provenance {
  readonly mark: Mark
  readonly source?: string
}

export const practice: Provenance = { mark: 'practice' }
export const memory: Provenance = { mark: 'memory' }
/** Where a fact was published: author, year, journal or book, page. */
export const published = (source: string): Provenance => ({ mark: 'published', source })

/** One step of a "why": a code for the words, the numbers in it, and its mark. */
export interface Reason {
  readonly code: string
  readonly params: Params
  readonly provenance?: Provenance
}

/** A step of a “why?”. */
export const reason = (code: string, params: Params = {}, provenance?: Provenance): Reason =>
  provenance ? { code, params, provenance } : { code, params }
