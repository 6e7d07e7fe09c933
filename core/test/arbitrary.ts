// Values of any schema of ours, drawn from the schema itself: the extremes first, ids and texts as hostile as they come.
import fc from 'fast-check'
import type { z } from 'zod'
import { dateSchema, dateTimeSchema, monthDaySchema } from '../src/units'

/** What is known of a schema from outside. */
interface Known {
  readonly def: {
    readonly type: string
    readonly innerType?: z.ZodType
    readonly element?: z.ZodType
    readonly valueType?: z.ZodType
    readonly items?: readonly z.ZodType[]
    readonly options?: readonly z.ZodType[]
    readonly shape?: Readonly<Record<string, z.ZodType>>
    readonly entries?: Readonly<Record<string, string>>
    readonly values?: readonly unknown[]
    readonly checks?: readonly Check[]
  }
}

/** What its checks allow. */
interface Limits {
  readonly least?: number | undefined
  readonly most?: number | undefined
  readonly isAbove?: boolean
  readonly isBelow?: boolean
  readonly isWhole?: boolean
  readonly isPattern?: boolean
}

interface Check {
  readonly _zod: {
    readonly def: {
      readonly check: string
      readonly value?: number
      readonly inclusive?: boolean
      readonly minimum?: number
      readonly maximum?: number
      readonly length?: number
    }
  }
}

/** The limits of a schema, out of its checks. */
function limitsOf({ def }: Known): Limits {
  return (def.checks ?? []).reduce((limits: Limits, { _zod: { def: one } }) => {
    switch (one.check) {
      case 'greater_than':
        return { ...limits, least: one.value, isAbove: !one.inclusive }
      case 'less_than':
        return { ...limits, most: one.value, isBelow: !one.inclusive }
      case 'min_length':
        return { ...limits, least: one.minimum }
      case 'max_length':
        return { ...limits, most: one.maximum }
      case 'length_equals':
        return { ...limits, least: one.length, most: one.length }
      case 'number_format':
        return { ...limits, isWhole: true }
      case 'string_format':
        return { ...limits, isPattern: true }
      default:
        return limits
    }
  }, {})
}

/** Names that objects inherit, and texts that break what was not written with care. */
export const hostileIds = [
  'constructor',
  'toString',
  '__proto__',
  'hasOwnProperty',
  'valueOf',
  '0',
  '-1',
  ' ',
  'a b',
  'é',
  '<b>x</b>',
  '"; DROP',
  '日本',
  'b1',
] as const
const texts = [
  'x',
  '<img src=x onerror=y>',
  'ünï',
  'مرحبا',
  '漢字かな',
  '🌶️🍅',
  '=1+1',
  'a\'b"c',
  '\u202eabc',
]

const text = (least: number, most: number) =>
  fc
    .oneof(
      fc.constantFrom(...texts),
      fc.constant('W'.repeat(Math.min(most, 200))),
      fc.string({ unit: 'grapheme', minLength: 1, maxLength: 12 }),
    )
    .map((one) => (one.trim().length < least ? 'x'.repeat(Math.max(1, least)) : one).slice(0, most))

/** A day about the middle of the 2020s, so that days meet. */
const day = fc
  .integer({ min: 0, max: 420 })
  .map((days) => new Date(Date.UTC(2025, 8, 1) + days * 86_400_000).toISOString().slice(0, 10))
const moment = fc
  .tuple(day, fc.integer({ min: 0, max: 23 }), fc.integer({ min: 0, max: 59 }))
  .map(
    ([date, hour, minute]) =>
      `${date}T${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`,
  )

function number({
  least = 0,
  most = 1000,
  isAbove,
  isBelow,
  isWhole,
}: Limits): fc.Arbitrary<number> {
  const step = isWhole ? 1 : 0.001
  const min = Math.max(-1e6, least + (isAbove ? step : 0))
  const max = Math.max(min, Math.min(1e6, most - (isBelow ? step : 0)))
  const usual = Math.min(max, min + 30)
  // A file knows no negative nothing.
  const told = (value: number) => (value === 0 ? 0 : value)
  if (isWhole) return fc.oneof(fc.constantFrom(min, max), fc.integer({ min, max: usual })).map(told)
  return fc
    .oneof(
      { weight: 1, arbitrary: fc.constantFrom(min, max) },
      { weight: 3, arbitrary: fc.double({ min, max, noNaN: true }) },
      { weight: 3, arbitrary: fc.double({ min, max: usual, noNaN: true }) },
    )
    .map(told)
}

function object(shape: Readonly<Record<string, z.ZodType>>): fc.Arbitrary<object> {
  const isOptional = (schema: z.ZodType) => (schema as unknown as Known).def.type === 'optional'
  const required = Object.keys(shape).filter((key) => !isOptional(shape[key]!))
  const model = Object.fromEntries(
    Object.entries(shape).map(([key, schema]) => [
      key,
      valueOf(isOptional(schema) ? (schema as unknown as Known).def.innerType! : schema),
    ]),
  )
  return fc.record(model, { requiredKeys: required, noNullPrototype: true })
}

/** Any value that a schema is made of. Rules that span several fields are not looked at. */
export function valueOf(schema: z.ZodType): fc.Arbitrary<unknown> {
  if (schema === dateSchema) return day
  if (schema === dateTimeSchema) return moment
  if (schema === monthDaySchema) return fc.constantFrom('01-01', '12-31', '02-28', '03-12', '11-28')
  const known = schema as unknown as Known
  const { def } = known
  const { least = 0, most = Infinity, isPattern } = limitsOf(known)
  switch (def.type) {
    case 'string':
      return isPattern ? fc.constantFrom('EUR', 'USD', 'XXX') : text(least, most)
    case 'number':
      return number(limitsOf(known))
    case 'boolean':
      return fc.boolean()
    case 'literal':
      return fc.constantFrom(...def.values!)
    case 'enum':
      return fc.constantFrom(...Object.values(def.entries!))
    case 'array':
      return fc.array(valueOf(def.element!), {
        minLength: least,
        maxLength: Math.max(least, Math.min(4, most)),
      })
    case 'tuple':
      return fc.tuple(...def.items!.map(valueOf))
    case 'union':
      return fc.oneof(...def.options!.map(valueOf))
    case 'object':
      return object(def.shape!)
    case 'record':
      return fc.dictionary(fc.constantFrom(...hostileIds), valueOf(def.valueType!), { maxKeys: 3 })
    case 'optional':
      return fc.option(valueOf(def.innerType!), { nil: undefined })
    case 'unknown':
      return fc.constantFrom(...texts, 3, true, ['a', 1])
    default:
      throw new Error(`No values are made for a schema of type ${def.type}`)
  }
}

/**
 * Values that a schema accepts, rules that span several fields included.
 *
 * @param tamed brings a value closer to what these rules allow, where hardly any would pass
 */
export const valid = <T>(
  schema: z.ZodType<T>,
  tamed: (value: T) => T = (value) => value,
): fc.Arbitrary<T> =>
  valueOf(schema)
    .map((value) => schema.safeParse(tamed(value as T)))
    .filter(({ success }) => success)
    .map(({ data }) => data as T)
