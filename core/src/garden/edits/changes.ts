import type { Container } from '../../container'
import { dayOf } from '../../units'
import type { Garden } from '../garden'
import { inOrder } from '../history'
import type { GardenRecord } from '../kinds'
import { isSame, keepIn, requireIn } from '../touched'
import { editOf, type GardenEdit } from './edit'

/** Fields of a container that records change, and the kinds that change them. */
const SOURCES = {
  fillMm: ['fill', 'topUp'],
  recipeId: ['fill'],
  mulchMm: ['mulch'],
  rolledMm: ['unroll'],
  spaceId: ['move'],
  standing: ['move'],
} as const satisfies Partial<Record<keyof Container, readonly GardenRecord['kind'][]>>
type StateField = keyof typeof SOURCES
type Stands = Partial<Pick<Container, StateField>>
const STATE_FIELDS = Object.keys(SOURCES) as readonly StateField[]

/** The record that set a field last; none where the container has had it so from the first. */
const sourceOf = (draft: Garden, id: string, field: StateField): GardenRecord | undefined =>
  inOrder(
    draft.records.filter(
      ({ containerId, kind }) =>
        containerId === id && SOURCES[field].some((known) => known === kind),
    ),
  ).at(-1)

function setIn(record: GardenRecord, field: StateField, to: Stands): void {
  if (record.kind === 'topUp' || record.kind === 'fill') {
    if (field === 'fillMm' && to.fillMm !== undefined) record.fillMm = to.fillMm
    if (record.kind === 'topUp') delete record.volumeL
    else if (field === 'recipeId' && to.recipeId !== undefined) record.recipeId = to.recipeId
  } else if (record.kind === 'mulch') record.depthMm = to.mulchMm ?? 0
  else if (record.kind === 'unroll') record.rolledMm = to.rolledMm ?? 0
  else if (record.kind === 'move') {
    if (field === 'spaceId' && to.spaceId !== undefined) record.spaceId = to.spaceId
    if (field === 'standing') {
      if (to.standing) record.standing = { ...to.standing }
      else delete record.standing
    }
  }
}

/**
 * Corrects a mistake: changes the record that set a field, or the container itself where
 * no record did.
 *
 * @param draft  of the garden, changed in place
 * @param fields to correct; one without a value is removed
 */
export function correctIn(
  draft: Garden,
  id: string,
  fields: readonly StateField[],
  to: Stands,
): void {
  const container = requireIn(draft.containers, id)
  for (const field of fields) {
    const source = sourceOf(draft, id, field)
    if (source) setIn(source, field, to)
    else if (to[field] === undefined)
      delete container[field as 'standing' | 'recipeId' | 'rolledMm']
    else Object.assign(container, { [field]: to[field] })
  }
}

/** When a change is made, and an id for its record. */
export interface From {
  /** Moment, `YYYY-MM-DDTHH:mm`. */
  readonly at: string
  readonly newId: () => string
}

/** A pot stands somewhere else from now on. Of several moves on one day only the last is kept. */
export const moveFromNow = (
  { id: containerId, code }: Pick<Container, 'id' | 'code'>,
  { spaceId, standing }: Pick<Container, 'spaceId' | 'standing'>,
  { at, newId }: From,
): GardenEdit =>
  editOf('moveContainer', { code }, (draft) => {
    requireIn(draft.containers, containerId)
    const today = draft.records.findLast(
      (one) =>
        one.kind === 'move' && one.containerId === containerId && dayOf(one.at) === dayOf(at),
    )
    if (today?.kind === 'move') Object.assign(today, { spaceId }, standing && { standing })
    else
      draft.records.push({
        id: newId(),
        at,
        containerId,
        kind: 'move',
        spaceId,
        ...(standing && { standing }),
      })
  })

/** Records of the fields that a form has changed. */
function changeRecords(
  start: Container,
  container: Container,
  changed: readonly StateField[],
  { at, newId }: From,
): GardenRecord[] {
  const every = { at, containerId: container.id }
  const has = (field: StateField) => changed.includes(field)
  const { fillMm, recipeId, mulchMm, rolledMm = 0, spaceId, standing } = container
  const isNewMix = has('recipeId') || (has('fillMm') && fillMm < start.fillMm && !has('rolledMm'))
  return [
    ...(has('rolledMm') ? [{ id: newId(), ...every, kind: 'unroll' as const, rolledMm }] : []),
    ...(isNewMix && recipeId !== undefined
      ? [{ id: newId(), ...every, kind: 'fill' as const, recipeId, fillMm }]
      : has('fillMm') && fillMm > start.fillMm
        ? [{ id: newId(), ...every, kind: 'topUp' as const, fillMm }]
        : []),
    ...(has('mulchMm')
      ? [
          {
            id: newId(),
            ...every,
            kind: 'mulch' as const,
            depthMm: mulchMm,
            material: 'chips' as const,
          },
        ]
      : []),
    ...(has('spaceId') || has('standing')
      ? [{ id: newId(), ...every, kind: 'move' as const, spaceId, ...(standing && { standing }) }]
      : []),
  ]
}

/** Fields that a form has changed and that records can change too: with a plant in the pot it is asked since when. */
export const changedState = (start: Container, container: Container): readonly StateField[] =>
  STATE_FIELDS.filter((field) => !isSame(start[field], container[field]))

/**
 * A known pot as its form has it: what records can change is changed from now on, or
 * corrected where no moment is given; all else is corrected.
 *
 * @param start the pot as it stood when the form was filled
 * @param from  moment of the change; left out where it was always so
 */
export const changeContainer = (container: Container, start: Container, from?: From): GardenEdit =>
  editOf('editContainer', { code: container.code }, (draft) => {
    const changed = changedState(start, container)
    const stored = requireIn(draft.containers, container.id)
    const state = Object.fromEntries(STATE_FIELDS.map((field) => [field, stored[field]]))
    const unmoved = <C extends Container>(one: C) => clean({ ...one, ...state })
    keepIn(draft.containers, unmoved(container), unmoved(start), false)
    if (from) draft.records.push(...changeRecords(start, container, changed, from))
    else correctIn(draft, container.id, changed, container)
  })

/** Without fields that have no value. */
const clean = <T extends object>(one: T): T =>
  Object.fromEntries(Object.entries(one).filter(([, value]) => value !== undefined)) as T
