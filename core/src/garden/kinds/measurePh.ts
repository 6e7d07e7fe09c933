import { z } from 'zod'
import { open } from '../../units'
import { everyRecord } from './common'

/** Acidity or salt of the mix was measured: it counts before what is reckoned. */
export const measurePh = {
  schema: open({
    ...everyRecord,
    kind: z.literal('measurePh'),
    ph: z.number().min(2).max(12).optional(),
    /** As a saturated extract. */
    ecDsM: z.number().min(0).max(30).optional(),
  }),
}
