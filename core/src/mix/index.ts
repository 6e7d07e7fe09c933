export {
  boughtWaterShare,
  cheapestPriceL,
  ingredientProvenance,
  particleClasses,
  particleClassOf,
  type IngredientShelf,
} from './ingredient'
export {
  ingredientSchema,
  mixCautions,
  packKinds,
  type Caution,
  type Ingredient,
  type NutrientsMgL,
  type Pack,
} from './ingredientSchema'
export { TABLED_SUCTIONS_CM } from './suctions'
export { ingredients } from './ingredients'
export { amendmentUnits, recipeSchema, type Amendment, type Recipe } from './recipeSchema'
export { recipeProvenance, recipes, type Share } from './recipe'
export {
  boundaryMoved,
  isSameMix,
  withIngredient,
  withoutIngredient,
  withParts,
  withShare,
} from './parts'
export { aged, blend, settledShareOf, type Blend, type MeasuredMix } from './blend'
export {
  retentionCurve,
  vanGenuchtenCurve,
  type RetentionCurve,
  type RetentionPoint,
  type VanGenuchten,
} from './retention'
export {
  drainedBody,
  drainedProfile,
  drainedReasons,
  drainedState,
  dryingsCm,
  BUFFER_TO_CM,
  EASILY_TO_CM,
  easilyAvailableL,
  releasedL,
  LEAST_AIR_SHARE,
  mixOf,
  throughDrainTest,
  wetZoneMm,
  WILTING_CM,
  type DrainedState,
  type Mix,
  type WetnessAtHeight,
} from './drained'
export {
  mixProperties,
  mixRanges,
  nitrogenDraw,
  potMix,
  settledMix,
  type MixProperties,
  type NitrogenDraw,
  type PotMix,
  type Ranged,
  type RangedProperty,
  type RangeVerdict,
} from './properties'
export { estimatedPh, judgePh, WANTED_PH, type PhVerdict } from './acidity'
export {
  capillaryFlowCmD,
  capillaryRiseMm,
  coarseLayer,
  exampleForms,
  reservoirReach,
  sameMixIn,
  type CoarseLayer,
  type ExampleForm,
  type InForm,
  type ReservoirReach,
} from './layering'
export { batchFor, cautionsFor, totalOf, type Batch, type BatchLine } from './batch'
export { packsFor, packsToBuy, type Buy, type Purchase, type PacksToBuy } from './packs'
export { planBatches, type MixingTools, type TubLine, type TubPlan } from './tubs'
export {
  asGroundG,
  CARBONATE_PER_CALCIUM,
  CARBONATE_PER_MAGNESIUM,
  limeDose,
  limeKinds,
  limes,
  phCorrection,
  type LimeCaution,
  type LimeDose,
  type LimeKind,
  type LimeKindId,
  type PhCorrection,
} from './lime'
export {
  interpretDrainTest,
  interpretExtract,
  lastTest,
  SALTY_EC_DS_M,
  type DrainResult,
  type ExtractResult,
} from './kitchen'
export type { DrainTest } from './drainTest'
export {
  extractMethods,
  mixTestKinds,
  mixTestSchema,
  squeezes,
  testedKinds,
  type ExtractMethod,
  type MixTest,
  type MixTestKind,
  type Squeeze,
} from './kitchenSchema'
export {
  RECHARGE_COMPOST_SHARE,
  flushVolumeL,
  pastTroubles,
  rechargeMix,
  type OldMix,
  type OldMixVerdict,
  type PastTrouble,
  type Recharge,
} from './oldMix'
export * from './solve'
