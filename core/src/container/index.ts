export { innerSizeMm, rimHeightMm, sectionAreaMm2, shapeVolumeL, wallAreaM2 } from './shape'
export { shapeSchema, sizeLimitsMm, type Shape } from './shapeSchema'
export {
  tradeClassOf,
  tradeClassProvenance,
  tradeClassRange,
  type TradeClassRange,
} from './tradeClass'
export { sideProfile, type ProfilePoint } from './profile'
export { judgeLabel, labelSchema, readLabel, type Label, type LabelFinding } from './label'
export { liftingCaution, liftingProvenance, type LiftingCaution } from './lifting'
export { parseDiameter } from './tape'
export { partSchemas, type PartName } from './parts'
export {
  carriedSchema,
  containerSchema,
  containerTypes,
  exposures,
  materials,
  standingSchema,
  partOf,
  wallColours,
  type Carried,
  type Container,
  type ContainerType,
  type Exposure,
  type Material,
  type Standing,
  type WallColour,
} from './schema'
export { MOST_CODE_LENGTH } from './code'
export { slipsOf } from './slips'
export {
  bodyVolumeL,
  timesBody,
  innerShape,
  mixBody,
  plainBody,
  ringShape,
  standingRimMm,
  type MixBody,
  type Vessel,
} from './body'
export {
  containerVolumes,
  rootVolumeReasons,
  volumeReasons,
  type ContainerVolumes,
} from './volumes'
export { pouringOf, type Pouring } from './pouring'
export { tippingWind, type Tippable } from './tipping'
export { typicalContainer } from './typical'
export { usualContainers, usualContainersProvenance, type UsualContainer } from './usual'
export { drainagePlan, type DrainagePlan, type DrainageVerdict, type DrilledHole } from './drainage'
export { foodSafety, type FoodVerdict } from './foodSafety'
export { containerMass, MOIST_SHARE, type ContainerMass, type MixMass } from './mass'
export {
  judgeHeat,
  rootZonePeakC,
  ROOT_INJURY_C,
  wallColourOf,
  type HeatDay,
  type HeatVerdict,
  type RootZoneHeat,
} from './heat'
