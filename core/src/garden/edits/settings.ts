import type { WaterSource } from '../../feed'
import type { Garden, Settings } from '../garden'
import { editOf, type GardenEdit } from './edit'

/** Settings of which only some are given: those that were touched. */
export type SettingsTouched = Partial<
  Omit<Settings, 'measures' | 'baggedMix' | 'water'> & {
    readonly measures: Partial<Settings['measures']>
    readonly baggedMix: Partial<Settings['baggedMix']>
  }
>

/** Other settings, and another name of the garden; what is not given stays as it is stored. */
export const changeSettings = (
  { measures, baggedMix, ...others }: SettingsTouched,
  name?: Garden['name'],
): GardenEdit =>
  editOf('settings', {}, (draft) => {
    if (name !== undefined) draft.name = name
    Object.assign(draft.settings, others)
    Object.assign(draft.settings.measures, measures)
    Object.assign(draft.settings.baggedMix, baggedMix)
  })

/** What is known of the water in the can: only what was touched. */
export const changeWater = (touched: Partial<WaterSource>): GardenEdit =>
  editOf('water', {}, (draft) => {
    Object.assign(draft.settings.water, touched)
  })
