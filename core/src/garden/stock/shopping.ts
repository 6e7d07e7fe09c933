import { InputError, own, type Solve } from '../../units'
import { feedProductOf } from '../feeding'
import type { Garden } from '../garden'
import type { Shop, ShopPack } from '../shops'
import type { RecordOf, StockUnit } from '../kinds'

/** So much of something is wanted. */
export interface Need {
  readonly itemId: string
  readonly need: number
  readonly unit: StockUnit
}

/** What is bought of one thing in one shop. */
export interface ShoppingLine {
  readonly itemId: string
  readonly packs: readonly { readonly packId: string; readonly count: number }[]
  readonly price: number
}
/** One shop that is gone to, or delivers. */
export interface Trip {
  readonly shopId: string
  readonly lines: readonly ShoppingLine[]
  readonly fare: number
}
/** What to buy where. */
export interface ShoppingList {
  readonly trips: readonly Trip[]
  /** Of all packs and fares. */
  readonly price: number
  /** Nothing cheaper can be had. */
  readonly isProven: boolean
  readonly leftOver: readonly {
    readonly itemId: string
    readonly amount: number
    readonly unit: StockUnit
  }[]
  /** What no shop sells. */
  readonly notSold: readonly Need[]
}

interface Choice {
  readonly name: string
  readonly shop: number
  readonly pack: ShopPack
  /** What it holds in the unit in which its item is wanted; 0 where that is wanted by nobody. */
  readonly amount: number
}

/** A pack in the unit of a need; undefined where it cannot be told in it. */
function inUnit(garden: Garden, { itemId, amount, unit }: ShopPack, wanted: StockUnit) {
  if (unit === wanted) return amount
  const densityGMl = feedProductOf(garden, itemId)?.densityGMl
  if (!densityGMl) return undefined
  if (unit === 'mL' && wanted === 'g') return amount * densityGMl
  return unit === 'g' && wanted === 'mL' ? amount / densityGMl : undefined
}

const term = (factor: number, name: string) =>
  factor < 0 ? `- ${-factor} ${name}` : `+ ${factor} ${name}`
/** No list of a gardener takes longer, s. */
const MOST_SECONDS = 5
/** More packs of one kind than this are no list but a mistake. */
const MOST_PACKS = 10_000

function programme(needs: readonly Need[], shops: readonly Shop[], choices: readonly Choice[]) {
  const isOpen = shops.map((_, index) => `y${index}`)
  const most = ({ pack, amount, shop }: Choice) => {
    const wanted = needs.find(({ itemId }) => itemId === pack.itemId)?.need ?? 0
    const { minimumOrder } = shops[shop]!
    const forNeed = amount > 0 ? Math.ceil(wanted / amount) : 0
    const forOrder = pack.price > 0 ? Math.ceil(minimumOrder / pack.price) : 0
    return Math.min(MOST_PACKS, forNeed + forOrder)
  }
  const covers = needs.map((need, index) => {
    const terms = choices.flatMap(({ name, pack, amount }) =>
      pack.itemId === need.itemId && amount > 0 ? [term(amount, name)] : [],
    )
    return `c${index}: ${terms.join(' ')} >= ${need.need}`
  })
  const orders = shops.flatMap(({ minimumOrder }, index) => {
    if (minimumOrder <= 0) return []
    const paid = choices.flatMap(({ shop, name, pack }) =>
      shop === index && pack.price > 0 ? [term(pack.price, name)] : [],
    )
    return [`m${index}: ${[...paid, term(-minimumOrder, isOpen[index]!)].join(' ')} >= 0`]
  })
  const links = choices.map(
    (choice, index) =>
      `l${index}: + 1 ${choice.name} ${term(-most(choice), isOpen[choice.shop]!)} <= 0`,
  )
  const objective = [
    ...choices.map(({ name, pack }) => term(pack.price, name)),
    ...shops.map(({ fare }, index) => term(fare, isOpen[index]!)),
  ]
  return [
    'Minimize',
    `o: ${objective.join(' ')}`,
    'Subject To',
    ...covers,
    ...orders,
    ...links,
    'Bounds',
    ...choices.map((choice) => `0 <= ${choice.name} <= ${most(choice)}`),
    'General',
    choices.map(({ name }) => name).join(' '),
    'Binary',
    isOpen.join(' '),
    'End',
  ].join('\n')
}

/** Several needs of one thing as one. */
function together(garden: Garden, needs: readonly Need[]): readonly Need[] {
  const byItem = new Map<string, Need>()
  for (const { itemId, need, unit } of needs) {
    if (!(Number.isFinite(need) && need >= 0)) throw new InputError('needNumbers', { given: need })
    if (need === 0) continue
    const known = byItem.get(itemId)
    const more =
      known && inUnit(garden, { id: '', itemId, amount: need, unit, price: 0 }, known.unit)
    if (known && more === undefined) throw new InputError('needUnits', { given: itemId })
    byItem.set(itemId, known ? { ...known, need: known.need + more! } : { itemId, need, unit })
  }
  return [...byItem.values()]
}

/**
 * The cheapest way to buy what is needed, in whole packs over the shops that are known:
 * their fares are paid once each, and more than is needed is bought where that reaches a
 * minimum order at less cost. What no shop sells is told and left out.
 *
 * @param need  of each thing, in its unit; several of one thing are added up
 * @param solve the solver; asked once
 * @throws InputError `needNumbers` for what is no amount, `needUnits` where two needs of
 *   one thing cannot be added, `noList` where the solver finds none in its time
 */
export function shoppingList(
  garden: Garden,
  need: readonly Need[],
  shops: readonly Shop[],
  solve: Solve,
): ShoppingList {
  const wanted = together(garden, need)
  const all = shops.flatMap(({ packs }, shop) =>
    packs.map((pack) => {
      const of = wanted.find(({ itemId }) => itemId === pack.itemId)
      return { shop, pack, amount: (of && inUnit(garden, pack, of.unit)) ?? 0 }
    }),
  )
  const choices = all.map((one, index): Choice => ({ ...one, name: `p${index}` }))
  const isSold = ({ itemId }: Need) =>
    choices.some(({ pack, amount }) => pack.itemId === itemId && amount > 0)
  const needs = wanted.filter(isSold)
  const notSold = wanted.filter((one) => !isSold(one))
  if (!needs.length) return { trips: [], price: 0, isProven: true, leftOver: [], notSold }
  const found = solve(programme(needs, shops, choices), MOST_SECONDS)
  const counts = choices.map(({ name }) => Math.round(own(found.values, name) ?? 0))
  const boughtOf = (itemId: string) =>
    choices.reduce(
      (sum, { pack, amount }, index) =>
        pack.itemId === itemId ? sum + amount * counts[index]! : sum,
      0,
    )
  const isEnough = needs.every((one) => boughtOf(one.itemId) >= one.need * (1 - 1e-9))
  if (!isEnough) throw new InputError('noList')
  const trips = shops.flatMap(({ id: shopId, fare }, shop): Trip[] => {
    const own = choices.flatMap((choice, index) =>
      choice.shop === shop && counts[index]! > 0 ? [{ ...choice, count: counts[index]! }] : [],
    )
    if (!own.length) return []
    const items = [...new Set(own.map(({ pack }) => pack.itemId))]
    return [
      {
        shopId,
        fare,
        lines: items.map((itemId) => {
          const packs = own.filter(({ pack }) => pack.itemId === itemId)
          return {
            itemId,
            packs: packs.map(({ pack, count }) => ({ packId: pack.id, count })),
            price: inCents(packs.reduce((sum, { pack, count }) => sum + pack.price * count, 0)),
          }
        }),
      },
    ]
  })
  const price = trips.reduce(
    (sum, { lines, fare }) => sum + fare + lines.reduce((all, line) => all + line.price, 0),
    0,
  )
  const leftOver = needs.flatMap(({ itemId, need: needed, unit }) => {
    const amount = boughtOf(itemId) - needed
    return amount > 1e-9 ? [{ itemId, amount, unit }] : []
  })
  return {
    trips,
    price: inCents(price),
    isProven: found.status === 'optimal',
    leftOver,
    notSold,
  }
}

/** What of a list leaves over more than was needed of it: a pack far too large, or bought to reach a minimum order. */
export const overbought = (
  leftOver: ShoppingList['leftOver'],
  needs: readonly Need[],
): ShoppingList['leftOver'] =>
  leftOver.filter(({ itemId, unit, amount }) =>
    needs.some((one) => one.itemId === itemId && one.unit === unit && amount > one.need),
  )

/** Money to the cent: sums of prices carry no more. */
const inCents = (price: number) => Math.round(price * 100) / 100

/** What of a list was bought, when, and how its records get their ids. */
export interface BoughtNow {
  readonly at: string
  /** Whether a line was taken along; all of them where left out. */
  readonly isTaken?: ((shopId: string, itemId: string) => boolean) | undefined
  readonly newId: () => string
}

/** The purchases that a list comes to once it was gone through, pack by pack. */
export const purchasesOf = (
  { trips }: Pick<ShoppingList, 'trips'>,
  shops: readonly Shop[],
  { at, isTaken = () => true, newId }: BoughtNow,
): readonly RecordOf<'buy'>[] =>
  trips.flatMap(({ shopId, lines }) => {
    const sold = shops.find(({ id }) => id === shopId)?.packs ?? []
    const taken = lines.filter(({ itemId }) => isTaken(shopId, itemId))
    return taken.flatMap(({ packs }) =>
      packs.flatMap(({ packId, count }): RecordOf<'buy'>[] => {
        const pack = sold.find(({ id }) => id === packId)
        if (!pack) return []
        const { itemId, unit } = pack
        const [amount, price] = [pack.amount * count, inCents(pack.price * count)]
        return [{ id: newId(), at, kind: 'buy', itemId, amount, unit, price, shopId }]
      }),
    )
  })
