import { describe, expect, test } from '@jest/globals'
import { sum } from 'd3-array'
import fc from 'fast-check'
import {
  hourlyEvapotranspiration,
  hourReferenceMm,
  hourTempC,
  referenceEvapotranspiration,
  saturationVapourPressureKPa,
} from '.'

describe('FAO 56, example 19: N’Diaye in October, hour by hour', () => {
  const ELEVATION_M = 8
  test('between 14 and 15 h grass draws 0.63 mm', () => {
    const hour = {
      tempC: 38,
      vapourPressureKPa: 0.52 * saturationVapourPressureKPa(38),
      windMS: 3.3,
      radiationMjM2: 2.45,
      clearShare: 2.45 / 2.658,
      isDay: true,
    }
    expect(hourReferenceMm(hour, ELEVATION_M)).toBeCloseTo(0.63, 2)
  })
  test('between 2 and 3 h nothing', () => {
    const hour = {
      tempC: 28,
      vapourPressureKPa: 0.9 * saturationVapourPressureKPa(28),
      windMS: 1.9,
      radiationMjM2: 0,
      clearShare: 0.8,
      isDay: false,
    }
    expect(hourReferenceMm(hour, ELEVATION_M)).toBeCloseTo(0, 2)
  })
})

describe('a day by the hour', () => {
  const site = { latitudeDeg: 44.1, elevationM: 35 }
  const june = { dayOfYear: 169, tempMaxC: 28, tempMinC: 17 }

  test('the hours add up to the day, whatever the weather', () => {
    const days = fc.record({
      dayOfYear: fc.integer({ min: 1, max: 366 }),
      tempMinC: fc.double({ min: -15, max: 28, noNaN: true }),
      spanK: fc.double({ min: 0, max: 20, noNaN: true }),
      windMS: fc.option(fc.double({ min: 0, max: 15, noNaN: true }), { nil: undefined }),
      latitudeDeg: fc.double({ min: -66, max: 66, noNaN: true }),
    })
    fc.assert(
      fc.property(days, ({ spanK, latitudeDeg, ...rest }) => {
        const day = { ...rest, tempMaxC: rest.tempMinC + spanK }
        const here = { latitudeDeg, elevationM: 100 }
        const hours = hourlyEvapotranspiration(day, here)
        expect(hours.every((mm) => mm >= 0)).toBe(true)
        expect(sum(hours)).toBeCloseTo(referenceEvapotranspiration(day, here).mm, 9)
      }),
    )
  })
  test('most in the early afternoon, next to nothing at night', () => {
    const hours = hourlyEvapotranspiration(june, site)
    const most = hours.indexOf(Math.max(...hours))
    expect(most).toBeGreaterThanOrEqual(12)
    expect(most).toBeLessThanOrEqual(15)
    const night = sum(hours.slice(0, 5)) + sum(hours.slice(22))
    expect(night / sum(hours)).toBeLessThan(0.06)
  })
  test('the air is warmest at three and never leaves its span', () => {
    const temps = Array.from({ length: 24 }, (_, hour) => hourTempC(june, hour))
    expect([14, 15]).toContain(temps.indexOf(Math.max(...temps)))
    expect(Math.max(...temps)).toBeLessThanOrEqual(28)
    expect(Math.min(...temps)).toBeGreaterThanOrEqual(17)
  })
})
