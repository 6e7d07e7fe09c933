import { z } from 'zod'
import { standingSchema } from '../../container'
import { idSchema, open } from '../../units'
import { everyRecord } from './common'

/** The container went somewhere else. */
export const move = {
  schema: open({
    ...everyRecord,
    kind: z.literal('move'),
    spaceId: idSchema,
    /** Its middle on the plan of that space; left out where it has no place on it yet. */
    standing: standingSchema.optional(),
    /** Under a roof, behind a window, out of wind, rain and frost. */
    isIndoors: z.boolean().optional(),
  }),
}
