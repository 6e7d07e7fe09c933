import type { Dimension } from './dimension'

/** A length to the power of three, and of two, as people write it: "cu ft", "cubic ft", "ft3". */
const cubed = (...names: readonly string[]): string[] =>
  names.flatMap((name) => [`${name}3`, `cu${name}`, `cubic${name}`])
const squared = (...names: readonly string[]): string[] =>
  names.flatMap((name) => [`${name}2`, `sq${name}`, `square${name}`])

/**
 * Spellings that mean the same unit in every system, in English, German and Spanish. Lower case,
 * dots and spaces taken out. A German Pfund and a Spanish libra are left out: they are not the same
 * to everybody.
 */
export const spellings: Record<Dimension, Record<string, readonly string[]>> = {
  volume: {
    ml: ['ml', 'millilitre', 'milliliter', 'mililitro', 'cc', ...cubed('cm')],
    cl: ['cl', 'centilitre', 'centiliter', 'zentiliter', 'centilitro'],
    dl: ['dl', 'decilitre', 'deciliter', 'deziliter', 'decilitro'],
    l: ['l', 'ltr', 'lt', 'litre', 'liter', 'litro', ...cubed('dm')],
    m3: [...cubed('m', 'metre', 'meter'), 'kubikmeter', 'metrocúbico', 'metrocubico'],
    in3: cubed('in', 'inch', 'inches'),
    ft3: [...cubed('ft', 'foot', 'feet'), 'cf'],
    yd3: cubed('yd', 'yard'),
    usGallon: ['usgal', 'usgallon', 'galus', 'galeeuu'],
    usQuart: ['usqt', 'usquart'],
    usPint: ['uspt', 'uspint'],
    usCup: ['uscup'],
    usFluidOunce: ['usfloz', 'flozeeuu'],
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
    imperialFluidOunce: ['impfloz', 'flozimp', 'imperialfloz', 'ukfloz'],
    metricCup: ['metriccup', 'tasse', 'tassen', 'taza'],
    metricTablespoon: ['metrictbsp', 'metrictablespoon', 'el', 'esslöffel', 'cucharada'],
    metricTeaspoon: ['metrictsp', 'metricteaspoon', 'tl', 'teelöffel', 'cucharadita'],
  },
  length: {
    mm: ['mm', 'millimetre', 'millimeter', 'milímetro', 'milimetro'],
    cm: ['cm', 'centimetre', 'centimeter', 'zentimeter', 'centímetro', 'centimetro'],
    m: ['m', 'metre', 'meter', 'metro'],
    in: ['in', 'inch', 'inches', '"', "''", 'zoll', 'pulgada'],
    ft: ['ft', 'foot', 'feet', "'", 'fuß', 'fuss', 'pie'],
    yd: ['yd', 'yard'],
  },
  mass: {
    mg: ['mg', 'milligram', 'milligramm', 'miligramo'],
    g: ['g', 'gr', 'gram', 'gramme', 'gramm', 'gramo'],
    kg: ['kg', 'kilo', 'kilogram', 'kilogramme', 'kilogramm', 'kilogramo'],
    oz: ['oz', 'ounce', 'unze', 'unzen', 'onza'],
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
    m2: [
      ...squared('m', 'metre', 'meter'),
      'qm',
      'quadratmeter',
      'metrocuadrado',
      'metroscuadrado',
    ],
    in2: squared('in', 'inch', 'inches'),
    ft2: squared('ft', 'foot', 'feet'),
  },
  speed: {
    mS: ['m/s', 'ms-1'],
    kmH: ['km/h', 'kmh', 'kph'],
    mph: ['mph'],
    kn: ['kn', 'kt', 'knot', 'knoten', 'nudo'],
  },
  duration: {
    min: ['min', 'minute', 'minuten', 'minuto'],
    h: ['h', 'hr', 'hour', 'std', 'stunde', 'stunden', 'hora'],
  },
  share: { percent: ['%', 'percent', 'prozent', 'porciento'], fraction: [] },
}
