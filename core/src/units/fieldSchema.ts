import { own } from './own'
import type { z } from 'zod'

/** What is known of a schema from outside. */
interface Known {
  readonly def: {
    readonly innerType?: z.ZodType
    readonly element?: z.ZodType
    readonly valueType?: z.ZodType
    readonly options?: readonly z.ZodType[]
    readonly shape?: Readonly<Record<string, z.ZodType>>
  }
}
/** A field by its name, any thing of a list or table by a number, one of several kinds of thing by its kind. */
type Step = string | number | { readonly kind: string }

const defOf = (schema: z.ZodType) => (schema as unknown as Known).def
/** The schema itself of what may be left out. */
function needed(schema: z.ZodType): z.ZodType {
  const { innerType } = defOf(schema)
  return innerType ? needed(innerType) : schema
}

function within(schema: z.ZodType, step: Step): z.ZodType | undefined {
  const { shape, element, valueType, options } = defOf(needed(schema))
  if (typeof step === 'number') return element ?? valueType
  if (typeof step === 'string') return shape && own(shape, step)
  return options?.find((option) => {
    const kind = defOf(option).shape?.['kind']
    return kind?.safeParse(step.kind).success
  })
}

/**
 * The schema of one field within a larger one, for the form that asks for it.
 *
 * @throws Error where there is no such field: a slip of the program, not of the gardener
 */
export const fieldSchema = (schema: z.ZodType, ...path: readonly Step[]): z.ZodType =>
  needed(
    path.reduce((at, step) => {
      const next = within(at, step)
      if (!next) throw new Error(`No field ${JSON.stringify(path)}`)
      return next
    }, schema),
  )
