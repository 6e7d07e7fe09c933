import { z } from 'zod'
import { covers } from '../../place'
import { open } from '../../units'
import { detailOf, everyRecord } from './common'

/** A fleece or tunnel was put over it against cold, or taken off. */
export const cover = {
  schema: open({ ...everyRecord, kind: z.literal('cover'), cover: z.enum(covers) }),
  detail: detailOf('cover'),
}
