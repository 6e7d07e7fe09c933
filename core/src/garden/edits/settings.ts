import type { WaterSource } from '../../feed'
import { waterFrom } from '../feeding'
import type { Garden, Settings } from '../garden'
import type { WaterOrigin } from '../kinds'
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

/**
 * What is known of the gardener's water: only what was touched.
 *
 * @param origin of what a record says came from there; what is usually in the can where left out
 */
export const changeWater = (touched: Partial<WaterSource>, origin?: WaterOrigin): GardenEdit =>
  editOf('water', {}, (draft) => {
    const { settings } = draft
    if (!origin) Object.assign(settings.water, touched)
    else {
      const { kind: _kind, ...figures } = { ...waterFrom(settings, origin), ...touched }
      settings.waters = { ...settings.waters, [origin]: figures }
    }
  })
