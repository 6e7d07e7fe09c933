// Every kind of container: what it holds, for whom.
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { made } from '../../test/made'
import {
  bodyVolumeL,
  containerSchema,
  containerTypes,
  containerVolumes,
  mixBody,
  rootVolumeReasons,
  shapeVolumeL,
  typicalContainer,
  type Container,
} from '.'

const faultPath = (container: Container) =>
  containerSchema.safeParse(container).error?.issues[0]?.path.join('.')

describe('half barrel', () => {
  // Oughtred, Clavis mathematicae 1631: a cask is the length × (2 D² + d²) × π / 12.
  test('is half of a cask by Oughtred’s rule', () => {
    const [belly, head, halfLength] = [690, 560, 475]
    const half = shapeVolumeL({
      kind: 'barrel',
      topDiameterMm: belly,
      bottomDiameterMm: head,
      heightMm: halfLength,
    })
    const cask = (2 * halfLength * Math.PI * (2 * belly ** 2 + head ** 2)) / 12 / 1e6
    expect(half).toBeCloseTo(cask / 2, 9)
  })
  // From memory: a Bordeaux barrel of 225 L is about 0.88 m long, 0.65 m at the belly, 0.53 m at the head, inside.
  test('of a 225 L wine barrel holds about 112 L', () => {
    const half = shapeVolumeL({
      kind: 'barrel',
      topDiameterMm: 620,
      bottomDiameterMm: 520,
      heightMm: 420,
    })
    expect(half / 112.5).toBeGreaterThan(0.93)
    expect(half / 112.5).toBeLessThan(1.07)
  })
  test('holds more than the straight frustum between the same ends', () => {
    const ends = { topDiameterMm: 660, bottomDiameterMm: 550, heightMm: 400 }
    expect(shapeVolumeL({ kind: 'barrel', ...ends })).toBeGreaterThan(
      shapeVolumeL({ kind: 'round', ...ends }),
    )
  })
})

describe('what is in a container', () => {
  test('reservoir box: water below, mix above, and the feet counted once', () => {
    const box = made('reservoirBox', {
      shape: {
        kind: 'rectangular',
        topLengthMm: 500,
        topWidthMm: 400,
        bottomLengthMm: 500,
        bottomWidthMm: 400,
        heightMm: 300,
      },
      fillMm: 280,
      reservoir: {
        falseFloorMm: 80,
        overflowMm: 60,
        feeding: 'foot',
        footCount: 2,
        footDiameterMm: 100,
      },
    })
    const footMm2 = 2 * Math.PI * 50 ** 2
    const volumes = containerVolumes(box)
    expect(volumes.reservoirL).toBeCloseTo((200_000 - footMm2) * 60e-6, 9)
    expect(volumes.wetFootL).toBeCloseTo(footMm2 * 60e-6, 9)
    expect(volumes.fillVolumeL).toBeCloseTo(200_000 * 200e-6 + footMm2 * 80e-6, 9)
    expect(volumes.rootVolumeL).toBeCloseTo(volumes.fillVolumeL - volumes.wetFootL, 9)
    expect(mixBody(box).waterTableMm).toBe(60)
    const wick = made('reservoirBox', {
      ...box,
      reservoir: { ...box.reservoir!, feeding: 'wick' },
    })
    expect(containerVolumes(wick).fillVolumeL).toBeCloseTo(40, 9)
    expect(containerVolumes(wick).reservoirL).toBeCloseTo(12, 9)
  })
  test('a tower of 5 tiers × 4 pockets of 1.6 L is 32 L in twenty roots’ rooms', () => {
    const volumes = containerVolumes(typicalContainer('tower'))
    expect(volumes.fillVolumeL).toBeCloseTo(32, 9)
    expect(volumes.cells).toBe(20)
    const column = made('tower', { tower: { tiers: 5, pocketsPerTier: 4 } })
    expect(containerVolumes(column).fillVolumeL).toBeCloseTo((Math.PI * 90_000 * 700) / 4e6, 9)
  })
  test('rings add to a flat bag, whose label speaks of the bag alone', () => {
    const bag = made('flatBag')
    const bare = containerVolumes({ ...bag, rings: undefined })
    const volumes = containerVolumes(bag)
    expect(volumes.labelledVolumeL).toBe(bare.rimVolumeL)
    expect(volumes.fillVolumeL).toBeGreaterThan(bare.fillVolumeL + 15)
  })
  test('without rings only what is cut out of the film is open', () => {
    const { rings: _, ...bag } = made('flatBag', { cutOuts: { count: 3, diameterMm: 200 } })
    expect(containerVolumes(bag).surfaceM2).toBeCloseTo(3 * Math.PI * 0.01, 9)
    expect(faultPath({ ...bag, cutOuts: { count: 4, diameterMm: 300 } })).toBe('cutOuts.diameterMm')
  })
  test('deep box: of filler nothing counts, of poor soil half', () => {
    const box = made('deepBox')
    const plan = 1.2 * 0.6
    expect(containerVolumes(box).fillVolumeL).toBeCloseTo(plan * 280, 6)
    expect(containerVolumes(box).rootVolumeL).toBeCloseTo(plan * (280 + 40), 6)
  })
  test('a liner takes from a basket, and is no longer there at 0', () => {
    const basket = made('basket', { linerMm: 0 })
    const lined = containerVolumes({ ...basket, linerMm: 15 })
    expect(lined.fillVolumeL).toBeLessThan(containerVolumes(basket).fillVolumeL * 0.85)
  })
  test('sunken: the earth below the cut floor is added, and said', () => {
    const sunken = made('sunkenPot')
    const { earthL, rootVolumeL, fillVolumeL } = containerVolumes(sunken)
    expect(earthL).toBeCloseTo((Math.PI * 0.32 ** 2 * 0.4 * 0.3 * 1000) / 4, 6)
    expect(rootVolumeL).toBeCloseTo(fillVolumeL + earthL, 9)
    const codes = rootVolumeReasons(sunken).map(({ code }) => code)
    expect(codes).toContain('root.earth')
  })
  test('poured litres go before the tape, for mix and reservoir alike', () => {
    const bucket = made('bucket')
    const by = containerVolumes(bucket)
    const poured = containerVolumes({ ...bucket, pourTest: { rimVolumeL: by.rimVolumeL * 0.9 } })
    expect(poured.rimVolumeL).toBeCloseTo(by.rimVolumeL * 0.9, 9)
    expect(poured.fillVolumeL).toBeCloseTo(by.fillVolumeL * 0.9, 9)
  })
  test('a bag rolled half down holds what stands, and says what it will hold', () => {
    const bag = made('fabricBag', { rolledMm: 150, fillMm: 120 })
    expect(containerVolumes(bag).rimVolumeL).toBeCloseTo((Math.PI * 3.6 ** 2 * 1.5) / 4, 6)
    const rolled = rootVolumeReasons(bag).find(({ code }) => code === 'root.rolled')
    expect(rolled!.params['unrolledL']).toBeCloseTo((Math.PI * 3.6 ** 2 * 2.7) / 4, 6)
  })
  test('never more mix than container, nor more roots than mix and earth, whatever the size', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...containerTypes),
        fc.double({ min: 0.6, max: 1.6, noNaN: true }),
        (type, size) => {
          const typical = made(type)
          const grow = (value: unknown): unknown =>
            typeof value === 'number' ? value * size : value
          const shape = Object.fromEntries(
            Object.entries(typical.shape).map(([key, value]) => [key, grow(value)]),
          ) as Container['shape']
          const one = { ...typical, shape, fillMm: typical.fillMm * size }
          if (!containerSchema.safeParse(one).success) return
          const volumes = containerVolumes(one)
          expect(volumes.fillVolumeL).toBeGreaterThan(0)
          expect(volumes.fillVolumeL + volumes.reservoirL).toBeLessThanOrEqual(
            volumes.rimVolumeL + 1e-9,
          )
          expect(volumes.rootVolumeL).toBeLessThanOrEqual(
            volumes.rimVolumeL + volumes.earthL + 1e-9,
          )
          expect(bodyVolumeL(mixBody(one))).toBeGreaterThan(0)
        },
      ),
    )
  })
})

describe('usual kinds are as the trade has them (practice)', () => {
  const fillL = (type: Parameters<typeof typicalContainer>[0]) =>
    containerVolumes(typicalContainer(type)).fillVolumeL
  test('a half barrel holds 100–130 L, 25–35 US gallons', () => {
    const { rimVolumeL } = containerVolumes(typicalContainer('halfBarrel'))
    expect(rimVolumeL / 3.785411784).toBeGreaterThan(25)
    expect(rimVolumeL / 3.785411784).toBeLessThan(35)
  })
  test('a flat bag is sold as 40–60 L', () => {
    const { labelledVolumeL } = containerVolumes(typicalContainer('flatBag'))
    expect(labelledVolumeL).toBeGreaterThan(40)
    expect(labelledVolumeL).toBeLessThan(60)
  })
  test('mix is filled 2.5–8 cm below the rim, where there is a rim', () => {
    for (const type of ['pot', 'bucket', 'halfBarrel', 'fabricBag', 'box', 'deepBox'] as const) {
      const { headspaceMm } = containerVolumes(typicalContainer(type))
      expect(headspaceMm).toBeGreaterThanOrEqual(25)
      expect(headspaceMm).toBeLessThanOrEqual(80)
    }
  })
  test('good mix in a deep box is the top 25–30 cm', () => {
    const { fillMm, layers } = typicalContainer('deepBox')
    const goodMm = fillMm - layers!.fillerMm - layers!.poorSoilMm
    expect(goodMm).toBeGreaterThanOrEqual(250)
    expect(goodMm).toBeLessThanOrEqual(300)
  })
  test('of a sunken pot a third to a half of the floor is cut, a quarter to a half sunk', () => {
    const { sunken, baseHeightMm, shape } = typicalContainer('sunkenPot')
    expect(sunken!.floorCutShare).toBeGreaterThanOrEqual(1 / 3)
    expect(sunken!.floorCutShare).toBeLessThanOrEqual(1 / 2)
    const heightMm = shape.kind === 'round' ? shape.heightMm : 0
    expect(-baseHeightMm / heightMm).toBeGreaterThanOrEqual(1 / 4)
    expect(-baseHeightMm / heightMm).toBeLessThanOrEqual(1 / 2)
  })
  test('a reservoir box keeps several days of water beside more mix than a bucket', () => {
    expect(containerVolumes(typicalContainer('reservoirBox')).reservoirL).toBeGreaterThan(8)
    expect(fillL('reservoirBox')).toBeGreaterThan(fillL('bucket'))
  })
})

describe('bad measures stand at their field', () => {
  const reservoir = typicalContainer('reservoirBox').reservoir!
  test.each<[string, Container, string]>([
    [
      'an overflow above the false floor',
      made('reservoirBox', { reservoir: { ...reservoir, overflowMm: 120 } }),
      'reservoir.overflowMm',
    ],
    [
      'a false floor above the mix',
      made('reservoirBox', { reservoir: { ...reservoir, falseFloorMm: 300 } }),
      'reservoir.falseFloorMm',
    ],
    [
      'feet wider than the floor',
      made('reservoirBox', { reservoir: { ...reservoir, footDiameterMm: 290 } }),
      'reservoir.footDiameterMm',
    ],
    [
      'no mix over the layers',
      made('deepBox', { layers: { fillerMm: 300, poorSoilMm: 300 } }),
      'layers.poorSoilMm',
    ],
    [
      'rings wider than their bag',
      made('flatBag', { rings: { ...typicalContainer('flatBag').rings!, count: 6 } }),
      'rings.bottomDiameterMm',
    ],
    ['a bag rolled away', made('fabricBag', { rolledMm: 290 }), 'rolledMm'],
    ['a fill above the rolled rim', made('fabricBag', { rolledMm: 100 }), 'fillMm'],
    ['a liner that leaves nothing', made('basket', { linerMm: 80, fillMm: 60 }), 'linerMm'],
  ])('%s', (_, container, path) => expect(faultPath(container)).toBe(path))
})
