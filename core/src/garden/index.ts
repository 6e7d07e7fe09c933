export {
  dids,
  findings,
  pouredInto,
  recordKinds,
  recordSchema,
  removals,
  ripenesses,
  signs,
  PHOTO_SIDE_PX,
  stockUnits,
  recordableL,
  wasteCauses,
  waterOrigins,
  type WaterOrigin,
  type GardenRecord,
  type RecordKind,
  type RecordOf,
  type StockUnit,
  type UndatedRecord,
} from './kinds'
export {
  feels,
  knuckles,
  mulchMaterials,
  skipReasons,
  supports,
  USUAL_CLOTH_SHARE,
  USUAL_MULCH_MM,
} from './kinds/choices'
export { schemaOf } from './fields'
export { GARDEN_FORMAT, GARDEN_VERSION } from './format'
export {
  plantingSchema,
  settingsSchema,
  unitSystems,
  type Binned,
  type Garden,
  type Planting,
  type Settings,
} from './garden'
export { recipeOf, varietyOf } from './named'
export {
  changeBetween,
  inverseOf,
  isListChange,
  withChange,
  withShared,
  type GardenChange,
} from './change'
export { requireReadable } from './gate'
export { isSame, keepIn, requireIn, withTouched } from './touched'
export { gardenSchema } from './gardenSchema'
export { gardenJsonSchema, readGarden, writeGarden } from './file'
export { recordsCsv, recordsFromCsv } from './csv'
export { tableCsv, tableFromCsv, tableNames, type TableName } from './tables'
export {
  differing,
  mergedLists,
  mergeGardens,
  type ListMerged,
  type MergeConflict,
  type Merged,
  type TwoForms,
} from './merge'
export { stamped, withoutMarks, type UnmarkedGarden } from './stamps'
export { exportReminder, type Exported, type Unsaved } from './keeping'
export { emptyGarden, hasTypedNormals, unitsOfRegion, type StartsWith } from './starting'
export {
  densityGMlOf,
  feedProductOf,
  feedProducts,
  feedTools,
  productIds,
  strewnG,
  waterFrom,
} from './feeding'
export {
  ingredientStockL,
  nextUseBy,
  overbought,
  pastUse,
  ofMix,
  purchaseRecords,
  purchasesOf,
  feedsAtHand,
  shelfStock,
  shoppingList,
  stockKindOf,
  stockKinds,
  stockOn,
  usedIn,
  type BoughtNow,
  type Need,
  type ShelfStock,
  type ShoppingLine,
  type ShoppingList,
  type StockItem,
  type StockKind,
  type StockLot,
  type Trip,
  type Used,
} from './stock'
export { shopPackSchema, shopSchema, type Shop, type ShopPack } from './shops'
export { measuredMixOf, mixesOf, ingredientsOf } from './mixing'
export { nextCode } from './codes'
export { photoIdsIn } from './photos'
export { parseEntry, type Entry, type EntryLanguage, type Understood } from './entry'
export { foundRecords, lastRecords, newestFirst, type RecordsAsked } from './newest'
export { wayChoices, type SomeWays, type WayKey, type Ways } from './waysSchema'
export { arrangementOf, usualWays, wayKeys, wayProvenance, waysOf } from './ways'
export {
  jobChangeKinds,
  ownJobMeasures,
  ownJobSchema,
  type JobChange,
  type OwnJob,
} from './jobChanges'
export { trialSchema, trialThings, type Trial, type TrialThing } from './trial'
export { noArrangement } from './arrangement'
export type { ArrangementWishes } from './arrangementSchema'
export { migrated } from './migrate'
export * as edits from './edits'
export { editCodes, editOf, type EditCode, type GardenEdit } from './edits/edit'
export {
  closeSeason,
  closingOf,
  containerOn,
  gardenAsOf,
  heightWith,
  historyFaults,
  isGone,
  layersOf,
  mixFates,
  mixOfState,
  mixOn,
  partsOf,
  plantFates,
  potOn,
  plantedDepthMm,
  potsAtClose,
  potStates,
  pruningsOf,
  recordFaults,
  seasonOfYear,
  seasonsOf,
  seasonYearOf,
  standingOn,
  stateOn,
  statesOf,
  staysByContainer,
  type Fill,
  type MixFate,
  type Part,
  type PotAtClose,
  type PotClosing,
  type RecordFault,
  type PlantFate,
  type PlantOn,
  type PotOn,
  type PotState,
  type SeasonOf,
  type Stay,
} from './history'
