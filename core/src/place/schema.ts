import { z } from 'zod'
import { idSchema, monthDaySchema, nameSchema, open } from '../units'
import { planSchema } from './plan'

/** Where the garden is, as far as the sun and the air need to know. */
export const placeSchema = open({
  name: nameSchema,
  latitudeDeg: z.number().min(-66).max(66),
  longitudeDeg: z.number().min(-180).max(180),
  elevationM: z.number().min(-430).max(5000),
  /** Near a large water. */
  coastal: z.boolean(),
  /** Last frost of spring and first of autumn, `MM-DD`, as the gardener has them. */
  lastFrost: monthDaySchema.optional(),
  firstFrost: monthDaySchema.optional(),
})
export type Place = z.infer<typeof placeSchema>

/** One balcony, landing or strip on which pots stand in walking order. */
export const spaceSchema = open({
  id: idSchema,
  name: nameSchema,
  /** Rain does not reach the pots: a slab or roof above. */
  covered: z.boolean(),
  /** Left out until it was drawn. */
  plan: planSchema.optional(),
})
export type Space = z.infer<typeof spaceSchema>
