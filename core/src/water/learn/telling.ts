import { EVENING_H, MORNING_H } from '../plan'
import { type WateredPot, type WaterEvents, type WaterDrive } from '../pot'
import { simulateWater } from '../simulate'
import { suctionAtDepthCm, type SuctionTable } from '../suction'
import { HOURS_A_DAY } from '../../weather'
import type { Particle } from './particles'
import { feelShares, KNUCKLE_MM, type Knuckle } from './observation'

/** A finger test, and how much its answer is expected to tell. */
export interface TellingTest {
  readonly hour: number
  readonly knuckle: Knuckle
  /** Expected, bits: 0 where the answer is known before, 1.58 at most. */
  readonly bits: number
}

const entropyBits = (shares: readonly number[]) =>
  shares.reduce((sum, share) => (share > 0 ? sum - share * Math.log2(share) : sum), 0)

/** Hours of a day at which a gardener comes by, before watering. */
const ASKED_AT_H = [MORNING_H, 12, 16, EVENING_H]

/**
 * The finger test of the next days whose answer would tell most: where the pots
 * that this one may be differ most in what would be felt.
 *
 * @param events what will be given by the plan
 * @param now    hour of the row
 * @source expected information (Lindley 1956, Ann. Math. Statist. 27:986–1005)
 */
export function mostTelling(
  container: WateredPot,
  weather: WaterDrive,
  events: Pick<WaterEvents, 'givenL'>,
  particles: readonly Particle[],
  table: SuctionTable,
  now: number,
): TellingTest | undefined {
  const to = Math.min(weather.days * HOURS_A_DAY, now + 2 * HOURS_A_DAY)
  const hours = Array.from({ length: to - now }, (_, index) => now + index).filter(
    (hour) => hour === now || ASKED_AT_H.includes(hour % HOURS_A_DAY),
  )
  const availableL = container.cells[0]!.availableL
  const visitH = new Uint8Array(weather.days * HOURS_A_DAY)
  const missing = particles.map(({ state, thirst, capacity }) => {
    const run = simulateWater(
      container,
      weather,
      { ...events, visitH },
      { from: now, to, start: state, thirst, capacity },
    )
    return hours.map((hour) =>
      hour === now
        ? Math.max(...state.missingL) / (availableL * capacity)
        : run.driestShare[hour - now - 1]!,
    )
  })
  let best: TellingTest | undefined
  hours.forEach((hour, index) => {
    for (const knuckle of ['first', 'second'] as const) {
      const mean = [0, 0, 0]
      let within = 0
      for (const [particle, own] of missing.entries()) {
        const suction = suctionAtDepthCm(table, own[index]!, KNUCKLE_MM[knuckle])
        const shares = feelShares(suction * particles[particle]!.finger, knuckle)
        shares.forEach((share, feel) => (mean[feel]! += share / missing.length))
        within += entropyBits(shares) / missing.length
      }
      const bits = entropyBits(mean) - within
      if (!best || bits > best.bits + 1e-6) best = { hour, knuckle, bits }
    }
  })
  return best
}
