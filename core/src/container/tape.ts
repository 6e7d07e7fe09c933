import { parseQuantity, type DecimalMark, type UnitSystem } from '../units'

/** In English, German or Spanish. Said plainly, before or after the figure: "around 30 cm" is about thirty across. */
const TAPE =
  '(?:circumference|circ\\.?|girth|(?:a?round )?the outside|umfang|contorno|per[ií]metro)'
const ROUND_THE_OUTSIDE = new RegExp(
  `^\\s*${TAPE}\\s*(?:of|is|de|von|:|=)?\\s*|\\s+${TAPE}\\s*$`,
  'i',
)

/**
 * An inside diameter as people measure it: across ("30 cm"), or with a tape round
 * the outside ("circumference 94 cm"), which is divided by π and has the wall
 * taken off twice.
 *
 * @param wallMm thickness of the wall, mm
 * @param decimal the decimal mark of the reader’s language
 * @returns mm
 * @throws InputError as parseQuantity
 */
export function parseDiameter(
  text: string,
  system: UnitSystem,
  wallMm: number,
  decimal: DecimalMark = 'point',
): number {
  if (!ROUND_THE_OUTSIDE.test(text)) return parseQuantity(text, 'length', system, decimal)
  const circumferenceMm = parseQuantity(
    text.replace(ROUND_THE_OUTSIDE, ''),
    'length',
    system,
    decimal,
  )
  return circumferenceMm / Math.PI - 2 * wallMm
}
