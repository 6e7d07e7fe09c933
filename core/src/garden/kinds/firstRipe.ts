import { z } from 'zod'
import { open } from '../../units'
import { everyRecord, ofPlanting } from './common'

/** The first fruit was seen ripe. */
export const firstRipe = {
  schema: open({ ...everyRecord, ...ofPlanting, kind: z.literal('firstRipe') }),
}
