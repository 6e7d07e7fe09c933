import { containerVolumes, type Container } from '../../container'
import { judgeFit, type FitJudgement } from '../../fit'
import { arrangementOf, varietyOf, type Garden } from '../../garden'
import type { Variety } from '../../plant'

/** So many plants of a variety are to be grown. */
export interface Wanted {
  readonly varietyId: string
  readonly count: number
}

/** One plant and the pot it goes into. */
export interface GoesInto {
  readonly varietyId: string
  readonly containerId: string
  readonly judgement: FitJudgement
}

export interface WhichGoesWhere {
  readonly placed: readonly GoesInto[]
  /** Plants for which there is no pot left that suits. */
  readonly leftOut: readonly string[]
}

/** A pot with as many plants as it is to hold. */
interface Filling {
  readonly container: Container
  readonly rootVolumeL: number
  readonly varietyIds: string[]
}

/**
 * Which plant goes into which of the pots that stand empty: those that need most room
 * first, each into the smallest pot in which it does well, else into the largest; then plants
 * change places as long as all of them together give more. Once every pot has a plant,
 * further ones join where there still is room for them.
 *
 * A quick first answer, of pots and plants alone; Arrange weighs sun, wishes and prices.
 */
export function whichGoesWhere(garden: Garden, wanted: readonly Wanted[]): WhichGoesWhere {
  const { school } = arrangementOf(garden)
  const judged = (variety: Variety, { container, varietyIds }: Filling) =>
    judgeFit({ variety, container, count: varietyIds.length + 1, school })
  const pots = garden.containers
    .filter(({ id }) => !garden.plantings.some(({ containerId }) => containerId === id))
    .map((container): Filling => {
      const { rootVolumeL } = containerVolumes(container)
      return { container, rootVolumeL, varietyIds: [] }
    })
    .sort((one, other) => one.rootVolumeL - other.rootVolumeL)
  const plants = wanted
    .flatMap(({ varietyId, count }) => {
      const variety = varietyOf(garden, varietyId)
      return variety ? Array.from({ length: count }, () => variety) : []
    })
    .sort((one, other) => other.fullVolumeL - one.fullVolumeL)
  const placed: Placed[] = []
  const leftOut: string[] = []
  for (const variety of plants) {
    const empty = pots.filter(({ varietyIds }) => !varietyIds.length)
    const suits = (verdicts: readonly FitJudgement['verdict'][]) => (pot: Filling) =>
      verdicts.includes(judged(variety, pot).verdict)
    const pot =
      empty.find(suits(['good'])) ??
      empty.at(-1) ??
      pots.findLast(suits(['good'])) ??
      pots.findLast(suits(['tight']))
    if (!pot) leftOut.push(variety.id)
    else {
      pot.varietyIds.push(variety.id)
      placed.push({ variety, pot })
    }
  }
  const alone = ({ variety }: Placed, pot: Filling) =>
    judged(variety, { ...pot, varietyIds: [] }).value
  swapForMore(placed, pots, alone)
  return {
    placed: placed.map(({ variety, pot }) => ({
      varietyId: variety.id,
      containerId: pot.container.id,
      judgement: judged(variety, { ...pot, varietyIds: pot.varietyIds.slice(1) }),
    })),
    leftOut,
  }
}

interface Placed {
  readonly variety: Variety
  pot: Filling
}
/** Less than this is not worth another place. */
const WORTH = 0.01

/** Plants that have a pot to themselves change places, with another or into an empty one, as long as that gives more. */
function swapForMore(
  placed: readonly Placed[],
  pots: readonly Filling[],
  valueIn: (one: Placed, pot: Filling) => number,
): void {
  const single = placed.filter(({ pot }) => pot.varietyIds.length === 1)
  const put = (one: Placed, pot: Filling) => {
    one.pot = pot
    pot.varietyIds.splice(0, pot.varietyIds.length, one.variety.id)
  }
  // Each change adds to the whole, which has an upper bound: it ends by itself, and is cut off all the same.
  for (let rounds = 0, isBetter = true; isBetter && rounds < 20; rounds++) {
    isBetter = false
    for (const one of single) {
      const before = one.pot
      const empty = pots.find(
        (pot) => !pot.varietyIds.length && valueIn(one, pot) > valueIn(one, before) + WORTH,
      )
      if (empty) {
        before.varietyIds.length = 0
        put(one, empty)
        isBetter = true
      }
      for (const other of single) {
        const { pot: here } = one
        const { pot: there } = other
        const gain =
          valueIn(one, there) + valueIn(other, here) - valueIn(one, here) - valueIn(other, there)
        if (other === one || gain <= WORTH) continue
        put(one, there)
        put(other, here)
        isBetter = true
      }
    }
  }
}
