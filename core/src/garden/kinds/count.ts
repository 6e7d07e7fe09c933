import { z } from 'zod'
import { dateSchema, idSchema, open } from '../../units'
import { everyRecord } from './common'

/** Loose litres of what is mixed with, grams or millilitres of what is fed, all else by its number. */
export const stockUnits = ['L', 'g', 'mL', 'count'] as const
export type StockUnit = (typeof stockUnits)[number]

/** What a packet says of its age. */
export const ofPacket = {
  /** Last day on which it is good, as the packet says or as it keeps once open. */
  useBy: dateSchema.optional(),
  openedOn: dateSchema.optional(),
}

/** Something at hand was counted, weighed or measured; what was used since is in the other records. */
export const count = {
  schema: open({
    ...everyRecord,
    kind: z.literal('count'),
    itemId: idSchema,
    amount: z.number().min(0).max(1_000_000),
    unit: z.enum(stockUnits),
    ...ofPacket,
  }),
}
