import { z } from 'zod'
import { idSchema, open } from '../../units'
import { everyRecord } from './common'

/** Something was sprayed. */
export const spray = {
  schema: open({
    ...everyRecord,
    kind: z.literal('spray'),
    productId: idSchema.optional(),
    /** Days from spraying to picking, as its label says. */
    intervalDays: z.number().int().min(0).max(365).optional(),
  }),
}
