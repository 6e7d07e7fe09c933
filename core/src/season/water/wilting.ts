import type { Garden } from '../../garden'
import { openDay, weatherAt } from '../../place'
import { randomLcg, randomNormal } from 'd3-random'
import { addDays, dayOfYear, daysBetween, InputError, reason, type Reason } from '../../units'
import {
  DAYLIGHT_MM,
  fullPot,
  loadHours,
  MORNING_H,
  PRIOR_SD,
  sumsOf,
  WILTS_BELOW,
  type WaterDrive,
} from '../../water'
import {
  generateWeather,
  hourlyEvapotranspiration,
  HOURS_A_DAY,
  normalsProvenance,
  referenceWaterMm,
  type DayInPlace,
} from '../../weather'
import { gardenCourse, type GardenCourse, type PotCourse, climateOf, firstUnknown } from '../course'

/** How often one comes by with the can, by the plan of the day. */
export const wateringHabits = ['daily', 'secondDay', 'thirdDay', 'weekAway'] as const
export type WateringHabit = (typeof wateringHabits)[number]

export interface WiltingAsked {
  readonly at: string
  readonly days: number
  readonly count: number
  readonly seed: number
}

export interface PotWilting {
  readonly containerId: string
  /** In how many of the years it wilts on some day, 0–1, by habit. */
  readonly chance: Readonly<Record<WateringHabit, number>>
}

export interface Wilting {
  readonly count: number
  readonly days: number
  readonly pots: readonly PotWilting[]
  readonly reasons: readonly Reason[]
}

const TELL_EVERY = 5
/** Wilting for an hour or two at noon is not counted. */
const WILTS_FOR_H = 3
const AWAY_DAYS = 7

/** So many days from one walk to the next. */
const EVERY: Readonly<Record<WateringHabit, number>> = {
  daily: 1,
  secondDay: 2,
  thirdDay: 3,
  weekAway: 1,
}

function visitsBy(habit: WateringHabit, days: number): Uint8Array {
  const visits = new Uint8Array(days * HOURS_A_DAY)
  for (let day = 0; day < days; day += EVERY[habit]) {
    if (habit === 'weekAway' && day > 0 && day < AWAY_DAYS) continue
    // Who leaves for long fills whatever has room.
    visits[day * HOURS_A_DAY + MORNING_H] =
      habit === 'weekAway' && day === 0 ? 255 : EVERY[habit] * HOURS_A_DAY
  }
  return visits
}

/** Days that are known, measured or forecast, from today on. */
function knownAhead({ sky, today, from }: GardenCourse): readonly DayInPlace[] {
  const first = daysBetween(from, today)
  return sky.days.slice(first, firstUnknown(sky, first))
}

/** The hours of open days, from which those at each spot are scaled. */
function hoursOf(days: readonly DayInPlace[], garden: Garden) {
  return days.map((day) =>
    hourlyEvapotranspiration({ ...day, dayOfYear: dayOfYear(day.date) }, garden.place),
  )
}

/** One pot's weather of a year, written into the rows of the year before. */
function fill(
  into: WaterDrive,
  pot: PotCourse,
  garden: Garden,
  open: readonly ReturnType<typeof openDay>[],
  hours: readonly Float64Array[],
): void {
  const { leafM2, rainL, cropMm, referenceMm } = into
  const today = Math.floor(pot.ofWater.nowHour / HOURS_A_DAY)
  const ofCourse = pot.ofWater.weather
  let sum = 0
  for (let day = 0; day < into.days; day++) {
    const here = weatherAt(pot.shelter, open[day]!)
    const dailyMm = referenceWaterMm(here, garden.place)
    const shape = hours[day]!
    let openMm = 0
    for (let hour = 0; hour < HOURS_A_DAY; hour++) openMm += shape[hour]!
    const scale = openMm > 0 ? dailyMm / openMm : 0
    const firstH = day * HOURS_A_DAY
    for (let hour = 0; hour < HOURS_A_DAY; hour++) {
      referenceMm[firstH + hour] = shape[hour]! * scale
      into.referenceSumMm[firstH + hour] = sum
      sum += referenceMm[firstH + hour]!
    }
    const usual = ofCourse.referenceSumMm
    const at = (today + day) * HOURS_A_DAY
    const usualMm = usual[at + HOURS_A_DAY]! - usual[at]!
    leafM2[day] = ofCourse.leafM2[today + day]!
    cropMm[day] = usualMm > 0 ? (ofCourse.cropMm[today + day]! * dailyMm) / usualMm : dailyMm
    rainL[day] = (here.rainMm ?? 0) * ofCourse.catchM2[today + day]!
  }
  into.referenceSumMm[referenceMm.length] = sum
}

/** Whether it wilts long enough on some day to be seen. */
function wilts(hadShare: Float64Array, referenceMm: Float64Array, hours: number): boolean {
  let wiltedH = 0
  for (let hour = 0; hour < hours; hour++) {
    if (hour % HOURS_A_DAY === 0) wiltedH = 0
    if (
      hadShare[hour]! < WILTS_BELOW &&
      referenceMm[hour]! > DAYLIGHT_MM &&
      ++wiltedH >= WILTS_FOR_H
    )
      return true
  }
  return false
}

/**
 * In how many of many years each pot would wilt over the days to come,
 * by how often one comes by: what is known of the days ahead stands, the rest is
 * drawn anew each time.
 *
 * @param progress told the share done, 0–1
 * @throws InputError `pastCourse` where the season ends before
 */
export function wiltingChance(
  garden: Garden,
  { at, days, count, seed }: WiltingAsked,
  progress?: (share: number) => void,
): Wilting {
  const course = gardenCourse(garden, at)
  const first = daysBetween(course.from, course.today)
  if (first + days > course.openDays.length)
    throw new InputError('pastCourse', { given: addDays(course.today, days), limit: course.to })
  const pots = course.pots.filter(
    ({ plants, ofWater }) => plants.length > 0 && ofWater.weather.leafM2[first]! >= 0,
  )
  const { model, kind, provenance } = climateOf(garden)
  const known = knownAhead(course).slice(0, days)
  const ofHabits = <T>(make: (habit: WateringHabit) => T) =>
    Object.fromEntries(wateringHabits.map((habit) => [habit, make(habit)])) as Record<
      WateringHabit,
      T
    >
  const visits = ofHabits((habit) => visitsBy(habit, days))
  const givenL = new Float64Array(days * HOURS_A_DAY)
  const hits = pots.map(() => ofHabits(() => 0))
  const rows = pots.map(({ ofWater }): WaterDrive => {
    const referenceMm = new Float64Array(days * HOURS_A_DAY)
    return {
      days,
      referenceMm,
      referenceSumMm: sumsOf(referenceMm),
      leafM2: new Float64Array(days),
      openM2: ofWater.weather.openM2.slice(first, first + days),
      wallM2: ofWater.weather.wallM2,
      rainL: new Float64Array(days),
      cropMm: new Float64Array(days),
    }
  })
  const normal = randomNormal.source(randomLcg((seed + 0.5) / 1_000_001))(0, 1)
  for (let year = 0; year < count; year++) {
    const ahead = generateWeather(
      model,
      addDays(course.today, known.length),
      days - known.length,
      seed + year,
      known.at(-1),
    )
    const weather = [...known, ...ahead]
    const open = weather.map((day) => openDay(day, garden.place))
    const hoursMm = hoursOf(weather, garden)
    pots.forEach((pot, index) => {
      const row = rows[index]!
      // How thirsty its plants are is known only so far.
      const { learned, options } = pot.ofWater
      const known = learned?.thirst ?? { mean: 1, sd: PRIOR_SD.thirst }
      const thirst = known.mean * Math.exp((known.sd / known.mean) * normal())
      fill(row, pot, garden, open, hoursMm)
      const doesWilt = (habit: WateringHabit): boolean => {
        const events = { givenL, visitH: visits[habit] }
        const { run, rows: found, hours } = loadHours(row, events, 0, days * HOURS_A_DAY)
        run(pot.water, fullPot(pot.water), { thirst, capacity: options.capacity })
        return wilts(found.hadShare, row.referenceMm, hours)
      }
      const hit = hits[index]!
      if (doesWilt('weekAway')) hit.weekAway++
      // Who comes by oftener leaves no pot hanging that once in three days keeps upright.
      for (const habit of ['thirdDay', 'secondDay', 'daily'] as const) {
        if (!doesWilt(habit)) break
        hit[habit]++
      }
    })
    if (year % TELL_EVERY === 0) progress?.(year / count)
  }
  return {
    count,
    days,
    pots: pots.map(({ container }, index) => ({
      containerId: container.id,
      chance: ofHabits((habit) => hits[index]![habit] / Math.max(1, count)),
    })),
    reasons: [
      reason('spread.years', { yearCount: count }),
      reason(`spread.climate.${kind}`, {}, provenance),
      reason('spread.generator', {}, normalsProvenance),
      reason('spread.wilting', { hours: WILTS_FOR_H }),
    ],
  }
}
