import { z } from 'zod'
import { faultsOf, InputError, isFields, own, remembered, type Fault } from '../units'
import { GARDEN_FORMAT, GARDEN_VERSION } from './format'
import type { Garden } from './garden'
import { gardenSchema } from './gardenSchema'
import { countFaults, faultsIn, listOf, restSchema } from './fields'
import { migrated } from './migrate'
import { referenceFaults } from './references'

type Fields = Record<string, unknown>

/** A garden is no deeper than a dozen levels; what lies deeper than this could not be written again. */
const MOST_LEVELS = 100
/** The one key that no object can be given like any other. */
const UNUSABLE_KEY = '__proto__'
const USABLE_KEY = '_proto_'

const isIdKey = (key: string) => key === 'id' || key.endsWith('Id')

/** Fields whose key no object can be given, or that hold it as an id. */
const isUnusable = (key: string, one: unknown) =>
  key === UNUSABLE_KEY || (one === UNUSABLE_KEY && isIdKey(key))

/**
 * A document fresh from its text, its ids fit to be keys: changed in place. What is in
 * it is not looked at.
 *
 * @throws InputError `nestedTooDeep`
 */
function withUsableIds(value: unknown, level = 0): unknown {
  if (typeof value !== 'object' || value === null) return value
  if (level > MOST_LEVELS) throw new InputError('nestedTooDeep', { limit: MOST_LEVELS })
  if (Array.isArray(value)) {
    const items: unknown[] = value
    for (let at = 0; at < items.length; at++) items[at] = withUsableIds(items[at], level + 1)
    return value
  }
  const fields = value as Fields
  let isUsable = true
  for (const key in fields) {
    const one = own(fields, key)
    if (isUnusable(key, one)) isUsable = false
    else if (typeof one === 'object') fields[key] = withUsableIds(one, level + 1)
  }
  if (isUsable) return value
  return Object.fromEntries(
    Object.entries(fields).map(([key, one]) =>
      key === UNUSABLE_KEY
        ? [USABLE_KEY, withUsableIds(one, level + 1)]
        : [key, isUnusable(key, one) ? USABLE_KEY : one],
    ),
  )
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text.startsWith('\uFEFF') ? text.slice(1) : text)
  } catch (error) {
    const detail = error instanceof Error ? error.message.slice(0, 120) : ''
    throw new InputError('notJson', { detail })
  }
}

/** At most this many faults are listed; of more there is only the count. */
const MOST_FAULTS = 100
/** So many things are looked through at a time; then it is told how far it is. */
const STRIDE = 1000

/** Faults as they are found: the first of them kept, all of them counted. */
interface Found {
  readonly first: Fault[]
  count: number
}
function note(found: Found, faults: readonly Fault[]): void {
  found.count += faults.length
  found.first.push(...faults.slice(0, MOST_FAULTS - found.first.length))
}

const severalOf = remembered((schema: z.ZodType) => z.array(schema))

/** The things of every list, each looked through by itself, as their schemas read them. */
function readLists(
  document: Fields,
  found: Found,
  tell: (share: number) => void,
): Readonly<Record<string, readonly unknown[]>> {
  const lists = Object.entries(document).flatMap(([field, list]) => {
    const known = Array.isArray(list) ? listOf(field) : undefined
    return known ? [{ field, list: list as readonly unknown[], schema: known.of }] : []
  })
  const total = lists.reduce((sum, { list }) => sum + list.length, 0)
  let done = 0
  const read = (field: string, list: readonly unknown[], schema: z.ZodType) => {
    const several = severalOf(schema)
    const read: unknown[] = []
    for (let from = 0; from < list.length; from += STRIDE) {
      const things = list.slice(from, from + STRIDE)
      const { success, data } = several.safeParse(things)
      if (success) read.push(...data)
      else
        // One by one only where something is wrong: it costs half as much again.
        for (const [index, thing] of things.entries())
          note(found, faultsIn(schema, thing, [field, from + index]))
      tell((done += things.length) / total)
    }
    return read
  }
  return Object.fromEntries(
    lists.map(({ field, list, schema }) => {
      const count = countFaults(field, list.length)
      note(found, count)
      return [field, count.length ? [] : read(field, list, schema)]
    }),
  )
}

/**
 * Reads a garden file (`*.rimbo.json`), whole or not at all; one of an earlier
 * version is brought up to this one. Fields it does not know are kept.
 *
 * @param tell told how far it is, 0–1, as a long file is looked through
 * @throws InputError `notJson`, `nestedTooDeep`, `notAGarden` for a foreign file,
 *   `newerVersion` for one from a later program, or `gardenInvalid` with the number
 *   of its faults, the first hundred of them with their paths
 */
export function readGarden(text: string, tell: (share: number) => void = () => undefined): Garden {
  const document = withUsableIds(parsed(text))
  if (!isFields(document) || document['format'] !== GARDEN_FORMAT)
    throw new InputError('notAGarden')
  const version = document['version']
  if (typeof version === 'number' && version > GARDEN_VERSION)
    throw new InputError('newerVersion', { given: version, known: GARDEN_VERSION })
  const whole = migrated(document)
  const found: Found = { first: [], count: 0 }
  const lists = readLists(whole, found, tell)
  const others = Object.fromEntries(Object.entries(whole).filter(([field]) => !own(lists, field)))
  const rest = restSchema(Object.keys(lists)).safeParse(others, { reportInput: true })
  if (rest.error) note(found, faultsOf(rest.error))
  const garden = { ...whole, ...rest.data, ...lists } as unknown as Garden
  // What stands between the things is only looked at where each is right by itself.
  if (!found.count) note(found, referenceFaults(garden))
  if (found.count) throw new InputError('gardenInvalid', { faults: found.count }, found.first)
  return garden
}

/** A garden as the text of its file: JSON, indented, ending in a new line. */
export const writeGarden = (garden: Garden): string => `${JSON.stringify(garden, null, 2)}\n`

/** The shape of the file as JSON Schema, for other programs. What spans several fields is not in it. */
export const gardenJsonSchema = () => z.toJSONSchema(gardenSchema, { unrepresentable: 'any' })
