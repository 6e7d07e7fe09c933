export { PROBE_DEPTH_MM, probeQuestion, readingsToKeep, type ProbeQuestion } from './probe'
export { whatIfKinds, whatIfs, type WhatIf, type WhatIfAsked, type WhatIfKind } from './whatIf'
export { dripFor, planLeaving, type LeavingAsked } from './leaving'
export {
  wateringHabits,
  wiltingChance,
  type WateringHabit,
  type PotWilting,
  type Wilting,
  type WiltingAsked,
} from './wilting'
export {
  tellingTest,
  curveAboutToday,
  waterCurve,
  type WaterCurve,
  type WaterDayFacts,
} from './curve'
export { waterRisks, type FruitRisks, type WaterRisks } from './risk'
