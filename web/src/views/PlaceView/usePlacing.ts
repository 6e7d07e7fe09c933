import { ref, type Ref } from 'vue'
import { storeToRefs } from 'pinia'
import { nanoid } from 'nanoid'
import {
  edits,
  freePlacesFor,
  type Container,
  type Footprint,
  type PlanPoint,
  type PotToday,
  type Space,
} from '@rimbo/core'
import { useGardenStore } from '../../stores/garden'
import { useTodayStore } from '../../stores/today'

const isStanding = ({ growth }: PotToday['plants'][number]) => growth.isStanding

/** Puts pots down on a space, moves and turns them, and takes them up. */
export function usePlacing(
  space: Readonly<Ref<Space | undefined>>,
  prints: Readonly<Ref<readonly Footprint[]>>,
  unplaced: Readonly<Ref<readonly PotToday[]>>,
  pots: Readonly<Ref<readonly PotToday[]>>,
) {
  const store = useGardenStore()
  const { now } = storeToRefs(useTodayStore())
  /** A pot with plants in it that is drawn elsewhere was moved, or had been drawn wrongly. */
  const since = ref<'now' | 'always' | undefined>('now')
  const codeOf = (id: string) =>
    store.garden?.containers.find((container) => container.id === id)?.code ?? ''

  async function stand(id: string, to: PlanPoint): Promise<void> {
    const pot = pots.value.find(({ container }) => container.id === id)
    const standing = pot?.container.standing
    const isMove = since.value === 'now' && !!standing && pot.plants.some(isStanding)
    await store.edit(
      isMove
        ? edits.moveFromNow(
            pot.container,
            { spaceId: pot.container.spaceId, standing: { ...standing, ...to } },
            { at: now.value, newId: () => nanoid() },
          )
        : edits.standContainer({ id, code: codeOf(id) }, to),
    )
  }
  async function turn(container: Container): Promise<void> {
    await store.edit(edits.turnContainer(container))
  }
  async function putAway(container: Container): Promise<void> {
    await store.edit(edits.putAwayContainer(container))
  }
  /** Each pot that has no place yet gets one where it is free, as far as there is room. */
  async function placeAll(): Promise<void> {
    const { plan } = space.value ?? {}
    if (!plan) return
    const pots = unplaced.value.map(({ container }) => container)
    await store.edit(edits.standAll(freePlacesFor(plan, pots, prints.value)))
  }

  return { since, stand, turn, putAway, placeAll }
}
