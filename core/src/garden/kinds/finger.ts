import { z } from 'zod'
import { open } from '../../units'
import { feels, knuckles } from './choices'
import { everyRecord } from './common'

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
