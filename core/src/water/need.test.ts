import { describe, expect, test } from '@jest/globals'
import { catalogue } from '../plant'
import { mulchFactor, waterNeedL, type WaterDemand } from '.'

const bare: WaterDemand = {
  referenceMm: 5,
  rainMm: 0,
  rainReaches: true,
  plants: [],
  exposure: 'sheltered',
  surfaceM2: 0.1,
  mulchMm: 0,
  material: 'plastic',
  wallM2: 0.4,
}
const plant = { canopyM2: 0.2, basalCoefficient: 1.1, count: 1 }

describe('a day’s water by hand', () => {
  test('5 mm from 0.1 m² of bare mix is half a litre', () => {
    expect(waterNeedL(bare).waterL).toBeCloseTo(0.5, 12)
  })
  test('leaves of 0.2 m² at 1.1 draw 1.1 L and shade half the surface', () => {
    const need = waterNeedL({ ...bare, plants: [plant] })
    expect(need.transpirationL).toBeCloseTo(1.1, 12)
    expect(need.surfaceL).toBeCloseTo(0.25, 12)
  })
  test('wind at a rail draws 1.4 times as much through the leaves', () => {
    expect(waterNeedL({ ...bare, plants: [plant], exposure: 'windy' }).transpirationL).toBeCloseTo(
      1.54,
      12,
    )
  })
  test('a fabric wall gives off water, a glazed one none', () => {
    expect(waterNeedL({ ...bare, material: 'fabric' }).wallL).toBeGreaterThan(0)
    expect(waterNeedL({ ...bare, material: 'glazed' }).wallL).toBe(0)
  })
  test('3 mm of rain on 0.1 m² brings 0.3 L; under a slab none; never less than nothing', () => {
    expect(waterNeedL({ ...bare, rainMm: 3 }).waterL).toBeCloseTo(0.2, 12)
    expect(waterNeedL({ ...bare, rainMm: 3, rainReaches: false }).waterL).toBeCloseTo(0.5, 12)
    expect(waterNeedL({ ...bare, rainMm: 50 }).waterL).toBe(0)
  })
  test('the parts add up', () => {
    const need = waterNeedL({
      ...bare,
      plants: [plant, plant],
      material: 'fabric',
      rainMm: 1,
      mulchMm: 30,
    })
    expect(need.transpirationL + need.surfaceL + need.wallL - need.rainL).toBeCloseTo(
      need.waterL,
      12,
    )
  })
})

test('mulch: none 1, 2.5 cm 0.5, 5 cm and more 0.3 (memory), between them in a line', () => {
  expect([0, 25, 50, 120].map(mulchFactor)).toEqual([1, 0.5, 0.3, 0.3])
  expect(mulchFactor(12.5)).toBeCloseTo(0.75, 12)
})

test('a full-size vine drinks 2–4 L on a hot day (practice)', () => {
  const vine = catalogue.find((one) => one.id === 'moneymaker')!
  const { waterL } = waterNeedL({
    ...bare,
    referenceMm: 6.5,
    exposure: 'open',
    mulchMm: 25,
    plants: [{ canopyM2: vine.matureCanopyM2 * 0.86 ** (2 / 3), basalCoefficient: 1.1, count: 1 }],
  })
  expect(waterL).toBeGreaterThan(2)
  expect(waterL).toBeLessThan(4)
})
