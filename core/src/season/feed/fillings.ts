import { ofNutrients, type NutrientAmounts, type Refill } from '../../feed'
import { mixesOf, partsOf, type Fill } from '../../garden'
import { nitrogenDraw } from '../../mix'
import { dayOf, daysBetween } from '../../units'
import { HOURS_A_DAY } from '../../weather'
import { stretchOn, type PotCourse } from '../course'

/** A pot emptied and filled anew with plants of the season in it, or after them. */
export interface Filling {
  readonly fill: Fill
  readonly day: number
  /** In it before. */
  readonly beforeL: number
}

/** What lies in each litre of a mix that was used: at hand in the root zone, and its salt. */
export interface LeftInMix {
  readonly leftGL: NutrientAmounts
  readonly ecDsM: number
}

/** First day with plants. */
export const plantedOnOf = ({ plants }: Pick<PotCourse, 'plants'>): number =>
  Math.min(...plants.map(({ course }) => course.plantedOn))

/** Every filling anew within a course. */
function fillingsIn({ stretches }: PotCourse, from: string): readonly Filling[] {
  return stretches.flatMap(({ base }, index): Filling[] => {
    const before = stretches[index - 1]?.base.state
    const { fills, since } = base.state
    const [fill] = fills
    if (!before || !fill || fills.length > 1 || fills === before.fills || since === undefined)
      return []
    return fill.filledOn === dayOf(since)
      ? [
          {
            fill,
            day: daysBetween(from, fill.filledOn),
            beforeL: before.fills.reduce((sum, { volumeL }) => sum + volumeL, 0),
          },
        ]
      : []
  })
}

/** Those after its first planting. */
export const refillsIn = (pot: PotCourse, from: string): readonly Filling[] =>
  fillingsIn(pot, from).filter(({ day }) => day > plantedOnOf(pot))

/** A pot as its first plants went in; where it was filled on that day, after the filling. */
export function startOf({ stretches, plants }: PotCourse) {
  const hour = Math.max(0, plantedOnOf({ plants })) * HOURS_A_DAY
  const evening = stretchOn(stretches, hour + HOURS_A_DAY - 1)
  const { fills, since } = evening.base.state
  const isFilledThen = since !== undefined && fills[0]?.filledOn === dayOf(since)
  return isFilledThen ? evening : stretchOn(stretches, hour)
}

/** The oldest mix of a pot as its first plants go in. */
export const startFillOf = (pot: PotCourse): Fill => startOf(pot).base.state.fills[0]!

/** What a filling brings: of its fresh mix all, of its old mix what was left in it. */
export interface Brought {
  readonly freshL: number
  readonly usedL: number
  readonly grams: NutrientAmounts
  /** Times its litres, dS/m · L. */
  readonly salt: number
}

/**
 * @param left in each litre of the old mix, where a ledger tells; as fresh where nothing grew in it
 * @param isKept the old mix stays in the pot and is not counted
 */
export function broughtBy(
  garden: Parameters<typeof mixesOf>[0],
  fill: Fill,
  left: LeftInMix | undefined,
  isKept = false,
): Brought {
  const mixes = mixesOf(garden)
  const usedL = (fill.used ?? []).reduce((sum, { volumeL }) => sum + volumeL, 0)
  const freshL = Math.max(0, fill.volumeL - usedL)
  const blends = partsOf([fill]).flatMap((part) => {
    const isUsed = fill.used?.includes(part)
    const blend = isUsed && (left || isKept) ? undefined : mixes(part.recipeId)?.blend
    return blend ? [{ blend, volumeL: part.volumeL }] : []
  })
  const told = isKept ? undefined : left
  return {
    freshL,
    usedL,
    grams: ofNutrients(
      (one) =>
        blends.reduce(
          (sum, { blend, volumeL }) => sum + (blend.nutrientsMgL[one] * volumeL) / 1000,
          0,
        ) +
        (told?.leftGL[one] ?? 0) * usedL,
    ),
    salt:
      blends.reduce((sum, { blend, volumeL }) => sum + blend.ecDsM * volumeL, 0) +
      (told?.ecDsM ?? 0) * usedL,
  }
}

/** A filling anew as the ledger takes it. */
export function refillOf(
  garden: Parameters<typeof mixesOf>[0],
  { fill, day, beforeL }: Filling,
  left: LeftInMix | undefined,
): Refill {
  const isKept = !!fill.used && fill.fromContainerId === undefined
  const { freshL, usedL, grams, salt } = broughtBy(garden, fill, left, isKept)
  const blend = mixesOf(garden)(fill.recipeId)?.blend
  const draw = blend && nitrogenDraw(blend)
  return {
    day,
    keptShare: isKept ? Math.min(1, usedL / beforeL) : 0,
    bringsG: grams,
    bringsEcDsM: salt / fill.volumeL,
    mixGivesG: ((draw?.giveMgL ?? 0) * freshL) / 1000,
    mixDrawsG: ((draw?.drawMgL ?? 0) * freshL) / 1000,
  }
}
