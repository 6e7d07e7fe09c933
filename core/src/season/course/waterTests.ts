import type { GardenRecord } from '../../garden'
import { dayOf, daysBetween, InputError } from '../../units'
import type { WaterTest } from '../../water'
import { HOURS_A_DAY } from '../../weather'
import type { PotBase } from './pot'
import { hourOf } from './recorded'

/** Depth of a probe where its record does not say, mm. */
const PROBE_MM = 100
/** A hand-held scale and a carried pot, and the plant's own mass as it is guessed (memory). */
const SCALE_SD_KG = 0.2
const PLANT_SD_SHARE = 0.2
/** Whether a record is water that came into the pot. */
const isPoured = (record: GardenRecord): boolean =>
  (record.kind === 'water' || record.kind === 'feed') && record.volumeL !== undefined

/** A moment to the hour, `YYYY-MM-DDTHH`. */
const hourIn = (at: string) => at.slice(0, 13)

/**
 * Which tests were made after something was poured within their own hour: they
 * speak of the end of that hour, and not of its beginning.
 *
 * @returns tells it of a record by its place in the list
 */
function afterPouring(records: readonly GardenRecord[]): (index: number) => boolean {
  const firstPoured = new Map<string, number>()
  records.forEach((record, index) => {
    const hour = hourIn(record.at)
    const first = firstPoured.get(hour)
    if (isPoured(record) && (first === undefined || record.at < records[first]!.at))
      firstPoured.set(hour, index)
  })
  return (index) => {
    const { at } = records[index]!
    const first = firstPoured.get(hourIn(at))
    if (first === undefined) return false
    return records[first]!.at < at || (records[first]!.at === at && first < index)
  }
}

/** Whether anything was poured in the hour of now and then looked at: what was found is of the hour's end. */
export function isLookedAtAfterPouring(records: readonly GardenRecord[], hour: string): boolean {
  const isAfter = afterPouring(records)
  return records.some(
    ({ kind, at }, index) => hourIn(at) === hour && TESTS.has(kind) && isAfter(index),
  )
}
const TESTS: ReadonlySet<GardenRecord['kind']> = new Set(['finger', 'weigh', 'drained', 'probe'])

/**
 * What the records of a pot tell of its water.
 *
 * @param baseAt the pot as it stood in an hour of the course
 */
export function testsOf(
  baseAt: (hour: number) => Pick<PotBase, 'mass' | 'water'>,
  records: readonly GardenRecord[],
  from: string,
  plantKgOn: (day: number) => number,
): WaterTest[] {
  const isAfter = afterPouring(records)
  return records
    .flatMap((record, index): WaterTest[] => {
      if (!TESTS.has(record.kind)) return []
      const day = daysBetween(from, dayOf(record.at))
      const late = isAfter(index) ? 1 : 0
      const hour = day * HOURS_A_DAY + hourOf(record.at) + late
      switch (record.kind) {
        case 'finger':
          return [{ kind: 'finger', hour, knuckle: record.knuckle, feel: record.feel }]
        case 'weigh': {
          const { mass, water } = baseAt(hour)
          const plantKg = plantKgOn(day)
          const missingL = mass.wateredKg + plantKg - record.massKg
          const sdL = Math.hypot(SCALE_SD_KG, PLANT_SD_SHARE * plantKg)
          const mostL = water.availableL + water.reservoirL
          return [{ kind: 'weigh', hour, missingL: Math.max(0, Math.min(mostL, missingL)), sdL }]
        }
        case 'drained':
          // Caught after the watering of that hour.
          return [{ kind: 'drained', hour: hour + 1 - late, volumeL: record.volumeL }]
        case 'probe':
          return [
            {
              kind: 'probe',
              hour,
              moistureShare: record.moistureShare,
              depthMm: record.depthMm ?? PROBE_MM,
            },
          ]
        default:
          return []
      }
    })
    .sort((one, other) => one.hour - other.hour)
}

/** A pot is not to weigh more than this beside one that is full, kg: then something else stood on the scale. */
const OVER_FULL_KG = 3

/**
 * Whether a pot can weigh so much.
 *
 * @param plantKg fresh mass of its plants by the model
 * @throws InputError `underDryPot`, `overFullPot`
 */
export function requireWeight(
  { mass }: Pick<PotBase, 'mass'>,
  massKg: number,
  plantKg: number,
): void {
  // A mix that is only guessed may be twice as heavy, and much lighter.
  const { isMixGuessed, emptyKg, dryKg, wateredKg } = mass
  const leastKg = isMixGuessed ? emptyKg : dryKg
  const mostKg = wateredKg * (isMixGuessed ? 2 : 1) + 2 * plantKg + OVER_FULL_KG
  if (massKg < leastKg)
    throw new InputError('underDryPot', { givenG: massKg * 1000, limitG: leastKg * 1000 })
  if (massKg > mostKg)
    throw new InputError('overFullPot', { givenG: massKg * 1000, limitG: mostKg * 1000 })
}
