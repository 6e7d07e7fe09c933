import { max, rollup, sum } from 'd3-array'
import {
  feedProductOf,
  ingredientsOf,
  seasonYearOf,
  standingOn,
  stockKindOf,
  usedIn,
  type Garden,
  type GardenRecord,
  type RecordOf,
  type SeasonOf,
  type StockKind,
  type StockUnit,
} from '../../garden'
import { fruitMassG } from '../../plant'
import { dayOf, own, type Mark } from '../../units'
import { seasonOfId } from './asked'
import { pickedParts } from './picked'

/** What one thing cost a season. */
export interface CostLine {
  readonly kind: StockKind | 'fare'
  /** Id of the item; of the shop where it is a fare. */
  readonly itemId: string
  readonly amount: number
  readonly unit: StockUnit
  /** Of the season, to the cent. */
  readonly price: number
  /** As it was paid, or a usual price from memory where nobody typed one. */
  readonly mark: Mark
  /** Of something that lasts: the years over which its price is spread. */
  readonly years?: number
}

/** What a season cost, and what it gave for that. */
export interface SeasonCosts {
  /** The sum of all lines, to the cent. */
  readonly total: number
  /** Every pot's part; together they are the total. */
  readonly perContainer: readonly {
    readonly containerId: string
    readonly price: number
    /** What its fruit would have cost in a shop, where such a price is typed in. */
    readonly worth?: number
  }[]
  readonly perKg?: number
  readonly perFruit?: number
  readonly lines: readonly CostLine[]
  /** Pots whose fruit would have cost more in a shop than they did. */
  readonly paidForItself: readonly string[]
  /** Used things of which no price is known: they are not in the total. */
  readonly unknown: readonly { readonly itemId: string; readonly unit: StockUnit }[]
}

/** Things that last, and for how many seasons (memory). */
const LASTS: Readonly<Partial<Record<StockKind, number>>> = { pot: 8, support: 5, small: 5 }
/** Small things that are used up. */
const USED_UP: ReadonlySet<string> = new Set(['label', 'ties'])

const yearsOf = (kind: StockKind, itemId: string): number | undefined =>
  USED_UP.has(itemId) ? undefined : LASTS[kind]

/**
 * What of a price falls on one season: the same each year for as long as the thing lasts.
 *
 * @source straight-line depreciation, as in Horngren, Harrison & Oliver, Accounting, 9th ed.,
 *   ch. 9: (cost − residual value) / useful life; nothing is left of it at the end
 */
export const yearlyPart = (price: number, years: number, age: number): number =>
  age >= 0 && age < years ? price / years : 0

interface UnitPrice {
  readonly price: number
  readonly mark: Mark
}

/** What a unit of something cost: as last paid before its use, or first after it; a typed shop's; a usual one. */
function unitPrice(
  garden: Garden,
  itemId: string,
  unit: StockUnit,
  at: string,
): UnitPrice | undefined {
  const paid = garden.records.filter(
    (one): one is RecordOf<'buy'> & { readonly price: number } =>
      one.kind === 'buy' && one.itemId === itemId && one.unit === unit && one.price !== undefined,
  )
  const ordered = [...paid].sort((one, other) => (one.at < other.at ? -1 : 1))
  const last = ordered.findLast((one) => one.at <= at) ?? ordered[0]
  if (last) return { price: last.price / last.amount, mark: 'measured' }
  const packs = (garden.shops ?? []).flatMap((shop) =>
    shop.packs.filter((pack) => pack.itemId === itemId && pack.unit === unit),
  )
  const cheapest = (prices: readonly number[]) => Math.min(...prices)
  if (packs.length)
    return { price: cheapest(packs.map(({ price, amount }) => price / amount)), mark: 'measured' }
  const usual =
    unit === 'L'
      ? (own(ingredientsOf(garden), itemId)?.packs ?? []).map(({ price, looseL }) => price / looseL)
      : unit === 'g'
        ? (feedProductOf(garden, itemId)?.packs ?? []).map(({ price, massG }) => price / massG)
        : []
  const known = usual.filter(Number.isFinite)
  return known.length ? { price: cheapest(known), mark: 'memory' } : undefined
}

/** Part of a cost, and on which pot it falls; on all of them where left out. */
interface Part {
  readonly kind: CostLine['kind']
  readonly itemId: string
  readonly amount: number
  readonly unit: StockUnit
  readonly price: number
  readonly mark: Mark
  readonly containerId: string | undefined
  readonly years?: number
}

function usedParts(garden: Garden, records: readonly GardenRecord[]) {
  const unknown = new Map<string, { itemId: string; unit: StockUnit }>()
  const parts = records.flatMap((record): Part[] => {
    const taken = usedIn(garden, record)
    // A feed is told in grams and in millilitres: it was used once.
    const once = taken.filter(
      ({ itemId, unit }) =>
        !(unit === 'mL' && taken.some((other) => other.itemId === itemId && other.unit === 'g')),
    )
    return once.flatMap(({ itemId, amount, unit }): Part[] => {
      const kind = stockKindOf(garden, { itemId, unit })
      if (yearsOf(kind, itemId) !== undefined) return []
      const each = unitPrice(garden, itemId, unit, record.at)
      if (!each) {
        unknown.set(`${unit} ${itemId}`, { itemId, unit })
        return []
      }
      const { containerId } = record
      return [
        { kind, itemId, amount, unit, price: amount * each.price, mark: each.mark, containerId },
      ]
    })
  })
  return { parts, unknown: [...unknown.values()] }
}

/** What was bought to last, each season's part of it; and what going to the shops cost. */
function boughtParts(garden: Garden, season: SeasonOf): Part[] {
  const { latitudeDeg } = garden.place
  const year = seasonYearOf(season.from, latitudeDeg)
  const buys = garden.records.filter((one) => one.kind === 'buy')
  const lasting = buys.flatMap(({ itemId, amount, unit, price, at }): Part[] => {
    const kind = stockKindOf(garden, { itemId, unit })
    const years = yearsOf(kind, itemId)
    if (years === undefined || price === undefined) return []
    const part = yearlyPart(price, years, year - seasonYearOf(dayOf(at), latitudeDeg))
    const every = { containerId: undefined, mark: 'measured' as const, years }
    return part > 0 ? [{ kind, itemId, amount, unit, price: part, ...every }] : []
  })
  const trips = new Set(
    buys.flatMap(({ shopId, at }) =>
      shopId !== undefined && dayOf(at) >= season.from && dayOf(at) <= season.to
        ? [`${dayOf(at)} ${shopId}`]
        : [],
    ),
  )
  const fares = [...trips].flatMap((trip): Part[] => {
    const itemId = trip.slice('YYYY-MM-DD '.length)
    const fare = garden.shops?.find(({ id }) => id === itemId)?.fare ?? 0
    const every = { containerId: undefined, mark: 'measured' as const }
    return fare > 0
      ? [{ kind: 'fare', itemId, amount: 1, unit: 'count', price: fare, ...every }]
      : []
  })
  return [...lasting, ...fares]
}

/** Parts of an amount in whole cents that add up to it, the largest remainders rounded up. */
function inCentParts(cents: number, weights: readonly number[]): readonly number[] {
  const whole = sum(weights)
  const exact = weights.map((weight) => (whole > 0 ? (cents * weight) / whole : 0))
  const parts = exact.map(Math.floor)
  const order = exact
    .map((part, index) => ({ index, rest: part - Math.floor(part) }))
    .sort((one, other) => other.rest - one.rest)
  let left = Math.round(cents - sum(parts))
  for (const { index } of order) {
    if (left <= 0) break
    parts[index]! += 1
    left -= 1
  }
  return parts
}

/** The pots on which a season's common costs fall: those in which something stood. */
function potsOf(garden: Garden, { from, to }: SeasonOf): readonly string[] {
  const planted = garden.plantings.filter(({ plantedOn }) => plantedOn >= from && plantedOn <= to)
  const stood = [...planted, ...standingOn(garden, from)].map(({ containerId }) => containerId)
  const pots = garden.containers.map(({ id }) => id)
  const known = pots.filter((id) => stood.includes(id))
  return known.length ? known : pots
}

/**
 * What a season cost and what it gave for it: everything its records used up at the price
 * that was paid for it, what lasts by its years, and the fares. Water is not counted.
 *
 * @param id of the season
 * @throws InputError `unknownSeason`
 */
export function seasonCosts(garden: Garden, id: string): SeasonCosts {
  const season = seasonOfId(garden, id)
  const isIn = ({ at }: { readonly at: string }) =>
    dayOf(at) >= season.from && dayOf(at) <= season.to
  const { parts: used, unknown } = usedParts(garden, garden.records.filter(isIn))
  const parts = [...used, ...boughtParts(garden, season)]
  const pots = potsOf(garden, season)

  const centsOfPot = new Map<string, number>(pots.map((pot) => [pot, 0]))
  const lines: CostLine[] = []
  const groups = rollup(
    parts,
    (list) => list,
    ({ kind, itemId, unit, mark }) => [kind, unit, mark, itemId].join(' '),
  )
  for (const list of groups.values()) {
    const { kind, itemId, unit, mark, years } = list[0]!
    const cents = Math.round(sum(list, ({ price }) => price) * 100)
    lines.push({
      kind,
      itemId,
      unit,
      mark,
      amount: sum(list, ({ amount }) => amount),
      price: cents / 100,
      ...(years !== undefined && { years }),
    })
    const weights = new Map<string, number>()
    const known = new Set(garden.containers.map((one) => one.id))
    for (const { containerId, price } of list) {
      const own = containerId !== undefined && known.has(containerId) ? [containerId] : pots
      for (const pot of own) weights.set(pot, (weights.get(pot) ?? 0) + price / own.length)
    }
    const names = [...weights.keys()]
    inCentParts(cents, [...weights.values()]).forEach((part, index) =>
      centsOfPot.set(names[index]!, (centsOfPot.get(names[index]!) ?? 0) + part),
    )
  }
  const total = Math.round(sum(lines, ({ price }) => price * 100)) / 100
  const picked = pickedParts(garden).filter(({ pick }) => isIn(pick))
  const massKg = sum(picked, (one) => one.massKg)
  const fruits = sum(picked, (one) =>
    one.count > 0 || !one.variety ? one.count : (one.massKg * 1000) / fruitMassG(one.variety),
  )
  const prices = garden.settings.fruitPrices
  const worthOf = (containerId: string): number | undefined => {
    const worths = picked.flatMap((one) => {
      const price = one.variety && prices?.[one.variety.crop]
      return one.containerId === containerId && price !== undefined ? [one.massKg * price] : []
    })
    return worths.length ? Math.round(sum(worths) * 100) / 100 : undefined
  }
  const perContainer = [...centsOfPot].map(([containerId, cents]) => {
    const worth = worthOf(containerId)
    return { containerId, price: cents / 100, ...(worth !== undefined && { worth }) }
  })
  return {
    total,
    perContainer,
    ...(massKg > 0 && { perKg: total / massKg }),
    ...(fruits > 0 && { perFruit: total / fruits }),
    lines: lines.sort((one, other) => other.price - one.price),
    paidForItself: perContainer.flatMap(({ containerId, price, worth }) =>
      worth !== undefined && worth > price ? [containerId] : [],
    ),
    unknown,
  }
}

/** The dearest line, for a common scale. */
export const dearest = ({ lines }: Pick<SeasonCosts, 'lines'>): number =>
  max(lines, ({ price }) => price) ?? 0
