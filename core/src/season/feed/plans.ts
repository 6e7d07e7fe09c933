import {
  judgeFeeds,
  unusableIn,
  type FeedPlan,
  type PlannedFeed,
  type ProgrammeVerdict,
} from '../../feed'
import { feedProductOf, shelfStock, type Garden } from '../../garden'
import type { FeedToday } from './due'
import { isFedOn, programmePot, type PotFeeding } from './potFeeding'
import type { FeedAhead, RunContext } from './run'
import { runOf } from './running'

const contextOf = (
  garden: Garden,
  feeding: PotFeeding,
  plan: FeedPlan,
  shelf = shelfStock(garden),
): RunContext => ({
  ...{ garden, feeding, plan, shelf },
  productOf: (id) => feedProductOf(garden, id),
})

/** What a plan would do to a pot from a day of its course on. */
export function judgePlan(
  garden: Garden,
  feeding: PotFeeding,
  plan: FeedPlan,
  from: number,
): ProgrammeVerdict {
  const run = runOf(contextOf(garden, feeding, plan))
  const pot = programmePot(feeding, from)
  return {
    ...judgeFeeds(run.feedsFrom(pot), pot),
    unusable: unusableIn(run.steps, (id) => feedProductOf(garden, id)),
  }
}

/** The feeds that a plan gives a pot after today, day by day. */
export function feedsAhead(garden: Garden, feed: FeedToday, today: number): readonly FeedAhead[] {
  const { plan, nextOn, feeding, due, shelf } = feed
  if (!plan || nextOn === undefined) return []
  const run = runOf(contextOf(garden, feeding, plan, shelf))
  return run.feedsAfter(
    today,
    due.map(({ dose }) => dose),
    nextOn,
  )
}

/** Days of the course on which a plan feeds a pot after today. */
export const feedDays = (garden: Garden, feed: FeedToday, today: number): readonly number[] =>
  feedsAhead(garden, feed, today).map(({ day }) => day)

/** Every feed that a plan gives a pot from a day of its course on, as it would be given. */
export const feedsPlanned = (
  garden: Garden,
  feeding: PotFeeding,
  plan: FeedPlan,
  from: number,
): readonly PlannedFeed[] =>
  runOf(contextOf(garden, feeding, plan))
    .feedsFrom(programmePot(feeding, from))
    .filter(({ day }) => isFedOn(feeding, day))
