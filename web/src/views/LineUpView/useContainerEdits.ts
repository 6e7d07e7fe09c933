import { nanoid } from 'nanoid'
import { storeToRefs } from 'pinia'
import { edits, type Container } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'

/** What can be done to the containers of the open garden, each as one change that can be undone. */
export function useContainerEdits() {
  const store = useGardenStore()
  const { now } = storeToRefs(useTodayStore())

  /**
   * Keeps what was touched in a form; what others have changed in the meantime stays. How a
   * known pot stands is changed from now on, or was always so.
   */
  const keep = (
    container: Container,
    start: Container,
    since: 'new' | 'now' | 'always',
  ): Promise<void> =>
    store.edit(
      since === 'new'
        ? edits.keepContainer(container, start, true)
        : edits.changeContainer(container, start, since === 'now' ? fromNow() : undefined),
    )
  const fromNow = () => ({ at: now.value, newId: () => nanoid() })

  /** Copies stand beside it in the walk and have no place yet; gives the id of the first. */
  async function copy(container: Container, times: number): Promise<string | undefined> {
    const ids = Array.from({ length: times }, () => nanoid())
    await store.edit(edits.copyContainer(container, ids))
    return ids[0]
  }

  const unroll = (container: Container): Promise<void> =>
    store.edit(edits.unrollContainer(container, fromNow()))

  const remove = (container: Container): Promise<void> =>
    store.edit(edits.removeContainer(container))

  /** Takes the place of another in the walk. */
  const moveTo = (container: Container, other: Container): Promise<void> =>
    store.edit(edits.moveInWalk(container, other.id))

  return { keep, copy, unroll, remove, moveTo }
}
