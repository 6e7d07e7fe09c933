import { parseNumber, type DecimalMark, type UnitSystem } from '@rimbo/core'

/** A typed number without a unit; `NaN` where it is none, or can be read two ways. */
export function numberIn(text: string, system: UnitSystem, decimal: DecimalMark): number {
  try {
    return parseNumber(text, system, decimal)
  } catch {
    return NaN
  }
}

/** A number as `numberIn` reads it back; empty where there is none. */
export const numberText = (value: number | undefined, decimal: DecimalMark): string =>
  String(value ?? '').replace('.', decimal === 'comma' ? ',' : '.')
