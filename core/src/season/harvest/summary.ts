import { sum as sumOf } from 'd3-array'
import { containerVolumes } from '../../container'
import { containerOn, seasonsOf, type Garden, type wasteCauses } from '../../garden'
import { floorUnderM2 } from '../../place'
import { addDays, dayOf, daysIntoWeek, InputError } from '../../units'
import { courseOfSeason } from './beside'
import { seasonCosts } from './costs'
import { expectedDays, NO_CROP, plus, type Band } from './expected'
import { pickedParts, type Part } from './picked'

export const harvestSides = ['week', 'variety', 'container', 'crop'] as const
export type HarvestSide = (typeof harvestSides)[number]

type WasteCause = (typeof wasteCauses)[number]

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
  /** The waste by its cause; what nobody named stands under none. */
  readonly wasteByKg: Readonly<Partial<Record<WasteCause | 'unknown', number>>>
  /** Of the whole season, by the growth of its plants. */
  readonly expectedKg?: Band
  /** Of the floor that its pots stand on, m². */
  readonly perM2?: number
  readonly perLitreMix?: number
  readonly perLitreWater?: number
  /** Of what the pots cost in these seasons; of a week nobody knows. */
  readonly perEuro?: number
}

/** The Monday of the week of a day. */
const mondayOf = (date: string): string => addDays(date, -daysIntoWeek(date, 1))

/** Fruit of nobody knows what stands under no name, and is counted. */
const keyOf = (by: HarvestSide, part: Omit<Part, 'share'>): string => {
  if (by === 'week') return mondayOf(part.date)
  if (by === 'container') return part.containerId
  return (by === 'variety' ? part.variety?.id : part.variety?.crop) ?? ''
}

interface Sum {
  massKg: number
  countedKgVariance: number
  count: number
  wasteKg: number
  readonly wasteByKg: Partial<Record<WasteCause | 'unknown', number>>
  expectedKg: Band
  readonly containerIds: Set<string>
}
const nothing = (): Sum => ({
  massKg: 0,
  countedKgVariance: 0,
  count: 0,
  wasteKg: 0,
  wasteByKg: {},
  expectedKg: NO_CROP,
  containerIds: new Set(),
})

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
    if (part.wasteKg > 0) {
      const why = part.pick.wasteWhy ?? 'unknown'
      sum.wasteByKg[why] = (sum.wasteByKg[why] ?? 0) + part.wasteKg
    }
    sum.containerIds.add(part.containerId)
  }
  for (const season of seasons)
    for (const day of expectedDays(courseOfSeason(garden, season).pots)) {
      const sum = sumFor(keyOf(by, day))
      sum.expectedKg = plus(sum.expectedKg, day.kg)
      sum.containerIds.add(day.containerId)
    }
  const costs = new Map<string, number>()
  for (const { id: seasonId } of seasons)
    for (const { containerId, price } of seasonCosts(garden, seasonId).perContainer)
      costs.set(containerId, (costs.get(containerId) ?? 0) + price)
  return [...sums]
    .map(([key, sum]) => {
      const cost = [...sum.containerIds].reduce((all, pot) => all + (costs.get(pot) ?? 0), 0)
      return {
        ...rowOf(garden, key, sum, inSpan),
        ...(by !== 'week' && cost > 0 && { perEuro: sum.massKg / cost }),
      }
    })
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
  const floorM2 = sumOf(pots, floorUnderM2)
  const waterL = pouredL(garden, sum.containerIds, inSpan)
  return {
    key,
    massKg: sum.massKg,
    ...(sum.countedKgVariance > 0 && { massSdKg: Math.sqrt(sum.countedKgVariance) }),
    count: Math.round(sum.count),
    wasteKg: sum.wasteKg,
    wasteByKg: sum.wasteByKg,
    ...(sum.expectedKg.middle > 0 && { expectedKg: sum.expectedKg }),
    ...(floorM2 > 0 && { perM2: sum.massKg / floorM2 }),
    ...(mixL > 0 && { perLitreMix: sum.massKg / mixL }),
    ...(waterL > 0 && { perLitreWater: sum.massKg / waterL }),
  }
}
