import { descending } from 'd3-array'
import { causeIds, type CauseId } from './causes'
import {
  absentSigns,
  networkOf,
  movedBy,
  seenSigns,
  settingsOf,
  type CheckInput,
  type SeenSign,
  type Setting,
} from './evidence'
import type { FactId } from './facts'
import { infer, type Network } from './network'
import type { Symptom } from './signs'

/** What moved a cause, and how far. */
export interface Weighed {
  readonly from: 'sign' | 'absent' | Setting['from']
  readonly sign?: Symptom
  readonly fact?: FactId
  /** A sign: the odds of the cause with it over its odds without it. All else: by what it multiplies them. */
  readonly odds: number
}

export interface WeighedCause {
  readonly cause: CauseId
  /** Chance that it is at work, 0–1; several may be at once. */
  readonly share: number
  /** What speaks for it and against it, heaviest first. */
  readonly for: readonly Weighed[]
  readonly against: readonly Weighed[]
}

export interface Diagnosis {
  /** Likeliest first. */
  readonly causes: readonly WeighedCause[]
  /** Signs that nothing in the tables is likely to have made. */
  readonly unexplained: readonly Symptom[]
}

/** Odds that move less than this are not worth a line. */
const WORTH_TELLING = Math.log(1.15)

const oddsOf = (share: number): number => Math.max(share, 1e-12) / Math.max(1 - share, 1e-12)

/** One sign, and the network without it. */
interface Piece extends Pick<Weighed, 'from' | 'sign'> {
  readonly without: Network
}

const leftOut = <T>(list: readonly T[], index: number): readonly T[] =>
  list.filter((_, at) => at !== index)

const piecesOf = (
  network: Network,
  seen: readonly SeenSign[],
  absent: readonly Symptom[],
): readonly Piece[] => [
  ...seen.map(({ sign }, index): Piece => ({
    from: 'sign',
    sign,
    without: { ...network, present: leftOut(network.present, index) },
  })),
  ...absent.map((sign, index): Piece => ({
    from: 'absent',
    sign,
    without: { ...network, absent: leftOut(network.absent, index) },
  })),
]

/** What speaks for or against one cause, heaviest first. */
const side = (weighed: readonly Weighed[], isFor: boolean): readonly Weighed[] =>
  weighed
    .filter(({ odds }) => (isFor ? Math.log(odds) : -Math.log(odds)) > WORTH_TELLING)
    .sort((a, b) => descending(Math.abs(Math.log(a.odds)), Math.abs(Math.log(b.odds))))

/**
 * How likely each cause is at work, given what is seen, what is not, and what
 * the pot's record knows; and by how much each of these moved it.
 *
 * Causes can stand together, so the shares need not add up to one. The order of
 * the signs does not matter, nor does saying one twice. A sign given as absent
 * and as present counts as present. With no sign at all it is what crop, season
 * and record alone make likely.
 *
 * @example diagnose({ crop: 'tomato', signs: ['stemSlimeInWater', 'wiltSudden'] }).causes[0].cause // => 'bacterialWilt'
 */
export function diagnose(input: CheckInput): Diagnosis {
  const settings = settingsOf(input)
  const seen = seenSigns(input)
  const absent = absentSigns(input)
  const network = networkOf(input, settings)
  const { evidence, shares } = infer(network)
  const pieces = piecesOf(network, seen, absent).map(({ without, ...piece }) => ({
    piece,
    shares: infer(without).shares,
  }))
  const causes = causeIds
    .map((cause, index): WeighedCause => {
      const share = shares[index]!
      const weighed: readonly Weighed[] = [
        ...pieces.map(({ piece, shares: without }) => ({
          ...piece,
          odds: oddsOf(share) / oddsOf(without[index]!),
        })),
        ...settings.map((setting) => ({
          from: setting.from,
          ...(setting.fact && { fact: setting.fact }),
          odds: movedBy(setting, index, network.present),
        })),
      ]
      return { cause, share, for: side(weighed, true), against: side(weighed, false) }
    })
    .sort((a, b) => descending(a.share, b.share))
  return { causes, unexplained: unexplainedOf(network, evidence, seen) }
}

/** Signs that more likely than not came from something that stands in no table. */
const unexplainedOf = (
  network: Network,
  evidence: number,
  seen: readonly SeenSign[],
): readonly Symptom[] =>
  seen.flatMap(({ sign }, index) => {
    const present = network.present.map((finding, at) =>
      at === index ? { ...finding, leak: 0 } : finding,
    )
    return infer({ ...network, present }).evidence < evidence / 2 ? [sign] : []
  })
