export {
  isEveryday,
  isOpen,
  isPoured,
  jobKinds,
  jobTools,
  ruleNames,
  ruleOf,
  rulesOf,
  type Amount,
  type Job,
  type JobKind,
  type JobState,
  type Tool,
} from './job'
export { jobsBetween, jobsIn, jobsOfCourse, jobsOfPot } from './jobsBetween'
export { isOneTap, recordsOfJob } from './doing'
export { plantingCard, plantingSteps, type PlantingCard, type Step } from './plantingCard'
export { windOf, type PotWind, type Tipping } from './wind'
