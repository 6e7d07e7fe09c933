import type { Container } from '../../container'
import { mixesOf } from '../../garden'
import { capillaryFlowCmD } from '../../mix'
import { addDays, InputError, memory, practice, reason, type Reason } from '../../units'
import {
  DAYLIGHT_MM,
  dailyVisits,
  simulateWater,
  WILTS_BELOW,
  type WateredPot,
  type WaterRun,
  type WaterDrive,
} from '../../water'
import { HOURS_A_DAY } from '../../weather'
import {
  mixIn,
  potBase,
  type PotBase,
  type GardenCourse,
  type PotCourse,
  stateAt,
  stretchOn,
} from '../course'

import { DEEP_MULCH_MM, inHalfSun, scaled, stateIn, underCloth, weatherFor } from './variant'

export const whatIfKinds = [
  'asItIs',
  'mulch',
  'shade',
  'move',
  'biggerPot',
  'otherMix',
  'reservoir',
  'twoPlants',
  'away',
] as const
export type WhatIfKind = (typeof whatIfKinds)[number]

/** A pot over the days to come, done otherwise. */
export interface WhatIf {
  readonly kind: WhatIfKind
  /** A day, L: what it uses. */
  readonly useL: number
  /** Visits with the can in a week. */
  readonly visitsAWeek: number
  /** Hours of day with less water than its plants need, and in which they are wilted. */
  readonly shortH: number
  readonly wiltedH: number
  /** Left at the worst, of what it holds above wilting, 0–1. */
  readonly lowestShare: number
  /** What is left hour by hour, 0–1. */
  readonly leftShare: Float64Array
  readonly reasons: readonly Reason[]
}

export interface WhatIfAsked {
  readonly days: number
  /** Left out: the mix that stands beside. */
  readonly recipeId: string
  readonly awayDays: number
}

const TWICE_THE_VOLUME = Math.cbrt(2)
/** Two in a pot come to 80 % each (practice). */
const TWO_LEAF = 1.6
/** A reservoir put into a pot takes so much of its room (memory). */
const INSERT_SHARE = 0.2

/** A reservoir put into a pot that has none: some of the mix makes room for water. */
function withInsert(pot: PotCourse): WateredPot {
  const { water, mix } = pot
  const keep = 1 - INSERT_SHARE
  const riseMm = (pot.container.fillMm * keep) / 2
  const liftLD = mix ? capillaryFlowCmD(mix, riseMm) * 10 * pot.volumes.surfaceM2 : 0
  return {
    ...water,
    cells: water.cells.map(({ availableL, easyL, bufferL }) => ({
      availableL: availableL * keep,
      easyL: easyL * keep,
      bufferL: bufferL * keep,
    })),
    availableL: water.availableL * keep,
    easyL: water.easyL * keep,
    bufferL: water.bufferL * keep,
    reservoirL: water.reservoirL + water.fillVolumeL * INSERT_SHARE,
    capillaryLH: Math.max(water.capillaryLH, liftLD / HOURS_A_DAY),
  }
}

/** What the what-if changes. */
interface Change {
  readonly base?: PotBase
  readonly water?: WateredPot
  readonly weather?: WaterDrive
  readonly awayFor?: number
}

const summed = (row: Float64Array, from: number, to: number) =>
  row.subarray(from, to).reduce((sum, value) => sum + value, 0)

/**
 * One pot over the days to come, as it is and done otherwise, side by side over
 * the same weather and with the same leaf. It is watered by the plan each time,
 * but for the days away.
 *
 * @throws InputError `pastCourse` where the course does not reach so far
 */
export function whatIfs(
  course: GardenCourse,
  pot: PotCourse,
  { days, recipeId, awayDays }: WhatIfAsked,
): readonly WhatIf[] {
  const { garden } = course
  const { nowHour, options, stretches } = pot.ofWater
  const asIs = stretchOn(stretches, nowHour).drive
  const to = nowHour + days * HOURS_A_DAY
  if (to > pot.weather.length * HOURS_A_DAY)
    throw new InputError('pastCourse', { given: addDays(course.today, days), limit: course.to })
  const state = stateAt(pot, nowHour)
  const given = { givenL: new Float64Array(to), visitH: dailyVisits(to) }
  given.visitH[nowHour] = HOURS_A_DAY

  const run = (kind: WhatIfKind, reasons: readonly Reason[], change: Change = {}): WhatIf => {
    const { base = pot, weather = asIs, awayFor = 0 } = change
    const { water = base.water } = change
    const visitH = given.visitH.slice()
    // Filled on leaving, and then left.
    if (awayFor > 0) visitH.fill(0, nowHour + 1, nowHour + awayFor * HOURS_A_DAY)
    if (awayFor > 0) visitH[nowHour] = 255
    const start = stateIn(state, pot, { ...base, water })
    const found = simulateWater(
      water,
      weather,
      { ...given, visitH },
      {
        from: nowHour,
        to,
        start,
        thirst: options.thirst,
        capacity: options.capacity,
      },
    )
    return { kind, reasons, ...told(found, weather.referenceMm.subarray(nowHour, to), days) }
  }
  const { place } = garden
  const as = (container: Container) => otherBase(course, container)
  const isOpenBelow = pot.container.sunken !== undefined
  const mulched = as({ ...pot.container, mulchMm: DEEP_MULCH_MM })
  const bigger = as(scaled(pot.container, TWICE_THE_VOLUME))
  const remixed = as({ ...pot.container, recipeId })
  return [
    run('asItIs', []),
    ...(pot.container.mulchMm < DEEP_MULCH_MM
      ? [
          run('mulch', [reason('whatIf.mulch', { mulchMm: DEEP_MULCH_MM }, memory)], {
            weather: weatherFor(pot, place, pot.weather, mulched),
          }),
        ]
      : []),
    run('shade', [reason('whatIf.shade', {}, practice)], {
      weather: weatherFor(pot, place, underCloth(pot.weather)),
    }),
    ...(pot.container.isFixed
      ? []
      : [
          run('move', [reason('whatIf.move', {}, memory)], {
            weather: weatherFor(
              pot,
              place,
              inHalfSun(pot.weather),
              as({ ...pot.container, exposure: 'sheltered' }),
            ),
          }),
        ]),
    run('biggerPot', [reason('whatIf.biggerPot', { fillVolumeL: bigger.volumes.fillVolumeL })], {
      base: bigger,
      weather: weatherFor(pot, place, pot.weather, bigger),
    }),
    run('otherMix', [reason('whatIf.otherMix', {})], { base: remixed }),
    ...(pot.water.reservoirL > 0 || isOpenBelow || pot.water.cells.length > 1
      ? []
      : [
          run(
            'reservoir',
            [reason('whatIf.reservoir', { waterL: withInsert(pot).reservoirL }, memory)],
            { water: withInsert(pot) },
          ),
        ]),
    run('twoPlants', [reason('whatIf.twoPlants', {}, practice)], {
      weather: weatherFor(pot, place, pot.weather, pot, TWO_LEAF),
    }),
    run('away', [reason('whatIf.away', { dayCount: awayDays })], { awayFor: awayDays }),
  ]
}

/** A pot as another container would be, with what grows in it. */
function otherBase({ garden, today }: GardenCourse, container: Container): PotBase {
  const mixes = mixesOf(garden)
  const known = mixes(container.recipeId)
  const base = potBase(
    {
      ...garden,
      containers: garden.containers.map((one) => (one.id === container.id ? container : one)),
    },
    container,
    mixes,
    today,
  )
  return { ...base, mix: known && mixIn(container, base.volumes, known) }
}

function told(
  run: WaterRun,
  referenceMm: Float64Array,
  days: number,
): Omit<WhatIf, 'kind' | 'reasons'> {
  let [shortH, wiltedH, driest] = [0, 0, 0]
  run.hadShare.forEach((had, hour) => {
    driest = Math.max(driest, run.driestShare[hour]!)
    if (referenceMm[hour]! <= DAYLIGHT_MM) return
    if (had < 1) shortH++
    if (had < WILTS_BELOW) wiltedH++
  })
  const visits = run.givenL.reduce((count, givenL) => count + (givenL > 0 ? 1 : 0), 0)
  return {
    useL: summed(run.usedL, 0, run.usedL.length) / days,
    visitsAWeek: (visits / days) * 7,
    shortH,
    wiltedH,
    lowestShare: 1 - driest,
    leftShare: run.driestShare.map((share) => 1 - share),
  }
}
