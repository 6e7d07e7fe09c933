import {
  judgeLedger,
  needReasons,
  nutrientLedger,
  nutrientNeed,
  ofNutrients,
  placementOf,
  summedNeed,
  type DosedPot,
  type FedPot,
  type FeedEvent,
  type FeedVerdict,
  type NutrientLedger,
  type NutrientRows,
  type ProgrammePot,
} from '../../feed'
import {
  feedProductOf,
  strewnG,
  type Garden,
  type GardenRecord,
  type RecordOf,
  type Settings,
} from '../../garden'
import { nitrogenDraw } from '../../mix'
import { cropForecast, growthOn, lastFeedOn, type Crop } from '../../plant'
import { dayOf, daysBetween, remembered, type Reason } from '../../units'
import { HOURS_A_DAY } from '../../weather'
import { type GardenCourse, type PotCourse, sorted, stretchOn } from '../course'
import { addedRows, carriedInto, withMeasuredSalt, type Carried } from './carried'

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
}

/**
 * Gardeners pour until it drains, and some runs down the wall before the mix is wet
 * through: a tenth of what is poured by hand.
 *
 * @source Yeager et al. 2013, Best Management Practices: Guide for Producing Nursery
 *   Crops: 10–15 % is the leaching to aim at
 */
const DRAINS_SHARE = 0.1

/** Litres of a course by the day, out of its hours. */
function byDay(hourly: Float64Array, days: number): Float64Array {
  const daily = new Float64Array(days)
  for (let hour = 0; hour < days * HOURS_A_DAY; hour++)
    daily[Math.floor(hour / HOURS_A_DAY)]! += hourly[hour] ?? 0
  return daily
}

const needOf = remembered((pot: PotCourse): NutrientRows =>
  summedNeed(
    pot.plants.map(({ course, variety, planting }) =>
      nutrientNeed({ course, crop: variety.crop, count: planting.count }),
    ),
    pot.weather.length,
  ),
)

/** What earlier seasons have left in a mix, and what was added to it since. */
interface Past {
  readonly carried: Carried | undefined
  readonly addedG: NutrientRows | undefined
}

/** A container as its nutrient ledger takes it. */
function fedPotOf(
  pot: PotCourse,
  plantedOn: number,
  water: Settings['water'],
  { carried, addedG }: Past,
): FedPot {
  const { mixOrUsual, volumes, weather, ofWater } = pot
  // What was in it as it was planted; what came later is added on its day.
  const atStart = stretchOn(pot.stretches, Math.max(0, plantedOn) * HOURS_A_DAY).base
  const { mix } = atStart
  const { fillVolumeL } = volumes
  const days = weather.length
  const pouredL = byDay(ofWater.run.givenL, days)
  const { rainL, leafM2 } = ofWater.weather
  const givenL = pouredL.map((litres, day) => litres + rainL[day]!)
  const hasReservoir = volumes.reservoirL > 0
  const drainedL = byDay(ofWater.run.drainedL, days)
  if (!hasReservoir)
    pouredL.forEach((litres, day) => {
      drainedL[day] = Math.max(drainedL[day]!, DRAINS_SHARE * litres)
    })
  const usedL = pot.referenceMm.map((mm, day) => mm * Math.max(0, leafM2[day]!))
  const blend = mix?.blend
  const draw = blend && nitrogenDraw(blend)
  const inPot = (mgL: number) => (mgL * atStart.volumes.fillVolumeL) / 1000
  return {
    days,
    plantedOn,
    needG: needOf(pot),
    tempC: Float64Array.from(weather, ({ tempMaxC, tempMinC }) => (tempMaxC + tempMinC) / 2),
    givenL,
    drainedL,
    pouredL,
    usedL,
    hasReservoir,
    heldL: mixOrUsual.drained.containerCapacity * fillVolumeL,
    saturatedL: mixOrUsual.curve.totalPorosity * fillVolumeL,
    startG: carried?.leftG ?? ofNutrients((one) => inPot(blend?.nutrientsMgL[one] ?? 0)),
    addedG,
    startEcDsM: carried?.ecDsM ?? blend?.ecDsM ?? 0,
    mixGivesG: inPot(draw?.giveMgL ?? 0),
    mixDrawsG: inPot(draw?.drawMgL ?? 0),
    water,
  }
}

/** What the recipe strewed into the mix, and what the records say was fed. */
function feedsOf(
  garden: FeedingGarden,
  pot: PotCourse,
  records: readonly GardenRecord[],
  { from, plantedOn, isNew }: { from: string; plantedOn: number; isNew: boolean },
): Pick<PotFeeding, 'strewn' | 'given'> {
  // What its recipe strewed into a mix was strewn when it was new.
  const recipe = isNew ? pot.stretches[0]!.base.mix?.recipe : undefined
  const strewn = (recipe?.amendments ?? []).flatMap((amendment): FeedEvent[] => {
    const product = feedProductOf(garden, amendment.productId)
    const massG = product && strewnG(garden, amendment, product, pot.volumes.fillVolumeL)
    if (!product || massG === undefined) return []
    return [{ day: plantedOn, product, massG, isInMix: true }]
  })
  const given = records.flatMap((record): FeedEvent[] => {
    if (record.kind === 'recharge') return rechargedBy(garden, record, from, plantedOn)
    if (record.kind !== 'feed' && record.kind !== 'lime') return []
    if (record.massG === undefined) return []
    const product = feedProductOf(garden, record.kind === 'feed' ? record.productId : 'ground')
    const day = daysBetween(from, dayOf(record.at))
    if (!product) return []
    const isDryRing = placementOf(product, dosedPot(pot)) === 'dryRimRing'
    return [{ day: Math.max(plantedOn, day), product, massG: record.massG, isDryRing }]
  })
  return { strewn, given }
}

/** What was worked in with a recharge; before planting it is there from planting on. */
const rechargedBy = (
  garden: FeedingGarden,
  { at, products = [] }: RecordOf<'recharge'>,
  from: string,
  plantedOn: number,
): FeedEvent[] =>
  products.flatMap(({ productId, massG }) => {
    const product = feedProductOf(garden, productId)
    const day = daysBetween(from, dayOf(at))
    return product && day >= 0 ? [{ day: Math.max(plantedOn, day), product, massG }] : []
  })

type FeedingGarden = Pick<Garden, 'products' | 'mixTests' | 'settings'>

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
  ): PotFeeding | undefined => {
    const [first] = pot.plants
    if (!first) return undefined
    const days = pot.weather.length
    const plantedOn = Math.min(...pot.plants.map(({ course }) => course.plantedOn))
    const addedG = addedRows({ recipes, ingredients, mixTests }, pot, from, plantedOn)
    const fed = fedPotOf(pot, plantedOn, settings.water, { carried, addedG })
    const { strewn, given } = feedsOf({ products, mixTests, settings }, pot, records, {
      from,
      plantedOn,
      isNew: !carried,
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
    return {
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
  const { garden, from } = course
  return feedingOf(
    pot,
    sorted(garden.records).byContainer.get(pot.container.id) ?? [],
    from,
    garden.products,
    garden.mixTests,
    garden.settings,
    garden.recipes,
    garden.ingredients,
    carriedInto(course, pot, feedingAt, depth),
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

/** A container as doses go by it. */
export const dosedPot = ({ volumes }: Pick<PotCourse, 'volumes'>): DosedPot => ({
  fillVolumeL: volumes.fillVolumeL,
  surfaceM2: volumes.surfaceM2,
  hasReservoir: volumes.reservoirL > 0,
})

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
