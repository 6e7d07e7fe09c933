import { memory, reason, type Reason } from '../units'
import { degreeDaysProvenance } from '../weather'
import type { GrowthCourse } from './course'
import { lightYieldProvenance } from './light'

/** How a plant comes to the size and the stage it has on a day of its course. */
export function growthReasons(course: GrowthCourse, day: number): readonly Reason[] {
  const { plant, development, degreeDays, lightShare, waterShare, height } = course
  const at = Math.max(0, Math.min(course.days - 1, day))
  const { measuredCount, factor, sdShare } = height
  return [
    reason(
      'growth.warmth',
      {
        maturityDays: plant.variety.daysToMaturity,
        neededDegreeDays: development.flower + development.toRipe,
      },
      degreeDaysProvenance,
    ),
    reason('growth.warmthNow', { hadDegreeDays: degreeDays[at] ?? 0 }),
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
