import type { Crop } from '../plant'
import { published } from '../units'

export const stressProvenance = published('FAO Irrigation and Drainage Paper 56, Eq. 84, Table 22')

/** Of the water a pot can give, what may be used before the plant goes short (FAO 56, Table 22, at 5 mm/d). */
export const depletionShare: Readonly<Record<Crop, number>> = { tomato: 0.4, pepper: 0.3 }

/** What a day did to the water of a pot. */
export interface WaterDay {
  /** Missing from a drained pot on the next morning, L. */
  readonly depletionL: number
  /** Of the water its plants wanted, what they had, 0–1. */
  readonly waterShare: number
  /** Ran out below, L. */
  readonly drainedL: number
}

/**
 * One day of a pot as a bucket: what is given fills up what is missing and the
 * rest runs out; what is used is missing in the evening, less where the plant
 * went short.
 *
 * @param depletionL missing in the morning
 * @param morningL   given before the day, rain counted in
 * @param useL       what plants, surface and walls would use
 * @param eveningL   given after it
 * @param availableL what the drained pot holds above wilting
 * @param freeShare  of that, what is used without going short
 * @source FAO 56, Eq. 84 (stress), Eq. 85 (balance)
 */
export function dayOfWater(
  depletionL: number,
  morningL: number,
  useL: number,
  eveningL: number,
  availableL: number,
  freeShare: number,
): WaterDay {
  const morning = Math.max(0, depletionL - morningL)
  // Half way through the day's use is what the day is like.
  const midday = morning + useL / 2
  const stress = (availableL - midday) / ((1 - freeShare) * availableL)
  const waterShare = Math.max(0, Math.min(1, stress))
  const evening = Math.min(availableL, morning + useL * waterShare)
  return {
    depletionL: Math.max(0, evening - eveningL),
    waterShare,
    drainedL: Math.max(0, morningL - depletionL) + Math.max(0, eveningL - evening),
  }
}
