import { z } from 'zod'
import { open } from '../../units'
import { everyRecord, massGSchema } from './common'

/** Ground limestone was strewn. */
export const lime = {
  schema: open({ ...everyRecord, kind: z.literal('lime'), massG: massGSchema }),
}
