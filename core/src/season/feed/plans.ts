import {
  judgeFeeds,
  unusableIn,
  type FeedPlan,
  type PlannedFeed,
  type ProgrammeVerdict,
} from '../../feed'
import { feedProductOf, type Garden } from '../../garden'
import type { FeedToday } from './due'
import { programmePot, type PotFeeding } from './potFeeding'
import { runOf } from './running'

/** What a plan would do to a pot from a day of its course on. */
export function judgePlan(
  garden: Garden,
  feeding: PotFeeding,
  plan: FeedPlan,
  from: number,
): ProgrammeVerdict {
  const productOf = (id: string) => feedProductOf(garden, id)
  const run = runOf({ garden, feeding, plan, productOf })
  const pot = programmePot(feeding, from)
  return { ...judgeFeeds(run.feedsFrom(pot), pot), unusable: unusableIn(run.steps, productOf) }
}

/** Days of the course on which a plan feeds a pot after today. */
export function feedDays(garden: Garden, feed: FeedToday, today: number): readonly number[] {
  const { plan, nextOn, feeding, due } = feed
  if (!plan || nextOn === undefined) return []
  const run = runOf({ garden, feeding, plan, productOf: (id) => feedProductOf(garden, id) })
  return run.daysAfter(
    today,
    due.map(({ dose }) => dose),
    nextOn,
  )
}

/** Every feed that a plan gives a pot from a day of its course on, as it would be given. */
export const feedsPlanned = (
  garden: Garden,
  feeding: PotFeeding,
  plan: FeedPlan,
  from: number,
): readonly PlannedFeed[] =>
  runOf({ garden, feeding, plan, productOf: (id) => feedProductOf(garden, id) }).feedsFrom(
    programmePot(feeding, from),
  )
