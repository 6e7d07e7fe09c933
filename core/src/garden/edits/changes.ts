import type { Container } from '../../container'
import type { Garden } from '../garden'
import { inOrder } from '../history'
import type { GardenRecord } from '../kinds'
import { isSame, keepIn, requireIn } from '../touched'
import { editOf, type GardenEdit } from './edit'

/** What of a container its records can change, and by which kinds of them. */
const SOURCES = {
  fillMm: ['fill', 'topUp'],
  recipeId: ['fill'],
  mulchMm: ['mulch'],
  rolledMm: ['unroll'],
  spaceId: ['move'],
  standing: ['move'],
} as const satisfies Partial<Record<keyof Container, readonly GardenRecord['kind'][]>>
type StateField = keyof typeof SOURCES
export type PotState = Partial<Pick<Container, StateField>>
const STATE_FIELDS = Object.keys(SOURCES) as readonly StateField[]

/** The record by which a container stands as it does in one respect; none where it always did. */
const sourceOf = (draft: Garden, id: string, field: StateField): GardenRecord | undefined =>
  inOrder(
    draft.records.filter(
      ({ containerId, kind }) =>
        containerId === id && SOURCES[field].some((known) => known === kind),
    ),
  ).at(-1)

function setIn(record: GardenRecord, field: StateField, to: PotState): void {
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
 * A slip put right: the container was so all along, since it first stood so. What is
 * changed is the record it stands so by, or its form where there is none.
 *
 * @param draft  of the garden, changed in place
 * @param fields which of them are put right; one without a value is removed
 */
export function correctIn(
  draft: Garden,
  id: string,
  fields: readonly StateField[],
  to: PotState,
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

/** A change that adds to what one of this day has begun: of several moves in a day the last is told. */
function addChange(draft: Garden, record: GardenRecord): void {
  const before = draft.records.findLast(
    ({ kind, containerId, at }) =>
      kind === record.kind &&
      containerId === record.containerId &&
      at.slice(0, 10) === record.at.slice(0, 10),
  )
  if (before && record.kind === 'move' && before.kind === 'move') {
    before.spaceId = record.spaceId
    if (record.standing) before.standing = record.standing
  } else draft.records.push(record)
}

/** A pot stands somewhere else from now on. */
export const moveFromNow = (
  { id: containerId, code }: Pick<Container, 'id' | 'code'>,
  to: Pick<Container, 'spaceId' | 'standing'>,
  { at, newId }: From,
): GardenEdit =>
  editOf('moveContainer', { code }, (draft) => {
    requireIn(draft.containers, containerId)
    const { spaceId, standing } = to
    addChange(draft, {
      id: newId(),
      at,
      containerId,
      kind: 'move',
      spaceId,
      ...(standing && { standing }),
    })
  })

/** The records of what a form has changed of how a pot stands. */
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

/** Which respects of how a pot stands a form has changed: with a plant in it, it has to be asked since when. */
export const changedState = (start: Container, container: Container): readonly StateField[] =>
  STATE_FIELDS.filter((field) => !isSame(start[field], container[field]))

/**
 * A known pot as its form has it. What it is was always so; how it stands is changed from
 * now on, or put right where no moment is given.
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
