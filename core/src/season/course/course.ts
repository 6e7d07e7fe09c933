import type { Container } from '../../container'
import { mixesOf, waysOf, type Garden, type GardenRecord } from '../../garden'
import { weatherAt, type OpenDay, type Place, type SpotDay } from '../../place'
import { growthCourse, type PlantStart } from '../../plant'
import { dayOf, daysBetween, remembered, rememberedBy } from '../../units'
import { EVENING_FROM_H, MORNING_H, waterUseL, type VisitTimes } from '../../water'
import { HOURS_A_DAY } from '../../weather'
import { livesIn, roomsOf, treatedOf, yieldIn, type PlantLife } from './lives'
import { stretchesOf, type Stretch } from './changes'
import { canopiesOn, demandOn, plantKgOn, type PlantingCourse } from './leaf'
import type { PotBase } from './pot'
import {
  hourStretches,
  stretchOn,
  waterStretches,
  waterThrough,
  type HourStretch,
} from './stretches'
import {
  doingsOf,
  hourOf,
  sightingsIn,
  sorted,
  startOf,
  type Doings,
  type NurseryRecord,
} from './recorded'
import { frostsOfPlace, openDaysOf, skyOf, type Sky } from './sky'
import { courseSpan } from './span'
import {
  dailyShareOf,
  hourlyDays,
  visitsOf,
  waterDriveOf,
  waterOf,
  type PlannedWater,
  type PotWater,
  carriedOptions,
} from './potWater'
import { isLookedAtAfterPouring, testsOf } from './waterTests'

/** One container through the season, a value a day; what it is itself is told as it stands today. */
export interface PotCourse extends PotBase {
  /** From change to change of it, each with the hour of the course from which it stands so. */
  readonly stretches: readonly HourStretch[]
  readonly weather: readonly SpotDay[]
  readonly plants: readonly PlantingCourse[]
  /** What the day draws from short grass where the container stands, mm. */
  readonly referenceMm: Float64Array
  /** Used in the day by one that is not short of it, less its rain, L. */
  readonly needL: Float64Array
  /** Given by the records, L. */
  readonly givenL: Float64Array
  /** Beside that by the plan, before the evening and in it, L. */
  readonly morningL: Float64Array
  readonly eveningL: Float64Array
  /** 1 where the gardener skipped it. */
  readonly skipped: Uint8Array
  /** The records of its water. */
  readonly recorded: Doings
  /** Its water hour by hour. */
  readonly ofWater: PotWater
}

/** The garden through a season: as recorded up to today, as planned after it. */
export interface GardenCourse {
  readonly garden: Garden
  readonly today: string
  /** Hour of today, 0–23. */
  readonly nowH: number
  readonly from: string
  readonly to: string
  readonly sky: Sky
  readonly openDays: readonly OpenDay[]
  readonly pots: readonly PotCourse[]
}

/** A plant that has less of its water on some day grows less for it. */
const SHORT_BELOW = 0.999

const potCourse = rememberedBy('container', courseOf)

/** All that a container's course is made of. */
interface CourseAsked {
  readonly container: Container
  readonly stretches: readonly Stretch[]
  /** The stays of its plants, and what was done to their stems. */
  readonly lives: readonly PlantLife[]
  readonly place: Place
  /** Of this container, and of the nursery. */
  readonly records: readonly GardenRecord[]
  readonly nursery: readonly NurseryRecord[]
  readonly openDays: readonly OpenDay[]
  readonly todayDate: string
  /** Hour of that day. */
  readonly nowH: number
  readonly expectedFrosts: readonly string[]
  /** When the gardener comes by with the can. */
  readonly times: VisitTimes
}

/** What its gardener took over of a container from an earlier season. */
const toldOf = ({ carried }: Container): PlantStart['told'] =>
  carried?.ripeShare === undefined
    ? undefined
    : { ripeShare: carried.ripeShare, season: carried.season }

/** Growth and water of a container. */
function courseOf({
  stretches: byMoment,
  lives,
  place,
  records,
  nursery,
  openDays,
  todayDate,
  nowH,
  expectedFrosts,
  times,
}: CourseAsked): PotCourse {
  const days = openDays.length
  const dates = openDays.map(({ weather }) => weather.date)
  const from = dates[0]!
  const doings = doingsOf(records, dates)
  const stretches = hourStretches(byMoment, from)
  const onDay = (day: number) => stretchOn(stretches, (day + 1) * HOURS_A_DAY - 1).base
  const weather = openDays.map((open, day) => weatherAt(onDay(day).shelter, open))
  const today = daysBetween(from, todayDate)
  // Watered and then looked at within this hour: what was found is where it goes on from.
  const thisHour = `${todayDate}T${String(nowH).padStart(2, '0')}`
  const fromH = isLookedAtAfterPouring(records, thisHour) ? nowH + 1 : nowH
  const nowHour = Math.min(days * HOURS_A_DAY, today * HOURS_A_DAY + fromH)
  const visitH = visitsOf(doings, today, Math.min(HOURS_A_DAY - 1, fromH), times)
  const base = stretchOn(stretches, Math.max(0, nowHour)).base
  const isOutOn = (date: string) => !onDay(daysBetween(from, date)).state.isIndoors
  const rooms = roomsOf(stretches, lives, dates)
  const plantedOn = Math.min(
    days,
    ...lives.map(({ from: since }) => daysBetween(from, dayOf(since))),
  )
  const firstHour = Math.max(0, plantedOn) * HOURS_A_DAY
  const grown = (waterShare: Float64Array | undefined): PlantingCourse[] =>
    lives.map((life) => ({
      planting: life.planting,
      variety: life.variety,
      yield: yieldIn(base, life),
      course: growthCourse(
        {
          ...startOf(nursery, life),
          ...treatedOf(life, stretches, dates),
          told: toldOf(base.container),
          expectedFrostOn: expectedFrosts.find(
            (date) => date > life.planting.plantedOn && isOutOn(date),
          ),
        },
        rooms,
        weather,
        sightingsIn(records, life.planting),
        waterShare,
      ),
    }))
  const hours = hourlyDays(weather, place)
  const events = { givenL: doings.givenL, visitH, fillH: doings.fillH }
  const watered = (plants: readonly PlantingCourse[]): PlannedWater => {
    const drive = waterDriveOf(onDay, hours, plantedOn, (day) => canopiesOn(plants, day))
    const runs = waterStretches(stretches, drive, weather, (day) => canopiesOn(plants, day, true))
    return {
      weather: drive,
      stretches: runs,
      planned: waterThrough(runs, events, carriedOptions(base)),
    }
  }
  const unhindered = grown(undefined)
  const first = watered(unhindered)
  // What a day to come may lack is nothing to the days before it.
  const shares = dailyShareOf(first.planned, first.weather).map((share) =>
    share < SHORT_BELOW ? share : 1,
  )
  const isShort = shares.some((share) => share < 1)
  const plants = isShort ? grown(shares) : unhindered
  const known = testsOf(
    (hour) => stretchOn(stretches, hour).base,
    records,
    from,
    (day) => plantKgOn(plants, day),
  )
  const asked = { doings, events, known, firstHour, nowHour, times }
  const ofWater = waterOf(base, isShort ? watered(plants) : first, asked)

  const referenceMm = new Float64Array(days)
  const needL = new Float64Array(days)
  const givenL = new Float64Array(days)
  const morningL = new Float64Array(days)
  const eveningL = new Float64Array(days)
  const pot = { ...base, stretches, weather, plants, referenceMm }
  const thirst = ofWater.options.thirst ?? 1
  const { referenceSumMm, leafM2 } = ofWater.weather
  for (let day = 0; day < days; day++) {
    const hour = day * HOURS_A_DAY
    for (let at = hour; at < hour + HOURS_A_DAY; at++) {
      const recordedL = doings.givenL[at]!
      givenL[day]! += recordedL
      const byPlan = at - hour < EVENING_FROM_H ? morningL : eveningL
      byPlan[day]! += Math.max(0, ofWater.run.givenL[at]! - recordedL)
    }
    if (leafM2[day]! < 0) continue
    referenceMm[day] = referenceSumMm[hour + HOURS_A_DAY]! - referenceSumMm[hour]!
    const use = waterUseL(
      demandOn({ ...onDay(day), weather, plants, referenceMm }, openDays[day]!, day),
    )
    needL[day] = Math.max(0, (use.waterL + use.rainL) * thirst - use.rainL)
  }
  return {
    ...pot,
    needL,
    givenL,
    morningL,
    eveningL,
    skipped: doings.skipped,
    recorded: doings,
    ofWater,
  }
}

const NO_FROSTS: readonly string[] = []

/** First frosts as they are expected, on days of which nothing is known but the time of year. */
const expectedFrosts = remembered(
  ({ days, sources }: Sky, firstFrost: string | undefined): readonly string[] =>
    firstFrost === undefined
      ? NO_FROSTS
      : days.flatMap(({ date }, day) =>
          date.endsWith(firstFrost) && sources[day] === 'typical' ? [date] : [],
        ),
)

/** A course without its pots, and the one that any container has in it: pots can be asked for one by one. */
export interface CourseByPot {
  readonly frame: Omit<GardenCourse, 'pots'>
  readonly potOf: (container: Container) => PotCourse
  /** The first part of that work: how a container stands from one change to the next. It is remembered. */
  readonly standOf: (container: Container) => readonly Stretch[]
}

/**
 * What all pots of a garden share in a season. Each pot takes its time; this does not.
 *
 * @param at   today, a day or moment
 * @param span first and last day; the season where left out
 */
export function courseByPot(
  garden: Garden,
  at: string,
  span: { readonly from: string; readonly to: string } = courseSpan(garden, dayOf(at)),
  sky?: Sky,
): CourseByPot {
  const today = dayOf(at)
  const nowH = at.length > today.length ? hourOf(at) : MORNING_H
  const days = daysBetween(span.from, span.to) + 1
  const ofDays = sky ?? skyOf(garden, span.from, days, today)
  const openDays = openDaysOf(ofDays, garden.place)
  const { byContainer, nursery } = sorted(garden.records)
  const mixes = mixesOf(garden)
  // Days that were made up have no time of the year.
  const frosts = sky ? NO_FROSTS : expectedFrosts(ofDays, frostsOfPlace(garden).firstFrost)
  const standOf = (container: Container) => stretchesOf(garden, container, mixes, span)
  return {
    frame: { garden, today, nowH, ...span, sky: ofDays, openDays },
    standOf,
    potOf: (container) =>
      potCourse({
        container,
        stretches: standOf(container),
        lives: livesIn(garden, container, span),
        place: garden.place,
        records: byContainer.get(container.id) ?? [],
        nursery,
        openDays,
        todayDate: today,
        nowH,
        expectedFrosts: frosts,
        times: waysOf(garden, container.id).times,
      }),
  }
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
  span?: { readonly from: string; readonly to: string },
  containers: readonly Container[] = garden.containers,
  sky?: Sky,
): GardenCourse {
  const { frame, potOf } = courseByPot(garden, at, span, sky)
  return { ...frame, pots: containers.map(potOf) }
}
