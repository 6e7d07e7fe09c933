import {
  judgeLedger,
  needReasons,
  nutrientLedger,
  ofNutrients,
  type FedPot,
  type FeedEvent,
  type FeedVerdict,
  type NutrientLedger,
  type ProgrammePot,
} from '../../feed'
import { mixesOf, type Fill, type Garden, type GardenRecord } from '../../garden'
import { cropForecast, growthOn, lastFeedOn, type Crop } from '../../plant'
import { addDays, daysBetween, rememberedBy, type Reason } from '../../units'
import { sorted, type GardenCourse, type PotCourse } from '../course'
import { addedRows, carriedInto, leftFor, withMeasuredSalt, type Carried } from './carried'
import { dosedPot, feedsOf } from './events'
import { fedPotOf, otherWaterOf } from './fedPotOf'
import {
  broughtBy,
  plantedOnOf,
  refillOf,
  refillsIn,
  startFillOf,
  startOf,
  type LeftInMix,
} from './fillings'

/** What a pot's plants were fed, need and have left, day by day of its course. */
export interface PotFeeding {
  readonly pot: PotCourse
  readonly fed: FedPot
  /** Strewn into the mix by its recipe, and given by the records. */
  readonly strewn: readonly FeedEvent[]
  readonly given: readonly FeedEvent[]
  readonly ledger: NutrientLedger
  readonly crop: Crop
  /** Day of the course on which its first flower opens. */
  readonly flowersOn: number
  /** Last day with plants. */
  readonly endsOn: number
  /** Last day on which feed is of use to one of them. */
  readonly fedUntil: number
  /** Days between which all of them rest, cut back for the winter, the last not counted. */
  readonly rests?: { readonly from: number; readonly to: number }
}

/** Whether plants in a pot have any use for feed on a day of its course. */
export const isFedOn = (
  { fedUntil, rests }: Pick<PotFeeding, 'fedUntil' | 'rests'>,
  day: number,
): boolean => day <= fedUntil && !(rests && day >= rests.from && day < rests.to)

/** When all plants of a pot rest at once; undefined where one of them does not. */
function restsIn({ plants }: PotCourse): PotFeeding['rests'] {
  const rests = plants.map(({ course }) => course.rests)
  const from = Math.max(...rests.map((one) => one?.from ?? Infinity))
  const to = Math.min(...rests.map((one) => one?.to ?? -Infinity))
  return from < to ? { from, to } : undefined
}

/**
 * Day from which what was given to a pot is counted: what came before is in what its ledger
 * begins with, or gone with the mix it was given to.
 */
function givenFrom(pot: PotCourse, from: string, carried: Carried | undefined): number {
  if (plantedOnOf(pot) < 0) return 0
  if (carried) return daysBetween(from, carried.until) + 1
  const { filledOn } = startFillOf(pot)
  return filledOn === undefined ? -Infinity : daysBetween(from, filledOn)
}

/** All that a pot's feeding is worked out from. */
interface FeedingAsked extends Pick<
  Garden,
  'products' | 'mixTests' | 'settings' | 'recipes' | 'ingredients'
> {
  readonly pot: PotCourse
  /** Of the pot. */
  readonly records: readonly GardenRecord[]
  /** First day of its course. */
  readonly from: string
  readonly carried: Carried | undefined
  /** In the old mix it was filled with at the start, and with each filling since. */
  readonly leftAtStart: LeftInMix | undefined
  readonly lefts: readonly (LeftInMix | undefined)[]
}

const feedingOf = rememberedBy('pot', (asked: FeedingAsked): PotFeeding | undefined => {
  const { pot, records, from, settings, carried } = asked
  const [first] = pot.plants
  if (!first) return undefined
  const days = pot.weather.length
  const plantedOn = plantedOnOf(pot)
  const start = startFillOf(pot)
  const refilled = refillsIn(pot, from)
  const brought = !carried && start.used ? broughtBy(asked, start, asked.leftAtStart) : undefined
  const countedFrom = givenFrom(pot, from, carried)
  // A blend has all in it that came up to the planting, and on that day where it was filled then.
  const isFilledThen = start.filledOn === addDays(from, plantedOn)
  const fed = fedPotOf(pot, plantedOn, settings.water, {
    carried: carried ?? (brought && { leftG: brought.grams, ecDsM: brought.salt / start.volumeL }),
    addedG: addedRows(asked, pot, from, {
      plantedOn,
      countedFrom: carried || brought ? countedFrom : plantedOn + (isFilledThen ? 1 : 0),
    }),
    otherWater: otherWaterOf(pot, records, from, settings),
    refills: refilled.map((filling, index) => refillOf(asked, filling, asked.lefts[index])),
  })
  const mixes = mixesOf(asked)
  const { strewn, given } = feedsOf(asked, pot, records, {
    from,
    plantedOn,
    countedFrom,
    fresh: [
      // What its recipe strewed into a mix was strewn when it was new.
      ...(carried
        ? []
        : [
            {
              recipe: brought ? mixes(start.recipeId)?.blend.recipe : startOf(pot).base.mix?.recipe,
              volumeL: brought ? brought.freshL : pot.volumes.fillVolumeL,
              day: plantedOn,
            },
          ]),
      ...refilled.map(({ fill, day }) => ({
        recipe: mixes(fill.recipeId)?.blend.recipe,
        volumeL: broughtBy(asked, fill, undefined).freshL,
        day,
      })),
    ],
  })
  const ledger = nutrientLedger(fed, [...strewn, ...given])
  const flowersOn = Math.min(...pot.plants.map(({ course }) => course.trusses[0]?.opensOn ?? days))
  const endsOn = Math.max(
    ...pot.plants.map(({ course }) => Math.min(days, course.endsOn) - 1),
    plantedOn,
  )
  const fedUntil = Math.max(
    ...pot.plants.map(({ course }) =>
      Math.min(endsOn, course.endsOn, (lastFeedOn(course) ?? days) - 1),
    ),
  )
  const rests = restsIn(pot)
  return {
    ...(rests && { rests }),
    pot,
    fed,
    strewn,
    given,
    ledger: { ...ledger, ecDsM: withMeasuredSalt(ledger.ecDsM, records, from, fed) },
    crop: first.variety.crop,
    flowersOn,
    endsOn,
    fedUntil,
  }
})

/** The nutrient ledger of a container of a course; undefined where nothing is planted in it. */
export const potFeeding = (course: GardenCourse, pot: PotCourse): PotFeeding | undefined =>
  feedingAt(course, pot, 0)

/** The same, so many seasons before the one that was asked for. */
function feedingAt(course: GardenCourse, pot: PotCourse, depth: number): PotFeeding | undefined {
  if (!pot.plants.length) return undefined
  const { garden, from } = course
  const left = (fill: Fill) =>
    fill.used && leftFor(garden, pot.container.id, fill, feedingAt, depth)
  const carried = carriedInto(course, pot, feedingAt, depth)
  return feedingOf({
    pot,
    records: sorted(garden.records).byContainer.get(pot.container.id) ?? NO_RECORDS,
    from,
    products: garden.products,
    mixTests: garden.mixTests,
    settings: garden.settings,
    recipes: garden.recipes,
    ingredients: garden.ingredients,
    carried,
    leftAtStart: carried ? undefined : left(startFillOf(pot)),
    lefts: refillsIn(pot, from).map(({ fill }) =>
      fill.fromContainerId === undefined ? undefined : left(fill),
    ),
  })
}
const NO_RECORDS: readonly GardenRecord[] = []

const SET_STAGES = ['set', 'colouring', 'cropping', 'done']

/** A pot's feed verdict on the evening of a day of its course. */
export function feedVerdictOn(feeding: PotFeeding, day: number, date: string): FeedVerdict {
  const { ledger, crop, fed, pot } = feeding
  const hasSet = pot.plants.some(({ course }) => SET_STAGES.includes(growthOn(course, date).stage))
  return judgeLedger(ledger, Math.max(0, day), { crop, hasSet, heldL: fed.heldL })
}

/** How the need of a container's plants comes about: their crop, and what a kilo of it takes. */
export function feedNeedReasons({ pot, fed, crop }: PotFeeding): readonly Reason[] {
  const cropKg = pot.plants.reduce(
    (sum, { course, planting }) => sum + cropForecast(course).totalKg * planting.count,
    0,
  )
  const seasonG = ofNutrients((one) => fed.needG[one].reduce((sum, grams) => sum + grams, 0))
  return needReasons(crop, cropKg, seasonG)
}

/** A pot as programmes are judged for it, from a day of its course on. */
export const programmePot = (feeding: PotFeeding, from: number): ProgrammePot => ({
  fed: feeding.fed,
  dosed: dosedPot(feeding.pot),
  crop: feeding.crop,
  flowersOn: feeding.flowersOn,
  from,
  to: feeding.endsOn,
  recorded: [...feeding.strewn, ...feeding.given.filter(({ day }) => day < from)],
})
