import { HOURS_A_DAY } from '../../weather'
import {
  EVENING_FROM_H,
  SPLASH_L,
  type WateredPot,
  type WaterDrive,
  type WaterEvents,
  type WaterOptions,
  type WaterState,
} from '../pot'
import { freeShareOf } from '../store'
import { kernel, memoryFor, runKernel, type KernelMemory } from './memory'

/** Share of poured water that runs past mix with that share of its water missing, 0–1. */
export const runsPastShare = (repellentShare: number, missingShare: number): number =>
  kernel.runsPastShare(repellentShare, missingShare)

/** What is asked of some hours beside the pot and its state. */
type HoursAsked = Pick<WaterOptions, 'thirst' | 'capacity' | 'corrections' | 'isFilledDaily'>

/** Some hours of weather and events, in the memory of the loop that goes through them. */
export interface LoadedHours {
  readonly hours: number
  /** The loop's own rows, an item an hour: each run writes over them, and so does what is loaded next. */
  readonly rows: Pick<
    KernelMemory['rows'],
    'missingL' | 'driestShare' | 'reservoirLeftL' | 'hadShare' | 'pouredL' | 'drainedL' | 'usedL'
  >
  /** Goes through them with a pot, from a state on, which becomes the state at their end. */
  readonly run: (container: WateredPot, state: WaterState, asked: HoursAsked) => void
}

/** A loop is quicker than a view on a few items, and a view than a loop over many. */
const FEW = 48
/** Copies some items of one row into another. */
export function copyItems(
  from: Float64Array,
  fromItem: number,
  into: Float64Array,
  intoItem: number,
  count: number,
): void {
  if (count > FEW) into.set(from.subarray(fromItem, fromItem + count), intoItem)
  else for (let item = 0; item < count; item++) into[intoItem + item] = from[fromItem + item]!
}

const NO_CORRECTIONS: NonNullable<WaterOptions['corrections']> = []

/**
 * Puts hours of weather and events where the loop finds them: many pots may go through the same.
 *
 * @param corrections how many a run has at most
 */
export function loadHours(
  weather: WaterDrive,
  { givenL, visitH, fillH }: WaterEvents,
  from: number,
  to: number,
  corrections = 0,
): LoadedHours {
  const hours = Math.max(0, to - from)
  const memory = memoryFor(Math.max(hours + 1, corrections))
  const { rows } = memory
  copyItems(weather.referenceMm, from, rows.referenceMm, 0, hours)
  copyItems(weather.referenceSumMm, from, rows.referenceSumMm, 0, hours + 1)
  copyItems(givenL, from, rows.givenL, 0, hours)
  // Nobody comes by after the last hour that they were told for.
  rows.visitH.fill(0, 0, hours).set(visitH.subarray(from, to))
  rows.fillH.fill(0, 0, hours)
  if (fillH) rows.fillH.set(fillH.subarray(from, to))
  const firstDay = Math.floor(from / HOURS_A_DAY)
  const days = Math.ceil(to / HOURS_A_DAY) - firstDay
  copyItems(weather.leafM2, firstDay, rows.leafM2, 0, days)
  copyItems(weather.openM2, firstDay, rows.openM2, 0, days)
  copyItems(weather.rainL, firstDay, rows.rainL, 0, days)

  const run: LoadedHours['run'] = (container, state, asked) => {
    const { thirst = 1, capacity = 1, corrections = NO_CORRECTIONS } = asked
    const { cells, sensitivity } = container
    const cell = cells[0]!
    const availableL = cell.availableL * capacity
    for (let day = 0; day < days; day++)
      rows.freeL[day] =
        freeShareOf(cell, sensitivity, weather.cropMm[firstDay + day]! * thirst) * availableL
    for (let index = 0; index < corrections.length; index++) {
      const { hour, missingShare, reservoirL } = corrections[index]!
      rows.correctedHour[index] = hour - from
      rows.correctedShare[index] = missingShare
      rows.correctedReservoirL[index] = reservoirL
    }
    copyItems(state.missingL, 0, rows.missing, 0, cells.length)
    const { set, get } = memory
    set('hours', hours)
    set('firstH', from - firstDay * HOURS_A_DAY)
    set('eveningFromH', EVENING_FROM_H)
    set('cells', cells.length)
    set('availableL', availableL)
    set('aLitre', availableL > 0 ? 1 / availableL : 0)
    set('thirst', thirst)
    set('wallM2', weather.wallM2)
    set('surfaceM2', container.surfaceM2)
    set('repellentShare', container.repellentShare)
    set('reservoirMostL', container.reservoirL)
    set('capillaryLH', container.capillaryLH)
    set('isFilledDaily', asked.isFilledDaily ? 1 : 0)
    set('splashL', SPLASH_L)
    set('corrections', corrections.length)
    set('reservoirL', state.reservoirL)
    set('driedMm', state.driedMm)
    runKernel()
    copyItems(rows.missing, 0, state.missingL, 0, cells.length)
    state.reservoirL = get('reservoirL')
    state.driedMm = get('driedMm')
  }
  return { hours, rows, run }
}
