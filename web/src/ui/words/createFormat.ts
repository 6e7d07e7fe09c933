import { KN_M2_PER_PSF, toUnit, type Dimension, type UnitName, type UnitSystem } from '@rimbo/core'

import { dayText, numberFormat } from './formatters'

/** Units a value is shown in, smallest first; the largest in which it is at least 1 is taken. */
const shownIn: Record<UnitSystem, { [D in Dimension]: readonly UnitName<D>[] }> = {
  metric: {
    volume: ['ml', 'l'],
    length: ['cm'],
    mass: ['g', 'kg'],
    temperature: ['celsius'],
    area: ['m2'],
    speed: ['mS'],
    duration: ['h'],
    share: ['percent'],
  },
  us: {
    volume: ['usFluidOunce', 'usGallon'],
    length: ['in'],
    mass: ['oz', 'lb'],
    temperature: ['fahrenheit'],
    area: ['ft2'],
    speed: ['mph'],
    duration: ['h'],
    share: ['percent'],
  },
  imperial: {
    volume: ['imperialFluidOunce', 'imperialGallon'],
    length: ['in'],
    mass: ['oz', 'lb'],
    temperature: ['celsius'],
    area: ['ft2'],
    speed: ['mph'],
    duration: ['h'],
    share: ['percent'],
  },
}

/** A volume moves to the larger unit from a tenth of it on, 0.5 L rather than 500 mL; a mass from a whole one. */
const largerFrom = (dimension: Dimension) => (dimension === 'volume' ? 0.1 : 1)

/** How the name of a parameter tells what it measures. */
const SUFFIXES: readonly [
  RegExp,
  (
    | Dimension
    | 'waterDepth'
    | 'perLitre'
    | 'money'
    | 'areaLoad'
    | 'lineLoad'
    | 'tenths'
    | 'ph'
    | 'number'
  ),
][] = [
  [/Price$/, 'money'],
  [/KnPerM2$/, 'areaLoad'],
  [/KnPerM$/, 'lineLoad'],
  [/WaterMm$/, 'waterDepth'],
  [/MS$/, 'speed'],
  [/Mm$/, 'length'],
  [/M2$/, 'area'],
  [/GL$/, 'perLitre'],
  [/L$/, 'volume'],
  [/G$/, 'mass'],
  [/C$/, 'temperature'],
  [/Share$/, 'share'],
  [/(Hours|Mol|K)$/, 'tenths'],
  [/^(ph|aimPh)$/, 'ph'],
]

/** The one number formatter, and the one place where units are chosen. */
export function createFormat(
  system: UnitSystem,
  locale: string,
  unitWord: (name: string) => string,
  currency = 'EUR',
) {
  const digits = (value: number, significant: number) =>
    // What rounds to zero has no minus sign: -0.2 °C is shown as 0 °C.
    numberFormat(locale, {
      maximumSignificantDigits: significant,
      signDisplay: 'negative',
    }).format(value)

  function quantity<D extends Dimension>(value: number, dimension: D, significant = 3): string {
    const names: readonly UnitName<D>[] = shownIn[system][dimension]
    const larger = names[1]
    const name =
      larger && Math.abs(toUnit(value, dimension, larger)) >= largerFrom(dimension)
        ? larger
        : names[0]!
    const shown = toUnit(value, dimension, name)
    const isWhole = dimension === 'temperature' || dimension === 'share'
    const number = isWhole ? digits(Math.round(shown), 3) : digits(shown, significant)
    return `${number}\u00a0${unitWord(name)}`
  }

  /** Rain or evaporation: a depth of water, always as meteorology writes it. */
  const waterDepth = (mm: number) =>
    system === 'us'
      ? `${digits(toUnit(mm, 'length', 'in'), 2)}\u00a0${unitWord('in')}`
      : `${digits(mm, 2)}\u00a0${unitWord('mm')}`

  /** Load on a floor, as papers write it. */
  const areaLoad = (knM2: number) =>
    system === 'us'
      ? `${digits(knM2 / KN_M2_PER_PSF, 2)}\u00a0${unitWord('psf')}`
      : `${digits(knM2, 2)}\u00a0${unitWord('knM2')}`

  /** Grams in a litre: rates and densities, in every system as labels and books write them. */
  const perLitre = (gramsL: number, significant = 2) =>
    `${digits(gramsL, significant)}\u00a0${unitWord('gPerL')}`

  /** Money, in the gardener's own. */
  const money = (amount: number) =>
    numberFormat(locale, { style: 'currency', currency }).format(amount)

  /** Hours of sun, mol of light, kelvin: no finer than they are known. */
  const tenths = (value: number) => digits(Math.round(value * 10) / 10, 4)

  function param(name: string, value: string | number): string {
    if (typeof value === 'string')
      return /Date$/.test(name) ? dayText(value, { dateStyle: 'long' }) : value
    const kind = SUFFIXES.find(([suffix]) => suffix.test(name))?.[1] ?? 'number'
    if (kind === 'waterDepth') return waterDepth(value)
    if (kind === 'areaLoad') return areaLoad(value)
    if (kind === 'lineLoad') return `${digits(value, 2)}\u00a0${unitWord('knM')}`
    if (kind === 'perLitre') return perLitre(value)
    if (kind === 'money') return money(value)
    if (kind === 'ph') return digits(value, 2)
    if (kind === 'tenths') return tenths(value)
    // A count is told whole.
    if (kind === 'number') return digits(value, Number.isInteger(value) ? 9 : 3)
    return quantity(value, kind, name === 'waterL' ? 2 : 3)
  }

  /** The parameters of a message, each shown by what its name says it measures. */
  const params = (given: Readonly<Record<string, string | number>>) =>
    Object.fromEntries(Object.entries(given).map(([name, value]) => [name, param(name, value)]))

  return { digits, quantity, waterDepth, areaLoad, perLitre, money, tenths, params }
}

const QUARTERS = ['', '¼', '½', '¾']

/** "1½" rather than 1.5: as a spoon is filled. */
export function inQuarters(count: number): string {
  const whole = Math.floor(count)
  const quarter = QUARTERS[Math.round((count - whole) * 4)] ?? ''
  return `${whole || !quarter ? whole : ''}${quarter}`
}
