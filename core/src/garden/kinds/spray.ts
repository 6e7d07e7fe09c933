import { z } from 'zod'
import { idSchema, open } from '../../units'
import { everyRecord, massGSchema, volumeLSchema } from './common'

/** Something was sprayed. */
export const spray = {
  schema: open({
    ...everyRecord,
    kind: z.literal('spray'),
    productId: idSchema.optional(),
    /** Of the product itself, not of the water it was stirred into. */
    massG: massGSchema.optional(),
    volumeL: volumeLSchema.optional(),
    /** Days from spraying to picking, as its label says. */
    intervalDays: z.number().int().min(0).max(365).optional(),
  }),
}
