import { z } from 'zod'
import { open } from '../../units'
import { detailOf, everyRecord } from './common'

export const mulchMaterials = ['chips', 'straw', 'grass', 'leaves', 'compost'] as const

/** A usual layer, mm (practice: 2.5–5 cm). */
export const USUAL_MULCH_MM = 40

/** The mix was covered, or its cover taken off. */
export const mulch = {
  schema: open({
    ...everyRecord,
    kind: z.literal('mulch'),
    /** Thickness of the layer now; 0 where it was taken off. */
    depthMm: z.number().min(0).max(200),
    material: z.enum(mulchMaterials),
  }),
  detail: detailOf('material'),
}
