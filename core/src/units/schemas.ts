import { z } from 'zod'
import { customIssue } from './inputError'
import { isDate, isDateTime } from './date'

/**
 * An object that keeps fields it does not know, so that a file written by a
 * later program survives a round trip through this one, while the code here
 * sees only the fields it knows.
 */
export function open<T extends z.ZodRawShape>(shape: T): z.ZodObject<T> {
  return z.looseObject(shape)
}

/** Earliest and latest date that a garden record may carry. */
export const dateRange = { earliest: '2000-01-01', latest: '2100-12-31' } as const

const inRange = (date: string) => date >= dateRange.earliest && date <= `${dateRange.latest}T24`

/** Asked of every record that is read: `check` has less to do for each than `superRefine`. */
const dated = (isReal: (given: string) => boolean) =>
  z.string().check(({ value: given, issues }) => {
    if (isReal(given) && inRange(given)) return
    const issue = isReal(given)
      ? customIssue('dateOutOfRange', [], { given, ...dateRange })
      : customIssue('badDate', [], { given })
    issues.push({ ...issue, input: given })
  })

/** A calendar day, `YYYY-MM-DD`. */
export const dateSchema = dated(isDate)

/** A moment on the gardener's own clock, `YYYY-MM-DDTHH:mm`. */
export const dateTimeSchema = dated(isDateTime)

/** A day of any year, `MM-DD`. */
export const monthDaySchema = z.string().superRefine((given, context) => {
  // A year without a 29 February: a date that comes every year.
  if (!isDate(`2025-${given}`)) context.addIssue(customIssue('badMonthDay', [], { given }))
})

export const idSchema = z.string().min(1).max(64)
/** A user's own words: always text, never markup. */
export const textSchema = z.string().max(2000)
export const nameSchema = z.string().trim().min(1).max(80)
/** A share, 0–1. */
export const shareSchema = z.number().min(0).max(1)
