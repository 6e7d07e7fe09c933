import {
  changeBetween,
  mergedLists,
  mergeGardens,
  stamped,
  withShared,
  type Garden,
  type ListMerged,
  type MergeConflict,
} from '@rimbo/core'
import { stampNow } from './device'

/** What came of a garden that went on in two places. */
export interface GardenMerged {
  /** As it came in. */
  readonly incoming: Garden
  readonly conflicts: readonly MergeConflict[]
  /** What is other here than before. */
  readonly lists: readonly ListMerged[]
}

/** Two states of a garden as one, and what that has changed of the first. */
export function merge(before: Garden, incoming: Garden): { after: Garden; done: GardenMerged } {
  const { garden, conflicts } = mergeGardens(before, incoming)
  const after = withShared(before, garden)
  return { after, done: { incoming, conflicts, lists: mergedLists(before, after) } }
}

/** The other state alone, as a change made now: it is the later, whatever is here. */
export function replacedBy(before: Garden, incoming: Garden): Garden {
  const made = withShared(before, incoming)
  return stamped(before, made, changeBetween(before, made), stampNow())
}
