export {
  beadOfDays,
  grownOn,
  potString,
  withDues,
  type Bead,
  type Knot,
  type PotString,
} from './string'
export {
  inQuarterCans,
  inTenthLitres,
  roundOf,
  type Round,
  type Stop,
  type StopState,
} from './round'
export { feedRound, type FeedCans, type FedStop, type FeedRound } from './fedRound'
