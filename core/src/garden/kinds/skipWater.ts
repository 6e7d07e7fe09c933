import { z } from 'zod'
import { open } from '../../units'
import { skipReasons } from './choices'
import { detailOf, everyRecord } from './common'

/** Water was due and was not given. */
export const skipWater = {
  schema: open({ ...everyRecord, kind: z.literal('skipWater'), reason: z.enum(skipReasons) }),
  detail: detailOf('reason'),
}
