import { containerVolumes, innerSizeMm, rimHeightMm, type Container } from '../container'
import { isSmallFruited, type Variety } from '../plant'
import { practice, reason, type Reason } from '../units'
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
import { relativeYield } from './yield'

/** `silent`: the school has no word on such a pairing. */
export type FitVerdict = 'good' | 'tight' | 'poor' | 'silent'

export interface FitJudgement {
  readonly verdict: FitVerdict
  /** Expected yield of each plant beside an unrestricted one, the same in every school. */
  readonly value: number
  readonly reasons: readonly Reason[]
}

/** A flat bag lies: much longer than it is deep. */
const isFlatBag = ({ shape }: Container) =>
  shape.kind === 'rectangular' && shape.heightMm <= 220 && shape.topLengthMm >= 800

function pairingOf(variety: Variety, container: Container, count: number): Pairing {
  const { rimVolumeL, fillVolumeL } = containerVolumes(container)
  const rimMm = rimHeightMm(container.shape)
  const rim = innerSizeMm(container.shape, rimMm)
  return {
    variety,
    count,
    mixVolumeL: fillVolumeL,
    rimVolumeL,
    rimVolumePerPlantL: rimVolumeL / count,
    acrossMm: Math.min(rim.lengthMm, rim.widthMm),
    depthMm: rimMm,
    isFlatBag: isFlatBag(container),
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
const worst = (verdicts: readonly FitVerdict[]): FitVerdict =>
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
/** Large fruit in little mix gets blossom-end rot most easily (practice). */
const ROT_BELOW_L = 20

function judgeHouse(pairing: Pairing): Omit<FitJudgement, 'value'> {
  const { variety, count, mixVolumeL } = pairing
  const { perPlant, reasons } = relativeYield({ variety, rootVolumeL: mixVolumeL, count })
  const byYield: FitVerdict =
    perPlant >= HOUSE_GOOD ? 'good' : perPlant >= HOUSE_TIGHT ? 'tight' : 'poor'
  const isRotProne =
    variety.crop === 'tomato' && !isSmallFruited(variety) && mixVolumeL / count < ROT_BELOW_L
  return {
    verdict: byYield === 'good' && isRotProne ? 'tight' : byYield,
    reasons: [
      reason(`fit.yield.${byYield}`, {
        yieldShare: perPlant,
        goodShare: HOUSE_GOOD,
        leastShare: HOUSE_TIGHT,
      }),
      ...(isRotProne
        ? [reason('fit.rotProne', { hasL: mixVolumeL / count, limitL: ROT_BELOW_L }, practice)]
        : []),
      ...reasons,
    ],
  }
}

function judgeSchool(pairing: Pairing, school: SchoolId): Omit<FitJudgement, 'value'> {
  if (school === 'house') return judgeHouse(pairing)
  const rule = schoolRules[school].find((candidate) => candidate.appliesTo(pairing))
  if (rule) return judgeRule(rule, pairing)
  return { verdict: 'silent', reasons: [reason('fit.silent', {}, practice)] }
}

function judgeBasket(pairing: Pairing, school: SchoolId): Omit<FitJudgement, 'value'> {
  if (!suitsBasket(pairing.variety))
    return { verdict: 'poor', reasons: [reason('fit.notForBasket', {}, practice)] }
  const byBasket = judgeRule(basketRule, pairing)
  if (school !== 'house') return byBasket
  const bySchool = judgeHouse(pairing)
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
  const value = relativeYield({ variety, rootVolumeL: pairing.mixVolumeL, count }).perPlant
  const judged =
    container.type === 'basket' ? judgeBasket(pairing, school) : judgeSchool(pairing, school)
  return { ...judged, value }
}
