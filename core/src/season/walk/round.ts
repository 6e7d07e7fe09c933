import { recordableL } from '../../garden'
import { waterDues, waterIn, type GardenToday, type PotToday, type WaterDue } from '../course'

/**
 * `due`: needs water on this walk. `later`: the next is for this evening.
 * `done`, `skipped`, and `nothing` where none is needed today. `unknown`: plants
 * stand in it, and what they need is not known without today's weather.
 */
export type StopState = 'due' | 'later' | 'done' | 'skipped' | 'nothing' | 'unknown'

/** One pot on the walk. */
export interface Stop {
  readonly pot: PotToday
  readonly state: StopState
  /** Its water: for this walk, and for the one in the evening. */
  readonly dues: readonly WaterDue[]
  /** What it gets when the can comes by, L. */
  readonly nowL: number
  /** About what it takes to water it until it drains, L: for the record, never nothing. */
  readonly untilDripL: number
}

/** One walk past all pots, in walking order. */
export interface Round {
  readonly stops: readonly Stop[]
  /** To carry on this walk, L. */
  readonly carryL: number
  /** All pots over the whole day, given or not, L. */
  readonly wholeDayL: number
  /** For the next walk of the day, L. */
  readonly laterL: number
  readonly dueCount: number
  /** Pots of which it is not known whether they need any. */
  readonly unknownCount: number
  /** Cans to carry on this walk, the last perhaps not full. */
  readonly cans: number
}

function stopOf(pot: PotToday): Stop {
  const { givenL, isSkipped, depletionL } = pot
  const dues = waterDues(pot)
  const nowL = waterIn(dues.filter(({ hour }) => hour === undefined))
  const untilDripL = recordableL(inTenthLitres(depletionL))
  const as = (state: StopState): Stop => ({ pot, state, dues, nowL, untilDripL })
  if (nowL > 0) return as('due')
  if (dues.length) return as('later')
  if (isSkipped) return as('skipped')
  if (pot.plants.length && !pot.need) return as('unknown')
  return as(givenL > 0 ? 'done' : 'nothing')
}

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0)

/**
 * The walk to do now. What a pot needs in the evening, because once is not enough
 * for the day, is for the walk of the evening.
 *
 * @param canL what the gardener's can holds
 */
export function roundOf({ pots }: GardenToday, canL: number): Round {
  const stops = pots.map(stopOf)
  const carryL = sum(stops.map(({ nowL }) => nowL))
  return {
    stops,
    carryL,
    wholeDayL: sum(pots.map(({ givenL, remainingL }) => givenL + remainingL)),
    laterL: sum(stops.map(({ dues, nowL }) => waterIn(dues) - nowL)),
    dueCount: stops.filter(({ state }) => state === 'due').length,
    unknownCount: stops.filter(({ state }) => state === 'unknown').length,
    cans: Math.ceil(carryL / canL - 1e-9),
  }
}

/** Litres as a can is read, to a tenth; never nothing. */
export const inTenthLitres = (volumeL: number): number =>
  Math.max(0.1, Math.round(volumeL * 10) / 10)

/** A part of a can in quarters, as it is poured by eye; never less than one quarter. */
export const inQuarterCans = (volumeL: number, canL: number): number =>
  Math.max(0.25, Math.round((volumeL / canL) * 4) / 4)
