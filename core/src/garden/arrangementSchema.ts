import { z } from 'zod'
import { containerSchema } from '../container'
import { schoolIds, wishKinds } from '../fit'
import { idSchema, open } from '../units'

/** What a gardener would have arranged: wishes, choices made already, and what could be bought. */
export const arrangementSchema = open({
  wishes: z
    .array(
      open({
        varietyId: idSchema,
        wish: z.enum(wishKinds),
        /** Plants of it. */
        atMost: z.number().int().min(1).max(200),
      }),
    )
    .max(100),
  offers: z
    .array(
      open({
        id: idSchema,
        container: containerSchema,
        price: z.number().min(0).max(10_000),
        atMost: z.number().int().min(1).max(50),
      }),
    )
    .max(30),
  budget: z.number().min(0).max(100_000),
  pins: z
    .array(
      open({
        containerId: idSchema,
        /** It is not to be moved. */
        stays: z.boolean(),
        /** It is to hold this. */
        varietyId: idSchema.optional(),
      }),
    )
    .max(500),
  school: z.enum(schoolIds),
  acceptsTight: z.boolean(),
  mostPerPot: z.number().int().min(1).max(6),
})
export type ArrangementWishes = z.infer<typeof arrangementSchema>
