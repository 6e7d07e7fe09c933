import { storeToRefs } from 'pinia'
import { nanoid } from 'nanoid'
import { InputError, keepIn, nextCode, requireIn, type Container } from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'

/** What can be done to the containers of the open garden, each as one change that can be undone. */
export function useContainerEdits() {
  const store = useGardenStore()
  const { garden } = storeToRefs(store)

  /** Keeps what was touched in a form; what others have changed in the meantime stays. */
  const keep = (container: Container, start: Container, isNew: boolean): Promise<void> =>
    store.edit(
      {
        code: isNew ? 'change.addContainer' : 'change.editContainer',
        params: { code: container.code },
      },
      (draft) => {
        keepIn(draft.containers, container, start, isNew)
      },
    )

  /** Copies stand beside it in the walk and have no place yet; gives the id of the first. */
  async function copy({ id, code }: Container, times: number): Promise<string | undefined> {
    const codes: string[] = []
    await store.edit({ code: 'change.copyContainer', params: { code, times } }, (draft) => {
      const { standing: _here, ...unplaced } = requireIn(draft.containers, id)
      const index = draft.containers.findIndex((one) => one.id === id)
      for (let copied = 1; copied <= times; copied++) {
        const own = nextCode(draft, code)
        codes.push(own)
        draft.containers.splice(index + copied, 0, { ...unplaced, id: nanoid(), code: own })
      }
    })
    return garden.value?.containers.find((one) => one.code === codes[0])?.id
  }

  const unroll = ({ id, code }: Container): Promise<void> =>
    store.edit({ code: 'change.unroll', params: { code } }, (draft) => {
      const container = requireIn(draft.containers, id)
      if (!container.rolledMm) return
      container.fillMm += container.rolledMm
      delete container.rolledMm
    })

  const remove = ({ id, code }: Container): Promise<void> =>
    store.edit({ code: 'change.deleteContainer', params: { code } }, (draft) => {
      draft.containers = draft.containers.filter((one) => one.id !== id)
      draft.plantings = draft.plantings.filter((planting) => planting.containerId !== id)
    })

  /** Takes the place of another in the walk. */
  const moveTo = ({ id, code }: Container, other: Container): Promise<void> =>
    store.edit({ code: 'change.moveContainer', params: { code } }, (draft) => {
      const from = draft.containers.findIndex((one) => one.id === id)
      const to = draft.containers.findIndex((one) => one.id === other.id)
      if (from < 0 || to < 0) throw new InputError('gone')
      const [moved] = draft.containers.splice(from, 1)
      if (moved) draft.containers.splice(to, 0, moved)
    })

  return { keep, copy, unroll, remove, moveTo }
}
