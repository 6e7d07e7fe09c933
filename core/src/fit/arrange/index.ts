export { arrange } from './arrange'
export { isKeptInPlace } from './candidates'
export { WISH_WEIGHT } from './model'
export { solveWithHighs, type HighsLike } from './highs'
export {
  wishKinds,
  type Arrangement,
  type ArrangeTask,
  type Conflict,
  type LeftOut,
  type Pin,
  type PlacedPlants,
  type PotOffer,
  type PotOnHand,
  type Solve,
  type SpotKind,
  type StandingSpot,
  type WishedPlant,
  type WishKind,
} from './types'
