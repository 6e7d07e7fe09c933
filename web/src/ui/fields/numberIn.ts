import { parseNumber, type UnitSystem } from '@rimbo/core'

/** A typed number without a unit; `NaN` where it is none, or can be read two ways. */
export function numberIn(text: string, system: UnitSystem): number {
  try {
    return parseNumber(text, system)
  } catch {
    return NaN
  }
}
