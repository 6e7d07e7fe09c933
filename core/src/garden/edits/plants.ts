import type { Variety } from '../../plant'
import type { ArrangementWishes } from '../arrangementSchema'
import type { Garden, Planting } from '../garden'
import type { RecordOf } from '../kinds'
import { keepIn } from '../touched'
import { arrangementOf } from '../ways'
import { editOf, without, type GardenEdit } from './edit'

/** A variety as its form has it. */
export const keepVariety = (
  variety: Variety,
  start: Variety | undefined,
  isNew: boolean,
): GardenEdit =>
  editOf('variety', { name: variety.name ?? '' }, (draft) =>
    keepIn(draft.varieties, variety, start, isNew),
  )

/**
 * Plants go into a pot. Planting up to today is recorded as done, planting ahead is not.
 *
 * @param words the pot's short name and the variety's name, for the label
 * @param now   moment of the record
 * @param how   how deep the stem went in, and how the roots were
 */
export const plantInto = (
  planting: Planting,
  words: { readonly code: string; readonly name: string },
  now: string,
  recordId: string,
  how: PlantedHow = {},
): GardenEdit => editOf('plant', words, (draft) => putIn(draft, planting, now, recordId, how))

/** Plants go into several pots at once, today or on a day to come; a record each of those that are in. */
export const plantAll = (
  plantings: readonly Planting[],
  now: string,
  newId: () => string,
): GardenEdit =>
  editOf('plantAll', { count: plantings.length }, (draft) => {
    for (const planting of plantings) putIn(draft, planting, now, newId(), {})
  })

function putIn(
  draft: Garden,
  planting: Planting,
  now: string,
  recordId: string,
  how: PlantedHow,
): void {
  draft.plantings.push(planting)
  const { id: plantingId, containerId, varietyId, count, plantedOn } = planting
  if (plantedOn > now.slice(0, 10)) return
  const at = `${plantedOn}${now.slice(10)}`
  const plants = { varietyId, count, ...how }
  draft.records.push({ id: recordId, at, containerId, plantingId, kind: 'plant', ...plants })
}

type PlantedHow = Pick<RecordOf<'plant'>, 'buriedMm' | 'isLaidSideways' | 'wasRootBound'>

/** Plants never stood in a pot: a slip put right. Who takes plants out of it records that. */
export const takeOut = ({ id }: Pick<Planting, 'id'>, code: string): GardenEdit =>
  editOf('takeOut', { code }, (draft) => {
    draft.plantings = without(draft.plantings, id)
  })

/** Other wishes for an arrangement. */
export const wishFor = (changed: Partial<ArrangementWishes>): GardenEdit =>
  editOf('arrangement', {}, (draft) => {
    draft.arrangement = { ...arrangementOf(draft), ...changed }
  })

/** What an arrangement must leave as it is in a pot; a pin without any such wish is removed. */
export const pinContainer = (
  containerId: string,
  changed: { readonly stays?: boolean; readonly varietyId?: string | undefined },
): GardenEdit =>
  editOf('arrangement', {}, (draft) => {
    const wanted = (draft.arrangement ??= structuredClone(arrangementOf(draft)))
    const known = wanted.pins.find((one) => one.containerId === containerId)
    const { stays, varietyId } = { stays: false, varietyId: undefined, ...known, ...changed }
    const others = wanted.pins.filter((one) => one !== known)
    const pin = { ...known, containerId, stays, ...(varietyId !== undefined && { varietyId }) }
    if (varietyId === undefined) delete pin.varietyId
    wanted.pins = stays || varietyId !== undefined ? [...others, pin] : others
  })
