import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  diffuseShare,
  directSunHours,
  monthDates,
  monthlyRadiation,
  rectangularPlan,
  spotLight,
  sunMap,
  type Plan,
} from '.'
import { MOL_PER_MJ } from '../weather'

const EQUINOX = '2026-03-20'
const MIDSUMMER = '2026-06-21'
const at = (latitudeDeg: number) => ({ latitudeDeg, longitudeDeg: 9.5 })
/** Open ground before a house wall that faces south, and no parapet. */
const southWall: Plan = {
  ...rectangularPlan({ widthMm: 4000, depthMm: 2000, facingDeg: 180 }),
  sides: [{ kind: 'house' }, { kind: 'open' }, { kind: 'open' }, { kind: 'open' }],
}
const spot = { xMm: 2000, yMm: 1000, zMm: 500 }
const hours = (plan: Plan, latitudeDeg: number, date: string, where = spot) =>
  directSunHours(plan, at(latitudeDeg), [where], [date])[0]![0]!
/** The sun's path is looked at every ten minutes, and refraction lifts it a little. */
const WITHIN_H = 0.35

describe('direct sun, against plain spherical geometry', () => {
  test('before a south wall at the equinox: 12 h, at any latitude', () => {
    for (const latitude of [10, 30, 44.1, 55])
      expect(Math.abs(hours(southWall, latitude, EQUINOX) - 12)).toBeLessThan(WITHIN_H)
  })
  // At the equinox sin(elevation) = cos(latitude) · cos(hour angle).
  test.each([10, 18, 30])('less the time behind a skyline of %i°', (elevationDeg) => {
    const rad = Math.PI / 180
    const halfDay = Math.acos(Math.sin(elevationDeg * rad) / Math.cos(44.1 * rad)) / rad / 15
    const plan = { ...southWall, skyline: [{ fromDeg: 0, toDeg: 360, elevationDeg }] }
    expect(Math.abs(hours(plan, 44.1, EQUINOX) - 2 * halfDay)).toBeLessThan(WITHIN_H)
  })
  test('a wall along the meridian takes exactly half the day', () => {
    const long = rectangularPlan({ widthMm: 60_000, depthMm: 60_000, facingDeg: 180 })
    const open: Plan = { ...long, sides: long.sides.map(() => ({ kind: 'open' })) }
    const walled: Plan = {
      ...open,
      sides: [
        { kind: 'open' },
        { kind: 'wall', heightMm: 50_000 },
        { kind: 'open' },
        { kind: 'open' },
      ],
    }
    const beside = { xMm: 59_950, yMm: 30_000, zMm: 0 }
    for (const date of [EQUINOX, MIDSUMMER, '2026-12-21'])
      expect(
        Math.abs(hours(walled, 44.1, date, beside) / hours(open, 44.1, date, beside) - 0.5),
      ).toBeLessThan(0.02)
  })
  // In midsummer the sun rises and sets north of east and west: those hours a south wall never sees.
  test('a south wall in midsummer: from due east to due west only', () => {
    const rad = Math.PI / 180
    // Due east is where cos(hour angle) = tan(declination) / tan(latitude).
    const halfDay = Math.acos(Math.tan(23.44 * rad) / Math.tan(44.1 * rad)) / rad / 15
    expect(Math.abs(hours(southWall, 44.1, MIDSUMMER) - 2 * halfDay)).toBeLessThan(WITHIN_H)
  })
  // Noon height at the equinox is 90° less the latitude.
  test('under a slab the noon sun of midsummer is kept off, that of winter comes in', () => {
    const roofed: Plan = { ...southWall, slab: { heightMm: 2600, toYMm: 2000 } }
    const back = { xMm: 2000, yMm: 300, zMm: 500 }
    expect(hours(roofed, 44.1, MIDSUMMER, back)).toBeLessThan(hours(roofed, 44.1, EQUINOX, back))
    expect(hours(roofed, 44.1, '2026-12-21', back)).toBeGreaterThan(7)
  })
  test('nothing that is built ever adds sun; a rail takes less than a solid parapet', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 359, noNaN: true }),
        fc.double({ min: 20, max: 60, noNaN: true }),
        fc.integer({ min: 1, max: 12 }),
        fc.double({ min: 0.1, max: 1.9, noNaN: true }),
        (facingDeg, latitude, month, yM) => {
          const plan: Plan = { ...southWall, facingDeg }
          const date = monthDates(2026)[month - 1]!
          const where = { ...spot, yMm: yM * 1000 }
          const front = (solidMm: number, railMm: number): Plan => ({
            ...plan,
            sides: [
              { kind: 'house' },
              { kind: 'open' },
              { kind: 'parapet', solidMm, railMm },
              { kind: 'open' },
            ],
          })
          const free = hours(plan, latitude, date, where)
          const railed = hours(front(0, 1100), latitude, date, where)
          const solid = hours(front(1100, 1100), latitude, date, where)
          expect(railed).toBeLessThanOrEqual(free + 1e-9)
          expect(solid).toBeLessThanOrEqual(railed + 1e-9)
          const slabbed = { ...plan, slab: { heightMm: 2500, toYMm: 1200 } }
          expect(hours(slabbed, latitude, date, where)).toBeLessThanOrEqual(free + 1e-9)
        },
      ),
      { numRuns: 40 },
    )
  })
})

describe('daily light', () => {
  // McCree 1972; Thimijan & Heins 1983: 0.45 of the sun at 4.57 µmol a joule is about 2.06 mol a MJ.
  test('a megajoule of sun is 2.06 mol for plants', () => expect(MOL_PER_MJ).toBeCloseTo(2.06, 2))
  test('on open ground all of it arrives', () => {
    const bare: Plan = { ...southWall, sides: southWall.sides.map(() => ({ kind: 'open' })) }
    const [day] = spotLight(bare, at(44.1), [spot], [MIDSUMMER], [24])
    expect(day!.dliMol[0]).toBeCloseTo(24 * MOL_PER_MJ, 6)
  })
  // Before a wall half of the sky is hidden, and with an overcast day there is nothing else.
  test('before a wall, under an even sky, about half of it', () => {
    const near = { xMm: 2000, yMm: 20, zMm: 500 }
    const extraterrestrialMj = 41.7
    const [day] = spotLight(southWall, at(44.1), [near], [MIDSUMMER], [extraterrestrialMj * 0.05])
    expect(day!.dliMol[0]! / (extraterrestrialMj * 0.05 * MOL_PER_MJ)).toBeGreaterThan(0.45)
    expect(day!.dliMol[0]! / (extraterrestrialMj * 0.05 * MOL_PER_MJ)).toBeLessThan(0.55)
  })
  // Erbs, Klein & Duffie 1982: nearly all diffuse under cloud, 14–18 % in the clearest air.
  test('the sky’s part falls from nearly all to a sixth', () => {
    expect(diffuseShare(0.05, 14)).toBeGreaterThan(0.95)
    expect(diffuseShare(0.75, 14)).toBeCloseTo(0.175, 9)
    expect(diffuseShare(0.75, 9)).toBeCloseTo(0.143, 9)
    expect(diffuseShare(0.721, 14)).toBeCloseTo(0.175, 1)
  })
  test('a month with known days takes their mean, another half of the sun above the air', () => {
    const place = { name: 'p', ...at(44.1), elevationM: 0, coastal: false }
    const known = [10, 20].map((radiationMjM2, index) => ({
      date: `2026-06-0${index + 1}`,
      tempMaxC: 20,
      tempMinC: 10,
      radiationMjM2,
    }))
    const months = monthlyRadiation(place, known, monthDates(2026))
    expect(months[5]).toBe(15)
    expect(months[6]).toBeGreaterThan(18)
  })
})

test('the map has the sun of its spots, and nothing outside the floor', () => {
  const triangle: Plan = {
    ...southWall,
    corners: [
      { xMm: 0, yMm: 0 },
      { xMm: 2000, yMm: 0 },
      { xMm: 0, yMm: 2000 },
    ],
    sides: [{ kind: 'house' }, { kind: 'open' }, { kind: 'open' }],
  }
  const told: number[] = []
  const map = sunMap(
    {
      plan: triangle,
      place: at(44.1),
      cellMm: 500,
      zMm: 500,
      dates: [EQUINOX, MIDSUMMER],
      radiationMjM2: [12, 24],
    },
    (share) => told.push(share),
  )
  expect([map.columns, map.rows]).toEqual([4, 4])
  expect(map.sunHours[0]![15]).toBeNaN()
  const cell = { xMm: 250, yMm: 750, zMm: 500 }
  expect(map.sunHours[1]![4]).toBe(hours(triangle, 44.1, MIDSUMMER, cell))
  expect(told.at(-1)).toBe(1)
})
