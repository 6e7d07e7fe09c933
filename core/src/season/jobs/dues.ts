import { addDays, daysBetween } from '../../units'
import { waterDues, type Due, type GardenCourse, type GardenToday } from '../course'
import { feedDays, type FeedToday } from '../feed'

type FeedOf = (containerId: string) => FeedToday | undefined

/** All that is due today, pot by pot in walking order: water first, then feed, held back or not. */
export const duesToday = ({ pots, date }: GardenToday, feedOf: FeedOf): readonly Due[] =>
  pots.flatMap((pot) => [...waterDues(pot, date), ...(feedOf(pot.container.id)?.due ?? [])])

/**
 * What will be due after today: feeds, by their plans. Water is worked out anew every
 * day; the strings show what is expected of it.
 */
export function duesAhead(
  { garden, from, today, pots }: GardenCourse,
  feedOf: FeedOf,
): readonly Due[] {
  const day = daysBetween(from, today)
  return pots.flatMap(({ container: { id: containerId } }) => {
    const feed = feedOf(containerId)
    return (feed ? feedDays(garden, feed, day) : []).map((on): Due => ({
      kind: 'feed',
      containerId,
      dueOn: addDays(from, on),
      amounts: [],
    }))
  })
}
