import { z } from 'zod'
import { open } from './schemas'

/**
 * The gardener's own measures. A handful is 30–45 mL by practice; each gardener
 * weighs their own once.
 */
export const measuresSchema = open({
  /** What one handful holds, mL. */
  handfulMl: z.number().min(10).max(120),
  /** What the watering can holds, L. */
  canL: z.number().min(0.5).max(30),
  /** What the bucket or scoop holds that is counted with when mixing, L. */
  scoopL: z.number().min(0.1).max(40),
  /** What the tub holds that is mixed in, L. */
  tubL: z.number().min(5).max(2000),
})
export type Measures = z.infer<typeof measuresSchema>
