import { nutrients, nutrientsIn, ofNutrients, type Nutrient, type NutrientAmounts } from './label'
import { emptyRows, type NutrientRows } from './need'
import type { FeedProduct } from './product'
import { dryRing, MICROBES, releaseOf, warmDay, type WarmDays } from './release'
import { cationsMeq } from './solution'
import type { WaterSource } from './waterSource'

/** Where nutrients come from. `slow`: organic feeds, compost, limes and what else takes weeks. */
export const feedSources = ['mix', 'slow', 'controlled', 'quick', 'water'] as const
export type FeedSource = (typeof feedSources)[number]

/** A feed given on a day. */
export interface FeedEvent {
  readonly day: number
  readonly product: FeedProduct
  readonly massG: number
  /** Lies dry at the rim above a reservoir, and is drawn in from there. */
  readonly isDryRing?: boolean
}

/** A pot as its ledger takes it. */
export interface FedPot {
  readonly days: number
  /** First day with plants. */
  readonly plantedOn: number
  /** What its plants want, g a day. */
  readonly needG: NutrientRows
  /** Of the mix, mean of the day. */
  readonly tempC: Float64Array
  /** Water given and rained, and run out below, L a day. */
  readonly givenL: Float64Array
  readonly drainedL: Float64Array
  /** Water in it when drained, and when every pore is full, L. */
  readonly heldL: number
  readonly saturatedL: number
  /** In the mix at the start and at once to be had, g. */
  readonly startG: NutrientAmounts
  readonly startEcDsM: number
  /** Nitrogen that decaying matter gives over a season, and that raw wood takes, g. */
  readonly mixGivesG: number
  readonly mixDrawsG: number
  readonly water: WaterSource
}

export interface LedgerRow {
  readonly needG: Float64Array
  readonly takenG: Float64Array
  readonly supplyG: Readonly<Record<FeedSource, Float64Array>>
  /** Washed out below. */
  readonly leachedG: Float64Array
  /** Taken by microbes on raw wood: of nitrogen only. */
  readonly boundG: Float64Array
  /** At hand in the root zone, in the evening. */
  readonly leftG: Float64Array
  /** That, less what plants have gone without so far. */
  readonly balanceG: Float64Array
}

export interface NutrientLedger {
  readonly days: number
  readonly rows: Readonly<Record<Nutrient, LedgerRow>>
  /** Salt in the root zone, as a saturated extract, dS/m. */
  readonly ecDsM: Float64Array
}

/** Of what is at hand, what goes with the water; the rest sits on the mix (memory). */
export const MOBILE_SHARE: NutrientAmounts = { n: 1, p: 0.25, k: 0.6, ca: 0.4, mg: 0.5 }
/** Calcium beyond this falls out as chalk or gypsum again and is no salt, mg/L (memory). */
const DISSOLVED_CA_MG_L = 200
/** What a plant went without it makes up for by so much a day, where it can (memory). */
const MAKES_UP_SHARE = 0.1
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

/** Adds what a feed gives, day by day, to the row of its source. */
function addRelease(
  { day: from, product, massG, isDryRing }: FeedEvent,
  supply: Readonly<Record<Nutrient, Readonly<Record<FeedSource, Float64Array>>>>,
  days: number,
  warmth: (clock: WarmDays) => Float64Array,
): void {
  const brings = nutrientsIn(product.analysis, massG)
  const source = sourceOf(product)
  const start = Math.max(0, from)
  for (const nutrient of nutrients) {
    const grams = brings[nutrient]
    if (!(grams > 0) || from >= days) continue
    const { share, clock, by } = isDryRing ? dryRing : releaseOf(product, nutrient)
    const row = supply[nutrient][source]
    if (!clock) {
      row[start]! += grams * share
      continue
    }
    const sums = warmth(clock)
    const begun = sums[start]!
    let before = 0
    for (let day = start; day < days; day++) {
      const now = by(sums[day + 1]! - begun)
      row[day]! += grams * share * (now - before)
      before = now
    }
  }
}

/**
 * What a pot's plants need of each nutrient, what came, what was washed out and
 * what is left, day by day; and how salty its root zone is.
 *
 * Each day: what came is added; raw wood takes its nitrogen; plants take what
 * they want and a part of what they went without; water that runs out takes its
 * share of what is dissolved (the pot as one well-mixed vessel).
 *
 * balance = start + all that came − washed out − bound − needed, exactly.
 *
 * @param feeds given, in any order
 */
export function nutrientLedger(pot: FedPot, feeds: readonly FeedEvent[]): NutrientLedger {
  const { days, plantedOn, tempC, givenL, drainedL, heldL, saturatedL, water } = pot
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
  for (const feed of feeds) addRelease(feed, supply, days, warmth)
  const start = Math.max(0, plantedOn)
  const microbes = warmth(MICROBES)
  const bound = rowOf()
  let mixBefore = 0
  for (let day = start; day < days; day++) {
    const decayed = Math.min(1, (microbes[day + 1]! - microbes[start]!) / MIX_SEASON_DAYS)
    supply.n.mix[day]! += pot.mixGivesG * (decayed - mixBefore)
    bound[day] = pot.mixDrawsG * (decayed - mixBefore)
    mixBefore = decayed
    supply.ca.water[day] = (givenL[day]! * water.caMgL) / 1000
    supply.mg.water[day] = (givenL[day]! * water.mgMgL) / 1000
  }

  const rows = {} as Record<Nutrient, LedgerRow>
  const dissolvedG = emptyRows(days)
  for (const nutrient of nutrients) {
    const row: LedgerRow = {
      needG: pot.needG[nutrient],
      takenG: rowOf(),
      supplyG: supply[nutrient],
      leachedG: rowOf(),
      boundG: nutrient === 'n' ? bound : rowOf(),
      leftG: rowOf(),
      balanceG: rowOf(),
    }
    const { mix, slow, controlled, quick, water: ofWater } = supply[nutrient]
    const mobile = MOBILE_SHARE[nutrient]
    let left = 0
    let owed = 0
    for (let day = start; day < days; day++) {
      if (day === start) mix[day]! += pot.startG[nutrient]
      left += mix[day]! + slow[day]! + controlled[day]! + quick[day]! + ofWater[day]!
      if (nutrient === 'n') {
        bound[day] = Math.min(bound[day]!, left)
        left -= bound[day]!
      }
      const need = row.needG[day]!
      const taken = Math.min(left, need + MAKES_UP_SHARE * owed)
      owed += need - taken
      left -= taken
      const leached = left * mobile * (1 - Math.exp(-drainedL[day]! / heldL))
      left -= leached
      row.takenG[day] = taken
      row.leachedG[day] = leached
      row.leftG[day] = left
      row.balanceG[day] = left - owed
      dissolvedG[nutrient][day] =
        nutrient === 'ca'
          ? Math.min(left * mobile, (DISSOLVED_CA_MG_L * heldL) / 1000)
          : left * mobile
    }
    rows[nutrient] = row
  }
  return { days, rows, ecDsM: saltOf(pot, dissolvedG, start, heldL, saturatedL) }
}

/** Salt that is no nutrient comes with the mix and the water, and goes with what runs out. */
function saltOf(
  { days, givenL, drainedL, water, startG, startEcDsM }: FedPot,
  dissolvedG: NutrientRows,
  start: number,
  heldL: number,
  saturatedL: number,
): Float64Array {
  const ecDsM = new Float64Array(days)
  // Charge is balanced: whichever of cations and nitrate there is more of has its counterpart.
  const charge = (mg: NutrientAmounts) =>
    Math.max(cationsMeq(mg, 0), cationsMeq({ ...mg, k: 0, ca: 0, mg: 0 }, 1))
  const ofNutrient = (grams: NutrientAmounts) =>
    charge(ofNutrients((one) => grams[one] * 1000)) / 10 / saturatedL
  const dissolvedAtStart = ofNutrients((one) =>
    one === 'ca'
      ? Math.min(startG.ca * MOBILE_SHARE.ca, (DISSOLVED_CA_MG_L * heldL) / 1000)
      : startG[one] * MOBILE_SHARE[one],
  )
  const waterOther =
    water.ecDsM - cationsMeq({ n: 0, p: 0, k: 0, ca: water.caMgL, mg: water.mgMgL }, 0) / 10
  let other = startEcDsM - ofNutrient(dissolvedAtStart)
  for (let day = start; day < days; day++) {
    other += (givenL[day]! * Math.max(0, waterOther)) / saturatedL
    other *= Math.exp(-drainedL[day]! / heldL)
    const nutrientEc = ofNutrient(ofNutrients((one) => dissolvedG[one][day]!))
    ecDsM[day] = Math.max(0, other + nutrientEc)
  }
  return ecDsM
}
