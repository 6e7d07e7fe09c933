import type { RecordKind, RecordOf } from '@rimbo/core'

/** Words for numbers and names. */
export interface Say {
  readonly t: (key: string, params?: Record<string, unknown>) => string
  readonly volume: (litres: number) => string
  readonly mass: (grams: number) => string
  readonly length: (mm: number) => string
  readonly share: (share: number) => string
  readonly variety: (id: string) => string
  readonly product: (id: string) => string
  /** An ingredient or a feed. */
  readonly item: (id: string) => string
  readonly recipe: (id: string) => string
  readonly space: (id: string) => string
  /** The short name of a pot. */
  readonly pot: (id: string) => string
  readonly number: (value: number) => string
}

/** The mark of a record on a pot's string. */
export type Mark = 'done' | 'skipped' | 'tested' | 'finger' | 'flower' | 'fruit' | 'trouble'

/** All that the interface says of a kind of record, and its mark. */
export interface KindShown<K extends RecordKind> {
  /** In the Book, on a string, and once it was recorded. */
  readonly words: { readonly name: string; readonly onString: string; readonly recorded: string }
  /** What one of them says beside its name. */
  readonly told: (record: RecordOf<K>, say: Say) => string
  readonly mark: Mark
}
