import type { SpotDay } from '../../place'
import { dayOf, daysBetween } from '../../units'
import {
  drawingOf,
  emptyRun,
  fullPot,
  simulateWater,
  stateAfter,
  type WaterDrive,
  type WateredPot,
  type WaterEvents,
  type WaterOptions,
  type WaterRun,
  type WaterState,
} from '../../water'
import { HOURS_A_DAY } from '../../weather'
import type { Stretch } from './changes'
import type { PotBase } from './pot'
import { hourOf } from './recorded'

/** What draws on a pot on one of its days. */
export interface DayDrawing {
  readonly plants: readonly {
    readonly canopyM2: number
    readonly basalCoefficient: number
    readonly count: number
  }[]
}

/** Weather and leaf of a pot as its hourly balance takes them, and what rain falls into past the leaves, m² by day. */
export interface PotWeather extends WaterDrive {
  readonly catchM2: Float64Array
}

/** A container from an hour of its course on, up to the next change of it. */
export interface HourStretch {
  readonly fromHour: number
  readonly base: PotBase
}

/** Stretches by the hour of a course. */
export const hourStretches = (
  stretches: readonly Stretch[],
  from: string,
): readonly HourStretch[] =>
  stretches.map(({ since, base }) => ({
    base,
    fromHour:
      since === undefined
        ? 0
        : Math.max(
            0,
            daysBetween(from, dayOf(since)) * HOURS_A_DAY + (since.length > 10 ? hourOf(since) : 0),
          ),
  }))

/** The stretch that an hour lies in. */
export const stretchOn = <S extends { readonly fromHour: number }>(
  stretches: readonly S[],
  hour: number,
): S => stretches.findLast(({ fromHour }) => fromHour <= hour) ?? stretches[0]!

/** A stretch of a pot's water: what it holds, and what draws on it. */
export interface WaterStretch {
  readonly fromHour: number
  readonly pot: WateredPot
  readonly drive: PotWeather
  /** It was emptied and filled anew: nothing is left of what was in it. */
  readonly isFilledAnew: boolean
}

const isSameStore = (one: PotBase, other: PotBase): boolean => {
  const told = ({ water, wallM2 }: PotBase) => {
    const { cells, reservoirL, capillaryLH, repellentShare, surfaceM2, sensitivity } = water
    const { availableL, easyL, bufferL } = cells[0]!
    return [
      ...[cells.length, availableL, easyL, bufferL, reservoirL],
      ...[capillaryLH, repellentShare, surfaceM2, sensitivity, wallM2],
    ]
  }
  const before = told(one)
  return told(other).every((value, index) => value === before[index])
}

/** What of a pot draws on its water beside its leaf. */
export type DrawnOn = Pick<PotBase, 'container' | 'volumes' | 'wallM2'>

/** What draws on a pot's water with so much leaf over it. */
export const drawingOn = (
  { container, volumes, wallM2 }: DrawnOn,
  plants: DayDrawing['plants'],
) => {
  const { exposure, type, mulchMm, material } = container
  const { surfaceM2 } = volumes
  return drawingOf({ plants, exposure, type, material, mulchMm, wallM2, surfaceM2 })
}

/** The same days, on one of which the leaf was another before the hour of a change. */
function withDayBefore(
  drive: PotWeather,
  day: number,
  { base, plants, rainMm }: { base: PotBase; plants: DayDrawing['plants']; rainMm: number },
): PotWeather {
  if (!plants.length) return drive
  const drawing = drawingOn(base, plants)
  const leafM2 = drive.leafM2.slice()
  const openM2 = drive.openM2.slice()
  leafM2[day] = drawing.leafM2
  const rainL = drive.rainL.slice()
  openM2[day] = drawing.openM2
  rainL[day] = rainMm * drawing.catchM2
  return { ...drive, leafM2, openM2, rainL }
}

/**
 * A pot's water in stretches: a new one begins where it holds something else than
 * before, and where plants came out of it.
 *
 * @param plantsBefore leaf on a day, as it was in the morning
 */
export function waterStretches(
  stretches: readonly HourStretch[],
  drive: PotWeather,
  weather: readonly SpotDay[],
  plantsBefore: (day: number) => DayDrawing['plants'],
): readonly WaterStretch[] {
  const runs: WaterStretch[] = []
  let last: HourStretch | undefined
  stretches.forEach((stretch, index) => {
    const { fromHour, base } = stretch
    const isNew =
      !last || !isSameStore(last.base, base) || last.base.plantings.length !== base.plantings.length
    if (isNew) {
      const before = runs.at(-1)
      const day = Math.floor(fromHour / HOURS_A_DAY)
      // Until this hour the day was as its morning.
      if (before && last && day > 0 && day < drive.days)
        runs[runs.length - 1] = {
          ...before,
          drive: withDayBefore(before.drive, day, {
            base: last.base,
            plants: plantsBefore(day),
            rainMm: weather[day]?.rainMm ?? 0,
          }),
        }
      const isFilledAnew = index > 0 && base.state.fills[0] !== last?.base.state.fills[0]
      runs.push({
        fromHour: index === 0 ? 0 : fromHour,
        pot: base.water,
        drive: { ...drive, wallM2: drawingOn(base, []).wallM2 },
        isFilledAnew: isFilledAnew && base.state.fills.length === 1,
      })
    }
    last = stretch
  })
  return runs
}

/** What is missing from a pot once it holds something else: mix that is added comes moist, mix taken out takes its share along. */
function carriedInto(state: WaterState, from: WateredPot, to: WaterStretch): WaterState {
  if (to.isFilledAnew || state.missingL.length !== to.pot.cells.length) return fullPot(to.pot)
  const times = Math.min(1, to.pot.availableL / from.availableL)
  return {
    missingL: state.missingL.map((litres) => litres * times),
    reservoirL: Math.min(state.reservoirL, to.pot.reservoirL),
    driedMm: to.pot.availableL === from.availableL ? state.driedMm : 0,
  }
}

const hoursOf = (runs: readonly WaterStretch[]) => runs[0]!.drive.days * HOURS_A_DAY

/** The parts of the hours asked for, each in its stretch. */
function partsOf(runs: readonly WaterStretch[], from: number, to: number) {
  return runs.flatMap((run, index) => {
    const begins = Math.max(from, run.fromHour)
    const ends = Math.min(to, runs[index + 1]?.fromHour ?? Infinity)
    return begins < ends ? [{ run, index, begins, ends }] : []
  })
}

const within = (options: WaterOptions, begins: number, ends: number): WaterOptions => ({
  ...options,
  from: begins,
  to: ends,
  ...(options.corrections && {
    corrections: options.corrections.filter(({ hour }) => hour >= begins && hour < ends),
  }),
})

/** A pot's water through all its stretches: as `simulateWater`, whatever was changed on the way. */
export function waterThrough(
  runs: readonly WaterStretch[],
  events: WaterEvents,
  options: WaterOptions = {},
): WaterRun {
  const { from = 0, to = hoursOf(runs) } = options
  const [only] = runs
  if (runs.length === 1) return simulateWater(only!.pot, only!.drive, events, options)
  const out = options.into ?? emptyRun(to - from, runs.at(-1)!.pot)
  const { into: _into, ...asked } = options
  let state = options.start
  for (const { run, index, begins, ends } of partsOf(runs, from, to)) {
    const before = runs[index - 1]
    const start = state && before && begins > from ? carriedInto(state, before.pot, run) : state
    const part = simulateWater(run.pot, run.drive, events, {
      ...within(asked, begins, ends),
      ...(start && { start }),
    })
    for (const row of ROWS) out[row].set(part[row], begins - from)
    state = part.end
    out.end.missingL.set(state.missingL)
    out.end.reservoirL = state.reservoirL
    out.end.driedMm = state.driedMm
  }
  return out
}

const ROWS = [
  'missingL',
  'driestShare',
  'reservoirL',
  'hadShare',
  'givenL',
  'drainedL',
  'usedL',
] as const satisfies readonly (keyof WaterRun)[]

/** How they leave the pot: the end of the same, without its hours. */
export function stateThrough(
  runs: readonly WaterStretch[],
  events: WaterEvents,
  options: WaterOptions & { readonly to: number },
): WaterState {
  const { from = 0, to } = options
  const [only] = runs
  if (runs.length === 1) return stateAfter(only!.pot, only!.drive, events, options)
  let state = options.start
  for (const { run, index, begins, ends } of partsOf(runs, from, to)) {
    const before = runs[index - 1]
    const start = state && before && begins > from ? carriedInto(state, before.pot, run) : state
    state = stateAfter(run.pot, run.drive, events, {
      ...within(options, begins, ends),
      ...(start && { start }),
    })
  }
  const here = stretchOn(runs, to)
  if (!state) return fullPot(here.pot)
  // A change in this very hour has happened.
  const last = stretchOn(runs, Math.max(0, to - 1))
  return here === last ? state : carriedInto(state, last.pot, here)
}
