import { z } from 'zod'
import { open } from '../../units'
import { everyRecord } from './common'

/** Open flowers were shaken, so that they set. */
export const shake = {
  schema: open({ ...everyRecord, kind: z.literal('shake') }),
}
