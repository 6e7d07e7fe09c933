import { z } from 'zod'
import { open } from '../../units'
import { mulchMaterials } from './choices'
import { detailOf, everyRecord } from './common'

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
