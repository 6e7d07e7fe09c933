import type { DailyWeather } from './schema'

/**
 * Days of a service taken into those that are known: they fill in and stand in
 * the place of older simulated ones, but of nothing that was measured or typed.
 */
export function withService(
  known: readonly DailyWeather[],
  fetched: readonly DailyWeather[],
): DailyWeather[] {
  const kept = known.filter(({ source }) => source === undefined)
  const measured = new Set(kept.map(({ date }) => date))
  const inAnswer = new Set(fetched.map(({ date }) => date))
  const older = known.filter(({ source, date }) => source !== undefined && !inAnswer.has(date))
  const fresh = fetched.filter(({ date }) => !measured.has(date))
  return [...kept, ...older, ...fresh].sort((one, other) => (one.date < other.date ? -1 : 1))
}
