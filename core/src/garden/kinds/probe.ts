import { z } from 'zod'
import { open, shareSchema } from '../../units'
import { everyRecord } from './common'

/** A soil probe was read. */
export const probe = {
  schema: open({
    ...everyRecord,
    kind: z.literal('probe'),
    moistureShare: shareSchema,
    depthMm: z.number().min(0).max(1000).optional(),
    tempC: z.number().min(-30).max(70).optional(),
    ecDsM: z.number().min(0).max(50).optional(),
  }),
}
