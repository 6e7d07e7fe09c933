import { z } from 'zod'
import { idSchema, open } from '../../units'
import { everyRecord, massGSchema, volumeLSchema } from './common'

/** A used mix was made ready for another season and stays in its container. */
export const recharge = {
  schema: open({
    ...everyRecord,
    kind: z.literal('recharge'),
    /** Worked in, with what settled made up by it. */
    compostL: volumeLSchema.optional(),
    products: z
      .array(open({ productId: idSchema, massG: massGSchema }))
      .max(12)
      .optional(),
  }),
}
