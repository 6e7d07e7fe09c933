import {
  canMix,
  chooseFeeds,
  doseFor,
  feedSources,
  flushPlan,
  ofNutrients,
  solutionL,
  solutionStrength,
  type FeedChoices,
  type FeedDose,
  type FeedSource,
  type FlushPlan,
  type MixFault,
  type Nutrient,
  type NutrientAmounts,
  type SolutionStrength,
} from '../../feed'
import { feedTools } from '../../garden'
import { addDays, type Solve } from '../../units'
import type { GardenCourse, PotToday } from '../course'
import { choicesAtHand, choicesToBuy, feedWish } from './choosing'
import { dosedPot } from './events'
import type { PotFeeding } from './potFeeding'
import type { FeedToday } from './due'

const DAYS_A_WEEK = 7

/** One nutrient over one week, g. */
export interface NutrientWeek {
  readonly cameG: Readonly<Record<FeedSource, number>>
  readonly needG: number
  readonly takenG: number
  /** Washed out below, or bound by raw wood. */
  readonly lostG: number
  /** In the evening of its last day. */
  readonly balanceG: number
  /** Half the width of what may have come by then, where feeds of unknown strength were given. */
  readonly doubtG: number
}

/** A week of a pot's ledger. */
export interface FeedWeek {
  readonly from: string
  /** First day of the course that is in it. */
  readonly day: number
  readonly isPast: boolean
  readonly ofNutrient: Readonly<Record<Nutrient, NutrientWeek>>
  readonly ecDsM: number
}

/** A pot's ledger by the week, from planting to the end of its plants. */
export interface FeedWeeks {
  readonly weeks: readonly FeedWeek[]
  /** In the mix at planting, g: before the first week. */
  readonly startG: NutrientAmounts
  /** Over all of it: wanted, and come beside the start. */
  readonly needG: NutrientAmounts
  readonly cameG: NutrientAmounts
}

/** A pot's ledger as it is drawn and read out: by the week, what was in the mix at planting apart. */
export function feedWeeks({ from, today }: GardenCourse, feeding: PotFeeding): FeedWeeks {
  const { ledger, fed, endsOn } = feeding
  const start = Math.max(0, fed.plantedOn)
  const weeks: FeedWeek[] = []
  for (let day = start; day <= endsOn; day += DAYS_A_WEEK) {
    const to = Math.min(endsOn + 1, day + DAYS_A_WEEK)
    const sum = (row: Float64Array) => row.subarray(day, to).reduce((total, one) => total + one, 0)
    const date = addDays(from, day)
    const weekOf = (nutrient: Nutrient): NutrientWeek => {
      const row = ledger.rows[nutrient]
      const came = (source: FeedSource) =>
        sum(row.supplyG[source]) - (source === 'mix' && day === start ? fed.startG[nutrient] : 0)
      return {
        cameG: Object.fromEntries(feedSources.map((source) => [source, came(source)])) as Record<
          FeedSource,
          number
        >,
        needG: sum(row.needG),
        takenG: sum(row.takenG),
        lostG: sum(row.leachedG) + sum(row.boundG) + sum(row.emptiedG),
        balanceG: row.balanceG[to - 1]!,
        doubtG: row.doubtG[to - 1]!,
      }
    }
    weeks.push({
      from: date,
      day,
      isPast: addDays(date, DAYS_A_WEEK) <= today,
      ofNutrient: {
        n: weekOf('n'),
        p: weekOf('p'),
        k: weekOf('k'),
        ca: weekOf('ca'),
        mg: weekOf('mg'),
      },
      ecDsM: ledger.ecDsM[to - 1]!,
    })
  }
  const total = (of: (week: NutrientWeek) => number) =>
    ofNutrients((one) => weeks.reduce((sum, { ofNutrient }) => sum + of(ofNutrient[one]), 0))
  return {
    weeks,
    startG: fed.startG,
    needG: total(({ needG }) => needG),
    cameG: total(({ cameG }) => feedSources.reduce((sum, source) => sum + cameG[source], 0)),
  }
}

/** A set of feeds out of the shelf, each as it is measured. */
export interface ChosenForPot extends FeedChoices {
  readonly doses: readonly FeedDose[]
  /** Those that are dissolved, all in one can: litres for this pot, and what they are together. */
  readonly together:
    | {
        readonly volumeL: number
        readonly strength: SolutionStrength
        readonly faults: readonly MixFault[]
      }
    | undefined
}

/**
 * Feeds out of what is on the shelf that best bring a pot to its next visit.
 *
 * @param days until then
 */
export function chooseForPot(
  course: GardenCourse,
  { feeding }: Pick<FeedToday, 'feeding'>,
  pot: PotToday,
  day: number,
  days: number,
  solve: Solve,
): ChosenForPot {
  const { garden } = course
  const dosed = dosedPot(feeding.pot)
  const wish = feedWish(feeding, day, days)
  const found = chooseFeeds(choicesAtHand(garden, dosed), wish, solve, choicesToBuy(garden, dosed))
  const doses = found.feeds.map(({ product, massG }) =>
    doseFor(dosed, product, { kind: 'mass', massG }, feedTools(garden)),
  )
  const inLitre = doses.flatMap(({ product, solution }) =>
    solution ? [{ product, gramsL: solution.gramsL }] : [],
  )
  const { water } = garden.settings
  return {
    ...found,
    doses,
    together: inLitre.length
      ? {
          volumeL: solutionL(dosed),
          strength: solutionStrength(inLitre, water),
          faults: canMix(inLitre, water),
        }
      : undefined,
  }
}

/** How to wash the salt out of a pot as it stands; undefined where there is no need. */
export function flushFor(
  { feeding, verdict }: FeedToday,
  pot: PotToday,
  waterEcDsM: number,
): FlushPlan | undefined {
  const { ecDsM, thresholdEc } = verdict.salt
  return ecDsM > thresholdEc
    ? flushPlan(ecDsM, thresholdEc, waterEcDsM, feeding.fed.heldL, pot.depletionL)
    : undefined
}
