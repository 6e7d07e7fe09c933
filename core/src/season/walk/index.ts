export {
  beadOfDays,
  grownOn,
  potString,
  withJobs,
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
export {
  isVaried,
  linesOf,
  litresOf,
  plannedDays,
  rowsOf,
  toBuy,
  type JobLine,
  type JobRow,
  type PlannedDay,
  type ToBuy,
} from './days'
export { paceOf, type Pace } from './pace'
export { planWalk, walkOfJobs, type TakeAlong, type Walk, type WalkStop } from './planWalk'
export { toICalendar } from './iCalendar'
