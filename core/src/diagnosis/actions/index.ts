import { practice, reason, type Reason } from '../../units'
import type { OldMixVerdict } from '../../mix'
import type { CauseId } from '../causes'
import type { CausePlan } from './plan'
import { causePlans } from './plans'
import {
  actionsByStep,
  actionSteps,
  cautionsOf,
  type ActionId,
  type ActionStep,
} from './vocabulary'

/** What is known where something is to be done. */
export interface ActionContext {
  readonly crop?: 'tomato' | 'pepper'
  /** Products on the shelf with what their own label says, in the gardener's words. */
  readonly labels?: readonly { readonly name: string; readonly text: string }[]
  /** What the used mix would be good for, with this cause as its past. */
  readonly mix?: OldMixVerdict
}

export interface Action {
  readonly id: ActionId | MixAction | 'plantGoes' | 'plantMayGo'
  readonly step: ActionStep
  readonly cautions: readonly Reason[]
  readonly reasons: readonly Reason[]
}
/** What becomes of the mix: Mix's rule for old mix, in an action. */
export const mixActions = ['mixRecharge', 'mixFlushFirst', 'mixRenew', 'mixNotForThese'] as const
export type MixAction = (typeof mixActions)[number]
const mixAction: Readonly<Record<OldMixVerdict, MixAction>> = {
  recharge: 'mixRecharge',
  flushFirst: 'mixFlushFirst',
  renew: 'mixRenew',
  notForThese: 'mixNotForThese',
}

const stepOfAction = new Map<string, ActionStep>(
  actionSteps.flatMap((step) => actionsByStep[step].map((id) => [id, step])),
)

const caution = (code: string): Reason => reason(`check.caution.${code}`, {}, practice)

/** A hot pepper burns hands; the caution for it stands with peppers only. */
const isFor = (code: string, crop: ActionContext['crop']): boolean =>
  code !== 'pepperHands' || crop === 'pepper'

function action(id: ActionId, { crop, labels = [] }: ActionContext): Action {
  const step = stepOfAction.get(id)!
  return {
    id,
    step,
    cautions: (cautionsOf[id] ?? []).filter((code) => isFor(code, crop)).map(caution),
    // The only rate ever told is the one that the gardener copied off the label.
    reasons:
      step === 'product'
        ? labels.map(({ name, text }) =>
            reason('check.yourLabel', { name, text }, { mark: 'measured' }),
          )
        : [],
  }
}

/** A plan's last words: whether the plant can stay, and the mix be used again. */
function ending({ plant, trouble }: CausePlan, { mix }: ActionContext): readonly Action[] {
  const last = (id: Action['id'], cautions: readonly string[] = []): Action => ({
    id,
    step: 'after',
    cautions: cautions.map(caution),
    reasons: [],
  })
  const verdict = trouble === 'none' ? mix : 'notForThese'
  return [
    ...(plant === 'goes' ? [last('plantGoes', ['notFood'])] : []),
    ...(plant === 'goesIfWorse' ? [last('plantMayGo', ['notFood'])] : []),
    ...(verdict && (plant !== 'stays' || trouble !== 'none')
      ? [last(mixAction[verdict], ['mixDust'])]
      : []),
  ]
}

/**
 * What to do about a cause, in the order in which to try it: what does no harm,
 * what hands can do, a product registered for the crop where one may serve, what
 * not to do, and what comes after. No rate of a product is told but the one on the
 * gardener's own label.
 *
 * @example actionsFor('saltBurn', { crop: 'tomato' })[0].id // => 'stopFeeding'
 */
export function actionsFor(cause: CauseId, context: ActionContext = {}): readonly Action[] {
  const plan = causePlans[cause]
  const actions = plan.actions.map((id) => action(id, context))
  return [
    ...actionSteps.flatMap((step) => actions.filter((each) => each.step === step)),
    ...ending(plan, context),
  ]
}

export { betterSigns, type BetterSign, type CausePlan } from './plan'
export { causePlans } from './plans'
export { actionIds, actionSteps, type ActionId, type ActionStep } from './vocabulary'
