import { InputError, practice, reason, type Reason } from '../units'

/**
 * How long drip has to run to give so many litres.
 *
 * @param emitters   at this pot
 * @param emitterLH  what each gives, L an hour
 * @returns minutes
 * @throws InputError `noFlow`
 */
export function dripMinutes(needL: number, emitters: number, emitterLH: number): number {
  if (!(emitters > 0 && emitterLH > 0)) throw new InputError('noFlow', { given: emitterLH })
  return (needL / (emitters * emitterLH)) * 60
}

/** Emitters as they are sold, L an hour (practice). */
export const EMITTERS_L_H = [2, 4, 8] as const
const MOST_EMITTERS = 4
const MOST_RUNS = 3
const MOST_MINUTES = 60
/** A run of more than this would drain before the mix took it up. */
const MOST_OF_EASY = 1

export interface DripNeed {
  readonly containerId: string
  readonly needL: number
  /** What the pot takes at once before it drains, L. */
  readonly easyL: number
}

export interface DripPot extends DripNeed {
  readonly emitters: number
  readonly emitterLH: number
  /** What it gets in all runs of a day, L. */
  readonly getsL: number
}

/** All pots on one timer. */
export interface DripLine {
  readonly runsADay: number
  readonly minutes: number
  readonly pots: readonly DripPot[]
  readonly needL: number
  readonly getsL: number
  /** Of what is given, what nobody asked for. */
  readonly wastedShare: number
  readonly reasons: readonly Reason[]
}

/** The least flow that gives a pot what it needs in the time; the most where none does. */
function emittersFor(need: DripNeed, hoursADay: number): DripPot {
  let best: DripPot | undefined
  for (const emitterLH of EMITTERS_L_H)
    for (let emitters = 1; emitters <= MOST_EMITTERS; emitters++) {
      const getsL = emitters * emitterLH * hoursADay
      const pot = { ...need, emitters, emitterLH, getsL }
      if (!best) best = pot
      else if (
        getsL >= need.needL - 1e-9 &&
        (best.getsL < need.needL - 1e-9 || getsL < best.getsL - 1e-9)
      )
        best = pot
      else if (best.getsL < need.needL - 1e-9 && getsL > best.getsL) best = pot
    }
  return best!
}

/**
 * Drip for all pots from one timer: one length of run for all, each pot with the
 * emitters that give it what it needs and the least beyond. Every number of runs
 * and every whole minute is tried.
 *
 * @throws InputError `noPots`
 */
export function dripLine(needs: readonly DripNeed[]): DripLine {
  const wanted = needs.filter(({ needL }) => needL > 0)
  if (!wanted.length) throw new InputError('noPots', {})
  const needL = wanted.reduce((sum, pot) => sum + pot.needL, 0)
  let best: (Omit<DripLine, 'reasons'> & { readonly costL: number }) | undefined
  for (let runsADay = 1; runsADay <= MOST_RUNS; runsADay++)
    for (let minutes = 1; minutes <= MOST_MINUTES; minutes++) {
      const pots = wanted.map((need) => emittersFor(need, (runsADay * minutes) / 60))
      const getsL = pots.reduce((sum, pot) => sum + pot.getsL, 0)
      const missingL = pots.reduce((sum, pot) => sum + Math.max(0, pot.needL - pot.getsL), 0)
      const runsOutL = pots.reduce(
        (sum, pot) => sum + Math.max(0, pot.getsL / runsADay - pot.easyL * MOST_OF_EASY) * runsADay,
        0,
      )
      // Too little counts ten times what is too much; a run more is worth a litre in a hundred.
      const costL = getsL - needL + missingL * 11 + runsOutL + runsADay * 0.01 * needL
      if (!best || costL < best.costL - 1e-9)
        best = {
          runsADay,
          minutes,
          pots,
          needL,
          getsL,
          wastedShare: Math.max(0, getsL - needL) / getsL,
          costL,
        }
    }
  const { costL: _cost, ...line } = best!
  return {
    ...line,
    reasons: [
      reason('drip.minutes', { needWaterL: needL, getsWaterL: line.getsL }, practice),
      reason('drip.compromise', { wastedShare: line.wastedShare }),
      reason('drip.runsOut', {}, practice),
    ],
  }
}
