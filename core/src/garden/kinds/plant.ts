import { z } from 'zod'
import { open } from '../../units'
import { everyRecord, ofVariety } from './common'

/** Plants went into the container in which they stay. */
export const plant = {
  schema: open({ ...everyRecord, kind: z.literal('plant'), ...ofVariety }),
}
