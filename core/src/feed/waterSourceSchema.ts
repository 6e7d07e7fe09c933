import { z } from 'zod'
import { open } from '../units'

const figures = {
  ecDsM: z.number().min(0).max(10),
  caMgL: z.number().min(0).max(1000),
  mgMgL: z.number().min(0).max(500),
}

/** What is in water, where that is known: of one origin. */
export const waterFiguresSchema = open(figures)
export type WaterFigures = z.infer<typeof waterFiguresSchema>

/** The water that comes out of the gardener's can, before anything is in it. */
export const waterSourceSchema = open({ kind: z.enum(['tap', 'rain', 'mixed']), ...figures })
export type WaterSource = z.infer<typeof waterSourceSchema>
export const waterKinds = ['tap', 'rain', 'mixed'] as const
