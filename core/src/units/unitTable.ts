import type { Dimension } from './dimension'
import { own } from './own'
import { spellings } from './spellings'

/** Which of several units of one name is meant, and which is taken where none is typed. */
export type UnitSystem = 'metric' | 'us' | 'imperial'

export interface Unit {
  /** Value in the core's own unit = typed value × factor + offset. */
  readonly factor: number
  readonly offset?: number
}

const unit = (factor: number, offset = 0): Unit => ({ factor, offset })

// International yard and pound, exact by agreement of 1959; the gallons by US
// statute (231 in³) and the UK Units of Measurement Regulations 1995.
const INCH_MM = 25.4
const POUND_G = 453.59237
const US_GALLON_L = 3.785411784
const IMPERIAL_GALLON_L = 4.54609
const CUBIC_INCH_L = INCH_MM ** 3 / 1e6

/** Every unit by its own unambiguous name. */
export const units = {
  volume: {
    ml: unit(0.001),
    cl: unit(0.01),
    dl: unit(0.1),
    l: unit(1),
    m3: unit(1000),
    in3: unit(CUBIC_INCH_L),
    ft3: unit(CUBIC_INCH_L * 12 ** 3),
    yd3: unit(CUBIC_INCH_L * 36 ** 3),
    usGallon: unit(US_GALLON_L),
    usQuart: unit(US_GALLON_L / 4),
    usPint: unit(US_GALLON_L / 8),
    usCup: unit(US_GALLON_L / 16),
    usFluidOunce: unit(US_GALLON_L / 128),
    usTablespoon: unit(US_GALLON_L / 256),
    usTeaspoon: unit(US_GALLON_L / 768),
    usDryGallon: unit(CUBIC_INCH_L * 268.8025),
    usDryQuart: unit(CUBIC_INCH_L * 67.200625),
    usDryPint: unit(CUBIC_INCH_L * 33.6003125),
    imperialGallon: unit(IMPERIAL_GALLON_L),
    imperialQuart: unit(IMPERIAL_GALLON_L / 4),
    imperialPint: unit(IMPERIAL_GALLON_L / 8),
    imperialFluidOunce: unit(IMPERIAL_GALLON_L / 160),
    metricCup: unit(0.25),
    metricTablespoon: unit(0.015),
    metricTeaspoon: unit(0.005),
  },
  length: {
    mm: unit(1),
    cm: unit(10),
    m: unit(1000),
    in: unit(INCH_MM),
    ft: unit(INCH_MM * 12),
    yd: unit(INCH_MM * 36),
  },
  mass: {
    mg: unit(0.001),
    g: unit(1),
    kg: unit(1000),
    oz: unit(POUND_G / 16),
    lb: unit(POUND_G),
  },
  temperature: { celsius: unit(1), fahrenheit: unit(5 / 9, -160 / 9) },
  area: {
    cm2: unit(1e-4),
    m2: unit(1),
    in2: unit(INCH_MM ** 2 / 1e6),
    ft2: unit((INCH_MM * 12) ** 2 / 1e6),
  },
  speed: {
    mS: unit(1),
    kmH: unit(1 / 3.6),
    mph: unit((INCH_MM * 12 * 5280) / 3600e3),
    kn: unit(1852 / 3600),
  },
  duration: { min: unit(1 / 60), h: unit(1) },
  share: { percent: unit(0.01), fraction: unit(1) },
} as const satisfies Record<Dimension, Record<string, Unit>>

export type UnitName<D extends Dimension = Dimension> = D extends Dimension
  ? keyof (typeof units)[D] & string
  : never

/** Names that depend on the chosen system: a gallon, a cup, a spoon. */
const bySystem: Record<string, Record<UnitSystem, UnitName<'volume'>>> = {
  gal: { metric: 'usGallon', us: 'usGallon', imperial: 'imperialGallon' },
  qt: { metric: 'usQuart', us: 'usQuart', imperial: 'imperialQuart' },
  pt: { metric: 'usPint', us: 'usPint', imperial: 'imperialPint' },
  floz: { metric: 'usFluidOunce', us: 'usFluidOunce', imperial: 'imperialFluidOunce' },
  cup: { metric: 'metricCup', us: 'usCup', imperial: 'metricCup' },
  tbsp: { metric: 'metricTablespoon', us: 'usTablespoon', imperial: 'metricTablespoon' },
  tsp: { metric: 'metricTeaspoon', us: 'usTeaspoon', imperial: 'metricTeaspoon' },
}
const systemSpellings: Record<string, string> = {
  gal: 'gal',
  gallon: 'gal',
  qt: 'qt',
  quart: 'qt',
  pt: 'pt',
  pint: 'pt',
  floz: 'floz',
  fluidounce: 'floz',
  cup: 'cup',
  tbsp: 'tbsp',
  tbs: 'tbsp',
  tablespoon: 'tbsp',
  tsp: 'tsp',
  teaspoon: 'tsp',
}

/** The unit that a bare number is taken to be in. */
export const bareUnit: Record<UnitSystem, { [D in Dimension]: UnitName<D> }> = {
  metric: {
    volume: 'l',
    length: 'cm',
    mass: 'g',
    temperature: 'celsius',
    area: 'm2',
    speed: 'mS',
    duration: 'h',
    share: 'percent',
  },
  us: {
    volume: 'usGallon',
    length: 'in',
    mass: 'oz',
    temperature: 'fahrenheit',
    area: 'ft2',
    speed: 'mph',
    duration: 'h',
    share: 'percent',
  },
  imperial: {
    volume: 'imperialGallon',
    length: 'in',
    mass: 'oz',
    temperature: 'celsius',
    area: 'ft2',
    speed: 'mph',
    duration: 'h',
    share: 'percent',
  },
}

/** A degree without a letter is one of the chosen system. */
const bareDegrees: ReadonlySet<string> = new Set(['°', 'deg', 'degree', 'degrees'])

const bySpelling = new Map<string, { dimension: Dimension; name: string }>()
for (const [dimension, names] of Object.entries(spellings))
  for (const [name, list] of Object.entries(names))
    for (const spelling of list)
      bySpelling.set(spelling, { dimension: dimension as Dimension, name })

/** The unit that a spelling means, with its dimension; undefined where it is unknown. */
export function unitFor(
  spelling: string,
  system: UnitSystem,
): { dimension: Dimension; name: string; unit: Unit } | undefined {
  const bare = spelling
    .toLowerCase()
    .replace(/[.\s]/g, '')
    .replace(/([a-z])-(?=[a-z])/g, '$1')
    .replace(/²/g, '2')
    .replace(/³/g, '3')
    .replace(/\^/g, '')
  if (bareDegrees.has(bare)) {
    const name = bareUnit[system].temperature
    return { dimension: 'temperature', name, unit: units.temperature[name] }
  }
  for (const text of [bare, bare.replace(/s$/, '')]) {
    const ownName = own(systemSpellings, text)
    const name = ownName ? own(bySystem, ownName)?.[system] : undefined
    if (name) return { dimension: 'volume', name, unit: units.volume[name] }
    const found = bySpelling.get(text)
    if (found) {
      const table: Record<string, Unit> = units[found.dimension]
      return { ...found, unit: own(table, found.name)! }
    }
  }
  return undefined
}

/** A value of the core's own unit, expressed in another unit of its dimension. */
export function toUnit<D extends Dimension>(
  value: number,
  dimension: D,
  name: UnitName<D>,
): number {
  const table: Record<string, Unit> = units[dimension]
  const { factor, offset = 0 } = table[name]!
  return (value - offset) / factor
}

/** A value of some unit, expressed in the core's own unit. */
export function fromUnit<D extends Dimension>(
  value: number,
  dimension: D,
  name: UnitName<D>,
): number {
  const table: Record<string, Unit> = units[dimension]
  const { factor, offset = 0 } = table[name]!
  return value * factor + offset
}
