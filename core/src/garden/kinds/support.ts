import { z } from 'zod'
import { open } from '../../units'
import { detailOf, everyRecord, ofPlanting } from './common'

export const supports = ['stake', 'cage', 'twoCages', 'string', 'net'] as const

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
