// Of the course only what others ask for: the rooms see more of it.
export {
  gardenOn,
  gardenToday,
  grownPot,
  potToday,
  spaceOn,
  potOnDay,
  type GardenToday,
  type PlantingToday,
  type PotToday,
  plantCount,
  suctionOf,
  type MixToday,
  type PotBase,
  seasonOf,
  type PotWater,
  requireWeight,
  courseByPot,
  gardenCourse,
  plantKgOn,
  type GardenCourse,
  type PlantingCourse,
  type PotCourse,
  observationsOf,
  climateOf,
  weatherOn,
  type Climate,
  type DaySource,
  type Sky,
  waterDues,
  type WaterDue,
} from './course'
export * from './water'
export * from './feed'
export * from './plant'
export * from './mix'
export * from './jobs'
export * from './walk'
export * from './start'
export * from './diagnosis'
export * from './harvest'
export * from './stores'
