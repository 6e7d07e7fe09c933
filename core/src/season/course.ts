import type { Container } from '../container'
import { mixesOf, type Garden, type GardenRecord } from '../garden'
import { openDay, weatherAt, type OpenDay, type SpotDay } from '../place'
import {
  canopyOn,
  growthCourse,
  type GrowthCourse,
  type Observation,
  type PlantStart,
} from '../plant'
import { addDays, dayOf, daysBetween } from '../units'
import { dayOfWater, depletionShare, waterUseL, type WaterDemand } from '../water'
import { referenceWaterMm } from '../weather'
import { plantCount, potBase, type PlantingBase, type PotBase } from './base'
import { skyOf, type Sky } from './sky'

/** Plants of one planting through the season. */
export interface PlantingCourse extends PlantingBase {
  readonly course: GrowthCourse
}

/** One container through the season, a value a day. */
export interface PotCourse extends PotBase {
  readonly weather: readonly SpotDay[]
  readonly plants: readonly PlantingCourse[]
  /** What the day draws from short grass where the container stands, mm. */
  readonly referenceMm: Float64Array
  /** To be given for the day's use, L. */
  readonly needL: Float64Array
  /** Given by the records, L. */
  readonly givenL: Float64Array
  /** 1 where the gardener skipped it. */
  readonly skipped: Uint8Array
  /** Missing from the drained pot in the morning, before it is watered, L. */
  readonly depletionL: Float64Array
}

/** The garden through a season: as recorded up to today, as planned after it. */
export interface GardenCourse {
  readonly garden: Garden
  readonly today: string
  readonly from: string
  readonly to: string
  readonly sky: Sky
  readonly openDays: readonly OpenDay[]
  readonly pots: readonly PotCourse[]
}

/** Given before this hour, water is there for the day. */
const EVENING_FROM = '14:00'
/** A plant of former years: its course is not followed further back. */
const LONGEST_DAYS = 300

/** What was done to one container, by day of the course. */
interface Doings {
  readonly morningL: Float64Array
  readonly eveningL: Float64Array
  readonly skipped: Uint8Array
  readonly observations: (Observation & { readonly plantingId?: string })[]
}

const nothingDone = (days: number): Doings => ({
  morningL: new Float64Array(days),
  eveningL: new Float64Array(days),
  skipped: new Uint8Array(days),
  observations: [],
})

function takeIn(doings: Doings, record: GardenRecord, day: number): void {
  const date = dayOf(record.at)
  switch (record.kind) {
    case 'water':
      if (record.at.slice(11) < EVENING_FROM) doings.morningL[day]! += record.volumeL
      else doings.eveningL[day]! += record.volumeL
      return
    case 'skipWater':
      doings.skipped[day] = 1
      return
    case 'height':
    case 'firstFlower':
    case 'firstRipe': {
      const seen =
        record.kind === 'height'
          ? { kind: record.kind, date, heightMm: record.heightMm }
          : { kind: record.kind, date }
      doings.observations.push({
        ...seen,
        ...(record.plantingId ? { plantingId: record.plantingId } : {}),
      })
    }
  }
}

type NurseryRecord = Extract<GardenRecord, { readonly kind: 'sow' | 'potOn' }>

/** Records of all containers, by container and day, and those of the nursery; gone through once. */
function doingsOf({ records }: Garden, dates: readonly string[]) {
  const dayOn = new Map(dates.map((date, day) => [date, day]))
  const byContainer = new Map<string, Doings>()
  const nursery: NurseryRecord[] = []
  for (const record of records) {
    if (record.kind === 'sow' || record.kind === 'potOn') nursery.push(record)
    const day = dayOn.get(dayOf(record.at))
    if (record.containerId === undefined || day === undefined) continue
    let doings = byContainer.get(record.containerId)
    if (!doings) byContainer.set(record.containerId, (doings = nothingDone(dates.length)))
    takeIn(doings, record, day)
  }
  return { byContainer, nursery }
}

/** The last time such a thing was done with a variety before it was planted. */
const lastBefore = (
  nursery: readonly NurseryRecord[],
  kind: NurseryRecord['kind'],
  varietyId: string,
  plantedOn: string,
): string | undefined =>
  nursery
    .filter((record) => record.kind === kind && record.varietyId === varietyId)
    .map((record) => dayOf(record.at))
    .filter((date) => date <= plantedOn)
    .sort()
    .at(-1)

const startOf = (
  nursery: readonly NurseryRecord[],
  { planting, variety }: PlantingBase,
): PlantStart => ({
  variety,
  plantedOn: planting.plantedOn,
  sownOn: lastBefore(nursery, 'sow', variety.id, planting.plantedOn),
  prickedOutOn: lastBefore(nursery, 'potOn', variety.id, planting.plantedOn),
})

/** What draws water from a container on a day of its course. */
export function demandOn(
  pot: Omit<PotCourse, 'needL' | 'depletionL'>,
  openDay: OpenDay,
  day: number,
): WaterDemand {
  const { container, volumes, weather, plants, referenceMm } = pot
  const here = weather[day]!
  const rainReaches = pot.shelter.rainShare > 0
  return {
    referenceMm: referenceMm[day]!,
    // Rain that a slab keeps off is told, but not counted.
    rainMm: (rainReaches ? here : openDay.weather).rainMm ?? 0,
    rainReaches,
    plants: plants.flatMap(({ course, planting }) => {
      const canopy = canopyOn(course, day)
      return canopy ? [{ ...canopy, count: planting.count }] : []
    }),
    exposure: container.exposure,
    surfaceM2: volumes.surfaceM2,
    mulchMm: container.mulchMm,
    material: container.material,
    wallM2: pot.wallM2,
  }
}

interface Given {
  readonly garden: Garden
  readonly openDays: readonly OpenDay[]
  readonly doings: Doings
  readonly nursery: readonly NurseryRecord[]
  /** Day of the course that is today; past its end where it lies beyond. */
  readonly today: number
}

/** Growth, use and water of a container, day by day. */
function potCourse(base: PotBase, { garden, openDays, doings, nursery, today }: Given): PotCourse {
  const days = openDays.length
  const weather = openDays.map((open) => weatherAt(base.shelter, open))
  const plantedOn = Math.min(
    days,
    ...base.plantings.map(({ planting }) => daysBetween(weather[0]!.date, planting.plantedOn)),
  )
  const referenceMm = new Float64Array(days)
  for (let day = Math.max(0, plantedOn); day < days; day++)
    referenceMm[day] = referenceWaterMm(weather[day]!, garden.place)
  const room = { ...base.volumes, plantCount: plantCount(garden, base.container.id) }
  const grown = (waterShare: Float64Array | undefined): PlantingCourse[] =>
    base.plantings.map((one) => ({
      ...one,
      course: growthCourse(
        startOf(nursery, one),
        room,
        weather,
        doings.observations.filter(
          ({ plantingId }) => plantingId === undefined || plantingId === one.planting.id,
        ),
        waterShare,
      ),
    }))
  const needL = new Float64Array(days)
  const depletionL = new Float64Array(days)
  const waterShare = new Float64Array(days).fill(1)
  const givenL = doings.morningL.map((morningL, day) => morningL + doings.eveningL[day]!)
  const freeShare = Math.min(
    ...base.plantings.map(({ variety }) => depletionShare[variety.crop]),
    1,
  )
  const run = (plants: readonly PlantingCourse[]): PotCourse => {
    const pot = { ...base, weather, plants, referenceMm, givenL, skipped: doings.skipped }
    const availableL = base.mix?.availableL
    let missingL = 0
    for (let day = Math.max(0, plantedOn); day < days; day++) {
      depletionL[day] = missingL
      const isPlanted = plants.some(({ course }) => day >= course.plantedOn && day < course.frostOn)
      needL[day] = 0
      if (!isPlanted) continue
      const use = waterUseL(demandOn(pot, openDays[day]!, day))
      needL[day] = use.waterL
      if (!availableL) continue
      // What was not recorded was not given; from today on it goes by the plan.
      const planL = Math.max(0, use.waterL - givenL[day]!)
      const isByPlan = day > today || (day === today && !doings.skipped[day])
      const morningL = doings.morningL[day]! + use.rainL + (isByPlan ? planL : 0)
      const usedL = use.transpirationL + use.surfaceL + use.wallL
      const after = dayOfWater(
        missingL,
        morningL,
        usedL,
        doings.eveningL[day]!,
        availableL,
        freeShare,
      )
      missingL = after.depletionL
      waterShare[day] = after.waterShare
    }
    return { ...pot, needL, depletionL }
  }
  const unhindered = run(grown(undefined))
  return waterShare.some((share) => share < 0.999) ? run(grown(waterShare)) : unhindered
}

/** The season of a year: March to November, half a year later in the south. */
export function seasonOf(year: number, latitudeDeg: number): { from: string; to: string } {
  return latitudeDeg >= 0
    ? { from: `${year}-03-01`, to: `${year}-11-30` }
    : { from: `${year}-09-01`, to: `${year + 1}-05-31` }
}

/** Days that a course is to have: the season about a day, and all that was planted for it. */
export function courseSpan(
  { plantings, place }: Garden,
  today: string,
): { from: string; to: string } {
  const year = Number(today.slice(0, 4))
  const isNorth = place.latitudeDeg >= 0
  const season = seasonOf(isNorth || today.slice(5, 7) > '06' ? year : year - 1, place.latitudeDeg)
  const farthest = addDays(today, -LONGEST_DAYS)
  const dates = [season.from, addDays(today, -14), ...plantings.map(({ plantedOn }) => plantedOn)]
  const first = dates.reduce((least, date) => (date < least ? date : least))
  const later = addDays(today, 14)
  return { from: first < farthest ? farthest : first, to: season.to > later ? season.to : later }
}

/**
 * The garden through a season, from what the gardener entered: each plant grown
 * by the weather where it stands, each pot watered as recorded up to today and by
 * the plan after it.
 *
 * @param at         today, a day or moment
 * @param span       first and last day; the season where left out
 * @param containers those asked for; all of the garden's where left out
 */
export function gardenCourse(
  garden: Garden,
  at: string,
  span: { readonly from: string; readonly to: string } = courseSpan(garden, dayOf(at)),
  containers: readonly Container[] = garden.containers,
  sky?: Sky,
): GardenCourse {
  const today = dayOf(at)
  const days = daysBetween(span.from, span.to) + 1
  const ofDays = sky ?? skyOf(garden, span.from, days, today)
  const openDays = ofDays.days.map((day) => openDay(day, garden.place))
  const { byContainer, nursery } = doingsOf(
    garden,
    openDays.map(({ weather }) => weather.date),
  )
  const mixes = mixesOf(garden)
  return {
    garden,
    today,
    ...span,
    sky: ofDays,
    openDays,
    pots: containers.map((container) =>
      potCourse(potBase(garden, container, mixes), {
        garden,
        openDays,
        doings: byContainer.get(container.id) ?? nothingDone(days),
        nursery,
        today: daysBetween(span.from, today),
      }),
    ),
  }
}
