import { describe, expect, test } from '@jest/globals'
import { mean } from 'simple-statistics'
import { addDays, daysBetween } from '../units'
import { answerWeather, FORECAST_DAYS, withService, type DailyWeather } from '.'

const request = {
  latitudeDeg: 44,
  elevationM: 50,
  coastal: true,
  on: '2026-06-18',
  pastDays: 10,
  seed: 3,
}
const on = (days: readonly DailyWeather[], date: string) => days.find((day) => day.date === date)!

describe('the simulated weather service', () => {
  test('tells the days past and a forecast of seven, each marked for what it is', () => {
    const days = answerWeather(request)
    expect(days.map(({ date }) => date)).toEqual(
      Array.from({ length: 10 + FORECAST_DAYS }, (_, index) => addDays('2026-06-08', index)),
    )
    expect(days.every(({ source }) => source === 'simulated')).toBe(true)
  })
  test('the same seed and date give the same answer; another seed another sky', () => {
    expect(answerWeather(request)).toEqual(answerWeather(request))
    expect(answerWeather({ ...request, seed: 4 })).not.toEqual(answerWeather(request))
  })
  test('a day past is the same whenever it is asked, over the turn of a year too', () => {
    const early = answerWeather({ ...request, on: '2026-01-05' })
    const later = answerWeather({ ...request, on: '2026-01-12', pastDays: 20 })
    for (const day of early.filter(({ date }) => date < '2026-01-05'))
      expect(on(later, day.date)).toEqual(day)
  })
  test('the forecast errs more by the day', () => {
    const errors = Array.from({ length: FORECAST_DAYS }, (): number[] => [])
    const start = '2026-05-01'
    const truth = answerWeather({ ...request, on: addDays(start, 140), pastDays: 140 })
    for (let day = 0; day < 120; day++) {
      const asked = addDays(start, day)
      for (const told of answerWeather({ ...request, on: asked, pastDays: 0 }))
        errors[daysBetween(asked, told.date)]!.push(
          Math.abs(told.tempMaxC - on(truth, told.date).tempMaxC),
        )
    }
    const byDay = errors.map(mean)
    expect(byDay[0]!).toBeLessThan(1)
    expect(byDay[6]!).toBeGreaterThan(2 * byDay[0]!)
    expect(byDay[6]!).toBeLessThan(4)
  })
  test('replaces nothing that was measured, and what it told before', () => {
    const measured = { date: '2026-06-17', tempMaxC: 20, tempMinC: 10 }
    const old: DailyWeather = { date: '2026-06-19', tempMaxC: 1, tempMinC: 0, source: 'simulated' }
    const kept: DailyWeather = { ...old, date: '2026-01-01' }
    const all = withService([measured, old, kept], answerWeather(request))
    expect(on(all, '2026-06-17')).toEqual(measured)
    expect(on(all, '2026-06-19').tempMaxC).not.toBe(1)
    expect(on(all, '2026-01-01')).toEqual(kept)
    expect(all.map(({ date }) => date)).toEqual([...all.map(({ date }) => date)].sort())
  })
  test('a wrong request is refused by its field', () => {
    expect(() => answerWeather({ ...request, latitudeDeg: 91, on: 'soon' })).toThrow(
      expect.objectContaining({
        faults: [
          expect.objectContaining({ path: ['latitudeDeg'], code: 'tooBig' }),
          expect.objectContaining({ path: ['on'], code: 'badDate' }),
        ],
      }),
    )
  })
})
