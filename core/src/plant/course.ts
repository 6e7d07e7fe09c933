import { addDays, daysBetween } from '../units'
import { MOL_PER_MJ } from '../weather'
import { lightShareOf } from './light'
import {
  ownDevelopment,
  ownHeight,
  type Observation,
  type OwnDevelopment,
  type OwnHeight,
} from './observations'
import {
  cutBackLife,
  startOfStem,
  stemCourse,
  topOf,
  type Life,
  type PlantPruning,
} from './pruning'
import { yieldByDay, type RelativeYield, type RoomFrom, type RootRoom } from './rootRoom'
import { areaShareOf, lengthShareOf } from './size'
import { trussCourses, type PlantDay, type TrussCourse } from './trusses'
import { isVine } from './variety'
import type { Variety } from './varietySchema'
import { dayReaching, summerDays } from './warmth'

/** A plant with its days. */
export interface PlantStart {
  readonly variety: Variety
  readonly plantedOn: string
  /** Day on which it was taken out; left out where it still stands. */
  readonly endedOn?: string | undefined
  /** Day from which it stands in this container, where it stood in another one before. */
  readonly movedInOn?: string | undefined
  /** What was taken off it, in order of time. */
  readonly prunings?: readonly PlantPruning[] | undefined
  /** Of its stem, what went below the mix: at planting, and with each top-up. */
  readonly burials?: readonly { readonly date: string; readonly buriedMm: number }[] | undefined
  readonly sownOn?: string | undefined
  readonly prickedOutOn?: string | undefined
  /** First frost of autumn as the gardener expects it, where the weather then is not known. */
  readonly expectedFrostOn?: string | undefined
  /** What an earlier season of its pot told: warmth to first ripe fruit over that of its variety. */
  readonly told?: { readonly ripeShare: number; readonly season: string } | undefined
}

/** A plant through its season, a value for the evening of each day. */
export interface GrowthCourse {
  readonly plant: PlantStart
  readonly from: string
  readonly days: number
  /** Day of the course on which it was planted; negative where that was before it. */
  readonly plantedOn: number
  /** Since planting, days of a normal summer. */
  readonly warmth: Float64Array
  readonly heightMm: Float64Array
  readonly canopyM2: Float64Array
  readonly trusses: readonly TrussCourse[]
  readonly development: OwnDevelopment
  readonly height: OwnHeight
  /** As a share of a plant with all the room it needs. */
  readonly yield: RelativeYield
  /** Mean of what light and water left of its growth since planting, 0–1, day by day. */
  readonly lightShare: Float64Array
  readonly waterShare: Float64Array
  /** Day on which frost ended it; past the end where none did. */
  readonly frostOn: number
  /** Days of the course between which it stands in this container, the last not counted. */
  readonly standsFrom: number
  readonly endsOn: number
  /** Between which it rests, cut back and not shooting yet, the last not counted; left out where it does not. */
  readonly rests?: { readonly from: number; readonly to: number }
}

/** However deep it is buried, so much is left standing, mm. */
const LEAST_STANDING_MM = 30
/** Leaf at planting beside grown leaf (memory). */
const PLANTED_CANOPY_SHARE = 0.03
/** Grown, beside the warmth to first ripe fruit: leaf, bush height, and the height of a vine (memory). */
const GROWN_AT = { leaf: 0.9, bush: 0.9, vine: 1.2 } as const
/** Frost at the leaf, °C (memory). */
const FROST_C = -0.5

/** An S-curve from 0 at no warmth to nearly 1 when grown. */
function sCurveTo(grown: number): (warmth: number) => number {
  const start = 1 / (1 + Math.exp(4))
  return (warmth) => {
    const share = 1 / (1 + Math.exp(4 - (8 * warmth) / grown))
    return Math.max(0, (share - start) / (1 - start))
  }
}

/**
 * A plant's course through a season: warmth, height, leaf and fruit, day by day.
 *
 * Warmth drives its development; the room of its roots, light and
 * water decide how large it grows on the way. What was seen of it puts its own
 * course in the place of its variety's. A plant that is cut back begins a second
 * life on that day, ahead of a seedling by its roots and wood.
 *
 * @param plant        variety, days, and what was done to it
 * @param container    its root room: one, or one from each change on
 * @param weather      days in a row where it stands
 * @param observations measured heights, first flower, first ripe fruit
 * @param hadWater     of the water it wanted, what it had each day, 0–1; all where left out
 */
export function growthCourse(
  plant: PlantStart,
  container: RootRoom | readonly RoomFrom[],
  weather: readonly PlantDay[],
  observations: readonly Observation[],
  hadWater?: Float64Array,
): GrowthCourse {
  const from = weather[0]?.date ?? plant.plantedOn
  const to = addDays(from, weather.length - 1)
  const cut = plant.prunings?.findLast(
    ({ what, date }) => what === 'cutBack' && date > plant.plantedOn && date <= to,
  )
  if (!cut) return lifeCourse(plant, container, weather, observations, hadWater)
  const second: PlantStart = {
    ...plant,
    plantedOn: cut.date < from ? from : cut.date,
    burials: plant.burials?.filter(({ date }) => date > cut.date),
    prunings: plant.prunings?.filter(({ date }) => date > cut.date),
  }
  const later = observations.filter(({ date }) => date > cut.date)
  const after = lifeCourse(second, container, weather, later, hadWater, cutBackLife)
  const first: PlantStart = {
    ...plant,
    prunings: plant.prunings?.filter((one) => one.date < cut.date),
  }
  const sooner = observations.filter(({ date }) => date <= cut.date)
  const before = lifeCourse(first, container, weather, sooner, hadWater)
  const cutOn = daysBetween(from, cut.date)
  const joined = (one: Float64Array, other: Float64Array) =>
    one.map((value, day) => (day < cutOn ? value : other[day]!))
  const isKilled = before.frostOn < Math.min(cutOn, before.days)
  if (isKilled) return before
  const restsFrom = Math.max(0, cutOn)
  return {
    ...after,
    plant,
    rests: {
      from: restsFrom,
      to: dayReaching(after.warmth, after.warmth[restsFrom]! + SHOOTS_AFTER),
    },
    plantedOn: before.plantedOn,
    standsFrom: before.standsFrom,
    warmth: joined(before.warmth, after.warmth),
    heightMm: joined(before.heightMm, after.heightMm),
    canopyM2: joined(before.canopyM2, after.canopyM2),
    lightShare: joined(before.lightShare, after.lightShare),
    waterShare: joined(before.waterShare, after.waterShare),
    // What hung on it when it was cut is gone with the shoots.
    trusses: [...before.trusses.filter(({ ripeOn }) => ripeOn < cutOn), ...after.trusses],
  }
}

/** Daily light up to which a plant that was cut back rests, as it does in winter behind a window, mol/m² (memory). */
const REST_MOL = 6
/** How fast a plant that was cut back grows beside its usual pace, 0–1: by the light above that. */
const shootsShare = ({ radiationMjM2 }: PlantDay) =>
  Math.max(0, lightShareOf(radiationMjM2 * MOL_PER_MJ) - lightShareOf(REST_MOL)) /
  (1 - lightShareOf(REST_MOL))

/** So many days of a normal summer after it was cut back it has leaves again that take water and feed (memory). */
const SHOOTS_AFTER = 3

/** One life of a plant, from planting or from where it was cut back. */
function lifeCourse(
  plant: PlantStart,
  container: RootRoom | readonly RoomFrom[],
  weather: readonly PlantDay[],
  observations: readonly Observation[],
  hadWater?: Float64Array,
  lifeOf?: (development: OwnDevelopment) => Life,
): GrowthCourse {
  const { variety } = plant
  const days = weather.length
  const from = weather[0]?.date ?? plant.plantedOn
  const plantedOn = daysBetween(from, plant.plantedOn)
  const endedOn = plant.endedOn === undefined ? days : daysBetween(from, plant.endedOn)
  const yieldOn = yieldByDay(variety, container, from, days)
  const expected = yieldOn(Math.min(days, endedOn) - 1)

  const warmth = new Float64Array(days)
  const lightShare = new Float64Array(days).fill(1)
  const waterShare = new Float64Array(days).fill(1)
  let frostOn = days
  let [sum, light, water] = [0, 0, 0]
  for (let day = Math.max(0, plantedOn); day < days; day++) {
    const here = weather[day]!
    const isFrost = here.tempMinC <= FROST_C || here.date === plant.expectedFrostOn
    if (frostOn === days && isFrost) frostOn = day
    const counted = day - Math.max(0, plantedOn) + 1
    light += lightShareOf(here.radiationMjM2 * MOL_PER_MJ)
    const had = hadWater?.[day] ?? 1
    water += had
    lightShare[day] = light / counted
    waterShare[day] = water / counted
    // A plant short of water stands still for as long.
    if (day < frostOn && day <= endedOn)
      sum += summerDays(variety.crop, here) * had * (lifeOf ? shootsShare(here) : 1)
    warmth[day] = sum
  }

  const development = ownDevelopment(variety, observations, warmth, from, plant.told?.ripeShare)
  const life = lifeOf?.(development)
  if (life) for (let day = Math.max(0, plantedOn); day < days; day++) warmth[day]! += life.warmth
  const toFirstRipe = development.flower + development.toRipe
  const grownAt = toFirstRipe * (isVine(variety) ? GROWN_AT.vine : GROWN_AT.bush)
  const tall = sCurveTo(grownAt)
  const leafy = sCurveTo(toFirstRipe * GROWN_AT.leaf)
  const grownOf = (perPlant: number) => variety.matureHeightMm * lengthShareOf(perPlant)
  const grownMm = grownOf(expected.perPlant)
  const startMm = startOfStem(life, grownMm)
  const heightAt = (at: number) => startMm + (grownMm - startMm) * tall(at)
  const top = topOf(plant, warmth, from)
  const stemMm = stemCourse(
    { days, start: Math.max(0, plantedOn), warmth, tall, top, life },
    (day) => grownOf(yieldOn(day).perPlant),
  )
  const height = ownHeight(observations, (date) => {
    const day = daysBetween(from, date)
    const isHere = day >= Math.max(0, plantedOn) && day < days
    return isHere ? Math.max(1, stemMm[day]! - top.buriedMm(day)) : undefined
  })

  const heightMm = new Float64Array(days)
  const canopyM2 = new Float64Array(days)
  let leaf = 0
  for (let day = Math.max(0, plantedOn); day < days; day++) {
    const at = warmth[day]!
    heightMm[day] = Math.max(LEAST_STANDING_MM, stemMm[day]! * height.factor - top.buriedMm(day))
    const grown = leafy(at)
    const massShare = yieldOn(day).perPlant * lightShare[day]!
    const startShare = life?.canopyShare ?? PLANTED_CANOPY_SHARE
    if (day < top.stoppedOn)
      leaf = Math.max(
        leaf,
        variety.matureCanopyM2 *
          areaShareOf(massShare) *
          height.factor ** 2 *
          (startShare + (1 - startShare) * grown),
      )
    canopyM2[day] = leaf * top.leafShare(day)
  }

  const trusses = trussCourses(
    variety,
    { weather, warmth, development, grownMm, heightAt },
    top,
    height,
  )
  return {
    plant,
    from,
    days,
    plantedOn,
    warmth,
    heightMm,
    canopyM2,
    trusses,
    development,
    height,
    yield: expected,
    lightShare,
    waterShare,
    frostOn,
    standsFrom: Math.max(
      plantedOn,
      plant.movedInOn === undefined ? plantedOn : daysBetween(from, plant.movedInOn),
    ),
    endsOn: Math.min(frostOn, endedOn),
  }
}
