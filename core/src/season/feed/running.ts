import { stepsOf, type BentStep, type FeedPlan } from '../../feed'
import type { ShelfStock } from '../../garden'
import { byMeasure, stepsToMeasure } from './byMeasure'
import { bySteps } from './bySteps'
import { isFedOn, type PotFeeding } from './potFeeding'
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

/** No plan feeds plants that do not use it any more, nor those that rest over winter. */
function whereOfUse(feeding: PotFeeding, run: PlanRun): PlanRun {
  const isOfUse = ({ day }: { readonly day: number }) => isFedOn(feeding, day)
  const afterRest = (day: number) =>
    feeding.rests && day >= feeding.rests.from ? Math.max(day, feeding.rests.to) : day
  return {
    steps: run.steps,
    dueOn: (asked) => {
      const { found, nextOn } = run.dueOn(asked)
      const next = nextOn === undefined ? undefined : afterRest(nextOn)
      return {
        found: isOfUse(asked) ? found : [],
        nextOn: next !== undefined && isFedOn(feeding, next) ? next : undefined,
      }
    },
    // Programmes are judged by what they would give to the end.
    feedsFrom: run.feedsFrom,
    feedsAfter: (today, due, nextOn) => run.feedsAfter(today, due, nextOn).filter(isOfUse),
  }
}

/** A pot's plan, ready to be asked. */
export const runOf = (context: RunContext): PlanRun =>
  whereOfUse(context.feeding, isToMeasure(context.plan) ? byMeasure(context) : bySteps(context))
