import type { z } from 'zod'
import { faultsAt, own, remembered, type Fault } from '../units'
import { gardenFields } from './garden'

/** What is known of a list's schema from outside. */
interface ListSchema {
  readonly element: z.ZodType
  readonly def: {
    readonly checks?: readonly {
      readonly _zod: { readonly def: { readonly minimum?: number; readonly maximum?: number } }
    }[]
  }
}

interface OptionalSchema {
  readonly def: { readonly innerType?: ListSchema }
}

const shape: Readonly<Record<string, z.ZodType>> = gardenFields.shape

/** The schema of one field of a garden; none for a field of a later program. */
export const schemaOf = (field: string): z.ZodType | undefined => own(shape, field)

/** A list of a garden: what it holds, and how many at least and at most. */
export function listOf(field: string): { of: z.ZodType; least: number; most: number } | undefined {
  const whole = schemaOf(field) as unknown as (ListSchema & OptionalSchema) | undefined
  // A list that may be left out is a list all the same.
  const schema = whole?.def.innerType ?? whole
  if (!schema?.element) return undefined
  const limits = (schema.def.checks ?? []).map((check) => check._zod.def)
  return {
    of: schema.element,
    least: limits.find(({ minimum }) => minimum !== undefined)?.minimum ?? 0,
    most: limits.find(({ maximum }) => maximum !== undefined)?.maximum ?? Infinity,
  }
}

/** What is wrong with a thing by itself, found at a path. */
export function faultsIn(
  schema: z.ZodType | undefined,
  thing: unknown,
  path: Fault['path'],
): Fault[] {
  const { error } = schema?.safeParse(thing, { reportInput: true }) ?? {}
  return error ? faultsAt(path, error) : []
}

/** What is wrong with the length of a list. */
export function countFaults(field: string, given: number): Fault[] {
  const { least = 0, most = Infinity } = listOf(field) ?? {}
  if (given > most) return [{ path: [field], code: 'tooBig', params: { limit: most, given } }]
  return given < least ? [{ path: [field], code: 'tooSmall', params: { limit: least, given } }] : []
}

const restOf = remembered((whole: typeof gardenFields, without: readonly string[]) => {
  const fields: Partial<Record<keyof typeof gardenFields.shape, true>> = Object.fromEntries(
    without.map((field) => [field, true]),
  )
  return whole.omit(fields)
})

/** A garden without some of its fields; a schema is quick only when it is used again. */
export const restSchema = (without: readonly string[]) => restOf(gardenFields, without)
