import { InputError } from '../../units'
import { recordSchema, type GardenRecord } from '../kinds'
import { MOST_EARLIER } from '../kinds/choices'
import { isSame, withTouched } from '../touched'
import { editOf, type GardenEdit } from './edit'

/**
 * Changes a record in its place, with the fields that were touched; how it stood before is
 * kept with it.
 *
 * @param edited as it is to be
 * @param start  as it was when the form was filled
 * @param at     moment of the change
 * @throws InputError `gone` where it has been deleted since
 */
export const changeRecord = (edited: GardenRecord, start: GardenRecord, at: string): GardenEdit =>
  editOf('changeRecord', {}, (draft) => {
    const index = draft.records.findIndex(({ id }) => id === edited.id)
    const stored = draft.records[index]
    if (!stored) throw new InputError('gone')
    const next = withTouched(stored, start, edited)
    if (isSame(next, stored)) return
    const { id, earlier = [], ...was } = stored
    const kept = [...earlier, { changedAt: at, was }].slice(-MOST_EARLIER)
    // Read by its schema its fields stand in their order; what is wrong with it the gate tells.
    const changed = { ...next, id, earlier: kept }
    draft.records[index] = recordSchema.safeParse(changed).data ?? changed
  })
