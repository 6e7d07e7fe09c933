export { amendmentG } from './amendment'
export { analysisSchema, type LabelAnalysis } from './analysisSchema'
export {
  labelToElements,
  noNutrients,
  nutrients,
  nutrientsIn,
  ofNutrients,
  sulphurPercent,
  type ElementAnalysis,
  type Nutrient,
  type NutrientAmounts,
} from './label'
export { ATOMIC, IN_OXIDE } from './elements'
export * from './product'
export * from './productSchema'
export { feedCatalogue, productIn } from './catalogue'
export {
  starterDose,
  starterProducts,
  starterRatesGL,
  type StarterDose,
  type StarterProduct,
} from './starter'
export * from './solution'
export * from './waterSource'
export * from './waterSourceSchema'
export * from './labelDose'
export * from './measuredOut'
export * from './dose'
export {
  organicNitrogen,
  releaseOf,
  releaseReasons,
  warmDay,
  COATING,
  MICROBES,
  type Release,
} from './release'
export {
  emptyRows,
  needReasons,
  nutrientNeed,
  SALT_LIMIT,
  saltLimitEc,
  saltYieldShare,
  summedNeed,
  UPTAKE_BAND,
  UPTAKE_G_KG,
  type NutrientRows,
  type PlantNeed,
} from './need'
export {
  feedSources,
  heldOn,
  MOBILE_SHARE,
  type FedPot,
  type FeedEvent,
  type FeedSource,
  type Refill,
  type WaterOf,
} from './fedPot'
export { LUXURY_TIMES, nutrientLedger, owedG, type LedgerRow, type NutrientLedger } from './ledger'
export * from './judge'
export { ecAfterFlush, flushPlan, leachingRequirement, type FlushPlan } from './leaching'
export * from './plan'
export * from './schools'
export * from './step'
export * from './programme'
export * from './holds'
export * from './choose'
