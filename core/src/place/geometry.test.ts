import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { daylightHours } from '../weather'
import { dayOfYear } from '../units'
import {
  awayFromSideMm,
  boxOf,
  edgeLengthMm,
  isSelfCrossing,
  isWithin,
  polygonAreaMm2,
  sideOf,
  type PlanPoint,
} from './geometry'
import { monthDates, sunPath } from './sun'

const coordinate = fc.integer({ min: -5000, max: 5000 })
const point = fc.record({ xMm: coordinate, yMm: coordinate })
/** Corners on a circle by rising angle: a polygon that bulges everywhere. */
const convex = fc
  .uniqueArray(fc.integer({ min: 0, max: 359 }), { minLength: 3, maxLength: 9 })
  .map((angles) =>
    [...angles]
      .sort((one, other) => one - other)
      .map((angle): PlanPoint => {
        const radians = (angle * Math.PI) / 180
        return { xMm: 3000 * Math.cos(radians), yMm: 3000 * Math.sin(radians) }
      }),
  )

describe('outlines', () => {
  test('a polygon on a circle never crosses itself; two of its corners exchanged make it do so', () => {
    fc.assert(
      fc.property(convex, (corners) => {
        expect(isSelfCrossing(corners)).toBe(false)
        if (corners.length < 4) return
        const exchanged = [corners[1]!, corners[0]!, ...corners.slice(2)]
        expect(isSelfCrossing(exchanged)).toBe(true)
      }),
    )
  })
  test('crossing is the same wherever one begins, whichever way round', () => {
    fc.assert(
      fc.property(fc.array(point, { minLength: 4, maxLength: 7 }), (corners) => {
        const crosses = isSelfCrossing(corners)
        expect(isSelfCrossing([...corners].reverse())).toBe(crosses)
        expect(isSelfCrossing([...corners.slice(1), corners[0]!])).toBe(crosses)
      }),
    )
  })
  // The area of a regular polygon is n/2 · r² · sin(2π/n).
  test.each([3, 4, 6, 12])('a regular polygon of %i corners has its textbook area', (count) => {
    const corners = Array.from({ length: count }, (_, index): PlanPoint => {
      const angle = (index / count) * 2 * Math.PI
      return { xMm: 1000 * Math.cos(angle), yMm: 1000 * Math.sin(angle) }
    })
    const expected = (count / 2) * 1e6 * Math.sin((2 * Math.PI) / count)
    expect(Math.abs(polygonAreaMm2(corners))).toBeCloseTo(expected, 3)
    expect(edgeLengthMm(corners, count - 1)).toBeCloseTo(2000 * Math.sin(Math.PI / count), 6)
  })
  test('the middle of a bulging polygon is within it, what is outside its box is not', () => {
    fc.assert(
      fc.property(convex, point, (corners, where) => {
        const middle = {
          xMm: corners.reduce((sum, one) => sum + one.xMm, 0) / corners.length,
          yMm: corners.reduce((sum, one) => sum + one.yMm, 0) / corners.length,
        }
        expect(isWithin(corners, middle)).toBe(true)
        const box = boxOf(corners)
        const isOutside =
          where.xMm < box.leftMm ||
          where.xMm > box.rightMm ||
          where.yMm < box.lowMm ||
          where.yMm > box.highMm
        if (isOutside) expect(isWithin(corners, where)).toBe(false)
      }),
    )
  })
  test('the way to a side is never longer than to its ends, and nothing at them', () => {
    fc.assert(
      fc.property(convex, point, (corners, where) => {
        const [from, to] = sideOf(corners, 0)
        const away = awayFromSideMm(where, [from, to])
        for (const end of [from, to])
          expect(away).toBeLessThanOrEqual(
            Math.hypot(where.xMm - end.xMm, where.yMm - end.yMm) + 1e-6,
          )
        expect(awayFromSideMm(from, [from, to])).toBeCloseTo(0, 6)
      }),
    )
  })
})

describe('the path of the sun', () => {
  // FAO 56, Eq. 34: daylight from declination alone, without refraction, which adds some minutes.
  test.each([0, 20, 44.1, 55, -35])(
    'at %f° has the daylight of FAO 56 in every month',
    (latitudeDeg) => {
      for (const date of monthDates(2026)) {
        const hours = sunPath({ latitudeDeg, longitudeDeg: 9.5 }, date).length / 6
        const expected = daylightHours(latitudeDeg, dayOfYear(date))
        expect(Math.abs(hours - expected)).toBeLessThan(0.45)
      }
    },
  )
  // At noon the sun stands 90° less the latitude above the horizon, give or take the declination.
  test('stands at noon where the tropics say', () => {
    const noon = (latitudeDeg: number, date: string) =>
      Math.max(...sunPath({ latitudeDeg, longitudeDeg: 0 }, date).map((sun) => sun.elevationDeg))
    expect(noon(44.1, '2026-03-20')).toBeCloseTo(45.9, 0)
    expect(noon(44.1, '2026-06-21')).toBeCloseTo(45.9 + 23.44, 0)
    expect(noon(44.1, '2026-12-21')).toBeCloseTo(45.9 - 23.44, 0)
    expect(noon(23.44, '2026-06-21')).toBeGreaterThan(89)
  })
  test('is the same day wherever the clocks are set: turned by longitude', () => {
    const count = (longitudeDeg: number) =>
      sunPath({ latitudeDeg: 44.1, longitudeDeg }, '2026-06-15').length
    for (const longitude of [-170, -90, 0, 90, 170])
      expect(Math.abs(count(longitude) - count(0))).toBeLessThanOrEqual(1)
  })
  test('goes from east to west, in the north over the south, in the south over the north', () => {
    const path = (latitudeDeg: number) => sunPath({ latitudeDeg, longitudeDeg: 9.5 }, '2026-03-20')
    const north = path(44.1)
    expect(north[0]!.azimuthDeg).toBeCloseTo(90, -1)
    expect(north.at(-1)!.azimuthDeg).toBeCloseTo(270, -1)
    const middle = (list: typeof north) => list[Math.floor(list.length / 2)]!.azimuthDeg
    expect(middle(north)).toBeCloseTo(180, -1)
    expect(Math.min(middle(path(-44.1)), 360 - middle(path(-44.1)))).toBeLessThan(10)
  })
})
