import {
  PRIOR_SD,
  assimilate,
  freeShareOf,
  mostTelling,
  simulateWater,
  WILTS_BELOW,
  type TellingTest,
  type WaterTest,
} from '../../water'
import { addDays, InputError } from '../../units'
import { HOURS_A_DAY } from '../../weather'
import {
  firstUnknown,
  suctionOf,
  type GardenCourse,
  type PotCourse,
  stateAt,
  stretchOn,
} from '../course'

/** The water of a pot hour by hour, as it is drawn: litres above wilting, its reservoir counted in. */
export interface WaterCurve {
  /** First hour of the course that is shown, and the one of now. */
  readonly from: number
  readonly nowHour: number
  readonly leftL: Float64Array
  /** Four of five pots like this one lie between these. */
  readonly lowL: Float64Array
  readonly highL: Float64Array
  /** Drained and full; where its plants go short, hour by hour; where they wilt. */
  readonly fullL: number
  readonly shortBelowL: Float64Array
  readonly hangsL: Float64Array
  /** Recorded or by plan, L in each hour. */
  readonly givenL: Float64Array
  /** A day: used, and given, L. */
  readonly days: readonly WaterDayFacts[]
  readonly tests: readonly (WaterTest & { readonly leftL: number })[]
  /** Hours of it whose weather is measured or forecast. */
  readonly knownHours: number
}

export interface WaterDayFacts {
  readonly date: string
  readonly usedL: number
  readonly givenL: number
  readonly rainL: number
  readonly drainedL: number
  /** Left in the morning. */
  readonly morningL: number
}

/** Of a normal distribution, four in five lie so many standard deviations about the middle. */
const FOUR_IN_FIVE = 1.2816

const sumOf = (row: Float64Array, from: number, to: number) => {
  let total = 0
  for (let hour = from; hour < to; hour++) total += row[hour]!
  return total
}

/**
 * A pot's water over some days past and to come: as recorded and as planned, the
 * lines that matter, what was felt on the way, and how far it is known.
 */
export function waterCurve(
  course: GardenCourse,
  pot: PotCourse,
  pastDays: number,
  daysAhead: number,
): WaterCurve {
  const { water, ofWater } = pot
  const { run, nowHour, firstHour, learned, options, tests } = ofWater
  const weather = stretchOn(ofWater.stretches, nowHour).drive
  const today = Math.floor(nowHour / HOURS_A_DAY)
  const firstDay = Math.max(Math.floor(firstHour / HOURS_A_DAY), today - pastDays, 0)
  const lastDay = Math.min(weather.days, today + daysAhead + 1)
  if (lastDay <= firstDay) throw new InputError('noPlantsYet', { given: course.today })
  const from = firstDay * HOURS_A_DAY
  const to = lastDay * HOURS_A_DAY
  const availableL = water.availableL * (options.capacity ?? 1)
  const fullL = availableL + water.reservoirL
  const hours = to - from
  const left = (missingL: number, reservoirL: number) => availableL - missingL + reservoirL
  /** What it held then: before it was topped up, less. */
  const heldL = (hour: number) =>
    stretchOn(ofWater.stretches, hour).pot.availableL * (options.capacity ?? 1)
  const leftL = new Float64Array(hours)
  const lowL = new Float64Array(hours)
  const highL = new Float64Array(hours)
  const shortBelowL = new Float64Array(hours)
  const hangsL = new Float64Array(hours)
  const known = learned?.thirst ?? { mean: 1, sd: PRIOR_SD.thirst }
  const ahead = [1, -1].map((sign) => {
    const state = stateAt(pot, nowHour)
    const thirst = Math.max(0.2, known.mean + sign * FOUR_IN_FIVE * known.sd)
    return simulateWater(
      water,
      weather,
      { givenL: run.givenL, visitH: new Uint8Array(weather.days * HOURS_A_DAY) },
      { from: nowHour, to, start: state, thirst, capacity: options.capacity },
    )
  })
  const nowSdL = learned?.sdMissingL.at(-1) ?? 0
  const learnedFrom = learned ? nowHour - learned.sdMissingL.length : nowHour
  for (let hour = from; hour < to; hour++) {
    const at = hour - from
    const day = Math.floor(hour / HOURS_A_DAY)
    leftL[at] = heldL(hour) - run.missingL[hour]! + run.reservoirL[hour]!
    const freeShare = freeShareOf(
      water.cells[0]!,
      water.sensitivity,
      weather.cropMm[day]! * (options.thirst ?? 1),
    )
    shortBelowL[at] = availableL * (1 - freeShare)
    hangsL[at] = shortBelowL[at] * WILTS_BELOW
    const within = (litres: number) => Math.max(0, Math.min(fullL, litres))
    if (hour < nowHour) {
      const sdL = FOUR_IN_FIVE * (learned?.sdMissingL[hour - learnedFrom] ?? 0)
      lowL[at] = within(leftL[at] - sdL)
      highL[at] = within(leftL[at] + sdL)
    } else {
      const [thirsty, sparing] = ahead.map((one) =>
        left(one.missingL[hour - nowHour]!, one.reservoirL[hour - nowHour]!),
      ) as [number, number]
      lowL[at] = within(Math.min(thirsty, leftL[at]) - FOUR_IN_FIVE * nowSdL)
      highL[at] = within(Math.max(sparing, leftL[at]) + FOUR_IN_FIVE * nowSdL)
    }
  }
  const days = Array.from({ length: lastDay - firstDay }, (_, index): WaterDayFacts => {
    const begin = (firstDay + index) * HOURS_A_DAY
    const end = begin + HOURS_A_DAY
    const isPlanted = weather.leafM2[firstDay + index]! >= 0
    return {
      date: addDays(course.from, firstDay + index),
      usedL: sumOf(run.usedL, begin, end),
      givenL: sumOf(run.givenL, begin, end),
      rainL: isPlanted ? weather.rainL[firstDay + index]! : 0,
      drainedL: sumOf(run.drainedL, begin, end),
      morningL: leftL[begin - from + 6]!,
    }
  })
  return {
    from,
    nowHour,
    leftL,
    lowL,
    highL,
    fullL,
    shortBelowL,
    hangsL,
    givenL: run.givenL.slice(from, to),
    days,
    knownHours: (firstUnknown(course.sky, today) - firstDay) * HOURS_A_DAY,
    tests: tests
      .filter(({ hour }) => hour > from && hour < to)
      .map((test) => ({ ...test, leftL: leftL[test.hour - from - 1]! })),
  }
}

/** Days that are drawn before and after today. */
const DRAWN_DAYS = { past: 9, ahead: 7 } as const

/** The curve of a pot about today; undefined where it has not had a morning with plants yet. */
export function curveAboutToday(course: GardenCourse, pot: PotCourse): WaterCurve | undefined {
  const { firstHour, nowHour } = pot.ofWater
  return firstHour <= nowHour
    ? waterCurve(course, pot, DRAWN_DAYS.past, DRAWN_DAYS.ahead)
    : undefined
}

/** The finger test of the next two days that would tell most of this pot; undefined where its mix is not known. */
export function tellingTest(pot: PotCourse): TellingTest | undefined {
  const { water, ofWater } = pot
  const { stretches, run, nowHour, learned, events } = ofWater
  const here = stretchOn(stretches, nowHour)
  const weather = here.drive
  const firstHour = Math.max(ofWater.firstHour, here.fromHour)
  const { fillH } = events
  const table = suctionOf(pot)
  if (!table || nowHour < firstHour) return undefined
  const given = { givenL: run.givenL, ...(fillH && { fillH }) }
  const particles =
    learned?.particles ??
    assimilate(water, weather, given, [], { seed: 0.5, from: firstHour, to: nowHour, table })
      .particles
  return mostTelling(water, weather, given, particles, table, nowHour)
}
