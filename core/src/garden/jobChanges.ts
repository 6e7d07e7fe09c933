import { z } from 'zod'
import { customIssue, dateSchema, idSchema, nameSchema, open, textSchema } from '../units'

/** What a gardener does to a job other than doing it. */
export const jobChangeKinds = ['snooze', 'skip', 'off'] as const

/** Ids of jobs are made of up to three others. */
const jobIdSchema = z.string().min(1).max(800)

/** A job put off, left out, or all of a kind turned off. */
export const jobChangeSchema = open({
  /** One job, by its id. */
  jobId: jobIdSchema.optional(),
  /** All jobs whose id begins so: of a kind, at a pot, of a plant. */
  rule: jobIdSchema.optional(),
  what: z.enum(jobChangeKinds),
  /** Of a job put off: the day from which it is due again. */
  until: dateSchema.optional(),
  /** The day on which it was left out. */
  on: dateSchema.optional(),
  why: textSchema.optional(),
}).superRefine((change, context) => {
  const isNamed = change.what === 'off' ? change.rule !== undefined : change.jobId !== undefined
  const field = change.what === 'off' ? 'rule' : 'jobId'
  if (!isNamed) context.addIssue(customIssue('required', [field], {}))
  if (change.what === 'snooze' && change.until === undefined)
    context.addIssue(customIssue('required', ['until'], {}))
})
export type JobChange = z.infer<typeof jobChangeSchema>

/** What the weather has to be for a job of one's own. */
export const ownJobMeasures = ['tempMaxC', 'tempMinC', 'windMS', 'rainMm'] as const

/** A job that the gardener thought of: on a day, every so many days, or whenever the weather is so. */
export const ownJobSchema = open({
  id: idSchema,
  text: nameSchema,
  containerId: idSchema.optional(),
  /** On one day. */
  on: dateSchema.optional(),
  /** Every so many days, from a day on, up to one where it ends. */
  every: z.number().int().min(1).max(365).optional(),
  from: dateSchema.optional(),
  until: dateSchema.optional(),
  /** On days forecast to be above or below. */
  when: open({
    what: z.enum(ownJobMeasures),
    is: z.enum(['above', 'below']),
    value: z.number().min(-60).max(1000),
  }).optional(),
}).superRefine((job, context) => {
  const asked = [job.on, job.every, job.when].filter((one) => one !== undefined)
  if (asked.length !== 1) context.addIssue(customIssue('oneRule', ['every'], {}))
  if (job.every !== undefined && job.from === undefined)
    context.addIssue(customIssue('required', ['from'], {}))
  if (job.from !== undefined && job.until !== undefined && job.until < job.from)
    context.addIssue(customIssue('endsBeforeBegins', ['until'], { given: job.until }))
})
export type OwnJob = z.infer<typeof ownJobSchema>
