import { containerVolumes, type Container } from '../../container'
import {
  heldOn,
  nutrients,
  ofNutrients,
  type FedPot,
  type NutrientAmounts,
  type NutrientLedger,
  type NutrientRows,
} from '../../feed'
import {
  containerOn,
  mixesOf,
  seasonOfYear,
  seasonYearOf,
  type Fill,
  type Garden,
  type GardenRecord,
} from '../../garden'
import { addDays, dayOf, daysBetween, remembered } from '../../units'
import { gardenCourse, staysIn, type GardenCourse, type PotCourse } from '../course'
import { startFillOf, type LeftInMix } from './fillings'

interface Fed {
  readonly ledger: NutrientLedger
  readonly fed: { readonly plantedOn: number }
}
/** The ledger of a pot in a course, so many seasons before the one that was asked for. */
type FeedingFor = (course: GardenCourse, pot: PotCourse, depth: number) => Fed | undefined

/** What lies in a mix that was used: at hand in the root zone, and its salt. */
export interface Carried {
  readonly leftG: NutrientAmounts
  readonly ecDsM: number
  /** Day on whose evening it lay there. */
  readonly until: string
}

/** How far back a ledger is followed: what is older has been taken or washed out (memory). */
const MOST_SEASONS = 3

const leftOn = remembered(({ ledger }: Fed, day: number, until: string): Carried => ({
  leftG: ofNutrients((one) => ledger.rows[one].leftG[day]!),
  ecDsM: ledger.ecDsM[day]!,
  until,
}))

/** The course of one container alone through the season of a year. */
function courseOfOne(garden: Garden, container: Container, year: number): GardenCourse {
  const season = seasonOfYear(year, garden.place.latitudeDeg)
  return gardenCourse(garden, season.to, season, [container])
}

/** What a season has left in a container's mix by its end, by its own ledger; undefined where nothing grew in it. */
function leftAfter(
  garden: Garden,
  containerId: string,
  year: number,
  feedingFor: FeedingFor,
  depth: number,
): Carried | undefined {
  const season = seasonOfYear(year, garden.place.latitudeDeg)
  const grew = staysIn(garden, containerId).some(
    (stay) => dayOf(stay.from) <= season.to && !(stay.left && dayOf(stay.left.at) < season.from),
  )
  const container = garden.containers.find(({ id }) => id === containerId)
  if (!grew || !container || depth >= MOST_SEASONS) return undefined
  const then = courseOfOne(garden, container, year)
  const feeding = feedingFor(then, then.pots[0]!, depth + 1)
  return feeding && leftOn(feeding, feeding.ledger.days - 1, season.to)
}

const yearOf = ({ garden, today, from }: GardenCourse) =>
  seasonYearOf(today < from ? today : from, garden.place.latitudeDeg)

/**
 * What the season before has left of each nutrient and of salt, by its own ledger;
 * undefined where the mix was new this season, or nothing grew in it before.
 *
 * @param feedingFor the ledger of a pot in a course
 * @param depth      how many seasons were gone back already
 */
export function carriedInto(
  course: GardenCourse,
  pot: PotCourse,
  feedingFor: FeedingFor,
  depth: number,
): Carried | undefined {
  const { garden } = course
  const filledOn = pot.plants.length ? startFillOf(pot).filledOn : undefined
  const year = yearOf(course)
  if (filledOn === undefined || seasonYearOf(filledOn, garden.place.latitudeDeg) >= year)
    return undefined
  return leftAfter(garden, pot.container.id, year - 1, feedingFor, depth)
}

const perLitre = remembered(({ leftG, ecDsM }: Carried, volumeL: number): LeftInMix => ({
  leftGL: ofNutrients((one) => leftG[one] / volumeL),
  ecDsM,
}))

/**
 * What lay in the mix of a container that a pot was filled out of, as that was done;
 * undefined where nothing had grown in it.
 *
 * @param fill with a part that was used before
 */
export function leftFor(
  garden: Garden,
  containerId: string,
  { filledOn, fromContainerId = containerId }: Fill,
  feedingFor: FeedingFor,
  depth: number,
): LeftInMix | undefined {
  const container = garden.containers.find(({ id }) => id === fromContainerId)
  if (!container || filledOn === undefined || depth >= MOST_SEASONS) return undefined
  const before = addDays(filledOn, -1)
  const year = seasonYearOf(filledOn, garden.place.latitudeDeg)
  const inPot = (carried: Carried | undefined) =>
    carried &&
    perLitre(carried, containerVolumes(containerOn(garden, container, before)).fillVolumeL)
  // What grew in its own pot this season stands in the ledger that asks.
  if (fromContainerId !== containerId) {
    const then = courseOfOne(garden, container, year)
    const feeding = feedingFor(then, then.pots[0]!, depth + 1)
    const day = daysBetween(then.from, before)
    if (feeding && day >= feeding.fed.plantedOn && day >= 0)
      return inPot(leftOn(feeding, Math.min(day, feeding.ledger.days - 1), before))
  }
  return inPot(leftAfter(garden, fromContainerId, year - 1, feedingFor, depth))
}

/**
 * What mix that was added on the way brings, g a day: top-ups, and compost that is worked in.
 *
 * @param countedFrom day from which on it is not yet counted with what was in the pot at the
 *   start; what came before planting is there from planting on
 */
export function addedRows(
  garden: Parameters<typeof mixesOf>[0],
  pot: PotCourse,
  from: string,
  { plantedOn, countedFrom }: { readonly plantedOn: number; readonly countedFrom: number },
): NutrientRows | undefined {
  const mixes = mixesOf(garden)
  const days = pot.weather.length
  const rows = Object.fromEntries(
    nutrients.map((one) => [one, new Float64Array(days)]),
  ) as unknown as NutrientRows
  let isAny = false
  for (const { filledOn, recipeId, volumeL } of addedTo(pot)) {
    const blend = mixes(recipeId)?.blend
    const on = filledOn === undefined ? -1 : daysBetween(from, filledOn)
    const day = Math.max(0, plantedOn, on)
    if (!blend || filledOn === undefined || on < countedFrom || day >= days) continue
    isAny = true
    for (const one of nutrients) rows[one][day]! += (blend.nutrientsMgL[one] * volumeL) / 1000
  }
  return isAny ? rows : undefined
}

/** Mix that was put on top of what was there, or worked into it: what was taken out later as well. */
function addedTo({ stretches }: PotCourse): readonly Fill[] {
  const states = stretches.map(({ base }) => base.state)
  return states.flatMap(({ fills }, index) => {
    const before = states[index - 1]?.fills
    if (!before) return fills.slice(1)
    return fills.length > before.length ? fills.slice(before.length) : []
  })
}

/** A measured salt counts before the reckoned: the ledger goes on from it, and forgets it as water drains. */
export function withMeasuredSalt(
  ecDsM: Float64Array,
  records: readonly GardenRecord[],
  from: string,
  fed: FedPot,
): Float64Array {
  const measured = new Map(
    records.flatMap((record) =>
      record.kind === 'measurePh' && record.ecDsM !== undefined
        ? [[daysBetween(from, dayOf(record.at)), record.ecDsM] as const]
        : [],
    ),
  )
  if (!measured.size) return ecDsM
  let off = 0
  return ecDsM.map((reckoned, day) => {
    off *= Math.exp(-fed.drainedL[day]! / heldOn(fed, day))
    const found = measured.get(day)
    if (found !== undefined) off = found - reckoned
    return Math.max(0, reckoned + off)
  })
}
