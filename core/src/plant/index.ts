export { isSmallFruited, isVine } from './variety'
export {
  crops,
  fruitClassesOf,
  habitsOf,
  varietySchema,
  type Crop,
  type FruitClass,
  type Habit,
  type Variety,
} from './varietySchema'
export { catalogue, catalogueProvenance, cultivars, habitClasses } from './catalogue'
export {
  relativeYield,
  sharedYield,
  sharingProvenance,
  volumeProvenance,
  type RelativeYield,
  type RoomFrom,
  type RootRoom,
} from './rootRoom'
export { LIGHT_FULL_MOL, lightShareOf, lightYieldProvenance } from './light'
export { developmentOf, type Development } from './development'
export { NORMAL_DAY, summerDays } from './warmth'
export type { Observation, OwnDevelopment, OwnHeight } from './observations'
export { setShare } from './setting'
export { lastFeedOn, overOn } from './over'
export { growthCourse, type GrowthCourse, type PlantStart } from './course'
export { TRUSS_OPENS_DAYS, type PlantDay, type TrussCourse } from './trusses'
export {
  basalProvenance,
  canopyOn,
  growthOn,
  stages,
  type PlantGrowth,
  type Ripeness,
  type Stage,
  type Truss,
} from './growth'
export { growthReasons } from './growthReasons'
export { crownAcrossMm, grownPlantKg } from './size'
export { cropForecast, fruitMassG, fullCropKg, type CropForecast, type CropWeek } from './crop'
export {
  dateSpread,
  NIGHTS_C,
  plantingWindow,
  soilSchoolIds,
  soilSchools,
  type DateSpread,
  type MixWarmth,
  type PlantingWindow,
  type SoilSchool,
} from './window'
export { prunings, type PlantPruning, type Pruning } from './pruning'
