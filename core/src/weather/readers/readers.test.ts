import { readFileSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import {
  dailyRows,
  gapsIn,
  guessTable,
  looksFahrenheit,
  readDailyCsv,
  readEpw,
  readGhcnDaily,
  readWeather,
  weatherFileKind,
  weatherSummary,
  withWeather,
  writeWeather,
  type DailyMapping,
  type WeatherRead,
} from '.'

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0)
const table = (text: string, more: Partial<DailyMapping> = {}): WeatherRead =>
  readDailyCsv(text, { ...guessTable(text).mapping, ...more })

describe('a table of days', () => {
  // Daily weather of Seattle 2012–2015 (NOAA, by way of vega-datasets, public domain). The totals
  // were added up from the file by another program.
  const seattle = readFileSync(
    new URL('../../../test-data/seattle-weather.csv', import.meta.url),
    'utf8',
  )
  test('four real years are read to the last row, with their known totals', () => {
    const { days, gaps, faultCount } = table(seattle)
    expect(days).toHaveLength(1461)
    expect(days.at(-1)).toMatchObject({ date: '2015-12-31', tempMaxC: 5.6, tempMinC: -2.1 })
    expect(sum(days.map((day) => day.rainMm!))).toBeCloseTo(4426, 6)
    expect(sum(days.map((day) => day.tempMaxC)) / 1461).toBeCloseTo(16.4391, 3)
    expect([gaps, faultCount]).toEqual([[], 0])
    // Four years of 4426 mm, one of them a leap year.
    const summary = weatherSummary(table(seattle), days.slice(0, 3))!
    expect(summary.rainMmYear).toBeCloseTo(4426 / 4, 0)
    expect(summary).toMatchObject({ count: 1461, missing: 0, replaced: 3, highestC: 35.6 })
  })
  test('columns are known by their usual names, whatever their order', () => {
    const { columns } = guessTable(
      'Low temp;Rain (mm);Date;High temp;Wind km/h\n1;2;2026-01-01;3;4',
    ).mapping
    expect(columns).toEqual({
      date: 'Date',
      tempMaxC: 'High temp',
      tempMinC: 'Low temp',
      rainMm: 'Rain (mm)',
      windMS: 'Wind km/h',
    })
  })
  test('degrees Fahrenheit taken for Celsius are found out, by name or by the numbers', () => {
    const warm = 'date,tmax,tmin\n2026-07-01,86,59\n2026-07-02,90,61'
    const unitOf = (text: string) => guessTable(text).mapping.tempUnit
    expect(unitOf(warm)).toBe('fahrenheit')
    expect(unitOf('date,tmax (F),tmin (F)\n2026-01-01,35,20')).toBe('fahrenheit')
    expect(unitOf(seattle)).toBe('celsius')
    expect(looksFahrenheit(guessTable(warm).sample, undefined)).toBe(false)
    // 86 °F is exactly 30 °C, 59 °F 15 °C.
    expect(table(warm).days[0]).toMatchObject({ tempMaxC: 30, tempMinC: 15 })
  })
  test('inches, miles an hour and percent become what the core wants', () => {
    const text = 'date,tmax,tmin,rain_in,wind mph,rh max,rh min\n2026-05-01,20,10,1,10,90,40'
    const [day] = table(text).days
    expect(day!.rainMm).toBeCloseTo(25.4, 9)
    expect(day!.windMS).toBeCloseTo(4.4704, 4)
    expect(day).toMatchObject({ humidityMaxShare: 0.9, humidityMinShare: 0.4 })
  })
  test('dates by day, month or year first, told apart by the days above twelve', () => {
    const of = (...dates: string[]) =>
      table(`date,tmax,tmin\n${dates.map((date) => `${date},20,10`).join('\n')}`).days.map(
        (day) => day.date,
      )
    expect(of('2.6.2026', '13.6.2026')).toEqual(['2026-06-02', '2026-06-13'])
    expect(of('6/2/2026', '6/13/2026')).toEqual(['2026-06-02', '2026-06-13'])
    expect(of('20260602', '20260613')).toEqual(['2026-06-02', '2026-06-13'])
  })
  test('what is wrong is named by line, the rest is kept', () => {
    const { days, faults, gaps } = table(
      [
        'date,tmax,tmin,rain',
        '2026-06-01,25,12,0',
        '2026-06-02,12,25,0',
        '2026-06-03,24,11,-3',
        '2026-06-01,26,12,0',
        '',
        '2026-06-31,26,12,0',
        '2026-06-05,warm,12,0',
        '2026-06-06,,,',
        '2026-06-08,"24,5",13,1',
      ].join('\n'),
    )
    expect(days.map(({ date, tempMaxC }) => [date, tempMaxC])).toEqual([
      ['2026-06-01', 25],
      ['2026-06-08', 24.5],
    ])
    expect(faults.map(({ line, fault }) => [line, fault.code])).toEqual([
      [3, 'minOverMax'],
      [4, 'tooSmall'],
      [5, 'dateTwice'],
      [7, 'badDate'],
      [8, 'notReadable'],
    ])
    expect(gaps).toEqual([{ from: '2026-06-02', to: '2026-06-07', days: 6 }])
  })
  test('a million wrong lines are counted, and the first of them kept', () => {
    const rows = dailyRows({
      columns: { date: 'd', tempMaxC: 'x', tempMinC: 'n' },
      tempUnit: 'celsius',
      rainUnit: 'mm',
      windUnit: 'mS',
      dateOrder: 'yearMonthDay',
    })
    for (let line = 2; line < 1e6 + 2; line++) rows.push(line, { d: 'no', x: '1', n: '0' })
    const { faults, faultCount } = rows.finish()
    expect(faultCount).toBe(1e6)
    expect(faults).toHaveLength(20)
  })
  test('without a date or a temperature column there is nothing to read', () => {
    expect(() => table('date,rain\n2026-01-01,1')).toThrow(
      expect.objectContaining({ code: 'columnMissing', params: { column: 'tempMaxC' } }),
    )
    expect(() => guessTable('hello')).toThrow(expect.objectContaining({ code: 'noTable' }))
  })
})

// Small files written to the layout that NOAA publishes for GHCN-Daily; the values are made up.
describe('GHCN-Daily', () => {
  test('a row an element: tenths, flags and missing values', () => {
    const { days, station } = readGhcnDaily(
      [
        'XX000012345,20260601,TMAX,254,,,S,',
        'XX000012345,20260601,TMIN,121,,,S,',
        'XX000012345,20260601,PRCP,38,,,S,',
        'XX000012345,20260602,TMAX,999,,I,S,',
        'XX000012345,20260602,TMIN,110,,,S,',
        'XX000012345,20260603,TMAX,260,,,S,0700',
        'XX000012345,20260603,TMIN,-9999,,,S,',
        'XX000012345,20260604,TMAX,-11,,,S,',
        'XX000012345,20260604,TMIN,-52,,,S,',
        'XX000012345,20260604,SNWD,30,,,S,',
      ].join('\n'),
    )
    expect(days).toEqual([
      {
        date: '2026-06-01',
        tempMaxC: expect.closeTo(25.4),
        tempMinC: expect.closeTo(12.1),
        rainMm: expect.closeTo(3.8),
      },
      { date: '2026-06-04', tempMaxC: expect.closeTo(-1.1), tempMinC: expect.closeTo(-5.2) },
    ])
    expect(station?.name).toBe('XX000012345')
  })
  test('a row a day, with its station', () => {
    const { days, station, gaps } = readGhcnDaily(
      [
        '"STATION","DATE","LATITUDE","LONGITUDE","ELEVATION","NAME","PRCP","PRCP_ATTRIBUTES","TMAX","TMAX_ATTRIBUTES","TMIN","TMIN_ATTRIBUTES","AWND","AWND_ATTRIBUTES"',
        '"XX000012345","2026-06-01","44.1","9.5","35.0","PORT MAREN","0",",,S","281",",,S","182",",,S","  25",",,S"',
        '"XX000012345","2026-06-02","44.1","9.5","35.0","PORT MAREN","12","T,,S","290",",X,S","185",",,S","",""',
        '"XX000012345","2026-06-04","44.1","9.5","35.0","PORT MAREN","12",",,S","290",",,S","185",",,S","",""',
      ].join('\r\n'),
    )
    expect(days[0]).toEqual({
      date: '2026-06-01',
      tempMaxC: expect.closeTo(28.1),
      tempMinC: expect.closeTo(18.2),
      rainMm: 0,
      windMS: 2.5,
    })
    // The second day's high failed its check.
    expect(gaps).toEqual([{ from: '2026-06-02', to: '2026-06-03', days: 2 }])
    expect(station).toEqual({
      name: 'PORT MAREN',
      latitudeDeg: 44.1,
      longitudeDeg: 9.5,
      elevationM: 35,
    })
  })
  test('anything else is refused', () => {
    expect(() => readGhcnDaily('date,tmax\n1,2')).toThrow(
      expect.objectContaining({ code: 'notGhcn' }),
    )
  })
})

// Written to the EPW data dictionary; the values are made up.
describe('EPW', () => {
  const hour = (day: number, one: number, tempC: string, radiation: string, wind = '4.0') => {
    const row = Array.from({ length: 35 }, () => '0')
    row.splice(0, 5, '2001', '6', String(day), String(one), '60')
    row[6] = tempC
    row[8] = String(40 + one)
    row[13] = radiation
    row[21] = wind
    row[33] = one === 3 ? '1.5' : '0'
    return row.join(',')
  }
  const header = [
    'LOCATION,Port Maren,-,XXX,made up,123456,44.10,9.50,1.0,35.0',
    'DESIGN CONDITIONS,0',
    'TYPICAL/EXTREME PERIODS,0',
    'GROUND TEMPERATURES,0',
    'HOLIDAYS/DAYLIGHT SAVINGS,No,0,0,0',
    'COMMENTS 1,',
    'COMMENTS 2,',
    'DATA PERIODS,1,1,Data,Friday,6/1,6/2',
  ]
  const hours = [1, 2].flatMap((day) =>
    Array.from({ length: 24 }, (_, index) => {
      const one = index + 1
      const sun = one > 6 && one < 19 ? '500' : '0'
      return hour(day, one, day === 2 && one === 5 ? '99.9' : (10 + one / 2).toFixed(1), sun)
    }),
  )
  const file = [...header, ...hours].join('\n')

  test('hours become days: extremes, sums, wind brought down from 10 m, missing values left out', () => {
    const { days, station } = readEpw(file)
    expect(days.map(({ date }) => date)).toEqual(['2001-06-01', '2001-06-02'])
    expect(days[0]).toMatchObject({
      tempMaxC: 22,
      tempMinC: 10.5,
      humidityMaxShare: 0.64,
      humidityMinShare: 0.41,
      rainMm: 1.5,
    })
    // Twelve hours of 500 Wh are 21.6 MJ; 4 m/s at 10 m count 0.748 at 2 m (FAO 56, annex 2, table 2.9).
    expect(days[0]!.radiationMjM2).toBeCloseTo(21.6, 9)
    expect(days[0]!.windMS! / 4).toBeCloseTo(0.748, 3)
    expect(days[1]!.tempMaxC).toBe(22)
    expect(station).toMatchObject({ latitudeDeg: 44.1, longitudeDeg: 9.5, elevationM: 35 })
  })
  test('a typical year, put together from several, is read as one', () => {
    expect(readEpw(file, 2026).days.map(({ date }) => date)).toEqual(['2026-06-01', '2026-06-02'])
  })
  test('anything else is refused', () => {
    expect(() => readEpw(header.join('\n'))).toThrow(expect.objectContaining({ code: 'notEpw' }))
  })
})

describe('a weather file of one’s own', () => {
  const days = [
    { date: '2026-06-01', tempMaxC: 25, tempMinC: 12 },
    { date: '2026-06-02', tempMaxC: 27.5, tempMinC: 14, rainMm: 3 },
  ]
  test('comes back as it went out', () => {
    expect(readWeather(writeWeather(days)).days).toEqual(days)
  })
  test('a wrong day is named by its line', () => {
    const text = writeWeather(days).replace('27.5', '"hot"')
    expect(readWeather(text).faults).toMatchObject([{ line: 3, fault: { path: ['tempMaxC'] } }])
    for (const bad of ['{', '[]', '{"format":"other","days":[]}'])
      expect(() => readWeather(bad)).toThrow(expect.objectContaining({ code: 'notWeather' }))
  })
})

test('kinds of file are told by their first line', () => {
  expect(weatherFileKind('date,tmax,tmin\n')).toBe('table')
  expect(weatherFileKind('LOCATION,Port Maren')).toBe('epw')
  expect(weatherFileKind('"STATION","DATE","LATITUDE"')).toBe('ghcn')
  expect(weatherFileKind('XX000012345,20260601,TMAX,254')).toBe('ghcn')
  expect(weatherFileKind(writeWeather([]))).toBe('own')
  for (const strange of ['PK\u0003\u0004\u0000,', 'just words'])
    expect(() => weatherFileKind(strange)).toThrow(
      expect.objectContaining({ code: 'unknownWeatherFile' }),
    )
})

test('gaps are counted over the turn of a month and a leap day', () => {
  const day = (date: string) => ({ date, tempMaxC: 20, tempMinC: 10 })
  expect(gapsIn([day('2024-02-27'), day('2024-03-02')])).toEqual([
    { from: '2024-02-28', to: '2024-03-01', days: 3 },
  ])
  expect(gapsIn([day('2026-01-31'), day('2026-02-01')])).toEqual([])
})

test('days taken into others: the new ones stand, all in order', () => {
  const day = (date: string, tempMaxC: number) => ({ date, tempMaxC, tempMinC: 10 })
  const known = [day('2026-06-01', 20), day('2026-06-03', 21)]
  const taken = [day('2026-06-02', 25), day('2026-06-03', 26)]
  expect(withWeather(known, taken).map((one) => [one.date, one.tempMaxC])).toEqual([
    ['2026-06-01', 20],
    ['2026-06-02', 25],
    ['2026-06-03', 26],
  ])
  expect(weatherSummary({ days: [], gaps: [], faults: [], faultCount: 0 }, known)).toBeUndefined()
  const few = weatherSummary({ days: taken, gaps: [], faults: [], faultCount: 0 }, known)!
  expect([few.replaced, few.rainMmYear]).toEqual([1, undefined])
})
