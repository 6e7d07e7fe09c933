import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { InputError, parseQuantity, toUnit, units, type Dimension, type UnitName } from '.'

const codeOf = (work: () => unknown): string => {
  try {
    work()
  } catch (error) {
    if (error instanceof InputError) return error.code
    throw error
  }
  return 'nothing thrown'
}

describe('what people type', () => {
  test.each([
    ['5 gal', 'volume', 'us', 18.927],
    ['5 gal', 'volume', 'imperial', 22.73],
    ['5 gal', 'volume', 'metric', 18.927],
    ['5 US gal', 'volume', 'imperial', 18.927],
    ['5 imp. gal', 'volume', 'us', 22.73],
    ['19l', 'volume', 'us', 19],
    ['1,5 l', 'volume', 'metric', 1.5],
    ['1.250,5 ml', 'volume', 'metric', 1.2505],
    ['1,250.5 ml', 'volume', 'us', 1.2505],
    ['1,500 ml', 'volume', 'us', 1.5],
    ['1 1/2 cups', 'volume', 'us', 0.35488],
    ['½ cup', 'volume', 'metric', 0.125],
    ['1½ cups', 'volume', 'metric', 0.375],
    ['2 tbsp', 'volume', 'metric', 0.03],
    ['2 tbsp', 'volume', 'us', 0.029574],
    ['8 fl. oz', 'volume', 'us', 0.23659],
    ['3.8 cu ft', 'volume', 'us', 107.604],
    ['2 m³', 'volume', 'metric', 2000],
    ['12in', 'length', 'metric', 304.8],
    ['12"', 'length', 'metric', 304.8],
    ['12″', 'length', 'metric', 304.8],
    ['5\' 3"', 'length', 'us', 1600.2],
    ['5 ft, 3 in', 'length', 'us', 1600.2],
    ['5ft3in', 'length', 'us', 1600.2],
    ['1-1/2 in', 'length', 'us', 38.1],
    ['4 ft3', 'volume', 'us', 113.267],
    ['2m3 10 l', 'volume', 'metric', 2010],
    ['about 30 cm', 'length', 'us', 300],
    ['30', 'length', 'metric', 300],
    ['12', 'length', 'us', 304.8],
    ['2 lb 3 oz', 'mass', 'us', 992.233],
    ['68 °F', 'temperature', 'metric', 20],
    ['-5', 'temperature', 'metric', -5],
    ['40 sq ft', 'area', 'us', 3.7161],
    ['36 km/h', 'speed', 'metric', 10],
    ['45 %', 'share', 'metric', 0.45],
    ['1 000 L', 'volume', 'metric', 1000],
    ['1\u00a0000 L', 'volume', 'metric', 1000],
    ['1\u202f000,5 L', 'volume', 'metric', 1000.5],
    ['1\u2009200 mm', 'length', 'us', 1200],
    ["1'000 mm", 'length', 'metric', 1000],
    ['1,000,000 ml', 'volume', 'metric', 1000],
    ['around 30 cm', 'length', 'metric', 300],
    ['roughly 5 gal', 'volume', 'us', 18.927],
    ['1h30', 'duration', 'metric', 1.5],
    ['5 ft 3', 'length', 'metric', 1600.2],
    ['1 m 20', 'length', 'us', 1200],
    ['2 lb 3', 'mass', 'us', 992.233],
    ['65°', 'temperature', 'us', 18.3333],
    ['65 degrees', 'temperature', 'us', 18.3333],
    ['18°', 'temperature', 'metric', 18],
    ['65º F', 'temperature', 'imperial', 18.3333],
    ['−5 °C', 'temperature', 'metric', -5],
    // As printed on packs.
    ['2 cubic ft', 'volume', 'metric', 56.6337],
    ['1.5 cu. ft.', 'volume', 'us', 42.4753],
    ['2-cubic-foot', 'volume', 'us', 56.6337],
    ['1 cubic yard', 'volume', 'us', 764.555],
    ['8 dry qt', 'volume', 'us', 8.80977],
    ['8 US dry quarts', 'volume', 'metric', 8.80977],
    ['5-gallon', 'volume', 'us', 18.927],
    ['1⁄2 cup', 'volume', 'metric', 0.125],
    ['1 1⁄2 cups', 'volume', 'metric', 0.375],
    ['1/2-inch', 'length', 'metric', 12.7],
  ] as const)('%s as %s, %s', (text, dimension, system, expected) => {
    expect(parseQuantity(text, dimension, system)).toBeCloseTo(expected, 3)
  })

  test.each([
    ['', 'volume', 'empty'],
    ['   ', 'volume', 'empty'],
    ['a bucket', 'volume', 'notANumber'],
    ['1..2 l', 'volume', 'notANumber'],
    ['1/0 cup', 'volume', 'notANumber'],
    ['5 furlong', 'length', 'unknownUnit'],
    ['5 kg', 'volume', 'wrongKind'],
    ['12 in', 'volume', 'wrongKind'],
    ['-3 cm', 'length', 'negative'],
    ['1,500 l', 'volume', 'ambiguousNumber'],
    ['5 5 gal', 'volume', 'severalNumbers'],
    ['10 20 l', 'volume', 'severalNumbers'],
    ['1 0000 l', 'volume', 'severalNumbers'],
    ['1 m 5', 'length', 'severalNumbers'],
    ['5 ft 14', 'length', 'severalNumbers'],
    ['3-4 l', 'volume', 'unknownUnit'],
    ['round 30 cm', 'length', 'notANumber'],
  ] as const)('refuses %j as %s: %s', (text, dimension, code) => {
    expect(codeOf(() => parseQuantity(text, dimension, 'metric'))).toBe(code)
  })

  test('a refused unit is named', () => {
    expect(() => parseQuantity('5 kg', 'volume', 'metric')).toThrow(
      expect.objectContaining({ params: { unit: 'kg', kind: 'mass', wanted: 'volume' } }),
    )
  })
})

describe('units', () => {
  // NIST Handbook 44, appendix C; UK Units of Measurement Regulations 1995.
  test.each([
    ['usGallon', 3.785411784],
    ['imperialGallon', 4.54609],
    ['ft3', 28.316846592],
    ['yd3', 764.554857984],
    ['usCup', 0.2365882365],
    ['usTablespoon', 0.01478676478125],
    ['usTeaspoon', 0.00492892159375],
    ['usPint', 0.473176473],
    ['imperialPint', 0.56826125],
    ['usDryGallon', 4.40488377086],
  ] as const)('%s is %d L', (name, litres) => {
    expect(units.volume[name].factor).toBeCloseTo(litres, 10)
  })

  test('freezing and boiling in Fahrenheit', () => {
    expect(toUnit(0, 'temperature', 'fahrenheit')).toBeCloseTo(32, 10)
    expect(toUnit(100, 'temperature', 'fahrenheit')).toBeCloseTo(212, 10)
  })

  const spelled: readonly [Dimension, UnitName, string][] = [
    ['volume', 'usGallon', 'US gal'],
    ['volume', 'imperialPint', 'imp pint'],
    ['volume', 'ft3', 'ft³'],
    ['length', 'in', 'in'],
    ['mass', 'lb', 'lb'],
    ['temperature', 'fahrenheit', '°F'],
    ['area', 'ft2', 'sq ft'],
  ]
  test('what is written in a unit reads back as the same value', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1e5, noNaN: true }),
        fc.constantFrom(...spelled),
        (value, [dimension, name, spelling]) => {
          const shown = toUnit(value, dimension, name).toFixed(9)
          const back = parseQuantity(`${shown} ${spelling}`, dimension, 'metric')
          expect(back).toBeCloseTo(value, 5)
        },
      ),
    )
  })

  // NIST Handbook 44, appendix C: 67.200625 and 33.6003125 cubic inches.
  test('a dry quart and pint are a quarter and an eighth of a dry gallon', () => {
    expect(units.volume.usDryQuart.factor * 4).toBeCloseTo(units.volume.usDryGallon.factor, 9)
    expect(units.volume.usDryPint.factor * 8).toBeCloseTo(units.volume.usDryGallon.factor, 9)
  })
  test('parted thousands read as the same number without, by every kind of space', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1000, max: 999_999_999 }),
        fc.constantFrom(' ', '\u00a0', '\u2009', '\u202f', "'", '’'),
        fc.constantFrom('metric', 'us', 'imperial'),
        (value, mark, system) => {
          const parted = String(value).replace(/\B(?=(\d{3})+$)/g, mark)
          expect(parseQuantity(`${parted} ml`, 'volume', system)).toBeCloseTo(value / 1000, 6)
        },
      ),
    ))
  test('two bare numbers are never added up', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 99 }),
        fc.integer({ min: 1, max: 99 }),
        fc.constantFrom('gal', 'l', 'qt', 'ml'),
        (one, other, unit) =>
          expect(codeOf(() => parseQuantity(`${one} ${other} ${unit}`, 'volume', 'us'))).toBe(
            'severalNumbers',
          ),
      ),
    ))

  test('any text gives a finite number or an InputError, nothing else', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string(), fc.stringMatching(/^[0-9.,/ ½]{0,8}[a-zµ"' ]{0,5}$/)),
        fc.constantFrom('metric', 'us', 'imperial'),
        (text, system) => {
          try {
            expect(Number.isFinite(parseQuantity(text, 'length', system))).toBe(true)
          } catch (error) {
            if (!(error instanceof InputError)) throw error
          }
        },
      ),
    )
  })
})
