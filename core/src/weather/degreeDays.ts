import { published } from '../units'

export const degreeDaysProvenance = published(
  'McMaster & Wilhelm 1997, Agricultural and Forest Meteorology 87:291–300, second method',
)

/** Tomatoes and peppers stand still below this, and go no faster above that, °C (common practice). */
const BASE_C = 10
const CAP_C = 30

/**
 * Warmth of a day that a plant can use, degree-days.
 *
 * Highest and lowest are each brought within base and cap, then their mean is
 * counted from the base: a cold night does not take away what the day gave.
 *
 * @source McMaster & Wilhelm 1997, second method
 */
export function degreeDays(
  { tempMaxC, tempMinC }: { readonly tempMaxC: number; readonly tempMinC: number },
  baseC = BASE_C,
  capC = CAP_C,
): number {
  const highC = Math.max(baseC, Math.min(capC, tempMaxC))
  const lowC = Math.max(baseC, Math.min(capC, tempMinC))
  return (highC + lowC) / 2 - baseC
}
