export {
  suctionOf,
  type PotBase,
  mixIn,
  LEAVES_OVER_MIX_MM,
  USUAL_MIX,
  plantCount,
  type MixToday,
} from './pot'
export { potBase, staysIn } from './changes'
export { type GardenCourse, type PotCourse, courseByPot, gardenCourse } from './course'
export { canopiesOn, plantKgOn, type PlantingCourse } from './leaf'
export {
  spaceOn,
  stateAt,
  type PotToday,
  type GardenToday,
  gardenOn,
  gardenToday,
  grownPot,
  potToday,
  potOnDay,
  type PlantingToday,
} from './day'
export {
  climateOf,
  firstUnknown,
  frostsOfPlace,
  weatherOn,
  type Climate,
  type DaySource,
  type Sky,
} from './sky'
export { hourlyDays, waterDriveOf, type PotWater } from './potWater'
export { sorted, observationsOf } from './recorded'
export { courseSpan, seasonOf } from './span'
export { requireWeight } from './waterTests'
export { waterDues, waterIn, type WaterDue } from './due'
export { stretchOn, type HourStretch, type WaterStretch } from './stretches'
