import { z } from 'zod'
import { idSchema, open } from '../../units'
import { everyRecord, fillMmSchema, volumeLSchema } from './common'

/** Mix was added on top of what is there: by the litre, or up to a height. */
export const topUp = {
  schema: open({
    ...everyRecord,
    kind: z.literal('topUp'),
    /** Litres, or the height that the mix came to: one of the two. */
    volumeL: volumeLSchema.optional(),
    fillMm: fillMmSchema.optional(),
    /** The mix that is in the container already where left out. */
    recipeId: idSchema.optional(),
  }),
}
