import { z } from 'zod'
import { open } from '../../units'
import { everyRecord } from './common'

/** Whatever the gardener wants to remember. */
export const note = {
  schema: open({ ...everyRecord, kind: z.literal('note') }),
}
