import { stepsOf, type BentStep, type FeedPlan } from '../../feed'
import type { ShelfStock } from '../../garden'
import { byMeasure, stepsToMeasure } from './byMeasure'
import { bySteps } from './bySteps'
import type { PlanRun, RunContext } from './run'

/** The one programme that is not made of steps; all others are a table in `feed/schools`. */
const isToMeasure = ({ programmeId }: FeedPlan) => programmeId === 'toMeasure'

const NO_SHELF: readonly ShelfStock[] = []
/** What a plan asks of the shelf: only fed to measure does it choose by what is there. */
export const shelfFor = (plan: FeedPlan | undefined, shelf: readonly ShelfStock[]) =>
  plan && isToMeasure(plan) ? shelf : NO_SHELF

/** Steps of a plan, as far as products are chosen for it. */
export const stepsFor = (plan: FeedPlan): readonly BentStep[] =>
  isToMeasure(plan) ? stepsToMeasure(plan) : stepsOf(plan)

/** A pot's plan, ready to be asked. */
export const runOf = (context: RunContext): PlanRun =>
  isToMeasure(context.plan) ? byMeasure(context) : bySteps(context)
