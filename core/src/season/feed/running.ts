import { stepsOf, type BentStep, type FeedPlan } from '../../feed'
import { byMeasure, stepsToMeasure } from './byMeasure'
import { bySteps } from './bySteps'
import type { PlanRun, RunContext } from './run'

/** The one programme that is not made of steps; all others are a table in `feed/schools`. */
const isToMeasure = ({ programmeId }: FeedPlan) => programmeId === 'toMeasure'

/** Steps of a plan, as far as products are chosen for it. */
export const stepsFor = (plan: FeedPlan): readonly BentStep[] =>
  isToMeasure(plan) ? stepsToMeasure(plan) : stepsOf(plan)

/** A pot's plan, ready to be asked. */
export const runOf = (context: RunContext): PlanRun =>
  isToMeasure(context.plan) ? byMeasure(context) : bySteps(context)
