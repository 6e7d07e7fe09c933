import { addDays, dayOf } from '../../units'
import type { OwnJob } from '../jobChanges'
import type { GardenRecord, RecordOf, StockUnit } from '../kinds'
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

/**
 * Adds everything that one entry in words came to.
 *
 * @param code what the label calls it: the short name of its pot, or how many pots
 */
export const recordEntry = (records: readonly GardenRecord[], code: string): GardenEdit => {
  const [one] = records
  return records.length === 1 && one
    ? recordOne(one, code)
    : editOf('entry', { count: records.length }, (draft) => {
        draft.records.push(...records)
      })
}

/** Days for which a deleted record can be brought back. */
export const BIN_DAYS = 30

/**
 * Takes a record out of the Book and puts it in the bin; what lay there too long goes.
 *
 * @param at moment of the deletion
 */
export const removeRecord = (id: string, at: string): GardenEdit =>
  editOf('deleteRecord', {}, (draft) => {
    const record = draft.records.find((one) => one.id === id)
    if (!record) return
    draft.records = without(draft.records, id)
    const from = addDays(dayOf(at), -BIN_DAYS)
    const kept = (draft.bin ?? []).filter(({ deletedAt }) => dayOf(deletedAt) >= from)
    draft.bin = [...kept, { record, deletedAt: at }]
  })

/**
 * Brings a record back from the bin. One whose id has been given again since, by a table
 * perhaps, stays there.
 */
export const restoreRecord = (id: string): GardenEdit =>
  editOf('restoreRecord', {}, (draft) => {
    const found = draft.bin?.findLast(({ record }) => record.id === id)
    if (!found || draft.records.some((one) => one.id === id)) return
    draft.bin = draft.bin!.filter((one) => one !== found)
    draft.records.push(found.record)
  })
