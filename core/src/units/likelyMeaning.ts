import type { Dimension } from './dimension'
import { InputError } from './inputError'
import { leadingNumber, tidied } from './parseNumber'
import { fromUnit, type UnitName, type UnitSystem } from './unitTable'

type Meant = { readonly [D in Dimension]?: readonly UnitName<D>[] }

const inInches: Meant = {
  length: ['in', 'ft', 'mm', 'cm'],
  mass: ['oz', 'lb', 'g'],
  speed: ['mph', 'kmH'],
  duration: ['h', 'min'],
}
/** Units that a gardener may have had in mind without typing them, the likelier first. */
const MEANT: Readonly<Record<UnitSystem, Meant>> = {
  metric: {
    volume: ['ml', 'l'],
    length: ['cm', 'mm', 'm'],
    mass: ['g', 'kg'],
    temperature: ['celsius', 'fahrenheit'],
    speed: ['kmH', 'mS'],
    duration: ['h', 'min'],
  },
  us: {
    ...inInches,
    volume: ['usFluidOunce', 'usQuart', 'usGallon', 'ml', 'l'],
    temperature: ['fahrenheit', 'celsius'],
  },
  imperial: {
    ...inInches,
    volume: ['imperialFluidOunce', 'imperialPint', 'imperialGallon', 'ml', 'l'],
    temperature: ['celsius', 'fahrenheit'],
  },
}

/** The same digits, in the unit that was probably meant. */
export interface LikelyMeaning {
  readonly number: number
  readonly unit: UnitName
}

/**
 * What was probably meant by a quantity that is not allowed as it was typed: the
 * same digits in the first usual unit in which they are. Undefined where there is
 * none, and for a sum of several amounts.
 *
 * @param isAllowed whether the field takes a value, in the core's own unit
 * @example likelyMeaning('500', 'volume', 'metric', (litres) => litres <= 200) // => { number: 500, unit: 'ml' }
 */
export function likelyMeaning(
  text: string,
  dimension: Dimension,
  system: UnitSystem,
  isAllowed: (value: number) => boolean,
): LikelyMeaning | undefined {
  let found
  try {
    found = leadingNumber(tidied(text), system)
  } catch (error) {
    if (error instanceof InputError) return undefined
    throw error
  }
  if (!found || /\d/.test(found.rest.replace(/[23]$/, ''))) return undefined
  const { value } = found
  const meant: readonly UnitName[] = MEANT[system][dimension] ?? []
  const unit = meant.find((name) => isAllowed(fromUnit(value, dimension, name)))
  return unit && { number: value, unit }
}
