export { placeSchema, spaceSchema, type Place, type Space } from './schema'
export {
  floorAreaM2,
  planSchema,
  rectangularPlan,
  sideKinds,
  type Plan,
  type RectangleMeasures,
  type Shelf,
  type Side,
} from './plan'
export { boxOf, edgeLengthMm, isWithin, sideOf, stepIn, type Box, type PlanPoint } from './geometry'
export {
  directSunHours,
  monthDates,
  skylineElevationDeg,
  sunPath,
  type Spot,
  type SunPosition,
} from './sun'
export { diffuseShare, lightProvenance, lightReasons, monthlyRadiation, spotLight } from './light'
export {
  covers,
  microclimateReasons,
  openDay,
  openShelter,
  screened,
  spotShelter,
  weatherAt,
  type OpenDay,
  type Screen,
  type Shelter,
  type SpotDay,
} from './microclimate'
export { sunMap, type SunMap, type SunMapRequest } from './sunMap'
export {
  boxAround,
  floorUnderM2,
  footprintOf,
  gapMm,
  outerSizeMm,
  type Footprint,
} from './footprint'
export {
  awayFromSidesMm,
  crowdedPairs,
  doorwayOf,
  freePlaceFor,
  freePlacesFor,
  outOfReach,
  snapped,
  standingFaults,
  type Crown,
  type StandingFault,
} from './standing'
export {
  spaceLoad,
  type LoadVerdict,
  type ShelfLoad,
  type SpaceLoad,
  type StandingMass,
} from './load'
export { KN_M2_PER_PSF, parseAreaLoad } from './loadText'
export { findTowns, foldTown, nearestTown, readTowns, type Town, type TownList } from './towns'
export { parseElevation } from './elevationText'
