import type { JobChange } from '../../garden'
import { addDays, type Reason } from '../../units'
import { jobIds, minutesOf, ruleOf, type Amount, type Job, type JobKind, type Tool } from './job'

/** Days between which something makes sense. */
export interface Window {
  readonly from: string
  readonly to: string
}

/** All that is told of a job beside when it is. */
export interface Details {
  readonly amounts?: readonly Amount[]
  readonly tools?: readonly Tool[]
  readonly minutes?: number
  readonly reasons?: readonly Reason[]
  readonly cautions?: readonly Reason[]
  readonly held?: Reason | undefined
  readonly own?: Job['own']
  readonly hour?: number
}

/** A job that comes once or again and again: when, what was done of it, and how much it takes. */
export interface Schedule {
  readonly kind: JobKind
  readonly containerId?: string | undefined
  readonly plantingIds: readonly string[]
  /** Told in the id where one of several plantings is meant. */
  readonly plantingId?: string | undefined
  /** What tells two schedules of one kind at one plant apart. */
  readonly of?: string
  /** Days on which it was done, in order. */
  readonly done: readonly string[]
  /** When it comes next, after it was done or left out last; undefined where it comes no more. */
  readonly next: (last: string | undefined, ordinal: number) => Window | undefined
  readonly details: (on: string, ordinal: number) => Details
  /** It has an occasion of its own each time, such as a frost: left out for one, it comes for the next. */
  readonly isOccasion?: boolean
  /** Last day on which it still makes sense: what is later than that is left out. */
  readonly until?: string
  /** What was not done by the end of its window is given up, and not late. */
  readonly lapses?: boolean
}

/** What was changed by the gardener, ready to be asked by id. */
export interface Changes {
  readonly byId: ReadonlyMap<string, JobChange>
  readonly off: ReadonlySet<string>
}

export function changesOf(changes: readonly JobChange[]): Changes {
  const byId = new Map<string, JobChange>()
  const off = new Set<string>()
  for (const change of changes) {
    if (change.what === 'off') {
      if (change.rule !== undefined) off.add(change.rule)
    } else if (change.jobId !== undefined) byId.set(change.jobId, change)
  }
  return { byId, off }
}

/** The day it is, how far jobs are listed, and what the gardener changed. */
export interface Times {
  readonly today: string
  readonly to: string
  readonly changes: Changes
}

/** More than so many to come, and the schedule is a mistake of ours. */
const MOST_AHEAD = 800

const later = (one: string, other: string) => (one > other ? one : other)

/**
 * The jobs of a schedule: those done and left out, then the next, then those after it if
 * each is done when it is due. One that is late keeps its id, and is due today: what
 * was missed does not pile up.
 */
export function jobsOf(schedule: Schedule, { today, to, changes }: Times): readonly Job[] {
  const {
    kind,
    containerId,
    plantingId,
    plantingIds,
    done,
    next,
    details,
    lapses,
    until,
    of,
    isOccasion,
  } = schedule
  const isOff =
    changes.off.size > 0 &&
    [
      ruleOf(kind),
      ruleOf(kind, containerId ?? ''),
      ...plantingIds.map((id) => ruleOf(kind, containerId ?? '', id)),
    ].some((rule) => changes.off.has(rule))
  const ids = jobIds(kind, containerId, plantingId)
  const idOf = (ordinal: number) => ids(of === undefined ? ordinal : `${of}-${ordinal}`)
  const jobs: Job[] = []
  const put = (
    ordinal: number,
    dueOn: string,
    window: Window,
    state: Job['state'],
    more: Details,
  ) => {
    const { held, amounts = [], tools = [], minutes, reasons = [], cautions = [], own, hour } = more
    jobs.push({
      id: idOf(ordinal),
      kind,
      ...(containerId !== undefined && { containerId }),
      plantingIds,
      dueOn,
      window,
      state: held && state === 'due' ? 'held' : state,
      ...(held && state === 'due' && { held }),
      amounts,
      tools,
      minutes: minutes ?? minutesOf(kind),
      reasons,
      cautions,
      ...(own && { own }),
      ...(hour !== undefined && { hour }),
    })
  }
  let last: string | undefined
  let isFirst = true
  let doneCount = 0
  for (let ordinal = 0; ordinal < done.length + changes.byId.size + MOST_AHEAD; ordinal++) {
    const change = changes.byId.get(idOf(ordinal))
    const window = next(last, ordinal)
    const doneOn = done[doneCount]
    if (change?.what === 'skip') {
      const skippedOn = change.on ?? window?.from ?? last ?? today
      // The window is of an occasion that came after the one that was left out.
      const isOfAnother = !window || (isOccasion && skippedOn < window.from)
      const on = isOfAnother ? skippedOn : later(window.from, skippedOn)
      put(ordinal, on, isOfAnother ? { from: on, to: on } : window, 'skipped', details(on, ordinal))
      last = on
      continue
    }
    // Done after its window was over, it was the one after it that was done.
    const isGivenUp =
      lapses && window && doneOn !== undefined && doneOn > window.to && next(window.to, ordinal + 1)
    if (isGivenUp) {
      last = window.to
      continue
    }
    if (doneOn !== undefined) {
      put(ordinal, doneOn, window ?? { from: doneOn, to: doneOn }, 'done', details(doneOn, ordinal))
      doneCount++
      last = doneOn
      continue
    }
    if (!window || isOff || window.from > to) break
    if (lapses && isFirst && window.to < today) {
      last = window.to
      continue
    }
    const snoozed =
      change?.what === 'snooze' && change.until !== undefined && change.until > today
        ? change.until
        : undefined
    const planned = later(window.from, today)
    const dueOn = snoozed === undefined ? planned : later(planned, snoozed)
    if (until !== undefined && dueOn > until) break
    const stands = { from: window.from, to: later(window.to, dueOn) }
    put(ordinal, dueOn, stands, dueOn <= today ? 'due' : 'later', details(dueOn, ordinal))
    isFirst = false
    last = dueOn
  }
  return jobs
}

/** Every so many days between two days, with a window of some days. */
export const every =
  (days: number, span: Window, windowDays = 1): Schedule['next'] =>
  (last) => {
    const on = last === undefined ? span.from : later(span.from, addDays(last, days))
    return on > span.to ? undefined : { from: on, to: addDays(on, windowDays) }
  }

/** Once, in a window; never where there is none. */
export const once =
  (window: Window | undefined): Schedule['next'] =>
  (_last, ordinal) =>
    ordinal === 0 ? window : undefined

/**
 * Whenever something calls for it: once for each occasion, after what was done.
 *
 * @param occasion the next that is known of; undefined where nothing calls for it
 */
export const whenever =
  (done: readonly string[], occasion: Window | undefined): Schedule['next'] =>
  (last, ordinal) => {
    if (!occasion || ordinal < done.length) return undefined
    return ordinal === done.length || last === undefined || occasion.from > last
      ? occasion
      : undefined
  }
