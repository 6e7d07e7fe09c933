import { group } from 'd3-array'
import { shelfStock, type Garden } from '../../garden'
import { addDays, dayOf } from '../../units'
import { isOpen, type Amount, type Job } from '../jobs'

/** A day with its jobs. */
export interface PlannedDay {
  readonly date: string
  readonly jobs: readonly Job[]
}

/** The days from one on, each with what is to do on it. */
export const plannedDays = (
  jobs: readonly Job[],
  from: string,
  count: number,
): readonly PlannedDay[] =>
  Array.from({ length: count }, (_, day): PlannedDay => {
    const date = addDays(from, day)
    return { date, jobs: jobs.filter((job) => job.dueOn === date && isOpen(job)) }
  })

/** Jobs of one kind that take the same: told once, for all their pots. */
export interface JobLine {
  /** The first of them. */
  readonly job: Job
  readonly jobs: readonly Job[]
}

const told = ({ what, value, of = '' }: Amount) => `${what} ${of} ${value.toPrecision(2)}`

/** Jobs of a day, those alike together. What differs from pot to pot by little is told of all of them. */
export function linesOf(jobs: readonly Job[]): readonly JobLine[] {
  const keyOf = (job: Job) =>
    [job.kind, job.own?.id, job.held?.code, ...(isVaried(job) ? [] : job.amounts.map(told))].join(
      '|',
    )
  return [...group(jobs, keyOf).values()].map((alike) => ({ job: alike[0]!, jobs: alike }))
}

/** Water and harvest are another number for each pot: their line tells none. */
export const isVaried = ({ kind }: Pick<Job, 'kind'>): boolean =>
  kind === 'water' || kind === 'pick'

/** Water of some jobs together, L. */
export const litresOf = (jobs: readonly Job[]): number =>
  jobs.reduce(
    (sum, { kind, amounts }) =>
      sum + (kind === 'water' ? (amounts.find(({ what }) => what === 'L')?.value ?? 0) : 0),
    0,
  )

/** A kind of job over some days: a row of a week's sheet. */
export interface JobRow {
  readonly job: Job
  readonly byDate: ReadonlyMap<string, readonly Job[]>
}

/** The open jobs of a pot from a day on, a row a kind. */
export function rowsOf(jobs: readonly Job[], from: string, days: number): readonly JobRow[] {
  const to = addDays(from, days - 1)
  const asked = jobs.filter((job) => isOpen(job) && job.dueOn >= from && job.dueOn <= to)
  return [...group(asked, ({ kind, own }) => `${kind} ${own?.id ?? ''}`).values()].map((alike) => ({
    job: alike[0]!,
    byDate: group(alike, ({ dueOn }) => dueOn),
  }))
}

/** Something to have at hand before a job. */
export interface ToBuy {
  readonly amount: Amount
  /** The first job that needs it. */
  readonly kind: Job['kind']
  readonly neededOn: string
  /** Of a support, how long. */
  readonly lengthMm?: number
  /** Of a feed, what is on the shelf, g. */
  readonly leftG?: number
}

/** Jobs that use something up, and the measure in which it is bought. */
const USES: Partial<Record<Job['kind'], Amount['what']>> = {
  feed: 'g',
  plant: 'g',
  topUp: 'L',
  unroll: 'L',
  recharge: 'L',
  mulch: 'L',
}

/**
 * What has to be bought before jobs to come: feeds of which too little is on the shelf, mix,
 * mulch, supports. Of what nobody counts it is not known how much is there: all of it is told.
 */
export function toBuy(garden: Garden, jobs: readonly Job[]): readonly ToBuy[] {
  const needed = new Map<string, ToBuy>()
  const open = jobs.filter(isOpen)
  for (const { kind, amounts, dueOn } of open)
    amounts.forEach((amount, index) => {
      const length = amounts[index + 1]
      const isSupport = kind === 'support' && amount.what === 'count'
      if (amount.of === undefined || !(isSupport || amount.what === USES[kind])) return
      const lengthMm = isSupport && length?.what === 'mm' ? length.value : undefined
      const key = [amount.what, amount.of, lengthMm].join(' ')
      const before = needed.get(key)
      const value = (before?.amount.value ?? 0) + amount.value
      needed.set(key, {
        amount: { ...amount, value },
        ...(lengthMm !== undefined && { lengthMm }),
        kind: before?.kind ?? kind,
        neededOn: before && before.neededOn < dueOn ? before.neededOn : dayOf(dueOn),
      })
    })
  const left = new Map(shelfStock(garden).map(({ product, leftG }) => [product.id, leftG]))
  return [...needed.values()]
    .flatMap((one): ToBuy[] => {
      if (one.amount.what !== 'g') return [one]
      const leftG = left.get(one.amount.of!) ?? 0
      return leftG < one.amount.value ? [{ ...one, leftG }] : []
    })
    .sort((one, other) =>
      one.neededOn < other.neededOn ? -1 : one.neededOn > other.neededOn ? 1 : 0,
    )
}
