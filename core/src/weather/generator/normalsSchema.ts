import { z } from 'zod'
import { customIssue, open } from '../../units'

/** A month as climate tables give it: mean highest and lowest, rain, and days with rain. */
const monthNormalSchema = open({
  tempMaxC: z.number().min(-60).max(60),
  tempMinC: z.number().min(-60).max(60),
  rainMm: z.number().min(0).max(3000),
  wetDays: z.number().min(0).max(31),
}).superRefine(({ tempMaxC, tempMinC, rainMm, wetDays }, context) => {
  if (tempMinC > tempMaxC)
    context.addIssue(customIssue('minOverMax', ['tempMinC'], { given: tempMinC, limit: tempMaxC }))
  if (rainMm > 0 && wetDays === 0) context.addIssue(customIssue('rainWithoutDays', ['wetDays'], {}))
})
export type MonthNormal = z.infer<typeof monthNormalSchema>

/** Normals of a place, January first. */
export const normalsSchema = z.array(monthNormalSchema).length(12)
