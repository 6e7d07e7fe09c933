import { z } from 'zod'
import { idSchema, open } from '../../units'
import { everyRecord, ofPlanting } from './common'

/** The longest side of a picture that is kept, and of any that a file may speak of, px. */
export const PHOTO_SIDE_PX = 1600
const sideSchema = z.number().int().min(1).max(20_000)

/** A photo was taken. The picture itself lies beside the garden, under `photoId`. */
export const photo = {
  schema: open({
    ...everyRecord,
    ...ofPlanting,
    kind: z.literal('photo'),
    photoId: idSchema,
    widthPx: sideSchema,
    heightPx: sideSchema,
    /** Of the picture as it is kept. */
    bytes: z.number().int().min(1).max(100_000_000),
    /** The check that it belongs to. */
    checkId: idSchema.optional(),
  }),
}
