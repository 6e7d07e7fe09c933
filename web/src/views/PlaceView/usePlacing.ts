import type { Ref } from 'vue'
import {
  boxOf,
  footprintOf,
  freePlaceFor,
  requireIn,
  type Container,
  type Footprint,
  type PlanPoint,
  type PotToday,
  type Space,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'

/** Puts pots down on a space, moves and turns them, and takes them up. */
export function usePlacing(
  space: Readonly<Ref<Space | undefined>>,
  prints: Readonly<Ref<readonly Footprint[]>>,
  unplaced: Readonly<Ref<readonly PotToday[]>>,
) {
  const store = useGardenStore()
  const codeOf = (id: string) =>
    store.garden?.containers.find((container) => container.id === id)?.code ?? ''

  async function stand(id: string, to: PlanPoint): Promise<void> {
    await store.edit({ code: 'change.moveContainer', params: { code: codeOf(id) } }, (draft) => {
      const container = requireIn(draft.containers, id)
      container.standing = { isTurned: false, ...container.standing, ...to }
    })
  }
  async function turn(container: Container): Promise<void> {
    await store.edit(
      { code: 'change.moveContainer', params: { code: container.code } },
      (draft) => {
        const { standing } = requireIn(draft.containers, container.id)
        if (standing) standing.isTurned = !standing.isTurned
      },
    )
  }
  async function putAway(container: Container): Promise<void> {
    await store.edit(
      { code: 'change.moveContainer', params: { code: container.code } },
      (draft) => {
        delete requireIn(draft.containers, container.id).standing
      },
    )
  }
  /** Each pot that has no place yet gets one where it is free, as far as there is room. */
  async function placeAll(): Promise<void> {
    const { plan } = space.value ?? {}
    if (!plan) return
    const placed: Footprint[] = [...prints.value]
    const found = new Map<string, PlanPoint>()
    const { leftMm, lowMm } = boxOf(plan.corners)
    for (const { container } of unplaced.value) {
      const standing = { xMm: leftMm, yMm: lowMm, isTurned: false }
      const print = footprintOf({ ...container, standing })!
      const place = freePlaceFor(plan, print, placed)
      if (!place) continue
      placed.push({ ...print, ...place })
      found.set(container.id, place)
    }
    await store.edit({ code: 'change.placeAll', params: {} }, (draft) => {
      for (const container of draft.containers) {
        const place = found.get(container.id)
        if (place) container.standing = { ...place, isTurned: false }
      }
    })
  }

  return { stand, turn, putAway, placeAll }
}
