import { z } from 'zod'
import { idSchema, open } from '../../units'
import { countSchema, everyRecord } from './common'

/** Side shoots were put into moist mix to become plants of their own. */
export const rootShoot = {
  schema: open({
    ...everyRecord,
    kind: z.literal('rootShoot'),
    plantingId: idSchema,
    count: countSchema,
  }),
}
