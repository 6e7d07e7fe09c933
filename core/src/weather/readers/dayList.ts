import { addDays, daysBetween, faultsOf, type Fault } from '../../units'
import { dailyWeatherSchema, type DailyWeather } from '../schema'

/** Days of which nothing is known, between days of which something is. */
export interface Gap {
  readonly from: string
  readonly to: string
  readonly days: number
}

/** A line of a file that cannot be used, and why. */
export interface LineFault {
  /** As an editor counts, the first line 1. */
  readonly line: number
  readonly fault: Fault
}

/** What a weather file holds. */
export interface WeatherRead {
  /** In order, each day once. */
  readonly days: readonly DailyWeather[]
  readonly gaps: readonly Gap[]
  /** The first of the lines that cannot be used. */
  readonly faults: readonly LineFault[]
  /** How many there are. */
  readonly faultCount: number
  /** Where it was measured, where the file says so. */
  readonly station?: {
    readonly name: string
    readonly latitudeDeg?: number
    readonly longitudeDeg?: number
    readonly elevationM?: number
  }
}

/** More faults than these are counted, but not kept. */
const FAULTS_KEPT = 20

const fault = (code: string, params: Fault['params'] = {}): Fault => ({ path: [], code, params })

/**
 * Gathers the days of a file line by line, so that a file of any length can be
 * read as it streams in. A line that is wrong is named and left out; the others
 * are kept.
 */
export function dayList() {
  const byDate = new Map<string, DailyWeather>()
  const faults: LineFault[] = []
  let faultCount = 0

  function refuse(line: number, code: string, params: Fault['params'] = {}): void {
    faultCount++
    if (faults.length < FAULTS_KEPT) faults.push({ line, fault: fault(code, params) })
  }

  /** Takes a day as a line gives it; of two lines of one date the first stands. */
  function add(line: number, given: Record<string, unknown>): void {
    const { date } = given
    if (typeof date === 'string' && byDate.has(date)) return refuse(line, 'dateTwice', { date })
    const checked = dailyWeatherSchema.safeParse(given, { reportInput: true })
    if (checked.success) byDate.set(checked.data.date, checked.data)
    else {
      const [first] = faultsOf(checked.error)
      faultCount++
      if (first && faults.length < FAULTS_KEPT) faults.push({ line, fault: first })
    }
  }

  function finish(station?: WeatherRead['station']): WeatherRead {
    const days = [...byDate.values()].sort((one, other) => (one.date < other.date ? -1 : 1))
    return { days, gaps: gapsIn(days), faults, faultCount, ...(station && { station }) }
  }
  return { add, refuse, finish }
}

/** Where days are missing between the first and the last. */
export const gapsIn = (days: readonly DailyWeather[]): readonly Gap[] =>
  days.slice(1).flatMap(({ date }, index): Gap[] => {
    const before = days[index]!.date
    const missing = daysBetween(before, date) - 1
    return missing > 0 ? [{ from: addDays(before, 1), to: addDays(date, -1), days: missing }] : []
  })
