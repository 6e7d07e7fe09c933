import type { Garden } from './garden'

/** The pictures that a garden speaks of, in its records and in its bin, each once. */
export const photoIdsIn = ({ records, bin = [] }: Garden): readonly string[] => [
  ...new Set(
    [...records, ...bin.map(({ record }) => record)].flatMap((one) =>
      one.kind === 'photo' ? [one.photoId] : [],
    ),
  ),
]
