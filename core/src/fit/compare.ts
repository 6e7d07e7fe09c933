import { containerVolumes, type Container } from '../container'
import { sharedYield, type RelativeYield, type Variety } from '../plant'
import { reason, type Reason } from '../units'
import {
  heatCondition,
  heightCondition,
  lightCondition,
  ownCondition,
  rotCondition,
  sunCondition,
  supportCondition,
  weightCondition,
  type Condition,
  type FitVerdict,
  type SpotConditions,
} from './conditions'
import { judgeFit, worst, type FitJudgement } from './judge'
import { schoolIds, type SchoolId } from './schools'

export interface Comparison {
  /** Each school's verdict on the pair, Rimbo's own first. */
  readonly schools: readonly (FitJudgement & { readonly school: SchoolId })[]
  /** What the root room alone would let each plant give. */
  readonly yield: RelativeYield
  readonly conditions: readonly Condition[]
  /** Expected of each plant here beside an unrestricted one in full sun, 0–1. */
  readonly expectedShare: number
  /** The same, factor by factor. */
  readonly reasons: readonly Reason[]
}

/** What a place, a pot and a plant do to one another beside the pot's size. */
function conditionsFor(
  variety: Variety,
  container: Container,
  count: number,
  perPlant: number,
  spot: SpotConditions,
  grownKg: number,
): Condition[] {
  const { rootVolumeL, cells } = containerVolumes(container)
  const own = ownCondition(container)
  return [
    sunCondition(spot),
    lightCondition(spot),
    heightCondition(variety, container, perPlant, spot),
    supportCondition(variety, container, perPlant, spot),
    heatCondition(container, spot),
    rotCondition(variety, rootVolumeL / Math.max(count, cells)),
    weightCondition(grownKg),
    ...(own ? [own] : []),
  ]
}

/** Conditions that Rimbo's own school weighs beside the yield; the others it only tells. */
const WEIGHED: ReadonlySet<string> = new Set(['sun', 'light', 'height', 'heat'])

/** Rimbo's own verdict with the place counted in, and what of it decided. */
function houseHere(judged: FitJudgement, conditions: readonly Condition[]): FitJudgement {
  const weighed = conditions.filter(({ id }) => WEIGHED.has(id))
  const verdict = worst([judged.verdict, ...weighed.map((one) => one.verdict)])
  const deciding = weighed.filter((one) => one.verdict === verdict && verdict !== 'good')
  return {
    ...judged,
    verdict,
    reasons: [...judged.reasons, ...deciding.flatMap((one) => one.reasons.slice(0, 1))],
  }
}

/**
 * What every school says of plants in a container at a place, what they are
 * expected to give there, and what stands in the way.
 *
 * The schools look at the pair alone; the place decides about the yield, and
 * about Rimbo's own verdict.
 *
 * @param count   plants in the container, all kinds together
 * @param grownKg of the container, watered, with grown plants
 */
export function compareSchools({
  variety,
  container,
  count,
  spot,
  grownKg,
}: {
  readonly variety: Variety
  readonly container: Container
  readonly count: number
  readonly spot: SpotConditions
  readonly grownKg: number
}): Comparison {
  const expected = sharedYield(variety, containerVolumes(container), count)
  const conditions = conditionsFor(variety, container, count, expected.perPlant, spot, grownKg)
  const expectedShare = conditions.reduce((share, { factor }) => share * factor, expected.perPlant)
  const schools = schoolIds.map((school) => {
    const judged = judgeFit({ variety, container, count, school })
    return { school, ...(school === 'house' ? houseHere(judged, conditions) : judged) }
  })
  const lossy = conditions.filter(({ factor }) => factor !== 1)
  return {
    schools,
    yield: expected,
    conditions,
    expectedShare,
    reasons: [
      ...expected.reasons,
      ...lossy.flatMap((one) => one.reasons),
      ...(lossy.length
        ? [reason('fit.expected', { rootShare: expected.perPlant, yieldShare: expectedShare })]
        : []),
    ],
  }
}

/** One way to plant a container: how many plants, what each gives and how big it gets. */
export interface DenseOption {
  readonly count: number
  readonly yield: RelativeYield
  /** Height of each beside one alone in the same container. */
  readonly heightShare: number
  readonly houseVerdict: FitVerdict
}

/** One, two, three … plants in a container side by side: total yield and the size of each. */
export function denseOptions(
  variety: Variety,
  container: Container,
  most: number,
): readonly DenseOption[] {
  const volumes = containerVolumes(container)
  const alone = sharedYield(variety, volumes, 1).perPlant
  return Array.from({ length: most }, (_, index) => {
    const count = index + 1
    const expected = sharedYield(variety, volumes, count)
    return {
      count,
      yield: expected,
      heightShare: Math.cbrt(expected.perPlant / alone),
      houseVerdict: judgeFit({ variety, container, count, school: 'house' }).verdict,
    }
  })
}
