import { z } from 'zod'
import { open } from '../../units'
import { everyRecord, massGSchema } from './common'

/** Fruit was picked: so many, so heavy, or both. */
export const pick = {
  schema: open({
    ...everyRecord,
    kind: z.literal('pick'),
    count: z.number().int().positive().max(10_000).optional(),
    massG: massGSchema.optional(),
  }),
}
