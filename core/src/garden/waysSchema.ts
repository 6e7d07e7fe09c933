import { z } from 'zod'
import { schoolIds } from '../fit'
import { idSchema, open } from '../units'
import { mulchMaterials } from './kinds/choices'

const MOST_TRUSSES = 20

/**
 * The questions on which growers disagree, each with what it may be answered. All
 * answers are practice; which of them is Rimbo's own is told by `usualWays`.
 */
export const wayFields = {
  /** Mix warm enough to plant, °C. */
  soilC: z.literal([7, 10, 16]),
  depth: z.enum(['deep', 'sideways', 'asItWas']),
  /** How leaves and side shoots come off. */
  strip: z.enum(['fingers', 'cut']),
  sideShoots: z.enum(['oneStem', 'firstThree', 'none']),
  /** Trusses after which the top comes out; `ripens`: after the last that can still ripen. */
  stopAt: z.union([z.literal('ripens'), z.number().int().min(1).max(MOST_TRUSSES)]),
  tipping: z.enum(['both', 'once', 'never']),
  staking: z.enum(['atPlanting', 'at15to20cm']),
  /** `byHeight`: whatever fits the plant and its pot. */
  support: z.enum(['byHeight', 'stake', 'cage', 'twoCages', 'string']),
  school: z.enum(schoolIds),
  plantsEach: z.literal([1, 2]),
  calcium: z.enum(['never', 'atPlanting', 'at024']),
  epsom: z.enum(['never', 'inPots', 'threeWeeks']),
  copper: z.enum(['no', 'byLabel']),
  chipsBelow: z.enum(['no', 'counted']),
  water: z.enum(['rain', 'tap', 'stood']),
  times: z.enum(['morning', 'both']),
  holdBack: z.enum(['no', 'peppers']),
  firstFeed: z.enum(['atPlanting', 'afterAWeek']),
  mulch: z.enum(mulchMaterials),
} as const

/** The ways of a gardener, every question answered. */
export type Ways = { readonly [K in keyof typeof wayFields]: z.infer<(typeof wayFields)[K]> }
export type WayKey = keyof Ways

/** Some of the questions answered. */
const someWaysSchema = open(
  Object.fromEntries(
    Object.entries(wayFields).map(([key, schema]) => [key, schema.optional()]),
  ) as unknown as { readonly [K in keyof typeof wayFields]: z.ZodOptional<(typeof wayFields)[K]> },
)
export type SomeWays = z.infer<typeof someWaysSchema>

/** The ways of a garden, and of single pots and plants that go otherwise. */
export const waysSchema = open({
  garden: someWaysSchema,
  byContainer: z.record(idSchema, someWaysSchema).optional(),
  byPlanting: z.record(idSchema, someWaysSchema).optional(),
})

/** Answers that are offered for each question. */
export const wayChoices: { readonly [K in WayKey]: readonly Ways[K][] } = {
  soilC: wayFields.soilC.def.values,
  depth: wayFields.depth.options,
  strip: wayFields.strip.options,
  sideShoots: wayFields.sideShoots.options,
  stopAt: ['ripens', 4, 5, 7],
  tipping: wayFields.tipping.options,
  staking: wayFields.staking.options,
  support: wayFields.support.options,
  school: wayFields.school.options,
  plantsEach: wayFields.plantsEach.def.values,
  calcium: wayFields.calcium.options,
  epsom: wayFields.epsom.options,
  copper: wayFields.copper.options,
  chipsBelow: wayFields.chipsBelow.options,
  water: wayFields.water.options,
  times: wayFields.times.options,
  holdBack: wayFields.holdBack.options,
  firstFeed: wayFields.firstFeed.options,
  mulch: wayFields.mulch.options,
}
