import { parseQuantity, type DecimalMark, type UnitSystem } from '../units'

/**
 * A height above the sea as a gardener types it, mm; below it with a minus. A bare number is
 * in metres, or in feet where those are usual. `parseElevation('-420 m', 'metric')` is −420 000.
 *
 * @param decimal the decimal mark of the reader’s language
 * @throws InputError where it cannot be read
 */
export function parseElevation(
  text: string,
  system: UnitSystem,
  decimal: DecimalMark = 'point',
): number {
  const typed = text.trim().replace('\u2212', '-')
  const isBelow = typed.startsWith('-')
  const height = isBelow ? typed.slice(1) : typed
  const isBare = /^[\d.,\s]+$/.test(height)
  const unit = system === 'metric' ? 'm' : 'ft'
  const mm = parseQuantity(isBare ? `${height} ${unit}` : height, 'length', system, decimal)
  return isBelow ? -mm : mm
}
