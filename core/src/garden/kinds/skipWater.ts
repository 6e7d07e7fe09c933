import { z } from 'zod'
import { open } from '../../units'
import { detailOf, everyRecord } from './common'

export const skipReasons = ['rain', 'stillWet', 'noTime'] as const

/** Water was due and was not given. */
export const skipWater = {
  schema: open({ ...everyRecord, kind: z.literal('skipWater'), reason: z.enum(skipReasons) }),
  detail: detailOf('reason'),
}
