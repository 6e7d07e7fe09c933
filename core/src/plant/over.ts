import type { GrowthCourse } from './course'

/** The last fruits are full grown so long before they are picked: what is fed later is not used (memory). */
const LAST_FEED_DAYS = 21

/** Day of its course on which a plant is over: by frost, or with its last fruit; past the end where neither comes. */
export const overOn = ({ frostOn, trusses, days }: GrowthCourse): number =>
  Math.min(frostOn, trusses.at(-1)?.pickedOn ?? days)

/**
 * Day of its course from which feed is no use to a plant any more, as its last fruits are full
 * grown and only ripen.
 *
 * @returns undefined where its end does not come within the course
 */
export function lastFeedOn(course: GrowthCourse): number | undefined {
  const over = overOn(course)
  return over < course.days ? over - LAST_FEED_DAYS : undefined
}
