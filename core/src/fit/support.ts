import { innerSizeMm, rimHeightMm, type Container } from '../container'
import { isSmallFruited, isVine, type Variety } from '../plant'
import { practice, reason, type Reason } from '../units'

export type SupportKind = 'none' | 'stake' | 'cage' | 'twoCages' | 'string' | 'net'

/** One thing to have at hand for a support. */
export interface SupportPart {
  readonly what: 'stake' | 'cage' | 'string'
  readonly count: number
  readonly lengthMm: number
}

export interface SupportNeed {
  readonly support: SupportKind
  /** Of the whole, with what goes into the mix; 0 where none is needed. */
  readonly lengthMm: number
  readonly parts: readonly SupportPart[]
  readonly reasons: readonly Reason[]
}

/** What goes into the mix of a stake or the feet of a cage, mm. */
export const STAKE_IN_MIX_MM = 250
/** Plants that stay lower stand by themselves (memory). */
const STANDS_BELOW_MM = 400
/** Stakes as they are sold, mm (practice: 1.2–1.5 m at least, 1.8–2.4 m for vines). */
const SOLD_MM = [600, 900, 1200, 1500, 1800, 2100, 2400, 2700, 3000]
/** A stake does not hold in less mix than this, mm, and a cage needs so much room across (memory). */
const STAKE_NEEDS_MM = 200
const CAGE_NEEDS_MM = 300
/** A vine that outgrows one cage takes two, one upside down on the other (practice). */
const TWO_CAGES_FROM_MM = 1300
/** A string is tied so far above the plant's top, mm (memory). */
const ABOVE_TOP_MM = 300

const soldFrom = (lengthMm: number) =>
  SOLD_MM.find((sold) => sold >= lengthMm) ?? Math.ceil(lengthMm / 100) * 100

/** What fits a plant of this height in this container. */
function fitting(variety: Variety, container: Container, heightMm: number): SupportKind {
  const { shape, type, rings, fillMm, tower } = container
  const rim = innerSizeMm(shape, rimHeightMm(shape))
  const isShallow = type === 'flatBag' || !!rings || fillMm < STAKE_NEEDS_MM
  const isWide = !tower && Math.min(rim.lengthMm, rim.widthMm) >= CAGE_NEEDS_MM
  if (isShallow && heightMm >= STANDS_BELOW_MM) return 'string'
  if (variety.crop === 'pepper') return 'stake'
  if (!isVine(variety)) return isWide ? 'cage' : 'stake'
  return isSmallFruited(variety) && isWide && heightMm >= TWO_CAGES_FROM_MM ? 'twoCages' : 'stake'
}

function partsOf(support: SupportKind, heightMm: number, inMixMm: number): readonly SupportPart[] {
  const stake: SupportPart = { what: 'stake', count: 1, lengthMm: soldFrom(heightMm + inMixMm) }
  switch (support) {
    case 'none':
    case 'net':
      return []
    case 'stake':
      return [stake]
    case 'cage':
      return [{ what: 'cage', count: 1, lengthMm: soldFrom(heightMm) }]
    case 'twoCages':
      return [{ what: 'cage', count: 2, lengthMm: soldFrom(heightMm / 2) }, stake]
    case 'string':
      return [{ what: 'string', count: 1, lengthMm: heightMm + ABOVE_TOP_MM }]
  }
}

/**
 * What holds a plant up, long enough from the first day on: a stake, a cage, two cages
 * and a stake for a tall cherry, a string from overhead where no stake would hold.
 *
 * @param expectedHeightMm of the grown plant above the mix
 * @param ways             what the gardener uses; what fits where left out
 * @example supportFor(bushCherry, pot, 850, {}).support // => 'cage'
 */
export function supportFor(
  variety: Variety,
  container: Container,
  expectedHeightMm: number,
  ways: { readonly support?: SupportKind | 'byHeight' } = {},
): SupportNeed {
  const isLow = variety.habit === 'trailing' || expectedHeightMm < STANDS_BELOW_MM
  const { support: asked = 'byHeight' } = ways
  const support = isLow
    ? 'none'
    : asked === 'byHeight' || asked === 'none'
      ? fitting(variety, container, expectedHeightMm)
      : asked
  const inMixMm = Math.min(STAKE_IN_MIX_MM, container.fillMm)
  const parts = partsOf(support, expectedHeightMm, inMixMm)
  const lengthMm = Math.max(0, ...parts.map((part) => part.lengthMm))
  const params = { grownMm: expectedHeightMm, stakeMm: lengthMm, inMixMm }
  return {
    support,
    lengthMm,
    parts,
    reasons: [
      reason(`support.${support}`, params, practice),
      ...(asked !== 'byHeight' && !isLow ? [reason('support.byWay', {}, practice)] : []),
      ...(variety.crop === 'pepper' && !isLow ? [reason('support.breaks', {}, practice)] : []),
    ],
  }
}
