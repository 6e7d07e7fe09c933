import { parseNumber, type DecimalMark, type UnitSystem } from '@rimbo/core'

/** A typed number without a unit; `NaN` where it is none, or can be read two ways. */
export function numberIn(text: string, system: UnitSystem, decimal: DecimalMark): number {
  try {
    return parseNumber(text, system, decimal)
  } catch {
    return NaN
  }
}
