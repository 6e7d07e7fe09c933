import type { Variety } from '../plant'
import {
  causeIds,
  causeRows,
  STEPS,
  stepOf,
  type CauseId,
  type CheckStage,
  type Step,
} from './causes'
import { factIds, oddsOfFact, type FactId, type Facts } from './facts'
import type { GivenSign } from './given'
import type { Finding, Network } from './network'
import {
  isPlace,
  leafPlaces,
  leakOf,
  signPartOf,
  symptoms,
  type LeafPlace,
  type SignId,
  type Symptom,
} from './signs'

export interface CheckInput {
  readonly crop: 'tomato' | 'pepper'
  readonly variety?: Variety
  readonly stage?: CheckStage
  /** 1–12 as in the north: a southern January is 7. */
  readonly month?: number
  /** Under a roof or glass. */
  readonly covered?: boolean
  readonly signs: readonly GivenSign[]
  readonly absent?: readonly SignId[]
  readonly facts?: Facts
  /** How often each cause was the outcome of an earlier check in this garden. */
  readonly outcomes?: Readonly<Partial<Record<CauseId, number>>>
}

/** A sign as it counts, with the places that qualify it. */
export interface SeenSign {
  readonly sign: Symptom
  readonly places: readonly LeafPlace[]
  /** Signs that share a bare place: its weight is divided among them. */
  readonly shared: number
}

const signOf = (given: GivenSign): SignId => (typeof given === 'string' ? given : given.sign)
const takesPlace = (sign: Symptom, place: LeafPlace): boolean =>
  signPartOf(sign) === 'leaf' || (place === 'onSunnySide' && signPartOf(sign) === 'fruit')

/**
 * The signs of an input in the order of the vocabulary, each once, with its bare
 * places; one that was told of several leaves by itself counts once for each.
 */
export function seenSigns({ signs }: CheckInput): readonly SeenSign[] {
  const given = new Set(signs.map(signOf))
  const bare = leafPlaces.filter((place) => given.has(place))
  const present = symptoms.filter((sign) => given.has(sign))
  const isOfSign = (sign: Symptom, place: LeafPlace) =>
    signs.some((each) => typeof each === 'object' && each.sign === sign && each.where === place)
  return present.flatMap((sign): SeenSign[] => {
    const own = leafPlaces.filter((place) => isOfSign(sign, place))
    if (own.length > 0) return own.map((place) => ({ sign, places: [place], shared: 1 }))
    const places = bare.filter((place) => takesPlace(sign, place))
    const sharing = present.filter((other) => places.some((place) => takesPlace(other, place)))
    return [{ sign, places, shared: Math.max(1, sharing.length) }]
  })
}

/** The signs that were looked for and not found; what is there as well counts as there. */
export function absentSigns({ absent = [], signs }: CheckInput): readonly Symptom[] {
  const given = new Set(signs.map(signOf))
  const missing = new Set<string>(absent)
  return symptoms.filter((sign) => missing.has(sign) && !given.has(sign))
}

/** A place that a cause does not name, and how often something else shows there (memory). */
const ELSEWHERE = 0.1
const ANY_PLACE = 0.25

/** Chance that a cause shows on just these leaves; causes that tell no leaves apart show anywhere. */
function placeShare(cause: CauseId, { places, shared }: SeenSign): number {
  const { where } = causeRows[cause]
  const chances = places.map((place) => {
    if (!where) return ANY_PLACE
    const step = where[place]
    return step ? STEPS[step] : ELSEWHERE
  })
  return Math.min(1, ...chances) ** (1 / shared)
}

/** How often small and long fruit blackens or splits, beside the usual (memory). */
function fruitShare(sign: Symptom, variety: Variety | undefined): number {
  const fruit = variety?.fruitClass
  const isSmall = fruit === 'cherry' || fruit === 'currant' || fruit === 'smallChilli'
  if (sign === 'fruitEndBlack') return isSmall ? 0.3 : 1
  if (sign === 'fruitScarred' || sign === 'fruitCrackRound') return isSmall ? 0.5 : 1
  return 1
}

/** Share of a sign that a cause speaking against it lets through (memory). */
const LETS_THROUGH = 0.05

/** For each sign the causes that make it or speak against it, by their index. */
const rowsBySign: ReadonlyMap<Symptom, readonly (readonly [cause: number, step: Step])[]> = new Map(
  symptoms.map((sign) => [
    sign,
    causeIds.flatMap((cause, index) => {
      const step = stepOf(cause, sign)
      return step ? [[index, step] as const] : []
    }),
  ]),
)

/** A sign alone, wherever it is. */
const plainFindings: ReadonlyMap<Symptom, Finding> = new Map(
  symptoms.map((sign) => {
    const makes = causeIds.map(() => 0)
    const lets = causeIds.map(() => 1)
    for (const [index, step] of rowsBySign.get(sign)!)
      if (step === 'never') lets[index] = LETS_THROUGH
      else makes[index] = STEPS[step]
    return [sign, { leak: leakOf(sign), makes, lets }]
  }),
)

/** A sign as the network takes it. */
export function findingOf(seen: SeenSign, variety?: Variety): Finding {
  const plain = plainFindings.get(seen.sign)!
  const ofFruit = fruitShare(seen.sign, variety)
  if (seen.places.length === 0 && ofFruit === 1) return plain
  const here = seen.places.length > 0 ? ANY_PLACE ** (1 / seen.shared) : 1
  return {
    leak: plain.leak * here,
    makes: plain.makes.map((chance, index) =>
      chance > 0 ? chance * placeShare(causeIds[index]!, seen) * ofFruit : 0,
    ),
    lets: plain.lets,
  }
}

/** One thing other than a sign that moves the odds of causes before any sign. */
export interface Setting {
  readonly from: 'crop' | 'stage' | 'month' | 'cover' | 'outcomes' | 'fact'
  readonly fact?: FactId
  readonly odds: (cause: CauseId) => number
}

/** Odds of a cause in a month in which it is not at home (memory). */
const OUT_OF_SEASON = 0.2
const isMonthIn = (month: number, [from, to]: readonly [number, number]): boolean =>
  from <= to ? month >= from && month <= to : month >= from || month <= to

/** Checks that the tables' own prior is worth when the garden's history is set beside it (memory). */
const PRIOR_CHECKS = 20

/** Everything that is known beside the signs. */
export function settingsOf(input: CheckInput): readonly Setting[] {
  const { crop, month, covered, facts = {}, outcomes = {} } = input
  const stage = stageOf(input)
  const checks = Object.values(outcomes).reduce((sum, times) => sum + times, 0)
  const settings: (Setting | false)[] = [
    { from: 'crop', odds: (cause) => causeRows[cause].crop?.[crop] ?? 1 },
    stage !== undefined && { from: 'stage', odds: (cause) => causeRows[cause].stage?.[stage] ?? 1 },
    month !== undefined && {
      from: 'month',
      odds: (cause) => {
        const { months } = causeRows[cause]
        return !months || isMonthIn(month, months) ? 1 : OUT_OF_SEASON
      },
    },
    covered !== undefined && {
      from: 'cover',
      odds: (cause) => {
        const odds = causeRows[cause].covered ?? 1
        return covered ? odds : 1 / Math.max(1, odds)
      },
    },
    checks > 0 && {
      from: 'outcomes',
      odds: (cause) => {
        const { prior } = causeRows[cause]
        const shifted = (PRIOR_CHECKS * prior + (outcomes[cause] ?? 0)) / (PRIOR_CHECKS + checks)
        return shifted / (1 - Math.min(shifted, 0.99)) / (prior / (1 - prior))
      },
    },
    ...factIds.flatMap((fact): Setting[] => {
      const given = facts[fact]
      if (given === undefined) return []
      const odds = oddsOfFact(fact, given)
      return Object.keys(odds).length > 0
        ? [{ from: 'fact', fact, odds: (cause) => odds[cause] ?? 1 }]
        : []
    }),
  ]
  return settings.filter((setting) => setting !== false)
}

/** No cause is taken for granted, or shut out, before a sign is seen. */
const [SURELY_NOT, SURELY] = [1e-6, 0.95]

/**
 * A fact tells that something was there, a sign that it hurt: while signs are seen
 * and a cause makes none of them, a fact moves its odds only by this power (memory).
 */
const UNSEEN_POWER = 0.4

/** By what one thing multiplies the odds of a cause, beside the signs that are seen. */
export function movedBy(setting: Setting, cause: number, present: readonly Finding[]): number {
  const odds = setting.odds(causeIds[cause]!)
  if (setting.from !== 'fact' || odds === 1) return odds
  const shows = present.length === 0 || present.some(({ makes }) => makes[cause]! > 0)
  return shows ? odds : odds ** UNSEEN_POWER
}

/** Chance of each cause beside the signs that are seen. */
const priorsOf = (settings: readonly Setting[], present: readonly Finding[]): readonly number[] =>
  causeIds.map((cause, index) => {
    const { prior } = causeRows[cause]
    const odds = settings.reduce(
      (product, setting) => product * movedBy(setting, index, present),
      prior / (1 - prior),
    )
    return Math.min(SURELY, Math.max(SURELY_NOT, odds / (1 + odds)))
  })

/** The age that the signs themselves betray, where none was told. */
export function stageOf({ stage, signs }: CheckInput): CheckStage | undefined {
  if (stage) return stage
  const given = signs.map(signOf)
  if (given.includes('seedlingToppled')) return 'seedling'
  if (given.some((sign) => !isPlace(sign) && signPartOf(sign) === 'fruit')) return 'fruiting'
  return given.some((sign) => !isPlace(sign) && signPartOf(sign) === 'flower')
    ? 'flowering'
    : undefined
}

/** All of it as a network; each cause by its place in `causeIds`. */
export function networkOf(input: CheckInput, settings = settingsOf(input)): Network {
  const present = seenSigns(input).map((seen) => findingOf(seen, input.variety))
  return {
    priors: priorsOf(settings, present),
    present,
    absent: absentSigns(input).map((sign) =>
      findingOf({ sign, places: [], shared: 1 }, input.variety),
    ),
  }
}
