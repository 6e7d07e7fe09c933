import { InputError } from './inputError'
import { bareUnit, fromUnit, unitFor, type Dimension, type UnitSystem } from './unitTable'

const FRACTIONS: Record<string, string> = {
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

const NUMBER = /^[+\-−]?(?:\d+\s+\d+\/\d+|\d+\/\d+|\d[\d.,]*|[.,]\d+)/

function tidied(text: string): string {
  return text
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (mark) => ` ${FRACTIONS[mark]!}`)
    .replace(/(\d)-(\d+\/\d+)/g, '$1 $2')
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .replace(/[″”“]/g, '"')
    .replace(/[′’‘]/g, "'")
    .replace(/^\s*(?:about|approx\.?|ca\.?|~)\s*/i, '')
    .trim()
}

/** "1 1/2", "3/4", "1,5", "1.5", "1,250.5" as a number. */
function numberFrom(text: string, system: UnitSystem): number {
  const sign = /^[-−]/.test(text) ? -1 : 1
  const body = text.replace(/^[+\-−]/, '')
  const mixed = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(body)
  if (mixed) {
    const [, whole = '0', top, bottom] = mixed
    if (Number(bottom) === 0) throw new InputError('notANumber', { given: text })
    return sign * (Number(whole) + Number(top) / Number(bottom))
  }
  return sign * decimalFrom(body, text, system)
}

function decimalFrom(body: string, given: string, system: UnitSystem): number {
  if (/^\d+$|^\d*\.\d+$|^\d+\.$/.test(body)) return Number(body)
  if (/^\d{1,3}(?:,\d{3})+\.\d+$/.test(body)) return Number(body.replaceAll(',', ''))
  if (/^\d{1,3}(?:\.\d{3})+,\d+$/.test(body))
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
 * What a person typed, as a value in the core's own unit: L, mm, g, °C, m², m/s,
 * h, or a share 0–1.
 *
 * Reads decimal points and commas, fractions ("1 1/2 cups", "½ cup"), sums of
 * units ("5 ft 3 in") and units without a space. A bare number takes the usual
 * unit of the system. A gallon, pint, cup or spoon without "US" or "imperial" is
 * the system's own; in the metric system a gallon is the US one, as pots are
 * labelled, and spoons are 5 and 15 mL.
 *
 * @example parseQuantity('5 gal', 'volume', 'us') // 18.927…
 * @throws InputError `empty`, `notANumber`, `ambiguousNumber`, `unknownUnit`,
 *   `wrongKind` or `negative`
 */
export function parseQuantity(text: string, dimension: Dimension, system: UnitSystem): number {
  let rest = tidied(text)
  if (rest === '') throw new InputError('empty')
  let total: number | undefined
  while (rest !== '') {
    const found = NUMBER.exec(rest)
    if (!found) throw new InputError('notANumber', { given: text.trim() })
    const value = numberFrom(found[0], system)
    rest = rest.slice(found[0].length).trimStart()
    // What stands before the next number is this one's unit. "m3" and "in2" end in
    // a digit, but in "5ft3in" the digit begins the next number.
    const unitText =
      /^(?:[a-z]{1,3}(?:\^?[23](?![\d.,/]|\s*[a-z"'])|[²³])|(?:[^\d.,]|\.(?!\d))*)/i.exec(
        rest,
      )?.[0] ?? ''
    rest = rest.slice(unitText.length).replace(/^[,+\s]+/, '')
    const part = inCoreUnit(value, unitText.replace(/\band\b|\+$/gi, '').trim(), dimension, system)
    total = (total ?? 0) + part
  }
  if (total === undefined || !Number.isFinite(total))
    throw new InputError('notANumber', { given: text.trim() })
  if (total < 0 && dimension !== 'temperature')
    throw new InputError('negative', { given: text.trim() })
  return total
}

function inCoreUnit(
  value: number,
  unitText: string,
  dimension: Dimension,
  system: UnitSystem,
): number {
  if (unitText === '') return fromUnit(value, dimension, bareUnit[system][dimension])
  const found = unitFor(unitText, system)
  if (!found) throw new InputError('unknownUnit', { unit: unitText })
  if (found.dimension !== dimension)
    throw new InputError('wrongKind', { unit: unitText, kind: found.dimension, wanted: dimension })
  return value * found.unit.factor + (found.unit.offset ?? 0)
}
