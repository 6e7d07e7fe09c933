export { amendmentG } from './amendment'
export { labelToElements, type ElementAnalysis, type LabelAnalysis } from './label'
export {
  starterDose,
  starterProducts,
  type FeedCaution,
  type Placement,
  type StarterDose,
  type StarterProduct,
} from './starter'
