import { z } from 'zod'
import { open } from '../../units'
import { everyRecord, volumeLSchema } from './common'

/** Water was poured through to wash salt out. */
export const flush = {
  schema: open({ ...everyRecord, kind: z.literal('flush'), volumeL: volumeLSchema }),
}
