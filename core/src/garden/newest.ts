import type { Garden } from './garden'
import type { GardenRecord } from './kinds'

/** All records, newest first; of those made in the same minute the one written last. */
export const newestFirst = ({ records }: Pick<Garden, 'records'>): readonly GardenRecord[] =>
  [...records].reverse().sort((one, other) => (one.at < other.at ? 1 : one.at > other.at ? -1 : 0))

/** What was last recorded of a container, newest first. */
export const lastRecords = (
  garden: Pick<Garden, 'records'>,
  containerId: string,
  most: number,
): readonly GardenRecord[] =>
  newestFirst({
    records: garden.records.filter((record) => record.containerId === containerId),
  }).slice(0, most)
