import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import {
  innerSizeMm,
  rimHeightMm,
  sectionAreaMm2,
  shapeSchema,
  shapeVolumeL,
  sideProfile,
  wallAreaM2,
  type Shape,
} from '.'

const INCH = 25.4
const size = fc.double({ min: 50, max: 1000, noNaN: true })
const anyShape: fc.Arbitrary<Shape> = fc.oneof(
  fc.record({
    kind: fc.constant('round' as const),
    topDiameterMm: size,
    bottomDiameterMm: size,
    heightMm: size,
  }),
  fc.record({
    kind: fc.constant('rectangular' as const),
    topLengthMm: size,
    topWidthMm: size,
    bottomLengthMm: size,
    bottomWidthMm: size,
    heightMm: size,
  }),
  fc
    .record({
      kind: fc.constant('bowl' as const),
      diameterMm: size,
      share: fc.double({ min: 0.1, max: 1, noNaN: true }),
    })
    .map(({ kind, diameterMm, share }) => ({ kind, diameterMm, depthMm: diameterMm * share })),
)
const share = fc.double({ min: 0.02, max: 1, noNaN: true })

describe('volumes by hand', () => {
  test('a cylinder of 12 in by 12 in holds 22.24 L', () => {
    const shape: Shape = {
      kind: 'round',
      topDiameterMm: 12 * INCH,
      bottomDiameterMm: 12 * INCH,
      heightMm: 12 * INCH,
    }
    expect(shapeVolumeL(shape)).toBeCloseTo(22.24, 2)
  })
  test('a cone frustum is πh/3 (R² + Rr + r²)', () => {
    const shape: Shape = { kind: 'round', topDiameterMm: 450, bottomDiameterMm: 320, heightMm: 400 }
    const [R, r, h] = [2.25, 1.6, 4]
    expect(shapeVolumeL(shape)).toBeCloseTo(((Math.PI * h) / 3) * (R * R + R * r + r * r), 9)
  })
  test('a trough with one tapered side is its mean width', () => {
    const shape: Shape = {
      kind: 'rectangular',
      topLengthMm: 1000,
      bottomLengthMm: 1000,
      topWidthMm: 300,
      bottomWidthMm: 200,
      heightMm: 200,
    }
    expect(shapeVolumeL(shape)).toBeCloseTo(50, 9)
  })
  test('a box that tapers to a line and one to a point: wedge and pyramid', () => {
    const base = { kind: 'rectangular' as const, topLengthMm: 300, topWidthMm: 300, heightMm: 300 }
    expect(shapeVolumeL({ ...base, bottomLengthMm: 0, bottomWidthMm: 0 })).toBeCloseTo(9, 9)
    expect(shapeVolumeL({ ...base, bottomLengthMm: 300, bottomWidthMm: 0 })).toBeCloseTo(13.5, 9)
  })
  test('a hemisphere is ⅔πr³ and half of it is 5/24 πr³', () => {
    const shape: Shape = { kind: 'bowl', diameterMm: 400, depthMm: 200 }
    expect(shapeVolumeL(shape)).toBeCloseTo((2 / 3) * Math.PI * 8, 9)
    expect(shapeVolumeL(shape, 100)).toBeCloseTo((5 / 24) * Math.PI * 8, 9)
  })
  test('a shallow bowl is πh(3a² + h²)/6', () => {
    const [a, h] = [1.75, 1.5]
    const shape: Shape = { kind: 'bowl', diameterMm: 350, depthMm: 150 }
    expect(shapeVolumeL(shape)).toBeCloseTo((Math.PI * h * (3 * a * a + h * h)) / 6, 9)
  })
  test('walls: a cylinder is πdh, a hemisphere 2πr²', () => {
    const bag: Shape = { kind: 'round', topDiameterMm: 400, bottomDiameterMm: 400, heightMm: 300 }
    expect(wallAreaM2(bag, 300)).toBeCloseTo(Math.PI * 0.4 * 0.3, 9)
    expect(wallAreaM2({ kind: 'bowl', diameterMm: 400, depthMm: 200 }, 200)).toBeCloseTo(
      2 * Math.PI * 0.04,
      9,
    )
  })
})

describe('any shape', () => {
  test('its volume is the sum of its sections', () => {
    fc.assert(
      fc.property(anyShape, share, (shape, filled) => {
        const fillMm = rimHeightMm(shape) * filled
        const slices = 400
        let sumL = 0
        for (let slice = 0; slice < slices; slice++)
          sumL += (sectionAreaMm2(shape, ((slice + 0.5) * fillMm) / slices) * fillMm) / slices / 1e6
        expect(shapeVolumeL(shape, fillMm) / sumL).toBeCloseTo(1, 4)
      }),
    )
  })
  test('more fill is more volume, and twice the size is eight times the volume', () => {
    fc.assert(
      fc.property(anyShape, share, share, (shape, one, other) => {
        const [low, high] = [Math.min(one, other), Math.max(one, other)].map(
          (way) => way * rimHeightMm(shape),
        )
        expect(shapeVolumeL(shape, high)).toBeGreaterThanOrEqual(shapeVolumeL(shape, low) - 1e-9)
        const double = Object.fromEntries(
          Object.entries(shape).map(([name, value]) => [
            name,
            typeof value === 'number' ? value * 2 : value,
          ]),
        ) as unknown as Shape
        expect(shapeVolumeL(double) / shapeVolumeL(shape)).toBeCloseTo(8, 6)
      }),
    )
  })
  test('its drawn profile ends at the rim with the rim’s length', () => {
    fc.assert(
      fc.property(anyShape, (shape) => {
        const last = sideProfile(shape).at(-1)!
        expect(last.zMm).toBeCloseTo(rimHeightMm(shape), 9)
        expect(2 * last.halfLengthMm).toBeCloseTo(
          innerSizeMm(shape, rimHeightMm(shape)).lengthMm,
          6,
        )
      }),
    )
  })
})

describe('bad shapes are refused at their field', () => {
  const pot = { kind: 'round', topDiameterMm: 300, bottomDiameterMm: 250, heightMm: 300 }
  test.each([
    ['zero', { ...pot, heightMm: 0 }, 'heightMm'],
    ['negative', { ...pot, topDiameterMm: -300 }, 'topDiameterMm'],
    ['20 m', { ...pot, topDiameterMm: 20_000 }, 'topDiameterMm'],
    ['bottom wider than sense', { ...pot, bottomDiameterMm: 500 }, 'bottomDiameterMm'],
    ['not a number', { ...pot, heightMm: NaN }, 'heightMm'],
    ['missing', { kind: 'round', topDiameterMm: 300, heightMm: 300 }, 'bottomDiameterMm'],
    ['basket deeper than wide', { kind: 'bowl', diameterMm: 200, depthMm: 300 }, 'depthMm'],
  ])('%s', (_, shape, field) => {
    const result = shapeSchema.safeParse(shape)
    expect(result.error?.issues[0]?.path).toEqual([field])
  })
  test('a fill over the rim', () => {
    const shape = shapeSchema.parse(pot)
    expect(() => shapeVolumeL(shape, 301)).toThrow(expect.objectContaining({ code: 'fillOverRim' }))
    expect(() => sectionAreaMm2(shape, -1)).toThrow(expect.objectContaining({ code: 'negative' }))
  })
})
