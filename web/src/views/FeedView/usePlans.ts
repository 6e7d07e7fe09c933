import { requireIn, type Container, type FeedPlan } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'

/** By which programme a pot is fed, or all of them; each as one change that can be undone. */
export function usePlans(container: () => Container) {
  const store = useGardenStore()

  const take = (plan: FeedPlan): Promise<void> => {
    const { id, code } = container()
    return store.edit({ code: 'change.feedPlan', params: { code } }, (draft) => {
      requireIn(draft.containers, id)
      draft.feedPlans[id] = { ...plan }
    })
  }
  /** Every pot in which something grows. */
  const takeAll = (plan: FeedPlan): Promise<void> =>
    store.edit({ code: 'change.feedPlanAll' }, (draft) => {
      for (const { containerId } of draft.plantings) draft.feedPlans[containerId] = { ...plan }
    })
  const clear = (): Promise<void> => {
    const { id, code } = container()
    return store.edit({ code: 'change.noFeedPlan', params: { code } }, (draft) => {
      delete draft.feedPlans[id]
    })
  }
  return { take, takeAll, clear }
}
