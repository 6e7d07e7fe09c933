import { parseQuantity, type UnitSystem } from '../units'

/** Said plainly, before or after the figure: "around 30 cm" is about thirty across. */
const TAPE = '(?:circumference|circ\\.?|girth|(?:a?round )?the outside)'
const ROUND_THE_OUTSIDE = new RegExp(`^\\s*${TAPE}\\s*(?:of|is|:|=)?\\s*|\\s+${TAPE}\\s*$`, 'i')

/**
 * An inside diameter as people measure it: across ("30 cm"), or with a tape round
 * the outside ("circumference 94 cm"), which is divided by π and has the wall
 * taken off twice.
 *
 * @param wallMm thickness of the wall, mm
 * @returns mm
 * @throws InputError as parseQuantity
 */
export function parseDiameter(text: string, system: UnitSystem, wallMm: number): number {
  if (!ROUND_THE_OUTSIDE.test(text)) return parseQuantity(text, 'length', system)
  const circumferenceMm = parseQuantity(text.replace(ROUND_THE_OUTSIDE, ''), 'length', system)
  return circumferenceMm / Math.PI - 2 * wallMm
}
