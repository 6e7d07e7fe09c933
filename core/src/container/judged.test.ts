// Mass, drainage, heat and food safety of a container.
import { describe, expect, test } from '@jest/globals'
import { made } from '../../test/made'
import {
  containerMass,
  drainagePlan,
  foodSafety,
  judgeHeat,
  rootZonePeakC,
  type Container,
  type ContainerType,
} from '.'

describe('mass', () => {
  const mix = { dryDensityGL: 200, containerCapacity: 0.5 }
  test('mix by its bulk density, water a kilo a litre, wall by its own', () => {
    // A steel cylinder 1 m across and high, 1 mm thick: π of wall and π/4 of floor, 7.85 kg/m² a mm.
    const drum = made('pot', {
      shape: { kind: 'round', topDiameterMm: 1000, bottomDiameterMm: 1000, heightMm: 1000 },
      fillMm: 1000,
      wallMm: 1,
      material: 'metal',
    })
    const volumeL = (Math.PI * 1000) / 4
    const mass = containerMass(drum, mix, 4)
    expect(mass.emptyKg).toBeCloseTo(1.25 * Math.PI * 7.85, 6)
    expect(mass.dryKg - mass.emptyKg).toBeCloseTo(volumeL * 0.2, 6)
    expect(mass.wateredKg - mass.dryKg).toBeCloseTo(volumeL * 0.5, 6)
    expect(mass.grownKg - mass.wateredKg).toBe(4)
  })
  test('an empty 19 L bucket weighs about 0.7 kg (practice)', () => {
    expect(containerMass(made('bucket'), undefined, 0).emptyKg).toBeGreaterThan(0.5)
    expect(containerMass(made('bucket'), undefined, 0).emptyKg).toBeLessThan(1)
  })
  test('a full reservoir weighs with it, and each step is heavier', () => {
    const box = made('reservoirBox')
    const mass = containerMass(box, mix, 5)
    const steps = [mass.emptyKg, mass.dryKg, mass.plantedKg, mass.wateredKg, mass.grownKg]
    expect([...steps].sort((one, other) => one - other)).toEqual(steps)
    const wick = containerMass({ ...box, reservoir: { ...box.reservoir!, overflowMm: 0 } }, mix, 5)
    expect(mass.wateredKg - wick.wateredKg).toBeGreaterThan(8)
  })
})

describe('drainage', () => {
  test('a 19 L bucket takes 12–18 holes of 6–10 mm (practice)', () => {
    const holes = (count: number, diameterMm: number) =>
      drainagePlan(made('bucket', { holes: { count, diameterMm } })).verdict
    expect(drainagePlan(made('bucket')).count).toBeGreaterThanOrEqual(12)
    expect(drainagePlan(made('bucket')).count).toBeLessThanOrEqual(18)
    expect(holes(15, 8)).toBe('enough')
    expect(holes(1, 8)).toBe('few')
    expect(holes(60, 12)).toBe('many')
  })
  test('holes keep inside the floor and off each other', () => {
    for (const type of ['pot', 'bucket', 'halfBarrel', 'box', 'deepBox'] as const) {
      const plan = drainagePlan(made(type))
      expect(plan.holes.length).toBeGreaterThanOrEqual(plan.count)
      plan.holes.forEach((hole, index) => {
        if (plan.floor.isRound)
          expect(Math.hypot(hole.xMm, hole.yMm)).toBeLessThan(plan.floor.lengthMm / 2)
        expect(Math.abs(hole.xMm)).toBeLessThan(plan.floor.lengthMm / 2)
        expect(Math.abs(hole.yMm)).toBeLessThan(plan.floor.widthMm / 2)
        for (const other of plan.holes.slice(0, index))
          expect(Math.hypot(hole.xMm - other.xMm, hole.yMm - other.yMm)).toBeGreaterThan(
            2 * plan.diameterMm,
          )
      })
    }
  })
  test('fabric needs none, a reservoir has its overflow, a cut floor its earth', () => {
    for (const type of ['fabricBag', 'basket', 'reservoirBox', 'sunkenPot'] as const)
      expect(drainagePlan(made(type))).toMatchObject({ verdict: 'notNeeded', holes: [] })
  })
})

describe('root-zone heat', () => {
  const hot = { tempMaxC: 32, tempMinC: 20, sunHours: 8 }
  const spring = { tempMaxC: 18, tempMinC: 8, sunHours: 7 }
  const peak = (more: Partial<Container>, type: ContainerType = 'bucket') =>
    rootZonePeakC(made(type, more), hot)

  // Memory: dark walls bring the outer root zone 10–15 K over air, pale or fabric ones 3–6 K.
  test('dark walls 10–15 K over the air, pale and fabric ones 3–6 K, each within the stated 4 K', () => {
    const over = (colour: Container['colour'], type: ContainerType = 'bucket') =>
      peak(colour ? { colour } : {}, type).wallC - hot.tempMaxC
    expect(over('black')).toBeGreaterThan(10)
    expect(over('black')).toBeLessThan(15 + 4)
    for (const pale of [over('pale'), over(undefined, 'fabricBag')]) {
      expect(pale).toBeGreaterThan(3 - 4)
      expect(pale).toBeLessThan(6 + 4)
    }
  })
  test('larger swings less, insulation and more white are cooler, more sun is hotter', () => {
    const small = peak({ colour: 'black' })
    const large = rootZonePeakC(made('halfBarrel', { material: 'plastic', colour: 'black' }), hot)
    expect(large.middleC).toBeLessThan(small.middleC)
    expect(peak({ colour: 'black', isInsulated: true }).wallC).toBeLessThan(small.wallC)
    expect(peak({ colour: 'white' }).wallC).toBeLessThan(peak({ colour: 'clay' }).wallC)
    const shaded = rootZonePeakC(made('bucket', { colour: 'black' }), { ...hot, sunHours: 2 })
    expect(shaded.wallC).toBeLessThan(small.wallC)
  })
  test('without sun no wall is hotter than the air', () => {
    const dark = rootZonePeakC(made('bucket', { colour: 'black' }), { ...hot, sunHours: 0 })
    expect(dark.wallC).toBeLessThanOrEqual(hot.tempMaxC)
    expect(dark.meanC).toBeCloseTo(26, 0)
  })
  test('black in full sun cooks (practice); in a cool summer it helps', () => {
    const black = made('bucket', { colour: 'black' })
    expect(judgeHeat(black, hot, spring).verdict).toBe('cooks')
    const cool = { tempMaxC: 21, tempMinC: 12, sunHours: 5 }
    expect(judgeHeat(black, cool, { tempMaxC: 14, tempMinC: 5, sunHours: 5 }).verdict).toBe('helps')
  })
})

test('numbers 2, 4 and 5 are commonly accepted for food, 3 and 6 are not (practice)', () => {
  const verdict = (resinCode?: number) =>
    foodSafety({ material: 'plastic', ...(resinCode ? { resinCode } : {}) }).verdict
  expect([2, 4, 5].map(verdict)).toEqual(['accepted', 'accepted', 'accepted'])
  expect([3, 6].map(verdict)).toEqual(['avoid', 'avoid'])
  expect([undefined, 1, 7].map(verdict)).toEqual(['unknown', 'unknown', 'unknown'])
  expect(foodSafety({ material: 'wood' }).verdict).toBe('unknown')
})
