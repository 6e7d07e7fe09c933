import { describe, expect, test } from '@jest/globals'
import { innerSizeMm, rectangularPlan, standingRimMm } from '@rimbo/core'
import { made } from '../../../core/test/made'
import { contourLines, labelPlace } from './contourLines'
import { planScale } from './planScale'
import { middles, potForm } from './potForm'

describe('contours', () => {
  const columns = 20
  const rows = 10
  /** A plain that rises evenly to the right. */
  const slope = Array.from({ length: columns * rows }, (_, cell) => cell % columns)

  test('of a slope are upright lines at their value, without the edge of the grid', () => {
    const [line] = contourLines(slope, columns, rows, [8])
    expect(line!.value).toBe(8)
    const points = line!.lines.flat()
    expect(points.length).toBeGreaterThan(rows - 2)
    // A cell's value stands in its middle, half a cell further.
    for (const [x] of points) expect(x).toBeCloseTo(8.5, 9)
  })
  test('a level that is nowhere has no line and no label', () => {
    const [line] = contourLines(slope, columns, rows, [99])
    expect(line!.lines).toEqual([])
    expect(labelPlace(line!)).toBeUndefined()
  })
  test('a hill is one closed line, labelled on it', () => {
    const hill = slope.map((_, cell) => {
      const [x, y] = [(cell % columns) - 10, Math.floor(cell / columns) - 5]
      return 10 - Math.hypot(x, y)
    })
    const [line] = contourLines(hill, columns, rows, [7])
    expect(line!.lines).toHaveLength(1)
    const place = labelPlace(line!)!
    expect(line!.lines[0]).toContainEqual(place)
  })
  test('cells that are no floor are left out', () => {
    const half = slope.map((value, cell) => (cell % columns < 10 ? NaN : value))
    const [line] = contourLines(half, columns, rows, [15])
    for (const [x] of line!.lines.flat()) expect(x).toBeGreaterThan(10)
  })
})

describe('a plan on the screen', () => {
  const plan = rectangularPlan({ widthMm: 4000, depthMm: 1000, facingDeg: 180 })
  const scale = planScale(plan, 800, 600)

  test('is to one scale, upwards away from the house, and within its frame', () => {
    expect(scale.x(4000) - scale.x(0)).toBeCloseTo(4000 * scale.pxPerMm, 9)
    expect(scale.y(0) - scale.y(1000)).toBeCloseTo(1000 * scale.pxPerMm, 9)
    expect(scale.y(1000)).toBeLessThan(scale.y(0))
    for (const edge of [scale.x(0), scale.y(1000)]) expect(edge).toBeGreaterThan(0)
    expect(scale.x(4000)).toBeLessThan(800)
    expect(scale.y(0)).toBeLessThan(600)
  })
  test('what is pointed at is found again in millimetres', () => {
    const { xMm, yMm } = scale.toMm(scale.x(1234), scale.y(567))
    expect(xMm).toBeCloseTo(1234, 6)
    expect(yMm).toBeCloseTo(567, 6)
  })
})

describe('a container’s lines', () => {
  /** All heights in a path, upwards positive. */
  const heights = (path: string) =>
    [...path.matchAll(/[MLVH,\s](-?\d+(?:\.\d+)?)/g)].map((found) => Number(found[1]))
  const extent = (path: string) => {
    const points = [...path.matchAll(/(-?[\d.]+)[ ,](-?[\d.]+)/g)].map(
      (found) => [Number(found[1]), Number(found[2])] as const,
    )
    const xs = points.map(([x]) => x)
    const ys = points.map(([, y]) => y)
    return {
      width: Math.max(...xs) - Math.min(...xs),
      high: -Math.min(...ys),
      low: -Math.max(...ys),
    }
  }
  const WALL_MM = 5

  test.each(['pot', 'bucket', 'halfBarrel', 'fabricBag', 'box', 'sunkenPot'] as const)(
    'of a %s reach from its floor to its rim, as wide as it is inside',
    (type) => {
      const container = made(type)
      const { hollow, mixes } = potForm(container, WALL_MM)
      const rimMm = standingRimMm(container)
      expect(extent(hollow).high).toBeCloseTo(rimMm, 2)
      expect(extent(hollow).width).toBeCloseTo(
        Math.max(
          innerSizeMm(container.shape, rimMm).lengthMm,
          innerSizeMm(container.shape, 0).lengthMm,
        ),
        2,
      )
      expect(extent(mixes.join('')).high).toBeCloseTo(container.fillMm, 2)
    },
  )
  test('a reservoir’s water stands up to the overflow, the mix on the false floor and in its feet', () => {
    const container = made('reservoirBox')
    const { water, mixes, overflow } = potForm(container, WALL_MM)
    expect(extent(water).high).toBeCloseTo(container.reservoir!.overflowMm, 2)
    expect(overflow!.y).toBe(-container.reservoir!.overflowMm)
    expect(extent(mixes[0]!).high).toBeCloseTo(container.fillMm, 2)
    const wick = potForm(
      { ...container, reservoir: { ...container.reservoir!, feeding: 'wick' } },
      WALL_MM,
    )
    expect(extent(wick.mixes[0]!).low).toBeCloseTo(container.reservoir!.falseFloorMm, 2)
  })
  test('a tower has a region of mix a tier when its pots are stacked, else one', () => {
    expect(potForm(made('tower'), WALL_MM).mixes).toHaveLength(5)
    const column = made('tower', { tower: { tiers: 5, pocketsPerTier: 4 } })
    expect(potForm(column, WALL_MM).mixes).toHaveLength(1)
  })
  test('layers lie on each other, the mix above both', () => {
    const container = made('deepBox')
    const { filler, poorSoil, mixes } = potForm(container, WALL_MM)
    expect(extent(filler).high).toBeCloseTo(extent(poorSoil).low, 6)
    expect(extent(poorSoil).high).toBeCloseTo(extent(mixes[0]!).low, 6)
  })
  test('rings stand on their bag, one beside the other', () => {
    const bag = made('flatBag')
    const { ringWalls, topMm } = potForm(bag, WALL_MM)
    expect(heights(ringWalls).length).toBeGreaterThan(bag.rings!.count * 4)
    expect(topMm).toBe(bag.fillMm + bag.rings!.heightMm)
    expect(extent(ringWalls).low).toBeCloseTo(bag.fillMm, 6)
  })
  test('a rolled wall ends where it is rolled to; what is sunk goes on below', () => {
    const rolled = potForm(made('fabricBag', { rolledMm: 100, fillMm: 170 }), WALL_MM)
    expect(rolled.rolls).toHaveLength(2)
    expect(extent(rolled.hollow).high).toBeCloseTo(200, 6)
    expect(potForm(made('sunkenPot'), WALL_MM).earth).not.toBe('')
    expect(potForm(made('pot'), WALL_MM)).toMatchObject({
      earth: '',
      rolls: [],
      water: '',
      filler: '',
    })
  })
  test('so many parts have their middles evenly across', () => {
    expect(middles(1, 300)).toEqual([0])
    expect(middles(4, 400)).toEqual([-150, -50, 50, 150])
  })
})
