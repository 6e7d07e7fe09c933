import { z } from 'zod'
import { idSchema, open } from '../../units'
import { detailOf, everyRecord } from './common'

export const removals = ['cropOver', 'frost', 'disease', 'failed', 'moved'] as const

/** Plants came out of their container. */
export const remove = {
  schema: open({
    ...everyRecord,
    kind: z.literal('remove'),
    plantingId: idSchema,
    why: z.enum(removals),
    /** Where they went, if they went on growing in another container. */
    movedTo: idSchema.optional(),
  }),
  detail: detailOf('why'),
}
