import { z } from 'zod'
import { open } from '../../units'
import { everyRecord } from './common'

/** A net or cloth was hung over it, or taken away. */
export const shade = {
  schema: open({
    ...everyRecord,
    kind: z.literal('shade'),
    /** Of the light, what it keeps off, 0–1; 0 where it was taken away. */
    share: z.number().min(0).max(0.95),
  }),
}
