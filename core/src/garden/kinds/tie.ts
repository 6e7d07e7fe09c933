import { z } from 'zod'
import { open } from '../../units'
import { countSchema, everyRecord } from './common'

/** Stems were tied to what holds them up. */
export const tie = {
  schema: open({
    ...everyRecord,
    kind: z.literal('tie'),
    /** Ties that were taken for it. */
    count: countSchema.optional(),
  }),
}
