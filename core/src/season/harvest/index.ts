export { expectedBesideReal, type BesidePoint, type BesideReal } from './beside'
export { doDifferently, suggestionCodes, type Suggestion, type SuggestionCode } from './differently'
export { seasonFactors, type SeasonFactor } from './factors'
export { learnedFruitMass, type FruitMass } from './learned'
export {
  besideSeasons,
  carriedFrom,
  carriedOf,
  pickedAtWarmth,
  type SeasonBeside,
  type SeasonPoint,
} from './seasons'
export { mostOf, trialDiffers, trialResult, type TrialPot, type TrialResult } from './trials'
export { seasonOfId } from './asked'
export { dearest, seasonCosts, yearlyPart, type CostLine, type SeasonCosts } from './costs'
export { pickedParts, type PickedPart } from './picked'
export { harvestSides, harvestSummary, type HarvestRow, type HarvestSide } from './summary'
