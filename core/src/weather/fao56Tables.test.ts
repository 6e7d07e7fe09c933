// Tables of FAO Irrigation and Drainage Paper 56, annex 2. The values are recalled
// from the paper (memory); each is checked to about the rounding of its table.
import { describe, expect, test } from '@jest/globals'
import {
  clearSkyRadiation,
  daylightHours,
  declinationRad,
  extraterrestrialRadiation,
  pressureKPa,
  psychrometricConstant,
  saturationVapourPressureKPa,
  vapourPressureSlope,
  windAt2M,
} from '.'

/** Days that stand for the months in table 2.6: the 15th. */
const MID_MONTH = [15, 46, 74, 105, 135, 166, 196, 227, 258, 288, 319, 349]

describe('annex 2', () => {
  test.each([
    [0, 101.3, 0.067],
    [500, 95.5, 0.064],
    [1000, 90.0, 0.06],
    [2000, 79.8, 0.053],
    [3000, 70.5, 0.047],
  ])('tables 2.1 and 2.2: at %d m %d kPa and %d kPa/°C', (elevationM, pressure, constant) => {
    expect(Math.abs(pressureKPa(elevationM) - pressure)).toBeLessThan(0.11)
    expect(Math.abs(psychrometricConstant(elevationM) - constant)).toBeLessThan(0.0006)
  })

  test.each([
    [1, 0.657],
    [5, 0.872],
    [10, 1.228],
    [20, 2.338],
    [25, 3.168],
    [30, 4.243],
    [35, 5.624],
  ])('table 2.3: at %d °C saturated air has %d kPa', (tempC, pressure) => {
    expect(saturationVapourPressureKPa(tempC)).toBeCloseTo(pressure, 2)
  })

  test.each([
    [10, 0.082],
    [20, 0.145],
    [25, 0.189],
    [30, 0.243],
    [40, 0.393],
  ])('table 2.4: at %d °C the slope is %d kPa/°C', (tempC, slope) => {
    expect(vapourPressureSlope(tempC)).toBeCloseTo(slope, 3)
  })

  test.each([
    [40, [15.0, 20.4, 27.2, 34.7, 39.7, 41.9, 40.8, 36.7, 30.0, 22.5, 16.3, 13.6]],
    [0, [36.2, 37.5, 37.9, 36.8, 34.8, 33.4, 33.9, 35.7, 37.2, 37.4, 36.3, 35.6]],
  ])('table 2.6: radiation above the air at %d° N by month', (latitudeDeg, months) => {
    months.forEach((value, month) => {
      expect(
        Math.abs(extraterrestrialRadiation(latitudeDeg, MID_MONTH[month]!) - value),
      ).toBeLessThan(0.15)
    })
  })

  test.each([
    [2, 1.0],
    [3, 0.921],
    [5, 0.838],
    [10, 0.748],
  ])('table 2.9: wind at %d m counts %d at 2 m', (heightM, factor) => {
    expect(windAt2M(1, heightM)).toBeCloseTo(factor, 2)
  })
})

describe('the sun', () => {
  test('stands over the tropics at the solstices and the equator at the equinoxes', () => {
    const degrees = (day: number) => (declinationRad(day) * 180) / Math.PI
    expect(degrees(172)).toBeCloseTo(23.4, 0)
    expect(degrees(355)).toBeCloseTo(-23.4, 0)
    expect(Math.abs(degrees(81))).toBeLessThan(0.6)
  })
  test('north in June is south in December, near enough', () => {
    const north = extraterrestrialRadiation(45, 172)
    const south = extraterrestrialRadiation(-45, 355)
    // The earth is nearer the sun in December: 3.3 % each way.
    expect(south / north).toBeGreaterThan(1.04)
    expect(south / north).toBeLessThan(1.08)
    expect(daylightHours(45, 172)).toBeCloseTo(daylightHours(-45, 355), 1)
  })
  test('does not rise in the polar night and does not set in the polar day', () => {
    expect(daylightHours(80, 355)).toBe(0)
    expect(extraterrestrialRadiation(80, 355)).toBe(0)
    expect(daylightHours(80, 172)).toBeCloseTo(24, 9)
  })
  test('a clear sky lets three quarters through, more on a mountain', () => {
    const share = (elevationM: number) =>
      clearSkyRadiation({ latitudeDeg: 45, elevationM }, 172) / extraterrestrialRadiation(45, 172)
    expect(share(0)).toBeCloseTo(0.75, 9)
    expect(share(2500)).toBeCloseTo(0.8, 9)
  })
})
