import { edits, type Container, type FeedPlan } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'

/** By which programme a pot is fed, or all of them; each as one change that can be undone. */
export function usePlans(container: () => Container) {
  const store = useGardenStore()
  return {
    take: (plan: FeedPlan): Promise<void> => store.edit(edits.feedBy(container(), plan)),
    takeAll: (plan: FeedPlan): Promise<void> => store.edit(edits.feedAllBy(plan)),
    clear: (): Promise<void> => store.edit(edits.stopFeeding(container())),
  }
}
