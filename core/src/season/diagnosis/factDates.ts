import type { FactId } from '../../diagnosis'
import type { GardenRecord } from '../../garden'
import { addDays, dayOf } from '../../units'
import type { GardenCourse, PotCourse } from '../course'
import { shortDays } from './waterFacts'

/** The day, or the first and last day, that a fact is of. */
export interface FactDates {
  readonly from: string
  readonly to: string
}

/** When it was: the days of the facts that have days. */
export function factDates(
  { today, from }: GardenCourse,
  pot: PotCourse,
  plantedOn: number | undefined,
  records: readonly GardenRecord[],
): Readonly<Partial<Record<FactId, FactDates>>> {
  const lastOf = (is: (record: GardenRecord) => boolean): FactDates | undefined => {
    const found = records.findLast((record) => dayOf(record.at) <= today && is(record))
    return found && { from: dayOf(found.at), to: dayOf(found.at) }
  }
  const on = (day: number) => addDays(from, day)
  const short = plantedOn === undefined ? undefined : shortDays(pot, plantedOn)
  const dry = short && { from: on(short.first), to: on(short.last) }
  const fed = lastOf(({ kind }) => kind === 'feed')
  const sprayed = lastOf(({ kind }) => kind === 'spray')
  const ph = lastOf((record) => record.kind === 'measurePh' && record.ph !== undefined)
  const ecDsM = lastOf((record) => record.kind === 'measurePh' && record.ecDsM !== undefined)
  return {
    ...(plantedOn !== undefined && {
      daysSincePlanting: { from: on(plantedOn), to: on(plantedOn) },
    }),
    ...(fed && { daysSinceFeed: fed, feedTimesLabel: fed }),
    ...(sprayed && { daysSinceSpray: sprayed }),
    ...(ph && { ph }),
    ...(ecDsM && { ecDsM }),
    ...(dry && { shortHours14d: dry, wiltHours14d: dry, swings14d: dry }),
  }
}
