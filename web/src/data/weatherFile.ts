import Papa from 'papaparse'
import {
  dailyRows,
  InputError,
  readEpw,
  readGhcnDaily,
  readWeather,
  tableOptions,
  weatherFileKind,
  type DailyMapping,
  type TableRow,
  type WeatherFileKind,
  type WeatherRead,
} from '@rimbo/core'

/** So much of a file tells what it is, bytes. */
const BEGINNING = 20_000
/** A table is read in pieces, so that it can be told how far it is, bytes. */
const CHUNK = 200_000
/** What is not a table is read at once; beyond this that would fill the memory, bytes. */
const MOST_AT_ONCE = 80_000_000

export interface WeatherFileStart {
  readonly kind: WeatherFileKind
  readonly beginning: string
}

/**
 * What a chosen file is, by its beginning.
 *
 * @throws InputError `unknownWeatherFile`, `fileTooBig`
 */
export async function startOf(file: File): Promise<WeatherFileStart> {
  const beginning = await file.slice(0, BEGINNING).text()
  const kind = weatherFileKind(beginning)
  if (kind !== 'table' && file.size > MOST_AT_ONCE)
    throw new InputError('fileTooBig', {
      sizeMb: Math.round(file.size / 1e6),
      mostMb: MOST_AT_ONCE / 1e6,
    })
  // The last line may be cut in two.
  return { kind, beginning: beginning.slice(0, beginning.lastIndexOf('\n') + 1) || beginning }
}

/** Reads a table line by line as it streams in, however long. */
function readTable(
  file: File,
  mapping: DailyMapping,
  tell: (share: number) => void,
): Promise<WeatherRead> {
  const rows = dailyRows(mapping)
  let line = 1
  return new Promise((resolve, reject) => {
    Papa.parse<TableRow>(file, {
      ...tableOptions(),
      skipEmptyLines: false,
      chunkSize: CHUNK,
      chunk: ({ data, meta }, parser) => {
        try {
          for (const row of data) rows.push(++line, row)
          tell(meta.cursor / file.size)
        } catch (error) {
          parser.abort()
          reject(error instanceof Error ? error : new Error(String(error)))
        }
      },
      complete: () => resolve(rows.finish()),
      error: reject,
    })
  })
}

/**
 * Reads a weather file into days.
 *
 * @param mapping how a table is to be read
 * @param asYear  the year that a typical year is to be of
 * @param tell    told how far a table is, 0–1
 * @throws InputError as the readers do
 */
export async function readWeatherFile(
  file: File,
  kind: WeatherFileKind,
  mapping: DailyMapping | undefined,
  asYear: number | undefined,
  tell: (share: number) => void,
): Promise<WeatherRead | undefined> {
  if (kind === 'table') return mapping ? readTable(file, mapping, tell) : undefined
  const text = await file.text()
  if (kind === 'own') return readWeather(text)
  return kind === 'epw' ? readEpw(text, asYear) : readGhcnDaily(text)
}
