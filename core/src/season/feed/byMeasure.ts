import {
  bestSingle,
  canRateOf,
  doseFor,
  isSoluble,
  labelStrengthGL,
  nutrientLedger,
  solutionDay,
  solutionL,
  type BentStep,
  type FeedDose,
  type FeedPlan,
  type FeedProduct,
  type PlannedFeed,
  type ProgrammePot,
} from '../../feed'
import { feedTools } from '../../garden'
import { isTimeFor } from './bySteps'
import { choicesFrom, feedWish } from './choosing'
import { dosedPot } from './events'
import type { PlanRun, RunContext } from './run'

/** Days between two feeds where the gardener has not said, fed to measure. */
const MEASURE_DAYS = 7
/** Roots settle in before the first (practice). */
const FIRST_AFTER_DAYS = 10
/** Less than this share of what is needed in the time is not worth a feed. */
const WORTH_SHARE = 0.1

/** Fed to measure there is one step, where a product is chosen for it: in a can, by its label. */
export function stepsToMeasure(plan: FeedPlan): readonly BentStep[] {
  const { productId = plan.lateProductId, lateProductId } = plan
  if (productId === undefined) return []
  const dose = { kind: 'label', times: 1, isInCan: true } as const
  const step = { productId, dose, firstDay: 0, everyDays: MEASURE_DAYS, strength: 1 }
  return [{ ...step, ...(lateProductId !== undefined && { lateProductId }) }]
}

/** Fed to measure: the one product at hand, at its label's strength, in as many litres as bring what is missing. */
function measuredDose(
  { garden, shelf, feeding, plan }: RunContext,
  day: number,
): FeedDose | undefined {
  const days = plan.everyDays ?? MEASURE_DAYS
  const wish = feedWish(feeding, day, days)
  const isWorth = (['n', 'k'] as const).some(
    (one) => wish.missingG[one] > WORTH_SHARE * wish.needG[one] && wish.missingG[one] > 0,
  )
  if (!isWorth) return undefined
  const chosen = day >= feeding.flowersOn ? (plan.lateProductId ?? plan.productId) : plan.productId
  const ofPlan = (product: FeedProduct) =>
    isSoluble(product) && (chosen === undefined || product.id === chosen)
  const dosed = dosedPot(feeding.pot)
  const best = bestSingle(choicesFrom(shelf, dosed, ofPlan), wish)
  if (!best) return undefined
  const { product } = best
  const rate = canRateOf(product)
  const tools = feedTools(garden)
  const massG = best.massG * (plan.strength ?? 1)
  if (!rate) return doseFor(dosed, product, { kind: 'mass', massG }, tools)
  const { gramsL, mostGL } = labelStrengthGL(rate, product)
  // One can for all pots: its strength is the label's, its litres are the pot's own.
  const roomL = solutionL(dosed)
  const strengthGL = massG / gramsL > roomL ? mostGL : gramsL
  const volumeL = Math.min(massG / strengthGL, roomL)
  return doseFor(dosed, product, { kind: 'litres', volumeL, gramsL: strengthGL }, tools)
}

/** Fed to measure over the rest of the season: each feed by the ledger as it is then. */
function measuredFeeds(context: RunContext, pot: ProgrammePot, every: number): PlannedFeed[] {
  const { feeding } = context
  const { fed } = feeding
  const first = Math.max(pot.from, fed.plantedOn + FIRST_AFTER_DAYS)
  const feeds: PlannedFeed[] = []
  let events = pot.recorded
  for (let due = first; due <= pot.to; due += every) {
    const day = solutionDay(fed, due)
    if (day > pot.to) break
    const then = { ...feeding, ledger: nutrientLedger(fed, events) }
    const dose = measuredDose({ ...context, feeding: then }, day)
    if (!dose) continue
    feeds.push({ day, dose })
    const { product, massG, solution } = dose
    events = [...events, { day, product, massG, ...(solution && { volumeL: solution.volumeL }) }]
  }
  return feeds
}

/** Rimbo's own programme: each feed brings what the ledger is short of until the next. */
export function byMeasure(context: RunContext): PlanRun {
  const { feeding, plan } = context
  const { hasReservoir } = dosedPot(feeding.pot)
  const every = plan.everyDays ?? MEASURE_DAYS
  return {
    steps: stepsToMeasure(plan),
    dueOn: (asked) => {
      const { day, isFed, lastOn } = asked
      const dueOn = lastOn === undefined ? feeding.fed.plantedOn + FIRST_AFTER_DAYS : lastOn + every
      const isTime = isTimeFor(dueOn, asked, hasReservoir)
      const dose = dueOn <= day && !isFed && isTime ? measuredDose(context, day) : undefined
      return {
        found: dose ? [{ dose, dueOn }] : [],
        nextOn: Math.max(dueOn, day + (isFed ? every : isTime ? 0 : 1)),
      }
    },
    feedsFrom: (pot) => measuredFeeds(context, pot, every),
    feedsAfter: (today, _due, nextOn) => {
      const first = nextOn > today ? nextOn : today + every
      const count = Math.max(0, Math.floor((feeding.endsOn - first) / every) + 1)
      return Array.from({ length: count }, (_, index) => ({
        day: first + index * every,
        doses: [],
      }))
    },
  }
}
