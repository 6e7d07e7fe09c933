import type { WaterState } from '../pot'

/** A quantity as far as it is known: two of three lie within one sd. */
export interface Known {
  readonly mean: number
  readonly sd: number
}

/**
 * What a gardener does on a day without a record: follows the plan, waters until it
 * drains when the pot needs it, or does so every morning.
 */
export const unwrittenHabits = ['asPlanned', 'whenWanted', 'everyMorning'] as const
export type UnwrittenHabit = (typeof unwrittenHabits)[number]

/** One pot as it may be. */
export interface Particle {
  thirst: number
  capacity: number
  /** Suction as its gardener's finger feels it, beside the usual. */
  finger: number
  /** What its gardener does on days without a record. */
  habit: UnwrittenHabit
  readonly state: WaterState
}

/** Before any test: plants of one kind differ so much in thirst, mixes in what they hold (memory). */
export const PRIOR_SD = { thirst: 0.28, capacity: 0.12 }
const LIMITS = { least: 0.3, most: 3 }
/** Prior share of gardeners who follow the plan; the others have either habit equally often (memory). */
const AS_PLANNED_SHARE = 0.5
/** Shrinkage of particles that are drawn again (Liu & West 2001). */
const SHRINK = 0.97
const MOVED = Math.sqrt(1 - SHRINK ** 2)

/** Mean and standard deviation of some values. */
export const meanOf = (values: readonly number[]): Known => {
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length
  const variance = values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length
  return { mean, sd: Math.sqrt(variance) }
}

/** A gardener's habit drawn by its prior share, from a number between 0 and 1. */
export const drawnHabit = (uniform: number): UnwrittenHabit =>
  uniform < AS_PLANNED_SHARE
    ? 'asPlanned'
    : uniform < (1 + AS_PLANNED_SHARE) / 2
      ? 'whenWanted'
      : 'everyMorning'

/** Systematic resampling: draws as many indices again, each in proportion to its weight. */
export function drawn(weights: Float64Array, first: number): number[] {
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  const count = weights.length
  let [reached, index] = [weights[0]! / total, 0]
  return Array.from({ length: count }, (_, draw) => {
    const at = (draw + first) / count
    while (reached < at && index < count - 1) reached += weights[++index]! / total
    return index
  })
}

/** Moves particles that were drawn again apart, keeping their mean and their spread. */
export function apart(particles: readonly Particle[], normal: () => number): void {
  for (const name of ['thirst', 'capacity', 'finger'] as const) {
    const logs = particles.map((one) => Math.log(one[name]))
    const { mean, sd } = meanOf(logs)
    particles.forEach((one, index) => {
      const moved = SHRINK * logs[index]! + (1 - SHRINK) * mean + MOVED * sd * normal()
      one[name] = Math.max(LIMITS.least, Math.min(LIMITS.most, Math.exp(moved)))
    })
  }
}
