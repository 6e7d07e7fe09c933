import { choleskyOf, crossed, dayOfYear, daysBetween, InputError, leastSquares } from '../../units'
import { ASSUMED_WIND_MS, solarRadiation, type Site } from '../referenceEvapotranspiration'
import type { DailyWeather } from '../schema'
import { dewBelowMinOf, drynessOf } from './dryness'
import {
  aboveTheAir,
  between,
  betweenMonths,
  CLEARNESS,
  MONTH_DAYS,
  WET_FROM_MM,
  wetShareOf,
  type MonthModel,
  type Spread,
  type Variable,
  type WeatherModel,
} from './model'

/** Fewer days of each month, and its statistics are chance. */
const LEAST_DAYS_A_MONTH = 40

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
      logWind: Math.log(Math.max(0.1, weather.windMS ?? ASSUMED_WIND_MS)),
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

/** Where the line through the mid-months stands on a day. */
function lineAt(usual: readonly (readonly Spread[])[], day: number, index: number): Spread {
  const { from, to, way } = betweenMonths[day]!
  const [one, other] = [usual[from]![index]!, usual[to]![index]!]
  return { mean: between(one.mean, other.mean, way), sd: between(one.sd, other.sd, way) }
}

/**
 * Mid-month means so that the line drawn through them has the months' own means
 * (a plain line through the means would cut off summer and winter).
 */
function straightened(months: readonly (readonly Spread[])[], days: readonly Day[]): Spread[][] {
  let nodes = months.map((month) => [...month])
  for (let round = 0; round < 4; round++) {
    const line = nodes
    nodes = line.map((usual, month) => {
      const own = days.filter((day) => day.month === month)
      return usual.map(({ mean: middle, sd }, index) => {
        const off = own.map(({ day, values }) => values[index]! - lineAt(line, day, index).mean)
        return { mean: middle + mean(off), sd }
      })
    })
  }
  return nodes
}

type Chain = Pick<MonthModel, 'wetAfterDry' | 'wetAfterWet' | 'rainShape' | 'rainScaleMm'>

/** Keeps apart months of which no wet, or no dry, day is known. */
const TRACE = 1e-6

/**
 * How deviations follow from those of the day before and from rain, today's and
 * yesterday's, month by month: least squares, the rest as its own spread. And how
 * what a day was like makes rain on the morrow more or less likely.
 */
function memoryOf(
  days: readonly Day[],
  usual: readonly (readonly Spread[])[],
  chain: readonly Chain[],
) {
  const deviation = days.map(({ day, values }) =>
    values.map((value, index) => {
      const { mean: middle, sd } = lineAt(usual, day, index)
      return (value - middle) / sd
    }),
  )
  const following = days.flatMap(({ date }, index) =>
    index > 0 && daysBetween(days[index - 1]!.date, date) === 1 ? [index] : [],
  )
  const rainIn = (index: number, month: number) =>
    Array.from({ length: 12 }, (_, one) =>
      one === month ? Number(days[index]!.isWet) - wetShareOf(chain[month]!) : 0,
    )
  const before = following.map((index) => {
    const { month } = days[index]!
    return [...deviation[index - 1]!, ...rainIn(index, month), ...rainIn(index - 1, month)]
  })
  const now = following.map((index) => deviation[index]!)
  const found = leastSquares(before, now, TRACE)
  const rest = now.map((values, row) => {
    const known = before[row]!
    return values.map((value, to) =>
      known.reduce((left, one, from) => left - one * found[from]![to]!, value),
    )
  })
  const spread = crossed(rest, rest).map((row) => row.map((sum) => sum / following.length))
  const unforeseen = following.map((index) => {
    const { wetAfterDry, wetAfterWet } = chain[days[index]!.month]!
    return [Number(days[index]!.isWet) - (days[index - 1]!.isWet ? wetAfterWet : wetAfterDry)]
  })
  const yesterday = following.map((index) => deviation[index - 1]!)
  const size = deviation[0]!.length
  return {
    withRain: chain.map((_, month) => found[size + month]!),
    afterRain: chain.map((_, month) => found[size + 12 + month]!),
    carry: found[0]!.map((_, to) => found.slice(0, size).map((row) => row[to]!)),
    shock: choleskyOf(spread),
    bringsRain: leastSquares(yesterday, unforeseen, TRACE).map(([one]) => one!),
  }
}

/**
 * Learns a weather generator from days that were measured: for each month how
 * wet and dry days follow on one another, how much it rains and what rain does to
 * the day, and over all how temperatures, sun and wind go together and from one
 * day to the next.
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
  const months = Array.from({ length: 12 }, (_, month) => {
    const own = known.filter((day) => day.month === month)
    if (own.length < LEAST_DAYS_A_MONTH)
      throw new InputError('tooFewDays', {
        month: month + 1,
        given: own.length,
        limit: LEAST_DAYS_A_MONTH,
      })
    const pairs = following.filter((day) => day.month === month)
    // Of days that do not follow one another nothing is learned of the next.
    if (pairs.length < LEAST_DAYS_A_MONTH / 2)
      throw new InputError('tooFewDays', {
        month: month + 1,
        given: pairs.length,
        limit: LEAST_DAYS_A_MONTH,
      })
    const chain: Chain = {
      wetAfterDry: followed(pairs.filter((day) => !day.isWet)),
      wetAfterWet: followed(pairs.filter((day) => day.isWet)),
      ...gammaOf(own.filter((day) => day.isWet).map(({ rainMm }) => rainMm)),
    }
    return {
      chain,
      usual: variables.map((_name, index) => spreadOf(own.map(({ values }) => values[index]!))),
    }
  })
  const usual = straightened(
    months.map((month) => month.usual),
    known,
  )
  const { withRain, afterRain, ...memory } = memoryOf(
    known,
    usual,
    months.map(({ chain }) => chain),
  )
  return {
    site,
    variables,
    ...memory,
    months: months.map(({ chain }, month) => ({
      dewBelowMinK: dewBelowMinOf(
        drynessOf(site, month, {
          tempMaxC: usual[month]![variables.indexOf('tempMaxC')]!.mean,
          tempMinC: usual[month]![variables.indexOf('tempMinC')]!.mean,
          rainMm: wetShareOf(chain) * chain.rainShape * chain.rainScaleMm * MONTH_DAYS[month]!,
        }),
      ),
      ...chain,
      usual: usual[month]!,
      withRain: withRain[month]!,
      afterRain: afterRain[month]!,
    })),
  }
}
