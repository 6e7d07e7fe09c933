export { arrange } from './arrange'
export { isKeptInPlace } from './candidates'
export { WISH_WEIGHT } from './model'
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
  type SpotKind,
  type StandingSpot,
  type WishedPlant,
  type WishKind,
} from './types'
