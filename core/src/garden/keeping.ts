import { daysBetween } from '../units'
import type { Garden } from './garden'

/** When a garden was last written to a file, and what it held then. */
export interface Exported {
  readonly on: string
  readonly records: number
}

/** What a file does not have yet. */
export interface Unsaved {
  readonly days: number
  readonly records: number
}

/** A browser can lose what it keeps: after so many days or records a copy is worth a minute (our choice). */
const REMIND_AFTER = { days: 14, records: 50 } as const

/**
 * Whether a garden should be written to a file, and what would be lost otherwise. Nothing
 * was done since, nothing is asked.
 *
 * @param last of the last file; for a garden that never was in one, the day it was first seen here and no records
 */
export function exportReminder(
  { records, containers }: Pick<Garden, 'records' | 'containers'>,
  last: Exported,
  today: string,
): Unsaved | undefined {
  const unsaved = Math.max(0, records.length - last.records)
  const days = daysBetween(last.on, today)
  const isOld =
    days > REMIND_AFTER.days && (unsaved > 0 || (!last.records && containers.length > 0))
  return isOld || unsaved > REMIND_AFTER.records ? { days, records: unsaved } : undefined
}
