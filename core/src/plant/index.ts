export {
  crops,
  fruitClassesOf,
  habitsOf,
  isSmallFruited,
  isVine,
  varietySchema,
  type Crop,
  type FruitClass,
  type Habit,
  type Variety,
} from './variety'
export { catalogue, catalogueProvenance, cultivars, habitClasses } from './catalogue'
export {
  basalProvenance,
  plantGrowth,
  crownAcrossMm,
  fullCropKg,
  grownPlantKg,
  stageProvenance,
  type PlantGrowth,
  type Ripeness,
  type Stage,
  type Truss,
} from './growth'
