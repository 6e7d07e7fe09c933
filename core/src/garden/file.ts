import { z } from 'zod'
import { faultsOf, InputError } from '../units'
import { GARDEN_FORMAT, GARDEN_VERSION, gardenSchema, type Garden } from './garden'
import { migrated } from './migrate'

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** A garden is no deeper than a dozen levels; what lies deeper than this could not be written again. */
const MOST_LEVELS = 100
/** The one key that no object can be given like any other. */
const UNUSABLE_KEY = '__proto__'
const USABLE_KEY = '_proto_'

/**
 * A document as it was read, its ids fit to be keys. What is in it is not looked at.
 *
 * @throws InputError `nestedTooDeep`
 */
function withUsableIds(value: unknown, level = 0, isId = false): unknown {
  if (level > MOST_LEVELS) throw new InputError('nestedTooDeep', { limit: MOST_LEVELS })
  if (Array.isArray(value)) return value.map((one) => withUsableIds(one, level + 1))
  if (isObject(value))
    return Object.fromEntries(
      Object.entries(value).map(([key, one]) => [
        key === UNUSABLE_KEY ? USABLE_KEY : key,
        withUsableIds(one, level + 1, /^id$|Id$/.test(key)),
      ]),
    )
  return isId && value === UNUSABLE_KEY ? USABLE_KEY : value
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text.replace(/^\uFEFF/, ''))
  } catch (error) {
    const detail = error instanceof Error ? error.message.slice(0, 120) : ''
    throw new InputError('notJson', { detail })
  }
}

/**
 * Reads a garden file (`*.rimbo.json`), whole or not at all; one of an earlier
 * version is brought up to this one. Fields it does not
 * know are kept.
 *
 * @throws InputError `notJson`, `nestedTooDeep`, `notAGarden` for a foreign file,
 *   `newerVersion` for one from a later program, or `gardenInvalid` with every fault and its path
 */
export function readGarden(text: string): Garden {
  const document = withUsableIds(parsed(text))
  if (!isObject(document) || document['format'] !== GARDEN_FORMAT)
    throw new InputError('notAGarden')
  const version = document['version']
  if (typeof version === 'number' && version > GARDEN_VERSION)
    throw new InputError('newerVersion', { given: version, known: GARDEN_VERSION })
  const result = gardenSchema.safeParse(migrated(document), { reportInput: true })
  if (result.success) return result.data
  const faults = faultsOf(result.error)
  throw new InputError('gardenInvalid', { faults: faults.length }, faults)
}

/** A garden as the text of its file: JSON, indented, ending in a new line. */
export const writeGarden = (garden: Garden): string => `${JSON.stringify(garden, null, 2)}\n`

/** The shape of the file as JSON Schema, for other programs. What spans several fields is not in it. */
export const gardenJsonSchema = () => z.toJSONSchema(gardenSchema, { unrepresentable: 'any' })
