export {
  isPlace,
  isSymptom,
  leafPlaces,
  signPartOf,
  signIds,
  signParts,
  signsByPart,
  symptoms,
  type LeafPlace,
  type SignId,
  type SignPart,
  type Symptom,
} from './signs'
export {
  causeIds,
  causeRows,
  checkStages,
  harmless,
  isCause,
  type CauseId,
  type CheckStage,
} from './causes'
export { factIds, readFact, type FactId, type Facts, type FactValue } from './facts'
export { readSigns, signText, type GivenSign } from './given'
export { type CheckInput } from './evidence'
export { diagnose, type Diagnosis, type Weighed, type WeighedCause } from './diagnose'
export {
  checkTests,
  contradictions,
  nextQuestion,
  testIds,
  type Question,
  type QuestionInput,
  type TestId,
} from './questions'
export {
  actionIds,
  actionsFor,
  actionSteps,
  betterSigns,
  mixActions,
  causePlans,
  type Action,
  type ActionContext,
  type ActionId,
  type ActionStep,
  type BetterSign,
} from './actions'
