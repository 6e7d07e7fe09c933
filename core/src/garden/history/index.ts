export { inOrder } from './inOrder'
export {
  containerOn,
  mixOfState,
  mixOn,
  plantedDepthMm,
  potOn,
  potStates,
  pruningsOf,
  stateOn,
  type PlantOn,
  type PotOn,
} from './potOn'
export { seasonOfYear, seasonsOf, seasonYearOf, type SeasonOf } from './seasons'
export { isGone, standingOn, staysByContainer, type Stay } from './standing'
export { heightWith, partsOf, statesOf, type Fill, type Part, type PotState } from './states'
export { gardenAsOf } from './asOf'
export {
  closeSeason,
  closingOf,
  mixFates,
  plantFates,
  potsAtClose,
  type MixFate,
  type PlantFate,
  type PotAtClose,
  type PotClosing,
} from './closing'
export { historyFaults, recordFaults, type RecordFault } from './faults'
export { layersOf, type Layer } from './layers'
