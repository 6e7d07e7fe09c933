import { group } from 'd3-array'
import {
  isSoluble,
  plannedFeeds,
  productOn,
  stepDose,
  stepDue,
  stepFault,
  stepsOf,
  WAITS_DAYS,
} from '../../feed'
import { feedTools } from '../../garden'
import { dosedPot } from './events'
import { programmePot } from './potFeeding'
import type { DoseDue, FeedDay, PlanRun, RunContext } from './run'

/**
 * Whether a solution goes out: with the pot's water, or by itself where that is days
 * off; a reservoir has room for it on any day.
 */
export const isTimeFor = (
  dueOn: number,
  { day, isWatered }: FeedDay,
  hasReservoir: boolean,
): boolean => isWatered || hasReservoir || day - dueOn >= WAITS_DAYS

/** A plan whose programme is made of steps. */
export function bySteps({ garden, feeding, plan, productOf }: RunContext): PlanRun {
  const { fed, flowersOn, endsOn, given } = feeding
  const dosed = dosedPot(feeding.pot)
  const tools = feedTools(garden)
  const steps = stepsOf(plan)
  return {
    steps,
    dueOn: (asked) => {
      const { day, isWatered } = asked
      const found: DoseDue[] = []
      let nextOn: number | undefined
      for (const step of steps) {
        const due = stepDue(step, given, fed.plantedOn, day, endsOn)
        if (!due) continue
        const { dueOn } = due
        const product = productOf(productOn(step, day, flowersOn))
        if (!product || stepFault(step.dose, product)) continue
        const isNow =
          step.everyDays === 0
            ? isWatered
            : !isSoluble(product) || isTimeFor(dueOn, asked, dosed.hasReservoir)
        nextOn = Math.min(nextOn ?? Infinity, Math.max(isNow ? day : day + 1, dueOn))
        if (dueOn <= day && isNow)
          found.push({ dose: stepDose(step, product, dosed, tools), dueOn })
      }
      return { found, nextOn }
    },
    feedsFrom: (pot) => plannedFeeds(steps, pot, productOf, tools),
    feedsAfter: (today, due) => {
      const pot = programmePot(feeding, today + 1)
      // What is due today is taken to be given today: the next is counted from it.
      const now = due.map(({ product, massG }) => ({ day: today, product, massG }))
      const feeds = plannedFeeds(
        steps,
        { ...pot, recorded: [...pot.recorded, ...now] },
        productOf,
        tools,
      )
      const byDay = group(feeds, ({ day }) => day)
      return [...byDay].map(([day, ofDay]) => ({ day, doses: ofDay.map(({ dose }) => dose) }))
    },
  }
}
