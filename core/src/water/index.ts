export {
  mulchFactor,
  visitsFor,
  waterNeedL,
  type Canopy,
  type Visits,
  type WaterDemand,
  type WaterNeed,
} from './need'
