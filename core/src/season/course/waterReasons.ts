import { memory, practice, published, reason, type Reason } from '../../units'
import { storeReasons, type Learned, type WaterPlan } from '../../water'
import type { PotBase } from './pot'

const filter = published('Gordon, Salmond & Smith 1993, IEE Proc. F 140:107–113 (particle filter)')
const depletion = published('FAO Irrigation and Drainage Paper 56, Eq. 84 and Table 22')

/** What tests of this pot told about it. */
export const learnedReasons = (learned: Learned | undefined): readonly Reason[] =>
  learned
    ? [
        reason(
          'water.learned',
          {
            testCount: learned.testCount,
            thirst: learned.thirst.mean.toFixed(1),
            spread: Math.max(0.1, learned.thirst.sd).toFixed(1),
          },
          filter,
        ),
      ]
    : []

/** Why a pot is given so much now, or nothing. */
export function amountReasons(
  { water, container }: PotBase,
  { nowL, eveningL, passes, nextH, isTooSmall }: WaterPlan,
  depletionL: number,
  safeL: number,
): readonly Reason[] {
  const missing = { missingWaterL: depletionL, safeWaterL: safeL }
  return [
    nowL > 0
      ? reason('plan.fills', missing, depletion)
      : reason(
          'plan.notYet',
          { ...missing, ...(nextH === undefined ? {} : { nextHours: nextH }) },
          depletion,
        ),
    ...(eveningL > 0 ? [reason('plan.evening', { eveningWaterL: eveningL }, depletion)] : []),
    ...(passes === 2 ? [reason('plan.twoPasses', {}, memory)] : []),
    ...(isTooSmall ? [reason('plan.tooSmall', {}, depletion)] : []),
    ...(nowL > 0 ? [reason('plan.runsOut', {}, practice)] : []),
    ...storeReasons(water, container),
  ]
}
