import {
  chooseForPot,
  daysBetween,
  feedToday,
  gardenCourse,
  gardenOn,
  type ChosenForPot,
  type Garden,
} from '@rimbo/core'
import { expose } from './door'
import { loadSolver } from './solver'

const work = {
  /** The feeds on the shelf that best bring a container to its next visit. */
  choose: async (
    garden: Garden,
    at: string,
    containerId: string,
    days: number,
    progress: (share: number) => void,
  ): Promise<ChosenForPot | undefined> => {
    const solve = await loadSolver()
    progress(0.3)
    const containers = garden.containers.filter(({ id }) => id === containerId)
    const course = gardenCourse(garden, at, undefined, containers)
    const pot = gardenOn(course, course.today).pots[0]
    const feed = pot && feedToday(course, course.pots[0]!, pot)
    progress(0.6)
    if (!feed) return undefined
    const day = daysBetween(course.from, course.today)
    return chooseForPot(course, feed, pot, day, days, solve)
  },
}
export type FeedWork = typeof work
expose(work)
