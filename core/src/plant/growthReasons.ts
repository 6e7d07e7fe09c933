import { memory, reason, type Reason } from '../units'
import type { GrowthCourse } from './course'
import { lightYieldProvenance } from './light'
import { NORMAL_DAY, warmthProvenance } from './warmth'

/** How a plant comes to the size and the stage it has on a day of its course. */
export function growthReasons(course: GrowthCourse, day: number): readonly Reason[] {
  const { plant, development, warmth, lightShare, waterShare, height } = course
  const at = Math.max(0, Math.min(course.days - 1, day))
  const { measuredCount, factor, sdShare } = height
  return [
    reason(
      'growth.warmth',
      {
        maturityDays: plant.variety.daysToMaturity,
        neededDays: development.flower + development.toRipe,
        highC: NORMAL_DAY.tempMaxC,
        lowC: NORMAL_DAY.tempMinC,
      },
      warmthProvenance,
    ),
    ...(plant.told ? [reason('growth.told', { ...plant.told }, { mark: 'measured' })] : []),
    reason('growth.warmthNow', { hadDays: warmth[at] ?? 0 }),
    reason('growth.roots', { massShare: course.yield.perPlant }),
    ...course.yield.reasons,
    reason('growth.light', { leftShare: lightShare[at] ?? 1 }, lightYieldProvenance),
    ...((waterShare[at] ?? 1) < 0.995
      ? [reason('growth.water', { leftShare: waterShare[at]! }, memory)]
      : []),
    measuredCount > 0
      ? reason(
          'growth.measured',
          { measuredCount, tallerShare: factor, sdShare },
          { mark: 'measured' },
        )
      : reason('growth.notMeasured', { sdShare }, memory),
    ...(development.isFlowerSeen ? [reason('growth.flowerSeen', {}, { mark: 'measured' })] : []),
    ...(development.isRipeSeen ? [reason('growth.ripeSeen', {}, { mark: 'measured' })] : []),
  ]
}
