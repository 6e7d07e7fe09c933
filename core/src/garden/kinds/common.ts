import { z } from 'zod'
import { dateTimeSchema, idSchema, textSchema } from '../../units'

/** What every record has, of whatever kind. */
export const everyRecord = {
  id: idSchema,
  /** When it was done, on the gardener's clock. */
  at: dateTimeSchema,
  /** Left out where it concerns no container, such as sowing in trays. */
  containerId: idSchema.optional(),
  note: textSchema.optional(),
}

/** Which of several plantings in one container; all of them where left out. */
export const ofPlanting = { plantingId: idSchema.optional() }

/** How many plants of which variety. */
export const ofVariety = { varietyId: idSchema, count: z.number().int().positive().max(10_000) }

export const volumeLSchema = z.number().positive().max(200)
export const massGSchema = z.number().positive().max(100_000)

/**
 * Fields that stand as words in one column of the CSV, `detail`, each told apart by
 * its own words: no two of a kind share one.
 */
export interface Detail {
  readonly fields: readonly string[]
  /** How several are put together: `{feel} at {knuckle} knuckle`. */
  readonly text: string
}

/** A detail of one field alone, as it is in the file. */
export const detailOf = (field: string): Detail => ({ fields: [field], text: `{${field}}` })

/** What is said of a kind of record in one place: from it its CSV, its filter and the file's schema follow. */
export interface RecordKindRules {
  readonly schema: z.ZodObject
  readonly detail?: Detail
}
