import { z } from 'zod'
import { open } from '../../units'
import { everyRecord, ofVariety } from './common'

/** Seeds of a variety went into trays or a pot. */
export const sow = {
  schema: open({ ...everyRecord, kind: z.literal('sow'), ...ofVariety }),
}
