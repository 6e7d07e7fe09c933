import {
  judgeFeeds,
  judgeProgramme,
  nutrientLedger,
  plannedFeeds,
  stepsOf,
  type FeedPlan,
  type PlannedFeed,
  type ProgrammePot,
  type ProgrammeVerdict,
} from '../feed'
import { feedProductOf, type Garden } from '../garden'
import { FIRST_AFTER_DAYS, measuredDose, MEASURE_DAYS } from './feedChoosing'
import { dosedPot, feedTools, type PotFeeding } from './feeding'
import type { FeedToday } from './feedToday'

/** A pot as programmes are judged for it, from a day of its course on. */
export const programmePot = (feeding: PotFeeding, from: number, takesL: number): ProgrammePot => ({
  fed: feeding.fed,
  dosed: dosedPot(feeding.pot, takesL),
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
  for (let day = first; day <= pot.to; day += every) {
    const then = { ...feeding, ledger: nutrientLedger(feeding.fed, events) }
    const dosed = { ...pot.dosed, takesL: feeding.fed.givenL[day] || pot.dosed.takesL }
    const dose = measuredDose(garden, then, dosed, day, plan)
    if (!dose) continue
    feeds.push({ day, dose })
    events = [...events, { day, product: dose.product, massG: dose.massG }]
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
  const usualL = meanGivenL(feeding)
  const pot = programmePot(feeding, from, usualL)
  return plan.programmeId === 'toMeasure'
    ? judgeFeeds(measuredFeeds(garden, feeding, pot, plan), pot)
    : judgeProgramme(stepsOf(plan), pot, (id) => feedProductOf(garden, id), feedTools(garden))
}

/** Water of a usual watering, L. */
function meanGivenL({ fed }: PotFeeding): number {
  const given = fed.givenL.filter((litres) => litres > 0.05)
  return given.length ? given.reduce((sum, litres) => sum + litres, 0) / given.length : 0
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
  const pot = programmePot(feeding, today + 1, meanGivenL(feeding))
  const feeds = plannedFeeds(
    stepsOf(plan),
    pot,
    (id) => feedProductOf(garden, id),
    feedTools(garden),
  )
  return [...new Set(feeds.map(({ day }) => day))]
}
