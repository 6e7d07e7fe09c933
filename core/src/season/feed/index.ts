export { dosedPot, feedNeedReasons, feedVerdictOn, potFeeding, type PotFeeding } from './potFeeding'
export { type DueFeed, type FeedToday, feedToday, holdsFor } from './due'
export { choicesAtHand, choicesToBuy, feedWish, MEASURE_DAYS, stepsFor } from './choosing'
export { feedDays, judgePlan, programmePot } from './plans'
export {
  chooseForPot,
  feedWeeks,
  flushFor,
  type ChosenForPot,
  type FeedWeek,
  type FeedWeeks,
  type NutrientWeek,
} from './weeks'
