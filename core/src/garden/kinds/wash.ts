import { z } from 'zod'
import { open } from '../../units'
import { everyRecord } from './common'

/** The empty container was washed. */
export const wash = {
  schema: open({ ...everyRecord, kind: z.literal('wash') }),
}
