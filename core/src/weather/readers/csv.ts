import Papa from 'papaparse'
import {
  cellOf,
  isBlank,
  tableOptions,
  type TableRow,
  fromUnit,
  isDate,
  InputError,
  type UnitName,
} from '../../units'
import { dayList, type WeatherRead } from './dayList'

/** What a column of a table of days can hold. */
export const weatherColumns = [
  'date',
  'tempMaxC',
  'tempMinC',
  'rainMm',
  'windMS',
  'humidityMaxShare',
  'humidityMinShare',
  'sunshineH',
  'radiationMjM2',
] as const
export type WeatherColumn = (typeof weatherColumns)[number]

export const dateOrders = ['yearMonthDay', 'dayMonthYear', 'monthDayYear'] as const
export type DateOrder = (typeof dateOrders)[number]

/** How a table of days is to be read: which column is what, and in which unit. */
export interface DailyMapping {
  /** Columns by name; what is not there is left out. */
  readonly columns: Readonly<Partial<Record<WeatherColumn, string>>>
  readonly tempUnit: UnitName<'temperature'>
  readonly rainUnit: 'mm' | 'in'
  readonly windUnit: UnitName<'speed'>
  readonly dateOrder: DateOrder
}

/** What a table looks like, before it is read. */
export interface TableGuess {
  readonly columns: readonly string[]
  /** The first rows as they are. */
  readonly sample: readonly TableRow[]
  readonly mapping: DailyMapping
}

/** Names that columns of open data and of weather stations usually have (practice). */
const USUAL_NAMES: Readonly<Record<WeatherColumn, RegExp>> = {
  date: /^(date|day|datum|time|valid)/i,
  tempMaxC: /^high$|(t|temp\w*)[ _-]*(max|high|hi\b)|(max|high)\w*[ _-]*(t\b|temp)|^tx$/i,
  tempMinC: /^low$|(t|temp\w*)[ _-]*(min|low|lo\b)|(min|low)\w*[ _-]*(t\b|temp)|^tn$/i,
  rainMm: /rain|precip|prcp|^rr$/i,
  windMS: /wind(?!.*(dir|gust|max))|^awnd$/i,
  humidityMaxShare: /(hum|rh)\w*[ _-]*max|max\w*[ _-]*(hum|rh)/i,
  humidityMinShare: /(hum|rh)\w*[ _-]*min|min\w*[ _-]*(hum|rh)/i,
  sunshineH: /sunshine|sun[ _-]*h/i,
  radiationMjM2: /radiation|solar/i,
}

/** Above this as a mean of highs it is no place for tomatoes in °C, nor any on earth. */
const NO_CELSIUS_MEAN = 45

const SAMPLE_ROWS = 60

/** Whether a column of highs is in degrees Fahrenheit, by its name or its numbers: ask before reading. */
export function looksFahrenheit(rows: TableGuess['sample'], column: string | undefined): boolean {
  if (column === undefined) return false
  const highs = rows.map((row) => numberIn(cellOf(row, column)) ?? NaN).filter(isFinite)
  const mean = highs.reduce((sum, value) => sum + value, 0) / highs.length
  return /°\s*f\b|fahrenheit|\(f\)|_f$/i.test(column) || mean > NO_CELSIUS_MEAN
}

/**
 * What the columns of a table of days seem to be. To be shown and corrected
 * before the table is read.
 *
 * @param text the file, or its beginning
 * @throws InputError `noTable`
 */
export function guessTable(text: string): TableGuess {
  const { data, meta } = Papa.parse<TableRow>(text.replace(/^\uFEFF/, ''), {
    ...tableOptions(),
    preview: SAMPLE_ROWS,
    skipEmptyLines: true,
  })
  const columns = meta.fields ?? []
  if (columns.length < 2 || !data.length) throw new InputError('noTable')
  const taken = new Set<string>()
  const found: Partial<Record<WeatherColumn, string>> = {}
  for (const column of weatherColumns) {
    const name = columns.find((one) => !taken.has(one) && USUAL_NAMES[column].test(one.trim()))
    if (name === undefined) continue
    found[column] = name
    taken.add(name)
  }
  const isFahrenheit = looksFahrenheit(data, found.tempMaxC)
  return {
    columns,
    sample: data,
    mapping: {
      columns: found,
      tempUnit: isFahrenheit ? 'fahrenheit' : 'celsius',
      rainUnit: /\(?\bin(ch)?\b\)?|_in$/i.test(found.rainMm ?? '') ? 'in' : 'mm',
      windUnit: /km/i.test(found.windMS ?? '')
        ? 'kmH'
        : /mph/i.test(found.windMS ?? '')
          ? 'mph'
          : 'mS',
      dateOrder: orderOf(data.map((row) => cellOf(row, found.date))),
    },
  }
}

/** A number with a point or a comma; undefined where the cell is empty or says that nothing is known. */
function numberIn(cell: string): number | undefined {
  const text = cell.trim()
  if (/^(|-|na|n\/a|nan|null|m|-?9999?(\.0+)?)$/i.test(text)) return undefined
  return Number(text.replace(',', '.'))
}

function orderOf(cells: readonly string[]): DateOrder {
  if (cells.some((cell) => /^\d{4}/.test(cell.trim()))) return 'yearMonthDay'
  const first = cells.map((cell) => Number(/^(\d{1,2})/.exec(cell.trim())?.[1] ?? 0))
  const second = cells.map((cell) => Number(/^\d{1,2}\D(\d{1,2})/.exec(cell.trim())?.[1] ?? 0))
  return Math.max(...second) > 12 && Math.max(...first) <= 12 ? 'monthDayYear' : 'dayMonthYear'
}

/** A date in one of the usual orders, with any separators, as `YYYY-MM-DD`. */
function dateIn(cell: string, order: DateOrder): string | undefined {
  const compact = /^(\d{4})(\d{2})(\d{2})$/.exec(cell.trim())
  const parts = compact?.slice(1) ?? /^(\d{1,4})\D(\d{1,2})\D(\d{1,4})/.exec(cell.trim())?.slice(1)
  if (!parts) return undefined
  const at = {
    yearMonthDay: [0, 1, 2],
    dayMonthYear: [2, 1, 0],
    monthDayYear: [2, 0, 1],
  }[order] as [number, number, number]
  const [year, month, day] = at.map((index) => parts[index]!) as [string, string, string]
  const date = `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`
  return isDate(date) ? date : undefined
}

/**
 * Reads rows of a table of days as they come, for a file too long to hold.
 *
 * @throws InputError `columnMissing` where the date or a temperature has no column
 */
export function dailyRows({ columns, tempUnit, rainUnit, windUnit, dateOrder }: DailyMapping) {
  for (const column of ['date', 'tempMaxC', 'tempMinC'] as const)
    if (!columns[column]) throw new InputError('columnMissing', { column })
  const list = dayList()
  const convert: Readonly<Record<Exclude<WeatherColumn, 'date'>, (value: number) => number>> = {
    tempMaxC: (value) => fromUnit(value, 'temperature', tempUnit),
    tempMinC: (value) => fromUnit(value, 'temperature', tempUnit),
    rainMm: (value) => fromUnit(value, 'length', rainUnit),
    windMS: (value) => fromUnit(value, 'speed', windUnit),
    // Written as percent or as a share: nobody measures less than 1.5 %.
    humidityMaxShare: (value) => (value > 1.5 ? value / 100 : value),
    humidityMinShare: (value) => (value > 1.5 ? value / 100 : value),
    sunshineH: (value) => value,
    radiationMjM2: (value) => value,
  }
  /** Takes a row; a blank one is none. */
  function push(line: number, row: TableRow): void {
    if (isBlank(row)) return
    const cell = cellOf(row, columns.date)
    const date = dateIn(cell, dateOrder)
    if (!date) return list.refuse(line, 'badDate', { given: cell.slice(0, 40) })
    const day: Record<string, unknown> = { date }
    for (const [column, to] of Object.entries(convert)) {
      const name = columns[column as WeatherColumn]
      const value = numberIn(cellOf(row, name))
      if (value === undefined) continue
      if (Number.isNaN(value))
        return list.refuse(line, 'notReadable', { given: cellOf(row, name).slice(0, 40) })
      day[column] = to(value)
    }
    // A day without temperatures is a missing day, not a fault.
    if (day['tempMaxC'] === undefined || day['tempMinC'] === undefined) return
    list.add(line, day)
  }
  return { push, finish: () => list.finish() }
}

/**
 * Reads a table of days.
 *
 * @throws InputError `columnMissing`
 */
export function readDailyCsv(text: string, mapping: DailyMapping): WeatherRead {
  const rows = dailyRows(mapping)
  let line = 1
  Papa.parse<TableRow>(text.replace(/^\uFEFF/, ''), {
    ...tableOptions(),
    skipEmptyLines: false,
    step: ({ data }) => rows.push(++line, data),
  })
  return rows.finish()
}
