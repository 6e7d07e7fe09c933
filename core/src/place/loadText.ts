import { InputError } from '../units'

/** A pound on a square foot. */
export const KN_M2_PER_PSF = 0.04788026

/** What papers write, in kN/m². A kilogram weighs 9.81 N. */
const UNITS_KN_M2: Readonly<Record<string, number>> = {
  'kn/m2': 1,
  'kn/m²': 1,
  kpa: 1,
  'kg/m2': 9.81 / 1000,
  'kg/m²': 9.81 / 1000,
  psf: KN_M2_PER_PSF,
  'lb/ft2': KN_M2_PER_PSF,
  'lb/ft²': KN_M2_PER_PSF,
}

/**
 * An allowed load as the papers say it: "3.0", "3 kN/m²", "300 kg/m²", "60 psf".
 *
 * @returns kN/m²
 * @throws InputError `badLoad`
 */
export function parseAreaLoad(text: string): number {
  const found = /^([\d.,]+)\s*(.*)$/.exec(text.trim().toLowerCase())
  const value = Number(found?.[1]?.replace(',', '.'))
  const unit = found?.[2] ? UNITS_KN_M2[found[2].replace(/\s/g, '')] : 1
  if (!found || !Number.isFinite(value) || unit === undefined)
    throw new InputError('badLoad', { given: text.trim() })
  return value * unit
}
