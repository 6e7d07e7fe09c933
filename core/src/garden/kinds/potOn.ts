import { z } from 'zod'
import { open } from '../../units'
import { everyRecord, ofVariety } from './common'

/** Seedlings went on into larger pots of their own. */
export const potOn = {
  schema: open({ ...everyRecord, kind: z.literal('potOn'), ...ofVariety }),
}
