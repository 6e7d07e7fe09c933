import { z } from 'zod'
import { open } from '../../units'
import { detailOf, everyRecord, ofPlanting } from './common'

/** A sign, test, cause or fact by its name: a later version may know more of them, and none is lost. */
const nameSchema = z.string().regex(/^[a-z][A-Za-z0-9]{1,39}$/)
const namesSchema = z.array(nameSchema).max(80)

/** A plant was checked: what was seen, what it most likely was, and what it turned out to be. */
export const check = {
  schema: open({
    ...everyRecord,
    ...ofPlanting,
    kind: z.literal('check'),
    /** Signs that were seen; a leaf sign with its own leaves as `leafYellow@onOldLeaves`. */
    signs: z.array(z.string().regex(/^[a-z][A-Za-z0-9]{1,39}(@[a-z][A-Za-z0-9]{1,39})?$/)).max(80),
    absent: namesSchema.optional(),
    /** Facts of the pot's own record that the gardener struck out. */
    struck: namesSchema.optional(),
    /** What stood first, and how likely it was, 0–1. */
    cause: nameSchema.optional(),
    share: z.number().min(0).max(1).optional(),
    /** What it turned out to be. */
    outcome: nameSchema.optional(),
  }),
  detail: detailOf('cause'),
}
