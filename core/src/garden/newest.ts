import { dayOf } from '../units'
import type { Garden } from './garden'
import type { GardenRecord, RecordKind } from './kinds'

/** All records, newest first; of those made in the same minute the one written last. */
export const newestFirst = ({ records }: Pick<Garden, 'records'>): readonly GardenRecord[] =>
  [...records].reverse().sort((one, other) => (one.at < other.at ? 1 : one.at > other.at ? -1 : 0))

/** What records are looked for: of one container, of one kind; all where left out. */
export interface RecordsAsked {
  readonly containerId?: string | undefined
  readonly kind?: RecordKind | undefined
  /** Anything else that is asked of it, such as its words. */
  readonly fits?: ((record: GardenRecord) => boolean) | undefined
  /** First and last day; all days where left out. */
  readonly span?: { readonly from: string; readonly to: string } | undefined
}

/** Records of a container and a kind, newest first. */
export const foundRecords = (
  { records }: Pick<Garden, 'records'>,
  { containerId, kind, span, fits }: RecordsAsked,
): readonly GardenRecord[] =>
  newestFirst({
    records: records.filter(
      (record) =>
        (containerId === undefined || record.containerId === containerId) &&
        (kind === undefined || record.kind === kind) &&
        (!span || (dayOf(record.at) >= span.from && dayOf(record.at) <= span.to)) &&
        (!fits || fits(record)),
    ),
  })

/** What was last recorded of a container, newest first. */
export const lastRecords = (
  garden: Pick<Garden, 'records'>,
  containerId: string,
  most: number,
): readonly GardenRecord[] => foundRecords(garden, { containerId }).slice(0, most)
