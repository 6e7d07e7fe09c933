import Papa from 'papaparse'
import { dayOf } from '../units'
import type { Garden } from './garden'
import type { GardenRecord } from './record'

const COLUMNS = [
  'date',
  'time',
  'container',
  'kind',
  'volume_l',
  'mass_g',
  'count',
  'variety',
  'product',
  'detail',
  'note',
] as const

function detailOf(record: GardenRecord): string {
  switch (record.kind) {
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
 * The records as CSV (RFC 4180), oldest first, one header line, units in the
 * column names. A cell that a spreadsheet would run as a formula is defused.
 */
export function recordsCsv(garden: Garden): string {
  const codes = new Map(garden.containers.map((container) => [container.id, container.code]))
  const rows = [...garden.records]
    .sort((one, other) => (one.at < other.at ? -1 : one.at > other.at ? 1 : 0))
    .map((record) => ({
      date: dayOf(record.at),
      time: record.at.slice(11),
      container: record.containerId ? (codes.get(record.containerId) ?? record.containerId) : '',
      kind: record.kind,
      volume_l: 'volumeL' in record ? record.volumeL : undefined,
      mass_g: 'massG' in record ? record.massG : undefined,
      count: 'count' in record ? record.count : undefined,
      variety: 'varietyId' in record ? record.varietyId : undefined,
      product: 'productId' in record ? record.productId : undefined,
      detail: detailOf(record),
      note: record.note,
    }))
  return Papa.unparse(
    { fields: [...COLUMNS], data: rows },
    { escapeFormulae: true, newline: '\r\n' },
  )
}
