import { InputError, leadingNumber, own, tidied, type DecimalMark, type UnitSystem } from '../units'

/** A pound on a square foot. */
export const KN_M2_PER_PSF = 0.04788026

/** What papers write, in kN/m². A kilogram weighs 9.81 N. */
const UNITS_KN_M2: Readonly<Record<string, number>> = {
  'kn/m2': 1,
  kpa: 1,
  'n/m2': 0.001,
  'dan/m2': 0.01,
  'kg/m2': 9.81 / 1000,
  psf: KN_M2_PER_PSF,
  'lb/ft2': KN_M2_PER_PSF,
}

/** A unit as it is spelt in the table: "lbs per sq. ft" as "lb/ft2". */
const spelt = (unit: string): string =>
  unit
    .toLowerCase()
    .replace(/[\s.^]/g, '')
    .replace(/²/g, '2')
    .replace(/per/g, '/')
    .replace(/sq(?:uare)?(m|ft)\w*/g, '$12')
    .replace(/^kgf?s?\//, 'kg/')
    .replace(/^lbf?s?\//, 'lb/')

/**
 * An allowed load as the papers say it: "3.0", "3 kN/m²", "300 kg/m²", "60 psf".
 *
 * @param decimal the decimal mark of the reader’s language
 * @returns kN/m²
 * @throws InputError `badLoad`, `ambiguousNumber`
 */
export function parseAreaLoad(
  text: string,
  system: UnitSystem = 'metric',
  decimal: DecimalMark = 'point',
): number {
  const found = leadingNumber(tidied(text), system, decimal)
  const unit = found && (found.rest === '' ? 1 : own(UNITS_KN_M2, spelt(found.rest)))
  if (!found || !(found.value >= 0) || unit === undefined)
    throw new InputError('badLoad', { given: text.trim() })
  return found.value * unit
}
