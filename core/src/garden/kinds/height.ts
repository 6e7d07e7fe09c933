import { z } from 'zod'
import { open } from '../../units'
import { everyRecord, ofPlanting } from './common'

/** A plant was measured from the mix to its tip. */
export const height = {
  schema: open({
    ...everyRecord,
    ...ofPlanting,
    kind: z.literal('height'),
    heightMm: z.number().min(10).max(6000),
  }),
}
