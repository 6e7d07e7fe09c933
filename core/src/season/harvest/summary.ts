import { containerVolumes } from '../../container'
import {
  containerOn,
  seasonsOf,
  standingOn,
  varietyOf,
  type Garden,
  type Planting,
  type RecordOf,
  type SeasonOf,
} from '../../garden'
import { cropForecast, type Variety } from '../../plant'
import { addDays, dayOf, daysIntoWeek, InputError, remembered } from '../../units'
import { gardenCourse } from '../course'
import { lastKnownDay } from './asked'
import { learnedFruitMass, type FruitMass } from './learned'

export const harvestSides = ['week', 'variety', 'container', 'crop'] as const
export type HarvestSide = (typeof harvestSides)[number]

/** What one week, variety, pot or crop gave. */
export interface HarvestRow {
  /** Id of the variety or container, `tomato` or `pepper`, or the Monday of the week. */
  readonly key: string
  readonly massKg: number
  /** How far off that may be where fruit was counted and not weighed. */
  readonly massSdKg?: number
  /** Fruits that were counted. */
  readonly count: number
  /** Of the mass, thrown away. */
  readonly wasteKg: number
  /** Of the whole season, by the growth of its plants. */
  readonly expectedKg?: { readonly least: number; readonly middle: number; readonly most: number }
  readonly perLitreMix?: number
  readonly perLitreWater?: number
}

/** A part of a picking, or of what is expected; of whose fruit it was, as far as that is known. */
interface Part {
  readonly containerId: string
  readonly variety: Variety | undefined
  readonly date: string
  readonly share: number
}

/** The Monday of the week of a day. */
const mondayOf = (date: string): string => addDays(date, -daysIntoWeek(date, 1))

/** Fruit of nobody knows what stands under no name, and is counted. */
const keyOf = (by: HarvestSide, part: Omit<Part, 'share'>): string => {
  if (by === 'week') return mondayOf(part.date)
  if (by === 'container') return part.containerId
  return (by === 'variety' ? part.variety?.id : part.variety?.crop) ?? ''
}

/** The plantings whose fruit a picking may be: the one it names, those that stood there, or the last that did. */
function plantingsOf(garden: Garden, pick: RecordOf<'pick'>, date: string): readonly Planting[] {
  const named = garden.plantings.find(({ id }) => id === pick.plantingId)
  if (named) return [named]
  const isHere = ({ containerId }: Planting) => containerId === pick.containerId
  const standing = standingOn(garden, date).filter(isHere)
  if (standing.length > 0) return standing
  const last = garden.plantings
    .filter((one) => isHere(one) && one.plantedOn <= date)
    .sort((one, other) => (one.plantedOn < other.plantedOn ? 1 : -1))
  return last.slice(0, 1)
}

/** A picking, parted by the plants that it may be of. */
function partsOf(garden: Garden, pick: RecordOf<'pick'>): readonly Part[] {
  const date = dayOf(pick.at)
  const plantings = plantingsOf(garden, pick, date)
  const plants = plantings.reduce((sum, { count }) => sum + count, 0)
  const containerId = pick.containerId ?? ''
  if (plants === 0) return [{ containerId, variety: undefined, date, share: 1 }]
  return plantings.map((planting) => ({
    containerId: planting.containerId,
    variety: varietyOf(garden, planting.varietyId),
    date,
    share: planting.count / plants,
  }))
}

interface Sum {
  massKg: number
  countedKgVariance: number
  count: number
  wasteKg: number
  leastKg: number
  middleKg: number
  mostKg: number
  readonly containerIds: Set<string>
}
const nothing = (): Sum => ({
  massKg: 0,
  countedKgVariance: 0,
  count: 0,
  wasteKg: 0,
  leastKg: 0,
  middleKg: 0,
  mostKg: 0,
  containerIds: new Set(),
})

/** A picking, or the part of it that is of one planting, as it was weighed or as its fruits weigh here. */
export interface PickedPart extends Omit<Part, 'share'> {
  readonly pick: RecordOf<'pick'>
  readonly massKg: number
  /** How far off that may be where fruit was counted and not weighed; else 0. */
  readonly countedSdKg: number
  readonly count: number
  readonly wasteKg: number
}

/** Everything that was ever picked, parted by the plants it is of. */
export const pickedParts = remembered((garden: Garden): readonly PickedPart[] => {
  const picks = garden.records.filter((one) => one.kind === 'pick')
  const parted = picks.map((pick) => ({ pick, parts: partsOf(garden, pick) }))
  const masses = new Map<string, FruitMass>()
  const fruitMass = (variety: Variety): FruitMass => {
    const known = masses.get(variety.id)
    if (known) return known
    const own = parted.filter(({ parts }) => parts.length === 1 && parts[0]!.variety === variety)
    const learned = learnedFruitMass(
      variety,
      own.map(({ pick }) => pick),
    )
    masses.set(variety.id, learned)
    return learned
  }
  return parted.flatMap(({ pick, parts }) =>
    parts.map(({ share, ...part }): PickedPart => {
      const { massG, count = 0, wasteG = 0 } = pick
      const { meanG, sdG } = part.variety ? fruitMass(part.variety) : UNKNOWN_FRUIT
      return {
        ...part,
        pick,
        massKg: ((massG ?? count * meanG) * share) / 1000,
        countedSdKg: massG === undefined ? (count * sdG * share) / 1000 : 0,
        count: count * share,
        wasteKg: (wasteG * share) / 1000,
      }
    }),
  )
})

/** Fruit of which not even the crop is known weighs what is written of it. */
const UNKNOWN_FRUIT: FruitMass = { meanG: 0, sdG: 0 }

/** Adds what the plants of a season were expected to give, day by day of each week of theirs. */
function addExpected(
  garden: Garden,
  season: SeasonOf,
  by: HarvestSide,
  sumFor: (key: string) => Sum,
) {
  const at = lastKnownDay(garden, season)
  for (const pot of gardenCourse(garden, at, season).pots)
    for (const { course, planting, variety } of pot.plants) {
      const { weeks, totalKg, leastKg, mostKg } = cropForecast(course)
      if (totalKg <= 0) continue
      for (const { from, cropKg } of weeks)
        for (let day = 0; day < 7; day++) {
          const sum = sumFor(
            keyOf(by, { containerId: planting.containerId, variety, date: addDays(from, day) }),
          )
          const kg = (cropKg / 7) * planting.count
          sum.middleKg += kg
          sum.leastKg += (kg * leastKg) / totalKg
          sum.mostKg += (kg * mostKg) / totalKg
          sum.containerIds.add(planting.containerId)
        }
    }
}

/** Water that was poured into some pots in a span, that of their feeds counted in, L. */
function pouredL(
  garden: Garden,
  ids: ReadonlySet<string>,
  inSpan: (at: string) => boolean,
): number {
  let litres = 0
  for (const record of garden.records)
    if (
      (record.kind === 'water' || record.kind === 'feed') &&
      record.containerId !== undefined &&
      ids.has(record.containerId) &&
      inSpan(record.at)
    )
      litres += record.volumeL ?? 0
  return litres
}

/**
 * What a garden gave, by week, variety, pot or crop: weighed, or counted and
 * weighed by what a fruit of its variety weighs here; beside it what its plants
 * were expected to give in the whole season.
 *
 * @throws InputError `unknownSeason` where the garden has no such season
 */
export function harvestSummary(
  garden: Garden,
  { season: id, by }: { readonly season?: string; readonly by: HarvestSide },
): readonly HarvestRow[] {
  const all = seasonsOf(garden)
  const seasons = id === undefined ? all : all.filter((one) => one.id === id)
  if (id !== undefined && seasons.length === 0) throw new InputError('unknownSeason', { given: id })
  const inSpan = (at: string) =>
    seasons.some(({ from, to }) => from <= dayOf(at) && dayOf(at) <= to)
  const sums = new Map<string, Sum>()
  const sumFor = (key: string): Sum => {
    const sum = sums.get(key) ?? nothing()
    sums.set(key, sum)
    return sum
  }
  for (const part of pickedParts(garden)) {
    if (!inSpan(part.pick.at)) continue
    const sum = sumFor(keyOf(by, part))
    sum.massKg += part.massKg
    // A fruit's mass is off the same way for all that were counted.
    sum.countedKgVariance += part.countedSdKg ** 2
    sum.count += part.count
    sum.wasteKg += part.wasteKg
    sum.containerIds.add(part.containerId)
  }
  for (const season of seasons) addExpected(garden, season, by, sumFor)
  return [...sums]
    .map(([key, sum]) => rowOf(garden, key, sum, inSpan))
    .sort((one, other) =>
      by === 'week' ? (one.key < other.key ? -1 : 1) : other.massKg - one.massKg,
    )
}

function rowOf(garden: Garden, key: string, sum: Sum, inSpan: (at: string) => boolean): HarvestRow {
  const pots = garden.containers.filter(({ id }) => sum.containerIds.has(id))
  const mixL = pots.reduce(
    (litres, pot) =>
      litres +
      containerVolumes(containerOn(garden, pot, garden.records.at(-1)?.at ?? key)).fillVolumeL,
    0,
  )
  const waterL = pouredL(garden, sum.containerIds, inSpan)
  return {
    key,
    massKg: sum.massKg,
    ...(sum.countedKgVariance > 0 && { massSdKg: Math.sqrt(sum.countedKgVariance) }),
    count: Math.round(sum.count),
    wasteKg: sum.wasteKg,
    ...(sum.middleKg > 0 && {
      expectedKg: { least: sum.leastKg, middle: sum.middleKg, most: sum.mostKg },
    }),
    ...(mixL > 0 && { perLitreMix: sum.massKg / mixL }),
    ...(waterL > 0 && { perLitreWater: sum.massKg / waterL }),
  }
}
