export {
  drawingOf,
  mulchFactor,
  waterNeedL,
  waterUseL,
  type Canopy,
  type Drawing,
  type WaterDemand,
  type WaterNeed,
} from './need'
export {
  FREE_BESIDE_TOMATO,
  freeShareOf,
  storeReasons,
  stressShare,
  waterStore,
  wetted,
  type WaterCell,
  type WaterStore,
} from './store'
export { loadHours, runsPastShare } from './hours'
export { simulateWater, stateAfter } from './simulate'
export {
  DAYLIGHT_MM,
  emptyRun,
  EVENING_FROM_H,
  fullPot,
  SPLASH_L,
  sumsOf,
  type WateredPot,
  type WaterCorrection,
  type WaterEvents,
  type WaterOptions,
  type WaterRun,
  type WaterState,
  type WaterDrive,
} from './pot'
export {
  aheadOfNowH,
  dailyVisits,
  type VisitTimes,
  EVENING_H,
  MORNING_H,
  planWatering,
  WILTS_BELOW,
  type WaterPlan,
} from './plan'
export {
  dripLine,
  dripMinutes,
  EMITTERS_L_H,
  type DripLine,
  type DripNeed,
  type DripPot,
} from './drip'
export { extraSuctionCm, suctionAtDepthCm, suctionTable, type SuctionTable } from './suction'
export * from './learn'
export {
  awayHelps,
  awayVerdicts,
  helped,
  planAway,
  survivesAway,
  type Absence,
  type AwayChoice,
  type AwayHelp,
  type AwayOutcome,
  type AwayPlan,
  type AwayVerdict,
  type PotLeft,
} from './away'
export {
  blossomEndRotRisk,
  longWetDays,
  riskLevels,
  splitRisk,
  tooWet,
  type FruitOnPlant,
  type FruitRisk,
  type RiskLevel,
  type WetFacts,
} from './risk'
export {
  checkProbe,
  probeRequestSchema,
  simulateProbe,
  type ProbeCheck,
  type ProbeReading,
  type ProbeRequest,
} from './probe'
