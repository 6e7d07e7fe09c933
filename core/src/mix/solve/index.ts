export { solveMix } from './solveMix'
export {
  limitedProperties,
  mixAims,
  type Binding,
  type Bound,
  type CheckedMix,
  type LimitedProperty,
  type MixAim,
  type MixCandidate,
  type MixLimit,
  type MixTask,
  type SolvedMix,
} from './types'
