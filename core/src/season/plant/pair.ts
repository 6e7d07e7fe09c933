import { compareSchools, denseOptions, type Comparison, type DenseOption } from '../../fit'
import type { Garden } from '../../garden'
import { fullCropKg, grownPlantKg, sharedYield, type Variety } from '../../plant'
import { memory, reason, type Reason } from '../../units'
import { siteOf, type SiteOf } from './site'
import { type PotToday } from '../course'

/** Ways to fill a container that are shown side by side. */
const MOST_DENSE = 4

/** One kind of plant in one container where it stands, judged from every side. */
export interface PairJudgement {
  readonly comparison: Comparison
  readonly site: SiteOf
  /** Fruit of a season expected of each plant, kg. */
  readonly eachKg: number
  readonly eachReasons: readonly Reason[]
  readonly dense: readonly DenseOption[]
}

/**
 * What every school says of so many plants of a variety in a container at its
 * place, and what they are expected to give.
 *
 * @param count plants in the container, all kinds together
 * @param year  whose months of sun are looked at
 */
export function judgePair(
  garden: Garden,
  pot: PotToday,
  variety: Variety,
  count: number,
  year: number,
): PairJudgement {
  const site = siteOf(garden, pot.container, year)
  const { perPlant } = sharedYield(variety, pot.volumes, count)
  const grownKg = pot.mass.wateredKg + count * grownPlantKg(variety, perPlant)
  const comparison = compareSchools({
    variety,
    container: pot.container,
    count,
    spot: site.conditions,
    grownKg,
  })
  const fullKg = fullCropKg(variety)
  return {
    comparison,
    site,
    eachKg: comparison.expectedShare * fullKg,
    eachReasons: [
      reason('fit.crop', { fullG: fullKg * 1000, yieldShare: comparison.expectedShare }, memory),
      ...comparison.reasons,
    ],
    dense: denseOptions(variety, pot.container, Math.max(MOST_DENSE, Math.min(count, 6))),
  }
}
