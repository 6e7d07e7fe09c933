import { z } from 'zod'
import { customIssue, dateSchema, idSchema, nameSchema, open } from '../units'

/** The one thing in which the two sides of a trial are meant to differ. */
export const trialThings = [
  'pot',
  'mix',
  'feed',
  'water',
  'mulch',
  'shade',
  'pruning',
  'plant',
] as const
export type TrialThing = (typeof trialThings)[number]

const potsSchema = z.array(idSchema).min(1).max(100)

/** Pots set against others, alike but in one thing, to see what it does. */
export const trialSchema = open({
  id: idSchema,
  name: nameSchema,
  differsIn: z.enum(trialThings),
  /** Containers of each side, in pairs where they stand in pairs. */
  a: potsSchema,
  b: potsSchema,
  /** The first of a stands beside the first of b, and so on. */
  isPaired: z.boolean().optional(),
  from: dateSchema,
  to: dateSchema.optional(),
}).superRefine(({ a, b, isPaired, from, to }, context) => {
  if (a.some((id) => b.includes(id))) context.addIssue(customIssue('trialBothSides', ['b'], {}))
  if (isPaired && a.length !== b.length)
    context.addIssue(customIssue('trialPairs', ['b'], { a: a.length, b: b.length }))
  if (to !== undefined && to < from)
    context.addIssue(customIssue('endsBeforeBegins', ['to'], { given: to }))
})
export type Trial = z.infer<typeof trialSchema>
