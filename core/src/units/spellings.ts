import type { Dimension } from './dimension'

/** A length to the power of three, and of two, as people write it: "cu ft", "cubic ft", "ft3". */
const cubed = (...names: readonly string[]): string[] =>
  names.flatMap((name) => [`${name}3`, `cu${name}`, `cubic${name}`])
const squared = (...names: readonly string[]): string[] =>
  names.flatMap((name) => [`${name}2`, `sq${name}`, `square${name}`])

/** Spellings that mean the same unit in every system. Lower case, dots and spaces taken out. */
export const spellings: Record<Dimension, Record<string, readonly string[]>> = {
  volume: {
    ml: ['ml', 'millilitre', 'milliliter', 'cc', ...cubed('cm')],
    cl: ['cl', 'centilitre', 'centiliter'],
    dl: ['dl', 'decilitre', 'deciliter'],
    l: ['l', 'ltr', 'lt', 'litre', 'liter', ...cubed('dm')],
    m3: cubed('m', 'metre', 'meter'),
    in3: cubed('in', 'inch', 'inches'),
    ft3: [...cubed('ft', 'foot', 'feet'), 'cf'],
    yd3: cubed('yd', 'yard'),
    usGallon: ['usgal', 'usgallon', 'galus'],
    usQuart: ['usqt', 'usquart'],
    usPint: ['uspt', 'uspint'],
    usCup: ['uscup'],
    usFluidOunce: ['usfloz'],
    usTablespoon: ['ustbsp', 'ustablespoon'],
    usTeaspoon: ['ustsp', 'usteaspoon'],
    usDryGallon: ['drygal', 'drygallon', 'usdrygal', 'usdrygallon'],
    usDryQuart: ['dryqt', 'dryquart', 'usdryqt', 'usdryquart'],
    usDryPint: ['drypt', 'drypint', 'usdrypt', 'usdrypint'],
    imperialGallon: [
      'impgal',
      'imperialgal',
      'imperialgallon',
      'ukgal',
      'ukgallon',
      'galimp',
      'galuk',
    ],
    imperialQuart: ['impqt', 'imperialquart', 'ukquart'],
    imperialPint: ['imppt', 'imppint', 'imperialpint', 'ukpint', 'ukpt'],
    imperialFluidOunce: ['impfloz', 'imperialfloz', 'ukfloz'],
    metricCup: ['metriccup'],
    metricTablespoon: ['metrictbsp', 'metrictablespoon'],
    metricTeaspoon: ['metrictsp', 'metricteaspoon'],
  },
  length: {
    mm: ['mm', 'millimetre', 'millimeter'],
    cm: ['cm', 'centimetre', 'centimeter'],
    m: ['m', 'metre', 'meter'],
    in: ['in', 'inch', 'inches', '"', "''"],
    ft: ['ft', 'foot', 'feet', "'"],
    yd: ['yd', 'yard'],
  },
  mass: {
    mg: ['mg', 'milligram'],
    g: ['g', 'gr', 'gram', 'gramme'],
    kg: ['kg', 'kilo', 'kilogram', 'kilogramme'],
    oz: ['oz', 'ounce'],
    lb: ['lb', 'pound'],
  },
  temperature: {
    celsius: [
      '°c',
      'c',
      'degc',
      'celsius',
      'degreec',
      'degreesc',
      'degreecelsius',
      'degreescelsius',
    ],
    fahrenheit: [
      '°f',
      'f',
      'degf',
      'fahrenheit',
      'degreef',
      'degreesf',
      'degreefahrenheit',
      'degreesfahrenheit',
    ],
  },
  area: {
    cm2: squared('cm'),
    m2: squared('m', 'metre', 'meter'),
    in2: squared('in', 'inch', 'inches'),
    ft2: squared('ft', 'foot', 'feet'),
  },
  speed: {
    mS: ['m/s', 'ms-1'],
    kmH: ['km/h', 'kmh', 'kph'],
    mph: ['mph'],
    kn: ['kn', 'kt', 'knot'],
  },
  duration: { min: ['min', 'minute'], h: ['h', 'hr', 'hour'] },
  share: { percent: ['%', 'percent'], fraction: [] },
}
