import { z } from 'zod'
import { open } from '../../units'
import { countSchema, everyRecord, massGSchema } from './common'

/** Fruit was picked: so many, so heavy, or both. */
export const pick = {
  schema: open({
    ...everyRecord,
    kind: z.literal('pick'),
    count: countSchema.optional(),
    massG: massGSchema.optional(),
  }),
}
