import type { GardenRecord } from '../garden'
import type { Observation, PlantStart } from '../plant'
import { dayOf, remembered } from '../units'
import type { PlantingBase } from './base'

/** Given before this hour, water is there for the day. */
const EVENING_FROM = '14:00'
/** What was done to one container, by day of the course. */
interface Doings {
  readonly morningL: Float64Array
  readonly eveningL: Float64Array
  readonly skipped: Uint8Array
  readonly observations: (Observation & { readonly plantingId?: string })[]
}

const nothingDone = (days: number): Doings => ({
  morningL: new Float64Array(days),
  eveningL: new Float64Array(days),
  skipped: new Uint8Array(days),
  observations: [],
})

function takeIn(doings: Doings, record: GardenRecord, day: number): void {
  const date = dayOf(record.at)
  switch (record.kind) {
    case 'water':
      if (record.at.slice(11) < EVENING_FROM) doings.morningL[day]! += record.volumeL
      else doings.eveningL[day]! += record.volumeL
      return
    case 'skipWater':
      doings.skipped[day] = 1
      return
    case 'height':
    case 'firstFlower':
    case 'firstRipe': {
      const seen =
        record.kind === 'height'
          ? { kind: record.kind, date, heightMm: record.heightMm }
          : { kind: record.kind, date }
      doings.observations.push({
        ...seen,
        ...(record.plantingId ? { plantingId: record.plantingId } : {}),
      })
    }
  }
}

export type NurseryRecord = Extract<GardenRecord, { readonly kind: 'sow' | 'potOn' }>

/** What some records say was done to their container, by day. */
export function doingsOf(records: readonly GardenRecord[], dates: readonly string[]): Doings {
  const dayOn = new Map(dates.map((date, day) => [date, day]))
  const doings = nothingDone(dates.length)
  for (const record of records) {
    const day = dayOn.get(dayOf(record.at))
    if (day !== undefined) takeIn(doings, record, day)
  }
  return doings
}

/** Records by container, and those of the nursery; gone through once. */
export const sorted = remembered((records: readonly GardenRecord[]) => {
  const byContainer = new Map<string, GardenRecord[]>()
  const nursery: NurseryRecord[] = []
  for (const record of records) {
    if (record.kind === 'sow' || record.kind === 'potOn') nursery.push(record)
    if (record.containerId === undefined) continue
    const own = byContainer.get(record.containerId)
    if (own) own.push(record)
    else byContainer.set(record.containerId, [record])
  }
  return { byContainer, nursery }
})

/** The last time such a thing was done with a variety before it was planted. */
const lastBefore = (
  nursery: readonly NurseryRecord[],
  kind: NurseryRecord['kind'],
  varietyId: string,
  plantedOn: string,
): string | undefined =>
  nursery
    .filter((record) => record.kind === kind && record.varietyId === varietyId)
    .map((record) => dayOf(record.at))
    .filter((date) => date <= plantedOn)
    .sort()
    .at(-1)

/** A planting with its days in the nursery. */
export const startOf = (
  nursery: readonly NurseryRecord[],
  { planting, variety }: PlantingBase,
): PlantStart => ({
  variety,
  plantedOn: planting.plantedOn,
  sownOn: lastBefore(nursery, 'sow', variety.id, planting.plantedOn),
  prickedOutOn: lastBefore(nursery, 'potOn', variety.id, planting.plantedOn),
})
