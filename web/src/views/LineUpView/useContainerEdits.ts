import { nanoid } from 'nanoid'
import { edits, type Container } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'

/** What can be done to the containers of the open garden, each as one change that can be undone. */
export function useContainerEdits() {
  const store = useGardenStore()

  /** Keeps what was touched in a form; what others have changed in the meantime stays. */
  const keep = (container: Container, start: Container, isNew: boolean): Promise<void> =>
    store.edit(edits.keepContainer(container, start, isNew))

  /** Copies stand beside it in the walk and have no place yet; gives the id of the first. */
  async function copy(container: Container, times: number): Promise<string | undefined> {
    const ids = Array.from({ length: times }, () => nanoid())
    await store.edit(edits.copyContainer(container, ids))
    return ids[0]
  }

  const unroll = (container: Container): Promise<void> =>
    store.edit(edits.unrollContainer(container))

  const remove = (container: Container): Promise<void> =>
    store.edit(edits.removeContainer(container))

  /** Takes the place of another in the walk. */
  const moveTo = (container: Container, other: Container): Promise<void> =>
    store.edit(edits.moveInWalk(container, other.id))

  return { keep, copy, unroll, remove, moveTo }
}
