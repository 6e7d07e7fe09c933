import type { Container } from '../container'
import { mixesOf, type Garden, type GardenRecord } from '../garden'
import { weatherAt, type OpenDay, type Place, type SpotDay } from '../place'
import { canopyOn, growthCourse, type GrowthCourse } from '../plant'
import { addDays, dayOf, daysBetween, remembered } from '../units'
import { dayOfWater, depletionShare, waterUseL, type WaterDemand } from '../water'
import { referenceWaterMm } from '../weather'
import { potBase, type PlantingBase, type PotBase } from './base'
import { doingsOf, sightingsIn, sorted, startOf, type NurseryRecord } from './doings'
import { openDaysOf, skyOf, type Sky } from './sky'

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

/** A plant of former years: its course is not followed further back. */
const LONGEST_DAYS = 300

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

const potCourse = remembered(courseOf)

/** Growth, use and water of a container, day by day. */
function courseOf(
  base: PotBase,
  place: Place,
  records: readonly GardenRecord[],
  nursery: readonly NurseryRecord[],
  openDays: readonly OpenDay[],
  todayDate: string,
  expectedFrostOn: string | undefined,
): PotCourse {
  const days = openDays.length
  const doings = doingsOf(
    records,
    openDays.map(({ weather }) => weather.date),
  )
  const weather = openDays.map((open) => weatherAt(base.shelter, open))
  const today = daysBetween(weather[0]!.date, todayDate)
  const plantedOn = Math.min(
    days,
    ...base.plantings.map(({ planting }) => daysBetween(weather[0]!.date, planting.plantedOn)),
  )
  const referenceMm = new Float64Array(days)
  for (let day = Math.max(0, plantedOn); day < days; day++)
    referenceMm[day] = referenceWaterMm(weather[day]!, place)
  const grown = (waterShare: Float64Array | undefined): PlantingCourse[] =>
    base.plantings.map((one) => ({
      ...one,
      course: growthCourse(
        { ...startOf(nursery, one), expectedFrostOn },
        base.room,
        weather,
        sightingsIn(records, one.planting),
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
      // A day of which nothing was written down is taken to have gone by the plan,
      // as are the days to come; what was written down stands as it is.
      const planL = Math.max(0, use.waterL - givenL[day]!)
      const isByPlan = !doings.skipped[day] && (day >= today || givenL[day] === 0)
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

/** The gardener's own first frost, where it falls on a day of which nothing is known but the time of year. */
const expectedFrost = ({ firstFrost }: Place, { days, sources }: Sky): string | undefined =>
  firstFrost === undefined
    ? undefined
    : days.find(({ date }, day) => date.endsWith(firstFrost) && sources[day] === 'typical')?.date

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
  const openDays = openDaysOf(ofDays, garden.place)
  const { byContainer, nursery } = sorted(garden.records)
  const mixes = mixesOf(garden)
  const expectedFrostOn = expectedFrost(garden.place, ofDays)
  return {
    garden,
    today,
    ...span,
    sky: ofDays,
    openDays,
    pots: containers.map((container) =>
      potCourse(
        potBase(garden, container, mixes),
        garden.place,
        byContainer.get(container.id) ?? [],
        nursery,
        openDays,
        today,
        expectedFrostOn,
      ),
    ),
  }
}
