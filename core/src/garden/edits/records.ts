import type { OwnJob } from '../jobChanges'
import type { GardenRecord, RecordOf } from '../kinds'
import type { StockUnit } from '../stock'
import { editOf, without, type GardenEdit } from './edit'

/** A count of something at hand: loose litres of an ingredient, grams of a feed. */
export interface Counted {
  readonly recordId: string
  readonly at: string
  readonly amount: number
}

/** The record of a count. */
export const countRecord = (
  { recordId: id, at, amount }: Counted,
  itemId: string,
  unit: StockUnit,
): GardenRecord => ({ id, at, kind: 'count', itemId, amount, unit })

type Probe = RecordOf<'probe'>

/**
 * Adds a record.
 *
 * @param code short name of its pot, for the label
 */
export const recordOne = (record: GardenRecord, code: string): GardenEdit => ({
  label: { code: `change.record.${record.kind}`, params: { code } },
  apply: ({ records }) => {
    records.push(record)
  },
})

/** Adds the readings of a probe in one pot. */
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

/**
 * Adds all records with which a season is closed.
 *
 * @param season what it is called, for the label
 */
export const recordClosing = (records: readonly GardenRecord[], season: string): GardenEdit =>
  editOf('closeSeason', { season }, (draft) => {
    draft.records.push(...records)
  })

/**
 * Keeps a check with the jobs that follow from it, as one change.
 *
 * @param code short name of its pot, for the label
 */
export const keepCheck = (
  check: RecordOf<'check'>,
  jobs: readonly OwnJob[],
  code: string,
): GardenEdit => ({
  label: { code: 'change.record.check', params: { code } },
  apply: (draft) => {
    draft.records.push(check)
    if (jobs.length > 0) draft.ownJobs = [...(draft.ownJobs ?? []), ...jobs]
  },
})

/** Marks what a check turned out to be; undefined takes the mark off. */
export const markOutcome = (id: string, outcome: string | undefined): GardenEdit =>
  editOf('checkOutcome', {}, ({ records }) => {
    const found = records.find((record) => record.id === id)
    if (found?.kind !== 'check') return
    if (outcome === undefined) delete found.outcome
    else found.outcome = outcome
  })

/** Takes a record out of the Book. */
export const removeRecord = (id: string): GardenEdit =>
  editOf('deleteRecord', {}, (draft) => {
    draft.records = without(draft.records, id)
  })
