import { z } from 'zod'
import {
  customIssue,
  dateTimeSchema,
  idSchema,
  InputError,
  memory,
  open,
  practice,
  reason,
  type Reason,
} from '../units'

export const squeezes = ['dusty', 'holds', 'drips'] as const
export type Squeeze = (typeof squeezes)[number]

export const extractMethods = ['oneToTwo', 'pourThrough'] as const
export type ExtractMethod = (typeof extractMethods)[number]

/** What a test was made of: a fresh mix, one ingredient, a lime or feed, or the mix in a container. */
export const testedKinds = ['recipe', 'ingredient', 'product', 'container'] as const

const base = {
  id: idSchema,
  at: dateTimeSchema,
  of: z.enum(testedKinds),
  /** Id of the recipe, ingredient, product or container. */
  testedId: idSchema,
}
const litres = z.number().positive().max(500)

/** A kitchen test as it was made: what was measured, never what follows from it. */
export const mixTestSchema = z.discriminatedUnion('kind', [
  open({
    ...base,
    kind: z.literal('drain'),
    potL: litres,
    /** Height of the mix in the test's vessel. */
    heightMm: z.number().min(20).max(1000),
    /** Water poured in until it stood at the surface. */
    waterInL: litres,
    /** Water that ran out of the opened holes. */
    waterOutL: z.number().min(0).max(500),
    /** Water that was in the mix before, where it was weighed moist and dry. */
    startWaterL: z.number().min(0).max(500),
  }).superRefine((test, context) => {
    for (const fault of drainFaults(test))
      context.addIssue(customIssue(fault.code, [fault.path], fault.params))
  }),
  open({ ...base, kind: z.literal('shrinkage'), looseL: litres, mixedL: litres }).superRefine(
    ({ looseL, mixedL }, context) => {
      if (mixedL > looseL || mixedL < looseL / 2)
        context.addIssue(
          customIssue(mixedL > looseL ? 'mixedOverLoose' : 'mixedUnderHalf', ['mixedL'], {
            looseL,
            mixedL,
          }),
        )
    },
  ),
  open({ ...base, kind: z.literal('squeeze'), squeeze: z.enum(squeezes) }),
  open({
    ...base,
    kind: z.literal('weigh'),
    /** What was weighed loose, as it came out of its pack. */
    volumeL: litres,
    massG: z.number().positive().max(500_000),
  }),
  open({
    ...base,
    kind: z.literal('extract'),
    method: z.enum(extractMethods),
    ph: z.number().min(2).max(12),
    ecDsM: z.number().min(0).max(30),
  }),
])
export type MixTest = z.infer<typeof mixTestSchema>
export type MixTestKind = MixTest['kind']
export const mixTestKinds = [
  'drain',
  'shrinkage',
  'squeeze',
  'weigh',
  'extract',
] as const satisfies readonly MixTestKind[]

/** What a pour-and-drain test measured. */
export interface DrainTest {
  readonly potL: number
  readonly waterInL: number
  readonly waterOutL: number
  readonly startWaterL?: number
}

function drainFaults({ potL, waterInL, waterOutL, startWaterL = 0 }: DrainTest) {
  const poresL = waterInL + startWaterL
  return [
    ...(waterOutL > poresL
      ? [{ path: 'waterOutL', code: 'moreOutThanIn', params: { inL: poresL, outL: waterOutL } }]
      : []),
    ...(poresL >= potL
      ? [{ path: 'waterInL', code: 'moreInThanPot', params: { inL: poresL, potL } }]
      : []),
  ]
}

export interface DrainResult {
  readonly totalPorosity: number
  readonly containerCapacity: number
  readonly airSpace: number
  readonly reasons: readonly Reason[]
}

/**
 * Pores, water and air from a pour-and-drain test: the water that fills a pot of
 * mix is its pores, what drains out again is its air, what stays is what it holds.
 *
 * @returns shares of the volume of mix, 0–1
 * @throws InputError `moreOutThanIn`, or `moreInThanPot` where there was no solid left
 */
export function interpretDrainTest(test: DrainTest): DrainResult {
  const [fault] = drainFaults(test)
  if (fault) throw new InputError(fault.code, fault.params)
  const { potL, waterInL, waterOutL, startWaterL = 0 } = test
  const totalPorosity = (waterInL + startWaterL) / potL
  const airSpace = waterOutL / potL
  return {
    totalPorosity,
    airSpace,
    containerCapacity: totalPorosity - airSpace,
    reasons: [
      reason('test.drain', {
        potL,
        inL: waterInL + startWaterL,
        outL: waterOutL,
        poreShare: totalPorosity,
        airShare: airSpace,
      }),
    ],
  }
}

/** Salt limits, as the conductivity of a saturated extract, dS/m. */
export const SALTY_EC_DS_M = 4
const POOR_EC_DS_M = 0.8

/** What a saturated extract would read, beside what each quick method reads (memory). */
const TO_SATURATED: Readonly<Record<ExtractMethod, number>> = { oneToTwo: 2.6, pourThrough: 0.67 }

export interface ExtractResult {
  readonly saturatedEcDsM: number
  readonly verdict: 'poor' | 'good' | 'salty'
  readonly reasons: readonly Reason[]
}

/**
 * Salt in a mix from a quick extract: one part of mix shaken with two of water,
 * or what runs out when a little is poured through.
 *
 * @param ecDsM as the meter reads, dS/m (mS/cm)
 */
export function interpretExtract(method: ExtractMethod, ecDsM: number): ExtractResult {
  const saturatedEcDsM = ecDsM * TO_SATURATED[method]
  const verdict =
    saturatedEcDsM > SALTY_EC_DS_M ? 'salty' : saturatedEcDsM < POOR_EC_DS_M ? 'poor' : 'good'
  return {
    saturatedEcDsM,
    verdict,
    reasons: [
      reason(
        'test.extract',
        { ec: ecDsM, factor: TO_SATURATED[method], saturated: saturatedEcDsM },
        memory,
      ),
      reason(`test.${verdict}`, { limit: SALTY_EC_DS_M, poor: POOR_EC_DS_M }, practice),
    ],
  }
}

/** The last test of a kind made of something, if any. */
export function lastTest<K extends MixTestKind>(
  tests: readonly MixTest[],
  kind: K,
  of: (typeof testedKinds)[number],
  testedId: string,
): Extract<MixTest, { kind: K }> | undefined {
  const own = tests.filter(
    (test): test is Extract<MixTest, { kind: K }> =>
      test.kind === kind && test.of === of && test.testedId === testedId,
  )
  return own.sort((one, other) => (one.at < other.at ? -1 : 1)).at(-1)
}
