export {
  compareTrial,
  planTrial,
  trialMethods,
  type TrialComparison,
  type TrialInput,
  type TrialMethod,
} from './trial'
