import { z } from 'zod'
import { open } from '../../units'
import { pouredInto, waterOrigins } from './choices'
import { detailOf, everyRecord, volumeLSchema } from './common'

/** Water was given. */
export const water = {
  schema: open({
    ...everyRecord,
    kind: z.literal('water'),
    volumeL: volumeLSchema,
    /** Until it drained: the mix was full then, and the litres are only about what it took. */
    how: z.literal('untilDrip').optional(),
    /** What it was; the gardener's usual water where left out. */
    from: z.enum(waterOrigins).optional(),
    where: z.enum(pouredInto).optional(),
  }),
  detail: detailOf('how'),
}
