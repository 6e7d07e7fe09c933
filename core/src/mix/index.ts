export {
  boughtWaterShare,
  cheapestPriceL,
  ingredientProvenance,
  ingredientSchema,
  mixCautions,
  packKinds,
  particleClasses,
  particleClassOf,
  TABLED_SUCTIONS_CM,
  type Caution,
  type Ingredient,
  type NutrientsMgL,
  type Pack,
  type IngredientShelf,
} from './ingredient'
export { ingredients } from './ingredients'
export {
  amendmentUnits,
  recipeProvenance,
  recipes,
  recipeSchema,
  type Amendment,
  type Recipe,
  type Share,
} from './recipe'
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
  extractMethods,
  interpretDrainTest,
  interpretExtract,
  lastTest,
  mixTestKinds,
  mixTestSchema,
  SALTY_EC_DS_M,
  squeezes,
  testedKinds,
  type DrainResult,
  type DrainTest,
  type ExtractMethod,
  type ExtractResult,
  type MixTest,
  type MixTestKind,
  type Squeeze,
} from './kitchen'
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
