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
export * from './arrange'
