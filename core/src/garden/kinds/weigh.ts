import { z } from 'zod'
import { open } from '../../units'
import { everyRecord } from './common'

/** The container with all in it, on a scale. */
export const weigh = {
  schema: open({
    ...everyRecord,
    kind: z.literal('weigh'),
    massKg: z.number().positive().max(1000),
  }),
}
