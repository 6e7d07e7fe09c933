export { ingredients, packKinds, type Caution, type Ingredient, type Pack } from './ingredients'
export {
  recipeProvenance,
  recipes,
  recipeSchema,
  recipeShares,
  type Recipe,
  type Share,
} from './recipe'
export { shrinkShare } from './shrinkage'
export {
  drainedProfile,
  drainedReasons,
  drainedState,
  easilyAvailableL,
  mixBulkDensityGL,
  mixRetention,
  retentionCurve,
  type DrainedState,
  type RetentionCurve,
  type RetentionPoint,
  type WetnessAtHeight,
} from './retention'
export {
  batchFor,
  cautionsFor,
  purchasesFor,
  totalOf,
  type Batch,
  type BatchLine,
  type Purchase,
} from './batch'
export { LIME_DENSITY_G_ML, limeDose, type LimeDose } from './lime'
