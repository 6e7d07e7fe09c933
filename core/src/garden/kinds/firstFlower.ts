import { z } from 'zod'
import { open } from '../../units'
import { everyRecord, ofPlanting } from './common'

/** The first flower was seen open. */
export const firstFlower = {
  schema: open({ ...everyRecord, ...ofPlanting, kind: z.literal('firstFlower') }),
}
