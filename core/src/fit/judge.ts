import {
  containerVolumes,
  innerSizeMm,
  rimHeightMm,
  standingRimMm,
  type Container,
} from '../container'
import { isSmallFruited, sharedYield, type RelativeYield, type Variety } from '../plant'
import { practice, reason, type Reason } from '../units'
import { ROT_BELOW_L, type FitVerdict } from './conditions'
import {
  basketRule,
  NOMINAL_TOLERANCE,
  schoolRules,
  suitsBasket,
  type Demand,
  type Pairing,
  type Rule,
  type SchoolId,
} from './schools'

export interface FitJudgement {
  readonly verdict: FitVerdict
  /** Expected yield of each plant beside an unrestricted one, the same in every school. */
  readonly value: number
  readonly reasons: readonly Reason[]
}

function pairingOf(variety: Variety, container: Container, count: number): Pairing {
  const { shape, rings, reservoir, layers } = container
  const { rimVolumeL, rootVolumeL, cells } = containerVolumes(container)
  const rim = innerSizeMm(shape, rimHeightMm(shape))
  const notForRoots = reservoir?.falseFloorMm ?? layers?.fillerMm ?? 0
  // A pocket of a tower is a pot of its own: schools judge that, not the column.
  const parts = Math.max(count, cells)
  const pocketMm = cells > 1 ? 100 * Math.cbrt(rimVolumeL / cells) : Infinity
  return {
    variety,
    count: Math.ceil(count / cells),
    rootVolumeL,
    cells,
    rootVolumePerPlantL: rootVolumeL / parts,
    rimVolumeL: rimVolumeL / cells,
    rimVolumePerPlantL: rimVolumeL / parts,
    acrossMm: Math.min(rim.lengthMm, rim.widthMm, pocketMm),
    depthMm: Math.min(standingRimMm(container) - notForRoots + (rings?.heightMm ?? 0), pocketMm),
    isFlatBag: container.type === 'flatBag',
  }
}

function judgeDemand(demand: Demand, pairing: Pairing): { verdict: FitVerdict; reason: Reason } {
  const has = pairing[demand.measure]
  const { good, least = good } = demand
  const meets = (limit: number) =>
    demand.measure === 'count' ? has <= limit : has >= limit * (1 - NOMINAL_TOLERANCE)
  const verdict = meets(good) ? 'good' : meets(least) ? 'tight' : 'poor'
  if (!Number.isFinite(good)) return { verdict, reason: reason('fit.notForVines', {}, practice) }
  const unit = demand.measure === 'count' ? 'Count' : demand.measure.endsWith('Mm') ? 'Mm' : 'L'
  const params = { [`has${unit}`]: has, [`good${unit}`]: good, [`least${unit}`]: least }
  return { verdict, reason: reason(`fit.${demand.measure}.${verdict}`, params, practice) }
}

const RANK: readonly FitVerdict[] = ['good', 'tight', 'poor']
/** The worst of some verdicts; what says nothing does not count. */
export const worst = (verdicts: readonly FitVerdict[]): FitVerdict =>
  RANK[Math.max(0, ...verdicts.map((verdict) => RANK.indexOf(verdict)))]!

function judgeRule(rule: Rule, pairing: Pairing): Omit<FitJudgement, 'value'> {
  const judged = rule.demands.map((demand) => judgeDemand(demand, pairing))
  const verdict = worst(judged.map((one) => one.verdict))
  const condition =
    rule.condition && verdict !== 'poor'
      ? [reason(`fit.condition.${rule.condition}`, {}, practice)]
      : []
  return { verdict, reasons: [...judged.map((one) => one.reason), ...condition] }
}

/** Rimbo's own school goes by the expected yield (our choice). */
const HOUSE_GOOD = 0.7
const HOUSE_TIGHT = 0.5

function judgeHouse(pairing: Pairing, expected: RelativeYield): Omit<FitJudgement, 'value'> {
  const { variety, rootVolumePerPlantL } = pairing
  const { perPlant, reasons } = expected
  const byYield: FitVerdict =
    perPlant >= HOUSE_GOOD ? 'good' : perPlant >= HOUSE_TIGHT ? 'tight' : 'poor'
  const isRotProne =
    variety.crop === 'tomato' && !isSmallFruited(variety) && rootVolumePerPlantL < ROT_BELOW_L
  return {
    verdict: byYield === 'good' && isRotProne ? 'tight' : byYield,
    reasons: [
      reason(`fit.yield.${byYield}`, {
        yieldShare: perPlant,
        goodShare: HOUSE_GOOD,
        leastShare: HOUSE_TIGHT,
      }),
      ...(isRotProne
        ? [reason('fit.rotProne', { hasL: rootVolumePerPlantL, limitL: ROT_BELOW_L }, practice)]
        : []),
      ...reasons,
    ],
  }
}

function judgeSchool(
  pairing: Pairing,
  school: SchoolId,
  expected: RelativeYield,
): Omit<FitJudgement, 'value'> {
  if (school === 'house') return judgeHouse(pairing, expected)
  const rule = schoolRules[school].find((candidate) => candidate.appliesTo(pairing))
  if (rule) return judgeRule(rule, pairing)
  return { verdict: 'silent', reasons: [reason('fit.silent', {}, practice)] }
}

function judgeBasket(
  pairing: Pairing,
  school: SchoolId,
  expected: RelativeYield,
): Omit<FitJudgement, 'value'> {
  if (!suitsBasket(pairing.variety))
    return { verdict: 'poor', reasons: [reason('fit.notForBasket', {}, practice)] }
  const byBasket = judgeRule(basketRule, pairing)
  if (school !== 'house') return byBasket
  const bySchool = judgeHouse(pairing, expected)
  return {
    verdict: worst([byBasket.verdict, bySchool.verdict]),
    reasons: [...bySchool.reasons, ...byBasket.reasons],
  }
}

/**
 * What one school says of plants in a container, with its reasons.
 *
 * The schools disagree, and each verdict is that school's own. The expected
 * yield beside it is physics and the same in all.
 *
 * @param count plants in the container, all kinds together
 */
export function judgeFit({
  variety,
  container,
  count,
  school,
}: {
  readonly variety: Variety
  readonly container: Container
  readonly count: number
  readonly school: SchoolId
}): FitJudgement {
  const pairing = pairingOf(variety, container, count)
  const expected = sharedYield(variety, pairing, count)
  const judge = container.type === 'basket' ? judgeBasket : judgeSchool
  return { ...judge(pairing, school, expected), value: expected.perPlant }
}
