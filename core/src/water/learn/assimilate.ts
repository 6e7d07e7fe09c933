import { randomLcg, randomNormal } from 'd3-random'
import { InputError } from '../../units'
import { HOURS_A_DAY } from '../../weather'
import { loadHours, type LoadedHours } from '../hours'
import {
  fullPot,
  type WateredPot,
  type WaterCorrection,
  type WaterEvents,
  type WaterState,
  type WaterDrive,
} from '../pot'
import type { SuctionTable } from '../suction'
import { FINGER_SD, likelihood, type AsComputed, type WaterTest } from './observation'
import {
  apart,
  drawn,
  drawnHabit,
  meanOf,
  PRIOR_SD,
  unwrittenHabits,
  type Known,
  type Particle,
  type UnwrittenHabit,
} from './particles'
import { unrecordedOf } from './unrecorded'

/** A test that nothing recorded explains: somebody watered, or nobody did. */
export interface Surprise {
  readonly hour: number
  /** Missing as it was computed, and as it was found, L. */
  readonly expectedL: number
  readonly foundL: number
}

/** What tests told of a pot. */
export interface Learned {
  readonly testCount: number
  /** What its plants drink, and what it holds, beside the model. */
  readonly thirst: Known
  readonly capacity: Known
  /** What is done on days without a record, as far as tests tell; `asPlanned` where they do not. */
  readonly habit: UnwrittenHabit
  /** What each test changed in the water that is missing. */
  readonly corrections: readonly WaterCorrection[]
  /** Tests that showed more or less water than the records explain, in order. */
  readonly surprises: readonly Surprise[]
  /** Missing from mix and reservoir hour by hour from the first to the last asked for, L: the mean of all, and its sd. */
  readonly meanMissingL: Float64Array
  readonly sdMissingL: Float64Array
  /** The particles at the end. */
  readonly particles: readonly Particle[]
}

export interface AssimilateOptions {
  readonly seed: number
  /** First hour, and the one after the last. */
  readonly from: number
  readonly to: number
  readonly table: SuctionTable
  /** As it was at the first hour; full where left out. */
  readonly start?: WaterState
  /** The records alone, and the visits without one; where left out every habit is `asPlanned`. */
  readonly written?: WaterEvents
  readonly count?: number
}

const PARTICLES = 96
/** Uncertainty added to a pot's water each day, as a share of what it holds (memory). */
const DAILY_BLUR = 0.012
/** Chance that a gardener changes habit between two tests (memory). */
const OTHER_HABIT_SHARE = 0.03
/** A habit counts as known once more than this share of the particles have it. */
const CLEAR_FROM_SHARE = 0.8
/** So few particles understate their spread slightly: calibrated on made-up pots, whose truth is known. */
const WIDENED = 1.02
/** Hours over which drained water is caught. */
const CAUGHT_H = 3
/** A surprise is reported where more than this share of the particles had to change. */
const TOLD_FROM_SHARE = 0.5

const widened = ({ mean, sd }: Known): Known => ({ mean, sd: sd * WIDENED })

const sum = (values: Float64Array) => values.reduce((total, value) => total + value, 0)
const copied = ({ missingL, reservoirL, driedMm }: WaterState): WaterState => ({
  missingL: missingL.slice(),
  reservoirL,
  driedMm,
})

/** Adds what is missing from mix and reservoir in the hours of a run, and its square, to sums of it. */
function addMissing(
  sumL: Float64Array,
  sumSquareL2: Float64Array,
  at: number,
  { hours, rows }: LoadedHours,
  reservoirMostL: number,
): void {
  const { missingL, reservoirLeftL } = rows
  for (let hour = 0; hour < hours; hour++) {
    const lacking = missingL[hour]! + reservoirMostL - reservoirLeftL[hour]!
    sumL[at + hour]! += lacking
    sumSquareL2[at + hour]! += lacking * lacking
  }
}

/**
 * What finger tests, a scale, caught water and a probe tell of a pot: how wet it
 * is, how thirsty its plants are and how much it holds, beside the model.
 *
 * Many pots are carried along that might be this one, each with its own thirst,
 * capacity, and gardener: whose finger feels wetter or drier than others' do, and
 * who follows the plan, or waters until it drains, on days without a record.
 * At each test those that it speaks for are kept, and drawn again.
 * Now and then something is done and not written down. Where that explains a
 * test better than any of the pots does, their water changes, and not their thirst.
 *
 * @param events       all that was given, recorded or by plan
 * @param observations in the order of their hours
 * @throws InputError `testBeforePlanting` where a test lies before the first hour
 * @source Gordon, Salmond & Smith 1993, IEE Proc. F 140:107–113 (particle filter);
 *   Liu & West 2001, in Sequential Monte Carlo Methods in Practice (its parameters)
 */
export function assimilate(
  container: WateredPot,
  weather: WaterDrive,
  events: Pick<WaterEvents, 'givenL' | 'fillH'>,
  observations: readonly WaterTest[],
  { seed, from, to, table, start, written, count = PARTICLES }: AssimilateOptions,
): Learned {
  const early = observations.find(({ hour }) => hour < from)
  if (early) throw new InputError('testBeforePlanting', { given: early.hour, limit: from })
  const uniform = randomLcg(seed)
  const normal = randomNormal.source(uniform)(0, 1)
  // Unrecorded events use a random sequence of their own, so that all other draws stay the same.
  const chance = randomLcg(1 - seed / 2)
  const change = randomNormal.source(chance)(0, 1)
  let particles: Particle[] = Array.from({ length: count }, () => ({
    thirst: Math.exp(PRIOR_SD.thirst * normal()),
    capacity: Math.exp(PRIOR_SD.capacity * normal()),
    finger: Math.exp(FINGER_SD * change()),
    habit: written ? drawnHabit(chance()) : 'asPlanned',
    state: copied(start ?? fullPot(container)),
  }))
  const meanMissingL = new Float64Array(to - from)
  const sdMissingL = new Float64Array(to - from)
  const { availableL } = container.cells[0]!
  const cellCount = container.cells.length
  const corrections: WaterCorrection[] = []
  const surprises: Surprise[] = []
  const belowL = ({ reservoirL }: WaterState) => container.reservoirL - reservoirL
  const planned = { ...events, visitH: new Uint8Array(weather.days * HOURS_A_DAY) }
  const caughtL = new Float64Array(count)

  const carry = (begin: number, end: number) => {
    const blurSd = DAILY_BLUR * availableL * Math.sqrt(Math.max(0, end - begin) / HOURS_A_DAY)
    const blursL = particles.map(() => normal() * blurSd)
    const carried = (done: WaterEvents, isDone: (habit: UnwrittenHabit) => boolean) => {
      const loaded = loadHours(weather, done, begin, end)
      const { run, rows, hours } = loaded
      particles.forEach(({ state, thirst, capacity, habit }, index) => {
        if (!isDone(habit)) return
        run(container, state, { thirst, capacity, isFilledDaily: habit === 'everyMorning' })
        const mostL = availableL * capacity
        for (let cell = 0; cell < cellCount; cell++)
          state.missingL[cell] = Math.max(
            0,
            Math.min(mostL, state.missingL[cell]! + blursL[index]!),
          )
        caughtL[index] = 0
        for (let hour = Math.max(0, hours - CAUGHT_H); hour < hours; hour++)
          caughtL[index] += rows.drainedL[hour]!
        addMissing(meanMissingL, sdMissingL, begin - from, loaded, container.reservoirL)
      })
    }
    const followsPlan = (habit: UnwrittenHabit) => habit === 'asPlanned' || !written
    if (particles.some(({ habit }) => followsPlan(habit))) carried(planned, followsPlan)
    if (written && particles.some(({ habit }) => !followsPlan(habit)))
      carried(written, (habit) => !followsPlan(habit))
  }

  let at = from
  let testCount = 0
  let before: WaterTest | undefined
  for (const test of observations) {
    if (test.hour > to) break
    carry(at, test.hour)
    at = test.hour
    testCount++
    const unrecorded = unrecordedOf(test, before, container, table)
    before = test
    const weights = new Float64Array(count)
    const unrecordedShare = new Float64Array(count)
    let expectedL = 0
    particles.forEach(({ state, capacity, finger }, index) => {
      const missingL = sum(state.missingL) + belowL(state)
      expectedL += missingL / count
      const pot: AsComputed = {
        missingL,
        // What is felt is felt at the top.
        missingShare: state.missingL[0]! / (availableL * capacity),
        finger,
        drainedL: caughtL[index]!,
      }
      const explained = (1 - unrecorded.share) * likelihood(test, pot, table)
      const changed = unrecorded.share * unrecorded.likelihood
      weights[index] = explained + changed
      unrecordedShare[index] = changed / (explained + changed)
    })
    let changedCount = 0
    particles = drawn(weights, uniform()).map((index): Particle => {
      const { thirst, capacity, finger, habit, state } = particles[index]!
      const next = copied(state)
      if (unrecorded.share > 0 && chance() < unrecordedShare[index]!) {
        changedCount++
        unrecorded.change(next, capacity, chance, change)
      }
      const changesHabit = written !== undefined && chance() < OTHER_HABIT_SHARE
      const goesOn = changesHabit ? drawnHabit(chance()) : habit
      return { thirst, capacity, finger, habit: goesOn, state: next }
    })
    apart(particles, normal)
    const found = (value: (one: Particle) => number) => meanOf(particles.map(value)).mean
    corrections.push({
      hour: test.hour,
      missingShare: found(
        ({ state, capacity }) => sum(state.missingL) / (availableL * capacity * cellCount),
      ),
      reservoirL: found(({ state }) => state.reservoirL),
    })
    if (changedCount > TOLD_FROM_SHARE * count)
      surprises.push({
        hour: test.hour,
        expectedL,
        foundL: found(({ state }) => sum(state.missingL) + belowL(state)),
      })
  }
  carry(at, to)
  for (let hour = 0; hour < to - from; hour++) {
    const mean = meanMissingL[hour]! / count
    meanMissingL[hour] = mean
    sdMissingL[hour] = WIDENED * Math.sqrt(Math.max(0, sdMissingL[hour]! / count - mean ** 2))
  }
  return {
    testCount,
    thirst: widened(meanOf(particles.map(({ thirst }) => thirst))),
    capacity: widened(meanOf(particles.map(({ capacity }) => capacity))),
    habit:
      unwrittenHabits.find(
        (habit) => particles.filter((one) => one.habit === habit).length > CLEAR_FROM_SHARE * count,
      ) ?? 'asPlanned',
    corrections,
    surprises,
    meanMissingL,
    sdMissingL,
    particles,
  }
}
