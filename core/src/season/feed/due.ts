import { max } from 'd3-array'
import {
  feedHolds,
  isFeed,
  isHeld,
  saltLimitEc,
  unusableIn,
  type FeedDose,
  type FeedHold,
  type FeedPlan,
  type FeedVerdict,
  type HoldFacts,
  type UnusableProduct,
} from '../../feed'
import {
  feedProductOf,
  shelfStock,
  withoutMarks,
  type Garden,
  type GardenRecord,
  type ShelfStock,
  type UnmarkedGarden,
} from '../../garden'
import { lastTest } from '../../mix'
import { addDays, dayOf, daysBetween, own, remembered, rememberedBy } from '../../units'
import { sorted, type GardenCourse, type PotCourse, type PotToday } from '../course'
import { dosedPot } from './events'
import { feedVerdictOn, potFeeding, type PotFeeding } from './potFeeding'
import { runOf, shelfFor } from './running'

/** A feed that is due, or held back. */
export interface DueFeed {
  /** The day from which it is to be given. */
  readonly dueOn: string
  readonly dose: FeedDose
  /** Days since the day it was due. */
  readonly lateDays: number
  readonly holds: readonly FeedHold[]
  readonly isHeld: boolean
  /** On the shelf, g; undefined where it is not there. */
  readonly stockG: number | undefined
}

/** A pot and its feed on the day of its course. */
export interface FeedToday {
  readonly feeding: PotFeeding
  readonly verdict: FeedVerdict
  readonly plan: FeedPlan | undefined
  /** What its plan chooses from; nothing where its steps name what they give. */
  readonly shelf: readonly ShelfStock[]
  readonly due: readonly DueFeed[]
  /** Products of its plan that the programme cannot use: nothing of them is given. */
  readonly unusable: readonly UnusableProduct[]
  readonly lastFedOn: number | undefined
  /** Day of the course on which it is fed next by its plan, if nothing holds it back. */
  readonly nextOn: number | undefined
}

const NOTHING_DUE = { found: [], nextOn: undefined }

/** Day of the course that is today. */
const todayIn = ({ from, today }: GardenCourse) => daysBetween(from, today)

/** What speaks against feeding a pot on a day. */
function holdFactsOf(
  garden: Garden,
  feeding: PotFeeding,
  verdict: FeedVerdict,
  pot: PotToday,
  day: number,
  { product, timesLabel, placement }: FeedDose,
): HoldFacts {
  const { fed, given: feeds, endsOn, flowersOn } = feeding
  const weather = feeding.pot.weather.slice(day, day + 3)
  const last = lastFed(feeding, day)
  const lastSame = lastFed(feeding, day, product.id)
  const recent = feeds.filter((one) => one.day <= day && day - one.day <= 14)
  const { recipeId } = pot.container
  const ripeOn = Math.min(
    ...feeding.pot.plants.map(({ course }) => course.trusses[0]?.ripeOn ?? Infinity),
  )
  return {
    tempMaxC: Math.max(...weather.map(({ tempMaxC }) => tempMaxC), -Infinity),
    missingL: pot.depletionL,
    safeL: pot.safeL,
    daysSincePlanting: day - fed.plantedOn,
    seasonDays: Math.max(1, endsOn - fed.plantedOn),
    daysSinceFeed: last === undefined ? undefined : day - last,
    daysSinceSame: lastSame === undefined ? undefined : day - lastSame,
    timesLabel,
    ecDsM: verdict.salt.ecDsM,
    saltLimitEc: saltLimitEc(feeding.crop),
    isShortOfCalcium: verdict.nutrients.some(
      ({ nutrient, state }) => nutrient === 'ca' && (state === 'short' || state === 'runsLow'),
    ),
    isPhKnown:
      recipeId !== undefined &&
      lastTest(garden.mixTests, 'extract', 'recipe', recipeId) !== undefined,
    hasAmmonium: recent.some(
      ({ product }) => product.form === 'mineralGranules' && (product.analysis.n ?? 0) > 0,
    ),
    hasAsh: recent.some(({ product }) => product.id === 'woodAsh'),
    daysToHarvest: Math.max(0, Math.min(ripeOn, endsOn) - day, flowersOn > day ? 1 : 0),
    isRingWashedIn: placement === 'dryRimRing' && !dosedPot(feeding.pot).hasReservoir,
  }
}

/** The last day up to one on which a pot was fed by the records; an additive is no feed. */
function lastFed({ given }: PotFeeding, day: number, productId?: string): number | undefined {
  const days = given
    .filter(({ product }) => (productId === undefined ? isFeed(product) : product.id === productId))
    .map((one) => one.day)
    .filter((one) => one <= day)
  return max(days)
}

/** A container's feed on the day of its course: how it stands, what is due, and what holds it back. */
export function feedToday(
  course: GardenCourse,
  pot: PotCourse,
  today: PotToday,
): FeedToday | undefined {
  const feeding = potFeeding(course, pot)
  const day = todayIn(course)
  if (!feeding || day < feeding.fed.plantedOn || day > feeding.endsOn) return undefined
  const { records: all, ...rest } = withoutMarks(course.garden)
  const records = sorted(all).byContainer.get(pot.container.id) ?? NO_RECORDS
  const stocks = shelfStock(course.garden)
  const shelf = shelfFor(own(rest.feedPlans, pot.container.id), stocks)
  const feed = feedOf({ ...rest, records, shelf, feeding, today, day, date: course.today })
  return withStock(
    feed,
    feed.due.map(({ dose }) => stocks.find(({ product }) => product.id === dose.product.id)?.leftG),
  )
}

/** With what there is of each feed that is due. */
const withStock = remembered(
  (feed: FeedToday, stocksG: readonly (number | undefined)[]): FeedToday =>
    stocksG.length
      ? { ...feed, due: feed.due.map((one, index) => ({ ...one, stockG: stocksG[index] })) }
      : feed,
)

const NO_RECORDS: readonly GardenRecord[] = []

/** What a pot's feed goes by: nothing that was done at another pot, but what its plan asks of the shelf. */
type FeedAsked = Omit<UnmarkedGarden, 'records'> & {
  /** Of this pot. */
  readonly records: readonly GardenRecord[]
  readonly shelf: readonly ShelfStock[]
  readonly feeding: PotFeeding
  readonly today: PotToday
  readonly day: number
  readonly date: string
}

const feedOf = rememberedBy(
  'feeding',
  ({ shelf, feeding, today, day, date, ...asked }: FeedAsked): FeedToday => {
    const garden = asked as Garden
    const verdict = feedVerdictOn(feeding, day - 1, date)
    const plan = own(garden.feedPlans, today.container.id)
    const lastOn = lastFed(feeding, day)
    const productOf = (id: string) => feedProductOf(garden, id)
    const isFed = garden.records.some(
      (record) =>
        record.kind === 'feed' &&
        dayOf(record.at) === date &&
        isFeed(productOf(record.productId) ?? { form: 'liquid' }),
    )
    const isWatered = today.nowL > 0
    const run = plan && runOf({ garden, shelf, feeding, plan, productOf })
    const { found, nextOn } = run?.dueOn({ day, isWatered, isFed, lastOn }) ?? NOTHING_DUE
    return {
      feeding,
      verdict,
      plan,
      shelf,
      lastFedOn: lastOn,
      nextOn,
      unusable: run ? unusableIn(run.steps, productOf) : [],
      due: found
        .filter(({ dose }) => dose.massG > 0)
        .map(({ dose, dueOn }): DueFeed => {
          const facts = holdFactsOf(garden, feeding, verdict, today, day, dose)
          // A pot that gets its water on this same walk is dry no longer.
          const holds = feedHolds(dose.product, isWatered ? { ...facts, missingL: 0 } : facts)
          const lateDays = day - dueOn
          return {
            dueOn: addDays(date, -lateDays),
            dose,
            lateDays,
            holds,
            isHeld: isHeld(holds),
            // Told last: what is given to other pots changes nothing else of it.
            stockG: undefined,
          }
        }),
    }
  },
)

/** What speaks for or against a product for a pot now, whether or not it is due. */
export function holdsFor(
  course: GardenCourse,
  feed: FeedToday,
  today: PotToday,
  dose: FeedDose,
): readonly FeedHold[] {
  const facts = holdFactsOf(course.garden, feed.feeding, feed.verdict, today, todayIn(course), dose)
  return feedHolds(dose.product, facts)
}
