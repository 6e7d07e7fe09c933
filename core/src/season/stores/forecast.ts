import {
  ofMix,
  stockOn,
  type Garden,
  type Need,
  type StockItem,
  type StockLot,
  type StockUnit,
} from '../../garden'
import { addDays, dayOf, daysBetween, daysIntoWeek, own } from '../../units'
import { gardenCourse, gardenOn } from '../course'
import { feedsPlanned, potFeeding } from '../feed'
import { isOpen, jobsOfCourse, type Job } from '../jobs'

/** What a week takes of something, and what is left of it then. */
export interface NeedWeek {
  /** Its Monday, or the first day that is asked for. */
  readonly from: string
  readonly need: number
  /** Nothing where it has run out. */
  readonly left: number
}

/** What the plan will need of one thing. */
export interface StockNeed {
  readonly itemId: string
  readonly unit: StockUnit
  readonly need: number
  /** What is at hand now. */
  readonly atHand: number
  readonly byWeek: readonly NeedWeek[]
  /** The day on which there is too little of it. */
  readonly runsOutOn?: string
  /** The last day on which buying it is in time. */
  readonly buyBy?: string
  /** At hand beyond all that is needed: bought for nothing, as things stand. */
  readonly spare: number
  /** What will be past the date on its packet before its turn comes, and when it begins to be. */
  readonly spoils?: { readonly on: string; readonly amount: number }
}

interface Use {
  readonly on: string
  readonly itemId: string
  readonly amount: number
  readonly unit: StockUnit
}

/** What a job uses up, beside feeds: these are asked of their programmes. */
function usesOf(garden: Garden, { kind, amounts, dueOn }: Job): readonly Use[] {
  const on = dayOf(dueOn)
  return amounts.flatMap(({ what, value, of }): Use[] => {
    if (of === undefined || !(value > 0)) return []
    switch (kind) {
      case 'topUp':
      case 'unroll':
        return what === 'L' ? ofMix(garden, of, value).map((one) => ({ on, ...one })) : []
      case 'recharge':
      case 'mulch':
        return what === 'L' ? [{ on, itemId: of, amount: value, unit: 'L' }] : []
      case 'sow':
        return what === 'count' ? [{ on, itemId: of, amount: value, unit: 'count' }] : []
      case 'support':
        return what === 'count' ? [{ on, itemId: supportOf(of), amount: value, unit: 'count' }] : []
      default:
        return []
    }
  })
}
/** Two cages are so many cages: their number counts them already. */
const supportOf = (of: string) => (of === 'twoCages' ? 'cage' : of)

/** Everything that jobs and programmes will use from now to a day, in no order. */
function usesBetween(garden: Garden, now: string, to: string): readonly Use[] {
  const today = dayOf(now)
  const course = gardenCourse(garden, now)
  const until = to < course.to ? to : course.to
  const jobs = jobsOfCourse(course, until)
    .filter((job) => isOpen(job) && job.dueOn <= until)
    .flatMap((job) => usesOf(garden, job))
    .map((use) => (use.on < today ? { ...use, on: today } : use))
  const from = daysBetween(course.from, today)
  const feeds = course.pots.flatMap((pot) => {
    const plan = own(garden.feedPlans, pot.container.id)
    const feeding = plan && potFeeding(course, pot)
    if (!plan || !feeding) return []
    return feedsPlanned(garden, feeding, plan, from).flatMap(({ day, dose }): Use[] => {
      const on = addDays(course.from, day)
      return on < today || on > until || !(dose.massG > 0)
        ? []
        : [{ on, itemId: dose.product.id, amount: dose.massG, unit: 'g' }]
    })
  })
  // Pots that are planted later are filled for it, where nothing says they are full.
  const planted = gardenOn(course, today).pots.flatMap(({ container, volumes }) => {
    const coming = garden.plantings.find(
      ({ containerId, plantedOn }) =>
        containerId === container.id && plantedOn > today && plantedOn <= until,
    )
    const isFilled = garden.records.some(
      (one) =>
        one.containerId === container.id &&
        (one.kind === 'fill' || one.kind === 'recharge') &&
        dayOf(one.at) >= course.from,
    )
    return coming && !isFilled
      ? ofMix(garden, container.recipeId, volumes.fillVolumeL).map((one) => ({
          on: coming.plantedOn,
          ...one,
        }))
      : []
  })
  return [...jobs, ...feeds, ...planted]
}

/**
 * What the plan will use up, thing by thing and week by week, beside what is at hand:
 * from jobs, feeding programmes and pots that are still to be filled.
 *
 * @param now moment of the gardener's clock
 * @param to  last day; the course goes no further than its season
 * @returns what runs out first, first
 */
export function stockForecast(garden: Garden, now: string, to: string): readonly StockNeed[] {
  const within = { today: dayOf(now), to, startsOn: garden.settings.weekStartsOn }
  const stock = new Map(stockOn(garden, now).map((item) => [`${item.unit} ${item.itemId}`, item]))
  const byItem = new Map<string, Use[]>()
  for (const use of usesBetween(garden, now, to)) {
    const key = `${use.unit} ${use.itemId}`
    const known = byItem.get(key)
    if (known) known.push(use)
    else byItem.set(key, [use])
  }
  return [...byItem]
    .map(([key, uses]) => needOf([...uses].sort(byDay), stock.get(key), within))
    .sort((one, other) => ((one.runsOutOn ?? '9') < (other.runsOutOn ?? '9') ? -1 : 1))
}
const byDay = (one: Use, other: Use) => (one.on < other.on ? -1 : one.on > other.on ? 1 : 0)

/** Weighed by a hand, so much more than there is still is enough. */
const ENOUGH_SHARE = 1e-9

/** Packets that go past their date with something in them, where the first to go is used first. */
function spoiling(uses: readonly Use[], lots: readonly StockLot[], to: string) {
  const dated = lots
    .flatMap(({ amount, useBy }) => (useBy && useBy <= to ? [{ left: amount, useBy }] : []))
    .sort((one, other) => (one.useBy < other.useBy ? -1 : 1))
  for (const use of uses) {
    let wanted = use.amount
    for (const lot of dated) {
      if (lot.useBy < use.on) continue
      const taken = Math.min(wanted, lot.left)
      lot.left -= taken
      wanted -= taken
    }
  }
  const spoilt = dated.filter(({ left }) => left > 0)
  const [first] = spoilt
  return first && { on: first.useBy, amount: spoilt.reduce((sum, { left }) => sum + left, 0) }
}

function needOf(
  uses: readonly Use[],
  item: StockItem | undefined,
  {
    today,
    to,
    startsOn,
  }: { readonly today: string; readonly to: string; readonly startsOn: number | undefined },
): StockNeed {
  const { itemId, unit } = uses[0]!
  const atHand = Math.max(0, item?.amount ?? 0)
  const spoils = spoiling(uses, item?.lots ?? [], to)
  const weeks = new Map<string, number>()
  let need = 0
  let runsOutOn: string | undefined
  for (const { on, amount } of uses) {
    const first = addDays(on, -daysIntoWeek(on, startsOn))
    const from = first < today ? today : first
    weeks.set(from, (weeks.get(from) ?? 0) + amount)
    need += amount
    if (runsOutOn === undefined && need > atHand * (1 + ENOUGH_SHARE)) runsOutOn = on
  }
  let used = 0
  const byWeek = [...weeks].map(([from, amount]) => {
    used += amount
    return { from, need: amount, left: Math.max(0, atHand - used) }
  })
  const dayBefore = runsOutOn && addDays(runsOutOn, -1)
  return {
    itemId,
    unit,
    need,
    atHand,
    byWeek,
    spare: Math.max(0, atHand - need),
    ...(spoils && { spoils }),
    ...(runsOutOn && { runsOutOn, buyBy: dayBefore! < today ? today : dayBefore! }),
  }
}

/** What has to be bought for a forecast: of each thing what its need is above what is at hand. */
export const missingOf = (needs: readonly StockNeed[]): readonly Need[] =>
  needs.flatMap(({ itemId, unit, need, atHand }) =>
    need > atHand * (1 + ENOUGH_SHARE) ? [{ itemId, unit, need: need - atHand }] : [],
  )
