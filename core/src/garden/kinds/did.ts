import { z } from 'zod'
import { idSchema, open, textSchema } from '../../units'
import { detailOf, everyRecord, ofPlanting } from './common'

/** What was done that has no other record: plants stood out by day, a pot turned, the last feed, a job of one's own. */
export const dids = ['hardenOff', 'turn', 'lastFeed', 'own'] as const

/** A job was done that changes nothing else. */
export const did = {
  schema: open({
    ...everyRecord,
    ...ofPlanting,
    kind: z.literal('did'),
    what: z.enum(dids),
    /** Of a job of one's own: which, and what it said. */
    ownJobId: idSchema.optional(),
    text: textSchema.optional(),
  }),
  detail: detailOf('what'),
}
