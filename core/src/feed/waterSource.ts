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

/** Usual water of each kind (memory): the supplier's report says it for one's own. */
export const usualWater: Readonly<Record<WaterSource['kind'], WaterSource>> = {
  tap: { kind: 'tap', ecDsM: 0.5, caMgL: 60, mgMgL: 10 },
  rain: { kind: 'rain', ecDsM: 0.03, caMgL: 1, mgMgL: 0 },
  mixed: { kind: 'mixed', ecDsM: 0.25, caMgL: 30, mgMgL: 5 },
}
