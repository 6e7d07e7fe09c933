import { z } from 'zod'
import { idSchema, nameSchema, open } from '../units'
import { stockUnits } from './kinds'

const priceSchema = z.number().min(0).max(1_000_000)

/** Something as a shop sells it. */
export const shopPackSchema = open({
  id: idSchema,
  itemId: idSchema,
  /** What one pack holds. */
  amount: z.number().positive().max(1_000_000),
  unit: z.enum(stockUnits),
  price: priceSchema,
})
export type ShopPack = z.infer<typeof shopPackSchema>

/** Where the gardener buys, what a trip there or its delivery costs, and for how much one has to buy at least. */
export const shopSchema = open({
  id: idSchema,
  name: nameSchema.optional(),
  fare: priceSchema,
  minimumOrder: priceSchema,
  packs: z.array(shopPackSchema).max(500),
})
export type Shop = z.infer<typeof shopSchema>
