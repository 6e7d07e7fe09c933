import Papa from 'papaparse'
import {
  cellOf,
  faultsAt,
  InputError,
  isBlank,
  own,
  tableOptions,
  type Fault,
  type TableRow,
} from '../units'
import { DEFUSED, FORMULA } from './csv'
import { listOf } from './fields'
import type { Garden } from './garden'

/** Every list of a garden, each a table of its own; records have a table that people can read besides. */
export const tableNames = [
  'spaces',
  'containers',
  'varieties',
  'plantings',
  'recipes',
  'ingredients',
  'mixTests',
  'products',
  'jobChanges',
  'ownJobs',
  'trials',
  'weather',
  'records',
  'bin',
] as const
export type TableName = (typeof tableNames)[number]

type Fields = Readonly<Record<string, unknown>>

/** Whether a text would be read as something else than itself. */
function readsOtherwise(text: string): boolean {
  try {
    JSON.parse(text)
    return true
  } catch {
    return false
  }
}

/** A value as a cell: a text as it is, anything else, or a text that looks so, as JSON. */
function cellFor(value: unknown): string {
  if (value === undefined) return ''
  return typeof value === 'string' && value !== '' && !readsOtherwise(value)
    ? value
    : JSON.stringify(value)
}

function valueIn(cell: string): unknown {
  try {
    return JSON.parse(cell) as unknown
  } catch {
    return cell
  }
}

const rowsOf = (garden: Garden, name: TableName): readonly Fields[] =>
  (own(garden as unknown as Fields, name) as readonly Fields[] | undefined) ?? []

/**
 * One list of a garden as CSV (RFC 4180): a column for every field that any of its
 * things has, named as in the garden file, numbers in the units of their names. What has
 * parts of its own is JSON in its cell. A cell that a spreadsheet would run as a formula
 * is defused with an apostrophe before it.
 */
export function tableCsv(garden: Garden, name: TableName): string {
  const rows = rowsOf(garden, name)
  const fields = [...new Set(rows.flatMap((row) => Object.keys(row)))]
  const data = rows.map((row) => fields.map((field) => cellFor(own(row, field))))
  return Papa.unparse({ fields, data }, { escapeFormulae: FORMULA, newline: '\r\n' })
}

/**
 * Reads a list back from its table, as `tableCsv` writes it or as a spreadsheet has saved
 * it since, columns in any order.
 *
 * @throws InputError `noTable` where there is no header, `tableInvalid` with the first
 *   faults, each by its field and its row (the header is 1)
 */
export function tableFromCsv<N extends TableName>(text: string, name: N): NonNullable<Garden[N]> {
  // A list of nothing is a table of nothing.
  if (text.trim() === '') return []
  const { data, meta } = Papa.parse<TableRow>(text.replace(/^\uFEFF/, ''), {
    ...tableOptions((header) => header.trim()),
  })
  if (!meta.fields?.length) throw new InputError('noTable')
  const { of } = listOf(name)!
  const faults: Fault[] = []
  const list = data.flatMap((row, index) => {
    if (isBlank(row)) return []
    const given = meta.fields!.flatMap((field) => {
      const cell = cellOf(row, field).replace(DEFUSED, '')
      return cell === '' ? [] : [[field, valueIn(cell)]]
    })
    const read = of.safeParse(Object.fromEntries(given), { reportInput: true })
    if (read.error) faults.push(...faultsAt(['line', index + 2], read.error))
    return read.data === undefined ? [] : [read.data]
  })
  if (faults.length)
    throw new InputError('tableInvalid', { faults: faults.length }, faults.slice(0, 100))
  return list as unknown as NonNullable<Garden[N]>
}
