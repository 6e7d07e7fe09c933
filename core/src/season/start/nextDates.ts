import { groups } from 'd3-array'
import type { Garden } from '../../garden'
import { addDays, dayOf } from '../../units'
import { isEveryday, isOpen, isPoured, jobsBetween, type Job, type JobKind } from '../jobs'

/** A day on which something is to be done, and the jobs of one kind that are. */
export interface NextDate {
  readonly on: string
  readonly kind: JobKind
  readonly jobs: readonly Job[]
}

const DATES = 3
/** How far ahead is looked, days: first near, then further. */
const AHEAD_DAYS = [45, 150, 365] as const

/**
 * The next three things to do in a garden: when to sow, to harden off, to plant out. Water,
 * feed and what is done at every other visit are left out. Fewer where the coming year has no more.
 *
 * @param now a day or moment, `YYYY-MM-DD…`
 */
export function nextDates(garden: Garden, now: string): NextDate[] {
  const today = dayOf(now)
  let found: NextDate[] = []
  for (const days of AHEAD_DAYS) {
    found = datesOf(jobsBetween(garden, now, today, addDays(today, days)))
    if (found.length >= DATES) break
  }
  return found.slice(0, DATES)
}

const isTold = (job: Job) => isOpen(job) && !isEveryday(job) && !isPoured(job)

const datesOf = (jobs: readonly Job[]): NextDate[] =>
  groups(
    jobs.filter(isTold),
    ({ dueOn }) => dueOn,
    ({ kind }) => kind,
  ).flatMap(([on, ofDay]) => ofDay.map(([kind, alike]) => ({ on, kind, jobs: alike })))
