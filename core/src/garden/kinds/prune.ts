import { z } from 'zod'
import { prunings } from '../../plant'
import { open } from '../../units'
import { detailOf, everyRecord, ofPlanting } from './common'

/** Something was taken off a plant. */
export const prune = {
  schema: open({ ...everyRecord, ...ofPlanting, kind: z.literal('prune'), what: z.enum(prunings) }),
  detail: detailOf('what'),
}
