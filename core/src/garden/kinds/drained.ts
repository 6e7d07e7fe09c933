import { z } from 'zod'
import { open } from '../../units'
import { everyRecord } from './common'

/** What drained out of it after a watering was caught and measured. */
export const drained = {
  schema: open({
    ...everyRecord,
    kind: z.literal('drained'),
    volumeL: z.number().min(0).max(200),
  }),
}
