// The simple sun of FAO 56 against a general-purpose library of the sun's position.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import * as SunCalc from 'suncalc'
import { addDays, dayOfYear } from '../units'
import { daylightHours, declinationRad } from '.'

const HOUR_MS = 3_600_000
const NEW_YEAR = '2026-01-01'
const noon = (date: string) => new Date(`${date}T12:00:00Z`)
const anyDate = fc.integer({ min: 0, max: 364 }).map((days) => addDays(NEW_YEAR, days))

describe('the sun, against suncalc', () => {
  test('the day is as long, but for refraction and the width of the sun', () => {
    fc.assert(
      fc.property(anyDate, fc.double({ min: -58, max: 58, noNaN: true }), (date, latitudeDeg) => {
        const { sunrise, sunset } = SunCalc.getTimes(noon(date), latitudeDeg, 0)
        const seenH = (Number(sunset) - Number(sunrise)) / HOUR_MS
        const differenceH = seenH - daylightHours(latitudeDeg, dayOfYear(date))
        // The seen sun rises early and sets late: about 7 minutes at the equator, more further off.
        expect(differenceH).toBeGreaterThan(-0.1)
        expect(differenceH).toBeLessThan(0.6)
      }),
    )
  })

  test('at noon it stands as high, within what a plain sine allows (1.2° in autumn)', () => {
    fc.assert(
      fc.property(anyDate, (date) => {
        const latitudeDeg = 44.1
        const { solarNoon } = SunCalc.getTimes(noon(date), latitudeDeg, 0)
        const { altitude } = SunCalc.getPosition(solarNoon, latitudeDeg, 0)
        const declinationDeg = (declinationRad(dayOfYear(date)) * 180) / Math.PI
        expect(Math.abs(90 - latitudeDeg + declinationDeg - altitude)).toBeLessThan(1.3)
      }),
    )
  })
})
