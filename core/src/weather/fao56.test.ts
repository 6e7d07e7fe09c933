// Worked examples of FAO Irrigation and Drainage Paper 56 (Allen, Pereira, Raes
// & Smith 1998), by their numbers in the paper.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  actualVapourPressureKPa,
  dailyWeatherSchema,
  daylightHours,
  extraterrestrialRadiation,
  hargreavesEvapotranspirationMm,
  pressureKPa,
  psychrometricConstant,
  referenceEvapotranspiration,
  saturationVapourPressureKPa,
  solarRadiation,
  windAt2M,
} from '.'

const degrees = (whole: number, minutes: number) => whole + minutes / 60

const uccle = { latitudeDeg: degrees(50, 48), elevationM: 100 }
const julyDay = {
  dayOfYear: 187,
  tempMaxC: 21.5,
  tempMinC: 12.3,
  humidityMaxShare: 0.84,
  humidityMinShare: 0.63,
  windMS: 10 / 3.6,
  windHeightM: 10,
  sunshineH: 9.25,
}
const lyon = { latitudeDeg: degrees(45, 43), elevationM: 200 }
const lyonJuly = { dayOfYear: 196, tempMaxC: 26.6, tempMinC: 14.8 }

describe('the terms', () => {
  test('example 2: 1800 m has 81.8 kPa and 0.054 kPa/°C', () => {
    expect(pressureKPa(1800)).toBeCloseTo(81.8, 1)
    expect(psychrometricConstant(1800)).toBeCloseTo(0.054, 3)
  })
  test('example 3: saturation at 24.5 and 15 °C', () => {
    expect(saturationVapourPressureKPa(24.5)).toBeCloseTo(3.075, 3)
    expect(saturationVapourPressureKPa(15)).toBeCloseTo(1.705, 3)
  })
  test('example 5: humidity 82 % at 18 °C and 54 % at 25 °C is 1.70 kPa', () => {
    const day = {
      dayOfYear: 1,
      tempMinC: 18,
      tempMaxC: 25,
      humidityMaxShare: 0.82,
      humidityMinShare: 0.54,
    }
    expect(actualVapourPressureKPa(day)).toBeCloseTo(1.7, 2)
  })
  test('example 8: 20° S on 3 September has 32.2 MJ/m²', () => {
    expect(extraterrestrialRadiation(-20, 246)).toBeCloseTo(32.2, 1)
  })
  test('example 9: and 11.7 h of daylight', () => {
    expect(daylightHours(-20, 246)).toBeCloseTo(11.7, 1)
  })
  test('example 10: Rio de Janeiro in May, 220 h of sun, has 14.5 MJ/m²', () => {
    const day = { dayOfYear: 135, tempMaxC: 25, tempMinC: 19, sunshineH: 220 / 31 }
    const rio = { latitudeDeg: -degrees(22, 54), elevationM: 0 }
    expect(solarRadiation(day, rio)).toBeCloseTo(14.5, 1)
  })
  test('example 14: 3.2 m/s at 10 m is 2.4 m/s at 2 m', () => {
    expect(windAt2M(3.2, 10)).toBeCloseTo(2.4, 1)
  })
  test('example 15: Lyon in July from temperature, 22.3 MJ/m²', () => {
    expect(solarRadiation(lyonJuly, lyon)).toBeCloseTo(22.3, 1)
  })
})

describe('reference evapotranspiration', () => {
  test('example 18: Uccle on 6 July, 3.9 mm', () => {
    const result = referenceEvapotranspiration(julyDay, uccle)
    expect(result.mm).toBeCloseTo(3.9, 1)
    expect(result).toMatchObject({ method: 'penmanMonteith', assumed: [] })
  })
  test('example 20: Lyon in July from two temperatures, 4.56 mm, and 5.0 mm by Hargreaves', () => {
    const result = referenceEvapotranspiration(lyonJuly, lyon)
    expect(result.mm).toBeCloseTo(4.56, 2)
    expect(result.assumed).toEqual(['vapourPressure', 'wind', 'radiation'])
    expect(hargreavesEvapotranspirationMm(lyonJuly, lyon)).toBeCloseTo(5.0, 1)
  })
  test('example 17: Bangkok in April by monthly means, 5.72 mm with 0.14 MJ/m² into the ground', () => {
    const april = {
      dayOfYear: 105,
      tempMaxC: 34.8,
      tempMinC: 25.6,
      vapourPressureKPa: 2.85,
      windMS: 2,
      sunshineH: 8.5,
    }
    const bangkok = { latitudeDeg: degrees(13, 44), elevationM: 2 }
    // The heat that goes into the ground is left out of a day: 0.408 × 0.14 MJ at most.
    expect(Math.abs(referenceEvapotranspiration(april, bangkok).mm - 5.72)).toBeLessThan(0.06)
  })
  test('what is known is not assumed', () => {
    const { assumed } = referenceEvapotranspiration(
      { ...lyonJuly, windMS: 2, dewPointC: 14.8 },
      lyon,
    )
    expect(assumed).toEqual(['radiation'])
  })
  test('wind and dry air draw more, and nothing draws less than nothing', () => {
    const weather = fc.record({
      dayOfYear: fc.integer({ min: 1, max: 365 }),
      tempMinC: fc.double({ min: -10, max: 25, noNaN: true }),
      span: fc.double({ min: 1, max: 18, noNaN: true }),
      humidity: fc.double({ min: 0.2, max: 0.95, noNaN: true }),
      latitudeDeg: fc.double({ min: -60, max: 60, noNaN: true }),
    })
    fc.assert(
      fc.property(weather, ({ dayOfYear, tempMinC, span, humidity, latitudeDeg }) => {
        const site = { latitudeDeg, elevationM: 100 }
        const day = { dayOfYear, tempMinC, tempMaxC: tempMinC + span, windMS: 2 }
        const at = (humidityMaxShare: number) =>
          referenceEvapotranspiration({ ...day, humidityMaxShare }, site).mm
        expect(at(humidity)).toBeGreaterThanOrEqual(0)
        expect(at(humidity * 0.8)).toBeGreaterThanOrEqual(at(humidity) - 0.12)
      }),
    )
  })
  test('a lowest above the highest is refused', () => {
    const day = { dayOfYear: 1, tempMaxC: 10, tempMinC: 12 }
    expect(() => referenceEvapotranspiration(day, lyon)).toThrow(
      expect.objectContaining({ code: 'minOverMax' }),
    )
    expect(dailyWeatherSchema.safeParse({ date: '2026-01-01', ...day }).success).toBe(false)
  })
})
