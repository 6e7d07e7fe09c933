import { z } from 'zod'
import { open } from '../../units'
import { everyRecord } from './common'

/** A soft wall was rolled up or down. */
export const unroll = {
  schema: open({
    ...everyRecord,
    kind: z.literal('unroll'),
    /** How much is still rolled down. */
    rolledMm: z.number().min(0).max(2000),
  }),
}
