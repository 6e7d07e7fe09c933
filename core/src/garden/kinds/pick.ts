import { z } from 'zod'
import { open } from '../../units'
import { countSchema, everyRecord, massGSchema, ofPlanting } from './common'

export const ripenesses = ['green', 'colouring', 'ripe', 'overripe'] as const
export const wasteCauses = ['rot', 'split', 'eaten', 'sunscald', 'overripe', 'other'] as const

/** Fruit was picked: so many, so heavy, or both. */
export const pick = {
  schema: open({
    ...everyRecord,
    ...ofPlanting,
    kind: z.literal('pick'),
    count: countSchema.optional(),
    massG: massGSchema.optional(),
    /** Of that, spoiled and thrown away. */
    wasteG: massGSchema.optional(),
    /** Why that was spoiled. */
    wasteWhy: z.enum(wasteCauses).optional(),
    ripeness: z.enum(ripenesses).optional(),
  }),
}
