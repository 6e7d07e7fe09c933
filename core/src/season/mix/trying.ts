import { containerVolumes, mixBody, type Container } from '../../container'
import {
  containerOn,
  foundRecords,
  gardenAsOf,
  ingredientsOf,
  ingredientStockL,
  mixesOf,
  stateOn,
  type Garden,
} from '../../garden'
import {
  interpretExtract,
  lastTest,
  phCorrection,
  mixProperties,
  potMix,
  rechargeMix,
  reservoirReach,
  settledMix,
  type Bound,
  type ExtractResult,
  type LimitedProperty,
  type Mix,
  type MixAim,
  type MixProperties,
  type MixTask,
  type MixTest,
  type PastTrouble,
  type PhCorrection,
  type PotMix,
  type Recharge,
  type Recipe,
  type ReservoirReach,
} from '../../mix'
import { daysBetween, own, type Reason } from '../../units'
import { mixIn, type PotToday } from '../course'

/** A container filled with a mix that is only being considered. */
export interface TriedPot {
  readonly pot: PotToday
  readonly inPot: PotMix
  readonly reach: ReservoirReach | undefined
}

/** A mix that is only being considered, by itself and in some containers. */
export interface TriedMix {
  readonly mix: Mix
  readonly properties: MixProperties
  readonly pots: readonly TriedPot[]
}

/** A pot as it stands, with another mix in it. */
export function withMix(pot: PotToday, mix: Mix): PotToday {
  return { ...pot, mix: mixIn(pot.container, pot.volumes, mix) }
}

/**
 * What a recipe is and does in some containers, before it is mixed.
 *
 * @param recipe one of the garden's, or a draft that is in no garden yet
 */
export function tryMix(garden: Garden, pots: readonly PotToday[], recipe: Recipe): TriedMix {
  const mix = mixesOf(garden)(recipe)!
  const settled = settledMix(mix)
  return {
    mix,
    properties: mixProperties(mix),
    pots: pots.map((pot) => {
      const tried = withMix(pot, mix)
      return {
        pot: tried,
        inPot: potMix(tried.mix!.body, pot.volumes.fillVolumeL, mix, settled),
        reach: reservoirReach(pot.container, mix),
      }
    }),
  }
}

/** Bounds on one ingredient, as the gardener sets them. */
export interface IngredientWish {
  readonly ingredientId: string
  readonly isAllowed: boolean
  readonly leastShare: number
  readonly mostShare: number
}

export interface MixWish {
  readonly aim: MixAim
  readonly ingredients: readonly IngredientWish[]
  readonly wished: { readonly containerCapacity: number; readonly airSpace: number }
  readonly limits: Readonly<Partial<Record<LimitedProperty, Bound>>>
  readonly mostKinds: number
  /** Only what is at hand. */
  readonly isStockOnly: boolean
}

/** What is asked of a mix, with this garden's containers, ingredients, prices and stock. */
export function mixTaskOf(
  garden: Garden,
  containers: readonly Container[],
  wish: MixWish,
): MixTask {
  const shelf = ingredientsOf(garden)
  const stockL = ingredientStockL(garden)
  return {
    aim: wish.aim,
    wished: wish.wished,
    limits: wish.limits,
    mostKinds: wish.mostKinds,
    vessels: containers.map((container) => ({
      body: mixBody(container),
      volumeL: containerVolumes(container).fillVolumeL,
    })),
    candidates: wish.ingredients.flatMap(({ ingredientId, isAllowed, leastShare, mostShare }) => {
      const ingredient = own(shelf, ingredientId)
      if (!ingredient) return []
      // What is ruled out is told to the solver too, so that it can say what that costs.
      return [
        {
          ingredient,
          leastShare: isAllowed ? leastShare : 0,
          mostShare: isAllowed ? mostShare : 0,
          stockL: own(stockL, ingredientId) ?? 0,
          isBought: !wish.isStockOnly,
        },
      ]
    }),
  }
}

/**
 * The same for some pots of a garden as they stand on a day. What is at hand is asked of the
 * garden itself: as it stands, it knows no more of what its pots were filled with.
 */
export const mixTaskOn = (
  garden: Garden,
  containerIds: readonly string[],
  date: string,
  wish: MixWish,
): MixTask =>
  mixTaskOf(
    garden,
    gardenAsOf(garden, date).containers.filter(({ id }) => containerIds.includes(id)),
    wish,
  )

/** What is told of a container's old mix. */
export interface OldMixFacts {
  readonly seasons: number
  readonly trouble: PastTrouble
  readonly waterEcDsM: number
}

/** Seasons since the oldest of a container's mix was put in, this one counted. */
export function mixSeasonsOf(garden: Garden, { id }: Container, date: string): number {
  const container = garden.containers.find((one) => one.id === id)
  const filledOn = container && stateOn(garden, container, date).fills[0]?.filledOn
  return filledOn ? Math.max(1, Math.ceil(daysBetween(filledOn, date) / 365)) : 1
}

/** What makes a container's mix good for another season; undefined where it has none. */
export function rechargeOf(
  garden: Garden,
  container: Container,
  facts: OldMixFacts,
): Recharge | undefined {
  const mix = mixesOf(garden)(container.recipeId)
  if (!mix) return undefined
  const extract = lastTest(garden.mixTests, 'extract', 'container', container.id)
  return rechargeMix({
    mix,
    fillVolumeL: containerVolumes(container).fillVolumeL,
    isSunken: container.type === 'sunkenPot',
    ...facts,
    ...(extract && { ph: extract.ph, extract }),
    ...lastPh(garden, container.id, extract?.at),
  })
}

/** An acidity that was measured since the last extract: it counts before a reckoned one. */
function lastPh(garden: Garden, containerId: string, since = ''): { readonly ph?: number } {
  const [last] = foundRecords(garden, { containerId, kind: 'measurePh' }).filter(
    (record) => record.kind === 'measurePh' && record.ph !== undefined && record.at >= since,
  )
  return last?.kind === 'measurePh' && last.ph !== undefined ? { ph: last.ph } : {}
}

/** What a quick extract of a mix, an ingredient or a pot says: its salt, its pH, and what to do. */
export function judgeExtract(
  garden: Garden,
  test: Extract<MixTest, { kind: 'extract' }>,
): {
  readonly salt: ExtractResult
  readonly ph: PhCorrection
  readonly reasons: readonly Reason[]
} {
  const first = garden.containers.find(({ id }) => id === test.testedId)
  const container = first && containerOn(garden, first, test.at)
  const mix = mixesOf(garden)(test.of === 'recipe' ? test.testedId : container?.recipeId)
  const salt = interpretExtract(test.method, test.ecDsM)
  // Of a whole pot where it is of a pot, else of a litre.
  const volumeL = container ? containerVolumes(container).fillVolumeL : 1
  const bufferGL = mix?.blend.bufferGL ?? own(ingredientsOf(garden), test.testedId)?.bufferGL ?? 1
  const ph = phCorrection(test.ph, bufferGL, volumeL)
  return { salt, ph, reasons: [...salt.reasons, ...ph.reasons] }
}
