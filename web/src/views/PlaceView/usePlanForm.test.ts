import { describe, expect, test } from '@jest/globals'
import { planSchema, rectangularPlan, type Plan } from '@rimbo/core'
import { usePlanForm } from './usePlanForm'

const balcony: Plan = {
  ...rectangularPlan({ widthMm: 4800, depthMm: 1700, facingDeg: 205 }),
  door: { sideIndex: 0, fromMm: 300, widthMm: 900 },
  slab: { heightMm: 2600, toYMm: 1200 },
  skyline: [{ fromDeg: 115, toDeg: 295, elevationDeg: 18 }],
  allowedKnM2: 3,
  shelves: [
    { id: 's', name: 'Rack', xMm: 4000, yMm: 200, lengthMm: 800, widthMm: 300, heightMm: 700 },
  ],
}
const faultAt = (form: ReturnType<typeof usePlanForm>, path: string) =>
  form.faults.value[path]?.code

describe('the form of a space', () => {
  test('untouched, gives back the plan it was opened on', () => {
    expect(usePlanForm(balcony).plan.value).toEqual(balcony)
    const bent: Plan = {
      ...balcony,
      corners: [...balcony.corners.slice(0, 3), { xMm: 1000, yMm: 2500 }, balcony.corners[3]!],
      sides: [...balcony.sides, { kind: 'wall', heightMm: 900 }],
    }
    expect(usePlanForm(bent).plan.value).toEqual(bent)
    expect(usePlanForm(bent).typed.isFree).toBe(true)
  })
  test('in whatever language it is typed, to the last figure', () => {
    const points = 'N NNO NO ONO O OSO SO SSO S SSW SW WSW W WNW NW NNW'.split(' ')
    const exact: Plan = {
      ...balcony,
      allowedKnM: 1.125,
      shelves: balcony.shelves.map((shelf) => ({ ...shelf, limitKg: 12.375 })),
    }
    const form = usePlanForm(exact, { system: 'metric', decimal: 'comma', points })
    expect(form.typed.allowedEdge).toBe('1,125')
    expect(form.plan.value).toEqual(exact)
  })
  test('a new one starts from a plan that can be kept', () => {
    const { plan } = usePlanForm(undefined)
    expect(planSchema.safeParse(plan.value).success).toBe(true)
  })
  test('follows what is typed', () => {
    const form = usePlanForm(balcony)
    Object.assign(form.typed, { widthMm: 3000, depthMm: 1200, facing: 'W', allowed: '60 psf' })
    const plan = form.plan.value!
    expect(plan.corners[2]).toEqual({ xMm: 3000, yMm: 1200 })
    expect(plan.facingDeg).toBe(270)
    expect(plan.allowedKnM2).toBeCloseTo(2.87, 2)
    form.typed.allowed = ''
    expect(form.plan.value!.allowedKnM2).toBeUndefined()
    form.typed.hasSlab = false
    form.typed.hasDoor = false
    expect(form.plan.value).toMatchObject({ slab: undefined, door: undefined })
  })
  test('a skyline is three thirds of what one looks out to, through north too', () => {
    const form = usePlanForm({ ...balcony, facingDeg: 10, skyline: [] })
    form.typed.skyline = ['25', '5', '12']
    expect(form.plan.value!.skyline).toEqual([
      { fromDeg: 280, toDeg: 340, elevationDeg: 25 },
      { fromDeg: 340, toDeg: 40, elevationDeg: 5 },
      { fromDeg: 40, toDeg: 100, elevationDeg: 12 },
    ])
    expect(usePlanForm(form.plan.value).typed.skyline).toEqual(['25', '5', '12'])
  })
  test('a finer skyline from a file stays as it was until it is typed over', () => {
    const fine = [10, 20, 30, 40].map((elevationDeg, index) => ({
      fromDeg: 120 + index * 40,
      toDeg: 160 + index * 40,
      elevationDeg,
    }))
    const form = usePlanForm({ ...balcony, skyline: fine })
    expect(form.plan.value!.skyline).toEqual(fine)
    form.typed.skyline[1] = '33'
    expect(form.plan.value!.skyline).toHaveLength(3)
  })
  test.each<[string, (form: ReturnType<typeof usePlanForm>) => unknown, string, string]>([
    ['a direction', (form) => (form.typed.facing = 'up'), 'facingDeg', 'badBearing'],
    ['a load', (form) => (form.typed.allowed = 'plenty'), 'allowedKnM2', 'badLoad'],
    ['a load along the edge', (form) => (form.typed.allowedEdge = 'x'), 'allowedKnM', 'wrongType'],
    ['a width', (form) => (form.typed.widthMm = undefined), 'corners.1.xMm', 'wrongType'],
    ['a floor', (form) => (form.typed.depthMm = 10), 'corners', 'spaceTooSmall'],
    ['a skyline', (form) => (form.typed.skyline[2] = '95'), 'skyline.2.elevationDeg', 'tooBig'],
    ['a door', (form) => (form.typed.doorSide = '2'), 'door.sideIndex', 'doorInNoWall'],
    ['a door', (form) => (form.typed.doorFromMm = 4500), 'door.fromMm', 'doorBesideWall'],
    ['a slab', (form) => (form.typed.slabHeightMm = 10), 'slab.heightMm', 'tooSmall'],
    [
      'a wall',
      (form) => Object.assign(form.typed.sides[1]!, { kind: 'wall', heightMm: -1 }),
      'sides.1.heightMm',
      'tooSmall',
    ],
    [
      'a shelf',
      (form) => (form.typed.shelves[0]!.limitText = 'lots'),
      'shelves.0.limitKg',
      'wrongType',
    ],
    ['a shelf', (form) => (form.typed.shelves[0]!.name = ' '), 'shelves.0.name', 'tooSmall'],
  ])('%s that cannot be is a fault at its field', (_, spoil, path, code) => {
    const form = usePlanForm(balcony)
    spoil(form)
    expect(faultAt(form, path)).toBe(code)
    expect(form.plan.value).toBeUndefined()
  })
  test('corners are added in the middle of a side, moved in steps, and taken away', () => {
    const form = usePlanForm({ ...balcony, door: undefined })
    form.moveCorner(2, { xMm: 4012, yMm: 1689 })
    expect(form.typed.isFree).toBe(true)
    expect(form.plan.value!.corners[2]).toEqual({ xMm: 4000, yMm: 1700 })
    form.addCorner(1)
    expect(form.plan.value!.corners).toHaveLength(5)
    expect(form.plan.value!.corners[2]).toEqual({ xMm: 4400, yMm: 850 })
    expect(form.plan.value!.sides[2]).toEqual(form.plan.value!.sides[1])
    form.removeCorner(2)
    expect(form.plan.value!.corners).toHaveLength(4)
    form.moveCorner(2, { xMm: -500, yMm: 800 })
    form.moveCorner(3, { xMm: 3000, yMm: 1700 })
    expect(faultAt(form, 'corners')).toBe('outlineCrosses')
  })
  test('a shelf is added without a figure, and none is made up', () => {
    const form = usePlanForm({ ...balcony, shelves: [] })
    form.addShelf('Shelf')
    expect(form.plan.value!.shelves[0]).toMatchObject({ name: 'Shelf', limitKg: undefined })
    form.typed.shelves[0]!.limitText = '25'
    expect(form.plan.value!.shelves[0]!.limitKg).toBe(25)
  })
  test('back to a rectangle, it has four sides again', () => {
    const form = usePlanForm({ ...balcony, door: undefined })
    form.setFree(true)
    form.addCorner(0)
    form.setFree(false)
    expect(form.plan.value!.corners).toHaveLength(4)
    expect(form.plan.value!.sides).toHaveLength(4)
  })
})
