import Papa from 'papaparse'
import {
  cellOf,
  dayOf,
  faultsAt,
  fieldSchema,
  InputError,
  isBlank,
  own,
  tableOptions,
  type Fault,
  type TableRow,
} from '../units'
import type { Garden } from './garden'
import { recordKinds, recordSchema, rulesOf, type GardenRecord } from './kinds'
import type { Detail, RecordKindRules } from './kinds/common'

/** Fields told in other columns: date and time, and the pot's short name. */
const ELSEWHERE = ['at', 'containerId']
/** Columns of the first files, in their order; columns of later kinds follow. */
const FIRST_COLUMNS = [
  ...['date', 'time', 'container', 'kind', 'volume_l', 'mass_g', 'count', 'variety', 'product'],
  ...['detail', 'note', 'mass_kg', 'height_mm', 'moisture_share', 'depth_mm', 'temp_c'],
  ...['ec_ds_m', 'planting', 'id', 'item', 'amount', 'unit'],
]

/** The column of a field. @example columnOf('volumeL') // => 'volume_l'; columnOf('varietyId') // => 'variety' */
const columnOf = (field: string): string =>
  field
    .replace(/(?<=.)Id$/, '')
    .replace(/([a-z])([A-Z])/g, '$1_$2')
    .toLowerCase()

/** The fields of a kind of record that have a column each. */
const fieldsOf = ({ schema, detail }: RecordKindRules): readonly string[] =>
  Object.keys(schema.shape).filter(
    (field) => !ELSEWHERE.includes(field) && !detail?.fields.includes(field),
  )

/** Long, and seldom there: after all others. */
const LAST_COLUMN = 'earlier'

const COLUMNS = [
  ...[
    ...new Set([
      ...FIRST_COLUMNS,
      ...recordKinds.flatMap((kind) => fieldsOf(rulesOf[kind]).map(columnOf)),
    ]),
  ].filter((column) => column !== LAST_COLUMN),
  LAST_COLUMN,
]

/** Cells that begin so are defused: a spreadsheet would run them. A typed apostrophe too, so that it comes back. */
const RUN_FROM = "[=+\\-@\\t\\r']"
export const FORMULA = new RegExp(`^${RUN_FROM}[^]*$`)
export const DEFUSED = new RegExp(`^'(?=${RUN_FROM})`)

type Fields = Readonly<Record<string, unknown>>

const detailText = (record: Fields, { fields, text }: Detail): string =>
  fields.some((field) => own(record, field) !== undefined)
    ? fields.reduce((told, field) => told.replace(`{${field}}`, String(own(record, field))), text)
    : ''

function detailFields(told: string, { fields, text }: Detail): Fields | undefined {
  const pattern = fields.reduce((at, field) => at.replace(`{${field}}`, `(?<${field}>\\S+)`), text)
  return new RegExp(`^${pattern}$`).exec(told.trim())?.groups
}

/** What each pot is called in the table: its short name, or its id where two pots share that name. */
function potNames(garden: Garden) {
  const ids = new Set([
    ...garden.containers.map(({ id }) => id),
    ...garden.records.flatMap(({ containerId }) => containerId ?? []),
  ])
  const idOf = new Map<string, string>()
  const nameOf = new Map<string, string>()
  for (const { id, code } of garden.containers) {
    if (ids.has(code) || idOf.has(code)) continue
    idOf.set(code, id)
    nameOf.set(id, code)
  }
  return {
    nameOf: (id: string | undefined) => (id === undefined ? '' : (nameOf.get(id) ?? id)),
    idOf: (name: string) => idOf.get(name) ?? name,
  }
}

/**
 * The records as CSV (RFC 4180), oldest first, one header line, every field of every
 * kind with its unit in the name of its column. A cell that a spreadsheet
 * would run as a formula is defused with an apostrophe before it.
 */
export function recordsCsv(garden: Garden): string {
  const { nameOf } = potNames(garden)
  const rows = [...garden.records]
    .sort((one, other) => (one.at < other.at ? -1 : one.at > other.at ? 1 : 0))
    .map((record: GardenRecord) => {
      const rules: RecordKindRules = rulesOf[record.kind]
      const fields: Fields = record
      return {
        date: dayOf(record.at),
        time: record.at.slice(11),
        container: nameOf(record.containerId),
        detail: rules.detail && detailText(fields, rules.detail),
        ...Object.fromEntries(
          fieldsOf(rules).map((field) => [columnOf(field), cellFor(own(fields, field))]),
        ),
      }
    })
  return Papa.unparse({ fields: COLUMNS, data: rows }, { escapeFormulae: FORMULA, newline: '\r\n' })
}

/** What has parts of its own is told as JSON in its one cell. */
const cellFor = (value: unknown): unknown =>
  typeof value === 'object' && value !== null ? JSON.stringify(value) : value

/** A cell as the field of that kind has it; anything else is left for the schema to refuse. */
function valueIn(kind: string, field: string, cell: string): unknown {
  switch (fieldSchema(recordSchema, { kind }, field).def.type) {
    case 'number':
      return numberIn(cell)
    case 'boolean':
      return own({ true: true, false: false }, cell.trim().toLowerCase()) ?? cell
    case 'object':
    case 'array':
      try {
        return JSON.parse(cell) as unknown
      } catch {
        return cell
      }
    default:
      return cell
  }
}

/** A number, with a decimal comma perhaps; anything else is left for the schema to refuse. */
function numberIn(cell: string): number | string {
  const plain = cell.trim().replace(/^(-?\d+),(\d+)$/, '$1.$2')
  return plain !== '' && Number.isFinite(Number(plain)) ? Number(plain) : cell
}

/** A row of the table as a record that is still to be checked. */
function recordIn(row: TableRow, idOf: (name: string) => string, newId: () => string): unknown {
  const cell = (column: string) => cellOf(row, column).replace(DEFUSED, '')
  const kind = cell('kind').trim()
  const rules = own(rulesOf as Readonly<Record<string, RecordKindRules>>, kind)
  const told = (rules ? fieldsOf(rules) : []).flatMap((field) => {
    const text = cell(columnOf(field))
    return text === '' ? [] : [[field, valueIn(kind, field, text)]]
  })
  const container = cell('container')
  return {
    id: newId(),
    ...(Object.fromEntries(told) as Fields),
    kind,
    at: `${cell('date').trim()}T${cell('time').trim()}`,
    ...(container !== '' && { containerId: idOf(container) }),
    ...(rules?.detail && detailFields(cell('detail'), rules.detail)),
  }
}

/**
 * Reads records back from their table, as `recordsCsv` writes it or as a spreadsheet
 * has saved it since: columns in any order, a line without an id is a new record.
 *
 * @param garden whose pots the short names are of
 * @param newId  makes an id for a line without one
 * @throws InputError `noTable` where there is no header with a kind and a date;
 *   `recordsInvalid` with the first faults, each by its field and its row (the header is 1)
 */
export function recordsFromCsv(
  text: string,
  garden: Garden,
  newId: () => string,
): readonly GardenRecord[] {
  const { data, meta } = Papa.parse<TableRow>(text.replace(/^\uFEFF/, ''), {
    ...tableOptions((header) => header.trim().toLowerCase()),
  })
  if (!meta.fields?.includes('kind') || !meta.fields.includes('date'))
    throw new InputError('noTable')
  const { idOf } = potNames(garden)
  const faults: Fault[] = []
  const records = data.flatMap((row, index) => {
    if (isBlank(row)) return []
    const read = recordSchema.safeParse(recordIn(row, idOf, newId), { reportInput: true })
    if (read.error) faults.push(...faultsAt(['line', index + 2], read.error))
    return read.data ? [read.data] : []
  })
  if (faults.length)
    throw new InputError('recordsInvalid', { faults: faults.length }, faults.slice(0, 100))
  return records
}
