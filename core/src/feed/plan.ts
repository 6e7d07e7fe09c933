import { z } from 'zod'
import { idSchema, open } from '../units'
import { programmeIds } from './schools'

/** What a gardener feeds a pot by: a programme, adjusted to their own ways. */
export const feedPlanSchema = open({
  programmeId: z.enum(programmeIds),
  /** Days between two feeds of its steps; as the programme has it where left out. */
  everyDays: z.number().int().min(1).max(90).optional(),
  /** Times as strong. */
  strength: z.number().min(0.1).max(4).optional(),
  /** In the place of its own products: while small, and from first flower on. */
  productId: idSchema.optional(),
  lateProductId: idSchema.optional(),
})
export type FeedPlan = z.infer<typeof feedPlanSchema>
