import { z } from 'zod'
import { idSchema, open } from '../../units'
import { everyRecord, fillMmSchema } from './common'

/** The container was emptied and filled anew: another mix, which is new on this day but for its old share. */
export const fill = {
  schema: open({
    ...everyRecord,
    kind: z.literal('fill'),
    recipeId: idSchema,
    /** Height of the mix above the inner floor. */
    fillMm: fillMmSchema,
    /** Of the volume, mix that was used before, 0–1; the rest is fresh. */
    reusedShare: z.number().min(0).max(1).optional(),
    /** Which container the used mix came out of: this one where left out. */
    fromContainerId: idSchema.optional(),
  }),
}
