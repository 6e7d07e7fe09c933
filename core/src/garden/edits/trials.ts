import type { Trial } from '../trial'
import { keepIn } from '../touched'
import { editOf, without, type GardenEdit } from './edit'

/** Sets a trial up, or changes it with the fields that were touched. */
export const keepTrial = (edited: Trial, start: Trial | undefined, isNew: boolean): GardenEdit =>
  editOf('trial', { name: edited.name }, (draft) => {
    const trials = draft.trials ?? []
    keepIn(trials, edited, start, isNew)
    draft.trials = trials
  })

/** Takes a trial away; what was recorded of its pots stays. */
export const removeTrial = ({ id, name }: Pick<Trial, 'id' | 'name'>): GardenEdit =>
  editOf('removeTrial', { name }, (draft) => {
    draft.trials = without(draft.trials ?? [], id)
  })
