import { z } from 'zod'
import { idSchema, open } from '../../units'
import { everyRecord } from './common'
import { ofPacket, stockUnits } from './count'

/** Something was bought. */
export const buy = {
  schema: open({
    ...everyRecord,
    kind: z.literal('buy'),
    itemId: idSchema,
    amount: z.number().positive().max(1_000_000),
    unit: z.enum(stockUnits),
    /** Of all of it, in the garden's currency. */
    price: z.number().min(0).max(1_000_000).optional(),
    shopId: idSchema.optional(),
    ...ofPacket,
  }),
}
