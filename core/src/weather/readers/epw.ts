import Papa from 'papaparse'
import { max, min } from 'd3-array'
import { InputError } from '../../units'
import { windAt2M } from '../air'
import { dayList, type WeatherRead } from './dayList'

const HEADER_LINES = 8
/** Wind in these files is measured 10 m above ground. */
const WIND_HEIGHT_M = 10
/** What is read of an hour: its column, from 0, and the value that stands for missing. */
const READ = {
  dryBulbC: [6, 99.9],
  humidityPercent: [8, 999],
  radiationWhM2: [13, 9999],
  windMS: [21, 999],
  rainMm: [33, 999],
} as const
type Name = keyof typeof READ
const NAMES = Object.keys(READ) as Name[]
const MJ_PER_WH = 0.0036

interface Hours {
  readonly line: number
  readonly values: Readonly<Record<Name, number[]>>
}

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0)

/** A day out of its hours; what every hour lacks is left out. */
function dayOf(date: string, { values }: Hours): Record<string, unknown> {
  const { dryBulbC, humidityPercent, radiationWhM2, windMS, rainMm } = values
  return {
    date,
    ...(dryBulbC.length && { tempMaxC: max(dryBulbC), tempMinC: min(dryBulbC) }),
    ...(humidityPercent.length && {
      humidityMaxShare: Math.min(1, max(humidityPercent)! / 100),
      humidityMinShare: min(humidityPercent)! / 100,
    }),
    ...(radiationWhM2.length && { radiationMjM2: sum(radiationWhM2) * MJ_PER_WH }),
    ...(windMS.length && { windMS: windAt2M(sum(windMS) / windMS.length, WIND_HEIGHT_M) }),
    ...(rainMm.length && { rainMm: sum(rainMm) }),
  }
}

/**
 * Reads an EPW file of hours into days. Its months often come from different
 * years, put together to one typical year.
 *
 * @param asYear the year the days are to be of; as the file has them where left out
 * @throws InputError `notEpw`
 * @source EnergyPlus Auxiliary Programs, EnergyPlus Weather File (EPW) Data Dictionary
 */
export function readEpw(text: string, asYear?: number): WeatherRead {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: true })
  const location = data[0]
  if (location?.[0] !== 'LOCATION' || data.length <= HEADER_LINES) throw new InputError('notEpw')
  const list = dayList()
  const byDate = new Map<string, Hours>()
  data.slice(HEADER_LINES).forEach((row, index) => {
    const line = index + HEADER_LINES + 1
    const part = (column: number) => (row[column] ?? '').trim()
    const year = asYear === undefined ? part(0) : String(asYear)
    const date = [year, part(1).padStart(2, '0'), part(2).padStart(2, '0')].join('-')
    const hours = byDate.get(date) ?? {
      line,
      values: { dryBulbC: [], humidityPercent: [], radiationWhM2: [], windMS: [], rainMm: [] },
    }
    byDate.set(date, hours)
    for (const name of NAMES) {
      const [column, missing] = READ[name]
      const cell = part(column)
      if (cell !== '' && Number(cell) < missing) hours.values[name].push(Number(cell))
    }
  })
  for (const [date, hours] of byDate) list.add(hours.line, dayOf(date, hours))
  const coordinate = (column: number) => Number(location[column])
  return list.finish({
    name: [location[1], location[3]].filter(Boolean).join(', '),
    latitudeDeg: coordinate(6),
    longitudeDeg: coordinate(7),
    elevationM: coordinate(9),
  })
}
