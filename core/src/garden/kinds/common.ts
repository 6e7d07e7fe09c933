import { z } from 'zod'
import { dateTimeSchema, idSchema, open, textSchema } from '../../units'
import { MOST_EARLIER, MOST_L } from './choices'

/** A record as it stood before somebody changed it. */
const earlierSchema = open({
  changedAt: dateTimeSchema,
  /** All its fields of then but its id. */
  was: z.record(z.string(), z.unknown()),
})

/** What every record has, of whatever kind. */
export const everyRecord = {
  id: idSchema,
  /** When it was done, on the gardener's clock. */
  at: dateTimeSchema,
  /** Left out where it concerns no container, such as sowing in trays. */
  containerId: idSchema.optional(),
  note: textSchema.optional(),
  /** How it stood before it was changed, the oldest first. */
  earlier: z.array(earlierSchema).max(MOST_EARLIER).optional(),
}

/** Which of several plantings in one container; all of them where left out. */
export const ofPlanting = { plantingId: idSchema.optional() }

export const countSchema = z.number().int().positive().max(10_000)
/** How many plants of which variety. */
export const ofVariety = { varietyId: idSchema, count: countSchema }

export const volumeLSchema = z.number().positive().max(MOST_L)

/** Height of the mix above the inner floor. */
export const fillMmSchema = z.number().positive().max(5000)
export const massGSchema = z.number().positive().max(100_000)

/** Fields of a kind that share the CSV's column `detail`, and the text they make there. */
export interface Detail {
  readonly fields: readonly string[]
  /** With a place for each field: `{feel} at {knuckle} knuckle`. */
  readonly text: string
}

/** One field alone, with the value it has in the garden file. */
export const detailOf = (field: string): Detail => ({ fields: [field], text: `{${field}}` })

/** All that core says of a kind of record: its CSV and the schema of the file follow from it. */
export interface RecordKindRules {
  readonly schema: z.ZodObject
  readonly detail?: Detail
}
