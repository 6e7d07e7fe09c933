import type { Container } from '../../container'
import type { GardenRecord, RecordKind } from '../kinds'
import { editOf, without, type GardenEdit } from './edit'

type Probe = Extract<GardenRecord, { readonly kind: 'probe' }>

/** One thing is written down. @param code short name of the pot, for the label */
export const recordOne = (record: GardenRecord, code: string): GardenEdit => ({
  label: { code: `change.record.${record.kind satisfies RecordKind}`, params: { code } },
  apply: ({ records }) => {
    records.push(record)
  },
})

/** Readings of a probe that stands in one pot. */
export const recordProbe = (
  readings: readonly Pick<Probe, 'at' | 'moistureShare' | 'tempC' | 'ecDsM'>[],
  where: { readonly containerId: Container['id']; readonly depthMm: number },
  newId: () => string,
): GardenEdit =>
  editOf('probe', { count: readings.length }, ({ records }) => {
    for (const reading of readings)
      records.push({ ...reading, ...where, id: newId(), kind: 'probe' })
  })

export const removeRecord = (id: string): GardenEdit =>
  editOf('deleteRecord', {}, (draft) => {
    draft.records = without(draft.records, id)
  })
