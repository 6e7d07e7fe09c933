export { changeContainer, changedState, correctIn, moveFromNow, type From } from './changes'
export {
  addUsual,
  carryOver,
  copyContainer,
  keepContainer,
  moveInWalk,
  putAwayContainer,
  removeContainer,
  standAll,
  standContainer,
  turnContainer,
  unrollContainer,
} from './containers'
export { addSpace, coverSpace, isSpaceNeeded, keepPlan, removeSpace } from './spaces'
export { keepVariety, pinContainer, plantAll, plantInto, takeOut, wishFor } from './plants'
export {
  isIngredientNeeded,
  keepIngredient,
  keepMixTest,
  keepRecipe,
  removeIngredient,
  removeMixTest,
  removeRecipe,
  setMix,
} from './mixes'
export {
  countOnShelf,
  feedAllBy,
  feedBy,
  isProductNeeded,
  keepProduct,
  recordFeeds,
  removeProduct,
  stopFeeding,
  takeOffShelf,
  type FeedsGiven,
} from './feeds'
export { changeRecord } from './changeRecord'
export {
  BIN_DAYS,
  keepCheck,
  markOutcome,
  recordClosing,
  recordOne,
  recordProbe,
  recordEntry,
  removeRecord,
  restoreRecord,
  type Counted,
} from './records'
export {
  keepDay,
  keepNormals,
  keepPlace,
  takeFileDays,
  takeServiceDays,
  type ClimateTyped,
} from './weather'
export { changeSettings, changeWater, type SettingsTouched } from './settings'
export {
  changeWays,
  doJobs,
  keepOwnJob,
  removeOwnJob,
  skipJob,
  snoozeJob,
  switchOffJobs,
  takeBackJobChange,
  type WaysAt,
} from './jobs'
export { keepTrial, removeTrial } from './trials'
export { keepTable } from './tables'
export { keepShop, recordStock, removeShop } from './stores'
