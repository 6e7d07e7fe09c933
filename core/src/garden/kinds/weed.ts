import { z } from 'zod'
import { open } from '../../units'
import { everyRecord } from './common'

/** Weeds were pulled. */
export const weed = {
  schema: open({ ...everyRecord, kind: z.literal('weed') }),
}
