import { z } from 'zod'
import { open } from '../../units'
import { countSchema, everyRecord, massGSchema, ofPlanting } from './common'

/** Fruit was picked: so many, so heavy, or both. */
export const pick = {
  schema: open({
    ...everyRecord,
    ...ofPlanting,
    kind: z.literal('pick'),
    count: countSchema.optional(),
    massG: massGSchema.optional(),
    /** Of that, spoiled and thrown away. */
    wasteG: massGSchema.optional(),
  }),
}
