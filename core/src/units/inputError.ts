import type { z } from 'zod'

/** A schema as a form uses it: to say at a field what cannot be kept. */
export type Schema<T = unknown> = z.ZodType<T>
export type SchemaError = z.ZodError

/** What a message may name about a fault: the given text, the limits, a field, a unit. */
export type Params = Readonly<Record<string, string | number>>

/** One thing wrong with something given from outside, and where it stands. */
export interface Fault {
  /** Path to the field, outermost first; empty for the whole. */
  readonly path: readonly (string | number)[]
  readonly code: string
  readonly params: Params
}

/**
 * Something given from outside cannot be used. It carries codes and parameters
 * only; the words are the interface's, so that every language says it well.
 */
export class InputError extends Error {
  override readonly name = 'InputError'

  constructor(
    readonly code: string,
    readonly params: Params = {},
    /** Each fault by itself, where more than one field can be wrong. */
    readonly faults: readonly Fault[] = [],
  ) {
    super(`${code} ${JSON.stringify(params)}`)
  }
}

/** How a schema of ours reports a rule that Zod does not know by itself. */
export function customIssue(code: string, path: PropertyKey[] = [], params: Params = {}) {
  return { code: 'custom' as const, path, params: { code, ...params } }
}

const shown = (input: unknown): string =>
  typeof input === 'object' && input !== null
    ? Array.isArray(input)
      ? 'list'
      : 'object'
    : String(input).slice(0, 40)

/**
 * Zod's findings as faults of ours, each with its path, what was given and what
 * is allowed.
 */
export function faultsOf(error: z.ZodError): Fault[] {
  return error.issues.map((issue) => {
    const path = issue.path.map((step) => (typeof step === 'symbol' ? String(step) : step))
    const given = shown(issue.input)
    switch (issue.code) {
      case 'invalid_type':
        return { path, code: 'wrongType', params: { expected: issue.expected, given } }
      case 'too_small':
        return { path, code: 'tooSmall', params: { limit: Number(issue.minimum), given } }
      case 'too_big':
        return { path, code: 'tooBig', params: { limit: Number(issue.maximum), given } }
      case 'invalid_value':
      case 'invalid_union':
        return { path, code: 'notAllowed', params: { given } }
      case 'custom': {
        const { code, ...params } = (issue.params ?? { code: 'invalid' }) as Params
        return { path, code: String(code), params }
      }
      default:
        return { path, code: 'badFormat', params: { given } }
    }
  })
}

/** The first thing that a schema finds wrong; undefined where it accepts the value. */
export function firstFault(schema: z.ZodType | undefined, value: unknown): Fault | undefined {
  const { error } = schema?.safeParse(value, { reportInput: true }) ?? {}
  return error && faultsOf(error)[0]
}

/** The same findings within something larger, of which the thing is a part. */
export const faultsAt = (path: Fault['path'], error: z.ZodError): Fault[] =>
  faultsOf(error).map((fault) => ({ ...fault, path: [...path, ...fault.path] }))

/**
 * Reads something from outside against its schema.
 *
 * @throws InputError `invalid` with every fault
 */
export function checked<T>(schema: z.ZodType<T>, input: unknown): T {
  const result = schema.safeParse(input, { reportInput: true })
  if (result.success) return result.data
  const faults = faultsOf(result.error)
  throw new InputError('invalid', { faults: faults.length }, faults)
}
