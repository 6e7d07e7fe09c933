export {
  mixPlan,
  type AmendmentDose,
  type MixingWishes,
  type MixPlan,
  type PotFilling,
  type TubsOf,
} from './plan'
export {
  judgeExtract,
  mixTaskOf,
  mixTaskOn,
  rechargeOf,
  mixSeasonsOf,
  tryMix,
  withMix,
  type IngredientWish,
  type MixWish,
  type OldMixFacts,
  type TriedMix,
  type TriedPot,
} from './trying'
