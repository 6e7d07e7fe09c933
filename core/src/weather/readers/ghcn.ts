import Papa from 'papaparse'
import { InputError, own } from '../../units'
import { dayList, type WeatherRead } from './dayList'

/** Elements of GHCN-Daily that are of use here, as days name them, and their scale. */
const ELEMENTS: Readonly<Record<string, { readonly name: string; readonly scale: number }>> = {
  TMAX: { name: 'tempMaxC', scale: 0.1 },
  TMIN: { name: 'tempMinC', scale: 0.1 },
  PRCP: { name: 'rainMm', scale: 0.1 },
  AWND: { name: 'windMS', scale: 0.1 },
  // Minutes of sunshine.
  TSUN: { name: 'sunshineH', scale: 1 / 60 },
}
/** A value that is not there. */
const MISSING = -9999

type Gathered = Map<string, { line: number; day: Record<string, unknown> }>

/** A value that passed its quality checks, in the core's units. */
function take(
  gathered: Gathered,
  line: number,
  date: string,
  element: string,
  value: number,
): void {
  const known = own(ELEMENTS, element)
  if (!known || value === MISSING || Number.isNaN(value)) return
  const entry = gathered.get(date) ?? { line, day: { date } }
  entry.day[known.name] = value * known.scale
  gathered.set(date, entry)
}

function finished(gathered: Gathered, station?: WeatherRead['station']): WeatherRead {
  const list = dayList()
  for (const { line, day } of gathered.values())
    if (day['tempMaxC'] !== undefined && day['tempMinC'] !== undefined) list.add(line, day)
  return list.finish(station)
}

/** Rows of one element each: ID, YYYYMMDD, element, value, measurement, quality and source flag. */
function byElement(rows: readonly string[][]): WeatherRead {
  const gathered: Gathered = new Map()
  rows.forEach(([, day = '', element = '', value = '', , quality = ''], index) => {
    const date = `${day.slice(0, 4)}-${day.slice(4, 6)}-${day.slice(6, 8)}`
    if (!quality.trim()) take(gathered, index + 1, date, element, Number(value))
  })
  return finished(gathered, { name: rows[0]![0]! })
}

/** A row a day under a header, each element with its flags: measurement, quality, source. */
function byDay(header: readonly string[], rows: readonly string[][]): WeatherRead {
  const gathered: Gathered = new Map()
  const at = (name: string) => header.indexOf(name)
  rows.forEach((row, index) => {
    const date = row[at('DATE')] ?? ''
    for (const element of Object.keys(ELEMENTS)) {
      const value = (row[at(element)] ?? '').trim()
      const quality = (row[at(`${element}_ATTRIBUTES`)] ?? '').split(',')[1] ?? ''
      if (value && !quality.trim()) take(gathered, index + 2, date, element, Number(value))
    }
  })
  const number = (name: string) => Number(rows[0]?.[at(name)])
  const name = rows[0]?.[at('NAME')] ?? rows[0]?.[at('STATION')] ?? ''
  const coordinates = {
    latitudeDeg: number('LATITUDE'),
    longitudeDeg: number('LONGITUDE'),
    elevationM: number('ELEVATION'),
  }
  return finished(gathered, {
    name,
    ...Object.fromEntries(Object.entries(coordinates).filter(([, value]) => isFinite(value))),
  })
}

/**
 * Reads a GHCN-Daily file in either of its CSV layouts: a row a day, or a row an
 * element. Tenths of a degree and of a millimetre; what failed a quality check
 * is left out.
 *
 * @throws InputError `notGhcn`
 * @source NOAA NCEI, GHCN-Daily documentation (readme of the by-year and by-station CSV)
 */
export function readGhcnDaily(text: string): WeatherRead {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: true })
  const [first, ...rest] = data
  if (first?.includes('STATION') && first.includes('DATE')) return byDay(first, rest)
  if (first && /^\w{11}$/.test(first[0] ?? '') && /^\d{8}$/.test(first[1] ?? ''))
    return byElement(data)
  throw new InputError('notGhcn')
}
