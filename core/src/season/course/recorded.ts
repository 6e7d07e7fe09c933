import type { Garden, GardenRecord, Planting, RecordOf } from '../../garden'
import type { Observation, PlantStart, Variety } from '../../plant'
import { dayOf, remembered } from '../../units'
import { HOURS_A_DAY } from '../../weather'

/** What was done to the water of one container: by the hour, and by the day. */
export interface Doings {
  /** Given, L in each hour of the course. */
  readonly givenL: Float64Array
  readonly skipped: Uint8Array
  /** 1 in the hours in which it was filled until it dripped. */
  readonly fillH: Uint8Array
}

/** Hour of a moment, 0–23. */
export const hourOf = (at: string): number => Number(at.slice(11, 13))

function takeIn(doings: Doings, record: GardenRecord, day: number): void {
  if (record.kind === 'skipWater') doings.skipped[day] = 1
  // What a feed was dissolved in is water as well, and what salt was flushed out with.
  const isPoured = record.kind === 'water' || record.kind === 'feed' || record.kind === 'flush'
  if (isPoured && record.volumeL !== undefined)
    doings.givenL[day * HOURS_A_DAY + hourOf(record.at)]! += record.volumeL
  if (record.kind === 'water' && record.how === 'untilDrip')
    doings.fillH[day * HOURS_A_DAY + hourOf(record.at)] = 1
}

/** What a record says was seen of a plant. */
function sightingOf(record: GardenRecord): Observation | undefined {
  const date = dayOf(record.at)
  switch (record.kind) {
    case 'height':
      return { kind: record.kind, date, heightMm: record.heightMm }
    case 'firstFlower':
    case 'firstRipe':
      return { kind: record.kind, date }
    default:
      return undefined
  }
}

/**
 * What the records of a container say was seen of one of its plantings, since it
 * was planted: what stood there before is another plant.
 */
export const sightingsIn = (
  records: readonly GardenRecord[],
  { id, plantedOn }: Planting,
): readonly Observation[] =>
  records.flatMap((record) => {
    const seen = sightingOf(record)
    const isOfAnother =
      'plantingId' in record && record.plantingId !== undefined && record.plantingId !== id
    return seen && !isOfAnother && seen.date >= plantedOn ? [seen] : []
  })

/** All that was seen of a planting. */
export const observationsOf = ({ records }: Garden, planting: Planting): readonly Observation[] =>
  sightingsIn(sorted(records).byContainer.get(planting.containerId) ?? [], planting)

export type NurseryRecord = RecordOf<'sow' | 'potOn'>

/** What the records of a container say of its water, by day. */
export function doingsOf(records: readonly GardenRecord[], dates: readonly string[]): Doings {
  const dayOn = new Map(dates.map((date, day) => [date, day]))
  const doings: Doings = {
    givenL: new Float64Array(dates.length * HOURS_A_DAY),
    skipped: new Uint8Array(dates.length),
    fillH: new Uint8Array(dates.length * HOURS_A_DAY),
  }
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
  { planting, variety }: { readonly planting: Planting; readonly variety: Variety },
): PlantStart => ({
  variety,
  plantedOn: planting.plantedOn,
  sownOn: lastBefore(nursery, 'sow', variety.id, planting.plantedOn),
  prickedOutOn: lastBefore(nursery, 'potOn', variety.id, planting.plantedOn),
})
