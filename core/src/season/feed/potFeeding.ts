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
import { mixesOf, type Fill, type Garden, type GardenRecord, type Settings } from '../../garden'
import { cropForecast, growthOn, lastFeedOn, type Crop } from '../../plant'
import { daysBetween, remembered, type Reason } from '../../units'
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

/** Whether plants in a pot have any use of feed on a day of its course. */
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

const feedingOf = remembered(
  (
    pot: PotCourse,
    records: readonly GardenRecord[],
    from: string,
    products: Garden['products'],
    mixTests: Garden['mixTests'],
    settings: Settings,
    recipes: Garden['recipes'],
    ingredients: Garden['ingredients'],
    carried: Carried | undefined,
    leftAtStart: LeftInMix | undefined,
    lefts: readonly (LeftInMix | undefined)[],
  ): PotFeeding | undefined => {
    const [first] = pot.plants
    if (!first) return undefined
    const days = pot.weather.length
    const plantedOn = plantedOnOf(pot)
    const mixed = { recipes, ingredients, mixTests }
    const start = startFillOf(pot)
    const refilled = refillsIn(pot, from)
    const brought = !carried && start.used ? broughtBy(mixed, start, leftAtStart) : undefined
    const startDay = daysBetween(from, start.filledOn ?? from)
    const fed = fedPotOf(pot, plantedOn, settings.water, {
      carried:
        carried ?? (brought && { leftG: brought.grams, ecDsM: brought.salt / start.volumeL }),
      addedG: addedRows(mixed, pot, from, {
        plantedOn,
        // What a ledger goes on from ends with its season; a blend has all up to the planting in it.
        countedFrom: carried
          ? 0
          : brought
            ? -Infinity
            : plantedOn + (startDay === plantedOn ? 1 : 0),
      }),
      otherWater: otherWaterOf(pot, records, from, settings),
      refills: refilled.map((filling, index) => refillOf(mixed, filling, lefts[index])),
    })
    const mixes = mixesOf(mixed)
    const { strewn, given } = feedsOf({ products, mixTests, settings }, pot, records, {
      from,
      plantedOn,
      fresh: [
        // What its recipe strewed into a mix was strewn when it was new.
        ...(carried
          ? []
          : [
              {
                recipe: brought
                  ? mixes(start.recipeId)?.blend.recipe
                  : startOf(pot).base.mix?.recipe,
                volumeL: brought ? brought.freshL : pot.volumes.fillVolumeL,
                day: plantedOn,
              },
            ]),
        ...refilled.map(({ fill, day }) => ({
          recipe: mixes(fill.recipeId)?.blend.recipe,
          volumeL: broughtBy(mixed, fill, undefined).freshL,
          day,
        })),
      ],
    })
    const ledger = nutrientLedger(fed, [...strewn, ...given])
    const flowersOn = Math.min(
      ...pot.plants.map(({ course }) => course.trusses[0]?.opensOn ?? days),
    )
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
  },
)

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
  return feedingOf(
    pot,
    sorted(garden.records).byContainer.get(pot.container.id) ?? [],
    from,
    garden.products,
    garden.mixTests,
    garden.settings,
    garden.recipes,
    garden.ingredients,
    carried,
    carried ? undefined : left(startFillOf(pot)),
    refillsIn(pot, from).map(({ fill }) =>
      fill.fromContainerId === undefined ? undefined : left(fill),
    ),
  )
}

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
