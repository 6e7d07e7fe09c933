import { CholeskyDecomposition, inverse, Matrix } from 'ml-matrix'
import { dayOfYear, daysBetween, InputError } from '../../units'
import { solarRadiation, type Site } from '../referenceEvapotranspiration'
import type { DailyWeather } from '../schema'
import {
  aboveTheAir,
  between,
  betweenMonths,
  CLEARNESS,
  WET_FROM_MM,
  type MonthModel,
  type Spread,
  type Variable,
  type WeatherModel,
} from './model'

/** Fewer days of each month, and its statistics are chance. */
const LEAST_DAYS_A_MONTH = 40
/** A rarer kind of day borrows the statistics of all days of its month. */
const LEAST_DAYS_OF_A_KIND = 8

interface Day {
  readonly date: string
  readonly day: number
  readonly month: number
  readonly isWet: boolean
  readonly rainMm: number
  readonly values: readonly number[]
}

const mean = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / values.length

function spreadOf(values: readonly number[]): Spread {
  const middle = mean(values)
  return { mean: middle, sd: Math.sqrt(mean(values.map((value) => (value - middle) ** 2))) }
}

/**
 * Shape and scale of a gamma distribution.
 *
 * @source Thom 1958, Monthly Weather Review 86:117–122 (maximum likelihood, approximated)
 */
function gammaOf(amounts: readonly number[]): { rainShape: number; rainScaleMm: number } {
  if (amounts.length < 3) return { rainShape: 0.7, rainScaleMm: 5 }
  const middle = mean(amounts)
  const a = Math.log(middle) - mean(amounts.map(Math.log))
  const rainShape = a > 1e-6 ? Math.min(50, (1 + Math.sqrt(1 + (4 * a) / 3)) / (4 * a)) : 50
  return { rainShape, rainScaleMm: middle / rainShape }
}

/** Share of the days of a kind that a wet day follows; a little towards the half where few are known. */
const followed = (days: readonly { readonly nextIsWet: boolean }[]) =>
  (days.filter(({ nextIsWet }) => nextIsWet).length + 0.5) / (days.length + 1)

/** What is known of all days; a day without rain given cannot be told wet or dry. */
function readDays(
  days: readonly DailyWeather[],
  site: Site,
  variables: readonly Variable[],
): Day[] {
  const above = aboveTheAir(site)
  return days.flatMap((weather) => {
    if (weather.rainMm === undefined) return []
    const day = dayOfYear(weather.date)
    const clearness = solarRadiation({ ...weather, dayOfYear: day }, site) / above[day]!
    const value: Readonly<Record<Variable, number>> = {
      tempMaxC: weather.tempMaxC,
      tempMinC: weather.tempMinC,
      clearness: Math.max(CLEARNESS.least, Math.min(CLEARNESS.most, clearness)),
      logWind: Math.log(Math.max(0.1, weather.windMS ?? 2)),
    }
    return {
      date: weather.date,
      day,
      month: Number(weather.date.slice(5, 7)) - 1,
      isWet: weather.rainMm >= WET_FROM_MM,
      rainMm: weather.rainMm,
      values: variables.map((name) => value[name]),
    }
  })
}

/**
 * Mid-month means so that the line drawn through them has the months' own means
 * (a plain line through the means would cut off summer and winter).
 */
function straightened(months: readonly MonthModel[], days: readonly Day[]): MonthModel[] {
  let nodes = [...months]
  for (let round = 0; round < 4; round++) {
    const off = months.map(() => ({
      dry: months[0]!.dry.map(() => 0),
      wet: months[0]!.dry.map(() => 0),
      dryDays: 0,
      wetDays: 0,
    }))
    for (const { day, month, isWet, values } of days) {
      const kind = isWet ? 'wet' : 'dry'
      const { from, to, way } = betweenMonths[day]!
      values.forEach((value, index) => {
        const line = between(nodes[from]![kind][index]!.mean, nodes[to]![kind][index]!.mean, way)
        off[month]![kind][index]! += value - line
      })
      off[month]![isWet ? 'wetDays' : 'dryDays']++
    }
    nodes = nodes.map((node, month) => {
      const shifted = (kind: 'dry' | 'wet', count: number) =>
        node[kind].map(({ mean: middle, sd }, index) => ({
          mean: middle + (count >= LEAST_DAYS_OF_A_KIND ? off[month]![kind][index]! / count : 0),
          sd,
        }))
      return {
        ...node,
        dry: shifted('dry', off[month]!.dryDays),
        wet: shifted('wet', off[month]!.wetDays),
      }
    })
  }
  return nodes
}

/** How far each day is from what its kind of day is like then, over the spread. */
function deviations(days: readonly Day[], months: readonly MonthModel[]): number[][] {
  return days.map(({ day, isWet, values }) => {
    const { from, to, way } = betweenMonths[day]!
    const kind = isWet ? 'wet' : 'dry'
    return values.map((value, index) => {
      const [one, other] = [months[from]![kind][index]!, months[to]![kind][index]!]
      return (value - between(one.mean, other.mean, way)) / between(one.sd, other.sd, way)
    })
  })
}

/** A matrix that gives itself when multiplied by its own transpose; a trace is added where rounding asks for it. */
function rootOf(matrix: Matrix): number[][] {
  const even = Matrix.add(matrix, matrix.transpose()).mul(0.5)
  for (let trace = 0; ; trace = trace ? trace * 10 : 1e-9) {
    const firm = Matrix.add(even, Matrix.eye(matrix.rows).mul(trace))
    const cholesky = new CholeskyDecomposition(firm)
    if (cholesky.isPositiveDefinite()) return cholesky.lowerTriangularMatrix.to2DArray()
  }
}

/** What the deviations carry over from one day to the next, and what comes new. */
function memoryOf(
  days: readonly Day[],
  deviation: readonly (readonly number[])[],
): { carry: number[][]; shock: number[][] } {
  const size = deviation[0]!.length
  const [now, before] = [Matrix.zeros(size, size), Matrix.zeros(size, size)]
  let pairs = 0
  deviation.forEach((today, index) => {
    today.forEach((one, row) =>
      today.forEach((other, column) => now.set(row, column, now.get(row, column) + one * other)),
    )
    const yesterday = deviation[index - 1]
    if (!yesterday || daysBetween(days[index - 1]!.date, days[index]!.date) !== 1) return
    pairs++
    today.forEach((one, row) =>
      yesterday.forEach((other, column) =>
        before.set(row, column, before.get(row, column) + one * other),
      ),
    )
  })
  const lag0 = now.div(deviation.length)
  const lag1 = before.div(Math.max(1, pairs))
  const carry = lag1.mmul(inverse(lag0))
  return {
    carry: carry.to2DArray(),
    // Matalas 1967, Water Resources Research 3:937–945.
    shock: rootOf(Matrix.sub(lag0, carry.mmul(lag1.transpose()))),
  }
}

/**
 * Learns a weather generator from days that were measured: for each month how
 * wet and dry days follow on one another, how much it rains, what wet and dry
 * days are like, and over all how temperatures, sun and wind go together and
 * from one day to the next.
 *
 * @param days two years or more, with rain
 * @throws InputError `tooFewDays`
 * @source Richardson 1981, Water Resources Research 17:182–190
 */
export function fitGenerator(days: readonly DailyWeather[], site: Site): WeatherModel {
  const hasWind = days.some(({ windMS }) => windMS !== undefined)
  const variables: Variable[] = [
    'tempMaxC',
    'tempMinC',
    'clearness',
    ...(hasWind ? (['logWind'] as const) : []),
  ]
  const known = readDays(days, site, variables)
  const following = known.slice(0, -1).flatMap((day, index) => {
    const next = known[index + 1]!
    return daysBetween(day.date, next.date) === 1 ? [{ ...day, nextIsWet: next.isWet }] : []
  })
  const months = Array.from({ length: 12 }, (_, month): MonthModel => {
    const own = known.filter((day) => day.month === month)
    if (own.length < LEAST_DAYS_A_MONTH)
      throw new InputError('tooFewDays', {
        month: month + 1,
        given: own.length,
        limit: LEAST_DAYS_A_MONTH,
      })
    const [wet, dry] = [own.filter((day) => day.isWet), own.filter((day) => !day.isWet)]
    const like = (kind: readonly Day[]) => {
      const taken = kind.length < LEAST_DAYS_OF_A_KIND ? own : kind
      return variables.map((_name, index) => spreadOf(taken.map(({ values }) => values[index]!)))
    }
    const pairs = following.filter((day) => day.month === month)
    return {
      wetAfterDry: followed(pairs.filter((day) => !day.isWet)),
      wetAfterWet: followed(pairs.filter((day) => day.isWet)),
      ...gammaOf(wet.map(({ rainMm }) => rainMm)),
      dry: like(dry),
      wet: like(wet),
    }
  })
  const nodes = straightened(months, known)
  return { site, variables, months: nodes, ...memoryOf(known, deviations(known, nodes)) }
}
