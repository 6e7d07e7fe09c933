import type { FeedDose } from '../../feed'
import type { UndatedRecord } from '../../garden'
import type { Reason } from '../../units'
import { EVENING_FROM_H } from '../../water'
import type { PotToday } from './day'

/** How much of what is due. */
export type DueAmount =
  | { readonly kind: 'water'; readonly volumeL: number }
  | { readonly kind: 'feed'; readonly dose: FeedDose }

/** Water or feed that is due at a pot: what its jobs are made of. */
export interface Due {
  readonly kind: 'water' | 'feed'
  readonly containerId: string
  /** The day from which it is to be done. */
  readonly dueOn: string
  /** The hour of that day from which it is due; on the next walk where left out. */
  readonly hour?: number
  /** Why it has to wait; left out where nothing holds it back. */
  readonly held?: readonly Reason[]
  /** Empty for what is due on a later day: its dose is worked out then. */
  readonly amounts: readonly DueAmount[]
  /** The record to write once it is done. */
  readonly record?: UndatedRecord
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
