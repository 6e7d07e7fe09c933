import type { Plan } from '../../place'
import type { Garden } from '../garden'
import { requireIn, withTouched } from '../touched'
import { editOf, without, type GardenEdit } from './edit'

/** Adds a space, without a plan yet. */
export const addSpace = (id: string, name: string): GardenEdit =>
  editOf('addSpace', { name }, (draft) => {
    draft.spaces.push({ id, name, covered: false })
  })

/** Says whether a space is covered from rain. */
export const coverSpace = (id: string, covered: boolean): GardenEdit =>
  editOf('settings', {}, (draft) => {
    requireIn(draft.spaces, id).covered = covered
  })

/** Whether any pot stands in a space, stood there first, or was ever moved into it. */
export const isSpaceNeeded = (
  { containers, records }: Pick<Garden, 'containers' | 'records'>,
  id: string,
): boolean =>
  containers.some(({ spaceId }) => spaceId === id) ||
  records.some(
    (record) =>
      record.kind === 'move' &&
      record.spaceId === id &&
      containers.some((one) => one.id === record.containerId),
  )

/** Removes a space. */
export const removeSpace = (id: string): GardenEdit =>
  editOf('removeSpace', {}, (draft) => {
    draft.spaces = without(draft.spaces, id)
  })

/** A plan as its form has it, upon what is stored by now. */
export const keepPlan = (
  { id, name }: { readonly id: string; readonly name: string },
  plan: Plan,
  start: Plan | undefined,
): GardenEdit =>
  editOf('plan', { name }, (draft) => {
    const kept = requireIn(draft.spaces, id)
    kept.plan = kept.plan && start ? withTouched(kept.plan, start, plan) : plan
    // A slab keeps the rain off; without one the gardener's own word stands.
    if (plan.slab) kept.covered = true
  })
