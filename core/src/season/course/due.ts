import type { FeedDose } from '../../feed'
import type { GardenRecord } from '../../garden'
import type { Reason } from '../../units'
import { EVENING_FROM_H } from '../../water'
import type { PotToday } from './day'

/** What something that is due takes. */
export type Amount =
  | { readonly kind: 'water'; readonly volumeL: number }
  | { readonly kind: 'feed'; readonly dose: FeedDose }

/** A record before it has its id and moment. */
type Undated<R> = R extends GardenRecord ? Omit<R, 'id' | 'at'> : never

/** Anything that is to be done at a pot: all that is due has this one shape. */
export interface Due {
  readonly kind: 'water' | 'feed'
  readonly containerId: string
  /** The day from which it is to be done. */
  readonly dueOn: string
  /** Not before this hour of that day; on the next walk where left out. */
  readonly hour?: number
  /** Why it waits all the same; left out where nothing holds it back. */
  readonly held?: readonly Reason[]
  /** Empty for what is due on a later day: its dose is worked out then. */
  readonly amounts: readonly Amount[]
  /** The record to write once it is done. */
  readonly record?: Undated<GardenRecord>
}

/** The water of a pot today: for this walk, and for the one in the evening. */
export function waterDues({ container, nowL, eveningL }: PotToday, date: string): readonly Due[] {
  const { id: containerId } = container
  const of = (volumeL: number, hour?: number): Due[] =>
    volumeL > 0
      ? [
          {
            kind: 'water',
            containerId,
            dueOn: date,
            ...(hour !== undefined && { hour }),
            amounts: [{ kind: 'water', volumeL }],
            record: { kind: 'water', containerId, volumeL },
          },
        ]
      : []
  return [...of(nowL), ...of(eveningL, EVENING_FROM_H)]
}

/** Water among some dues, L. */
export const waterIn = (dues: readonly Due[]): number =>
  dues.reduce(
    (sum, { amounts }) =>
      sum + amounts.reduce((litres, one) => litres + (one.kind === 'water' ? one.volumeL : 0), 0),
    0,
  )
