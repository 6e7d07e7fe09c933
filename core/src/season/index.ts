export { mixPlan, type MixPlan, type PotFilling } from './mixPlan'
export {
  gardenToday,
  plantCount,
  grownPot,
  potOn,
  weatherOn,
  type GardenToday,
  type MixToday,
  type PlantingToday,
  type PotToday,
} from './today'
export { inQuarterCans, roundOf, type Round, type Stop, type StopState } from './round'
export { siteOf, spaceLoadOf, type SiteOf } from './site'
export { arrangeTaskOf, standingSpots } from './arranging'
export { judgePair, type PairJudgement } from './pair'
export { applied, type Applied } from './applying'
