export {
  feelShares,
  KNUCKLE_MM,
  likelihood,
  moistureAtDepth,
  normalShare,
  type Feel,
  type Knuckle,
  type WaterTest,
} from './observation'
export { assimilate, type AssimilateOptions, type Learned } from './assimilate'
export {
  PRIOR_SD,
  unwrittenHabits,
  type Known,
  type Particle,
  type UnwrittenHabit,
} from './particles'
export { mostTelling, type TellingTest } from './telling'
