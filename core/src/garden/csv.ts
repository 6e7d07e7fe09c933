import Papa from 'papaparse'
import { dayOf } from '../units'
import type { Garden } from './garden'
import type { GardenRecord } from './record'

/** Fields of records, each by the column it goes into: units stand in its name. */
const COLUMN_OF = {
  kind: 'kind',
  volumeL: 'volume_l',
  massG: 'mass_g',
  count: 'count',
  varietyId: 'variety',
  productId: 'product',
  detail: 'detail',
  note: 'note',
  massKg: 'mass_kg',
  heightMm: 'height_mm',
  moistureShare: 'moisture_share',
  depthMm: 'depth_mm',
  tempC: 'temp_c',
  ecDsM: 'ec_ds_m',
  plantingId: 'planting',
  id: 'id',
} as const

const COLUMNS = ['date', 'time', 'container', ...Object.values(COLUMN_OF)] as const

/** What was felt, seen, or the reason why not: in one column. */
function detailOf(record: GardenRecord): string {
  switch (record.kind) {
    case 'water':
      return record.how ?? ''
    case 'finger':
      return `${record.feel} at ${record.knuckle} knuckle`
    case 'skipWater':
      return record.reason
    case 'sign':
      return record.sign
    default:
      return ''
  }
}

/**
 * The records as CSV (RFC 4180), oldest first, one header line, every field of every
 * kind with its unit in the name of its column. A cell that a spreadsheet
 * would run as a formula is defused.
 */
export function recordsCsv(garden: Garden): string {
  const codes = new Map(garden.containers.map((container) => [container.id, container.code]))
  const rows = [...garden.records]
    .sort((one, other) => (one.at < other.at ? -1 : one.at > other.at ? 1 : 0))
    .map((record: GardenRecord) => {
      const fields = new Map<string, unknown>([
        ...Object.entries(record),
        ['detail', detailOf(record)],
      ])
      return {
        date: dayOf(record.at),
        time: record.at.slice(11),
        container: record.containerId ? (codes.get(record.containerId) ?? record.containerId) : '',
        ...Object.fromEntries(
          Object.entries(COLUMN_OF).map(([field, column]) => [column, fields.get(field)]),
        ),
      }
    })
  return Papa.unparse(
    { fields: [...COLUMNS], data: rows },
    { escapeFormulae: true, newline: '\r\n' },
  )
}
