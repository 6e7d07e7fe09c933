import {
  doseFor,
  isSoluble,
  starterProducts,
  stepDose,
  type BentStep,
  type FeedDose,
} from '../../feed'
import {
  containerOn,
  feedsAtHand,
  feedProductOf,
  feedTools,
  varietyOf,
  waysOf,
  type Garden,
  type Ways,
} from '../../garden'
import { containerVolumes } from '../../container'
import { InputError, own, reason, type Reason } from '../../units'
import { dosedPot, stepsFor } from '../feed'
import type { Amount } from './job'

/** One thing to do as a plant goes into its pot, in order. */
export interface Step {
  readonly id: (typeof plantingSteps)[number]
  readonly amounts: readonly Amount[]
}
export const plantingSteps = [
  'chips',
  'soak',
  'strip',
  'tease',
  'hole',
  'bury',
  'lay',
  'set',
  'firm',
  'waterIn',
  'feedIn',
  'label',
  'support',
  'shadeADay',
] as const

/** How a plant goes into its pot. */
export interface PlantingCard {
  /** Of the stem, what goes below the mix. */
  readonly buryMm: number
  readonly leavesOff: { readonly count: number }
  /** What goes into the hole or through the upper two thirds. */
  readonly hole: readonly FeedDose[]
  readonly soakHoursBefore: { readonly from: number; readonly to: number }
  /** Feed in the water it is watered in with; none by some ways. */
  readonly waterIn: FeedDose | undefined
  readonly order: readonly Step[]
  readonly cautions: readonly Reason[]
}

/** A plant ready to go out, mm (practice: 13–20 cm), and its leaves along the stem, mm apart (memory). */
const READY_MM = 180
const LEAF_EVERY_MM = 30
/** Buried: half of the stem, between a third and two thirds (practice); a pepper barely (practice). */
const DEEP_SHARE = 0.5
const PEPPER_MM = 10
/** So much mix is to stay below the roots, mm (memory). */
const BELOW_ROOTS_MM = 60
/** Water that goes after the roots, of what the pot holds in mix (memory). */
const WATERED_IN_SHARE = 0.1
/** Bone meal by habit: a quarter cup for a large pot (practice). */
const CALCIUM: BentStep = {
  productId: 'boneMeal',
  dose: { kind: 'volume', ml: 59.1, forVolumeL: 25 },
  firstDay: 0,
  everyDays: 14,
  strength: 1,
}
/** The feed that plants are watered in with, where they are. */
const FIRST_FEED = 'balancedSoluble'

const STARTERS: ReadonlySet<string> = new Set(starterProducts.map(({ id }) => id))

/** A dose that a pot's own numbers do not allow is left out, and nothing else with it. */
export function possible(work: () => FeedDose): FeedDose[] {
  try {
    const dose = work()
    return dose.massG > 0 ? [dose] : []
  } catch (error) {
    if (error instanceof InputError) return []
    throw error
  }
}

/** Calcium by the gardener's habit for a pot as it stands. */
export const calciumDose = (garden: Garden, dosed: ReturnType<typeof dosedPot>): FeedDose[] => {
  const product = feedProductOf(garden, CALCIUM.productId)
  return product ? possible(() => stepDose(CALCIUM, product, dosed, feedTools(garden))) : []
}

function holeOf(
  garden: Garden,
  atHand: readonly string[],
  containerId: string,
  ways: Ways,
  dosed: ReturnType<typeof dosedPot>,
) {
  const plan = own(garden.feedPlans, containerId)
  const tools = feedTools(garden)
  const byPlan = (plan ? stepsFor(plan) : []).flatMap((step) => {
    const product = step.firstDay === 0 ? feedProductOf(garden, step.productId) : undefined
    return product && !isSoluble(product)
      ? possible(() => stepDose(step, product, dosed, tools))
      : []
  })
  const starterId = byPlan.length ? undefined : atHand.find((id) => STARTERS.has(id))
  const product = starterId === undefined ? undefined : feedProductOf(garden, starterId)
  const starter = product ? possible(() => doseFor(dosed, product, { kind: 'label' }, tools)) : []
  const isThere = [...byPlan, ...starter].some(({ product }) => product.id === CALCIUM.productId)
  const calcium = ways.calcium === 'never' || isThere ? [] : calciumDose(garden, dosed)
  return [...byPlan, ...starter, ...calcium]
}

/**
 * How a planting is made on a day: how deep, which leaves off, what goes with it into the
 * hole in the gardener's own spoons, and in which order.
 *
 * @throws InputError `unknownPlanting` where there is no such planting, or its variety or pot is not known
 */
export const plantingCard = (garden: Garden, plantingId: string, date: string): PlantingCard =>
  cardOf(garden, feedsAtHand(garden), plantingId, date)

/** The same, with what is at hand already known. */
export function cardOf(
  garden: Garden,
  atHand: readonly string[],
  plantingId: string,
  date: string,
): PlantingCard {
  const planting = garden.plantings.find(({ id }) => id === plantingId)
  const first = garden.containers.find(({ id }) => id === planting?.containerId)
  const variety = planting && varietyOf(garden, planting.varietyId)
  if (!planting || !first || !variety)
    throw new InputError('unknownPlanting', { given: plantingId })
  const container = containerOn(garden, first, date)
  const volumes = containerVolumes(container)
  const dosed = dosedPot({ volumes })
  const ways = waysOf(garden, container.id, plantingId)
  const isDeep = ways.depth !== 'asItWas'
  const wanted = isDeep ? READY_MM * DEEP_SHARE : variety.crop === 'pepper' ? PEPPER_MM : 0
  // A flat bag has no depth for it: there the stem is laid.
  const roomMm = Math.max(0, container.fillMm - BELOW_ROOTS_MM)
  const isLaid = ways.depth === 'sideways' || (isDeep && roomMm < READY_MM * DEEP_SHARE * 0.6)
  const buryMm = isLaid ? wanted : Math.min(wanted, roomMm)
  const count = isDeep ? Math.round(buryMm / LEAF_EVERY_MM) : 0
  const hole = holeOf(garden, atHand, container.id, ways, dosed)
  const feed = ways.firstFeed === 'atPlanting' ? feedProductOf(garden, FIRST_FEED) : undefined
  const [waterIn] = feed
    ? possible(() => doseFor(dosed, feed, { kind: 'label' }, feedTools(garden)))
    : []
  const isBag = container.type === 'flatBag'
  const soakHoursBefore = isBag ? { from: 24, to: 24 } : { from: 1, to: 2 }
  /** What lies below the mix of a deep box, and is no room for roots. */
  const chipsMm = container.layers?.fillerMm ?? 0
  const waterL = Math.max(0.2, volumes.fillVolumeL * WATERED_IN_SHARE)
  const step = (id: Step['id'], amounts: readonly Amount[] = []): Step => ({ id, amounts })
  return {
    buryMm,
    leavesOff: { count },
    hole,
    soakHoursBefore,
    waterIn,
    order: [
      ...(ways.chipsBelow === 'counted' && chipsMm > 0
        ? [step('chips', [{ what: 'mm', value: chipsMm }])]
        : []),
      step('soak', [{ what: 'h', value: soakHoursBefore.to }]),
      ...(count > 0 ? [step('strip', [{ what: 'count', value: count }])] : []),
      step('tease'),
      ...(hole.length
        ? [
            step(
              'hole',
              hole.map(({ product, massG }): Amount => ({
                what: 'g',
                value: massG,
                of: product.id,
              })),
            ),
          ]
        : []),
      step(isLaid ? 'lay' : isDeep ? 'bury' : 'set', [{ what: 'mm', value: buryMm }]),
      step('firm'),
      waterIn?.solution
        ? step('feedIn', [
            { what: 'L', value: waterIn.solution.volumeL, of: waterIn.product.id },
            { what: 'g', value: waterIn.massG, of: waterIn.product.id },
          ])
        : step('waterIn', [{ what: 'L', value: waterL }]),
      ...(ways.staking === 'atPlanting' ? [step('support')] : []),
      step('label'),
      step('shadeADay', [{ what: 'h', value: 24 }]),
    ],
    cautions: [
      reason('job.caution.rootsOffFeed'),
      reason('job.caution.dustWet'),
      ...(hole.length ? [reason('job.caution.label')] : []),
    ],
  }
}
