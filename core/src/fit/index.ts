export { schoolIds, type SchoolId } from './schools'
export { judgeFit, type FitJudgement } from './judge'
export {
  heatCondition,
  conditionIds,
  type Condition,
  type ConditionId,
  type FitVerdict,
  type SpotConditions,
} from './conditions'
export { compareSchools, denseOptions, type Comparison, type DenseOption } from './compare'
export {
  STAKE_IN_MIX_MM,
  supportFor,
  type SupportKind,
  type SupportNeed,
  type SupportPart,
} from './support'
export * from './arrange'
