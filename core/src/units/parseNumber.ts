import { own } from './own'
import { InputError } from './inputError'
import type { UnitSystem } from './unitTable'

const FRACTIONS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}

const APPROXIMATELY =
  /^\s*(?:about|approximately|approx\b\.?|around|roughly|circa|ca\b\.?|c\.|etwa|ungefähr|rund|unos|unas|aprox\b\.?|~|≈)\s*/i

/**
 * A typed or printed amount with its marks as they are on a keyboard: fractions
 * written out, every kind of space a space, "5-gallon" parted.
 */
export const tidied = (text: string): string =>
  text
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (mark) => ` ${own(FRACTIONS, mark)!}`)
    .replace(/[\u2044\u2215]/g, '/')
    .replace(/[\u00a0\u2000-\u200a\u202f\u205f\u3000]/g, ' ')
    .replace(/[″”“]/g, '"')
    .replace(/[′’‘]/g, "'")
    .replace(/[º˚]/g, '°')
    .replace(/[‐‑–−]/g, '-')
    .replace(/(\d)-(\d+\/\d+)/g, '$1 $2')
    .replace(/(\d)-(?=[a-z])/gi, '$1 ')
    .replace(APPROXIMATELY, '')
    .trim()

/** A number at the beginning of a text: thousands parted by a space or an apostrophe, a fraction, a decimal. */
const NUMBER =
  /^[+-]?(?:\d{1,3}(?:([ '])\d{3})(?:\1\d{3})*(?:[.,]\d+)?(?![\d/.,])|\d+\s+\d+\/\d+|\d+\/\d+|\d[\d.,]*|[.,]\d+)/

/** The decimal mark of a language: 1.5 or 1,5. */
export type DecimalMark = 'point' | 'comma'

/** A number, and what follows it. */
export interface LeadingNumber {
  readonly value: number
  readonly rest: string
}

/**
 * The number that a tidied text begins with; undefined where it begins with none.
 *
 * @throws InputError `notANumber`, `ambiguousNumber`
 */
export function leadingNumber(
  text: string,
  system: UnitSystem,
  decimal: DecimalMark = 'point',
): LeadingNumber | undefined {
  const found = NUMBER.exec(text)
  if (!found) return undefined
  return {
    value: numberFrom(found[0], system, decimal),
    rest: text.slice(found[0].length).trimStart(),
  }
}

/** "1 1/2", "3/4", "1,5", "1.5", "1,250.5", "1 000", "1'000" as a number. */
function numberFrom(text: string, system: UnitSystem, decimal: DecimalMark): number {
  const sign = text.startsWith('-') ? -1 : 1
  const body = text.replace(/^[+-]/, '')
  const mixed = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(body)
  if (mixed) {
    const [, whole = '0', top, bottom] = mixed
    if (Number(bottom) === 0) throw new InputError('notANumber', { given: text })
    return sign * (Number(whole) + Number(top) / Number(bottom))
  }
  if (/[ ']/.test(body)) return sign * Number(body.replace(/[ ']/g, '').replace(',', '.'))
  // "1.500" is one and a half to one reader and fifteen hundred to another.
  if (decimal === 'comma' && /^[1-9]\d{0,2}\.\d{3}$/.test(body))
    throw new InputError('ambiguousNumber', { given: text })
  const isTheirs = decimal === 'comma' && /^\d*,\d+$/.test(body)
  return sign * (isTheirs ? Number(body.replace(',', '.')) : decimalFrom(body, text, system))
}

function decimalFrom(body: string, given: string, system: UnitSystem): number {
  if (/^\d+$|^\d*\.\d+$|^\d+\.$/.test(body)) return Number(body)
  // More than one mark, or both kinds: only thousands can be parted so.
  if (/^\d{1,3}(?:,\d{3})+\.\d+$|^\d{1,3}(?:,\d{3}){2,}$/.test(body))
    return Number(body.replaceAll(',', ''))
  if (/^\d{1,3}(?:\.\d{3})+,\d+$|^\d{1,3}(?:\.\d{3}){2,}$/.test(body))
    return Number(body.replaceAll('.', '').replace(',', '.'))
  // "1,500" is fifteen hundred to one reader and one and a half to another.
  if (/^[1-9]\d{0,2},\d{3}$/.test(body)) {
    if (system !== 'metric') return Number(body.replace(',', ''))
    throw new InputError('ambiguousNumber', { given })
  }
  if (/^\d*,\d+$/.test(body)) return Number(body.replace(',', '.'))
  throw new InputError('notANumber', { given })
}

/**
 * A bare number as it is typed, with nothing after it.
 *
 * @example parseNumber('1 000,5', 'metric') // => 1000.5
 * @param decimal where the reader’s language writes a comma, "1,250" is a little over one
 * @throws InputError `empty`, `notANumber`, `ambiguousNumber`
 */
export function parseNumber(
  text: string,
  system: UnitSystem,
  decimal: DecimalMark = 'point',
): number {
  const bare = tidied(text)
  if (bare === '') throw new InputError('empty')
  const found = leadingNumber(bare, system, decimal)
  if (!found || found.rest !== '') throw new InputError('notANumber', { given: text.trim() })
  return found.value
}
