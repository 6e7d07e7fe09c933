import { z } from 'zod'
import { open } from '../../units'
import { supports } from './choices'
import { detailOf, everyRecord, ofPlanting } from './common'

/** Something to hold the plants up was put in. */
export const support = {
  schema: open({
    ...everyRecord,
    ...ofPlanting,
    kind: z.literal('support'),
    support: z.enum(supports),
    /** Above the mix. */
    heightMm: z.number().min(50).max(6000),
  }),
  detail: detailOf('support'),
}
