import { isVine, type Variety } from '../plant'
import { memory, own, practice, type Provenance } from '../units'
import { noArrangement } from './arrangement'
import { varietyOf } from './named'
import type { Garden } from './garden'
import type { SomeWays, WayKey, Ways } from './waysSchema'

/** Where each question’s answers come from: common among growers, or Rimbo's own reckoning. */
export const wayProvenance = (key: WayKey, choice: Ways[WayKey]): Provenance =>
  (key === 'stopAt' && choice === 'ripens') || (key === 'support' && choice === 'byHeight')
    ? memory
    : practice

/** Chillies are bushy, and branch where they are tipped; sweet peppers are let grow. */
const isChilli = ({ crop, fruitClass }: Variety) =>
  crop === 'pepper' && fruitClass !== 'block' && fruitClass !== 'horn'
const isCherry = ({ fruitClass }: Variety) => fruitClass === 'cherry' || fruitClass === 'currant'

/** Questions that are asked of some plants only. */
const ASKED_OF: Partial<Record<WayKey, (variety: Variety) => boolean>> = {
  depth: ({ crop }) => crop === 'tomato',
  sideShoots: isVine,
  stopAt: isVine,
  tipping: isChilli,
}

/** Rimbo's own ways, for a kind of plant where that makes a difference. */
export const usualWays = (variety?: Variety): Ways => ({
  soilC: 10,
  depth: variety?.crop === 'pepper' ? 'asItWas' : 'deep',
  strip: 'fingers',
  sideShoots:
    variety && !isVine(variety) ? 'none' : variety && isCherry(variety) ? 'firstThree' : 'oneStem',
  stopAt: 'ripens',
  tipping: !variety || isChilli(variety) ? 'both' : 'never',
  staking: 'atPlanting',
  support: 'byHeight',
  school: 'house',
  plantsEach: 1,
  calcium: 'never',
  epsom: 'never',
  copper: 'no',
  chipsBelow: 'no',
  water: 'rain',
  times: 'both',
  holdBack: 'no',
  firstFeed: 'afterAWeek',
  mulch: 'straw',
})

/** Every question there is. */
export const wayKeys = Object.keys(usualWays()) as readonly WayKey[]

const answered = (
  ways: SomeWays | undefined,
  isAsked: (key: WayKey) => boolean,
): { readonly [K in WayKey]?: Ways[K] } =>
  Object.fromEntries(
    wayKeys.flatMap((key) => {
      const answer = ways && own(ways, key)
      return answer !== undefined && isAsked(key) ? [[key, answer]] : []
    }),
  )

/**
 * The ways that hold for the garden, for a pot or for a plant: its own, then the pot's,
 * then the garden's, then what is usual for such a plant. What the garden answers for
 * one kind of plant (side shoots for vines, tipping for chillies) says nothing of others.
 *
 * @example waysOf(emptyGarden('g', 'Mine', 'Balcony')).soilC // => 10
 */
export function waysOf(garden: Garden, containerId?: string, plantingId?: string): Ways {
  const planting = garden.plantings.find(({ id }) => id === plantingId)
  const variety = planting && varietyOf(garden, planting.varietyId)
  const { ways } = garden
  const isAsked = (key: WayKey) => !variety || (own(ASKED_OF, key)?.(variety) ?? true)
  const all = () => true
  return {
    ...usualWays(variety),
    ...answered(ways?.garden, isAsked),
    ...answered(own(ways?.byContainer ?? {}, containerId ?? planting?.containerId), isAsked),
    ...answered(own(ways?.byPlanting ?? {}, plantingId), all),
  }
}

/** What is wished for in an arrangement; until something was, as the gardener's ways have it. */
export const arrangementOf = ({ arrangement, ways }: Pick<Garden, 'arrangement' | 'ways'>) =>
  arrangement ?? {
    ...noArrangement,
    ...(ways?.garden.school !== undefined && { school: ways.garden.school }),
    ...(ways?.garden.plantsEach !== undefined && { mostPerPot: ways.garden.plantsEach }),
  }
