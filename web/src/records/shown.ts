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

/** What the interface says of one record of a kind, and its mark; what the kind is called stands among the words. */
export interface KindShown<K extends RecordKind> {
  /** What one of them says beside its name. */
  readonly told: (record: RecordOf<K>, say: Say) => string
  readonly mark: Mark
}
