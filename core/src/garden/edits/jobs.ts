import { InputError, own } from '../../units'
import type { Garden } from '../garden'
import type { JobChange, OwnJob } from '../jobChanges'
import type { GardenRecord } from '../kinds'
import { isSame, keepIn } from '../touched'
import type { SomeWays } from '../waysSchema'
import { editOf, without, type GardenEdit } from './edit'

/**
 * Records all that was done at one stop, as one change.
 *
 * @param code short name of the pot, for the label
 */
export const doJobs = (records: readonly GardenRecord[], code: string): GardenEdit =>
  editOf('jobs', { code, count: records.length }, (draft) => {
    draft.records.push(...records)
  })

/** Adds a change of a job, in the place of an earlier one that says the same of it. */
function change(draft: Garden, one: JobChange): void {
  const others = (draft.jobChanges ?? []).filter(
    ({ jobId, rule }) => jobId !== one.jobId || rule !== one.rule,
  )
  draft.jobChanges = [...others, one]
}

/**
 * Puts a job off: it is due again from a day on.
 *
 * @param until a day after today
 * @throws InputError `snoozePast` where that day is not still to come
 */
export function snoozeJob(jobId: string, until: string, today: string): GardenEdit {
  if (until <= today) throw new InputError('snoozePast', { given: until })
  return editOf('snoozeJob', {}, (draft) => change(draft, { jobId, what: 'snooze', until }))
}

/** Leaves a job out this once. */
export const skipJob = (jobId: string, on: string, why = ''): GardenEdit =>
  editOf('skipJob', {}, (draft) =>
    change(draft, { jobId, what: 'skip', on, ...(why !== '' && { why }) }),
  )

/** Turns off all jobs of a rule: of a kind, at a pot, of a plant. */
export const switchOffJobs = (rule: string, why = ''): GardenEdit =>
  editOf('switchOffJobs', {}, (draft) =>
    change(draft, { rule, what: 'off', ...(why !== '' && { why }) }),
  )

/** Takes back that a job was put off, left out or turned off. */
export const takeBackJobChange = (taken: JobChange): GardenEdit =>
  editOf('takeBackJobChange', {}, (draft) => {
    draft.jobChanges = (draft.jobChanges ?? []).filter((one) => !isSame(one, taken))
  })

/** A job of one's own as its form has it. */
export const keepOwnJob = (job: OwnJob, start?: OwnJob): GardenEdit =>
  editOf('ownJob', { name: job.text }, (draft) => {
    draft.ownJobs ??= []
    keepIn(draft.ownJobs, job, start, !start)
  })

/** Removes a job of one's own; what was done of it stays done. */
export const removeOwnJob = ({ id, text }: Pick<OwnJob, 'id' | 'text'>): GardenEdit =>
  editOf('removeOwnJob', { name: text }, (draft) => {
    draft.ownJobs = without(draft.ownJobs ?? [], id)
  })

/** Whose ways: the garden's where nothing is named. */
export interface WaysAt {
  readonly containerId?: string
  readonly plantingId?: string
}

/** Answers questions of how things are done; an answer of `undefined` goes back to the usual. */
export const changeWays = (
  { containerId, plantingId }: WaysAt,
  answers: { readonly [K in keyof SomeWays]: SomeWays[K] | undefined },
): GardenEdit =>
  editOf('ways', {}, (draft) => {
    const ways = (draft.ways ??= { garden: {} })
    const table = plantingId === undefined ? 'byContainer' : 'byPlanting'
    const id = plantingId ?? containerId
    const before = id === undefined ? ways.garden : own(ways[table] ?? {}, id)
    const after = Object.fromEntries(
      Object.entries({ ...before, ...answers }).filter(([, answer]) => answer !== undefined),
    ) as SomeWays
    if (id === undefined) ways.garden = after
    else ways[table] = Object.fromEntries([...Object.entries(ways[table] ?? {}), [id, after]])
  })
