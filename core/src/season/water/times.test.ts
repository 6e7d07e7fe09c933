import { describe, expect, test } from '@jest/globals'
import { demo } from '../../../test/demo'
import type { Garden } from '../../garden'
import { gardenToday, potToday } from '../course'

const fierce = (ways: NonNullable<Garden['ways']>['garden']): Garden => ({
  ...demo,
  ways: { garden: ways },
  weather: demo.weather.map((day) =>
    day.date >= '2026-06-17' ? { ...day, tempMaxC: 40, tempMinC: 26, windMS: 5 } : day,
  ),
})
const pots = (ways: NonNullable<Garden['ways']>['garden']) =>
  gardenToday(fierce(ways), demo.clock!).pots

describe('ways of watering', () => {
  test('who comes in the morning only is asked for nothing in the evening, and for no fewer pots in the morning', () => {
    const twice = pots({})
    const once = pots({ times: 'morning' })
    expect(twice.some(({ eveningL }) => eveningL > 0)).toBe(true)
    for (const { eveningL } of once) expect(eveningL).toBe(0)
    const thirsty = (of: typeof once) => of.filter(({ nowL }) => nowL > 0).length
    expect(thirsty(once)).toBeGreaterThanOrEqual(thirsty(twice))
  })
  test('peppers that are held back may go drier before they are watered, tomatoes may not', () => {
    const safe = (id: string, ways: NonNullable<Garden['ways']>['garden']) => {
      const garden = { ...demo, ways: { garden: ways } }
      return potToday(
        garden,
        garden.containers.find((one) => one.id === id)!,
        demo.clock!,
      ).safeL
    }
    expect(safe('k1', { holdBack: 'peppers' })).toBeGreaterThan(safe('k1', {}) * 1.05)
    expect(safe('b1', { holdBack: 'peppers' })).toBe(safe('b1', {}))
  })
})
