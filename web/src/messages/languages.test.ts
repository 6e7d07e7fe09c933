// What is said in one language is said in each, with the same gaps and as many forms.
import { describe, expect, test } from '@jest/globals'
import {
  bareUnit,
  bearingBy,
  compassPointBy,
  compassPoints,
  parseAreaLoad,
  parseDiameter,
  parseElevation,
  parseEntry,
  parseNumber,
  parseQuantity,
  readLabel,
  toUnit,
  type Dimension,
  type UnitName,
} from '@rimbo/core'
import { demo } from '../../../core/test/demo'
import { languages, type Language } from '../language'
import { decimalMark, typedNumber } from '../ui/words/formatters'
import { createI18n } from 'vue-i18n'
import { compiled } from './compiled'
import { messages } from '.'

type Words = ReadonlyMap<string, string>
function wordsIn(value: unknown, path = ''): [string, string][] {
  if (typeof value === 'string') return [[path, value]]
  return Object.entries(value as object).flatMap(([key, one]) => wordsIn(one, `${path}.${key}`))
}
const all: Readonly<Record<Language, Words>> = {
  en: new Map(wordsIn(messages.en)),
  de: new Map(wordsIn(messages.de)),
  es: new Map(wordsIn(messages.es)),
}
const gaps = (text: string) => [...new Set(text.match(/\{\w+\}/g))].sort()
const forms = (text: string) => text.split(' | ').length
const TRANSLATED = ['de', 'es'] as const

describe.each(TRANSLATED)('in %s', (language) => {
  const said = all[language]
  test('every word is there, and no other', () =>
    expect([...said.keys()].sort()).toEqual([...all.en.keys()].sort()))
  test('it has the same gaps and as many forms as in English', () => {
    const other = [...all.en].filter(([key, english]) => {
      const own = said.get(key) ?? ''
      return (
        JSON.stringify(gaps(own)) !== JSON.stringify(gaps(english)) || forms(own) !== forms(english)
      )
    })
    expect(other.map(([key]) => key)).toEqual([])
  })
  test('nothing is empty, and sentences are not left in English', () => {
    const left = [...all.en].filter(([key, english]) => {
      const own = said.get(key) ?? ''
      return (
        !own.trim() ||
        (own === english &&
          english
            .replace(/\{\w+\}/g, '')
            .split(/[^a-zA-Z]+/)
            .filter((one) => one.length > 2).length > 2)
      )
    })
    expect(left.map(([, english]) => english).filter((one) => !/N .*P .*K/.test(one))).toEqual([])
  })
})

test('no mark of the catalogue is met by chance', () => {
  for (const language of languages)
    for (const [key, text] of all[language]) {
      expect([key, text.includes('@')]).toEqual([key, false])
      expect([key, text.replace(/\{\w+\}/g, '').match(/[{}]/)]).toEqual([key, null])
    }
})

describe.each(languages)('what is typed in %s', (language) => {
  const decimal = decimalMark(language)
  const words = messages[language].unit
  test('a number that a field shows is read again as it was', () => {
    for (const value of [0, 0.5, 1.234, 1.5, 12, 40.25, 999.5, 1234, 12345])
      expect(parseNumber(typedNumber(language, value, 6), 'metric', decimal)).toBe(value)
  })
  test('every unit that a field shows is read as that unit', () => {
    const systems = ['metric', 'us', 'imperial'] as const
    for (const system of systems)
      for (const [dimension, name] of Object.entries(bareUnit[system]) as [Dimension, UnitName][]) {
        const read = parseQuantity(
          `2 ${words[name as keyof typeof words]}`,
          dimension,
          system,
          decimal,
        )
        expect([name, toUnit(read, dimension, name)]).toEqual([name, expect.closeTo(2)])
      }
  })
  test('each point of the compass has a name of its own, a half turn from its opposite', () => {
    const points = messages[language].place.points.split(' ')
    expect(new Set(points).size).toBe(compassPoints.length)
    for (const deg of [0, 90, 135, 202.5, 270, 315])
      expect(bearingBy(points, compassPointBy(points, deg))).toBe(deg)
  })
})

test('every message is filled in as by the library’s own compiler', () => {
  const spoken = { legacy: false, locale: 'en', messages } as const
  const [theirs, own] = [
    createI18n<false>(spoken).global,
    createI18n<false>({ ...spoken, messageCompiler: compiled }).global,
  ]
  for (const language of languages)
    for (const [key, text] of all[language]) {
      // Fresh for each: the library notes the number in them.
      const params = () =>
        Object.fromEntries(gaps(text).map((gap) => [gap.slice(1, -1), `<${gap}>`]))
      const said = ({ t }: typeof own, n: number) =>
        t(key.slice(1), params(), { plural: n, locale: language })
      for (const n of forms(text) > 1 ? [0, 1, 2, 7] : [1])
        expect([language, key, said(own, n)]).toEqual([language, key, said(theirs, n)])
    }
})

/** The examples in a sentence: what stands in its quotation marks. */
const examplesIn = (text: string) => [...text.matchAll(/[“„«](.+?)[”“»]/g)].map(([, one]) => one!)

describe.each(languages)('what is given as an example in %s is understood', (language) => {
  const decimal = decimalMark(language)
  const words = messages[language]
  test('a label', () => {
    const examples = examplesIn(words.form.labelHint)
    expect(examples).toHaveLength(3)
    for (const one of examples) expect(readLabel(one, 'metric', decimal).text).toBe(one)
  })
  test('a diameter, across and by a tape', () => {
    const sizes = examplesIn(words.form.anyUnit).map((one) =>
      parseDiameter(one, 'metric', 0, decimal),
    )
    // 12 in is 304.8 mm; 940 mm round is 940/π across.
    expect(sizes).toEqual([304.8, 300, 299.21].map((mm) => expect.closeTo(mm, 2)))
  })
  test('an allowed load', () => {
    const loads = examplesIn(words.place.allowedHint).map((one) =>
      parseAreaLoad(one, 'metric', decimal),
    )
    expect(loads).toEqual([3, 2.943, 2.873].map((kNM2) => expect.closeTo(kNM2, 3)))
  })
  test('what is said in the book', () => {
    const examples = words.entry.examples.split(' · ')
    const kinds = examples.map((one) =>
      parseEntry(one, demo, '2026-06-18T07:30', language).records.map(({ kind }) => kind),
    )
    expect(kinds).toEqual([['water'], ['pick'], ['sign']])
  })
})

test('where a comma parts the tenths, no reader takes a point before three digits for tenths', () => {
  const readers = [
    () => parseAreaLoad('1.500 kg/m²', 'metric', 'comma'),
    () => parseElevation('1.200 m', 'metric', 'comma'),
    () => readLabel('1.500 ml', 'metric', 'comma'),
    () => parseDiameter('Umfang 1.200 mm', 'metric', 4, 'comma'),
  ]
  for (const read of readers) expect(read).toThrow('ambiguousNumber')
})

test('where a comma parts the tenths, a point before three digits is asked for again', () => {
  expect(parseQuantity('1,250', 'length', 'metric', 'comma')).toBe(12.5)
  expect(() => parseQuantity('1.250', 'length', 'metric', 'comma')).toThrow('ambiguousNumber')
  expect(parseQuantity('1,5 Liter', 'volume', 'metric', 'comma')).toBe(1.5)
  expect(parseQuantity('2 cucharadas', 'volume', 'metric', 'comma')).toBeCloseTo(0.03)
  expect(parseQuantity('12 Zoll', 'length', 'metric', 'comma')).toBeCloseTo(304.8)
  expect(bearingBy(messages.de.place.points.split(' '), 'O')).toBe(90)
  expect(bearingBy(messages.es.place.points.split(' '), 'O')).toBe(270)
})
