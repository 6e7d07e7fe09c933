import { own } from './own'
import type { Dimension } from './dimension'
import { InputError } from './inputError'
import { leadingNumber, tidied, type DecimalMark } from './parseNumber'
import { bareUnit, fromUnit, unitFor, units, type Unit, type UnitSystem } from './unitTable'

/** One number of a typed sum and its unit, which may be missing. */
interface Term {
  readonly value: number
  readonly unitText: string
}

/** What stands before the next number is this one's unit. "m3" and "in2" end in a digit, but in "5ft3in" it begins the next number. */
const UNIT = /^(?:[a-z]{1,3}(?:\^?[23](?![\d.,/]|\s*[a-z"'])|[²³])|(?:[^\d.,]|\.(?!\d))*)/i

function termsOf(text: string, system: UnitSystem, decimal: DecimalMark): Term[] {
  const terms: Term[] = []
  let rest = tidied(text)
  while (rest !== '') {
    const found = leadingNumber(rest, system, decimal)
    if (!found) throw new InputError('notANumber', { given: text.trim() })
    const typed = UNIT.exec(found.rest)?.[0] ?? ''
    rest = found.rest.slice(typed.length).replace(/^[,+\s]+/, '')
    terms.push({
      value: found.value,
      unitText: typed.replace(/\b(?:and|und|y)\b|[,+]\s*$/gi, '').trim(),
    })
  }
  return terms
}

/** What a bare number after a unit is in, where everybody says it so, and how many of it make the larger one. */
const NEXT_SMALLER: Readonly<
  Partial<Record<string, { readonly unit: Unit; readonly under: number; readonly atLeast: number }>>
> = {
  ft: { unit: units.length.in, under: 12, atLeast: 0 },
  // "1 m 5" could be five centimetres or half a metre.
  m: { unit: units.length.cm, under: 100, atLeast: 10 },
  lb: { unit: units.mass.oz, under: 16, atLeast: 0 },
  kg: { unit: units.mass.g, under: 1000, atLeast: 100 },
  h: { unit: units.duration.min, under: 60, atLeast: 0 },
}

/**
 * What a person typed, as a value in the core's own unit: L, mm, g, °C, m², m/s,
 * h, or a share 0–1.
 *
 * Reads decimal points and commas, fractions ("1 1/2 cups", "½ cup"), sums of
 * units ("5 ft 3 in") and units without a space. A bare number takes the usual
 * unit of the system, or the next smaller one after a unit ("5 ft 3", "1h30"); two
 * bare numbers are asked for again, not added. A gallon, pint, cup or spoon without "US" or "imperial" is
 * the system's own; in the metric system a gallon is the US one, as pots are
 * labelled, and spoons are 5 and 15 mL. A bare degree is the system's.
 *
 * @example parseQuantity('5 gal', 'volume', 'us') // 18.927…
 * @throws InputError `empty`, `notANumber`, `ambiguousNumber`, `severalNumbers`,
 *   `unknownUnit`, `wrongKind` or `negative`
 */
export function parseQuantity(
  text: string,
  dimension: Dimension,
  system: UnitSystem,
  decimal: DecimalMark = 'point',
): number {
  const terms = termsOf(text, system, decimal)
  if (!terms.length) throw new InputError('empty')
  let total = 0
  let before: string | undefined
  terms.forEach(({ value, unitText }, index) => {
    if (unitText === '') {
      total += bare(value, index, before)
      before = undefined
      return
    }
    const { unit, name } = unitIn(unitText, dimension, system)
    total += value * unit.factor + (unit.offset ?? 0)
    before = name
  })
  if (!Number.isFinite(total)) throw new InputError('notANumber', { given: text.trim() })
  if (total < 0 && dimension !== 'temperature')
    throw new InputError('negative', { given: text.trim() })
  return total

  /** A number without a unit: alone in the usual one, after a unit in the next smaller. */
  function bare(value: number, index: number, larger: string | undefined): number {
    if (terms.length === 1) return fromUnit(value, dimension, bareUnit[system][dimension])
    const next = larger === undefined ? undefined : own(NEXT_SMALLER, larger)
    const isLast = index === terms.length - 1
    if (!isLast || !next || value >= next.under || value < next.atLeast)
      throw new InputError('severalNumbers', { given: text.trim() })
    return value * next.unit.factor
  }
}

/** The unit of a spelling, where it is one of the dimension. */
function unitIn(unitText: string, dimension: Dimension, system: UnitSystem) {
  const found = unitFor(unitText, system)
  if (!found) throw new InputError('unknownUnit', { unit: unitText })
  if (found.dimension !== dimension)
    throw new InputError('wrongKind', { unit: unitText, kind: found.dimension, wanted: dimension })
  return found
}
