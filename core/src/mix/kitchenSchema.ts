import { z } from 'zod'
import { customIssue, dateTimeSchema, idSchema, open } from '../units'
import { drainFaults } from './drainTest'

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
