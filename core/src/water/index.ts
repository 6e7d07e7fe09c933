export {
  mulchFactor,
  visitsFor,
  waterNeedL,
  waterUseL,
  type Canopy,
  type Visits,
  type WaterDemand,
  type WaterNeed,
} from './need'
export { depletionShare, dayOfWater, stressProvenance, type WaterDay } from './balance'
