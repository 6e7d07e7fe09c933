// Climate that is guessed from places nearby, held against places the table does not have.
import { describe, expect, test } from '@jest/globals'
import { mean, quantile } from 'd3-array'
import fc from 'fast-check'
import { normalsSchema } from '../generator'
import {
  climateNeighbours,
  climateSummary,
  guessNormals,
  leansOn,
  leaveOneOut,
  referencePlaces,
} from '.'

test('the table has at least 250 places, all of them readable, none of them twice', () => {
  expect(referencePlaces.length).toBeGreaterThanOrEqual(250)
  for (const { name, normals, latitudeDeg } of referencePlaces)
    expect([name, normalsSchema.safeParse(normals).success, Math.abs(latitudeDeg) <= 70]).toEqual([
      name,
      true,
      true,
    ])
  const spots = referencePlaces.map(
    ({ latitudeDeg, longitudeDeg }) => `${latitudeDeg} ${longitudeDeg}`,
  )
  expect(new Set(spots).size).toBe(spots.length)
  expect(new Set(referencePlaces.map(({ name }) => name)).size).toBe(spots.length)
})

test('left out in turn, places are guessed to 2.5 K on the mean, and nine in ten to 4 K', () => {
  const offs = leaveOneOut().map(({ offK }) => offK)
  expect(mean(offs)).toBeLessThan(2.5)
  expect(quantile(offs, 0.9)).toBeLessThan(4)
})

// Mean highest and lowest of the warmest and the coldest month, as the weather services of these countries publish
// their normals of 1981–2010 or 1991–2020 (memory, to a degree).
// prettier-ignore
const elsewhere: readonly (readonly [name: string, lat: number, lon: number, elevationM: number, coastal: boolean, months: Readonly<Record<number, readonly [number, number]>>])[] = [
  ['Bristol', 51.5, -2.6, 40, false, { 1: [8, 2], 7: [22, 13] }],
  ['Aarhus', 56.2, 10.2, 25, true, { 1: [3, -2], 7: [21, 12] }],
  ['Graz', 47.1, 15.4, 360, false, { 1: [3, -4], 7: [26, 15] }],
  ['Toulouse', 43.6, 1.4, 150, false, { 1: [10, 2], 7: [28, 17] }],
  ['Córdoba', 37.9, -4.8, 110, false, { 1: [15, 4], 7: [37, 19] }],
  ['Turin', 45.1, 7.7, 240, false, { 1: [6, -2], 7: [28, 18] }],
  ['Tucson', 32.2, -110.9, 730, false, { 1: [19, 5], 7: [38, 24] }],
  ['Richmond', 37.5, -77.4, 50, false, { 1: [9, -2], 7: [32, 21] }],
  ['Saskatoon', 52.1, -106.7, 500, false, { 1: [-10, -19], 7: [26, 12] }],
  ['Rosario', -32.9, -60.7, 25, false, { 1: [31, 19], 7: [16, 5] }],
  ['Pretoria', -25.7, 28.2, 1330, false, { 1: [29, 17], 7: [20, 5] }],
  ['Kyoto', 35.0, 135.8, 50, false, { 1: [9, 1], 8: [33, 25] }],
  ['Newcastle NSW', -32.9, 151.8, 20, true, { 1: [26, 19], 7: [17, 8] }],
  ['Hamilton NZ', -37.8, 175.3, 40, false, { 1: [24, 13], 7: [14, 4] }],
]
test.each(elsewhere)(
  '%s, which is not in the table, is guessed to 4 K',
  (_name, lat, lon, elevationM, coastal, months) => {
    const guessed = guessNormals({ latitudeDeg: lat, longitudeDeg: lon, elevationM, coastal })
    for (const [month, [high, low]] of Object.entries(months)) {
      const { tempMaxC, tempMinC } = guessed[Number(month) - 1]!
      expect(Math.abs(tempMaxC - high)).toBeLessThan(4)
      expect(Math.abs(tempMinC - low)).toBeLessThan(4)
    }
  },
)

describe('anywhere', () => {
  const anywhere = fc.record({
    latitudeDeg: fc.double({ min: -66, max: 66, noNaN: true }),
    longitudeDeg: fc.option(fc.double({ min: -180, max: 180, noNaN: true }), { nil: undefined }),
    elevationM: fc.double({ min: -430, max: 5000, noNaN: true }),
    coastal: fc.boolean(),
  })
  test('the guess is a climate that the application can keep', () =>
    fc.assert(
      fc.property(anywhere, (place) => {
        expect(normalsSchema.safeParse(guessNormals(place)).success).toBe(true)
        const weights = climateNeighbours(place).map(({ weight }) => weight)
        expect(weights.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9)
      }),
      { numRuns: 200 },
    ))
  test('higher up it is colder by 6.5 K a kilometre where the same places stand by', () => {
    const [low, high] = [300, 320].map((elevationM) =>
      guessNormals({ latitudeDeg: 48, longitudeDeg: 12, elevationM, coastal: false }),
    )
    const cooling = mean(low!, ({ tempMaxC }, month) => tempMaxC - high![month]!.tempMaxC)!
    expect(cooling).toBeGreaterThan(0)
    expect(cooling).toBeLessThan(0.5)
  })
  test('the date line is no wall', () => {
    const at = (longitudeDeg: number) =>
      climateNeighbours({ latitudeDeg: -18, longitudeDeg, elevationM: 10, coastal: true })[0]!.place
        .name
    expect([at(179.9), at(-179.9)]).toEqual(['Suva', 'Suva'])
  })
})

test('a guess tells what it leans on: a place next door alone, else the two nearest', () => {
  const hull = { latitudeDeg: 53.74, longitudeDeg: -0.34, elevationM: 8, coastal: true }
  expect(leansOn(hull)).toEqual(['Hull'])
  expect(leansOn({ ...hull, latitudeDeg: 52.6, longitudeDeg: 1.3 })).toHaveLength(2)
})

// Climate tables of the places themselves (memory).
test('the line of a climate names the warmest and the coldest month, and frost where it is usual', () => {
  const lineOf = (name: string) => {
    const place = referencePlaces.find((one) => one.name === name)!
    return climateSummary(place.normals, place)
  }
  expect(lineOf('Adelaide')).toMatchObject({ warmest: { month: 1 }, coldest: { month: 7 } })
  expect(lineOf('Edmonton').warmest).toEqual({ month: 7, tempMaxC: 23 })
  expect(Object.keys(lineOf('Singapore').frosts)).toEqual([])
  const { lastFrost, firstFrost } = lineOf('Vienna').frosts
  expect(['03', '04'].includes(lastFrost!.slice(0, 2))).toBe(true)
  expect(['10', '11'].includes(firstFrost!.slice(0, 2))).toBe(true)
})
