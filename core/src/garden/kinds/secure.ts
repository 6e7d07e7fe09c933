import { z } from 'zod'
import { open } from '../../units'
import { everyRecord } from './common'

/** The container was tied down, or set where wind does not tip it. */
export const secure = {
  schema: open({ ...everyRecord, kind: z.literal('secure') }),
}
