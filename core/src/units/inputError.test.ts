import { describe, expect, test } from '@jest/globals'
import { z } from 'zod'
import {
  checked,
  customIssue,
  faultsOf,
  InputError,
  nameSchema,
  open,
  shareSchema,
  textSchema,
} from '.'

const schema = open({
  name: nameSchema,
  share: shareSchema,
  kind: z.enum(['pot', 'bag']),
  inner: open({ depthMm: z.number().min(20).max(3000) }),
  note: textSchema.optional(),
}).superRefine((one, context) => {
  if (one.name === 'bad') context.addIssue(customIssue('codeTaken', ['name'], { given: one.name }))
})
const good = { name: 'Pot', share: 0.5, kind: 'pot', inner: { depthMm: 300 } }

const refusal = (input: unknown): InputError => {
  try {
    checked(schema, input)
  } catch (error) {
    if (error instanceof InputError) return error
  }
  throw new Error('was not refused')
}

describe('bad input', () => {
  test('good input passes, unknown fields and all', () => {
    expect(checked(schema, { ...good, extra: [1, 2] })).toEqual({ ...good, extra: [1, 2] })
  })
  test.each([
    [
      'too small',
      { ...good, share: -0.1 },
      { path: ['share'], code: 'tooSmall', params: { limit: 0, given: '-0.1' } },
    ],
    [
      'too big',
      { ...good, inner: { depthMm: 20000 } },
      { path: ['inner', 'depthMm'], code: 'tooBig', params: { limit: 3000, given: '20000' } },
    ],
    [
      'of a wrong kind',
      { ...good, share: 'half' },
      { path: ['share'], code: 'wrongType', params: { expected: 'number', given: 'half' } },
    ],
    [
      'missing',
      { ...good, inner: undefined },
      { path: ['inner'], code: 'wrongType', params: { expected: 'object', given: 'undefined' } },
    ],
    [
      'a list for a number',
      { ...good, share: [1] },
      { path: ['share'], code: 'wrongType', params: { expected: 'number', given: 'list' } },
    ],
    [
      'not a choice',
      { ...good, kind: 'vase' },
      { path: ['kind'], code: 'notAllowed', params: { given: 'vase' } },
    ],
    [
      'against a rule of ours',
      { ...good, name: 'bad' },
      { path: ['name'], code: 'codeTaken', params: { given: 'bad' } },
    ],
  ])('%s: the field, what was given, what is allowed', (_, input, fault) => {
    expect(refusal(input).faults).toEqual([fault])
  })
  test('every fault is named, not the first alone', () => {
    const error = refusal({ ...good, share: 2, name: '  ' })
    expect(error.code).toBe('invalid')
    expect(error.params).toEqual({ faults: 2 })
    expect(error.faults.map((fault) => fault.path[0]).sort()).toEqual(['name', 'share'])
  })
  test('a long given text is cut, so that a message stays one', () => {
    const error = refusal({ ...good, kind: 'x'.repeat(500) })
    expect(String(error.faults[0]!.params['given']).length).toBeLessThanOrEqual(40)
  })
  test('an error can be read in a log', () => {
    expect(new InputError('wrongKind', { unit: 'kg' }).message).toBe('wrongKind {"unit":"kg"}')
    expect(faultsOf(schema.safeParse(null).error!)[0]!.path).toEqual([])
  })
})
