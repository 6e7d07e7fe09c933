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
 * first, each into the smallest pot in which it does well, else into the largest. Once
 * every pot has a plant, further ones join where there still is room for them.
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
  const placed: GoesInto[] = []
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
      const judgement = judged(variety, pot)
      placed.push({ varietyId: variety.id, containerId: pot.container.id, judgement })
      pot.varietyIds.push(variety.id)
    }
  }
  return { placed, leftOut }
}
