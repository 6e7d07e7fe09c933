import { z } from 'zod'
import { open, textSchema } from '../../units'
import { everyRecord } from './common'

/** The container got its label. */
export const label = {
  schema: open({ ...everyRecord, kind: z.literal('label'), text: textSchema.optional() }),
}
