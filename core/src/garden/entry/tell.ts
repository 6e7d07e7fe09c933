import { USUAL_CLOTH_SHARE } from '../kinds/choices'
import { USUAL_MULCH_MM } from '../kinds/choices'
import { feedProductOf, feedProducts } from '../feeding'
import type { Garden } from '../garden'
import { standingOn } from '../history'
import type { FeedProduct } from '../../feed'
import { own } from '../../units'
import type { Said } from './said'
import type { Act, Choice } from './vocabulary'

/** Fields of a record beside its id, moment and pot; undefined where it lacks what nobody can guess. */
export type Fields = Readonly<Record<string, unknown>>
export interface Telling {
  readonly said: Said
  readonly garden: Garden
  readonly at: string
  readonly says: Fields
}
type Tell = (telling: Telling, containerId: string | undefined) => Fields | undefined

const choice = (said: Said, of: Choice['of']): string | undefined =>
  said.take('choice', (one) => one.choice.of === of)?.choice.value
const given = (field: string, value: unknown): Fields =>
  value === undefined ? {} : { [field]: value }
const needs = (field: string, value: unknown): Fields | undefined =>
  value === undefined ? undefined : { [field]: value }

/** A spoonful of a liquid is no water: so little of one is the feed itself, L. */
const MOST_FEED_L = 0.25

/** The feed that is meant: by its name, its numbers, or what the pot is fed by. */
function productOf(said: Said, garden: Garden, containerId: string | undefined) {
  const named = said.take('product')
  if (named) return feedProductOf(garden, named.productId)
  const analysis = said.take('analysis', ({ shares }) => !!byAnalysis(garden, shares))
  if (analysis) return byAnalysis(garden, analysis.shares)
  const plan = containerId === undefined ? undefined : own(garden.feedPlans, containerId)
  return plan?.productId === undefined ? undefined : feedProductOf(garden, plan.productId)
}
const byAnalysis = (garden: Garden, shares: readonly number[]): FeedProduct | undefined => {
  const found = feedProducts(garden).find(({ analysis: { n = 0, p2o5 = 0, k2o = 0 } }) =>
    [n, p2o5, k2o].every((share, index) => Math.abs(share - shares[index]!) < 0.05),
  )
  return found && feedProductOf(garden, found.id)
}

function feedFields(said: Said, product: FeedProduct): Fields {
  const mass = said.take('mass')
  const isLittle = ({ volumeL, isSpoon }: { volumeL: number; isSpoon: boolean }) =>
    isSpoon || (product.form === 'liquid' && volumeL <= MOST_FEED_L)
  const { densityGMl } = product
  const spoon = mass || densityGMl === undefined ? undefined : said.take('volume', isLittle)
  const massG = mass?.massG ?? (spoon && spoon.volumeL * 1000 * densityGMl!)
  const water = said.take('volume', (one) => !one.isSpoon)
  return { productId: product.id, ...given('massG', massG), ...given('volumeL', water?.volumeL) }
}

/** What each kind of record takes from the words beside its own. */
const tells: Readonly<Partial<Record<Act['kind'], Tell>>> = {
  water: ({ said }) => {
    const volume = said.take('volume')
    return (
      volume && {
        volumeL: volume.volumeL,
        ...given('how', choice(said, 'how')),
        ...given('from', choice(said, 'from')),
        ...given('where', choice(said, 'where')),
      }
    )
  },
  feed: ({ said, garden }, containerId) => {
    const product = productOf(said, garden, containerId)
    return product && feedFields(said, product)
  },
  pick: ({ said }) => {
    const mass = said.take('mass')
    const count = said.take('count', ({ value }) => Number.isInteger(value) && value > 0)
    if (!mass && !count) return undefined
    // "12 peppers": the word only says what was counted.
    said.take('crop')
    return { ...given('massG', mass?.massG), ...given('count', count?.value) }
  },
  move: ({ said }) => needs('spaceId', said.take('space')?.spaceId),
  height: ({ said }) => needs('heightMm', said.take('length')?.lengthMm),
  weigh: ({ said }) => {
    const mass = said.take('mass')
    return mass && { massKg: mass.massG / 1000 }
  },
  drained: ({ said }) => needs('volumeL', said.take('volume')?.volumeL),
  flush: ({ said }) => needs('volumeL', said.take('volume')?.volumeL),
  topUp: ({ said }) => {
    const volume = said.take('volume')
    if (volume) return { volumeL: volume.volumeL }
    return needs('fillMm', said.take('length')?.lengthMm)
  },
  mulch: ({ said }) => {
    const material = choice(said, 'material')
    return material
      ? { material, depthMm: said.take('length')?.lengthMm ?? USUAL_MULCH_MM }
      : undefined
  },
  recharge: ({ said }) => {
    choice(said, 'material')
    return given('compostL', said.take('volume')?.volumeL)
  },
  lime: ({ said }) => needs('massG', said.take('mass')?.massG),
  shade: ({ said, says }) => ({
    share: says['share'] ?? said.take('share')?.share ?? USUAL_CLOTH_SHARE,
  }),
  support: ({ said }) => needs('heightMm', said.take('length')?.lengthMm),
  spray: ({ said }) => given('productId', said.take('product')?.productId),
  sow: ({ said }) => ofVariety(said),
  potOn: ({ said }) => ofVariety(said),
  finger: ({ said }) => {
    const [feel, knuckle] = [choice(said, 'feel'), choice(said, 'knuckle')]
    return feel && knuckle ? { feel, knuckle } : undefined
  },
  skipWater: ({ said }) => needs('reason', choice(said, 'reason')),
  remove: ({ said, garden, at }, containerId) => {
    const here = standingOn(garden, at).filter((one) => one.containerId === containerId)
    const why = choice(said, 'why')
    return here.length === 1 && why ? { plantingId: here[0]!.id, why } : undefined
  },
}

function ofVariety(said: Said): Fields | undefined {
  const variety = said.take('variety')
  const count = said.take('count', ({ value }) => Number.isInteger(value))
  return variety && count ? { varietyId: variety.varietyId, count: count.value } : undefined
}

/** The acidity or salt that was measured: which of the two its word says. */
const measured = (said: Said, word: string): Fields | undefined => {
  const count = said.take('count')
  return count && { [word === 'ec' ? 'ecDsM' : 'ph']: count.value }
}

/**
 * The fields that a clause tells of what was done in one pot.
 *
 * @param word with which it was said
 */
export function fieldsOf(
  telling: Telling,
  act: Act,
  word: string,
  containerId: string | undefined,
): Fields | undefined {
  const more =
    act.kind === 'measurePh'
      ? measured(telling.said, word)
      : (tells[act.kind] ?? (() => ({})))(telling, containerId)
  return more && { ...act.says, ...more }
}
