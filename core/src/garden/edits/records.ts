import type { GardenRecord, RecordKind } from '../kinds'
import type { StockUnit } from '../stock'
import { editOf, without, type GardenEdit } from './edit'

/** What was counted of something at hand: loose litres of an ingredient, grams of a feed. */
export interface Counted {
  readonly recordId: string
  readonly at: string
  readonly amount: number
}

/** A count as it is written down. Fields stand in the order in which a file has them. */
export const countRecord = (
  { recordId: id, at, amount }: Counted,
  itemId: string,
  unit: StockUnit,
): GardenRecord => ({ id, at, kind: 'count', itemId, amount, unit })

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
  { containerId, depthMm }: { readonly containerId: string; readonly depthMm: number },
  newId: () => string,
): GardenEdit =>
  editOf('probe', { count: readings.length }, ({ records }) => {
    for (const { at, moistureShare, tempC, ecDsM } of readings)
      records.push({
        id: newId(),
        at,
        containerId,
        kind: 'probe',
        moistureShare,
        depthMm,
        ...(tempC !== undefined && { tempC }),
        ...(ecDsM !== undefined && { ecDsM }),
      })
  })

export const removeRecord = (id: string): GardenEdit =>
  editOf('deleteRecord', {}, (draft) => {
    draft.records = without(draft.records, id)
  })
