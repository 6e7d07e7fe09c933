import { z } from 'zod'
import { open } from '../../units'
import { detailOf, everyRecord } from './common'

export const signs = ['blossomEndRot', 'wilting', 'leafSpots', 'pests', 'other'] as const

/** Something was seen that is not as it should be. */
export const sign = {
  schema: open({ ...everyRecord, kind: z.literal('sign'), sign: z.enum(signs) }),
  detail: detailOf('sign'),
}
