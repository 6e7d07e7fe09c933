import { descending, greatest, sum } from 'd3-array'
import { causeIds } from './causes'
import { absentSigns, findingOf, networkOf, seenSigns, stageOf, type CheckInput } from './evidence'
import { factBands, readFact, type FactId } from './facts'
import { entropyBits, infer, type Finding, type Network } from './network'
import { minutesToSee, signPartOf, symptoms, type Symptom } from './signs'

/** Cheap tests, and what each answers: signs that are looked for together, or a fact. */
export const checkTests = {
  knuckle: { minutes: 0.5, signs: ['mixDryKnuckle', 'mixWetKnuckle'] },
  liftPot: { minutes: 0.5, signs: ['mixDryKnuckle', 'mixWetKnuckle'] },
  underLeaves: { minutes: 1, signs: ['seenAphids', 'seenWhitefly', 'seenMites', 'leafMouldBelow'] },
  whitePaper: { minutes: 1, signs: ['seenThrips', 'seenMites'] },
  magnifier: { minutes: 1, signs: ['seenMites', 'stemBronze'] },
  cutStem: { minutes: 4, signs: ['stemBrownInside', 'stemSlimeInWater'] },
  slipOut: { minutes: 6, signs: ['rootsBrownSoft', 'rootsCircling', 'rootsKnots', 'rootsEaten'] },
  pourWater: { minutes: 2, signs: ['drainNone', 'drainSlow'] },
  measurePh: { minutes: 6, fact: 'ph' },
  measureEc: { minutes: 6, fact: 'ecDsM' },
} as const satisfies Readonly<
  Record<string, { minutes: number; signs?: readonly Symptom[]; fact?: FactId }>
>
export type TestId = keyof typeof checkTests
export const testIds = Object.keys(checkTests) as readonly TestId[]

export interface Question {
  readonly ask: Symptom | TestId
  /** Doubt about all causes together that the answer is expected to take away. */
  readonly bits: number
  readonly minutes: number
}

export interface QuestionInput extends CheckInput {
  /** Asked before and answered “I can’t tell”: these are not asked again. */
  readonly unclear?: readonly (Symptom | TestId)[]
}

/** One answer that a question may get: its chance, and what it would make of each cause. */
interface Answer {
  readonly chance: number
  readonly shares: readonly number[]
}

/**
 * By how much each cause matters here: as strongly as it makes any sign that is
 * seen. Where nothing is seen yet all matter alike.
 */
function concernsOf({ priors, present }: Network): readonly number[] {
  return present.length === 0
    ? priors.map(() => 1)
    : priors.map((_, cause) => Math.max(...present.map(({ makes }) => makes[cause]!)))
}

/** Doubt now less the doubt expected after the answer; the answers together are what is known now. */
function gainOf(answers: readonly Answer[], concerns: readonly number[]): number {
  const whole = sum(answers, ({ chance }) => chance)
  if (whole <= 0) return 0
  const gain = sum(concerns, (concern, cause) => {
    if (concern === 0) return 0
    const before = sum(answers, ({ chance, shares }) => chance * shares[cause]!) / whole
    const after = sum(answers, ({ chance, shares }) => chance * entropyBits(shares[cause]!)) / whole
    return concern * (entropyBits(before) - after)
  })
  return Math.max(0, gain)
}

/**
 * Present or absent, for each of several signs: every combination. What is there
 * is the whole less what is not there, which is quicker than one sign more.
 *
 * @param known what is known without them
 */
function signAnswers(
  network: Network,
  findings: readonly Finding[],
  known: Answer,
): readonly Answer[] {
  const [first, ...others] = findings
  if (!first) return [known]
  const off = { ...network, absent: [...network.absent, first] }
  const whole = signAnswers(network, others, known)
  const without = signAnswers(off, others, answerOf(off))
  return whole.flatMap((all, index) => [without[index]!, lessOf(all, without[index]!)])
}

const answerOf = (network: Network): Answer => {
  const { evidence, shares } = infer(network)
  return { chance: evidence, shares }
}
/** All of something but a part of it. */
function lessOf(all: Answer, part: Answer): Answer {
  const chance = Math.max(0, all.chance - part.chance)
  const shareOf = (share: number, cause: number) =>
    chance > 0 ? (share * all.chance - part.shares[cause]! * part.chance) / chance : 0
  return {
    chance,
    shares: all.shares.map((share, cause) => Math.min(1, Math.max(0, shareOf(share, cause)))),
  }
}

/** The answers to one sign roughly, as if its causes were independent by now. */
function roughAnswers({ leak, makes }: Finding, { shares }: Answer): readonly Answer[] {
  let none = 1 - leak
  const left = shares.map((share, cause) => {
    const unmade = 1 - share * makes[cause]!
    none *= unmade
    return (share * (1 - makes[cause]!)) / unmade
  })
  const off = { chance: none, shares: left }
  return [off, lessOf({ chance: 1, shares }, off)]
}

/** How often a reading falls into each band of its fact, before anything is known (memory). */
const BAND_CHANCES: Readonly<Partial<Record<FactId, readonly number[]>>> = {
  ph: [0.04, 0.1, 0.56, 0.15, 0.1, 0.05],
  ecDsM: [0.2, 0.5, 0.18, 0.08, 0.04],
}

function readingAnswers(input: CheckInput, fact: FactId): readonly Answer[] {
  const { [fact]: _reckoned, ...facts } = input.facts ?? {}
  const network = networkOf({ ...input, facts })
  return factBands[fact].map(({ odds }, band) => {
    const priors = network.priors.map((prior, index) => {
      const moved = (prior / (1 - prior)) * (odds[causeIds[index]!] ?? 1)
      return moved / (1 + moved)
    })
    const { evidence, shares } = infer({ ...network, priors })
    return { chance: BAND_CHANCES[fact]![band]! * evidence, shares }
  })
}

/** Stages at which a plant has no fruit, or no flower, to look at. */
const isAskable = (sign: Symptom, stage: CheckInput['stage']): boolean => {
  const part = signPartOf(sign)
  if (sign === 'seedlingToppled') return stage === 'seedling'
  if (stage === 'seedling') return part !== 'fruit' && part !== 'flower'
  if (stage === 'young') return part !== 'fruit'
  return true
}

/** Signs that contradict each other: when one is there, the other need not be asked. */
const opposites: readonly (readonly [Symptom, Symptom])[] = [
  ['mixDryKnuckle', 'mixWetKnuckle'],
  ['wiltDryMix', 'wiltWetMix'],
  ['wiltDryMix', 'mixWetKnuckle'],
  ['wiltWetMix', 'mixDryKnuckle'],
  ['wiltMiddayOnly', 'wiltDaily'],
  ['leafDarkLush', 'leafPale'],
  ['flowersNone', 'flowersManyNoFruit'],
  ['fruitNone', 'fruitEndBlack'],
]

/** Less than this is not worth a minute of anybody’s time, bits. */
const WORTH_ASKING = 0.01

/** What could be asked: its signs, or the fact that it reads off a meter. */
interface Candidate extends Omit<Question, 'bits'> {
  readonly findings: readonly Finding[]
  readonly fact?: FactId
}

/** Every sign and test that could still be asked. */
function candidatesOf(input: QuestionInput): readonly Candidate[] {
  const stage = stageOf(input)
  const seen = seenSigns(input).map(({ sign }) => sign)
  const ruledOut = opposites.flatMap(([a, b]) =>
    seen.includes(a) ? [b] : seen.includes(b) ? [a] : [],
  )
  const settled = new Set<string>([...seen, ...absentSigns(input), ...ruledOut])
  const unclear = new Set<string>(input.unclear ?? [])
  const isOpen = (sign: Symptom): boolean =>
    !settled.has(sign) && !unclear.has(sign) && isAskable(sign, stage)
  const findingsOf = (signs: readonly Symptom[]) =>
    signs.map((sign) => findingOf({ sign, places: [], shared: 1 }, input.variety))
  const tests = testIds.flatMap((ask): Candidate[] => {
    const { minutes, ...what } = checkTests[ask]
    if (unclear.has(ask)) return []
    if ('fact' in what) {
      const given = input.facts?.[what.fact]
      const isMeasured = given !== undefined && readFact(given).isMeasured
      return isMeasured ? [] : [{ ask, minutes, findings: [], fact: what.fact }]
    }
    const open = what.signs.filter(isOpen)
    // A test of which but one sign is left is that sign.
    return open.length > 1 ? [{ ask, minutes, findings: findingsOf(open) }] : []
  })
  const signs = symptoms
    .filter(isOpen)
    .map((ask): Candidate => ({ ask, minutes: minutesToSee(ask), findings: findingsOf([ask]) }))
  return [...tests, ...signs]
}

/** What is known now, and how to put a number on what a candidate would tell. */
function tellingOf(input: QuestionInput) {
  const network = networkOf(input)
  const concerns = concernsOf(network)
  const known = answerOf(network)
  return {
    exactly: ({ findings, fact }: Candidate): number =>
      gainOf(fact ? readingAnswers(input, fact) : signAnswers(network, findings, known), concerns),
    /** The signs of a test one by one; a reading is always looked at. */
    roughly: ({ findings, fact }: Candidate): number =>
      fact ? Infinity : sum(findings, (one) => gainOf(roughAnswers(one, known), concerns)),
  }
}

const asked = ({ ask, minutes }: Candidate, bits: number): Question => ({ ask, bits, minutes })

/** Every sign and test that could still be asked, with what exactly it would tell. */
export function questions(input: QuestionInput): readonly Question[] {
  const { exactly } = tellingOf(input)
  return candidatesOf(input).map((one) => asked(one, exactly(one)))
}

/** So many of what roughly tells most are reckoned exactly. */
const SHORTLIST = 16

/**
 * The sign or test that would tell most for its time: the largest expected drop
 * in doubt per minute, over all that could still be asked. Doubt is the entropy
 * of each cause being at work or not, summed over the causes, each by how strongly
 * it makes what is seen: the gain is never below nothing. All are ranked roughly,
 * the best of them exactly. Undefined when nothing would tell anything.
 *
 * @example nextQuestion({ crop: 'tomato', signs: ['seenAphids'], unclear: [] })?.minutes // => 0.3
 */
export function nextQuestion(input: QuestionInput): Question | undefined {
  const { exactly, roughly } = tellingOf(input)
  const likely = candidatesOf(input)
    .map((one) => ({ one, rate: roughly(one) / one.minutes }))
    .sort((a, b) => descending(a.rate, b.rate))
    .slice(0, SHORTLIST)
    .map(({ one }) => asked(one, exactly(one)))
  const best = greatest(likely, ({ bits, minutes }) => bits / minutes)
  return best && best.bits >= WORTH_ASKING ? best : undefined
}

/** What is said twice and cannot both be so, and signs of fruit where there can be none. */
export function contradictions(input: CheckInput): readonly {
  readonly code: 'opposed' | 'tooYoung' | 'saidBoth'
  readonly signs: readonly Symptom[]
}[] {
  const seen = seenSigns(input).map(({ sign }) => sign)
  const both = seen.filter((sign) => input.absent?.includes(sign))
  const early = seen.filter((sign) => !isAskable(sign, input.stage))
  return [
    ...opposites
      .filter((pair) => pair.every((sign) => seen.includes(sign)))
      .map((signs) => ({ code: 'opposed' as const, signs })),
    ...(both.length > 0 ? [{ code: 'saidBoth' as const, signs: both }] : []),
    ...(early.length > 0 ? [{ code: 'tooYoung' as const, signs: early }] : []),
  ]
}
