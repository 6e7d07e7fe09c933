import { describe, expect, test } from '@jest/globals'
import { createFormat, inQuarters } from './createFormat'

const words: Record<string, string> = {
  ml: 'mL',
  l: 'L',
  usGallon: 'US gal',
  usFluidOunce: 'US fl oz',
  celsius: '°C',
  fahrenheit: '°F',
  cm: 'cm',
  in: 'in',
  g: 'g',
  kg: 'kg',
  percent: '%',
  mm: 'mm',
  gPerL: 'g/L',
  knM2: 'kN/m²',
  knM: 'kN/m',
  psf: 'psf',
}
const metric = createFormat('metric', 'en', (name) => words[name]!)
const us = createFormat('us', 'en', (name) => words[name]!)
const plain = (text: string) => text.replaceAll('\u00a0', ' ')

describe('numbers as shown', () => {
  test.each([
    [metric.quantity(18.927, 'volume'), '18.9 L'],
    [metric.quantity(0.45, 'volume'), '0.45 L'],
    [metric.quantity(0.05, 'volume'), '50 mL'],
    [metric.quantity(36.28, 'volume', 2), '36 L'],
    [us.quantity(18.927, 'volume'), '5 US gal'],
    [us.quantity(0.25, 'volume'), '8.45 US fl oz'],
    [metric.quantity(304.8, 'length'), '30.5 cm'],
    [us.quantity(304.8, 'length'), '12 in'],
    [metric.quantity(102, 'mass'), '102 g'],
    [metric.quantity(1020, 'mass'), '1.02 kg'],
    [us.quantity(20, 'temperature'), '68 °F'],
    [metric.quantity(-0.2, 'temperature'), '0 °C'],
    [metric.quantity(-2.6, 'temperature'), '-3 °C'],
    [metric.quantity(0.8649, 'share'), '86 %'],
    [metric.waterDepth(5.59), '5.6 mm'],
    [us.waterDepth(25.4), '1 in'],
    [metric.areaLoad(0.436), '0.44 kN/m²'],
    // 60 psf is 2.873 kN/m².
    [us.areaLoad(2.873), '60 psf'],
    [metric.tenths(6.987), '7'],
    [metric.tenths(21.46), '21.5'],
  ])('%s', (shown, expected) => expect(plain(shown)).toBe(expected))

  test('a parameter is shown by what its name says it measures', () => {
    const shown = metric.params({
      trueL: 47,
      goodMm: 450,
      yieldShare: 0.8,
      rateGL: 4,
      rainWaterMm: 4,
      count: 3,
      label: '60 l',
      sunHours: 7.98,
      dliMol: 21.46,
      overK: 3.21,
      meanKnPerM2: 0.437,
      edgeKnPerM: 0.588,
      onDate: '2026-03-08',
    })
    expect(Object.values(shown).map(plain)).toEqual([
      '47 L',
      '45 cm',
      '80 %',
      '4 g/L',
      '4 mm',
      '3',
      '60 l',
      '8',
      '21.5',
      '3.2',
      '0.44 kN/m²',
      '0.59 kN/m',
      '8 March 2026',
    ])
  })
  test('quarters as a spoon is filled', () => {
    expect([0.25, 0.5, 1, 1.75, 12].map(inQuarters)).toEqual(['¼', '½', '1', '1¾', '12'])
  })
})

describe('what mixes are told in', () => {
  const words = (name: string) => name
  const metric = createFormat('metric', 'en', words)
  const inDollars = createFormat('us', 'en', words, 'USD')

  test('money in the gardener’s own, also by the name of a parameter', () => {
    expect(metric.money(4.5)).toBe('€4.50')
    expect(inDollars.money(1234.5)).toBe('$1,234.50')
    expect(inDollars.params({ packPrice: 8 })).toEqual({ packPrice: '$8.00' })
  })
  test('densities stay grams in a litre in every system', () => {
    expect(metric.perLitre(234.4, 3)).toBe('234\u00a0gPerL')
    expect(inDollars.perLitre(234.4, 3)).toBe('234\u00a0gPerL')
    expect(metric.params({ rateGL: 1.234 })).toEqual({ rateGL: '1.2\u00a0gPerL' })
  })
  test('a pH has one figure after the point, no more is known', () => {
    expect(metric.params({ ph: 5.114, aimPh: 6.4 })).toEqual({ ph: '5.1', aimPh: '6.4' })
  })
})
