import type { Variety } from '../../plant'
import { noArrangement, type ArrangementWishes } from '../arrangement'
import type { Planting } from '../garden'
import { keepIn } from '../touched'
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
 */
export const plantInto = (
  planting: Planting,
  words: { readonly code: string; readonly name: string },
  now: string,
  recordId: string,
): GardenEdit =>
  editOf('plant', words, (draft) => {
    draft.plantings.push(planting)
    const { containerId, varietyId, count, plantedOn } = planting
    if (plantedOn > now.slice(0, 10)) return
    const at = `${plantedOn}${now.slice(10)}`
    draft.records.push({ id: recordId, at, containerId, kind: 'plant', varietyId, count })
  })

/** Plants are taken out of a pot. */
export const takeOut = ({ id }: Pick<Planting, 'id'>, code: string): GardenEdit =>
  editOf('takeOut', { code }, (draft) => {
    draft.plantings = without(draft.plantings, id)
  })

/** Other wishes for an arrangement. */
export const wishFor = (changed: Partial<ArrangementWishes>): GardenEdit =>
  editOf('arrangement', {}, (draft) => {
    draft.arrangement = { ...(draft.arrangement ?? noArrangement), ...changed }
  })

/** What an arrangement must leave as it is in a pot; a pin without any such wish is removed. */
export const pinContainer = (
  containerId: string,
  changed: { readonly stays?: boolean; readonly varietyId?: string | undefined },
): GardenEdit =>
  editOf('arrangement', {}, (draft) => {
    const wanted = (draft.arrangement ??= structuredClone(noArrangement))
    const known = wanted.pins.find((one) => one.containerId === containerId)
    const { stays, varietyId } = { stays: false, varietyId: undefined, ...known, ...changed }
    const others = wanted.pins.filter((one) => one !== known)
    const pin = { ...known, containerId, stays, ...(varietyId !== undefined && { varietyId }) }
    if (varietyId === undefined) delete pin.varietyId
    wanted.pins = stays || varietyId !== undefined ? [...others, pin] : others
  })
