import { own } from './own'

/** A row as a reader of tables gives it; cells beyond the named columns come as a list. */
export type TableRow = Readonly<Record<string, string | readonly string[]>>

/** How a table is parsed: rows under their header, a name that stands twice in it told apart. */
export function tableOptions(asNamed: (header: string) => string = (header) => header) {
  const taken = new Set<string>()
  return {
    header: true as const,
    transformHeader: (header: string): string => {
      const wanted = asNamed(header)
      let name = wanted
      for (let count = 2; taken.has(name); count++) name = `${wanted} (${count})`
      taken.add(name)
      return name
    },
  }
}

/** The cell of a column; empty where the row is too short or there is no such column. */
export function cellOf(row: TableRow, column: string | undefined): string {
  const cell = own(row, column)
  return typeof cell === 'string' ? cell : ''
}

/** Whether a row has nothing in it. */
export const isBlank = (row: TableRow) =>
  Object.values(row).every((cell) => !(typeof cell === 'string' ? cell : cell.join('')).trim())
