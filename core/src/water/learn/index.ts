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
export {
  assimilate,
  PRIOR_SD,
  type AssimilateOptions,
  unwrittenHabits,
  type Known,
  type Learned,
  type UnwrittenHabit,
  type Particle,
} from './assimilate'
export { mostTelling, type TellingTest } from './telling'
