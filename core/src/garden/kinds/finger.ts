import { z } from 'zod'
import { open } from '../../units'
import { everyRecord } from './common'

export const knuckles = ['first', 'second'] as const
export const feels = ['dry', 'moist', 'wet'] as const

/** A finger was put into the mix. */
export const finger = {
  schema: open({
    ...everyRecord,
    kind: z.literal('finger'),
    knuckle: z.enum(knuckles),
    feel: z.enum(feels),
  }),
  detail: { fields: ['feel', 'knuckle'], text: '{feel} at {knuckle} knuckle' },
}
