import { z } from 'zod'
import { open } from '../units'

/** The water that comes out of the gardener's can, before anything is in it. */
export const waterSourceSchema = open({
  kind: z.enum(['tap', 'rain', 'mixed']),
  ecDsM: z.number().min(0).max(10),
  caMgL: z.number().min(0).max(1000),
  mgMgL: z.number().min(0).max(500),
})
export type WaterSource = z.infer<typeof waterSourceSchema>
export const waterKinds = ['tap', 'rain', 'mixed'] as const
