export { climateNeighbours, guessNormals, leansOn, type Neighbour, type Whereabouts } from './guess'
export { leaveOneOut, type LeaveOneOut } from './leaveOneOut'
export { climateSummary, type ClimateSummary } from './summary'
export { referencePlaces, referencePlacesProvenance, type ReferencePlace } from './places'
