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

/** A pot and how many plants it is to hold so far. */
interface Filling {
  readonly container: Container
  readonly rootVolumeL: number
  count: number
}
interface Placed {
  readonly variety: Variety
  pot: Filling
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
  const judged = (variety: Variety, container: Container, count: number) =>
    judgeFit({ variety, container, count, school })
  const pots = garden.containers
    .filter(({ id }) => !garden.plantings.some(({ containerId }) => containerId === id))
    .map((container): Filling => {
      const { rootVolumeL } = containerVolumes(container)
      return { container, rootVolumeL, count: 0 }
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
    const empty = pots.filter(({ count }) => !count)
    const isOf =
      (verdict: FitJudgement['verdict']) =>
      ({ container, count }: Filling) =>
        judged(variety, container, count + 1).verdict === verdict
    const pot =
      empty.find(isOf('good')) ??
      empty.at(-1) ??
      pots.findLast(isOf('good')) ??
      pots.findLast(isOf('tight'))
    if (!pot) leftOut.push(variety.id)
    else {
      pot.count += 1
      placed.push({ variety, pot })
    }
  }
  swapForMore(placed, pots, (variety, container) => judged(variety, container, 1).value)
  return {
    placed: placed.map(({ variety, pot: { container, count } }) => ({
      varietyId: variety.id,
      containerId: container.id,
      judgement: judged(variety, container, count),
    })),
    leftOut,
  }
}

/** Less than this is not worth another place. */
const WORTH = 0.01
/** Each exchange adds to a sum that has an upper bound, so they end; this is only the fuse. */
const MOST_ROUNDS = 20

/** Plants that have a pot to themselves move into an empty one, or change places, as long as that gives more. */
function swapForMore(
  placed: readonly Placed[],
  pots: readonly Filling[],
  judgeAlone: (variety: Variety, container: Container) => number,
): void {
  // Asked for every pair in every round, and the same each time.
  const known = new Map<string, number>()
  const valueIn = ({ variety }: Placed, { container }: Filling): number => {
    const key = JSON.stringify([variety.id, container.id])
    const value = known.get(key) ?? judgeAlone(variety, container)
    known.set(key, value)
    return value
  }
  const alone = placed.filter(({ pot }) => pot.count === 1)
  for (let round = 0, isBetter = true; isBetter && round < MOST_ROUNDS; round++) {
    isBetter = false
    for (const one of alone) {
      const empty = pots.find(
        (pot) => !pot.count && valueIn(one, pot) > valueIn(one, one.pot) + WORTH,
      )
      if (empty) {
        one.pot.count = 0
        empty.count = 1
        one.pot = empty
        isBetter = true
      }
      for (const other of alone) {
        const { pot: here } = one
        const { pot: there } = other
        const gain =
          valueIn(one, there) + valueIn(other, here) - valueIn(one, here) - valueIn(other, there)
        if (other === one || gain <= WORTH) continue
        one.pot = there
        other.pot = here
        isBetter = true
      }
    }
  }
}
