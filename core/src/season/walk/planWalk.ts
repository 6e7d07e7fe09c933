import type { Garden } from '../../garden'
import { dayOf } from '../../units'
import { gardenCourse } from '../course'
import { jobsIn, jobsOfCourse, type Amount, type Job, type Tool } from '../jobs'
import { paceOf } from './pace'

/** A pot on the walk with all that is due there. */
export interface WalkStop {
  readonly containerId: string
  readonly jobs: readonly Job[]
  /** Plain water and what feed is dissolved in, L. */
  readonly waterL: number
}

/** One thing to take along: how much of what, over all stops. */
export interface TakeAlong {
  readonly tool: Tool
  readonly amounts: readonly Amount[]
}

/** One walk past all pots at which something is due, in walking order. */
export interface Walk {
  readonly stops: readonly WalkStop[]
  /** Due at no pot. */
  readonly elsewhere: readonly Job[]
  readonly takeAlong: readonly TakeAlong[]
  readonly waterL: number
  readonly minutes: number
}

const waterOf = (jobs: readonly Job[]) => {
  const of = (kind: Job['kind']) =>
    jobs.reduce(
      (sum, job) =>
        job.kind === kind
          ? sum +
            job.amounts.reduce((litres, { what, value }) => litres + (what === 'L' ? value : 0), 0)
          : sum,
      0,
    )
  // What a feed is dissolved in is water the pot needs anyway.
  return Math.max(of('water'), of('feed'))
}

/** Amounts that belong to a tool: lengths are told beside what they are lengths of. */
function belongsTo(tool: Tool, { kind }: Job, amount: Amount): boolean {
  switch (tool) {
    case 'can':
      return amount.what === 'L' && (kind === 'water' || kind === 'feed')
    case 'spoon':
      return amount.what === 'g' && (kind === 'feed' || kind === 'plant')
    case 'stake':
    case 'cage':
    case 'string':
      return amount.of === tool
    case 'ties':
      return amount.of === 'ties'
    case 'mix':
      return amount.what === 'L' && (kind === 'topUp' || kind === 'unroll' || kind === 'recharge')
    case 'mulch':
      return amount.what === 'L' && kind === 'mulch'
    default:
      return false
  }
}

function takenAlong(jobs: readonly Job[]): readonly TakeAlong[] {
  const byTool = new Map<Tool, Map<string, Amount>>()
  for (const job of jobs)
    for (const tool of job.tools) {
      if (tool === 'fingers') continue
      const sums = byTool.get(tool) ?? new Map<string, Amount>()
      byTool.set(tool, sums)
      for (const amount of job.amounts) {
        if (!belongsTo(tool, job, amount)) continue
        // Lengths are not added up: each is one of its own.
        const key = [amount.what, amount.of, amount.what === 'mm' ? amount.value : ''].join(' ')
        const before = sums.get(key)
        sums.set(
          key,
          before && amount.what !== 'mm'
            ? { ...amount, value: before.value + amount.value }
            : amount,
        )
      }
    }
  return [...byTool].map(([tool, sums]) => ({ tool, amounts: [...sums.values()] }))
}

/** The walk that some jobs of a day make. */
export function walkOfJobs(garden: Garden, jobs: readonly Job[]): Walk {
  const due = jobs.filter(({ state }) => state === 'due')
  const at = new Map<string, Job[]>()
  for (const job of due) {
    if (job.containerId === undefined) continue
    const there = at.get(job.containerId)
    if (there) there.push(job)
    else at.set(job.containerId, [job])
  }
  const stops = garden.containers.flatMap(({ id: containerId }): WalkStop[] => {
    const here = at.get(containerId)
    return here ? [{ containerId, jobs: here, waterL: waterOf(here) }] : []
  })
  const { stopMinutes } = paceOf(garden)
  // A stop of the learned length is one with the can; what is done beside it comes on top.
  const beside = due.reduce((sum, { kind, minutes }) => sum + (kind === 'water' ? 0 : minutes), 0)
  return {
    stops,
    elsewhere: due.filter(({ containerId }) => containerId === undefined),
    takeAlong: takenAlong(due),
    waterL: stops.reduce((sum, { waterL }) => sum + waterL, 0),
    minutes: stops.length * stopMinutes + beside,
  }
}

/**
 * The walk to do now: every pot at which something is due, in walking order, what to take
 * along, and how long it will take by what is known of past walks.
 */
export function planWalk(garden: Garden, now: string): Walk {
  const course = gardenCourse(garden, now)
  const today = dayOf(now)
  return walkOfJobs(garden, jobsIn(jobsOfCourse(course, today), today, today))
}
