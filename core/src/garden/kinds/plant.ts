import { z } from 'zod'
import { open } from '../../units'
import { everyRecord, ofPlanting, ofVariety } from './common'

/** Plants went into the container in which they stay. */
export const plant = {
  schema: open({
    ...everyRecord,
    ...ofPlanting,
    kind: z.literal('plant'),
    ...ofVariety,
    /** Of the stem, how much went below the mix. */
    buriedMm: z.number().min(0).max(600).optional(),
    isLaidSideways: z.boolean().optional(),
    wasRootBound: z.boolean().optional(),
  }),
}
