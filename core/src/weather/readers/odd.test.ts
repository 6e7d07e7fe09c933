// Weather files as they may come: cut, doubled, mangled. A reader says what is wrong by line, or refuses the whole in words; it never throws anything else.
import { readFileSync } from 'node:fs'
import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { InputError } from '../../units'
import {
  guessTable,
  readDailyCsv,
  readEpw,
  readGhcnDaily,
  readWeather,
  weatherFileKind,
  writeWeather,
} from '.'

const seattle = readFileSync(
  new URL('../../../test-data/seattle-weather.csv', import.meta.url),
  'utf8',
).slice(0, 3000)
const epwHour = (day: number, hour: number) =>
  [
    '2020',
    '6',
    String(day),
    String(hour),
    '0',
    'src',
    '21.5',
    '12',
    '55',
    ...Array<string>(26).fill('3'),
  ].join(',')
const epw = [
  'LOCATION,Somewhere,ST,ABC,SRC,1,47,8,1,400',
  ...Array<string>(7).fill('DESIGN CONDITIONS,0'),
  ...[1, 2].flatMap((day) => [1, 2, 3].map((hour) => epwHour(day, hour))),
].join('\n')
const files = [
  seattle,
  'date;tmax;tmin;rain (mm)\n01.06.2026;25,5;12;0\n02.06.2026;27;14;3\n',
  epw,
  'STATION,DATE,TMAX,TMAX_ATTRIBUTES,TMIN,PRCP\nX,2026-06-01,255,",,S",120,0\nX,2026-06-02,270,,140,\n',
  'USW00094728,20260601,TMAX,255,,,S,\nUSW00094728,20260601,TMIN,120,,,S,\n',
  writeWeather([{ date: '2026-06-01', tempMaxC: 25, tempMinC: 12 }]),
]

const pieces = [
  ',,,,,,',
  '\n,,,\n',
  '"',
  '\u0000',
  'constructor',
  '__proto__',
  ';',
  'NaN',
  '1e999',
  '-',
  '{"a":{}}',
  '[[',
  '{"toString":1}',
  '\uFEFF',
  '2026-06-01',
  '\r',
] as const
/** A file with a few pieces cut out, put in, or doubled. */
const mangled = fc
  .tuple(
    fc.constantFrom(...files),
    fc.array(fc.tuple(fc.nat(3000), fc.nat(40), fc.constantFrom('', ...pieces)), {
      minLength: 1,
      maxLength: 6,
    }),
  )
  .map(([file, cuts]) =>
    cuts.reduce((text, [at, length, piece]) => {
      const from = at % (text.length + 1)
      return text.slice(0, from) + piece + text.slice(from + length)
    }, file),
  )

test('no reader throws anything but a refusal in words', () => {
  const asked = (work: () => unknown) => {
    try {
      work()
    } catch (error) {
      if (!(error instanceof InputError)) throw error
    }
  }
  fc.assert(
    fc.property(mangled, (text) => {
      asked(() => weatherFileKind(text))
      asked(() => readDailyCsv(text, guessTable(text).mapping))
      asked(() => readEpw(text, 2026))
      asked(() => readGhcnDaily(text))
      asked(() => readWeather(text))
    }),
    { numRuns: 800 },
  )
})

test('lines of nothing but commas, longer or shorter than the header, are passed over', () => {
  const text = 'date,tmax,tmin\n2026-06-01,25,12\n,,,,,,\n,,\n\n2026-06-02,27,14,,,\n'
  const { days, faultCount } = readDailyCsv(text, guessTable(text).mapping)
  expect(days.map(({ date }) => date)).toEqual(['2026-06-01', '2026-06-02'])
  expect(faultCount).toBe(0)
})
test('columns called as every object’s own things are, and rows too short for them, are nothing known', () => {
  const text = 'date,tmax,tmin,constructor,__proto__\n2026-06-01,25,12\n'
  const { mapping } = guessTable(text)
  const columns = { ...mapping.columns, rainMm: 'constructor', windMS: '__proto__' }
  const { days } = readDailyCsv(text, { ...mapping, columns })
  expect(days).toEqual([{ date: '2026-06-01', tempMaxC: 25, tempMinC: 12 }])
})
test('a day that is no day, and hours without end of one day, are read all the same', () => {
  const odd = '{"format":"rimbo-weather","version":1,"days":[{"date":{"toString":1}},7,null]}'
  expect(readWeather(odd)).toMatchObject({ days: [], faultCount: 3 })
  // Of which only the temperature is known.
  const longHour = epwHour(1, 1).replace(/,55,.*$/, ',999')
  const lines = epw.split('\n').slice(0, 8)
  const long = [...lines, ...Array<string>(200_000).fill(longHour)].join('\n')
  expect(readEpw(long, 2026).days).toMatchObject([{ date: '2026-06-01', tempMaxC: 21.5 }])
})
