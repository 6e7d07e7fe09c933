export {
  innerSizeMm,
  rimHeightMm,
  sectionAreaMm2,
  shapeSchema,
  shapeVolumeL,
  sizeLimitsMm,
  wallAreaM2,
  type Shape,
} from './shape'
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
export {
  containerSchema,
  containerTypes,
  exposures,
  materials,
  type Container,
  type ContainerType,
  type Exposure,
  type Material,
} from './schema'
export { containerVolumes, typicalContainer, volumeReasons, type ContainerVolumes } from './volumes'
