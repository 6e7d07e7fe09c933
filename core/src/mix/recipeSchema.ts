import { z } from 'zod'
import { idSchema, nameSchema, open } from '../units'

/** How much of an amendment: by the litre of mix, or by a household measure for each pot. */
export const amendmentUnits = [
  'gramsPerLitre',
  'teaspoonsPerPot',
  'tablespoonsPerPot',
  'cupsPerPot',
  'handfulsPerPot',
] as const

/** Something strewn into a mix, such as a feed, gypsum or crushed shell. */
const amendmentSchema = open({
  productId: idSchema,
  amount: z.number().positive().max(1000),
  unit: z.enum(amendmentUnits),
})
export type Amendment = z.infer<typeof amendmentSchema>

/** What goes into a mix, in parts by volume, and what is strewn into it. */
export const recipeSchema = open({
  id: idSchema,
  /** The gardener's own name for it; the built-in ones are named by the interface. */
  name: nameSchema.optional(),
  parts: z
    .array(open({ ingredientId: idSchema, parts: z.number().positive().max(10_000) }))
    .min(1)
    .max(12),
  amendments: z.array(amendmentSchema).max(12).optional(),
})
export type Recipe = z.infer<typeof recipeSchema>
