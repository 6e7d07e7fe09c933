import {
  DISSOLVED_CA_MG_L,
  heldOn,
  keptBetween,
  MOBILE_SHARE,
  watersOf,
  type FedPot,
  type FeedEvent,
  type FeedSource,
} from './fedPot'
import { nutrients, nutrientsIn, type Nutrient, type NutrientAmounts } from './label'
import { emptyRows, type NutrientRows } from './need'
import type { FeedProduct } from './productSchema'
import { dryRing, MICROBES, releaseOf, warmDay, type WarmDays } from './release'
import { saltOf } from './saltOf'

export interface LedgerRow {
  readonly needG: Float64Array
  readonly takenG: Float64Array
  readonly supplyG: Readonly<Record<FeedSource, Float64Array>>
  /** Washed out below. */
  readonly leachedG: Float64Array
  /** Taken by microbes on raw wood: of nitrogen only. */
  readonly boundG: Float64Array
  /** Gone with mix that was taken out. */
  readonly emptiedG: Float64Array
  /** At hand in the root zone, in the evening. */
  readonly leftG: Float64Array
  /** That, less what plants have gone without so far, and with what they have taken ahead of their need. */
  readonly balanceG: Float64Array
  /** Half the width of what may have come, where feeds of unknown strength were given. */
  readonly doubtG: Float64Array
}

export interface NutrientLedger {
  readonly days: number
  readonly rows: Readonly<Record<Nutrient, LedgerRow>>
  /** Salt in the root zone, as a saturated extract, dS/m. */
  readonly ecDsM: Float64Array
}

/** Of what a dry ring has given off, so much lies about the rim, where hardly any root is (practice: a crust in autumn; the figure from memory). */
const AT_RIM_SHARE = 0.7
/** What a plant went without it makes up for by so much a day, where it can (memory). */
const MAKES_UP_SHARE = 0.1
/**
 * Plants take up more than they need where they can, and live off it later: so many
 * times their need of nitrogen and potassium (memory: leaves at the top of the
 * sufficiency ranges of handbooks hold about a third and a half more than the middle).
 */
export const LUXURY_TIMES: NutrientAmounts = { n: 1.3, p: 1, k: 1.5, ca: 1, mg: 1 }
/** Matter that decays in a season has given what it gives after so many warm days (memory). */
const MIX_SEASON_DAYS = 150

const sourceOf = ({ form }: FeedProduct): FeedSource => {
  if (form === 'controlledRelease') return 'controlled'
  return form === 'solubleCrystals' || form === 'liquid' || form === 'mineralSalt'
    ? 'quick'
    : 'slow'
}

/** Warm days from the first one on, one longer than the row. */
function warmthOf(tempC: Float64Array, clock: WarmDays): Float64Array {
  const sums = new Float64Array(tempC.length + 1)
  for (let day = 0; day < tempC.length; day++)
    sums[day + 1] = sums[day]! + warmDay(clock, tempC[day]!)
  return sums
}

/** What plants have gone without by the evening of a day, g; nothing where they have taken ahead. */
export const owedG = ({ leftG, balanceG }: LedgerRow, day: number): number =>
  Math.max(0, (leftG[day] ?? 0) - (balanceG[day] ?? 0))

type Supply = Readonly<Record<Nutrient, Readonly<Record<FeedSource, Float64Array>>>>

/** Adds what a feed gives, day by day, to the row of its source, and the doubt of it to another. */
function addRelease(
  { day: from, product, massG, isDryRing }: FeedEvent,
  supply: Supply,
  { doubt, ring }: Readonly<Record<'doubt' | 'ring', NutrientRows>>,
  pot: FedPot,
  warmth: (clock: WarmDays) => Float64Array,
): void {
  const { days } = pot
  const { strengthTimes } = product
  const halfWidth = strengthTimes ? (strengthTimes.most - strengthTimes.least) / 2 : 0
  const brings = nutrientsIn(product.analysis, massG)
  const source = sourceOf(product)
  const start = Math.max(0, from)
  for (const nutrient of nutrients) {
    const grams = brings[nutrient]
    if (!(grams > 0) || from >= days) continue
    const { share, clock, by } = isDryRing ? dryRing : releaseOf(product, nutrient)
    const row = supply[nutrient][source]
    const add = (day: number, came: number) => {
      row[day]! += came
      if (halfWidth > 0) doubt[nutrient][day]! += came * halfWidth
      if (isDryRing) ring[nutrient][day]! += came
    }
    if (!clock) {
      add(start, grams * share)
      continue
    }
    const sums = warmth(clock)
    const begun = sums[start]!
    let before = 0
    for (let day = start; day < days; day++) {
      const now = by(sums[day + 1]! - begun)
      add(day, grams * share * (now - before) * keptBetween(pot, start, day))
      before = now
    }
  }
}

/**
 * What a pot's plants need of each nutrient, what came, what was washed out and
 * what is left, day by day; and how salty its root zone is.
 *
 * Each day: what came is added; raw wood takes its nitrogen; plants take what
 * they want, a part of what they went without, and of nitrogen and potassium some
 * ahead of their need; water that drains takes its share of what is dissolved (the
 * pot as one well-mixed vessel).
 *
 * balance = start + all that came − washed out − bound − taken out with mix − needed, exactly.
 *
 * @param feeds given, in any order
 */
export function nutrientLedger(given: FedPot, feeds: readonly FeedEvent[]): NutrientLedger {
  const pot = withFeedWater(given, feeds)
  const { days, plantedOn, tempC, drainedL } = pot
  const rowOf = () => new Float64Array(days)
  const sources = (): Record<FeedSource, Float64Array> => ({
    mix: rowOf(),
    slow: rowOf(),
    controlled: rowOf(),
    quick: rowOf(),
    water: rowOf(),
  })
  const supply = { n: sources(), p: sources(), k: sources(), ca: sources(), mg: sources() }
  const known = new Map<WarmDays, Float64Array>()
  const warmth = (clock: WarmDays) => {
    const sums = known.get(clock) ?? warmthOf(tempC, clock)
    known.set(clock, sums)
    return sums
  }
  // Rows that stay empty, as most do, are one and the same.
  const nothing = rowOf()
  const rowsIf = (isNeeded: boolean): NutrientRows =>
    isNeeded ? emptyRows(days) : { n: nothing, p: nothing, k: nothing, ca: nothing, mg: nothing }
  const doubt = rowsIf(feeds.some(({ product }) => product.strengthTimes !== undefined))
  const ring = rowsIf(feeds.some(({ isDryRing }) => isDryRing))
  for (const feed of feeds) addRelease(feed, supply, { doubt, ring }, pot, warmth)
  const start = Math.max(0, plantedOn)
  const microbes = warmth(MICROBES)
  const bound = rowOf()
  for (const { from, mixGivesG, mixDrawsG } of decayingIn(pot, start)) {
    let before = 0
    for (let day = from; day < days; day++) {
      const decayed = Math.min(1, (microbes[day + 1]! - microbes[from]!) / MIX_SEASON_DAYS)
      const now = (decayed - before) * keptBetween(pot, from, day)
      supply.n.mix[day]! += mixGivesG * now
      bound[day]! += mixDrawsG * now
      before = decayed
    }
  }
  for (const { water, volumeL } of watersOf(pot))
    for (let day = start; day < days; day++) {
      supply.ca.water[day]! += (volumeL[day]! * water.caMgL) / 1000
      supply.mg.water[day]! += (volumeL[day]! * water.mgMgL) / 1000
    }
  const refills = new Map(pot.refills?.map((refill) => [refill.day, refill]))

  const rows = {} as Record<Nutrient, LedgerRow>
  const dissolvedG = emptyRows(days)
  for (const nutrient of nutrients) {
    const row: LedgerRow = {
      needG: pot.needG[nutrient],
      takenG: rowOf(),
      supplyG: supply[nutrient],
      leachedG: rowOf(),
      boundG: nutrient === 'n' ? bound : rowOf(),
      emptiedG: refills.size ? rowOf() : nothing,
      leftG: rowOf(),
      balanceG: rowOf(),
      doubtG: doubt[nutrient],
    }
    const luxury = LUXURY_TIMES[nutrient] - 1
    const { mix, slow, controlled, quick, water: ofWater } = supply[nutrient]
    const mobile = MOBILE_SHARE[nutrient]
    let left = 0
    /** Below zero: taken ahead of need. */
    let owed = 0
    let needSoFar = 0
    let doubtSoFar = 0
    let [cameG, ringG] = [0, 0]
    for (let day = start; day < days; day++) {
      if (day === start) mix[day]! += pot.startG[nutrient]
      mix[day]! += pot.addedG?.[nutrient][day] ?? 0
      const refill = refills.get(day)
      if (refill) {
        row.emptiedG[day] = left * (1 - refill.keptShare)
        left -= row.emptiedG[day]!
        cameG *= refill.keptShare
        ringG *= refill.keptShare
        mix[day]! += refill.bringsG[nutrient]
      }
      const came = mix[day]! + slow[day]! + controlled[day]! + quick[day]! + ofWater[day]!
      left += came
      cameG += came
      ringG += ring[nutrient][day]!
      if (nutrient === 'n') {
        bound[day] = Math.min(bound[day]!, left)
        left -= bound[day]!
      }
      const need = row.needG[day]!
      needSoFar += need
      doubtSoFar += row.doubtG[day]!
      if (doubtSoFar > 0) row.doubtG[day] = doubtSoFar
      const ahead = need > 0 ? Math.max(0, luxury * needSoFar + Math.min(0, owed)) : 0
      const taken = Math.min(left, need + MAKES_UP_SHARE * Math.max(0, owed) + ahead)
      owed += need - taken
      left -= taken
      const leached = left * mobile * (1 - Math.exp(-drainedL[day]! / heldOn(pot, day)))
      left -= leached
      row.takenG[day] = taken
      row.leachedG[day] = leached
      row.leftG[day] = left
      row.balanceG[day] = left - owed
      const amongRoots = ringG > 0 ? 1 - AT_RIM_SHARE * (ringG / cameG) : 1
      dissolvedG[nutrient][day] =
        nutrient === 'ca'
          ? Math.min(left * mobile, (DISSOLVED_CA_MG_L * heldOn(pot, day)) / 1000)
          : left * mobile * amongRoots
    }
    rows[nutrient] = row
  }
  return { days, rows, ecDsM: saltOf(pot, dissolvedG, start) }
}

/** What decays in a pot, from the day it came in. */
const decayingIn = ({ mixGivesG, mixDrawsG, refills = [] }: FedPot, start: number) => [
  { from: start, mixGivesG, mixDrawsG },
  ...refills.map(({ day, ...brought }) => ({ from: day, ...brought })),
]

/** A planned feed is poured like any water: what the pot had no room for drains below. */
function withFeedWater(pot: FedPot, feeds: readonly FeedEvent[]): FedPot {
  const planned = feeds.filter(({ volumeL, day }) => volumeL && day >= 0 && day < pot.days)
  if (!planned.length || pot.hasReservoir) return pot
  const givenL = pot.givenL.slice()
  const drainedL = pot.drainedL.slice()
  const room = (pot.pouredL ?? pot.givenL).slice()
  for (const { day, volumeL = 0 } of planned) {
    const beyondL = Math.max(0, volumeL - room[day]!)
    room[day] = Math.max(0, room[day]! - volumeL)
    givenL[day]! += beyondL
    drainedL[day]! += beyondL
  }
  return { ...pot, givenL, drainedL }
}
