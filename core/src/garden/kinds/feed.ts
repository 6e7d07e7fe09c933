import { z } from 'zod'
import { idSchema, open } from '../../units'
import { everyRecord, massGSchema, volumeLSchema } from './common'

/** A feed was given; `volumeL` is the water it was dissolved in, where it was. */
export const feed = {
  schema: open({
    ...everyRecord,
    kind: z.literal('feed'),
    productId: idSchema,
    massG: massGSchema.optional(),
    volumeL: volumeLSchema.optional(),
  }),
}
