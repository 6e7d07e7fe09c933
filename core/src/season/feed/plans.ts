import {
  judgeFeeds,
  judgeProgramme,
  nutrientLedger,
  plannedFeeds,
  solutionDay,
  stepsOf,
  unusableIn,
  type FeedPlan,
  type PlannedFeed,
  type ProgrammePot,
  type ProgrammeVerdict,
} from '../../feed'
import { feedTools, feedProductOf, type Garden } from '../../garden'
import { FIRST_AFTER_DAYS, measuredDose, MEASURE_DAYS, stepsFor } from './choosing'
import { dosedPot, type PotFeeding } from './potFeeding'
import type { FeedToday } from './due'

/** A pot as programmes are judged for it, from a day of its course on. */
export const programmePot = (feeding: PotFeeding, from: number): ProgrammePot => ({
  fed: feeding.fed,
  dosed: dosedPot(feeding.pot),
  crop: feeding.crop,
  flowersOn: feeding.flowersOn,
  from,
  to: feeding.endsOn,
  recorded: [...feeding.strewn, ...feeding.given.filter(({ day }) => day < from)],
})

/** Fed to measure over the rest of the season: each feed by the ledger as it is then. */
function measuredFeeds(
  garden: Garden,
  feeding: PotFeeding,
  pot: ProgrammePot,
  plan: FeedPlan,
): PlannedFeed[] {
  const every = plan.everyDays ?? MEASURE_DAYS
  const first = Math.max(pot.from, feeding.fed.plantedOn + FIRST_AFTER_DAYS)
  const feeds: PlannedFeed[] = []
  let events = pot.recorded
  const { fed } = feeding
  for (let due = first; due <= pot.to; due += every) {
    const day = solutionDay(fed, due)
    if (day > pot.to) break
    const then = { ...feeding, ledger: nutrientLedger(fed, events) }
    const dose = measuredDose(garden, then, pot.dosed, day, plan)
    if (!dose) continue
    feeds.push({ day, dose })
    const { product, massG, solution } = dose
    events = [...events, { day, product, massG, ...(solution && { volumeL: solution.volumeL }) }]
  }
  return feeds
}

/**
 * What a plan would do to a pot from a day of its course on.
 */
export function judgePlan(
  garden: Garden,
  feeding: PotFeeding,
  plan: FeedPlan,
  from: number,
): ProgrammeVerdict {
  const pot = programmePot(feeding, from)
  return plan.programmeId === 'toMeasure'
    ? {
        ...judgeFeeds(measuredFeeds(garden, feeding, pot, plan), pot),
        unusable: unusableIn(stepsFor(plan), (id) => feedProductOf(garden, id)),
      }
    : judgeProgramme(stepsOf(plan), pot, (id) => feedProductOf(garden, id), feedTools(garden))
}

/** Days of the course on which a plan feeds a pot after today. */
export function feedDays(garden: Garden, feed: FeedToday, today: number): readonly number[] {
  const { plan, nextOn, feeding } = feed
  if (!plan || nextOn === undefined) return []
  if (plan.programmeId === 'toMeasure') {
    const every = plan.everyDays ?? MEASURE_DAYS
    const first = nextOn > today ? nextOn : today + every
    const count = Math.max(0, Math.floor((feeding.endsOn - first) / every) + 1)
    return Array.from({ length: count }, (_, index) => first + index * every)
  }
  const pot = programmePot(feeding, today + 1)
  // What is due today is taken to be given today: the next is counted from it.
  const given = feed.due.map(({ dose }) => ({
    day: today,
    product: dose.product,
    massG: dose.massG,
  }))
  const feeds = plannedFeeds(
    stepsOf(plan),
    { ...pot, recorded: [...pot.recorded, ...given] },
    (id) => feedProductOf(garden, id),
    feedTools(garden),
  )
  return [...new Set(feeds.map(({ day }) => day))]
}
