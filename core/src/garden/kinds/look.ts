import { z } from 'zod'
import { open } from '../../units'
import { detailOf, everyRecord } from './common'

export const findings = ['nothing', 'something'] as const

/** Plants were looked over. */
export const look = {
  schema: open({ ...everyRecord, kind: z.literal('look'), found: z.enum(findings).optional() }),
  detail: detailOf('found'),
}
