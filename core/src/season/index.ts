export {
  mixPlan,
  type AmendmentDose,
  type MixingWishes,
  type MixPlan,
  type PotFilling,
  type TubsOf,
} from './mixPlan'
export {
  judgeExtract,
  mixTaskOf,
  rechargeOf,
  seasonsOf,
  tryMix,
  withMix,
  type IngredientWish,
  type MixWish,
  type OldMixFacts,
  type TriedMix,
  type TriedPot,
} from './mixing'
export {
  gardenOn,
  gardenToday,
  grownPot,
  potOn,
  potOnDay,
  type GardenToday,
  type PlantingToday,
  type PotToday,
} from './today'
export { plantCount, suctionOf, type MixToday, type PotBase } from './base'
export { seasonOf } from './span'
export type { PotWater } from './water'
export { requireWeight } from './waterTests'
export {
  gardenCourse,
  plantKgOn,
  type GardenCourse,
  type PlantingCourse,
  type PotCourse,
} from './course'
export {
  beadOfDays,
  grownOn,
  potString,
  withFeeds,
  type Bead,
  type Knot,
  type PotString,
} from './string'
export { yearsSpread, type PlantingSpread, type YearsAsked, type YearsSpread } from './years'
export { observationsOf } from './doings'
export { climateOf, weatherOn, type Climate, type DaySource, type Sky } from './sky'
export {
  inQuarterCans,
  inTenthLitres,
  roundOf,
  type Round,
  type Stop,
  type StopState,
} from './round'
export { siteOf, spaceLoadOf, type SiteOf } from './site'
export { arrangeTaskOf, standingSpots } from './arranging'
export { judgePair, type PairJudgement } from './pair'
export { applied, type Applied } from './applying'
export { whatIfKinds, whatIfs, type WhatIf, type WhatIfAsked, type WhatIfKind } from './whatIf'
export { dripFor, planLeaving, type LeavingAsked } from './leaving'
export {
  wateringHabits,
  wiltingChance,
  type WateringHabit,
  type PotWilting,
  type Wilting,
  type WiltingAsked,
} from './waterYears'
export { tellingTest, waterCurve, type WaterCurve, type WaterDayFacts } from './waterCurve'
export { waterRisks, type FruitRisks, type WaterRisks } from './waterRisk'
export {
  dosedPot,
  feedNeedReasons,
  feedTools,
  feedVerdictOn,
  potFeeding,
  type PotFeeding,
} from './feeding'
export { choicesAtHand, choicesToBuy, feedWish, MEASURE_DAYS, stepsFor } from './feedChoosing'
export { feedToday, holdsFor, type DueFeed, type FeedToday } from './feedToday'
export { feedDays, judgePlan, programmePot } from './feedPlans'
export { feedRound, type FeedCans, type FedStop, type FeedRound } from './feedRound'
export {
  chooseForPot,
  feedWeeks,
  flushFor,
  type ChosenForPot,
  type FeedWeek,
  type FeedWeeks,
  type NutrientWeek,
} from './feedWeeks'
