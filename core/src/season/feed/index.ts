export { dosedPot } from './events'
export {
  programmePot,
  feedNeedReasons,
  feedVerdictOn,
  isFedOn,
  potFeeding,
  type PotFeeding,
} from './potFeeding'
export { type DueFeed, type FeedToday, feedToday, holdsFor } from './due'
export { choicesAtHand, choicesToBuy, feedWish } from './choosing'
export { feedDays, feedsAhead, feedsPlanned, judgePlan } from './plans'
export { stepsFor } from './running'
export {
  chooseForPot,
  feedWeeks,
  flushFor,
  type ChosenForPot,
  type FeedWeek,
  type FeedWeeks,
  type NutrientWeek,
} from './weeks'
